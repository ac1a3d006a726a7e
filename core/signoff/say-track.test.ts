import { describe, expect, test } from 'vitest';
import {
  decidedAsResort,
  type SignOffEvent,
  saySigned,
  saySigner,
  sayStepStands,
  type ToldSignature,
  type ToldStep,
} from './index.ts';
import { ID } from './route.arb.ts';

const when = (moment: string): string => `${moment.slice(0, 10)}, ${moment.slice(11, 16)}`;
const AT = '2026-11-29T06:10:00.000Z';

const signature = (more: Partial<ToldSignature> = {}): ToldSignature => ({
  by: 'Dev Anand',
  for: null,
  decision: 'approve',
  at: AT,
  comment: '',
  last_resort: false,
  ...more,
});
const step = (more: Partial<ToldStep> = {}): ToldStep => ({
  state: 'waiting',
  signatures: [],
  needed: 1,
  waits_for: ['Teo Marsh'],
  by: null,
  at: null,
  comment: null,
  due: null,
  late: false,
  ...more,
});

describe('a track in words', () => {
  test.each<[Partial<ToldSignature>, string]>([
    [{}, 'Dev Anand approved, 2026-11-29, 06:10'],
    [{ comment: 'Fine.' }, 'Dev Anand approved, 2026-11-29, 06:10: “Fine.”'],
    [{ for: 'Sana Whitlock' }, 'Dev Anand for Sana Whitlock approved, 2026-11-29, 06:10'],
    [{ last_resort: true, decision: 'refuse' }, 'Dev Anand, as last resort, refused, 2026-11-29, 06:10'],
  ])('%o is %s', (more, says) => {
    const given = signature(more);
    expect(`${saySigner(given)} ${saySigned(given, when)}`).toBe(says);
  });

  test.each<[string, Partial<ToldStep>, string | null]>([
    ['waiting', {}, 'waits for Teo Marsh'],
    [
      'waiting for more',
      { needed: 2, signatures: [signature()], due: AT },
      'waits for Teo Marsh, 1 of 2, by 2026-11-29',
    ],
    ['late', { due: AT, late: true }, 'waits for Teo Marsh, was due 2026-11-29'],
    ['stuck', { waits_for: [] }, 'nobody may sign it'],
    ['signed', { state: 'approved', signatures: [signature()] }, null],
    ['let through', { state: 'let_through' }, 'let through, as nobody signed in time'],
    [
      'sent back',
      { state: 'sent_back', by: 'Ines Varga', at: AT, comment: 'Which?' },
      'sent back by Ines Varga, 2026-11-29, 06:10: “Which?”',
    ],
    ['skipped', { state: 'skipped' }, 'not needed'],
  ])('a step that is %s', (_, more, says) => expect(sayStepStands(step(more), when)).toBe(says));

  test('a decision was given as last resort by whoever was not asked themselves', () => {
    const decided = (by: string, of = by): SignOffEvent => ({
      kind: 'decided',
      at: AT,
      step: 0,
      by,
      for: of,
      decision: 'approve',
      version: 1,
      comment: '',
      marks: [],
      to: null,
      until: AT,
    });
    const asked = [{ person: ID.sana, counts: true }];
    const resort = { people: [ID.runa], missing: 1 };
    const delegated = {
      kind: 'delegated',
      at: AT,
      step: 0,
      by: ID.sana,
      from: ID.sana,
      to: ID.teo,
      comment: '',
    } as const;
    expect(
      decidedAsResort([
        { kind: 'entered', at: AT, step: 0, asked, needed: 3, resort, due: null },
        decided(ID.runa),
        decided(ID.dev, ID.sana),
        delegated,
        decided(ID.teo),
      ]),
    ).toEqual([true, false, false]);
  });
});
