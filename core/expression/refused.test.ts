import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { checkExpression, evaluate, type NoteCode } from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);

describe('what would take too long or too much is refused', () => {
  test.each([
    ['10,001 characters', `cost > ${'1'.repeat(10_001)}`, 'at most 10000 characters'],
    ['a chain of 2,000 sums', `cost${' + 1'.repeat(2_000)} > 1`, 'at most 200 operators'],
    ['201 brackets', `${'('.repeat(201)}cost${')'.repeat(201)} > 1`, 'nested more than 200 levels deep'],
    ['201 lists', `count(${'['.repeat(201)}${']'.repeat(201)}) > 1`, 'nested more than 200 levels deep'],
    ['a loop of a million', 'some i in 1..1000000 satisfies i = cost', 'at most 10000 times'],
    [
      'a text of megabytes',
      `${Array.from({ length: 60 }, () => 'what_happened').join(' + ')} = ""`,
      'more than 1000000 characters',
    ],
    [
      'a chain that the parser gives up on',
      `floor(${Array.from({ length: 90 }, () => 'cost').join(' + ')}) > 1`,
      'it is too long',
    ],
    ['a pattern that backtracks', 'matches(title, "(a{50}){50}(b{50}){50}")', 'its repeats make it too large'],
    ['a pattern that looks back', 'matches(title, "(a)\\\\1")', 'is not known'],
    ['9,900 opening brackets', '('.repeat(9_900), 'nested more than 200 levels deep'],
    ['noise', '"'.repeat(9_900), ''],
  ])('%s', (_, text, words) => {
    const value = checkExpression(text.slice(0, 10_001), vocabulary, { kind: 'condition' });
    expect(value.ok).toBe(false);
    expect(value.ok ? '' : value.problems[0]?.detail).toContain(words);
  });

  test.each<[string, string, NoteCode]>([
    ['loops inside loops', 'count(for a in 1..9000, b in 1..9000 return a)', 'too_much'],
    ['a loop worked out to be long', 'count(for a in 1..(cost * 1000000) return a)', 'too_much'],
    ['a join of a long list', 'string join(for a in 1..9000 return what_happened, "")', 'too_much'],
    [
      'a replacement that grows',
      'replace(replace(what_happened, "a", "aaaaaaaaaaaaaaaaaaaaaaaa"), "a", "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa")',
      'too_much',
    ],
    ['a day past the calendar', 'date("9999-12-31") + duration("P1D") * cost', 'out_of_range'],
    ['a day that is none', 'date(2023, 2, cost)', 'no_such_date'],
    ['a division by zero', '1 / (cost - cost)', 'division_by_zero'],
  ])('%s gives nothing, with a note', (_, text, code) => {
    const checked = checkExpression(text, vocabulary, { kind: 'any' });
    if (!checked.ok) throw new Error(checked.problems[0]?.detail);
    const record: Readonly<Record<string, string>> = { cost: '500', what_happened: 'a'.repeat(20_000) };
    const notes: NoteCode[] = [];
    const read = ([name = '']: readonly string[]) => record[name] ?? null;
    const value = evaluate(checked.value, { clock, read, note: (note) => notes.push(note) });
    expect([value, notes[0]]).toEqual([null, code]);
  });
});
