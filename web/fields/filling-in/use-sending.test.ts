import { act, waitFor } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { useStore } from 'zustand';
import type { FormAnswer, Sent } from '#contract/index.ts';
import { formSchema } from '#core/form/index.ts';
import { catalogue, clock, nearMisses, severities } from '#core/register/example.arb.ts';
import { answering, held, Refused } from '../../testing/answers.ts';
import { openEntry } from '../../testing/entry.ts';
import { hookAt } from '../../testing/render.tsx';
import { recordThing, workspaceThing } from '../../testing/things.ts';
import { useSending, wasSentBefore } from './use-sending.ts';

const form = formSchema.parse({
  key: 'report',
  label: 'Report',
  register: nearMisses.key,
  questions: [{ field: 'title', rules: [{ kind: 'must_be_answered' }] }, { field: 'severity' }],
});
const answer = (of: Partial<FormAnswer> = {}): FormAnswer & { clockOffsetMs: number } => ({
  may_fill: true,
  register: nearMisses,
  version: 4,
  status: 'published',
  form,
  registers: [],
  choice_lists: [severities],
  now: clock.now,
  record: null,
  locked: {},
  begun: { values: {}, links: {}, snapshots: {} },
  sent_back: null,
  clockOffsetMs: 0,
  ...of,
});
const sent: Sent = { id: 'r1', number: 'NEA-0007', register: nearMisses.key, title: 'Slipped', goes_to: null };

/** An entry on its way: what was typed, where its questions stand, and what became of it. */
const sending = (of: { readonly record?: FormAnswer['record'] } = {}) => {
  const record = of.record ?? null;
  const store = openEntry(form, catalogue, { version: 4, record: record?.values ?? null });
  const place = document.createElement('div');
  place.innerHTML = `<p data-refusal tabindex="-1"></p>${['title', 'severity']
    .map((key) => `<div data-question="${key}"><input aria-label="${key}" /></div>`)
    .join('')}`;
  document.body.append(place);
  const keeping = { there: false, flush: vi.fn(), drop: vi.fn(), rest: vi.fn(async () => {}), goOn: vi.fn() };
  const onSent = vi.fn();
  const { result } = hookAt(() => {
    useStore(store);
    return useSending({
      store,
      answer: answer({ record }),
      workspace: workspaceThing(),
      opened: {},
      keeping,
      place: { current: place },
      onSent,
      beside: {},
    });
  });
  return {
    store,
    result,
    place,
    keeping,
    onSent,
    type: (text: string) => act(() => store.getState().type('title', text)),
  };
};
const focused = (): string | null | undefined => document.activeElement?.getAttribute('aria-label');

describe('sending an entry', () => {
  test('what is wrong is gone to, and nothing is sent', async () => {
    const asked = answering({});
    const { result } = sending();
    await act(() => result.current.send(false));
    await waitFor(() => expect(focused()).toBe('title'));
    expect(asked).toEqual([]);
  });

  test('is sent once with its version and all that was answered, also when pressed twice', async () => {
    const reply = held<Sent>();
    const asked = answering({ sendEntry: () => reply.answer });
    const { result, store, keeping, onSent, type } = sending();
    type('Slipped');
    const { id } = store.getState().entry;
    act(() => void result.current.send(true));
    await waitFor(() => expect(result.current.sending).toBe(true));
    await act(() => result.current.send(true));
    await act(async () => reply.letGo(sent));
    await waitFor(() => expect(onSent).toHaveBeenCalledExactlyOnceWith({ sent, ending: null, another: true }));
    expect(asked).toMatchObject([
      { params: { key: 'report' }, body: { id, version: 4, values: { title: 'Slipped' } } },
    ]);
    // What was being kept is kept before it is sent, and not after.
    expect(keeping.rest).toHaveBeenCalledOnce();
    expect(keeping.goOn).not.toHaveBeenCalled();
  });

  test('what it changes is sent with what it was, and that it leaves one’s sight was heard', async () => {
    const asked = answering({ sendEntry: () => sent });
    const { result, type } = sending({
      record: recordThing({ id: 'r1', values: { title: 'Fell', severity: 'scare' } }),
    });
    type('Slipped');
    await act(() => result.current.send(false, true));
    expect(asked[0]?.body).toMatchObject({
      record: { id: 'r1', from: { title: 'Fell' } },
      values: { title: 'Slipped' },
      leaves: true,
    });
  });

  test('what the server refuses is told at its question, which is gone to; keeping goes on', async () => {
    answering({
      sendEntry: () => {
        throw new Refused(422, 'Two things are wrong.', [
          { pointer: '#/values/severity', code: 'x', detail: 'Not this one.' },
          { pointer: '#/values/severity', code: 'y', detail: 'Nor that.' },
        ]);
      },
    });
    const { result, keeping, onSent, type } = sending();
    type('Slipped');
    await act(() => result.current.send(false));
    expect(result.current.refused.get('severity')).toEqual(['Not this one.', 'Nor that.']);
    await waitFor(() => expect(focused()).toBe('severity'));
    expect(result.current.sending).toBe(false);
    expect(keeping.goOn).toHaveBeenCalledOnce();
    expect(onSent).not.toHaveBeenCalled();
  });

  test('what is said of the whole is gone to where no question is meant', async () => {
    answering({
      sendEntry: () => {
        throw new Refused(409, 'The form was changed.');
      },
    });
    const { result, place, type } = sending();
    type('Slipped');
    await act(() => result.current.send(false));
    await waitFor(() => expect(document.activeElement).toBe(place.querySelector('[data-refusal]')));
    expect(wasSentBefore(result.current.error)).toBe(false);
  });

  test('sent as new, it goes under another id', async () => {
    const asked = answering({ sendEntry: () => sent });
    const { result, store, type } = sending();
    type('Slipped');
    const { id } = store.getState().entry;
    act(() => result.current.sendAsNew());
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).not.toMatchObject({ id });
    expect(asked[0]?.body).toMatchObject({ values: { title: 'Slipped' } });
  });
});
