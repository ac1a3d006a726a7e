import { foldText, problem, type Result } from '../base/index.ts';
import {
  type Clause,
  checkExpression,
  conditionText,
  findField,
  type Operand,
  readOperand,
  type SayContext,
  testsFor,
  testWords,
  toTest,
} from '../expression/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { recordBehind, type ValueType } from '../values/index.ts';
import { reachVocabulary } from './reach.ts';
import { NO_RIGHTS, type Permission, type Rights, type Role } from './role.ts';
import { DEED_WORDS, fieldLabel, reachContext } from './say-role.ts';
import { everyField } from './seen.ts';

const refused = (detail: string): Result<never> => ({ ok: false, problems: [problem('sentence', [], detail)] });

/** Words as they are compared: case, accents and the two apostrophes aside. */
const fold = (text: string): string => foldText(text).replaceAll('’', "'");

/** What is left of a text behind some words it begins with; null where it does not. */
const behind = (text: string, words: string): string | null => {
  const [whole, begin] = [fold(text), fold(words)];
  if (begin === '' || !whole.startsWith(begin)) return null;
  const rest = whole.slice(begin.length);
  return rest === '' || !/^[\p{L}\p{N}]/u.test(rest) ? text.trim().slice(begin.length) : null;
};

/** The longest of some things that a text begins with by its words, and what is left behind it. */
const longest = <T>(text: string, things: readonly (readonly [words: string, thing: T])[]): [T, string] | null => {
  for (const [words, thing] of things.toSorted(([a], [b]) => b.length - a.length)) {
    const rest = behind(text, words);
    if (rest !== null) return [thing, rest];
  }
  return null;
};

