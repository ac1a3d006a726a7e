import { describe, expect, test } from 'vitest';
import { clock } from '../register/example.arb.ts';
import { namedBy, recordValues, replay, whoSchema } from './index.ts';
import { ID, nearMiss, peopleWith, routeOf } from './route.arb.ts';
import { Walk } from './walk.arb.ts';

/*
 * The workflow patterns as published: W. van der Aalst, A. ter Hofstede, B. Kiepuszewski, A. Barros, "Workflow Patterns"
 * (Distributed and Parallel Databases 14, 2003) with its revision by N. Russell et al. (BPM-06-22, WCP numbers), and the
 * resource patterns of N. Russell et al. (BETA WP 127, 2004, WRP numbers). Numbers and names from memory.
 */
const LATER = '2999-01-01T00:00:00.000Z';

describe('control flow', () => {
  test('WCP-1 sequence: a step is entered when the one before it is signed', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }, { who: 'treasurer' }])).send('piet');
    expect([walk.statuses, walk.mayAct]).toEqual([['open', 'to_come'], ['sana']]);
    walk.decide('sana');
    expect([walk.statuses, walk.mayAct]).toEqual([['signed', 'open'], ['ines']]);
    expect(walk.decide('ines').state.stage).toBe('approved');
  });

  test('WCP-2 parallel split and WCP-3 synchronisation: side by side, and on when all of them are signed', () => {
    const steps = [{ who: 'manager' }, { who: 'treasurer', beside: true }, { who: 'operations' }];
    const walk = new Walk(routeOf(steps)).send('piet');
    expect([walk.statuses, walk.mayAct]).toEqual([
      ['open', 'open', 'to_come'],
      ['sana', 'ines'],
    ]);
    walk.decide('ines');
    expect(walk.statuses).toEqual(['open', 'signed', 'to_come']);
    expect(walk.decide('sana').statuses).toEqual(['signed', 'signed', 'open']);
  });

  test.each([
    ['100', ['open', 'skipped']],
    ['900', ['skipped', 'open']],
  ])(
    'WCP-4 exclusive choice and WCP-5 simple merge: cost %s takes one of two, and goes on from either',
    (cost, first) => {
      const steps = [
        { who: 'manager', condition: 'cost <= 500' },
        { who: 'treasurer', condition: 'cost > 500', beside: true },
        { who: 'operations' },
      ];
      const walk = new Walk(routeOf(steps), { cost }).send('piet');
      expect(walk.statuses).toEqual([...first, 'to_come']);
      walk.decide(cost === '100' ? 'sana' : 'ines');
      expect(walk.statuses[2]).toBe('open');
    },
  );

  test('WCP-6 multi-choice and WCP-7 structured synchronising merge: on when those that were chosen are signed', () => {
    const steps = [
      { who: 'manager', condition: 'cost > 500' },
      { who: 'treasurer', condition: 'cost > 5000', beside: true },
      { who: 'trustee', condition: 'severity = "injury"', beside: true },
      { who: 'operations' },
    ];
    const walk = new Walk(routeOf(steps), { cost: '900', severity: 'injury' }).send('piet');
    expect(walk.statuses).toEqual(['open', 'skipped', 'open', 'to_come']);
    walk.decide('teo');
    expect(walk.statuses[3]).toBe('to_come');
    expect(walk.decide('sana').statuses[3]).toBe('open');
  });

  test('WCP-9 structured discriminator: the first of several who sign is enough, the others are asked no more', () => {
    const walk = new Walk(routeOf([{ who: 'trustee' }, { who: 'manager' }])).send('piet');
    expect(walk.mayAct).toEqual(['ines', 'teo', 'tomas']);
    expect(walk.decide('tomas').mayAct).toEqual(['sana']);
  });

  test('WCP-30 structured partial join: k of n, in any order', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2 }])).send('piet');
    expect(walk.decide('teo').state.stage).toBe('waiting');
    expect(walk.mayAct).toEqual(['ines', 'tomas']);
    expect(walk.decide('ines').state.stage).toBe('approved');
  });

  test('WCP-33 generalised AND-join: all of them', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 'all' }])).send('piet');
    walk.decide('teo').decide('tomas');
    expect(walk.state.stage).toBe('waiting');
    expect(walk.decide('ines').state.stage).toBe('approved');
  });

  test('WCP-16 deferred choice: whether it is refused or sent back, whoever acts first decides', () => {
    const one = new Walk(routeOf([{ who: 'manager' }, { who: 'trustee', beside: true }])).send('piet');
    one.decide('teo', 'refuse');
    expect([one.state.stage, one.mayAct, one.statuses]).toEqual(['refused', [], ['cancelled', 'refused']]);
    const other = new Walk(routeOf([{ who: 'manager' }, { who: 'trustee', beside: true }])).send('piet');
    other.decide('sana', 'send_back');
    expect([other.state.stage, other.mayAct]).toEqual(['sent_back', []]);
  });

  test('WCP-18 milestone: it can be withdrawn only while it is on its way', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }])).send('piet');
    walk.take({ kind: 'withdrawn', at: clock.now, by: ID.piet, comment: '' });
    expect([walk.state.stage, walk.mayAct]).toEqual(['none', []]);
  });

  test('WCP-19 and 20 cancel: stopped, every step that waits is cancelled', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }, { who: 'treasurer', beside: true }])).send('piet');
    walk.take({ kind: 'stopped', at: clock.now, by: ID.runa, comment: '' });
    expect([walk.state.stage, walk.statuses]).toEqual(['none', ['cancelled', 'cancelled']]);
    expect(walk.send('piet').statuses).toEqual(['open', 'open']);
    expect(walk.state.round).toBe(2);
  });

  test('WCP-10 arbitrary cycles: sent back to an earlier step, its and later signatures fall', () => {
    const steps = [{ who: 'manager' }, { who: 'treasurer' }, { who: 'operations' }];
    const walk = new Walk(routeOf(steps)).send('piet').decide('sana').decide('ines');
    walk.decide('runa', 'send_back', { to: 1 });
    expect([walk.state.stage, walk.statuses]).toEqual(['waiting', ['signed', 'open', 'to_come']]);
    expect(walk.mayAct).toEqual(['ines']);
  });
});

