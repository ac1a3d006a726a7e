import { createHash } from 'node:crypto';
import { inArray } from 'drizzle-orm';
import { z } from 'zod';
import { type Problem, problem } from '#core/base/index.ts';
import {
  brokenMusts,
  checkValues,
  isRowsField,
  parentProblems,
  type RecordValues,
  type Register,
  recordProblems,
  retiredProblems,
} from '#core/register/index.ts';
import { identifier, parameter, sql, tableOf } from '#core/sql/index.ts';
import { isMadeByProgram, isNothing } from '#core/values/index.ts';
import { execute, executeKept } from '../../platform/fragment.ts';
import { invalid, notFound, Refusal } from '../../platform/refusal.ts';
import { receipts } from '../../platform/schema.ts';
import { type By, type Followed, follow, followerColumns, type RecordEvent, write } from '../events.ts';
import { readOwnValues } from '../reader/own-values.ts';
import { asSystem, type CommandContext, type ReadContext } from '../work.ts';
import {
  type Candidate,
  type Earlier,
  idsByTarget,
  looksBeyond,
  missingProblems,
  mustsBeyond,
  type Placed,
  pointingsOf,
  presentOf,
  presentRows,
  readPresent,
  uniqueProblems,
} from './checks.ts';
import { insertion, shapeOf } from './insertion.ts';
import { type FirstOfSeries, findDues, firstOfSeries, seriesInsertion, takeSeries, withNumbers } from './numbering.ts';
import { recordColumns, recordShapes, rowInsertions } from './record-shape.ts';
import { addedProblems, asksOfRecords } from './rights.ts';
import { placedAsTold, redactForWriter } from './told.ts';

/** A record to be added, its values as they came in. */
export interface NewRecord {
  readonly id: string;
  readonly values: Readonly<Record<string, unknown>>;
  /** What it is called among those that come with it: `Line 7`. */
  readonly called?: string;
}

/** A record that was added, or had been before. */
export interface Stored extends Followed {
  readonly id: string;
  readonly number: string;
  readonly values: RecordValues;
  /** False when the same entry had been stored before. */
  readonly fresh: boolean;
}

interface Prepared {
  readonly id: string;
  readonly values: RecordValues;
  readonly hash: string;
  readonly called: string | undefined;
}

const prefixed = (many: boolean, index: number, problems: readonly Problem[]): Problem[] =>
  problems.map((each) => ({
    ...each,
    path: many ? ['records', index, 'values', ...each.path] : ['values', ...each.path],
  }));

const placed = (many: boolean, found: readonly Placed[]): Problem[] =>
  found.flatMap((each) => prefixed(many, each.at, [each.problem]));

const contentHash = (register: Register, values: RecordValues): string =>
  createHash('sha256')
    .update(
      JSON.stringify([
        register.key,
        register.fields
          .filter((field) => !isMadeByProgram(field.type))
          .map((field) => [field.key, isNothing(values[field.key] ?? null) ? null : values[field.key]]),
      ]),
    )
    .digest('hex');

/** What was stored for an entry that came before: the same content from the same sender is the same record. */
const findReceived = async (
  work: CommandContext,
  register: Register,
  prepared: readonly Prepared[],
): Promise<Map<string, Stored>> => {
  const found = new Map<string, Stored>();
  if (prepared.length === 0) return found;
  const rows = await work.db
    .select()
    .from(receipts)
    .where(
      inArray(
        receipts.recordId,
        prepared.map((each) => each.id),
      ),
    );
  const system = asSystem(
    work,
    'an entry that was sent before is answered with what was stored, also if it has gone out of sight',
  );
  for (const row of rows) {
    const mine = prepared.find((each) => each.id === row.recordId);
    const record = row.register === register.key ? await readOwnValues(system, register, row.recordId) : null;
    if (row.sender !== work.person.id || mine?.hash !== row.contentHash || !record || record.archived) {
      throw new Refusal('sent_before', 'This entry was sent before, with other answers.');
    }
    found.set(row.recordId, { id: row.recordId, number: record.number, values: record.values, fresh: false });
  }
  return found;
};

/** Every value of a record checked by its register, with every problem of it. */
const prepare = (
  look: ReadContext,
  register: Register,
  { id, values, called }: NewRecord,
): Prepared & { problems: Problem[] } => {
  const { definitions, clock } = look;
  const { catalogue } = definitions;
  const checked = checkValues(register, values, catalogue);
  const kept = checked.ok ? checked.value : {};
  const problems = checked.ok
    ? redactForWriter(look, register, values, [
        ...recordProblems(register, kept),
        ...retiredProblems(register.fields, kept, {}, catalogue),
        ...parentProblems(register.fields, kept, catalogue),
        ...brokenMusts(register, kept, catalogue, clock),
      ])
    : [...checked.problems];
  return { id, values: kept, hash: contentHash(register, kept), called, problems };
};

