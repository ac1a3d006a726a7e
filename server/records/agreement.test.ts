import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { casesOf, SEED } from '#core/base/often.arb.ts';
import {
  type Checked,
  checkExpression,
  evaluate,
  evaluateStored,
  toSql,
  toSqlFilter,
  type Values,
} from '#core/expression/index.ts';
import { anyExpression } from '#core/expression/random.arb.ts';
import { itemOf, RECORDS } from '#core/expression/records.arb.ts';
import { catalogue, clock, nearMisses } from '#core/register/example.arb.ts';
import { vocabularyOf } from '#core/register/index.ts';
import { sql as fragment, type SqlFragment, spanText } from '#core/sql/index.ts';
import { columnText } from '#core/values/index.ts';
import { type Database, openDatabase, prepareDatabase } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { makeDatabase } from '../testing/harness.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const holidays = ['2026-11-24', '2026-12-25', '2024-03-01', '2026-11-28'];
const person = { name: 'Warp', email: 'piet@ternquay.example', roles: ['staff'], record: null };
const target = { alias: 't', clock: { ...clock, holidays }, me: person };
const cases = casesOf(1_000_000);

/** Differences that were found once, kept so that they are never found again. */
const FOUND: readonly string[] = [
  'severity != "damage"',
  'not(severity = "damage")',
  'not(cost > 1)',
  'title < "🚤"',
  'not(contains(title, ""))',
  'if cost > 1 then witnessed else title = null',
  'cost * 3 - 1 = 1499',
  'when <= now()',
  // SQL's greatest passes over nothing.
  'substring before(what_happened, owner.phone)',
  // A branch of nothing has no type of its own.
  '(if owner = boat.owner then null else null) in (<= -0.01, 3)',
  // Years before 1 were shown as years after it.
  'ceiling(cost, 1) / when.year',
  // A function's collation met the one texts are compared by.
  'substring(what_happened, -1, 2) > substring(upper case(me.name), 1)',
  // What stands right of a bare “in” took in the rest.
  'cost in [0..500] and witnessed',
  'witnessed or cost in > 3 and title = null',
  // The parser gave up on nested names of several words.
  'years and months duration(date((date and time("2026-03-29T01:00:00Z") - ((reported_on - ((years and months duration(max(boat.owner.near_misses.reported_on), today()) + duration("P1M")) + (duration("P1M") - duration("P1Y2M")))) - add working days(date(when), -1)))), max(boat.owner.near_misses[cost > 0].reported_on))',
];

const check = (text: string): Checked => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  return checked.value;
};

const refusedAsTooMuch = (text: string): boolean => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  return !checked.ok && checked.problems[0]?.code === 'too_much';
};

const values = (record: Parameters<typeof itemOf>[1]): Values => ({
  ...itemOf('near_misses', record),
  clock: target.clock,
  me: { read: ([name]) => (name === 'name' ? person.name : null) },
});

