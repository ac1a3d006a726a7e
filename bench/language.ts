/** One evaluation of typical rules, and one answer in a large form: the core alone, no database. */
import { FeelFunction, evaluate as feelin, parseExpression as feelinParse } from 'feelin';
import { checkExpression, evaluate, type Values } from '#core/expression/index.ts';
import { compileForm, type Entry, fillIn, newEntry } from '#core/form/index.ts';
import { type Catalogue, registerSchema, vocabularyOf } from '#core/register/index.ts';
import type { Scalar } from '#core/values/index.ts';
import { median } from './measure.ts';
import { TOO_MUCH } from './too-much.ts';
import { QUESTIONS, wideForm, wideKey, wideRegister, wideRules } from './wide-form.ts';

const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
const field = (key: string, type: object) => ({ key, label: key, type });
const register = registerSchema.parse({
  key: 'incidents',
  singular: 'Incident',
  plural: 'Incidents',
  mark: 'INC',
  fields: [
    field('cost', { kind: 'money', currency: 'GBP' }),
    field('paid', { kind: 'money', currency: 'GBP' }),
    field('severity', { kind: 'text' }),
    field('title', { kind: 'text' }),
    field('witnessed', { kind: 'yes_no' }),
  ],
});
const catalogueWith = (...registers: (typeof register)[]): Catalogue => ({
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map(registers.map((each) => [each.key, each])),
  choiceLists: new Map(),
});
const vocabulary = vocabularyOf(register, catalogueWith(register));

/** The rules people write most: one test, a few tests, arithmetic, a choice among several, text. */
const RULES = [
  'cost > 500',
  'cost > 500 and severity = "damage"',
  'severity in ("damage", "injury") and witnessed = true',
  'cost != null and cost >= 0 and cost <= 10000',
  'cost - paid > 0.5',
  'string length(title) >= 10',
  'if witnessed then cost > 100 else cost > 500',
];
const RECORDS: readonly Readonly<Record<string, Scalar>>[] = [
  { cost: '650.25', paid: '100', severity: 'damage', title: 'Warp parted at the bollard', witnessed: true },
  { cost: '12.5', paid: '12', severity: 'scare', title: 'Near miss', witnessed: false },
  { cost: null, paid: null, severity: null, title: null, witnessed: null },
];

/** Nanoseconds a call takes, the median of several rounds. */
const timed = (run: (i: number) => unknown, times: number): number => {
  const rounds: number[] = [];
  for (let round = 0; round < 9; round++) {
    const from = performance.now();
    for (let i = 0; i < times; i++) run(i);
    rounds.push(((performance.now() - from) * 1e6) / times);
  }
  return median(rounds);
};

const ratios = RULES.map((text) => {
  const checked = checkExpression(text, vocabulary, { kind: 'condition' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  const hosts = RECORDS.map((record): Values => ({ clock, read: ([name = '']) => record[name] ?? null }));
  const plain = RECORDS.map((record) =>
    Object.fromEntries(
      Object.entries(record).map(([name, value]) => [
        name,
        typeof value === 'string' && (name === 'cost' || name === 'paid') ? Number(value) : value,
      ]),
    ),
  );
  const host = (i: number): Values => hosts[i % hosts.length] ?? { clock, read: () => null };
  const context = (i: number) => plain[i % plain.length] ?? {};
  const ours = timed((i) => evaluate(checked.value, host(i)), 200_000);
  const whole = timed((i) => feelin(text, context(i)), 2_000);
  const parsing = timed((i) => feelinParse(text, context(i), undefined), 2_000);
  // The same text as a function's body: parsed and built once, then only called.
  const made = feelin(`function(cost, paid, severity, title, witnessed) ${text}`, {}).value;
  if (!(made instanceof FeelFunction)) throw new Error(`${text} gave no function`);
  const lists = plain.map((each) => [each.cost, each.paid, each.severity, each.title, each.witnessed]);
  const called = timed((i) => made.invoke(lists[i % lists.length] ?? []), 20_000);
  const ratio = (whole - parsing) / ours;
  console.log(
    `${text.padEnd(56)} ours ${ours.toFixed(0).padStart(5)} ns; feelin, its tree given ${(whole - parsing).toFixed(0).padStart(6)} ns (${ratio.toFixed(0)} times), as a built function ${called.toFixed(0).padStart(5)} ns (${(called / ours).toFixed(1)} times)`,
  );
  return { ratio, called: called / ours };
});
console.log(
  `one evaluation, median over the rules: feelin takes ${median(ratios.map((each) => each.ratio)).toFixed(0)} times as long from its tree, ${median(ratios.map((each) => each.called)).toFixed(1)} times as a built function`,
);

const compiled = compileForm(wideForm, catalogueWith(wideRegister));
if (!compiled.ok) throw new Error(compiled.problems.map((each) => each.detail).join(' '));
let entry: Entry = newEntry('00000000-0000-7000-8000-000000000001');
for (let i = 0; i < QUESTIONS; i++) entry = { ...entry, typed: { ...entry.typed, [wideKey(i)]: String(i + 1) } };
let state = fillIn(compiled.value, entry, clock);
const [answers, wholes]: [number[], number[]] = [[], []];
for (let round = 0; round < 40; round++) {
  for (let i = 0; i < QUESTIONS; i += 7) {
    entry = { ...entry, typed: { ...entry.typed, [wideKey(i)]: String(((round + i) * 37) % 4000) } };
    const from = performance.now();
    state = fillIn(compiled.value, entry, clock, { last: state });
    answers.push(performance.now() - from);
  }
  const from = performance.now();
  fillIn(compiled.value, entry, clock);
  wholes.push(performance.now() - from);
}
const worst = answers.toSorted((a, b) => a - b)[Math.floor(answers.length * 0.99)] ?? 0;
console.log(
  `form of ${QUESTIONS} questions and ${wideRules} rules, one answer changed: median ${median(answers).toFixed(3)} ms, 99th of 100 ${worst.toFixed(3)} ms; worked out whole ${median(wholes).toFixed(2)} ms, ${(median(wholes) / median(answers)).toFixed(1)} times as long`,
);

// What is refused once is remembered: a space at the end makes each text new.
const refusals = TOO_MUCH.map((text) => {
  const times = Array.from({ length: 3 }, (_, round) => {
    const from = performance.now();
    const checked = checkExpression(text + ' '.repeat(round), vocabulary, { kind: 'condition' });
    if (checked.ok) throw new Error(`this was to be refused: ${text.slice(0, 60)}`);
    return performance.now() - from;
  });
  return { ms: Math.min(...times), text: text.slice(0, 30) };
});
const slowest = refusals.reduce((a, b) => (a.ms > b.ms ? a : b));
console.log(`the slowest refusal of ${refusals.length}: ${slowest.ms.toFixed(1)} ms, of ${slowest.text}… (goal 100)`);
