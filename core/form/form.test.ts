import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import {
  type CompiledForm,
  compileForm,
  type Entry,
  fillIn,
  formSchema,
  formVocabulary,
  newEntry,
  type Rule,
  receiveEntry,
  sayRule,
  toSend,
} from './index.ts';

const question = (field: string, ...rules: object[]) => ({ field, rules });

const form = formSchema.parse({
  key: 'report',
  label: 'Report a near miss',
  register: 'near_misses',
  questions: [
    question('title', { kind: 'must_be_answered' }),
    question('when', { kind: 'starts_as', value: 'now()' }, { kind: 'must', condition: 'when <= now()' }),
    question('severity', { kind: 'must_be_answered' }),
    question('boat', { kind: 'fills', question: 'owner', from: 'boat.owner' }),
    question('owner'),
    question(
      'cost',
      { kind: 'asked_when', condition: 'severity in ("damage", "injury")' },
      { kind: 'must', condition: 'cost > 0' },
    ),
    question('what_happened', { kind: 'must', condition: 'string length(what_happened) >= 40' }),
  ],
});

const compiled = (definition = form): CompiledForm => {
  const result = compileForm(definition, catalogue);
  if (!result.ok) throw new Error(result.problems.map((each) => each.detail).join(' '));
  return result.value;
};

const [BOAT, OTHER_BOAT, OWNER, MINE] = ['1', '2', '3', '4'].map((n) => `0000000${n}-0000-7000-8000-000000000000`) as [
  string,
  string,
  string,
  string,
];
const typed = (values: Entry['typed'], more: Partial<Entry> = {}): Entry => ({
  ...newEntry('e'),
  typed: values,
  ...more,
});
const state = (entry: Entry, key: string) => fillIn(compiled(), entry, clock).byKey.get(key);
const told = (entry: Entry) => fillIn(compiled(), entry, clock).problems.map((each) => each.detail);