/**
 * Adds records: the one way in for forms, lists, imports and the API. Checks every value and the register's rules, and
 * tells every problem of every record at once; stores all or nothing. A record is added whatever its author may see.
 */
export const addRecords = async (
  work: CommandContext,
  register: Register,
  given: readonly NewRecord[],
  by: By,
): Promise<Stored[]> => {
  const many = given.length > 1 || by.action === 'imported' || by.action === 'brought_in_as_is';
  const prepared = given.map((each) => prepare(work, register, each));
  const problems = prepared.flatMap((each, i) => prefixed(many, i, each.problems));
  const pointings = pointingsOf(
    register,
    prepared.map((each) => each.values),
  );
  if (new Set(given.map((each) => each.id)).size < given.length)
    problems.push(problem('id_twice', ['records'], 'Two of these records have the same id.'));
  const pointed = idsByTarget(pointings);
  const missing = (present: Reserved['present']): Problem[] => placed(many, missingProblems(pointings, present));
  // Nothing is taken for what is refused anyway.
  if (problems.length > 0) throw invalid([...problems, ...missing(await readPresent(work, pointed))]);
  const reserved = await reserve(work, register, prepared, pointed);
  const gone = missing(reserved.present);
  // What was taken goes back with the transaction.
  if (gone.length > 0) throw invalid(gone);
  const fresh = prepared.filter((each) => reserved.received.has(each.id));
  const known = await findReceived(
    work,
    register,
    prepared.filter((each) => !reserved.received.has(each.id)),
  );
  const taken = await uniqueProblems(work, register, fresh);
  if (taken.length > 0) throw invalid(placed(many, placedAsTold(work, register, fresh, taken)));
  if (fresh.length > 0)
    for (const each of await storeNew(work, register, fresh, reserved, { by, many })) known.set(each.id, each);
  return given.map(({ id }) => known.get(id)).filter((each) => each !== undefined);
};

/** A new record as its row stands in its register's table. */
const newRow = (
  work: CommandContext,
  register: Register,
  {
    id,
    seq,
    number,
    values,
  }: { readonly id: string; readonly seq: number; readonly number: string; readonly values: RecordValues },
) => ({
  ...recordColumns(register, values),
  ...followerColumns(work, register, number, values),
  id,
  seq,
  number,
  version: 1,
  created_at: work.clock.now,
  created_by: work.person.id,
  updated_at: work.clock.now,
  updated_by: work.person.id,
});

/**
 * What stands in the way of some records, each as if it were added: all that `addRecords` would refuse. Nothing is
 * stored, no number is taken, and nobody waits: what only a table can answer is asked of one that is this connection's
 * own. `earlier` knows what those that were judged before hold.
 */
export const judgeNew = async (
  work: CommandContext,
  register: Register,
  given: readonly NewRecord[],
  earlier: Earlier,
  by: By,
): Promise<Placed[]> => {
  const prepared = given.map((each) => prepare(work, register, each));
  const found = prepared.flatMap((each, at) => each.problems.map((one): Placed => ({ at, problem: one })));
  const pointings = pointingsOf(
    register,
    prepared.map((each) => each.values),
  );
  found.push(...missingProblems(pointings, await readPresent(work, idsByTarget(pointings))));
  const wrong = new Set(found.map((each) => each.at));
  const right = prepared.flatMap((each, at) => (wrong.has(at) ? [] : [{ at, each }]));
  const placedAgain = (among: readonly Placed[]): Placed[] =>
    among.map(({ at, problem: one }) => ({ at: right[at]?.at ?? at, problem: one }));
  const candidates = right.map(({ each }) => each);
  const taken = await uniqueProblems(work, register, candidates, earlier);
  found.push(...placedAgain(placedAsTold(work, register, candidates, taken)));
  if (candidates.length > 0) found.push(...placedAgain(await judgeBeyond(work, register, candidates, by)));
  return found;
};

const JUDGED = identifier('pg_temp', 'judged');

const judgeBeyond = async (
  work: CommandContext,
  register: Register,
  records: readonly Candidate[],
  by: By,
): Promise<Placed[]> => {
  const beyond = looksBeyond(register, work.definitions.catalogue);
  if (!beyond && !asksOfRecords(work, register.key)) return addedProblems(work, register, records, by);
  await execute(
    work.db,
    sql`create temp table judged (like ${tableOf(register.key)} including generated) on commit drop`,
  );
  const rows = records.map(({ id, values }) => newRow(work, register, { id, seq: 0, number: '', values }));
  const { names, typed } = recordShapes(register).added;
  await execute(work.db, insertion({ table: JUDGED, names, typed }, rows));
  const ids = records.map(({ id }) => id);
  const problems = [
    ...placedAsTold(work, register, records, beyond ? await mustsBeyond(work, register, ids, { table: JUDGED }) : []),
    ...(await addedProblems(work, register, records, by, JUDGED)),
  ];
  await execute(work.db, sql`drop table judged`);
  return problems;
};

