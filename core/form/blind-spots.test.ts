import { describe, expect, test } from 'vitest';
import { NO_RIGHTS, type Role } from '../access/index.ts';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { blindSpots } from './index.ts';

const role = (key: string, sees: readonly string[], setUp = false): Role => ({
  key,
  label: key,
  sets_up: setUp ? ['registers'] : [],
  registers: Object.fromEntries(sees.map((each) => [each, { ...NO_RIGHTS, see: true }])),
});
const told = (change: Partial<Parameters<typeof blindSpots>[0]>) =>
  blindSpots({
    register: nearMisses,
    catalogue,
    roles: [role('hand', []), role('manager', ['near_misses']), role('set_up', [], true)],
    asked: ['title', 'boat'],
    senders: [],
    changes: false,
    steps: [],
    ...change,
  });

describe('what senders and signers will not see', () => {
  test('a sender who does not see the register gets a number alone, and could change nothing', () => {
    expect(told({ senders: ['hand', 'set_up'] })).toEqual([
      'hand gets a number for what is sent, and does not see the record behind it.',
    ]);
    expect(told({ senders: ['hand'], changes: true })).toEqual([
      'hand does not see Near misses, and so cannot open a record to change it.',
    ]);
  });

  test('a signer sees what the form asks, and is told of what decides and is not asked', () => {
    expect(told({ steps: [{ role: 'hand', condition: 'cost > 500 and title != null' }] })).toEqual([
      'hand signs, and sees of a record what the form asks, while it waits for them. Not Cost, by which it is decided who signs.',
    ]);
    expect(told({ asked: ['cost'], steps: [{ role: 'hand', condition: 'cost > 500' }] })).toEqual([
      'hand signs, and sees of a record what the form asks, while it waits for them.',
    ]);
  });

  test('whoever sees the register and not what it links to is told so', () => {
    expect(told({ senders: ['manager'] })).toEqual([
      'manager does not see Boats: what links there is not shown in lists and records.',
    ]);
    const both = [role('manager', ['near_misses', 'boats'])];
    expect(told({ senders: ['manager'], roles: both })).toEqual([]);
  });
});
