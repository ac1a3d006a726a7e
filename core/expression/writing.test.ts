import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { casesOf, often } from '../base/often.arb.ts';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext, vocabularyOf } from '../register/index.ts';
import {
  checkExpression,
  completionsAt,
  findCondition,
  findPlaces,
  helpAt,
  operandText,
  parseExpression,
  readOperand,
  sayClause,
  type Writing,
  writeCondition,
  writeExpression,
} from './index.ts';
import { anyExpression } from './random.arb.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const context = { vocabulary, values: valueContext(catalogue) };

/** Takes offers one after the other by what is typed; the last must end the sentence. */
const write = (start: Writing<string>, ...typed: readonly string[]): string => {
  let writing = start;
  for (const letters of typed) {
    const [offer] = writing.offers(letters);
    if (!offer)
      throw new Error(`nothing is offered for “${letters}” after “${writing.said.map((part) => part.text).join(' ')}”`);
    if (offer.to.kind === 'done') return offer.to.outcome;
    writing = offer.to.next();
  }
  throw new Error('the sentence has no end');
};
const begin = (mood: 'is' | 'must' = 'is', subject?: string) =>
  writeCondition({ context, mood, subject, finish: (text) => text });

const WALKS = 20_000;

describe('the guided writer', () => {
  test.each([
    [['Cost', 'is over', '500', ''], 'cost > 500'],
    [['cost', 'between', '1', '9.5', ''], 'cost between 1 and 9.5'],
    [['Sev', 'is …', 'Dam', ''], 'severity = "damage"'],
    [['Sev', 'is …', 'Dam', 'or another', 'Inj', ''], 'severity in ("damage", "injury")'],
    [['Sev', 'is not …', 'Scare', ''], '(severity != null and not(severity = "scare"))'],
    [['Cost', 'is over', '1', 'and', 'Title', 'contains', 'warp', ''], 'cost > 1 and contains(title, "warp")'],
    [['Boat’s', 'Owner’s', 'Name', 'begins', 'Ø', ''], 'starts with(boat.owner.name, "Ø")'],
    [['Reported', 'is earlier', '30 days ago', ''], 'reported_on < today() - duration("P30D")'],
    [['When', 'is later', 'now', ''], 'when > now()'],
    [['Witnessed', 'is …', 'yes', ''], 'witnessed = true'],
    [['Title', 'has at least', '10', ''], 'string length(title) >= 10'],
    [['Owner', 'is …', 'Boat', ''], null],
    [['Cost', 'is answered', ''], 'cost != null'],
  ])('%o gives %s', (typed, text) => {
    if (text === null) return expect(() => write(begin(), ...typed)).toThrow('nothing is offered');
    const written = write(begin(), ...typed);
    expect(written).toBe(text);
    expect(checkExpression(written, vocabulary, { kind: 'condition' }).ok).toBe(true);
  });

  test.each([
    ['Reported', 'is before', 'is earlier than …'],
    ['Reported', 'is after', 'is later than …'],
    ['Reported', 'is on or after', 'is not earlier than …'],
    ['Cost', 'is more than', 'is over …'],
    ['Cost', 'is up to', 'is at most …'],
    ['Cost', 'exceeds', 'is over …'],
    ['Title', 'is empty', 'is not answered'],
    ['Title', 'starts with', 'begins with …'],
    ['Severity', 'equals', 'is …'],
  ])('of %s, “%s” finds “%s”', (field, words, offered) => {
    const chosen = begin().offers(field)[0]?.to;
    const writing = chosen?.kind === 'on' ? chosen.next() : null;
    expect(writing?.offers(words).map(({ label }) => label)).toEqual([offered]);
  });

  test('a rule begins with what can be said of its question', () => {
    expect(write(begin('must', 'reported_on'), 'cannot be later', 'today', '')).toBe('reported_on <= today()');
    expect(
      begin('must', 'severity')
        .offers('')
        .map((offer) => offer.label),
    ).toEqual(['must be …', 'must not be …', 'must be answered', 'must not be answered']);
  });

  test('letters that begin an offer come before letters within one', () => {
    const labels = begin()
      .offers('o')
      .map((offer) => offer.label);
    expect(labels.slice(0, 2)).toEqual(['Owner', 'Owner’s …']);
    expect(labels).toContain('Boat');
  });

  test('every sentence that can be written says what its text says', () => {
    let finished = 0;
    const steps = fc.array(fc.nat({ max: 30 }), { minLength: 3, maxLength: 12 });
    fc.assert(
      fc.property(steps, (choices) => {
        let writing = begin();
        for (const choice of choices) {
          const offers = writing.offers(['a number', 'a text'].includes(writing.wants) ? '7' : '');
          const offer = offers[choice % Math.max(1, offers.length)];
          if (!offer) return;
          if (offer.to.kind === 'on') {
            writing = offer.to.next();
            continue;
          }
          const parsed = parseExpression(offer.to.outcome);
          const condition = parsed.ok ? findCondition(parsed.value) : null;
          const said = condition?.clauses.flatMap((clause, i) => [
            ...(i > 0 ? [condition.join] : []),
            ...sayClause(clause, 'is', context).map((part) => part.text),
          ]);
          expect(said).toEqual(writing.said.map((part) => part.text));
          finished++;
          return;
        }
      }),
      often(WALKS),
    );
    // Walks that never came to an end would show nothing.
    expect(finished).toBeGreaterThan(casesOf(WALKS) / 5);
  });
});

