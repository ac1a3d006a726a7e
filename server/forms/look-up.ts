import type { Linked, LookUpAnswer } from '#contract/index.ts';
import { type Problem, problem } from '#core/base/index.ts';
import { type PersonFacts, toSqlFilter } from '#core/expression/index.ts';
import { askedAt, type CompiledForm, type CompiledQuestion, type Fill } from '#core/form/index.ts';
import { checkValues, type RecordValues, type Register, titleField } from '#core/register/index.ts';
import { parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import {
  leadsTo,
  linkToOne,
  PEOPLE,
  type RowField,
  rowFieldsIn,
  rowsOf,
  type StoredValue,
  sameValue,
  textsOf,
} from '#core/values/index.ts';
import { compiledForm } from '../definitions/store.ts';
import { findPeople } from '../people/names.ts';
import { notFound, valueOrRefuse } from '../platform/refusal.ts';
import {
  countOffered,
  type FoundRecord,
  findByKey,
  findByTitle,
  readLinked,
  readMeantTitle,
} from '../records/reader/index.ts';
import { asSystem, type ReadContext, type Reading } from '../records/work.ts';
import type { Judged } from './duplicates.ts';
import { openForm } from './open.ts';
import { throughForm } from './through-form.ts';

/** What filled links are called: nothing beside, which is for those who see their register. */
export const readFilledLinks = async (
  through: ReadContext,
  compiled: CompiledForm,
  many: readonly RecordValues[],
): Promise<Record<string, Linked>> => {
  const wanted = new Map<string, Set<string>>();
  for (const fills of many)
    for (const [key, value] of Object.entries(fills)) {
      const type = compiled.byKey.get(key)?.field.type;
      const to = type && linkToOne(type)?.register;
      if (to === undefined || typeof value !== 'string') continue;
      wanted.set(to, (wanted.get(to) ?? new Set()).add(value));
    }
  const names: Record<string, Linked> = {};
  for (const [to, ids] of wanted)
    for (const link of Object.values(await readLinked(through, to, [...ids]))) names[link.id] = { ...link, beside: [] };
  return names;
};

/** The links among some fills, by question. */
export const linksOf = (
  compiled: CompiledForm,
  fills: RecordValues,
  names: Readonly<Record<string, Linked>>,
): Record<string, Linked> =>
  Object.fromEntries(
    Object.entries(fills).flatMap(([key, value]) => {
      const type = compiled.byKey.get(key)?.field.type;
      const link = type && linkToOne(type) && typeof value === 'string' ? names[value] : undefined;
      return link ? [[key, link]] : [];
    }),
  );

/** What is looked up: where to, what choosing fills, and which records are offered. */
interface LookedUp {
  readonly to: string;
  readonly fills: readonly Fill[];
  readonly offersWhere: CompiledQuestion['offersWhere'];
}

/** What a question looks up: a question of the form, or a field of its rows (`lines.stock`). */
const lookedUp = (compiled: CompiledForm, question: string): LookedUp | null => {
  const [key = '', row] = question.split('.');
  const asked = compiled.byKey.get(key);
  if (!asked) return null;
  const { type: own } = asked.field;
  const type = row === undefined ? own : rowFieldsIn(own).find((field) => field.key === row)?.type;
  const fills = row === undefined ? asked.fills : asked.cellFills.filter((fill) => fill.lookUp === row);
  const offersWhere = row === undefined ? asked.offersWhere : (asked.columns.get(row)?.offersWhere ?? []);
  const to = type ? leadsTo(type) : null;
  return to === null ? null : { to, fills, offersWhere };
};

/** What a look-up is asked for. */
export interface Asking {
  readonly find: string;
  readonly answers: Readonly<Record<string, unknown>>;
  /** Only these records. */
  readonly only: readonly string[] | null;
  /** A key, and the field of the linked register that must hold it. */
  readonly key: { readonly value: string; readonly by: string } | null;
  readonly limit: number;
  readonly draft: boolean;
}

/** The answers a condition on what is offered follows from, as far as they can be read. */
const answersOf = (compiled: CompiledForm, given: Readonly<Record<string, unknown>>): RecordValues => {
  const answers: Record<string, StoredValue> = {};
  for (const { key } of compiled.questions) {
    if (!Object.hasOwn(given, key)) continue;
    const checked = checkValues(compiled.register, { [key]: given[key] }, compiled.catalogue);
    if (checked.ok) answers[key] = checked.value[key] ?? null;
  }
  return answers;
};

/** Which records a look-up offers with some answers, over the linked register's table as `t`. */
const offeredWhere = (
  { clock }: Reading,
  conditions: CompiledQuestion['offersWhere'],
  answers: RecordValues,
  me: PersonFacts,
): SqlFragment[] =>
  conditions.map((condition) =>
    toSqlFilter(condition, { alias: 't', clock, me, entry: (question) => answers[question] ?? null }),
  );

/** Only a rule that fetches may search by a field: which values a register holds is not for guessing. */
const mayFetch = (compiled: CompiledForm, question: string, by: string): boolean =>
  compiled.questions.some((each) => each.fetches.some((fetch) => fetch.question === question && fetch.by === by));

const findOffered = async (
  system: ReadContext,
  target: Register,
  asked: LookedUp,
  asking: Asking,
  offered: readonly SqlFragment[],
): Promise<FoundRecord[]> => {
  const where = asking.only ? [...offered, sql`t.id = any(${parameter([...asking.only], 'uuid[]')})`] : offered;
  const finding = { where, columns: titleField(target).key, paths: asked.fills.map((fill) => fill.path) };
  return asking.key
    ? findByKey(system, target, asking.key, finding)
    : findByTitle(system, target, asking.find, { ...finding, limit: asking.limit });
};

/** What a question's look-up offers for some words, each with what choosing it fills. Nothing else of the record. */
export const lookUp = async (
  look: ReadContext,
  form: string,
  question: string,
  asking: Asking,
): Promise<LookUpAnswer> => {
  const through = throughForm(look, form, 'a look-up offers and fills what its form says');
  const { catalogue } = through.sight;
  const opened = await openForm(look, form, asking.draft);
  const { form: compiled, key } = askedAt(valueOrRefuse(compiledForm(opened.document, catalogue)), question);
  const asked = lookedUp(compiled, key);
  if (asked?.to === PEOPLE)
    return {
      found: (await findPeople(look.db, asking.find)).map((each) => ({ ...each, fills: {}, links: {} })),
      meant: null,
    };
  const target = catalogue.registers.get(asked?.to ?? '');
  if (!asked || !target) throw notFound();
  if (asking.key && !mayFetch(compiled, key, asking.key.by)) throw notFound();
  const where =
    asked.offersWhere.length > 0
      ? offeredWhere(look, asked.offersWhere, answersOf(compiled, asking.answers), look.sight.me)
      : [];
  const find = (words: string) => findOffered(through, target, asked, { ...asking, find: words }, where);
  let records = await find(asking.find);
  let meant: string | null = null;
  if (records.length === 0 && !asking.key && !asking.only) {
    meant = await readMeantTitle(through, target, asking.find, where);
    if (meant !== null) records = await find(meant);
    if (records.length === 0) meant = null;
  }
  // What stands beside a title is for those who see it; the title itself belongs to the look-up.
  const shown = await readLinked(
    look,
    target.key,
    records.map((record) => record.id),
  );
  const filled = records.map(({ read }) =>
    Object.fromEntries(asked.fills.map((fill) => [fill.target, read[fill.path.join('.')] ?? null])),
  );
  const names = await readFilledLinks(through, compiled, filled);
  const offered = records.map((record, i): LookUpAnswer['found'][number] => ({
    id: record.id,
    number: record.number,
    title: record.title,
    beside: shown[record.id]?.beside ?? [],
    fills: filled[i] ?? {},
    links: linksOf(compiled, filled[i] ?? {}, names),
  }));
  // Those that were used last come in the order in which they were asked for.
  const { only } = asking;
  if (only) offered.sort((a, b) => only.indexOf(a.id) - only.indexOf(b.id));
  return { found: offered, meant };
};

/** Look-ups that hold a record which is not offered with these answers; what the record held before may stay. */
export const notOfferedProblems = async (
  look: ReadContext,
  compiled: CompiledForm,
  { values, before }: Judged,
): Promise<Problem[]> => {
  const answers = { ...before, ...values };
  const system = asSystem(look, 'what a form offers does not depend on what the person may see elsewhere');
  /** Whether all of some records are offered by a look-up. */
  const areOffered = async (
    { type }: Pick<RowField, 'type'>,
    offersWhere: CompiledQuestion['offersWhere'],
    ids: ReadonlySet<string>,
  ): Promise<boolean> => {
    if (offersWhere.length === 0 || ids.size === 0) return true;
    const target = look.definitions.catalogue.registers.get('register' in type ? type.register : '');
    if (!target) return false;
    const held = offeredWhere(look, offersWhere, answers, look.sight.me);
    return (await countOffered(system, target, [...ids], held)) === ids.size;
  };
  const problems: Problem[] = [];
  for (const { key, label, field, offersWhere, columns } of compiled.questions) {
    const [now, then] = [values[key] ?? null, before?.[key] ?? null];
    if (sameValue(now, then)) continue;
    const ids = new Set(typeof now === 'string' ? [now] : textsOf(now));
    if (!(await areOffered(field, offersWhere, ids)))
      problems.push(problem('not_offered', [key], `${label}: this record is not offered with these answers.`));
    for (const [cell, column] of columns) {
      const chosen = newInCells(now, then, cell);
      if (!(await areOffered(column.field, column.offersWhere, chosen)))
        problems.push(problem('not_offered', [key], `${label}: a ${column.label} is not offered with these answers.`));
    }
  }
  return problems;
};

/** The records that a column of rows holds now and did not hold before in the same row. */
const newInCells = (now: StoredValue, before: StoredValue, cell: string): ReadonlySet<string> => {
  const held = new Map(rowsOf(before).map((row) => [row.id, row.values[cell]]));
  const chosen = rowsOf(now).filter((row) => row.values[cell] !== held.get(row.id));
  return new Set(chosen.flatMap((row) => row.values[cell] ?? []).filter((id) => typeof id === 'string'));
};
