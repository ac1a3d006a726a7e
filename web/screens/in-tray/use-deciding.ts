import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { InputOf } from '../../data/client.ts';
import { call } from '../../data/client.ts';
import { forgetRecordsNotShown, readAnew } from '../../data/read-anew.ts';
import type { TrayEntry } from '../../fields/records/tray-item.tsx';

export type Deciding = InputOf<'decide'>['body'];

const SAID = {
  approve: 'Approved',
  send_back: 'Sent back',
  refuse: 'Refused',
  delegate: 'Passed on',
  withdraw: 'Withdrawn',
  stop: 'Stopped',
  start: 'Sent round',
  reopen: 'Opened again',
  undo: 'Undone',
} as const satisfies Record<Deciding['decision'], string>;

/** What was just decided, and until when it can be undone. */
export interface JustDecided {
  readonly ids: readonly string[];
  readonly said: string;
  readonly until: number | null;
}

/** What was decided has another version now: whatever of it is not open here is forgotten, not decided as it was. */
const refresh = async (): Promise<void> => {
  forgetRecordsNotShown();
  await readAnew('in-tray', 'records');
};

/** Deciding, many at once, and taking that back for a few seconds; `onDone` opens what comes next. */
export const useDeciding = (onDone: (decided: readonly TrayEntry[]) => void) => {
  const [just, setJust] = useState<JustDecided | null>(null);
  const one = useMutation({
    mutationFn: ({ item, body }: { item: TrayEntry; body: Deciding }) =>
      call('decide', { params: { id: item.sign_off }, body }),
    onSuccess: async (answer, { item, body }) => {
      const until = answer.undo_until === null ? null : Date.parse(answer.undo_until);
      setJust({ ids: [item.sign_off], said: `${SAID[body.decision]}: ${item.title}`, until });
      onDone([item]);
      await refresh();
    },
  });
  const many = useMutation({
    mutationFn: ({
      items,
      decision,
      comment,
    }: {
      items: readonly TrayEntry[];
      decision: 'approve' | 'send_back' | 'refuse';
      comment: string;
    }) =>
      call('decideMany', {
        body: { decision, comment, items: items.map(({ sign_off: id, version, step }) => ({ id, version, step })) },
      }),
    onSuccess: async ({ outcomes }, { items, decision }) => {
      const done = outcomes.filter(({ problem }) => problem === null);
      const until = Math.min(...done.flatMap(({ undo_until: at }) => (at === null ? [] : [Date.parse(at)])));
      const failed = outcomes.filter(({ problem }) => problem !== null);
      const why = failed[0]?.problem ?? '';
      const rest = failed.length === 0 ? '' : ` ${failed.length} not: ${why}`;
      setJust({
        ids: done.map(({ id }) => id),
        said: `${SAID[decision]}: ${done.length} of ${items.length}.${rest}`,
        until: Number.isFinite(until) ? until : null,
      });
      onDone(items.filter(({ sign_off: id }) => done.some((each) => each.id === id)));
      await refresh();
    },
  });
  const undo = useMutation({
    mutationFn: async (ids: readonly string[]) => {
      for (const id of ids) await call('decide', { params: { id }, body: { decision: 'undo' } });
      return ids[0];
    },
    onSuccess: async () => {
      setJust({ ids: [], said: 'Undone.', until: null });
      await refresh();
    },
    onError: refresh,
  });
  /** While it is decided, or something is being undone: what is shown of it may be of before. */
  const isPending = (id: string): boolean => undo.isPending || (one.isPending && one.variables.item.sign_off === id);
  return { just, setJust, one, many, undo, isPending };
};