describe('resources', () => {
  test('WRP-1 direct allocation: a person, whatever their roles', () => {
    const walk = new Walk(routeOf([{ who: { kind: 'person', person: ID.dev } }])).send('piet');
    expect(walk.mayAct).toEqual(['dev']);
  });

  test('WRP-2 role-based allocation: everyone who holds it', () => {
    expect(new Walk(routeOf([{ who: 'trustee' }])).send('piet').mayAct).toEqual(['ines', 'teo', 'tomas']);
  });

  test('WRP-3 deferred allocation: whom a field of the record names', () => {
    const who = whoSchema.parse({ kind: 'signers', register: 'clients', person: 'keeper' });
    const named = namedBy(who, {
      values: nearMiss('900'),
      people: peopleWith(),
      signers: () => [ID.dev, ID.teo, 'gone'],
    });
    expect(named).toEqual([ID.dev, ID.teo]);
    const byField = { kind: 'field', path: 'keeper' } as const;
    const values = recordValues({ keeper: ID.dev }, clock);
    expect(namedBy(byField, { values, people: peopleWith(), signers: () => [] })).toEqual([ID.dev]);
  });

  test('WRP-5 separation of duties: nobody signs what they sent, what they changed, or twice', () => {
    const sent = new Walk(routeOf([{ who: 'manager' }])).send('sana');
    expect(sent.mayAct).toEqual(['runa']);
    const changed = new Walk(routeOf([{ who: 'manager' }])).send('piet').change('sana');
    expect(changed.mayAct).toEqual(['runa']);
    const twice = new Walk(routeOf([{ who: 'treasurer' }, { who: 'trustee', how_many: 2 }])).send('piet');
    expect(twice.decide('ines').mayAct).toEqual(['teo', 'tomas']);
  });

  test('WRP-7 retain familiar: whoever signed at a step is asked there again when it comes back', () => {
    const walk = new Walk(routeOf([{ who: 'trustee' }, { who: 'manager' }])).send('piet').decide('teo');
    walk.decide('sana', 'send_back', { to: 0 });
    expect(walk.mayAct).toContain('teo');
  });

  test('WRP-27 delegation: to somebody who could act, who then is asked', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }])).send('piet');
    walk.take({ kind: 'delegated', at: clock.now, step: 0, by: ID.sana, from: ID.sana, to: ID.dev, comment: '' });
    expect(walk.mayAct).toEqual(['dev']);
    expect(walk.decide('dev').state.stage).toBe('approved');
  });

  test('WRP-28 escalation: late, it is passed on, or let through, which is no signature', () => {
    const passed = new Walk(routeOf([{ who: 'manager' }])).send('piet');
    passed.take({ kind: 'passed', at: clock.now, step: 0, to: [ID.ines] });
    expect(passed.mayAct).toEqual(['sana', 'ines']);
    const through = new Walk(routeOf([{ who: 'manager' }])).send('piet');
    through.take({ kind: 'let_through', at: clock.now, step: 0, by: 'deadline' });
    expect([through.state.stage, through.statuses]).toEqual(['approved', ['let_through']]);
    expect(through.state.steps[0]?.signatures).toEqual([]);
  });

  test('WRP-36 pile execution is many decisions one by one: each with its own check', () => {
    const walks = ['piet', 'sana'] as const;
    const outcomes = walks.map((sender) => {
      const walk = new Walk(routeOf([{ who: 'manager' }])).send(sender);
      return walk.signsFor('sana', 0) !== null;
    });
    expect(outcomes).toEqual([true, false]);
  });
});

