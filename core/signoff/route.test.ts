import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import {
  amountField,
  compileRoute,
  dueOf,
  foresee,
  groupsOf,
  isTolerated,
  nextTimer,
  type Route,
  recordValues,
  type StepState,
  sayForeseen,
  sayStepReason,
  sayWhoSigns,
  sayWhyYou,
  signersNamed,
  takes,
  whoSchema,
  whoSigns,
} from './index.ts';
import { compiledOf, ID, nearMiss, peopleWith, ROLES, routeOf } from './route.arb.ts';
import { TO_COME } from './state.ts';
import { Walk } from './walk.arb.ts';

const names = {
  role: (key: string) => ROLES.get(key)?.label ?? key,
  person: (id: string) => Object.entries(ID).find(([, held]) => held === id)?.[0] ?? id,
};

describe('what a route must be', () => {
  const problemsOf = (route: Route) => {
    const result = compileRoute(route, catalogue, ROLES);
    return result.ok ? [] : result.problems.map(({ code, path }) => `${code} ${path.join('/')}`);
  };

  test.each<[string, Route, string[]]>([
    ['a role that is not there', routeOf([{ who: 'pirate' }]), ['unknown_role steps/0/who/role']],
    [
      'a last resort that is not there',
      routeOf([{}], { last_resort: { kind: 'role', role: 'x' } }),
      ['unknown_role last_resort/role'],
    ],
    ['a condition over nothing', routeOf([{ condition: 'cots > 1' }]), ['unknown_name steps/0/condition']],
    ['a condition about whoever looks', routeOf([{ condition: 'me.name = "x"' }]), ['beyond_record steps/0/condition']],
    ['a field of people that is none', routeOf([{ who: { kind: 'field', path: 'title' } }]), ['type steps/0/who/path']],
    [
      'a tolerance over no number',
      routeOf([{}], { tolerance: { field: 'title', share: '0.05', amount: null } }),
      ['no_number tolerance/field'],
    ],
    [
      'a tolerance of nothing',
      routeOf([{}], { tolerance: { field: 'cost', share: null, amount: null } }),
      ['limit tolerance'],
    ],
    [
      'a tolerance under nothing',
      routeOf([{}], { tolerance: { field: 'cost', share: '-1', amount: null } }),
      ['limit tolerance/share'],
    ],
    [
      'a deadline on what is no day',
      routeOf([{ deadline: { by: { kind: 'date', path: 'title' }, remind: null, late: null } }]),
      ['type steps/0/deadline/by/path'],
    ],
    [
      'a reminder before anybody is asked',
      routeOf([{ deadline: { by: { kind: 'days', days: 2 }, remind: 2, late: null } }]),
      ['remind steps/0/deadline/remind'],
    ],
    ['a first step beside none', routeOf([{ beside: true }]), ['beside steps/0/beside']],
    ['a watched field that is not there', routeOf([{}], { watches: ['tittle'] }), ['unknown_field watches/0']],
    ['a step to go round again from that is gone', routeOf([{}], { again_from: 'x' }), ['unknown_step again_from']],
    ['a formula beside it that is no text', routeOf([{ notes: ['cost'] }]), ['type steps/0/notes/0']],
    [
      'what is set to another kind',
      routeOf([{}], { sets: { approved: [{ field: 'cost', value: '"x"' }], refused: [], sent_back: [] } }),
      ['type sets/approved/0/value'],
    ],
  ])('%s is told with its place', (_, route, expected) => expect(problemsOf(route)).toEqual(expected));

  test('its conditions may ask who sent it', () => {
    const route = compiledOf(
      routeOf([{ condition: 'sender.name = "Piet Lund" and list contains(sender.roles, "hand")' }]),
    );
    const from = (name: string) => recordValues({ 'sender.name': name, 'sender.roles': ['hand'] }, clock);
    expect(
      [from('Piet Lund'), from('Dev Anand')].map(
        (values) => foresee(route, { values, people: peopleWith(), signers: () => [] }, ID.piet)[0]?.status,
      ),
    ).toEqual(['signs', 'skipped']);
  });

  test('it takes the records its condition is true for, and says what it watches', () => {
    const route = compiledOf(
      routeOf([{ condition: 'cost > 500' }], { condition: 'severity = "injury"', watches: ['title'] }),
    );
    expect(
      [nearMiss('1', 'injury'), nearMiss('1', 'damage'), nearMiss('1')].map((values) => takes(route, values)),
    ).toEqual([true, false, false]);
    expect([...route.watched].sort()).toEqual(['cost', 'severity', 'title']);
    expect([...compiledOf(routeOf([{}])).watched]).toEqual(nearMisses.fields.map(({ key }) => key));
  });

  test('steps side by side stand in groups', () => {
    expect(groupsOf([{ beside: false }, { beside: true }, { beside: false }])).toEqual([[0, 1], [2]]);
  });
});

