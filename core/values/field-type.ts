import { z } from 'zod';
import { choiceKind, choicesKind } from './choice.ts';
import { codeKind } from './code.ts';
import { addressKind, emailKind, webKind } from './contact.ts';
import { durationKind } from './duration.ts';
import { filesKind } from './files.ts';
import type { Called, FieldBehaviour, Kind, TypeOf, ValueContext } from './kind.ts';
import { linkKind, linksKind, personKind } from './link.ts';
import { moneyKind, numberKind, percentKind } from './number.ts';
import { phoneKind } from './phone.ts';
import { positionKind } from './position.ts';
import { type RowsType, rowsKind } from './rows.ts';
import { runningNumberKind } from './running-number.ts';
import { idSchema, keySchema, labelSchema } from './schemas.ts';
import { dateKind, momentKind, timeKind, yesNoKind } from './simple.ts';
import { spanKind } from './span.ts';
import { formattedKind, longTextKind, textKind } from './text.ts';
import { type WorkedOutType, workedOutKind } from './worked-out.ts';

/** A field of a row. */
export interface RowField {
  /** What it is known by for good; none until it is made. */
  readonly id?: string | undefined;
  readonly key: string;
  readonly label: string;
  readonly type: FieldType;
  readonly required: boolean;
}

const rows: Kind<RowsType, false> = rowsKind(
  () => rowFieldSchema,
  (field) => behaviourOf(field.type),
);
const workedOut: Kind<WorkedOutType, false> = workedOutKind(
  () => outcomeTypeSchema,
  (gives) => behaviourOf(gives),
);

/** Every kind of field, a line each, in the order in which they are offered. */
const KINDS = {
  text: textKind,
  long_text: longTextKind,
  formatted: formattedKind,
  number: numberKind,
  money: moneyKind,
  percent: percentKind,
  yes_no: yesNoKind,
  date: dateKind,
  time: timeKind,
  moment: momentKind,
  duration: durationKind,
  span: spanKind,
  choice: choiceKind,
  choices: choicesKind,
  link: linkKind,
  links: linksKind,
  rows,
  person: personKind,
  email: emailKind,
  phone: phoneKind,
  web: webKind,
  address: addressKind,
  position: positionKind,
  files: filesKind,
  code: codeKind,
  running_number: runningNumberKind,
  worked_out: workedOut,
};
type Kinds = typeof KINDS;

export type FieldKindName = keyof Kinds;

/** What kind of value a field holds, by kind, with the settings of that kind. */
type FieldTypes = { readonly [K in FieldKindName]: TypeOf<Kinds[K]> };
export type FieldTypeOf<K extends FieldKindName> = FieldTypes[K];

/** What kind of value a field holds, with the settings of that kind: one branch each. */
export type FieldType = FieldTypes[FieldKindName];

type Given<K> = K extends Kind<infer T, true> ? T : never;

/** The kinds a worked-out field may give, each with its settings. */
export type OutcomeType = Given<Kinds[FieldKindName]>;

const BY_NAME: { readonly [K in FieldKindName]: Kind<FieldTypes[K]> } = KINDS;
const kindCalled = <K extends FieldKindName>(name: K): Kind<FieldTypes[K]> => BY_NAME[name];

export const isKindName = (name: string): name is FieldKindName => Object.hasOwn(KINDS, name);

/** The names of all kinds, in the order in which they are offered. */
export const KIND_NAMES: readonly FieldKindName[] = Object.keys(KINDS).filter(isKindName);

/** A kind in the trade's words. */
export const wordOf = (kind: FieldKindName): string => kindCalled(kind).word;

/** A kind with the settings it begins with. */
export const typeOfKind = (kind: FieldKindName, currency: string): FieldType => kindCalled(kind).begins(currency);

/** A kind with the settings it begins with where a formula gives it. */
export const givenOfKind = (kind: OutcomeType['kind'], currency: string): OutcomeType => givenType(kind, currency);
const givenType = <K extends FieldKindName>(name: K, currency: string): FieldTypes[K] => {
  const kind = kindCalled(name);
  return (kind.beginsGiven ?? kind.begins)(currency);
};

/** Whether rows inside a record can have a kind. */
export const isForRows = (kind: FieldKindName): boolean => kindCalled(kind).inRows;

const isGivenName = (kind: FieldKindName): kind is OutcomeType['kind'] => kindCalled(kind).given;

/** The kinds a worked-out field can give. */
export const GIVEN_KINDS = KIND_NAMES.filter(isGivenName);

const schemasOf = <K extends FieldKindName>(names: readonly K[]): z.ZodType<FieldTypes[K]> => {
  const [first, ...rest] = names.map((name) => kindCalled(name).schema);
  if (!first) throw new Error('There are no such kinds.');
  return z.discriminatedUnion('kind', [first, ...rest]);
};

/** A field's kind with its settings, as definitions write it; in rows; as the outcome of a formula. */
export const fieldTypeSchema: z.ZodType<FieldType> = schemasOf(KIND_NAMES);
const rowTypeSchema: z.ZodType<FieldType> = schemasOf(KIND_NAMES.filter(isForRows));
export const rowFieldSchema: z.ZodType<RowField> = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  type: rowTypeSchema,
  required: z.boolean().default(false),
});
export const outcomeTypeSchema: z.ZodType<OutcomeType> = schemasOf(GIVEN_KINDS);

const sayWith = <K extends FieldKindName>(kind: K, type: FieldTypes[K], called: Called): string => {
  const { said, word } = kindCalled(kind);
  return said ? said(type, called) : word;
};

/** A field's kind as it reads in a sentence: "looks up one of Boats". */
export const sayType = (type: FieldType, called: Called): string => sayWith(type.kind, type, called);

const askWith = <K extends FieldKindName>(kind: K, type: FieldTypes[K], context: ValueContext): string =>
  kindCalled(kind).asked?.(type, context) ?? '';

/** What a field's settings ask of a value: "at most 50 %"; '' where they ask nothing that is said. */
export const sayAsked = (type: FieldType, context: ValueContext): string => askWith(type.kind, type, context);

const noteWith = <K extends FieldKindName>(kind: K, type: FieldTypes[K], called: Called): string => {
  const { noted, word } = kindCalled(kind);
  return noted ? noted(type, called) : word;
};

/** A field's kind in brackets behind its label: "link to Boats". */
export const noteType = (type: FieldType, called: Called): string => noteWith(type.kind, type, called);

const make = <K extends FieldKindName>(kind: K, type: FieldTypes[K]): FieldBehaviour =>
  kindCalled(kind).behaviour(type);

const made = new WeakMap<FieldType, FieldBehaviour>();

/** How a field of this type is parsed, checked, compared, shown and stored; made once per definition. */
export const behaviourOf = (type: FieldType): FieldBehaviour => {
  const found = made.get(type) ?? make(type.kind, type);
  made.set(type, found);
  return found;
};