describe('values as people write them', () => {
  test.each([
    ['12.50', { kind: 'number' }, '12.5'],
    ['23 Nov 2026', { kind: 'date' }, 'date("2026-11-23")'],
    ['23/11/2026', { kind: 'date' }, 'date("2026-11-23")'],
    ['yesterday', { kind: 'date' }, 'today() - duration("P1D")'],
    ['in 2 weeks', { kind: 'date' }, 'today() + duration("P14D")'],
    ['1 year ago', { kind: 'date' }, 'today() - duration("P12M")'],
    ['reported on', { kind: 'date' }, 'reported_on'],
    ['2 days ago', { kind: 'moment' }, 'now() - duration("P2D")'],
    ['23 Nov 2026', { kind: 'moment' }, 'date and time("2026-11-23T00:00:00.000Z")'],
    ['no', { kind: 'boolean' }, 'false'],
    ['damage', { kind: 'choice', list: 'severities' }, '"damage"'],
    ['1-5 Nov 2026', { kind: 'span', nights: false }, '[date("2026-11-01")..date("2026-11-05")]'],
    ['today', { kind: 'span', nights: true }, '[today()..today()]'],
    ['today to in 2 weeks', { kind: 'span', nights: true }, '[today()..today() + duration("P14D")]'],
    ['yesterday to closed', { kind: 'span', nights: true }, null],
    ['5 Nov 2026 to 1 Nov 2026', { kind: 'span', nights: false }, null],
    ['31 Feb 2026', { kind: 'date' }, null],
    ['in 2 days ago', { kind: 'date' }, null],
    ['many', { kind: 'number' }, null],
  ] as const)('%s as %o is %s', (typed, type, text) => {
    const operand = readOperand(typed, type, context);
    expect(operand && operandText(operand)).toBe(text);
  });
});

describe('formulas', () => {
  const at = (text: string) => {
    const place = text.indexOf('|');
    return [text.replace('|', ''), place] as const;
  };

  test.each([
    ['co|', 'cost', 0],
    ['cost > bo|', 'boat', 7],
    ['boat.ow|', 'owner', 5],
    ['boat.owner.|', 'phone', 11],
    ['severity = "da|', 'damage', 12],
    ['severity in ("scare", "in|', 'injury', 23],
    ['string le|', 'string length', 0],
    ['cost > 1 and day o|', 'day of year', 13],
    ['reported_on.ye|', 'year', 12],
    ['me.na|', 'name', 3],
    ['boat.near_misses.co|', 'cost', 17],
  ])('%s offers %s', (marked, label, from) => {
    const found = completionsAt(...at(marked), vocabulary);
    expect(found?.from).toBe(from);
    expect(found?.options.map((option) => option.label)).toContain(label);
  });

  test('inside a text and after a number nothing is offered', () => {
    expect(completionsAt(...at('title = "co|'), vocabulary)).toBeNull();
    expect(completionsAt(...at('cost > 5|'), vocabulary)).toBeNull();
  });

  test.each([
    ['co|st > 1', 'Cost: a number'],
    ['boat.own|er.name = "x"', 'Boat, Owner, Name: a text'],
    ['working d|ays(reported_on, today())', 'How many working days'],
    ['boat.near_miss|es', 'Near misses: a list of records'],
  ])('help at %s says %s', (marked, words) => expect(helpAt(...at(marked), vocabulary)?.says).toContain(words));

  test('nothing is known of an unknown name', () => expect(helpAt('xyz > 1', 1, vocabulary)).toBeNull());

  test('text to tree to text to tree is the same tree, for random expressions', () => {
    const bare = (value: unknown): unknown =>
      JSON.parse(JSON.stringify(value, (key, each) => (/^(span|spans|nameSpan)$/.test(key) ? undefined : each)));
    fc.assert(
      fc.property(anyExpression, (text) => {
        const first = parseExpression(text);
        if (!first.ok) throw new Error(text);
        const again = parseExpression(writeExpression(first.value));
        expect([text, again.ok && bare(again.value)]).toEqual([text, bare(first.value)]);
        // A text once written stays as it is.
        expect(again.ok && writeExpression(again.value)).toBe(writeExpression(first.value));
      }),
      often(30_000),
    );
  });

  test('each part of a sentence knows the piece it stands for', () => {
    const text = 'cost > 500 and severity in ("damage", "injury") and (title != null and not(title = "x"))';
    const parsed = parseExpression(text);
    if (!parsed.ok) throw new Error(text);
    const places = findPlaces(parsed.value);
    const pieces = findCondition(parsed.value)?.clauses.flatMap((clause, i) =>
      sayClause(clause, 'is', context, undefined, places[i]).map((part) => [
        part.text,
        text.slice(part.span?.from, part.span?.to),
      ]),
    );
    expect(pieces).toEqual([
      ['Cost', 'cost'],
      ['is over', 'cost > 500'],
      ['500', '500'],
      ['Severity', 'severity'],
      ['is', 'severity in ("damage", "injury")'],
      ['Damage or Injury', '"damage", "injury"'],
      ['Title', 'title'],
      ['is not', 'title != null and not(title = "x")'],
      ['“x”', '"x"'],
    ]);
  });
});
