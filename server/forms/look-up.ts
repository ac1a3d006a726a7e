import type { Linked, LookUp } from '#contract/index.ts';
import { type Clock, foldText, type Problem, problem } from '#core/base/index.ts';
import { type PersonFacts, toSqlFilter } from '#core/expression/index.ts';
import { type CompiledForm, type CompiledQuestion, compileForm, type Fill } from '#core/form/index.ts';
import { type Catalogue, checkValues, type RecordValues, type Register, titleField } from '#core/register/index.ts';
import { all, identifier, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { PEOPLE, type RowField, rowsOf, type StoredValue, sameValue, textsOf } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { people } from '../platform/schema.ts';
import { type Definitions, visibleCatalogue } from '../definitions/store.ts';
import { notFound, valueOrRefuse } from '../http/problem.ts';
import { findByKey, findByTitle } from '../records/reader/find.ts';
import { readLinked } from '../records/reader/linked.ts';
import { readPaths } from '../records/reader/page.ts';
import { readFacts } from '../access/facts.ts';
import type { Person } from '../access/session.ts';
import { openForm } from './open.ts';

/** What filled links are called: nothing beside, which is for those who see their register. */
export const linksOf = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  fills: RecordValues,
  clock: Clock,
): Promise<Record<string, Linked>> => {
  const links: Record<string, Linked> = {};
  for (const [key, value] of Object.entries(fills)) {
    const type = compiled.byKey.get(key)?.field.type;
    if (type?.kind !== 'link' || typeof value !== 'string') continue;
    const link = (await readLinked(tx, type.register, found.catalogue, [value], clock))[value];
    // Only what it is called: what stands beside a title is for those who see its register.
    if (link) links[key] = { ...link, beside: [] };
  }
  return links;
};

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
  const type =
    row === undefined ? own : own.kind === 'rows' ? own.fields.find((field) => field.key === row)?.type : undefined;
  const fills = row === undefined ? asked.fills : asked.cellFills.filter((fill) => fill.lookUp === row);
  const offersWhere = row === undefined ? asked.offersWhere : (asked.columns.get(row)?.offersWhere ?? []);
  if (type?.kind === 'person') return { to: PEOPLE, fills, offersWhere };
  return type?.kind === 'link' || type?.kind === 'links' ? { to: type.register, fills, offersWhere } : null;
};

/** What a person sees, and one register they look up in. */
const withRegister = (visible: Catalogue, register: Register): Catalogue =>
  visible.registers.has(register.key)
    ? visible
    : { ...visible, registers: new Map(visible.registers).set(register.key, register) };

const MOST_OFFERED = 12;

const findPeople = async (tx: Queryable, find: string): Promise<Linked[]> => {
  const words = foldText(find).split(' ').filter(Boolean);
  const rows = await tx.select({ id: people.id, name: people.name }).from(people).orderBy(people.name);
  return rows
    .filter(({ name }) => words.every((word) => foldText(name).includes(word)))
    .slice(0, MOST_OFFERED)
    .map(({ id, name }) => ({ id, number: '', title: name, beside: [] }));
};

export interface Asking {
  readonly find: string;
  readonly answers: Readonly<Record<string, unknown>>;
  /** Only these records. */
  readonly only: readonly string[] | null;
  /** A key, and the field of the linked register that must hold it. */
  readonly key: { readonly value: string; readonly by: string } | null;
  readonly limit: number;
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
  conditions: CompiledQuestion['offersWhere'],
  answers: RecordValues,
  clock: Clock,
  me: PersonFacts,
): SqlFragment[] =>
  conditions.map((condition) =>
    toSqlFilter(condition, { alias: 't', clock, me, entry: (question) => answers[question] ?? null }),
  );

/** Only a rule that fetches may search by a field: which values a register holds is not for guessing. */
const mayFetch = (compiled: CompiledForm, question: string, by: string): boolean =>
  compiled.questions.some((each) => each.fetches.some((fetch) => fetch.question === question && fetch.by === by));

/** What a question's look-up offers for some words, each with what choosing it fills. Nothing else of the record. */
export const lookUp = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  key: string,
  question: string,
  asking: Asking,
  draft: boolean,
  clock: Clock,
): Promise<LookUp> => {
  const opened = openForm(found, person, key, draft);
  const compiled = valueOrRefuse(compileForm(opened.document, found.catalogue));
  const asked = lookedUp(compiled, question);
  if (asked?.to === PEOPLE)
    return { found: (await findPeople(tx, asking.find)).map((each) => ({ ...each, fills: {}, links: {} })) };
  const target = found.catalogue.registers.get(asked?.to ?? '');
  if (!asked || !target) throw notFound();
  if (asking.key && !mayFetch(compiled, question, asking.key.by)) throw notFound();
  const where =
    asked.offersWhere.length > 0
      ? offeredWhere(asked.offersWhere, answersOf(compiled, asking.answers), clock, await readFacts(tx, found, person))
      : [];
  if (asking.only) where.push(sql`${identifier('t', 'id')} = any(${parameter([...asking.only], 'uuid[]')})`);
  const columns = [titleField(target).key, ...asked.fills.flatMap((fill) => fill.path.slice(0, 1))].join(',');
  const records = asking.key
    ? await findByKey(tx, target, found.catalogue, asking.key.by, asking.key.value, { where, columns })
    : await findByTitle(tx, target, found.catalogue, asking.find, clock, { where, columns, limit: asking.limit });
  const shown = await readLinked(
    tx,
    target.key,
    withRegister(visibleCatalogue(found, person), target),
    records.map((record) => record.id),
    clock,
  );
  const offered: LookUp['found'] = [];
  for (const record of records) {
    const read = await readPaths(
      tx,
      target,
      found.catalogue,
      record.values,
      asked.fills.map((fill) => fill.path),
    );
    const fills = Object.fromEntries(asked.fills.map((fill) => [fill.target, read[fill.path.join('.')] ?? null]));
    offered.push({
      id: record.id,
      number: record.number,
      title: record.title,
      beside: shown[record.id]?.beside ?? [],
      fills,
      links: await linksOf(tx, found, compiled, fills, clock),
    });
  }
  // Those that were used last come in the order in which they were asked for.
  const { only } = asking;
  if (only) offered.sort((a, b) => only.indexOf(a.id) - only.indexOf(b.id));
  return { found: offered };
};

/** Look-ups that hold a record which is not offered with these answers; what the record held before may stay. */
export const notOfferedLinks = async (
  tx: Queryable,
  compiled: CompiledForm,
  values: RecordValues,
  before: RecordValues | null,
  clock: Clock,
  me: PersonFacts,
): Promise<Problem[]> => {
  const answers = { ...before, ...values };
  /** Whether all of some records are offered by a look-up. */
  const areOffered = async (
    { type }: Pick<RowField, 'type'>,
    offersWhere: CompiledQuestion['offersWhere'],
    ids: ReadonlySet<string>,
  ): Promise<boolean> => {
    if (offersWhere.length === 0 || ids.size === 0) return true;
    const to = 'register' in type ? type.register : '';
    const held = all(offeredWhere(offersWhere, answers, clock, me));
    const { rows } = await tx.execute(
      toDrizzle(
        sql`select ${identifier('t', 'id')} from ${tableOf(to)} ${identifier('t')} where ${identifier('t', 'id')} = any(${parameter([...ids], 'uuid[]')}) and ${held}`,
      ),
    );
    return rows.length === ids.size;
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