const storeNew = async (
  work: CommandContext,
  register: Register,
  fresh: readonly Prepared[],
  { first, series }: Reserved,
  { by, many }: { readonly by: By; readonly many: boolean },
): Promise<Stored[]> => {
  const values = fresh.map((each) => each.values);
  const dues = findDues(work, register, values);
  const numbered = withNumbers(values, dues, series ?? (await takeSeries(work, register, dues)));
  const records = fresh.map(({ id, values: own }, i) => {
    const seq = first + i;
    return { id, seq, number: `${register.mark}-${String(seq).padStart(4, '0')}`, values: numbered[i] ?? own };
  });
  const rows = records.map((record) => newRow(work, register, record));
  const event: RecordEvent = { kind: 'added', register, by, records };
  await write(work, event, [
    insertion(recordShapes(register).added, rows),
    ...rowInsertions(register, register.fields.filter(isRowsField), records),
  ]);
  const beyond = await mustsBeyond(
    work,
    register,
    records.map((each) => each.id),
  );
  const forbidden = await addedProblems(work, register, records, by);
  if (beyond.length + forbidden.length > 0)
    throw invalid(placed(many, [...placedAsTold(work, register, records, beyond), ...forbidden]));
  const followed = await follow(work, event);
  return records.map(({ id, number, values: own }) => ({ ...followed, id, number, values: own, fresh: true }));
};

const RECEIVED = shapeOf(sql`iolite.receipts`, [
  { name: 'record_id', type: 'uuid' },
  { name: 'register', type: 'text' },
  { name: 'sender', type: 'uuid' },
  { name: 'content_hash', type: 'text' },
]);

const reservedSchema = z.tuple([
  z.object({
    next: z.number().nullable(),
    received: z.array(z.string()).nullable(),
    series: z.record(z.string(), z.number()).nullable(),
    present: z.array(z.object({ target: z.string(), id: z.string() })).nullable(),
  }),
]);

/** What new records need before they can be written. */
interface Reserved {
  /** The entries that had no receipt: those that were never stored. */
  readonly received: ReadonlySet<string>;
  /** The first of the register's numbers taken, one for each entry received. */
  readonly first: number;
  /** The first of the numbers of its series; null where they are still to be taken. */
  readonly series: FirstOfSeries | null;
  /** What the entries point to, as far as it is there. */
  readonly present: ReadonlyMap<string, ReadonlySet<string>>;
}

/**
 * Takes what new records need before they can be written, in one statement: a receipt for each entry, the next numbers
 * of the register, and those of its series; and tells which of the ids they point to are there. An entry that came
 * before gets nothing. The rows stay locked until the commit: numbers come without gaps, in the order of storing.
 */
const reserve = async (
  work: CommandContext,
  register: Register,
  entries: readonly Prepared[],
  pointed: ReadonlyMap<string, readonly string[]>,
): Promise<Reserved> => {
  const { db, person } = work;
  const dues = findDues(
    work,
    register,
    entries.map(({ values }) => values),
  );
  const received = insertion(
    RECEIVED,
    entries.map(({ id, hash }) => ({
      record_id: id,
      register: register.key,
      sender: person.id,
      content_hash: hash,
    })),
  );
  const all = sql`(select count(*) from received) = ${parameter(entries.length, 'integer')}`;
  const rows = await executeKept(
    db,
    sql`
      with received as (${received} on conflict (record_id) do nothing returning record_id),
      counter as (
        update iolite.counters set next = next + (select count(*) from received)
        where register = ${parameter(register.key, 'text')} returning next
      ),
      taken as (${seriesInsertion(register, dues, all)}),
      present as (${presentRows(work, pointed)})
      select (select next from counter) as next, (select json_agg(record_id) from received) as received,
        (select json_object_agg(field, next) from taken) as series, (select json_agg(present) from present) as present`,
  );
  const [row] = reservedSchema.parse(rows);
  if (row.next === null) throw notFound();
  const fresh = new Set(row.received);
  return {
    received: fresh,
    first: row.next - fresh.size,
    series: fresh.size === entries.length ? firstOfSeries(dues, row.series ?? {}) : null,
    present: presentOf(row.present ?? []),
  };
};