describe('stand-ins and the last resort', () => {
  test('whoever is away may sign, and so may who stands in; both names are kept', () => {
    const people = peopleWith({ away: { sana: 'dev' } });
    const walk = new Walk(routeOf([{ who: 'manager' }]), { people }).send('piet');
    expect(walk.mayAct).toEqual(['sana', 'dev']);
    walk.decide('dev');
    expect(walk.state.steps[0]?.signatures).toMatchObject([{ by: ID.dev, for: ID.sana }]);
  });

  test('the bans hold for both: a stand-in who sent it does not count', () => {
    const people = peopleWith({ away: { sana: 'piet' } });
    const walk = new Walk(routeOf([{ who: 'manager' }]), { people }).send('piet');
    expect(walk.mayAct).toEqual(['sana', 'runa']);
  });

  test('two of three, one away without a stand-in, one the sender: the last resort gives the missing one', () => {
    const people = peopleWith({ away: { teo: null } });
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2 }]), { people }).send('ines');
    expect(walk.state.steps[0]).toMatchObject({ needed: 2, resort: { people: [ID.runa], missing: 1 } });
    expect(walk.decide('tomas').state.stage).toBe('waiting');
    expect(walk.decide('runa').state.stage).toBe('approved');
  });

  test('a stand-in who is asked themselves counts once', () => {
    const people = peopleWith({ away: { teo: 'tomas' } });
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2 }]), { people }).send('ines');
    expect(walk.state.steps[0]?.resort).toEqual({ people: [ID.runa], missing: 1 });
  });

  test('the last resort is never the sender: then it is stuck, until somebody may sign', () => {
    const without = peopleWith({ without: ['sana'] });
    const walk = new Walk(routeOf([{ who: 'manager' }]), { people: without }).send('runa');
    expect([walk.state.stage, walk.mayAct]).toEqual(['stuck', []]);
    walk.peopleAre(peopleWith());
    expect([walk.state.stage, walk.mayAct]).toEqual(['waiting', ['sana']]);
  });

  test('somebody who is switched off lowers n; of all, those who are left are enough', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 'all' }])).send('piet').decide('teo').decide('ines');
    expect(walk.state.stage).toBe('waiting');
    expect(walk.peopleAre(peopleWith({ without: ['tomas'] })).state.stage).toBe('approved');
  });

  test('refusing when k can no longer be reached: not at the first refusal', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2, refused: 'cannot' }])).send('piet');
    expect(walk.decide('teo', 'refuse').state.stage).toBe('waiting');
    expect(walk.decide('ines', 'refuse').state.stage).toBe('refused');
  });

  test('one refused and one switched off: what is left cannot be enough, and nobody signs in place of a refusal', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2, refused: 'cannot' }])).send('piet');
    walk.decide('teo', 'refuse');
    expect(walk.peopleAre(peopleWith({ without: ['tomas'] })).state.stage).toBe('refused');
  });
});

