import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { catalogue, clock } from '../register/example.arb.ts';
import {
  type CompiledForm,
  compileForm,
  type Entry,
  fillIn,
  formSchema,
  newEntry,
  receiveEntry,
  toSend,
} from './index.ts';

const base = {
  key: 'report',
  label: 'Report',
  register: 'near_misses',
  questions: [
    { field: 'title', page: 'what' },
    { field: 'severity', page: 'what' },
    { field: 'witnessed', page: 'hurt' },
    { field: 'cost', page: 'damage' },
    { field: 'reported_on', page: 'regulator' },
  ],
  pages: [
    {
      key: 'what',
      label: 'What happened',
      onward: [
        { condition: 'severity = "injury"', to: 'hurt' },
        { condition: 'severity = "damage"', to: 'damage' },
        { condition: 'severity = "scare"', to: null },
      ],
    },
    { key: 'hurt', label: 'Who was hurt', onward: [{ condition: 'witnessed = true', to: 'regulator' }] },
    { key: 'damage', label: 'Damage', onward: [{ condition: 'cost <= 5000', to: null }] },
    { key: 'regulator', label: 'Regulator' },
  ],
};

const compile = (form: object = base): CompiledForm => {
  const result = compileForm(formSchema.parse(form), catalogue);
  if (!result.ok) throw new Error(result.problems.map((each) => each.detail).join(' '));
  return result.value;
};
const problems = (form: object): readonly string[] => {
  const result = compileForm(formSchema.parse(form), catalogue);
  return result.ok ? [] : result.problems.map((each) => `${each.path.join('.')}: ${each.detail}`);
};
const typed = (values: Entry['typed'], record: Entry['record'] = null): Entry => ({
  ...newEntry('e', record),
  typed: values,
});
const asked = (form: CompiledForm, values: Entry['typed']) =>
  fillIn(form, typed(values), clock)
    .questions.filter((state) => state.asked)
    .map((state) => state.question.key);

describe('the way through the pages', () => {
  const form = compile();
  test.each([
    ['nothing said yet: page by page', {}, [0, 1, 2, 3]],
    ['the first condition that holds leads on', { severity: 'damage' }, [0, 2, 3]],
    ['to the end', { severity: 'scare' }, [0]],
    ['a condition on a later page', { severity: 'damage', cost: '20' }, [0, 2]],
    ['a condition that does not hold: the next page', { severity: 'damage', cost: '9000' }, [0, 2, 3]],
    ['past a page', { severity: 'injury', witnessed: true }, [0, 1, 3]],
    ['a condition that is nothing does not hold', { severity: 'injury' }, [0, 1, 2, 3]],
  ])('%s', (_, values, way) => expect(fillIn(form, typed(values), clock).way).toEqual(way));

  test.each([
    ['a chosen page, without a condition', 'regulator', {}, [0, 3]],
    ['a condition comes before it', 'regulator', { severity: 'damage', cost: '9000' }, [0, 2, 3]],
    ['the end', null, {}, [0]],
  ])('otherwise a page leads on to what is said: %s', (_, otherwise, values, way) => {
    const leading = compile({
      ...base,
      pages: base.pages.map((page) => (page.key === 'what' ? { ...page, otherwise } : page)),
    });
    expect(fillIn(leading, typed(values), clock).way).toEqual(way);
  });

  test('a page that is not on the way asks nothing, and an answer given there leads nowhere', () => {
    // The cost of 20 would lead from Damage to the end, but Damage is not on the way.
    const values = { severity: 'injury', witnessed: true, cost: '20' };
    expect(asked(form, values)).toEqual(['title', 'severity', 'witnessed', 'reported_on']);
    const filledIn = fillIn(form, typed(values), clock);
    expect(toSend(filledIn, typed(values), new Set())).not.toHaveProperty('cost');
  });

  test('what is typed on a page comes back with the page', () => {
    const entry = typed({ severity: 'scare', cost: '20' });
    expect(fillIn(form, entry, clock).byKey.get('cost')?.value).toBeNull();
    const back = { ...entry, typed: { ...entry.typed, severity: 'damage' } };
    expect(fillIn(form, back, clock).byKey.get('cost')?.value).toBe('20');
  });

  test('the server takes no answer from a page that is not on the way', () => {
    const received = receiveEntry(form, { title: 'x', severity: 'scare', cost: '20' }, null, clock);
    expect(received.ok ? [] : received.problems.map((each) => [each.code, each.path[0]])).toEqual([
      ['not_asked', 'cost'],
    ]);
  });

  test('of a form without pages one page is on the way', () => {
    expect(fillIn(compile({ ...base, pages: [], questions: [{ field: 'title' }] }), typed({}), clock).way).toEqual([0]);
  });
});

