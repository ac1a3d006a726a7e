import { z } from 'zod';
import { isUuid, ok } from '../base/index.ts';
import {
  asksNothing,
  checkText,
  describe,
  type FieldBehaviour,
  type Kind,
  PEOPLE,
  plainKind,
  textOf,
  textsOf,
  wrong,
} from './kind.ts';
import { keyOfSchema, keySchema, labelSchema } from './schemas.ts';

/** Of what was typed so much is told again. */
const LONGEST_TOLD = 60;
const toldOf = (typed: string): string => (typed.length > LONGEST_TOLD ? `${typed.slice(0, LONGEST_TOLD)}…` : typed);

const notALink = () => wrong('not_a_link', 'This must be the id of a record.');

/** One record of another register, by its id. Whether it stands there, the database says. */
export const link = (register: string): FieldBehaviour => {
  const read = (text: string, otherwise: () => ReturnType<FieldBehaviour['parse']>) => {
    if (text === '') return ok(null);
    const id = text.toLowerCase();
    return isUuid(id) ? ok(id) : otherwise();
  };
  return {
    value: { kind: 'link', register },
    sql: 'uuid',
    column: 'uuid',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: false, asTyped: false, tellsAlike: false, cell: 'edited' },
    // Programs are told what they must send; whoever typed a name is told that it is none of a record.
    parse: (typed) =>
      read(typed, () => wrong('not_a_link', `Nothing that can be chosen is called “${toldOf(typed)}”.`)),
    check: checkText('the id of a record', (text) => read(text, notALink)),
    show: textOf,
    edit: textOf,
  };
};

/** Someone who may sign in: a link to the workspace's people. */
export const person = (): FieldBehaviour => link(PEOPLE);

export const MOST_LINKED = 1000;

/** A list of ids, each once, in the order given. */
export const readIds = (value: unknown, what: string, most: number): ReturnType<FieldBehaviour['check']> => {
  if (value === null) return ok([]);
  if (!Array.isArray(value)) return wrong('wrong_type', `This must be a list of ${what}, not ${describe(value)}.`);
  const ids = value.map((each) => (typeof each === 'string' ? each.toLowerCase() : ''));
  if (!ids.every(isUuid)) return wrong('not_a_link', `This must be a list of the ids of ${what}.`);
  const once = [...new Set(ids)];
  return once.length > most
    ? wrong('too_many', `This can have at most ${most} ${what}, and has ${once.length}.`)
    : ok(once);
};

/** Any number of records of another register, in the order in which they were chosen. */
export const links = (register: string): FieldBehaviour => ({
  value: { kind: 'links', register },
  sql: 'uuid[]',
  column: 'uuid[]',
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: false, asTyped: false, tellsAlike: false, cell: 'edited' },
  parse: (typed) => {
    const ids = typed.split(/[\s,;]+/).filter((word) => word !== '');
    return readIds(ids, 'records', MOST_LINKED);
  },
  check: (value) => readIds(value, 'records', MOST_LINKED),
  show: (value) => textsOf(value).join(', '),
  edit: (value) => textsOf(value).join('; '),
});

/** How a link is called from the other side: the name and label of the records that point there. */
export interface BackName {
  readonly key: string;
  readonly label: string;
}

type LinkType<K extends 'link' | 'links'> = {
  readonly kind: K;
  readonly register: string;
  readonly back?: BackName | undefined;
};

const back = z.strictObject({ key: keySchema, label: labelSchema }).optional();

export const linkKind: Kind<LinkType<'link'>, false> = {
  word: 'link to one',
  schema: z.strictObject({ kind: z.literal('link'), register: keyOfSchema, back }),
  behaviour: ({ register }) => link(register),
  begins: () => ({ kind: 'link', register: '' }),
  inRows: true,
  given: false,
  said: ({ register }, called) => `looks up one of ${called.register(register)}`,
  noted: ({ register }, called) => `link to ${called.register(register)}`,
};

export const linksKind: Kind<LinkType<'links'>, false> = {
  word: 'link to many',
  schema: z.strictObject({ kind: z.literal('links'), register: keyOfSchema, back }),
  behaviour: ({ register }) => links(register),
  begins: () => ({ kind: 'links', register: '' }),
  inRows: true,
  given: false,
  said: ({ register }, called) => `looks up any of ${called.register(register)}`,
  noted: ({ register }, called) => `link to many ${called.register(register)}`,
};

export const personKind = plainKind('person', 'person', false, person);
