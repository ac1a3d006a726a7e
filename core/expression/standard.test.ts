import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { checkExpression, evaluate, type Value } from './index.ts';
import { itemOf, RECORDS } from './records.arb.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const record = RECORDS.near_misses?.[1] ?? {};
const answer = (text: string): Value | readonly string[] => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) return checked.problems.map((each) => each.detail);
  return evaluate(checked.value, { ...itemOf('near_misses', record), clock: { ...clock, zone: 'UTC' } });
};

/**
 * The constructs of the language by the clauses of OMG DMN 1.4, chapter 10.3 (numbers of clauses and tables from
 * memory). Where the standard gives an example, it is that; the rest says what its table says. The functions' examples
 * stand beside the functions.
 */
const TABLES: Readonly<Record<string, readonly (readonly [text: string, wanted: string])[]>> = {
  '10.3.2.2 equality, table 53: over nothing and within a kind': [
    ['null = null', 'true'],
    ['null != null', 'false'],
    ['1 = null', 'false'],
    ['0.1 + 0.2 = 0.3', 'true'],
    ['1.0 = 1', 'true'],
    ['"a" = "A"', 'false'],
    ['[1, 2] = [1, 2]', 'true'],
    ['[1, 2] = [2, 1]', 'false'],
    ['date("2012-12-25") = date(2012, 12, 25)', 'true'],
    ['duration("P1D") = duration("PT24H")', 'true'],
    ['duration("P1Y") = duration("P12M")', 'true'],
    ['date and time("2012-12-25T12:00:00+01:00") = date and time("2012-12-25T11:00:00Z")', 'true'],
  ],
  '10.3.2.4 ternary logic, tables 49 and 50': [
    ['true and true', 'true'],
    ['true and false', 'false'],
    ['true and null', 'null'],
    ['false and null', 'false'],
    ['null and null', 'null'],
    ['true or null', 'true'],
    ['false or false', 'false'],
    ['false or null', 'null'],
    ['null or null', 'null'],
  ],
  '10.3.2.5 lists and filters, table 56': [
    ['[1, 2, 3, 4][item > 2]', '[3, 4]'],
    ['[1, 2, 3, 4][-1]', '4'],
    ['[1, 2, 3, 4][1]', '1'],
    ['[1, 2, 3, 4][0]', 'null'],
    ['[1, 2, 3, 4][9]', 'null'],
    ['boat.near_misses[cost > 0].title', '["Warp parted", "Zz"]'],
    ['boat.near_misses[1].cost', '500'],
  ],
  '10.3.2.6 paths': [
    ['boat.owner.name', '"Ødegård"'],
    ['boat.near_misses.cost', '[500, -0.01, 0.3]'],
    ['date("2012-12-25").year', '2012'],
    ['date("2012-12-25").weekday', '2'],
    ['time("11:22:33").minute', '22'],
    ['duration("P2DT20H").hours', '20'],
    ['duration("P2Y3M").months', '3'],
  ],
  '10.3.2.7 ranges, unary tests and between, table 55': [
    ['5 in (<= 5)', 'true'],
    ['5 in ((5..10])', 'false'],
    ['5 in ([5..10])', 'true'],
    ['5 in (4, 5, 6)', 'true'],
    ['5 in (< 5)', 'false'],
    ['5 in [1, 2, 5]', 'true'],
    ['5 in ]4..6[', 'true'],
    ['5 in (> 3, < 1)', 'true'],
    // What stands right of a bare `in` ends before the next `and` or `or`, and `and` holds tighter.
    ['5 in [1..6] and false', 'false'],
    ['false and 5 in [1..6] or true', 'true'],
    ['5 in [9..10] or 5 in (1, 5) and true', 'true'],
    ['true or 5 in > 9 and false', 'true'],
    ['2 between 1 and 3 and false', 'false'],
    ['2 between 1 and 3', 'true'],
    ['4 between 1 and 3', 'false'],
    ['null between 1 and 3', 'null'],
    ['date("2012-12-25") in [date("2012-12-01")..date("2012-12-31")]', 'true'],
  ],
  '10.3.2.8 numbers: addition and multiplication, tables 57 and 58': [
    ['1 + 2 * 3', '7'],
    ['(1 + 2) * 3', '9'],
    ['10 - 4 - 3', '3'],
    ['2 ** 10', '1024'],
    ['-2 ** 2', '4'],
    ['1 / 3 * 3', '0.9999999999999999999999999999999999'],
    ['1 / 0', 'null'],
    ['1 + null', 'null'],
    ['"foo" + "bar"', '"foobar"'],
  ],
  '10.3.2.8 dates and durations, table 57': [
    ['date("2012-12-25") - date("2012-12-24")', 'duration("P1D")'],
    ['date("2012-12-24") + duration("P1M")', 'date("2013-01-24")'],
    ['date("2013-01-31") + duration("P1M")', 'date("2013-02-28")'],
    ['date("2012-12-25") - duration("P1D")', 'date("2012-12-24")'],
    ['date and time("2012-12-24T23:59:00Z") + duration("PT1M")', 'date and time("2012-12-25T00:00:00Z")'],
    ['time("23:59:00") + duration("PT2M")', 'time("00:01:00")'],
    ['duration("P1Y") + duration("P2M")', 'duration("P14M")'],
    ['duration("PT1H") * 1.5', 'duration("PT90M")'],
    ['duration("P1Y") / 2', 'duration("P6M")'],
    ['duration("P1D") / duration("PT1H")', '24'],
    ['-duration("P1D")', 'duration("-P1D")'],
    ['@"2012-12-25"', 'date("2012-12-25")'],
    ['@"P1D"', 'duration("P1D")'],
    ['@"11:22:33"', 'time("11:22:33")'],
  ],
  '10.3.2.9 order, table 54': [
    ['1 < 2', 'true'],
    ['"a" < "b"', 'true'],
    ['1 < null', 'null'],
    ['date("2012-12-24") < date("2012-12-25")', 'true'],
    ['duration("P1D") > duration("PT23H")', 'true'],
    ['time("11:00:00") >= time("11:00:00")', 'true'],
  ],
  '10.3.2.14 if, for, some and every': [
    ['if 1 > 2 then 3 else 4', '4'],
    ['if null then 1 else 2', '2'],
    ['for i in [1, 2, 3] return i * 2', '[2, 4, 6]'],
    ['for i in 1..3 return i', '[1, 2, 3]'],
    ['for i in 3..1 return i', '[3, 2, 1]'],
    ['for i in [1, 2], j in [10, 20] return i + j', '[11, 21, 12, 22]'],
    ['some i in [1, 2, 3] satisfies i > 2', 'true'],
    ['some i in [1, null] satisfies i > 2', 'null'],
    ['some i in [] satisfies i = 1', 'false'],
    ['every i in [1, 2, 3] satisfies i > 1', 'false'],
    ['every i in [] satisfies i = 1', 'true'],
    ['every i in [3, null] satisfies i > 2', 'null'],
    ['for i in null return i', 'null'],
    ['some i in null satisfies i = 1', 'null'],
    ['every i in null satisfies i = 1', 'null'],
    ['for i in if 1 > 2 then [1] else null return i', 'null'],
    // §10.3.2.14: what the rounds before gave.
    ['for i in 0..4 return if i = 0 then 1 else i * partial[-1]', '[1, 1, 2, 6, 24]'],
    ['for i in [1, 2, 3] return count(partial)', '[0, 1, 2]'],
    ['for i in 1..2 return for j in 1..2 return count(partial)', '[[0, 1], [0, 1]]'],
    ['for i in 1..3 return sum(partial) + i', '[null, null, null]'],
  ],
  '10.3.2.5 filters by place': [
    ['[1, 2, 3][1.5]', 'null'],
    ['[1, 2, 3][0]', 'null'],
    ['[1, 2, 3][4]', 'null'],
    ['[1, 2, 3][-3]', '1'],
    ['[1, 2, 3][1.0]', '1'],
  ],
  '10.3.1.2 comments and escapes': [
    ['1 + // one\n 2', '3'],
    ['1 /* one\n and */ + 2', '3'],
    ['"// no comment"', '"// no comment"'],
    ['string length("\\U01F600")', '1'],
    ['"\\U000041\\u0042"', '"AB"'],
    ['string length("\\\\U000041")', '8'],
  ],
  '10.3.2.12 in a list of nothing': [
    ['5 in []', 'false'],
    ['null in []', 'false'],
    ['not(5 in [])', 'true'],
  ],
  '10.3.2.13.3 parameters by name': [
    ['substring(string: "foobar", start position: 3, length: 2)', '"ob"'],
    ['substring(start position: 3, string: "foobar")', '"obar"'],
    ['list contains(list: [1, 2], element: 2)', 'true'],
  ],
  '10.3.4 one value where a list is wanted is a list of one (10.3.2.9.4)': [
    ['count("a")', '1'],
    ['sum(4)', '4'],
    ['for i in 5 return i * 2', '[10]'],
    ['some i in 5 satisfies i > 4', 'true'],
    ['5[item > 3]', '[5]'],
    ['5[1]', '5'],
    ['flatten(5)', '[5]'],
  ],
};