/** One value of SQL as text that two equal values share. */
const asText = (checked: Checked, value: SqlFragment): SqlFragment => {
  switch (checked.type.kind) {
    case 'number':
    case 'days':
    case 'months':
      return fragment`trim_scale((${value})::numeric)::text`;
    case 'date':
      return fragment`to_char(${value}, 'YYYY-MM-DD')`;
    case 'moment':
      return fragment`to_char((${value}) at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
    case 'span':
      return spanText(value, false);
    default:
      return fragment`(${value})::text`;
  }
};

const coreText = (checked: Checked, record: Parameters<typeof itemOf>[1]): string | null => {
  const value = evaluate(checked, values(record));
  if (typeof value === 'number') return String(value);
  if (checked.type.kind === 'span') return typeof value === 'string' ? value : null;
  const stored = evaluateStored(checked, values(record));
  return stored === null ? null : String(stored);
};

/** The two engines of the rule language must agree: the core's closures, and the SQL it compiles to. */
describe('an expression gives the same answer in the core and in PostgreSQL', () => {
  let database: Database;
  const records = RECORDS.near_misses ?? [];

  beforeAll(async () => {
    database = openDatabase(await makeDatabase());
    await prepareDatabase(database.db, 'server/platform/migrations');
    const { db } = database;
    await db.execute(sql`create schema if not exists records`);
    await db.execute(
      sql`create table records.clients (id uuid, seq integer, archived_at timestamptz, name text, phone text)`,
    );
    await db.execute(
      sql`create table records.boats (id uuid, seq integer, archived_at timestamptz, name text, owner uuid, length_overall numeric)`,
    );
    await db.execute(
      sql`create table records.near_misses (id uuid, seq integer, archived_at timestamptz, title text, "when" timestamptz(3), boat uuid, owner uuid, severity text, cost numeric, reported_on date, witnessed boolean, took interval, closed daterange, moored daterange, what_happened text)`,
    );
    for (const [register, rows] of Object.entries(RECORDS)) {
      for (const [n, row] of rows.entries()) {
        const names = ['seq', ...Object.keys(row)].map((name) => sql.identifier(name));
        const given = [n, ...Object.entries(row).map(([name, value]) => stored(name, value))].map(
          (value) => sql`${value}`,
        );
        await db.execute(
          sql`insert into ${sql.identifier('records')}.${sql.identifier(register)} (${sql.join(names, sql`, `)}) values (${sql.join(given, sql`, `)})`,
        );
      }
    }
  });
  afterAll(() => database?.close());

  /** A value as the writer of records hands it to PostgreSQL. */
  const stored = (name: string, value: unknown) => {
    const field = nearMisses.fields.find(({ key }) => key === name);
    return field && typeof value === 'string' ? columnText(value, field.type) : value;
  };

  const inSql = async (columns: readonly SqlFragment[]): Promise<unknown[][]> => {
    const named = columns.map((column, i) => sql`${toDrizzle(column)} as ${sql.identifier(`c${i}`)}`);
    const { rows } = await database.db.execute(
      sql`select ${sql.join(named, sql`, `)} from records.near_misses t order by seq`,
    );
    return columns.map((_, i) => rows.map((row) => row[`c${i}`]));
  };

  /** Both ways an expression is compiled: for its value, and as a filter, where only true counts. */
  const columnsOf = (checked: Checked): SqlFragment[] => {
    const value = asText(checked, toSql(checked, target));
    if (checked.type.kind !== 'boolean') return [value];
    return [value, fragment`coalesce(${toSqlFilter(checked, target)}, false)::text`];
  };
  const wantedOf = (checked: Checked): (string | null)[][] => {
    const value = records.map((record) => coreText(checked, record));
    return checked.type.kind === 'boolean' ? [value, value.map((text) => String(text === 'true'))] : [value];
  };

  /** What the two say differently, each with its text; empty is agreement. */
  const differences = async (checked: readonly Checked[]): Promise<unknown[]> => {
    try {
      const found = await inSql(checked.flatMap(columnsOf));
      const wanted = checked.flatMap((each) => wantedOf(each).map((core) => ({ text: each.text, core })));
      return wanted.flatMap(({ text, core }, i) =>
        String(core) === String(found[i]) ? [] : [{ text, core, sql: found[i] }],
      );
    } catch (thrown) {
      const [only] = checked;
      if (only && checked.length === 1) return [{ text: only.text, error: String((thrown as Error).cause ?? thrown) }];
      const each = await Promise.all(checked.map((one) => differences([one])));
      return each.flat();
    }
  };

  test.each(FOUND)('%s', async (text) => expect(await differences([check(text)])).toEqual([]));

  test(`for ${cases} random expressions over records with nothing in them`, { timeout: 120 * 60_000 }, async () => {
    const batch = 1000;
    let answerable = 0;
    const found: unknown[] = [];
    for (let done = 0; done < cases && found.length === 0; done += batch) {
      // What could make too long a text is refused on purpose: there is nothing to compare.
      const checked = fc
        .sample(anyExpression, { numRuns: Math.min(batch, cases - done), seed: SEED + done })
        .flatMap((text) => (refusedAsTooMuch(text) ? [] : [check(text)]));
      const inBoth = checked.filter((each) => each.notInSql === null);
      answerable += inBoth.length;
      for (let i = 0; i < inBoth.length; i += 25) found.push(...(await differences(inBoth.slice(i, i + 25))));
    }
    expect(found.slice(0, 10)).toEqual([]);
    // Most of the language is answered in SQL; were it not, the agreement would say little.
    expect(answerable / cases).toBeGreaterThan(0.6);
  });
});
