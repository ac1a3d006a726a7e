import { useState } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import { joinWords } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { call, sayError } from '../../data/client.ts';
import { readRecordsAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { storeFields } from '../../fields/asking/use-change.ts';
import { useUndoing } from '../../state/undoing.ts';

/** What a record is moved to, and how that is said. */
export interface Move {
  readonly record: RecordAnswer;
  readonly values: Readonly<Record<string, StoredValue>>;
  /** How what it holds now, and what it shall hold, is said. */
  readonly was: string;
  readonly is: string;
  /** Where it was put: a refusal is told there. */
  readonly place: string;
}

/** Why a record cannot stand where it was put. */
export interface NotHere {
  readonly place: string;
  readonly says: string;
}

/** Whether a sign-off gives the values that a record would be moved to, and does not let them be set by hand. */
const isGiven = (given: Readonly<Record<string, readonly string[]>>, values: Move['values']): boolean =>
  Object.entries(values).some(([field, value]) => typeof value === 'string' && given[field]?.includes(value));

/** Moves records on a board or in a calendar: under all rules and rights, and so that it can be taken back. */
export const useMove = (register: Register) => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const [notHere, setNotHere] = useState<NotHere | null>(null);
  const [moving, setMoving] = useState<ReadonlyMap<string, Move>>(new Map());
  const given = workspace.given[register.key] ?? {};
  const send = async ({ record, is, place }: Move): Promise<void> => {
    const body = { which: { ids: [record.id] }, deed: { kind: 'send' as const } };
    const { outcomes } = await call('changeMany', { params: { key: register.key }, body });
    const [outcome] = outcomes;
    if (outcome?.outcome === 'refused')
      setNotHere({ place, says: `A sign-off gives ${is}, and nobody by hand. ${outcome.detail}` });
    else
      useUndoing.setState({
        says: `${record.number} was sent to sign-off. It comes to stand under ${is} once it is approved.`,
      });
  };
  const store = async ({ record, values, was, is }: Move): Promise<void> => {
    const from = Object.fromEntries(Object.keys(values).map((key) => [key, record.values[key] ?? null]));
    await storeFields({ register: register.key, id: record.id }, from, values);
    const labels = register.fields.filter(({ key }) => Object.hasOwn(values, key)).map(({ label }) => label);
    const what = `${joinWords(labels, 'and')} of ${record.number}`;
    useUndoing.getState().add({
      kind: 'cell',
      by: me.id,
      says: `${what} was ${was}, and is ${is} now.`,
      what,
      register: register.key,
      id: record.id,
      from: { values: from, says: was },
      to: { values, says: is },
    });
  };
  const move = async (asked: Move): Promise<void> => {
    const { record, values, place } = asked;
    setNotHere(null);
    // It stands where it was put until it is known whether it may.
    setMoving((now) => new Map(now).set(record.id, asked));
    try {
      await (isGiven(given, values) ? send(asked) : store(asked));
      await readRecordsAnew(register.key);
    } catch (error) {
      setNotHere({ place, says: sayError(error) });
    } finally {
      setMoving((now) => {
        const next = new Map(now);
        next.delete(record.id);
        return next;
      });
    }
  };
  return { move, moving, notHere, forget: () => setNotHere(null) };
};
