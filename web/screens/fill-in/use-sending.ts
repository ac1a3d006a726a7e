import { type RefObject, useState } from 'react';
import type { StoreApi } from 'zustand';
import { type FormAnswer, type Opened, problemType, type Sent } from '#contract/index.ts';
import { type Ending, toSend } from '#core/form/index.ts';
import { call, type InputOf, ProblemError } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { clockFor, type KnownWorkspace } from '../../data/workspace.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { focusFirstWrong } from '../../ui/entry-form.tsx';
import type { useServerKeeping } from './server-keeping.ts';

/** An entry that was sent, what comes after it, and whether the next is begun at once. */
export interface Done {
  readonly sent: Sent;
  readonly ending: Ending | null;
  readonly another: boolean;
}

interface Sending {
  readonly store: StoreApi<EntryState>;
  readonly answer: FormAnswer & { clockOffsetMs: number };
  readonly workspace: KnownWorkspace;
  readonly opened: Opened;
  readonly keeping: ReturnType<typeof useServerKeeping>;
  /** Where the questions stand: the first that is wrong gets the focus. */
  readonly place: RefObject<HTMLDivElement | null>;
  readonly onSent: (done: Done) => void;
  /** What is given besides the answers: a password, a name. */
  readonly beside: Beside;
  /** How it is sent, where not as usual. */
  readonly sendBy?: SendBy | undefined;
}

/** What is given along with an entry's answers. */
export type Beside = Pick<Body, 'password' | 'by_name'>;
type Body = InputOf<'sendEntry'>['body'];
/** Sends an entry of a form. */
export type SendBy = (form: string, body: Body) => Promise<Sent>;

const sendAsUsual: SendBy = (key, body) => call('sendEntry', { params: { key }, body });

/** Whether another window sent this entry with other answers. */
export const wasSentBefore = (error: unknown): boolean =>
  error instanceof ProblemError && error.answer.type === problemType('sent_before');

/** The server's problems by question, for telling them where they belong. */
export const byQuestion = (error: unknown): Map<string, string[]> => {
  const found = new Map<string, string[]>();
  for (const { pointer, detail } of error instanceof ProblemError ? (error.answer.errors ?? []) : []) {
    const key = pointer.match(/^#\/values\/([a-z0-9_]+)/)?.[1];
    if (key) found.set(key, [...(found.get(key) ?? []), detail]);
  }
  return found;
};

/** Sends an entry once, and tells what came of it; while a question has a problem, goes there instead. */
export const useSending = ({
  store,
  answer,
  workspace,
  opened,
  keeping,
  place,
  onSent,
  beside,
  sendBy = sendAsUsual,
}: Sending) => {
  const [sending, setSending] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const { record } = answer;
  /** What was refused by the server is gone to: the first question it is about, else what is said of the whole. */
  const goToRefused = (thrown: unknown): void => {
    const refused = new Set(byQuestion(thrown).keys());
    const { filledIn, goTo } = store.getState();
    const first = filledIn.questions.find(({ asked, question }) => asked && refused.has(question.key));
    if (first) goTo(first.question.page);
    // Once React has drawn what is said, and the page.
    requestAnimationFrame(() => {
      if (first && place.current) focusFirstWrong(place.current, refused);
      else place.current?.querySelector<HTMLElement>('[data-refusal]')?.focus();
    });
  };
  const send = async (another: boolean, leaves = false): Promise<void> => {
    const filledIn = store.getState().trySending();
    if (filledIn.problems.length > 0) {
      const wrong = new Set(filledIn.problems.map((each) => String(each.path[0])));
      // The page with the first of them is there once React has drawn it.
      requestAnimationFrame(() => place.current && focusFirstWrong(place.current, wrong));
      return;
    }
    if (sending) return;
    setSending(true);
    setError(null);
    const state = store.getState();
    const values = toSend(filledIn, state.entry, state.askedOnOpening);
    const from = Object.fromEntries(Object.keys(values).map((key) => [key, record?.values[key] ?? null]));
    await keeping.rest();
    try {
      const sent = await sendBy(answer.form.key, {
        id: state.entry.id,
        version: answer.version,
        filled_in_at: clockFor(workspace, answer.clockOffsetMs).now,
        values,
        ...(opened.from || opened.address ? { opened } : {}),
        ...(record ? { record: { id: record.id, from } } : {}),
        ...(leaves ? { leaves } : {}),
        ...beside,
      });
      state.forget();
      void queryClient.invalidateQueries({ queryKey: ['in-tray'] });
      void queryClient.invalidateQueries({ queryKey: ['kept'] });
      onSent({ sent, ending: filledIn.ending, another });
    } catch (thrown) {
      setError(thrown);
      setSending(false);
      goToRefused(thrown);
      keeping.goOn();
    }
  };
  const sendAsNew = (): void => {
    store.getState().renew();
    void send(false);
  };
  return { send, sending, error, sendAsNew };
};