describe('undoing', () => {
  test('a decision counts at once, and nothing follows from it until it cannot be undone any more', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }, { who: 'treasurer' }])).send('piet');
    walk.decide('sana', 'approve', { until: LATER });
    expect([walk.statuses, walk.mayAct, walk.goesOnAt]).toEqual([['signed', 'to_come'], [], LATER]);
    expect(walk.settle().mayAct).toEqual(['ines']);
  });

  test('undone, it is as if it had never been; the last step too', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }])).send('piet');
    walk.decide('sana', 'refuse', { until: LATER });
    expect(walk.state.stage).toBe('refused');
    walk.take({ kind: 'undone', at: clock.now, by: ID.sana });
    expect([walk.state.stage, walk.mayAct, walk.state.pending]).toEqual(['waiting', ['sana'], null]);
  });

  test('once somebody acted on it, nothing can be undone', () => {
    const walk = new Walk(routeOf([{ who: 'trustee', how_many: 2 }])).send('piet');
    walk.decide('teo', 'approve', { until: LATER });
    expect(walk.state.pending?.by).toBe(ID.teo);
    walk.decide('ines', 'approve', { until: LATER });
    expect(walk.state.pending?.by).toBe(ID.ines);
    walk.take({ kind: 'undone', at: clock.now, by: ID.ines });
    expect(walk.state.steps[0]?.signatures.map(({ by }) => by)).toEqual([ID.teo]);
  });
});

describe('rounds', () => {
  const two = [{ who: 'manager' }, { who: 'treasurer', condition: 'cost > 1000' }];

  test('a change of what is watched begins a new round from the step the route says', () => {
    const route = routeOf([{ who: 'manager' }, { who: 'treasurer' }]);
    const walk = new Walk(route).send('piet').decide('sana').change('dev', false, 1);
    expect([walk.state.round, walk.statuses]).toEqual([2, ['signed', 'open']]);
  });

  test('within tolerance the signatures stand, and a step that is due now is entered all the same', () => {
    const walk = new Walk(routeOf(two)).send('piet').decide('sana');
    expect(walk.state.stage).toBe('approved');
    walk.recordIs('1010').change('dev', true);
    expect([walk.state.stage, walk.state.round, walk.statuses]).toEqual(['waiting', 1, ['signed', 'open']]);
    walk.recordIs('990').change('dev', true);
    expect([walk.state.stage, walk.statuses]).toEqual(['approved', ['signed', 'skipped']]);
  });

  test('whoever changes it within tolerance signs nothing of this round', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }, { who: 'treasurer' }])).send('piet').decide('sana');
    walk.change('ines', true);
    expect(walk.mayAct).toEqual(['runa']);
  });

  test('whoever changed it while it was sent back is an author of the round that follows', () => {
    const walk = new Walk(routeOf([{ who: 'trustee' }])).send('piet').decide('teo', 'send_back');
    walk.change('tomas').send('piet');
    expect(walk.mayAct).toEqual(['ines', 'teo']);
  });

  test('all steps skipped: it goes round nowhere, and nobody approved it', () => {
    const walk = new Walk(routeOf([{ who: 'manager', condition: 'cost > 500' }]), { cost: '10' }).send('piet');
    expect([walk.state.stage, walk.statuses]).toEqual(['none', ['skipped']]);
  });

  test('opened again, it waits with its sender', () => {
    const walk = new Walk(routeOf([{ who: 'manager' }])).send('piet').decide('sana');
    walk.take({ kind: 'reopened', at: clock.now, by: ID.runa, comment: 'The price is wrong.' });
    expect(walk.state).toMatchObject({ stage: 'sent_back', back: { by: ID.runa, comment: 'The price is wrong.' } });
  });

  test('what happened alone says where it stands', () => {
    const walk = new Walk(routeOf(two), { cost: '2000' }).send('piet').decide('sana').decide('ines');
    walk.change('dev').decide('sana', 'send_back');
    expect(replay(walk.route.route, walk.events)).toEqual(walk.state);
  });
});