describe('sections and endings', () => {
  const form = compile({
    ...base,
    pages: [],
    questions: [
      { field: 'severity' },
      { field: 'cost', section: 'money' },
      { field: 'reported_on', section: 'money', rules: [{ kind: 'asked_when', condition: 'cost > 100' }] },
    ],
    sections: [{ key: 'money', label: 'Money', condition: 'severity = "damage"' }],
    endings: [
      { label: 'Thank you, get well soon', condition: 'severity = "injury"', leads_to: 'record' },
      { label: 'Thank you' },
    ],
  });
  test.each([
    ['its condition does not hold', { severity: 'scare', cost: '500' }, ['severity']],
    ['its condition holds', { severity: 'damage' }, ['severity', 'cost']],
    ['and that of a question in it', { severity: 'damage', cost: '500' }, ['severity', 'cost', 'reported_on']],
  ])('a section is asked together: %s', (_, values, keys) => expect(asked(form, values)).toEqual(keys));

  test.each([
    ['injury', 'Thank you, get well soon'],
    ['damage', 'Thank you'],
  ])('after %s the ending is %s', (severity, label) =>
    expect(fillIn(form, typed({ severity }), clock).ending?.label).toBe(label),
  );
});

describe('what is wrong with pages and sections is told with its place', () => {
  const [what, hurt, ...rest] = base.pages;
  test.each([
    [
      'backwards',
      { ...base, pages: [what, { ...hurt, onward: [{ condition: 'true', to: 'what' }] }, ...rest] },
      ['pages.1.onward.0.to: From a page one goes to a later page, or to the end.'],
    ],
    [
      'to no page',
      { ...base, pages: [{ ...what, onward: [{ condition: 'true', to: 'nowhere' }] }, hurt, ...rest] },
      ['pages.0.onward.0.to: There is no page “nowhere”.'],
    ],
    [
      'on to a page before it, without a condition',
      { ...base, pages: [what, { ...hurt, otherwise: 'hurt' }, ...rest] },
      ['pages.1.otherwise: From a page one goes to a later page, or to the end.'],
    ],
    [
      'a question on no page',
      { ...base, questions: [...base.questions, { field: 'boat', page: 'nowhere' }] },
      ['questions.5: There is no page “nowhere”.'],
    ],
    [
      'pages out of order',
      { ...base, questions: [...base.questions, { field: 'boat', page: 'what' }] },
      ['questions.5: The questions of a page stand together, in the order of the pages.'],
    ],
    [
      'two pages with one key',
      { ...base, pages: [...base.pages, { key: 'what', label: 'Again' }] },
      ['pages.4: There is another page “what”.'],
    ],
    [
      'a section in two places',
      {
        ...base,
        pages: [],
        questions: [{ field: 'title', section: 's' }, { field: 'cost' }, { field: 'boat', section: 's' }],
        sections: [{ key: 's', label: 'S' }],
      },
      ['questions.2: The questions of a section stand together on one page.'],
    ],
    [
      'no such section',
      { ...base, pages: [], questions: [{ field: 'title', section: 'gone' }] },
      ['questions.0: There is no section “gone”.'],
    ],
    [
      'a page that waits for its own question',
      {
        ...base,
        pages: [{ ...what, onward: [{ condition: 'witnessed = true', to: 'regulator' }] }, hurt, ...rest],
      },
      ['questions.2: These questions wait for each other: Witnessed → the page Who was hurt → Witnessed.'],
    ],
    [
      'a wrong condition',
      { ...base, endings: [{ label: 'E', condition: 'costs > 1' }] },
      [expect.stringContaining('endings.0.condition: ')],
    ],
  ])('%s', (_, form, told) => expect(problems(form)).toEqual(told));
});

