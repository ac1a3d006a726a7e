import { readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { BUILT_INS, type BuiltIn, checkExpression, evaluate, usesOf } from '#core/expression/index.ts';
import { itemOf, RECORDS } from '#core/expression/records.arb.ts';
import { catalogue, clock, nearMisses } from '#core/register/example.arb.ts';
import { vocabularyOf } from '#core/register/index.ts';

const FILE = 'docs/rule-language.md';
const BEGIN = '<!-- functions: written by the test with IOLITE_WRITE_DOCS=yes -->\n';
const END = '<!-- end -->';

const GROUPS = ['number', 'text', 'list', 'date', 'conversion', 'yes or no', 'trade'] as const;
const HEADS: Readonly<Record<(typeof GROUPS)[number], string>> = {
  number: 'Numbers',
  text: 'Texts',
  list: 'Lists',
  date: 'Dates and times',
  conversion: 'From one kind to another',
  'yes or no': 'Yes and no',
  trade: 'Of the trade (not of the standard)',
};

const section = (builtIn: BuiltIn): string => {
  const inSql = builtIn.signatures.some((signature) => typeof signature.sql !== 'string');
  const where = builtIn.clause ? `§${builtIn.clause}` : 'of the trade';
  return [
    `**${builtIn.name}** (${where}${inSql ? ', in SQL' : ''}): ${usesOf(builtIn)
      .map((use) => `\`${use}\``)
      .join(' or ')}. ${builtIn.help}`,
    '',
    '| example | answer |',
    '|---|---|',
    ...builtIn.examples.map(([text, answer]) => `| \`${text.replaceAll('|', '\\|')}\` | \`${answer}\` |`),
    '',
  ].join('\n');
};

const functions = GROUPS.map(
  (group) =>
    `### ${HEADS[group]}\n\n${BUILT_INS.filter((each) => each.group === group)
      .map(section)
      .join('\n')}`,
).join('\n');

const vocabulary = vocabularyOf(nearMisses, catalogue);
const record = RECORDS.near_misses?.[1] ?? {};
const answer = (text: string) => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  return evaluate(checked.value, { ...itemOf('near_misses', record), clock: { ...clock, zone: 'UTC' } });
};

describe('the reference of the rule language', () => {
  const whole = readFileSync(FILE, 'utf8');
  const [before = '', rest = ''] = whole.split(BEGIN);
  const [, after = ''] = rest.split(END);

  test('says of every function what it is', () => {
    if (process.env.IOLITE_WRITE_DOCS === 'yes') writeFileSync(FILE, `${before}${BEGIN}\n${functions}\n${END}${after}`);
    expect(readFileSync(FILE, 'utf8')).toBe(`${before}${BEGIN}\n${functions}\n${END}${after}`);
  });

  const rows = [...`${before}${functions}${after}`.matchAll(/^\| `(.+)` \| `(.+)` \|$/gm)].map(
    ([, text = '', wanted = '']) => [text.replaceAll('\\|', '|'), wanted] as const,
  );

  test('has examples of everything', () => expect(rows.length).toBeGreaterThan(150));
  test.each(rows)('%s is %s', (text, wanted) => expect([text, answer(text)]).toEqual([text, answer(wanted)]));
});