describe('how far a number may move', () => {
  test.each<[string | null, string | null, boolean, string]>([
    ['1000', '1050', true, 'a share of 5 %, to the limit'],
    ['1000', '1050.01', false, 'just beyond it'],
    ['100', '150', true, 'the amount of 50, where the share is less'],
    ['100', '150.01', false, 'beyond both'],
    ['-1000', '-1050', true, 'of a credit'],
    ['0', '50', true, 'from 0 the amount alone'],
    ['0', '51', false, 'from 0 there is no share'],
    [null, '50', true, 'from nothing the amount alone'],
    ['40', null, true, 'to nothing, by all it was'],
    ['1000', '1000', true, 'not at all'],
  ])('from %s to %s is %s: %s', (seen, now, expected) =>
    expect(isTolerated({ field: 'cost', share: '0.05', amount: '50' }, seen, now)).toBe(expected),
  );
});

describe('by when', () => {
  const deadline = (days: number, more: object = {}) =>
    routeOf([{ deadline: { by: { kind: 'days', days }, remind: null, late: null, ...more } }]).steps[0];
  // Thursday 26 November 2026; Tuesday the 1st of December is a holiday here.
  const at = { now: '2026-11-26T15:00:00.000Z', zone: 'Europe/London', holidays: ['2026-12-01'] };
  const dueIn = (days: number) => {
    const step = deadline(days);
    return step ? dueOf(step, { values: recordValues({}, at) }) : null;
  };
  const open = (due: string, more: Partial<StepState> = {}): StepState => ({
    ...TO_COME,
    status: 'open',
    enteredAt: at.now,
    due,
    ...more,
  });

  test.each([
    [1, '2026-11-27T23:59:59.999Z', 'Friday'],
    [2, '2026-11-30T23:59:59.999Z', 'over the weekend'],
    [3, '2026-12-02T23:59:59.999Z', 'over the holiday'],
  ])('%s working days from a Thursday end with the last moment of %s: %s', (days, due) =>
    expect(dueIn(days)).toBe(due),
  );

  test('in a zone ahead of UTC the day ends earlier', () => {
    const step = deadline(1);
    expect(step && dueOf(step, { values: recordValues({}, { ...at, zone: 'Asia/Tokyo' }) })).toBe(
      '2026-11-30T14:59:59.999Z',
    );
  });

  test('a reminder in the morning so many working days before, one when it is due, then what the route says, then nothing', () => {
    const late = { kind: 'let_through', after: 1 };
    const step = deadline(3, { remind: 1, late });
    if (!step) throw new Error('no step');
    const due = '2026-12-02T23:59:59.999Z';
    expect(nextTimer(step, open(due), at)).toEqual({ at: '2026-11-30T08:00:00.000Z', what: 'remind_before' });
    expect(nextTimer(step, open(due, { reminded: 'before' }), at)).toEqual({ at: due, what: 'remind_due' });
    expect(nextTimer(step, open(due, { reminded: 'due' }), at)).toEqual({
      at: '2026-12-03T23:59:59.999Z',
      what: 'let_through',
    });
    expect(nextTimer(step, open(due, { reminded: 'due', passed: true }), at)).toBeNull();
    expect(nextTimer(step, open(due, { status: 'signed' }), at)).toBeNull();
  });
});

describe('a register of signers', () => {
  const who = whoSchema.parse({
    kind: 'signers',
    register: 'signers',
    person: 'who',
    matches: [{ there: 'for_what', here: 'severity' }],
    limit: { there: 'up_to', here: 'cost' },
    from: 'begins',
    until: 'ends',
  });
  test.each([
    ['anything, without a limit', {}, true],
    ['its kind', { for_what: 'damage' }, true],
    ['another kind', { for_what: 'injury' }, false],
    ['up to its amount', { up_to: '900' }, true],
    ['up to less', { up_to: '899.99' }, false],
    ['from today', { begins: '2026-11-26' }, true],
    ['from tomorrow', { begins: '2026-11-27' }, false],
    ['until yesterday', { ends: '2026-11-25' }, false],
  ])('who is named for %s signs: %o is %s', (_, given, expected) => {
    if (who.kind !== 'signers') throw new Error('no signers');
    expect(signersNamed(who, [{ who: ID.sana, ...given }], nearMiss('900', 'damage'), '2026-11-26')).toEqual(
      expected ? [ID.sana] : [],
    );
  });
});