describe('hidden, locked and offered', () => {
  const withRules = (field: string, ...rules: object[]) =>
    compile({
      ...base,
      pages: [],
      questions: [{ field: 'severity' }, { field: 'witnessed' }, { field: 'title' }, { field, rules }].filter(
        (each, i, all) => all.findLastIndex((other) => other.field === each.field) === i,
      ),
    });

  test('a hidden question is set, counts for other rules, and nobody answers it', () => {
    const form = withRules('cost', { kind: 'hidden_as', value: 'if severity = "damage" then 50 else 0' });
    const state = fillIn(form, typed({ severity: 'damage' }), clock).byKey.get('cost');
    expect([state?.value, state?.question.hidden]).toEqual(['50', true]);
    expect(receiveEntry(form, { severity: 'damage', title: 'x' }, null, clock)).toMatchObject({
      ok: true,
      value: { cost: '50' },
    });
    expect(receiveEntry(form, { severity: 'damage', title: 'x', cost: '1' }, null, clock).ok).toBe(false);
  });

  describe('locked', () => {
    const form = withRules(
      'cost',
      { kind: 'locked_when', condition: 'witnessed = true' },
      { kind: 'starts_as', value: '10' },
    );
    const cost = (values: Entry['typed'], record: Entry['record'] = null) => {
      const state = fillIn(form, typed(values, record), clock).byKey.get('cost');
      return [state?.value, state?.locked];
    };
    test('what was typed waits while it is locked', () => {
      expect(cost({ cost: '99' })).toEqual(['99', false]);
      expect(cost({ cost: '99', witnessed: true })).toEqual(['10', true]);
      expect(cost({ cost: '99', witnessed: false })).toEqual(['99', false]);
    });
    test('in a change form the record’s value stands', () => {
      expect(cost({ cost: '99' }, { cost: '7', witnessed: true })).toEqual(['7', true]);
    });
    test('it is not sent; the server works it out, and refuses another answer', () => {
      const entry = typed({ cost: '99', witnessed: true, title: 'x' });
      const sent = toSend(fillIn(form, entry, clock), entry, new Set());
      expect(sent).not.toHaveProperty('cost');
      expect(receiveEntry(form, sent, null, clock)).toMatchObject({ ok: true, value: { cost: '10' } });
      const forged = receiveEntry(form, { ...sent, cost: '99' }, null, clock);
      expect(forged.ok ? null : forged.problems[0]?.detail).toBe(
        'Cost is locked with these answers, so it cannot be answered.',
      );
    });
  });

  describe('a part of the choices', () => {
    const form = withRules(
      'severity',
      { kind: 'offers_only', choices: ['scare', 'damage'] },
      { kind: 'offers_only', choices: ['scare'], condition: 'witnessed = false' },
    );
    const told = (values: Entry['typed'], record: Entry['record'] = null) =>
      fillIn(form, typed(values, record), clock).problems.map((each) => each.detail);
    test.each([
      ['always', {}, ['scare', 'damage']],
      ['and fewer while a condition holds', { witnessed: false }, ['scare']],
    ])('%s', (_, values, codes) =>
      expect([...(fillIn(form, typed(values), clock).byKey.get('severity')?.offered ?? [])]).toEqual(codes),
    );
    test('what is no longer offered stays, with a problem', () => {
      expect(told({ title: 'x', severity: 'damage' })).toEqual([]);
      expect(told({ title: 'x', severity: 'damage', witnessed: false })).toEqual([
        'Severity: Damage is not offered with these answers.',
      ]);
    });
    test('what the record held before may stay', () => {
      const record = { title: 'x', severity: 'injury' };
      expect(told({}, record)).toEqual([]);
      expect(told({ severity: 'injury' }, record)).toEqual([]);
    });
    test('the server refuses what is not offered', () => {
      const received = receiveEntry(form, { title: 'x', severity: 'injury' }, null, clock);
      expect(received.ok ? [] : received.problems.map((each) => each.code)).toEqual(['not_offered']);
    });
    test('only choices of the list can be offered, and only of a choice', () => {
      expect(
        problems({
          ...base,
          pages: [],
          questions: [
            { field: 'severity', rules: [{ kind: 'offers_only', choices: ['calm'] }] },
            { field: 'title', rules: [{ kind: 'offers_only', choices: ['calm'] }] },
          ],
        }),
      ).toEqual([
        'questions.0.rules.0.choices.0: Severity has no choice “calm”.',
        'questions.1.rules.0: Title is not chosen from a list, so no part of it is offered.',
      ]);
    });
  });
});

