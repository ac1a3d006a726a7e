import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { checkExpression, evaluate, toSql } from '#core/expression/index.ts';
import { catalogue, clock, nearMisses } from '#core/register/example.arb.ts';
import { registerAt, vocabularyOf } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { type Database, openDatabase } from '../db/client.ts';
import { toDrizzle } from '../db/fragment.ts';
import { makeDatabase } from '../testing/harness.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);

/** Records with nothing in every place, and values at the edges of order. */
const RECORDS: readonly Readonly<Record<string, StoredValue>>[] = [
  { title: null, when: null, severity: null, cost: null, reported_on: null, witnessed: null },
  {
    title: 'Warp parted',
    when: '2026-11-23T10:40:00.000Z',
    severity: 'damage',
    cost: '500',
    reported_on: '2026-11-23',
    witnessed: true,
  },
  {
    title: '～',
    when: '2026-11-23T10:40:00.001Z',
    severity: 'injury',
    cost: '-0.01',
    reported_on: '2026-11-24',
    witnessed: false,
  },
  {
    title: '🚤 "quoted" \\ 100%',
    when: '2026-03-29T01:00:00.000Z',
    severity: 'scare',
    cost: '0',
    reported_on: '2024-02-29',
    witnessed: null,
  },
];

const number = fc.letrec<{ number: string }>((tie) => ({
  number: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom('cost', '0', '500', '0.1', '-0.01', 'string length(title)', 'abs(cost)'),
    fc.tuple(tie('number'), fc.constantFrom('+', '-', '*'), tie('number')).map(([a, op, b]) => `(${a} ${op} ${b})`),
  ),
})).number;
const textual = fc.constantFrom('title', '"Warp parted"', '"～"', '"🚤"', '"100%"', '""', '"\\""');
const compareOp = fc.constantFrom('=', '!=', '<', '<=', '>', '>=');
const infix = (operand: fc.Arbitrary<string>, op: fc.Arbitrary<string>) =>
  fc.tuple(operand, op, operand).map((parts) => parts.join(' '));

const condition = fc.letrec<{ condition: string }>((tie) => ({
  condition: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    infix(number, compareOp),
    infix(textual, compareOp),
    infix(fc.constantFrom('reported_on', 'today()', 'date("2024-02-29")'), compareOp),
    infix(fc.constantFrom('when', 'now()', 'date and time("2026-03-29T01:00:00Z")'), compareOp),
    fc
      .tuple(fc.constantFrom('severity', 'cost', 'title', 'witnessed', 'when'), fc.constantFrom('=', '!='))
      .map(([name, op]) => `${name} ${op} null`),
    fc
      .subarray(['"scare"', '"damage"', '"injury"'], { minLength: 1 })
      .map((codes) => `severity in (${codes.join(', ')})`),
    fc.tuple(number, number, number).map(([a, b, c]) => `${a} between ${b} and ${c}`),
    fc
      .tuple(number, fc.constantFrom('[0..500]', '(0..500)', '> 0', '<= -0.01'))
      .map(([a, range]) => `${a} in ${range}`),
    fc.tuple(textual, textual).map(([a, b]) => `contains(${a}, ${b})`),
    fc.tuple(textual, textual).map(([a, b]) => `starts with(${a}, ${b})`),
    fc.constantFrom('witnessed', 'witnessed = true', 'true', 'false', 'null = null'),
    tie('condition').map((inner) => `not(${inner})`),
    fc
      .tuple(tie('condition'), fc.constantFrom('and', 'or'), tie('condition'))
      .map(([a, op, b]) => `((${a}) ${op} (${b}))`),
    fc.tuple(tie('condition'), tie('condition'), tie('condition')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
})).condition;

/** The two engines of the rule language must agree: the core's closures, and the SQL it compiles to. */
describe('an expression gives the same answer in the core and in PostgreSQL', () => {
  let database: Database;

  beforeAll(async () => {
    database = openDatabase(await makeDatabase());
    await database.db.execute(
      sql`create table cases (n integer, title text, "when" timestamptz(3), severity text, cost numeric, reported_on date, witnessed boolean)`,
    );
    for (const [n, record] of RECORDS.entries()) {
      await database.db.execute(
        sql`insert into cases values (${n}, ${record.title}, ${record.when}, ${record.severity}, ${record.cost}, ${record.reported_on}, ${record.witnessed})`,
      );
    }
  });
  afterAll(() => database?.close());

  /** How a filter decides: only true lets a record in. */
  const inSql = async (texts: readonly string[]): Promise<boolean[][]> => {
    const columns = texts.map((text, i) => {
      const checked = checkExpression(text, vocabulary, { kind: 'condition' });
      if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
      const compiled = toSql(checked.value, 't', clock, (path) => registerAt(nearMisses, path, catalogue));
      return sql`coalesce(${toDrizzle(compiled)}, false) as ${sql.identifier(`c${i}`)}`;
    });
    const { rows } = await database.db.execute(sql`select ${sql.join(columns, sql`, `)} from cases t order by n`);
    return texts.map((_, i) => rows.map((row) => row[`c${i}`] === true));
  };

  const inCore = (text: string): boolean[] => {
    const checked = checkExpression(text, vocabulary, { kind: 'condition' });
    if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
    return RECORDS.map(
      (record) => evaluate(checked.value, { clock, read: ([name = '']) => record[name] ?? null }) === true,
    );
  };

  test.each([
    'severity != "damage"',
    'not(severity = "damage")',
    'not(cost > 1)',
    'title < "🚤"',
    'not(contains(title, ""))',
    'if cost > 1 then witnessed else title = null',
    'cost * 3 - 1 = 1499',
    'when <= now()',
  ])('%s', async (text) => expect((await inSql([text]))[0]).toEqual(inCore(text)));

  test('for 3,000 random conditions over records with nothing in them', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(condition, { minLength: 25, maxLength: 25 }), async (texts) => {
        const found = await inSql(texts);
        for (const [i, text] of texts.entries()) expect([text, found[i]]).toEqual([text, inCore(text)]);
      }),
      { numRuns: 120, seed: 4780, endOnFailure: true },
    );
  });
});