/** The numbers are those of the design's section on filling in a form. */
describe('filling in', () => {
  test('1. typed goes before filled, filled before what it starts as', () => {
    const snapshots = { boat: { record: BOAT, taken: 1, fills: { owner: OWNER } } };
    expect(state(typed({ boat: BOAT }, { snapshots }), 'owner')).toMatchObject({
      value: OWNER,
      source: 'filled',
      filledBy: 'boat',
    });
    expect(state(typed({ boat: BOAT, owner: MINE }, { snapshots }), 'owner')).toMatchObject({
      value: MINE,
      source: 'typed',
    });
    expect(state(newEntry('e'), 'when')).toMatchObject({ value: clock.now, source: 'started' });
  });

  test('1. deliberately empty stays empty', () => {
    expect(state(typed({ when: null }), 'when')).toMatchObject({ value: null, source: 'typed' });
    const snapshots = { boat: { record: BOAT, taken: 1, fills: { owner: OWNER } } };
    expect(state(typed({ boat: BOAT, owner: null }, { snapshots }), 'owner')).toMatchObject({ value: null });
  });

  test('1. a snapshot counts only while its look-up holds the record it was taken of', () => {
    const snapshots = { boat: { record: BOAT, taken: 1, fills: { owner: OWNER } } };
    expect(state(typed({ boat: OTHER_BOAT }, { snapshots }), 'owner')).toMatchObject({
      value: null,
      source: 'nothing',
    });
    expect(state(typed({ boat: null }, { snapshots }), 'owner')).toMatchObject({ value: null });
  });

  test('2. what is not asked is nothing, and comes back with what was typed', () => {
    const answers = { title: 'x', cost: '750' };
    expect(state(typed({ ...answers, severity: 'scare' }), 'cost')).toMatchObject({ asked: false, value: null });
    expect(state(typed({ ...answers, severity: 'damage' }), 'cost')).toMatchObject({ asked: true, value: '750' });
    expect(state(typed(answers), 'cost')).toMatchObject({ asked: false });
  });

  test('2. a condition on what is not asked sees nothing', () => {
    const chained = formSchema.parse({
      ...form,
      questions: [
        question('witnessed', { kind: 'asked_when', condition: 'cost > 10' }),
        question('severity'),
        question('cost', { kind: 'asked_when', condition: 'severity = "damage"' }),
      ],
    });
    const asked = (severity: string) =>
      fillIn(compiled(chained), typed({ severity, cost: '50' }), clock).byKey.get('witnessed')?.asked;
    expect(asked('damage')).toBe(true);
    expect(asked('scare')).toBe(false);
  });

  test('6. the order of typing does not matter', () => {
    const one = fillIn(compiled(), typed({ severity: 'damage', cost: '5', title: 'a' }), clock);
    const other = fillIn(compiled(), typed({ title: 'a', cost: '5', severity: 'damage' }), clock);
    expect(one.questions.map(({ asked, value }) => [asked, value])).toEqual(
      other.questions.map(({ asked, value }) => [asked, value]),
    );
  });

  test('8. rules say themselves, and count where characters count', () => {
    const entry = typed({
      severity: 'damage',
      when: '2098-12-31T10:00:00.000Z',
      cost: '0',
      what_happened: 'The warp broke',
    });
    expect(told(entry)).toEqual([
      'Title must be answered.',
      'When cannot be later than now.',
      'Cost must be over 0.',
      'What happened must have at least 40 characters; 14 so far.',
    ]);
  });

  test('8. a must is not checked while nothing is answered, and not where it is not asked', () => {
    expect(told(typed({ title: 'a', severity: 'scare', cost: '-5', when: null }))).toEqual([]);
  });

  test('8. a rule’s own message goes before its sentence', () => {
    const own = formSchema.parse({
      ...form,
      questions: [question('cost', { kind: 'must', condition: 'cost > 0', message: 'Give the cost in pounds.' })],
    });
    expect(fillIn(compiled(own), typed({ cost: '0' }), clock).problems[0]?.detail).toBe('Give the cost in pounds.');
  });

  test('what cannot be read is kept as typed and told', () => {
    const entry = typed({ title: 'a', severity: 'damage' }, { unread: { cost: 'a lot' } });
    expect(told(entry)).toEqual(['This must be a number, such as 12 or 12.50.']);
  });

  test('9. sending carries what is asked, and nothing else', () => {
    const entry = typed({ title: 'a', severity: 'scare', cost: '750' });
    expect(Object.keys(toSend(fillIn(compiled(), entry, clock), entry, new Set()))).toEqual([
      'title',
      'when',
      'severity',
      'boat',
      'owner',
      'what_happened',
    ]);
  });

  test('10. a change sends what differs, and clears what was asked on opening and is no more', () => {
    const record = {
      title: 'a',
      when: clock.now,
      severity: 'damage',
      cost: '750',
      boat: null,
      owner: null,
      what_happened: null,
    };
    const opening = new Set(['title', 'when', 'severity', 'boat', 'owner', 'cost', 'what_happened']);
    const entry = typed({ severity: 'scare', title: 'a' }, { record });
    expect(toSend(fillIn(compiled(), entry, clock), entry, opening)).toEqual({ severity: 'scare', cost: null });
    expect(fillIn(compiled(), { ...newEntry('e'), record }, clock).byKey.get('when')).toMatchObject({
      source: 'record',
    });
  });
});