describe('a form with pages, sections, locks and offers, filled in at random', () => {
  const form = compile({
    ...base,
    questions: [
      { field: 'title', page: 'what', rules: [{ kind: 'locked_when', condition: 'witnessed = true' }] },
      { field: 'severity', page: 'what' },
      {
        field: 'witnessed',
        page: 'hurt',
        rules: [{ kind: 'asked_when', condition: 'severity != "scare"' }],
      },
      {
        field: 'cost',
        page: 'damage',
        section: 'money',
        rules: [
          { kind: 'starts_as', value: 'if severity = "damage" then 9000 else 1' },
          { kind: 'must', condition: 'cost > 0' },
        ],
      },
      { field: 'what_happened', page: 'damage', section: 'money' },
      { field: 'reported_on', page: 'regulator', rules: [{ kind: 'must_be_answered' }] },
    ],
    pages: base.pages.map((page) =>
      page.key === 'what' ? { ...page, onward: [{ condition: 'severity = "scare"', to: 'damage' }] } : page,
    ),
    sections: [{ key: 'money', label: 'Money', condition: 'severity != "injury" or witnessed = true' }],
  });
  const act = fc.oneof(
    fc.record({ key: fc.constant('severity'), value: fc.constantFrom('scare', 'damage', 'injury', null) }),
    fc.record({ key: fc.constant('witnessed'), value: fc.constantFrom(true, false, null) }),
    fc.record({ key: fc.constant('cost'), value: fc.constantFrom('1', '5000', '5001', '0', null) }),
    fc.record({ key: fc.constant('title'), value: fc.constantFrom('a', null) }),
    fc.record({ key: fc.constant('reported_on'), value: fc.constantFrom('2026-01-01', null) }),
  );

  /** The rules of the form above, as a person would follow them on paper. */
  const byHand = (values: Record<string, unknown>) => {
    const severity = values.severity ?? null;
    const way = [0];
    const witnessed = () => (severity === 'scare' || !way.includes(1) ? null : (values.witnessed ?? null));
    let at = severity === 'scare' ? 2 : 1;
    let cost: unknown = null;
    let money = false;
    while (at < 4) {
      way.push(at);
      if (at === 1) at = witnessed() === true ? 3 : 2;
      else if (at === 2) {
        money = severity !== 'injury' || witnessed() === true;
        cost = money ? ('cost' in values ? values.cost : severity === 'damage' ? '9000' : '1') : null;
        at = cost !== null && Number(cost) <= 5000 ? 4 : 3;
      } else at = 4;
    }
    return {
      way,
      cost,
      asked: [
        'title',
        'severity',
        ...(way.includes(1) && severity !== 'scare' ? ['witnessed'] : []),
        ...(money ? ['cost', 'what_happened'] : []),
        ...(way.includes(3) ? ['reported_on'] : []),
      ],
      locked: witnessed() === true,
    };
  };

  test('comes out as by hand, and step by step the same as all at once', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 14 }), (acts) => {
        let entry = typed({});
        let last = fillIn(form, entry, clock);
        for (const { key, value } of acts) {
          entry = { ...entry, typed: { ...entry.typed, [key]: value } };
          last = fillIn(form, entry, clock, { last });
          const anew = fillIn(form, entry, clock);
          expect({ ...last, from: null }).toEqual({ ...anew, from: null });
          const hand = byHand(entry.typed);
          expect(anew.way).toEqual(hand.way);
          expect(anew.questions.filter((state) => state.asked).map((state) => state.question.key)).toEqual(hand.asked);
          expect(anew.byKey.get('cost')?.value).toEqual(hand.cost);
          expect(anew.byKey.get('title')?.locked).toBe(hand.locked);
        }
        // What the browser would send, the server takes or refuses with the same problems.
        const sent = toSend(last, entry, new Set());
        const received = receiveEntry(form, sent, null, clock);
        expect(received.ok ? [] : received.problems.map((each) => each.path[0])).toEqual(
          last.problems.map((each) => each.path[0]),
        );
      }),
      often(4_000),
    );
  });
});
