import fc from 'fast-check';
import { expect, test, vi } from 'vitest';
import { often } from '#core/base/often.arb.ts';
import { compileForm, formSchema, toSend } from '#core/form/index.ts';
import { catalogue, clock } from '#core/register/example.arb.ts';
import { readKeptText } from '../data/kept.ts';
import { createEntryStore } from './entry-store.ts';

const form = formSchema.parse({
  key: 'report',
  label: 'Report',
  register: 'near_misses',
  questions: [
    { field: 'title', rules: [{ kind: 'must_be_answered' }] },
    { field: 'boat', rules: [{ kind: 'fills', question: 'owner', from: 'boat.owner' }] },
    { field: 'owner' },
    { field: 'severity', rules: [{ kind: 'starts_as', value: '"injury"' }] },
    {
      field: 'cost',
      rules: [
        { kind: 'asked_when', condition: 'severity = "damage"' },
        { kind: 'must', condition: 'cost > 5' },
      ],
    },
    { field: 'witnessed', rules: [{ kind: 'locked_when', condition: 'cost > 100' }] },
  ],
});
const result = compileForm(form, catalogue);
if (!result.ok) throw new Error(JSON.stringify(result.problems));
const compiled = result.value;

const id = (n: number) => `0000000${n}-0000-7000-8000-000000000000`;
const OWNERS = [id(4), id(5)];
const boat = (n: number) => ({
  id: id(n),
  number: `BOA-000${n}`,
  title: `Boat ${n}`,
  beside: [],
  fills: { owner: OWNERS[n - 1] ?? null },
  links: {},
});
const person = (value: string) => ({ id: value, number: 'CLI', title: 'Somebody', beside: [], fills: {}, links: {} });

/** What a person can do to an entry. */
type Step =
  | { readonly do: 'title' | 'cost'; readonly text: string }
  | { readonly do: 'boat'; readonly boat: number | null }
  | { readonly do: 'owner'; readonly owner: string | null }
  | { readonly do: 'severity'; readonly code: string | null }
  | { readonly do: 'witnessed'; readonly value: boolean }
  | { readonly do: 'instead' | 'reload' | 'send' };

const step: fc.Arbitrary<Step> = fc.oneof(
  fc.constantFrom('Rope', '  Rope  ', '', '   ').map((text) => ({ do: 'title' as const, text })),
  fc.constantFrom('7', '3', '12*10', '', 'a lot').map((text) => ({ do: 'cost' as const, text })),
  fc.constantFrom(1, 2, null).map((n) => ({ do: 'boat' as const, boat: n })),
  fc.constantFrom(id(6), ...OWNERS, null).map((owner) => ({ do: 'owner' as const, owner })),
  fc.constantFrom('damage', 'injury', null).map((code) => ({ do: 'severity' as const, code })),
  fc.boolean().map((value) => ({ do: 'witnessed' as const, value })),
  fc.constantFrom('instead' as const, 'reload' as const, 'send' as const).map((what) => ({ do: what })),
);

/** The rules of this one form followed by hand, with nothing of how the program does it. */
class ByHand {
  title: string | null = null;
  boat: number | null = null;
  owner: string | null | undefined = undefined;
  severity: string | null | undefined = undefined;
  costText = '';
  witnessed: boolean | null = null;

  take(what: Step): void {
    if (what.do === 'title') this.title = what.text.trim() === '' ? null : what.text.trim();
    if (what.do === 'cost') this.costText = what.text;
    if (what.do === 'boat') this.boat = what.boat;
    if (what.do === 'owner') this.owner = what.owner;
    if (what.do === 'severity') this.severity = what.code;
    if (what.do === 'witnessed') this.witnessed = what.value;
    if (what.do === 'instead') this.owner = undefined;
  }

  outcome() {
    const severity = this.severity === undefined ? 'injury' : this.severity;
    const asksCost = severity === 'damage';
    const costs: Record<string, string | null> = { '7': '7', '3': '3', '12*10': '120', '': null };
    const unread = !(this.costText in costs);
    const cost = asksCost && !unread ? (costs[this.costText] ?? null) : null;
    const locked = cost === '120';
    const filled = this.boat === null ? null : (OWNERS[this.boat - 1] ?? null);
    const values: Record<string, string | boolean | null> = {
      title: this.title,
      boat: this.boat === null ? null : id(this.boat),
      owner: this.owner === undefined ? filled : this.owner,
      severity,
      ...(asksCost ? { cost } : {}),
      ...(locked ? {} : { witnessed: this.witnessed }),
    };
    const wrong = [
      ...(this.title === null ? ['title'] : []),
      ...(asksCost && (unread || cost === '3') ? ['cost'] : []),
    ];
    return { values, wrong };
  }
}

test('typed, cleared, switched, reloaded and sent at random, an entry is what the rules followed by hand say', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 25 }), (steps) => {
      const kept = new Map<string, string>();
      vi.stubGlobal('localStorage', {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      });
      const open = () =>
        createEntryStore({
          compiled,
          version: 1,
          record: null,
          links: {},
          clock: () => clock,
          me: { name: 'Piet', email: 'piet@example.org', roles: [], record: null },
          keepAs: 'entry',
          kept: readKeptText(kept.get('entry') ?? null),
        });
      let store = open();
      const byHand = new ByHand();
      for (const each of steps) {
        const entry = store.getState();
        byHand.take(each);
        if (each.do === 'title' || each.do === 'cost') entry.type(each.do, each.text);
        if (each.do === 'boat') entry.choose('boat', each.boat === null ? null : boat(each.boat));
        if (each.do === 'owner') entry.choose('owner', each.owner === null ? null : person(each.owner));
        if (each.do === 'severity') entry.setValue('severity', each.code);
        if (each.do === 'witnessed') entry.setValue('witnessed', each.value);
        if (each.do === 'instead') entry.takeInstead('owner');
        if (each.do === 'reload') store = open();
        const { values, wrong } = byHand.outcome();
        const filledIn = each.do === 'send' ? store.getState().trySending() : store.getState().filledIn;
        expect(filledIn.problems.map((problem) => problem.path[0])).toEqual(wrong);
        if (wrong.length === 0) expect(toSend(filledIn, store.getState().entry, new Set())).toEqual(values);
      }
      vi.unstubAllGlobals();
    }),
    often(4_000),
  );
});