describe('who signs, before anybody does', () => {
  const route = compiledOf(
    routeOf([
      { who: 'manager' },
      { who: 'treasurer', condition: 'cost > 500' },
      { who: 'trustee', condition: 'cost > 5000', how_many: 2 },
    ]),
  );
  const go = (cost: string, people = peopleWith()) =>
    sayWhoSigns(
      sayForeseen(route, foresee(route, { values: nearMiss(cost), people, signers: () => [] }, ID.piet), names),
    );

  test('as one sentence', () => {
    expect(go('100')).toBe('The Step 1 (sana).');
    expect(go('900')).toBe('The Step 1 (sana), then the Step 2 (ines), as Cost is over 500.');
    expect(go('9000')).toBe(
      'The Step 1 (sana), then the Step 2 (ines), as Cost is over 500, then two of the Step 3 (teo or tomas), as Cost is over 5000.',
    );
    expect(go('900', peopleWith({ without: ['sana'] }))).toContain('The Step 1 (runa)');
  });

  test('in bands of what its conditions compare, and who is missing in each', () => {
    const { heads, rows, missing, besides } = whoSigns(route, peopleWith(), clock);
    expect([heads, besides]).toEqual([['Cost'], []]);
    expect(rows.map(({ says }) => says[0])).toEqual(['up to 500.00', 'over 500.00 up to 5,000.00', 'over 5,000.00']);
    expect(rows.map(({ steps }) => steps.map(({ status }) => status === 'signs'))).toEqual([
      [true, false, false],
      [true, true, false],
      [true, true, true],
    ]);
    const told = missing.map(({ kind, person, step, isStuck }) => `${names.person(person)} ${kind} ${step} ${isStuck}`);
    expect(told).toEqual(['sana both 0 false', 'ines both 1 false', 'teo both 2 false', 'tomas both 2 false']);
    expect(missing.at(-1)?.mends).toEqual([
      { kind: 'name_stand_in', person: ID.tomas },
      { kind: 'ask_any_one', step: 2 },
    ]);
    const stuck = whoSigns(route, peopleWith({ without: ['sana', 'runa'] }), clock).missing[0];
    expect(stuck).toMatchObject({
      kind: 'always',
      isStuck: true,
      mends: [{ kind: 'give_role', role: 'manager' }, { kind: 'choose_last_resort' }],
    });
  });

  test('whoever of the last resort would send it alone is told too, where nobody holds the role that signs', () => {
    const one = compiledOf(routeOf([{ who: 'manager' }]));
    const { missing } = whoSigns(one, peopleWith({ without: ['sana'] }), clock);
    expect(missing.map(({ kind, person, isStuck }) => `${kind} ${names.person(person)} ${isStuck}`)).toEqual([
      'always  false',
      'sent_by runa true',
    ]);
    expect(missing[0]?.mends).toEqual([{ kind: 'give_role', role: 'manager' }]);
  });

  test('one who holds the roles of two steps is named with both, where nobody else is there for the second', () => {
    const two = compiledOf(
      routeOf([
        { who: 'trustee', label: 'Trustee' },
        { who: 'treasurer', label: 'Treasurer' },
      ]),
    );
    const told = (people: ReturnType<typeof peopleWith>) =>
      whoSigns(two, people, clock)
        .missing.filter(({ kind }) => kind === 'signed')
        .map(({ person, earlier, step, isStuck }) => [names.person(person), earlier, step, isStuck]);
    // Ines alone is treasurer, and a trustee besides.
    expect(told(peopleWith())).toEqual([['ines', 0, 1, false]]);
    expect(told(peopleWith({ without: ['runa'] }))).toEqual([['ines', 0, 1, true]]);
    const teo = { id: ID.teo, roles: ['treasurer'], away: null };
    expect(told(peopleWith().set(ID.teo, teo))).toEqual([]);
  });

  test('a choice in words, and whom only the record will name', () => {
    const chosen = compiledOf(routeOf([{ condition: 'severity = "injury"' }, { who: 'treasurer' }]));
    expect(whoSigns(chosen, peopleWith(), clock).rows.map(({ says }) => says[0])).toContain('Injury');
  });
});

describe('why it waits for somebody', () => {
  const route = compiledOf(
    routeOf([
      { who: 'manager', label: 'Manager' },
      { who: 'treasurer', label: 'Treasurer', condition: 'cost > 500' },
    ]),
  );
  const why = { step: 1, after: ['the Manager'], standsInFor: null, isLastResort: false, passedOn: false };
  test.each([
    [why, 'Cost is over 500, so the Treasurer signs after the Manager.'],
    [
      { ...why, standsInFor: 'Ines' },
      'Cost is over 500, so the Treasurer signs after the Manager. You stand in for Ines.',
    ],
    [
      { ...why, isLastResort: true },
      'Cost is over 500, so the Operations signs in place of the Treasurer, as nobody else may.',
    ],
    [
      { ...why, isLastResort: true, passedOn: true },
      'Cost is over 500, so it was passed to you, as the Treasurer did not sign in time.',
    ],
    [{ ...why, step: 0, after: [] }, 'The Manager signs every one of these.'],
    [
      { ...why, step: 0, after: [], isLastResort: true },
      'The Operations signs in place of the Manager, as nobody else may.',
    ],
  ])('%o', (given, said) => expect(sayWhyYou(route, given, names)).toBe(said));

  test('and a step without a condition has none', () => {
    expect([sayStepReason(route, 0), sayStepReason(route, 1)]).toEqual([null, 'Cost is over 500']);
    expect(new Walk(route.route).send('piet').mayAct).toEqual(['sana']);
  });
});

describe('how much a record is about', () => {
  test.each([
    ['what the steps’ conditions read', routeOf([{ condition: 'cost > 500' }]), 'cost'],
    ['what the route’s own condition reads', routeOf([{}], { condition: 'cost > 500' }), 'cost'],
    ['what it says', routeOf([{}], { amount: 'cost' }), 'cost'],
    ['the register’s first amount where nothing is worked out', routeOf([{}]), 'cost'],
  ])('%s', (_, route, key) => expect(amountField(compiledOf(route))).toBe(key));
});