describe.each(Object.entries(TABLES))('%s', (_, rows) => {
  test.each(rows)('%s is %s', (text, wanted) => expect([text, answer(text)]).toEqual([text, answer(wanted)]));
});

describe('what is not part of the language is refused in words, at its place', () => {
  test.each([
    ['5 in ()', ' '],
    ['"\\U110000"', 'something a text cannot hold'],
    ['1 /* open', ' '],
    ['{a: 1}.a', 'is not part of the rule language here'],
    ['function(x) x + 1', 'is not part of the rule language here'],
    ['1 instance of number', 'is not part of the rule language here'],
    ['get value({a: 1}, "a")', 'is not part of the rule language here'],
    ['[1, "a"]', 'The items of a list are of one kind'],
    ['"a" + 1', 'Write string(…)'],
    ['when > today()', 'Write date(…)'],
    ['severity > "damage"', 'has no order'],
    ['boat.owner.boats.near_misses.cost', 'This is a list of lists'],
    ['a b', 'Something is missing between the words'],
    ['cost == 1', 'Two operators stand side by side'],
    ['substring(text: "a", start position: 1)', 'This is not how “substring” is called'],
    ['sum("a")', '“sum” takes'],
    ['before.cost', 'only where a record is changed'],
    ['me.nmae', 'Did you mean me.name?'],
    ['duration("P1M1D")', 'is not a duration'],
    ['1234567890123456789012345678901234567', 'at most 34 digits'],
  ])('%s: %s', (text, words) => {
    const said = answer(text);
    expect(String(said)).toContain(words);
  });
});
