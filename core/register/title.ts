import { type SqlTarget, toSqlFormula } from '../expression/index.ts';
import { identifier, type SqlFragment, type SqlType, sql, storedText, tableOf } from '../sql/index.ts';
import {
  behaviourOf,
  choicesBehind,
  columnValue,
  isListType,
  PEOPLE,
  type RowField,
  recordBehind,
  type StoredValue,
  textsOf,
} from '../values/index.ts';
import { type Catalogue, linkedRegister, valueContext, vocabularyOf } from './catalogue.ts';
import type { Register } from './definition.ts';
import { movesWithClock } from './dependants.ts';
import { titleField } from './shown-fields.ts';

/** What a record is called: the one expression that asks for it, and how its answer is said. */
export interface Title {
  /** Over the register's table as the target's alias; null where the record has nothing to be called by. */
  readonly value: (target: SqlTarget) => SqlFragment;
  readonly type: SqlType;
  /** The words for what was selected; where that is nothing, or may not be seen, the record's number. */
  readonly say: (stored: StoredValue, number: string) => string;
  /** Whether it can change with the clock alone. */
  readonly moves: boolean;
}

const NOTHING: Pick<Title, 'value' | 'type' | 'moves'> = { value: () => sql`null::text`, type: 'text', moves: false };

/** So many links are followed until a register's title is a field of its own. */
const MOST_LINKS = 3;

const fieldTitle = (register: Register, field: RowField, catalogue: Catalogue): Title => {
  const formula = vocabularyOf(register, catalogue).names.get(field.key)?.formula;
  const behaviour = behaviourOf(field.type);
  return {
    value: (target) =>
      formula && !formula.stored
        ? toSqlFormula(formula, target)
        : columnValue(identifier(target.alias, field.key), field.type),
    type: behaviour.sql,
    say: (stored, number) => behaviour.show(stored, valueContext(catalogue)) || number,
    moves: formula !== undefined && !formula.stored && movesWithClock(formula),
  };
};

/** A record that is called by a link bears the linked record's title, and its own number: several may link there. */
const linkTitle = (field: RowField, to: Register, catalogue: Catalogue, depth: number): Title => {
  const inner = depth > 0 ? makeTitle(to, catalogue, depth - 1) : { ...NOTHING, say: (_: StoredValue, n: string) => n };
  const alias = `title${depth}`;
  return {
    ...inner,
    type: 'text',
    value: (target) =>
      sql`(select coalesce(${storedText(inner.value({ ...target, alias }), inner.type)}, ${identifier(alias, 'number')}) from ${(target.from ?? tableOf)(to.key)} ${identifier(alias)} where ${identifier(alias, 'id')} = ${identifier(target.alias, field.key)})`,
    say: (stored, number) => {
      if (typeof stored !== 'string') return number;
      const said = inner.say(stored, stored);
      return number === '' ? said : `${said} · ${number}`;
    },
  };
};

const personTitle = (field: RowField): Title => ({
  type: 'text',
  moves: false,
  value: (target) =>
    sql`(select ${identifier('who', 'name')} from ${tableOf(PEOPLE)} ${identifier('who')} where ${identifier('who', 'id')} = ${identifier(target.alias, field.key)})`,
  say: (stored, number) => (typeof stored === 'string' && stored !== '' ? stored : number),
});

const makeTitle = (register: Register, catalogue: Catalogue, depth: number): Title => {
  // What names it may not be seen: then its number does.
  if (register.title !== undefined && register.fields.every(({ key }) => key !== register.title))
    return { ...NOTHING, say: (_, number) => number };
  const field = titleField(register);
  const { type } = field;
  const { value } = behaviourOf(type);
  const behind = recordBehind(value);
  if (behind === PEOPLE) return personTitle(field);
  const target = linkedRegister(type, catalogue);
  if (behind !== null && target) return linkTitle(field, target, catalogue, depth);
  // Rows, files, many links, and a link to what may not be seen call a record nothing.
  const names = isListType(type) && choicesBehind(value) !== null;
  if (behind !== null || (isListType(type) && !names)) return { ...NOTHING, say: (_, number) => number };
  const made = fieldTitle(register, field, catalogue);
  return names
    ? { ...made, say: (stored, number) => (textsOf(stored).length > 0 ? made.say(stored, number) : number) }
    : made;
};

const titles = new WeakMap<Catalogue, Map<string, Title>>();

/** What the records of a register are called, as a catalogue lets it be seen; made once per catalogue. */
export const titleOf = (register: Register, catalogue: Catalogue): Title => {
  const known = titles.get(catalogue) ?? new Map<string, Title>();
  titles.set(catalogue, known);
  const found = known.get(register.key) ?? makeTitle(register, catalogue, MOST_LINKS);
  known.set(register.key, found);
  return found;
};