/** A field, through links ("boat’s owner"), at the beginning of a text. */
const readPath = (text: string, context: SayContext): [path: string[], type: ValueType, rest: string] | null => {
  let [path, rest]: [string[], string] = [[], text];
  for (;;) {
    const type = path.length > 0 ? findField(context.vocabulary, path)?.type : undefined;
    const behind = recordBehind(type);
    const names = behind === null ? context.vocabulary.names : context.vocabulary.linked(behind)?.names;
    const named = [...(names?.values() ?? [])].filter((each) => each.type.kind !== 'records');
    const found = longest(
      rest,
      named.map((each) => [each.label, each.name] as const),
    );
    if (!found) return null;
    path = [...path, found[0]];
    const onward = /^['’]s\s+/.exec(found[1]);
    const own = findField(context.vocabulary, path)?.type;
    if (!own) return null;
    if (!onward) return [path, own, found[1].trim()];
    rest = found[1].slice(onward[0].length);
  }
};

/** One clause, such as "owner is me" or "total is over 500". */
const readClause = (text: string, context: SayContext): Result<Clause> => {
  const field = readPath(text.trim(), context);
  if (!field) return refused(`“${text.trim()}” names no field of these records.`);
  const [path, type, rest] = field;
  const kinds = testsFor(type).map((kind) => [testWords(kind, type, 'is'), kind] as const);
  const test = longest(rest, kinds);
  if (!test) return refused(`“${rest}” says nothing that can be said of it.`);
  const [kind, typed] = test;
  const bare = typed.trim().replace(/^“(.*)”$/u, '$1');
  const operand: Operand | null = bare === '' ? null : readOperand(bare, type, context);
  const begun = operand === null ? null : toTest('is', type, context.vocabulary, null);
  if (bare !== '' && operand === null) return refused(`“${bare}” is no value for it.`);
  const made = toTest(kind, type, context.vocabulary, operand === null ? begun : { kind: 'is', values: [operand] });
  return made ? { ok: true, value: { field: path, test: made } } : refused(`“${text.trim()}” is not finished.`);
};

/** A condition as it is said behind a register's name: "whose owner is me and whose state is Open", "that are me". */
const readWhich = (text: string, register: Register, catalogue: Catalogue): Result<string> => {
  const formula = /^for which\s+(.+)$/is.exec(text)?.[1];
  if (formula !== undefined) {
    const checked = checkExpression(formula, reachVocabulary(register, catalogue), { kind: 'condition' });
    return checked.ok ? { ok: true, value: formula } : checked;
  }
  const context = reachContext(register, catalogue);
  const clauses: Clause[] = [];
  const joins = new Set(
    [...text.matchAll(/\s+(and|or)\s+(?=whose\b|that are\b)/gi)].map(([, word]) => word?.toLowerCase()),
  );
  if (joins.size > 1) return refused('Say “and” or “or” throughout, or write it as “for which …” with brackets.');
  for (const part of text.split(/\s+(?:and|or)\s+(?=whose\b|that are\b)/i)) {
    if (/^that are me$/i.test(part.trim())) {
      const itself = recordBehind(findField(context.vocabulary, ['record'])?.type);
      if (itself === null || itself !== context.vocabulary.peopleRegister)
        return refused(`Nobody is one of the ${register.plural}: people are not kept there.`);
      clauses.push({ field: ['record'], test: { kind: 'is', values: [{ kind: 'field', path: ['me', 'record'] }] } });
      continue;
    }
    const said = /^whose\s+(.+)$/is.exec(part.trim())?.[1];
    if (said === undefined) return refused(`Say which: “whose …”, or “that are me”, in place of “${part.trim()}”.`);
    const clause = readClause(said, context);
    if (!clause.ok) return clause;
    clauses.push(clause.value);
  }
  return { ok: true, value: conditionText({ join: joins.has('or') ? 'or' : 'and', clauses }) };
};

/** Fields by their labels, with commas and an "and" between them. */
const readFields = (text: string, register: Register): Result<string[]> => {
  const paths: string[] = [];
  for (const name of text.split(/\s*,\s*|\s+and\s+|\s+or\s+/i)) {
    if (name.trim() === '') continue;
    const found = everyField(register).find(({ path }) => fold(fieldLabel(register, path)) === fold(name));
    if (!found) return refused(`${register.plural} have no field “${name.trim()}”.`);
    paths.push(found.path);
  }
  return { ok: true, value: paths };
};

const DEED_NAMES = (Object.entries(DEED_WORDS) as [Permission, string][]).map(
  ([deed, words]) => [words, deed] as const,
);

/** Another role with other rights on one register. */
export const withRights = (role: Role, register: string, change: (rights: Rights) => Rights): Role => ({
  ...role,
  registers: { ...role.registers, [register]: change(role.registers[register] ?? NO_RIGHTS) },
});

/** Another role from which a field of a register, or of its rows, is hidden too. */
export const hiddenFrom = (role: Role, register: string, path: string): Role =>
  withRights(role, register, (rights) => ({ ...rights, hidden: [...new Set([...rights.hidden, path])] }));

/**
 * A role with one sentence more, as it was typed: "sees Boats whose owner is me", "sees every Invoice, without Discount",
 * "changes Clients that are me: Phone, Address". Or why it cannot be read, in words.
 */
export const writeInRole = (role: Role, typed: string, catalogue: Catalogue): Result<Role> => {
  const deed = longest(typed.trim(), DEED_NAMES);
  if (!deed) return refused('Begin with “sees”, “adds”, “changes”, “archives” or “exports”.');
  const afterEvery = behind(deed[1].trim(), 'every') ?? deed[1];
  const named = [...catalogue.registers.values()].flatMap((register) => [
    [register.plural, register] as const,
    [register.singular, register] as const,
  ]);
  const about = longest(afterEvery.trim(), named);
  if (!about) return refused(`“${afterEvery.trim()}” names no register.`);
  const [register, rest] = about;
  const parts =
    /^(?<which>.*?)(?:,?\s*\bwithout\s+(?<hidden>.+?)|\s*:\s*(?<only>.+?)|,?\s*\bbut not\s+(?<locked>.+?))?$/is.exec(
      rest.trim().replace(/[.\s]+$/, ''),
    )?.groups;
  const which = (parts?.which ?? '').trim();
  const reach: Result<string | true> = which === '' ? { ok: true, value: true } : readWhich(which, register, catalogue);
  if (!reach.ok) return reach;
  const lists: Partial<Rights> = {};
  for (const [list, on] of [
    ['hidden', 'see'],
    ['only', 'change'],
    ['locked', 'change'],
  ] as const) {
    const words = parts?.[list];
    if (words === undefined) continue;
    if (deed[0] !== on) return refused(`Fields are named only where one ${DEED_WORDS[on]} something.`);
    const fields = readFields(words, register);
    if (!fields.ok) return fields;
    lists[list] = fields.value;
  }
  return {
    ok: true,
    value: withRights(role, register.key, (rights) => ({ ...rights, [deed[0]]: reach.value, ...lists })),
  };
};