describe('what the server receives', () => {
  const receive = (values: Record<string, unknown>, record: Entry['record'] = null) => {
    const result = receiveEntry(compiled(), values, record, clock);
    return result.ok ? result.value : result.problems.map((each) => [each.code, ...each.path]);
  };

  test('started values apply where nothing was sent, not where nothing was meant', () => {
    expect(receive({ title: 'a', severity: 'scare' })).toMatchObject({ when: clock.now });
    expect(receive({ title: 'a', severity: 'scare', when: null })).toMatchObject({ when: null });
  });

  test.each<[string, Record<string, unknown>, (string | number)[][]]>([
    ['an answer to what is not asked', { title: 'a', severity: 'scare', cost: '5' }, [['not_asked', 'cost']]],
    [
      'a field that the form does not ask',
      { title: 'a', severity: 'scare', witnessed: true },
      [['not_asked', 'witnessed']],
    ],
    ['a choice that there is not', { title: 'a', severity: 'mayhem' }, [['not_a_choice', 'severity']]],
    ['an object for a text', { title: {}, severity: 'scare' }, [['wrong_type', 'title']]],
    [
      'nothing at all',
      {},
      [
        ['required', 'title'],
        ['required', 'severity'],
      ],
    ],
  ])('%s is refused', (_, values, problems) => expect(receive(values)).toEqual(problems));

  test('a change carries only its own fields, judged with the record’s others', () => {
    const record = { title: 'a', severity: 'damage', cost: '750' };
    expect(receive({ cost: '800' }, record)).toEqual({ cost: '800' });
    expect(receive({ cost: '0' }, record)).toEqual([['must', 'cost']]);
  });

  test('a change that ends a question’s being asked clears it, also where the caller did not', () => {
    const record = { title: 'a', severity: 'damage', cost: '750' };
    expect(receive({ severity: 'scare' }, record)).toEqual({ severity: 'scare', cost: null });
    expect(receive({ severity: 'scare', cost: null }, record)).toEqual({ severity: 'scare', cost: null });
    expect(receive({ severity: 'scare', cost: '5' }, record)).toEqual([['not_asked', 'cost']]);
  });

  test('a change leaves alone what was not asked before either', () => {
    const record = { title: 'a', severity: 'scare', cost: '750' };
    expect(receive({ title: 'b' }, record)).toEqual({ title: 'b' });
  });
});

describe('a definition that is wrong', () => {
  const refuse = (...questions: object[]) => {
    const result = compileForm(formSchema.parse({ ...form, questions }), catalogue);
    return result.ok ? [] : result.problems.map((each) => [each.code, each.path.join('/')]);
  };

  test.each([
    ['an unknown field', [question('colour')], [['unknown_field', 'questions/0/field']]],
    ['a question twice', [question('cost'), question('cost')], [['asked_twice', 'questions/1']]],
    [
      'an unknown name in a rule',
      [question('cost', { kind: 'must', condition: 'cots > 1' })],
      [['unknown_name', 'questions/0/rules/0/condition']],
    ],
    [
      'a start of the wrong kind',
      [question('cost', { kind: 'starts_as', value: 'today()' })],
      [['type', 'questions/0/rules/0/value']],
    ],
    [
      'a question that waits for itself',
      [question('cost', { kind: 'asked_when', condition: 'cost > 1' })],
      [['circle', 'questions/0']],
    ],
    [
      'a fill from elsewhere',
      [question('boat', { kind: 'fills', question: 'owner', from: 'owner.name' }), question('owner')],
      [['not_from_look_up', 'questions/0/rules/0/from']],
    ],
    [
      'a fill that does not fit',
      [question('boat', { kind: 'fills', question: 'owner', from: 'boat.name' }), question('owner')],
      [['type', 'questions/0/rules/0/from']],
    ],
    [
      'a fill of nobody’s question',
      [question('boat', { kind: 'fills', question: 'owner', from: 'boat.owner' })],
      [['unknown_question', 'questions/0/rules/0/question']],
    ],
  ])('%s', (_, questions, problems) => expect(refuse(...questions)).toEqual(problems));
});

test('every kind of rule reads as a sentence', () => {
  const context = { vocabulary: formVocabulary(form, nearMisses, catalogue), values: valueContext(catalogue) };
  const said = form.questions.flatMap(({ field, rules }) =>
    rules.map((rule: Rule) =>
      sayRule(rule, field, context)
        .map((part) => part.text)
        .join(' '),
    ),
  );
  expect(said).toEqual([
    'must be answered',
    'starts as now',
    'cannot be later than now',
    'must be answered',
    'fills Owner from Boat’s owner',
    'is asked when Severity is Damage or Injury',
    'must be over 0',
    'must have at least 40 characters',
  ]);
});
