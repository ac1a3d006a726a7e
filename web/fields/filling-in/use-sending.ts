import { type RefObject, useState } from 'react';
import type { StoreApi } from 'zustand';
import { type FormAnswer, type Opened, problemType, type Sent } from '#contract/index.ts';
import { type Ending, idsInLookUps, madeToSend, type QuestionState, toSend } from '#core/form/index.ts';
import { call, type InputOf, ProblemError } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { clockFor, type KnownWorkspace } from '../../data/workspace.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { placeInNew, placeOf } from '../../state/places.ts';
import { focusFirstWrong } from '../asking/entry-form.tsx';
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

/** The server's problems by question, for telling them where they belong; `made` are the ids of what was made along. */
const byQuestion = (error: unknown, made: readonly string[]): Map<string, string[]> => {
  const found = new Map<string, string[]>();
  const tell = (place: string, detail: string) => void found.set(place, [...(found.get(place) ?? []), detail]);
  for (const { pointer, detail } of error instanceof ProblemError ? (error.answer.errors ?? []) : []) {
    const [, key] = pointer.match(/^#\/values\/([a-z0-9_]+)/) ?? [];
    const [, place, field] = pointer.match(/^#\/makes\/(\d+)\/values\/([a-z0-9_]+)/) ?? [];
    const id = made[Number(place)];
    if (key) tell(key, detail);
    else if (field && id !== undefined) tell(placeInNew(id, field), detail);
  }
  return found;
};

const NOTHING_REFUSED: ReadonlyMap<string, readonly string[]> = new Map();

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
  const [refused, setRefused] = useState(NOTHING_REFUSED);
  const { record } = answer;
  /** What was refused by the server is gone to: the first question it is about, else what is said of the whole. */
  const goToRefused = (told: typeof NOTHING_REFUSED): void => {
    const places = new Set(told.keys());
    const { filledIn, goTo } = store.getState();
    const holdsRefused = ({ question, value, notAsked }: QuestionState): boolean =>
      [...idsInLookUps(question, value, notAsked)].some((id) =>
        [...places].some((place) => place.startsWith(`${id}.`)),
      );
    const first = filledIn.questions.find(
      (state) => state.asked && (places.has(state.question.key) || holdsRefused(state)),
    );
    if (first) goTo(first.question.page);
    // Once React has drawn what is said, and the page.
    requestAnimationFrame(() => {
      if (first && place.current) focusFirstWrong(place.current, places);
      else place.current?.querySelector<HTMLElement>('[data-refusal]')?.focus();
    });
  };
  const send = async (another: boolean, leaves = false): Promise<void> => {
    const filledIn = store.getState().trySending();
    if (filledIn.problems.length > 0) {
      const wrong = new Set(filledIn.problems.map((each) => placeOf(each, filledIn)));
      // The page with the first of them is there once React has drawn it.
      requestAnimationFrame(() => place.current && focusFirstWrong(place.current, wrong));
      return;
    }
    if (sending) return;
    setSending(true);
    setError(null);
    setRefused(NOTHING_REFUSED);
    const state = store.getState();
    const makes = madeToSend(filledIn);
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
        ...(makes.length > 0 ? { makes } : {}),
        ...(record ? { record: { id: record.id, from } } : {}),
        ...(leaves ? { leaves } : {}),
        ...beside,
      });
      state.forget();
      void readAnew('in-tray', 'kept');
      onSent({ sent, ending: filledIn.ending, another });
    } catch (thrown) {
      const told = byQuestion(
        thrown,
        makes.map(({ id }) => id),
      );
      setError(thrown);
      setRefused(told);
      setSending(false);
      goToRefused(told);
      keeping.goOn();
    }
  };
  const sendAsNew = (): void => {
    store.getState().renew();
    void send(false);
  };
  return { send, sending, error, refused, sendAsNew };
};
