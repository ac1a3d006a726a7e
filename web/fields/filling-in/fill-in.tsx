import { useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import type { FormAnswer, Opened, Sent } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { compileForm, type FilledIn, pageOnWay } from '#core/form/index.ts';
import { rowsIn } from '#core/values/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { leavesSight } from '../../data/client.ts';
import type { Kept } from '../../data/kept.ts';
import { clockFor, type KnownWorkspace, useFacts, useMe } from '../../data/workspace.ts';
import { createEntryStore, type EntryOptions, type EntryState } from '../../state/entry-store.ts';
import { Key, TabMark } from '../../ui/marks.tsx';
import { Problems } from '../../ui/message.tsx';
import { useNarrow } from '../../ui/use-narrow.ts';
import { EntryForm } from '../asking/entry-form.tsx';
import { GivenBeside } from './given-beside.tsx';
import { useServerKeeping } from './server-keeping.ts';
import { type TakenUp, useTakenUp } from './taken-up.ts';
import { type Beside, type Done, type SendBy, useSending, wasSentBefore } from './use-sending.ts';
import { WhoWillSign } from './who-will-sign.tsx';

/** What an entry begins with. */
export interface EntryStart extends Required<Pick<EntryOptions, 'typed' | 'links' | 'files'>> {
  /** What tells it from an entry begun from nothing, or from something else. */
  readonly of: string;
}

export const NO_START: EntryStart = { of: '', typed: {}, links: {}, files: {} };

const focusOnArrival = (button: HTMLButtonElement | null): void => button?.focus();

const useEntryStore = (
  answer: FormAnswer & { clockOffsetMs: number },
  workspace: KnownWorkspace,
  beginning: EntryStart,
  takenUp: TakenUp,
) => {
  const facts = useFacts();
  return useMemo(() => {
    const catalogue = catalogueOf({
      ...workspace,
      registers: [answer.register, ...answer.registers],
      choice_lists: answer.choice_lists,
    });
    const compiled = compileForm(answer.form, catalogue);
    if (!compiled.ok) throw new RangeError(compiled.problems.map((each) => each.detail).join(' '));
    const links = Object.fromEntries(Object.values(answer.record?.links ?? {}).map((link) => [link.id, link]));
    const begunLinks = Object.fromEntries(Object.values(answer.begun.links).map((link) => [link.id, link]));
    return createEntryStore({
      compiled: compiled.value,
      version: answer.version,
      record: answer.record?.values ?? null,
      recordId: answer.record?.id ?? null,
      ...takenUp,
      begun: answer.begun,
      links: { ...answer.record?.linked, ...links, ...begunLinks, ...beginning.links },
      files: { ...answer.record?.files, ...beginning.files },
      typed: beginning.typed,
      clock: () => clockFor(workspace, answer.clockOffsetMs),
      me: facts,
    });
    // A store is one entry's: the screen makes a new one by its key.
  }, [answer, facts, workspace, beginning, takenUp]);
};

interface FillInProps {
  readonly answer: FormAnswer & { clockOffsetMs: number };
  readonly workspace: KnownWorkspace;
  readonly beginning: EntryStart;
  /** The entry sent just before, when one goes on with another. */
  readonly before: Sent | null;
  /** Where the form was opened from. */
  readonly opened: Opened;
  /** The entry as the server kept it, when it is taken up again. */
  readonly kept: Kept | null;
  readonly onSent: (done: Done) => void;
  /** Where one goes when one leaves it, kept or thrown away. */
  readonly onLeave: () => void;
  /** Whether it stands inside another form. */
  readonly inPlace?: boolean;
  /** Where somebody who is nobody here sends it; without it, as usual. */
  readonly sendBy?: SendBy;
}

/** One entry, from its first question until it is sent, kept or thrown away. */
export const FillIn = ({
  answer: newest,
  workspace: current,
  beginning: given,
  before,
  opened,
  kept: fromServer,
  onSent,
  onLeave,
  inPlace = false,
  sendBy,
}: FillInProps) => {
  // What is live meanwhile (a new record, another's change) must not disturb the entry.
  const [{ workspace, answer, beginning, kept }] = useState({
    workspace: current,
    answer: newest,
    beginning: given,
    kept: fromServer,
  });
  const me = useMe();
  // A copy or an entry opened from a record is one of its own, beside an entry begun from nothing.
  const placeOf = (of: string) => `iolite entry ${me.id} ${answer.form.key} ${of}`;
  const usual = placeOf(answer.record?.id ?? (beginning.of || 'new'));
  const takenUp = useTakenUp(usual, kept && !answer.record ? placeOf(kept.entry.id) : null, kept);
  const store = useEntryStore(answer, workspace, beginning, takenUp);
  const keeping = useServerKeeping(store, {
    form: answer.form.key,
    version: answer.version,
    record: answer.record?.id ?? null,
    isOff: sendBy !== undefined,
  });
  const { keptAt, wrong, lost, step, touched, id } = useStore(store, useShallow(frameOf));
  const place = useRef<HTMLDivElement>(null);
  const [beside, setBeside] = useState<Beside>({});
  const { send, sending, error, refused, sendAsNew } = useSending({
    store,
    answer,
    workspace,
    opened,
    keeping,
    place,
    onSent,
    beside,
    sendBy,
  });
  const [leaving, setLeaving] = useState(false);
  useEffect(() => {
    place.current?.querySelector<HTMLElement>('[data-question] input, [data-question] textarea')?.focus();
  }, []);
  const keep = async () => {
    await keeping.flush();
    onLeave();
  };
  const throwAway = async () => {
    store.getState().forget();
    await keeping.drop();
    onLeave();
  };
  const { register } = answer;
  const narrow = useNarrow();
  const status = (
    <span className={`text-[13px] text-ink-2 ${narrow && !inPlace ? '' : 'ml-auto'}`} role="status">
      {keptAt &&
        `kept${keeping.there ? '' : ' on this device'} ${showMoment(keptAt, workspace.zone, workspace.locale).split(', ')[1]}`}
    </span>
  );
  const cancel = (
    <button type="button" className="btn btn-quiet" onClick={() => (touched ? setLeaving(true) : void throwAway())}>
      Cancel
    </button>
  );
  const isStranger = sendBy !== undefined;
  const another = !answer.record && !inPlace && !isStranger && (
    <button type="button" className="btn max-sm:mb-3 max-sm:self-start" disabled={sending} onClick={() => send(true)}>
      Send and add another
    </button>
  );
  // Rows need the width of a table.
  const asked = new Set(answer.form.questions.map((question) => question.field));
  const hasRows = register.fields.some((field) => rowsIn(field.type) !== null && asked.has(field.key));
  return (
    <div className={inPlace ? '' : 'entry-screen grow bg-paper sm:overflow-auto'}>
      <div ref={place} className={inPlace ? '' : `mx-auto px-4 py-6 max-sm:p-0 ${hasRows ? 'max-w-5xl' : 'max-w-2xl'}`}>
        <div
          className={
            inPlace ? '' : 'border border-rule-strong bg-sheet px-6 py-5 max-sm:border-0 max-sm:px-4 max-sm:py-0'
          }
        >
          <header
            className={`flex items-center gap-2 border-b-2 ${inPlace ? 'mb-4 flex-wrap border-ink pb-2' : 'border-ink max-sm:-mx-4 max-sm:mb-3 max-sm:border-iolite-deep max-sm:py-1 max-sm:pr-4 max-sm:pl-2 sm:mb-4 sm:flex-wrap sm:pb-2'}`}
          >
            {!inPlace && (
              <Link to="/" aria-label="Today" className="grid size-11 place-items-center sm:hidden">
                <img src="/mark.svg" alt="" width={20} height={18} />
              </Link>
            )}
            <span className={inPlace ? '' : 'max-sm:hidden'}>
              <TabMark mark={register.mark} name={register.plural} />
            </span>
            <h1>{answer.form.label}</h1>
            {answer.record && <span className="font-mono text-[13px] text-ink-2">{answer.record.number}</span>}
            {narrow && !inPlace && step !== null && (
              <span aria-hidden="true" className="ml-auto text-ink-2">
                {step}
              </span>
            )}
            {(!narrow || inPlace) && status}
          </header>
          {narrow && !inPlace && (
            <div className="-mt-3 mb-2 flex items-center">
              {status}
              <span className="grow" />
              {cancel}
            </div>
          )}
          {before && (
            <p role="status" className="mb-4 border-l-4 border-kelp bg-kelp-wash px-3 py-2">
              {before.number} was stored.
            </p>
          )}
          {lost.length > 0 && (
            <div role="alert" className="mb-4 border-l-4 border-haze bg-haze-wash px-3 py-2">
              <p className="font-semibold">This form has changed since you began. The rest is as you typed it.</p>
              <ul>
                {lost.map((each) => (
                  <li key={each}>{each}</li>
                ))}
              </ul>
            </div>
          )}
          {answer.sent_back && (
            <p className="mb-4 border-l-4 border-haze bg-haze-wash px-3 py-2">
              <span className="font-semibold">{answer.sent_back.by} sent this back:</span> “{answer.sent_back.reason}”
              {answer.sent_back.marks.map(({ field, says }) => (
                <span key={field} className="block">
                  <span className="font-semibold">
                    {answer.register.fields.find(({ key }) => key === field)?.label ?? field}:
                  </span>{' '}
                  {says || 'look at it again'}
                </span>
              ))}
            </p>
          )}
          <EntryForm
            store={store}
            registers={answer.registers}
            draft={false}
            refused={refused}
            locked={answer.locked}
            sendLabel={sending ? 'Sending …' : answer.sent_back ? 'Send again' : answer.record ? 'Store' : 'Send'}
            sending={sending}
            above={
              <>
                <div data-refusal tabIndex={-1} className="outline-none">
                  <Problems error={error} />
                </div>
                {leavesSight(error) && (
                  <button type="button" className="btn mb-3" onClick={() => void send(false, true)}>
                    Store it all the same
                  </button>
                )}
                {wasSentBefore(error) && (
                  <p className="mb-3 text-ink-2">
                    Another window sent it with what stood there.{' '}
                    <button type="button" className="part" onClick={sendAsNew}>
                      Send these answers as a new entry
                    </button>
                  </p>
                )}
                <ToSend count={wrong} />
                {!isStranger && <WhoWillSign form={answer.form.key} store={store} />}
                <GivenBeside
                  asksName={me.kind === 'group'}
                  asksPassword={answer.form.password_again === true && me.kind === 'person'}
                  error={error}
                  beside={beside}
                  onBeside={setBeside}
                />
              </>
            }
            beside={(isLast) => (
              <>
                {!narrow && isLast && another}
                {!isStranger && (
                  <button type="button" className="btn" onClick={() => void keep()}>
                    Keep
                  </button>
                )}
                {(!narrow || inPlace) && cancel}
                <span className="ml-auto flex gap-1 max-sm:hidden">
                  <Key>Ctrl</Key>
                  <Key>Enter</Key>
                </span>
              </>
            )}
            under={(isLast) => isLast && another}
            onSend={() => send(false)}
            onEscape={() => void keep()}
          />
          {leaving && (
            <div
              role="alertdialog"
              aria-label="Throw away what you typed?"
              className="mt-3 border-l-4 border-brick bg-brick-wash px-3 py-2"
            >
              <p className="mb-2 font-semibold">Throw away what you typed?</p>
              <button ref={focusOnArrival} type="button" className="btn" onClick={() => setLeaving(false)}>
                Go on filling in
              </button>{' '}
              <button type="button" className="btn text-brick!" onClick={() => void throwAway()}>
                Throw it away
              </button>
            </div>
          )}
        </div>
        <p className="sr-only">Entry {id}</p>
      </div>
    </div>
  );
};

/** What stands around the questions: the same while only answers change. */
const frameOf = ({ keptAt, tried, filledIn, lost, page, entry }: EntryState) => ({
  /** To the minute, as it is shown. */
  keptAt: keptAt && `${keptAt.slice(0, 16)}:00.000Z`,
  wrong: tried ? filledIn.problems.length : 0,
  lost,
  step: sayStep(filledIn, page),
  touched: Object.keys(entry.typed).length + Object.keys(entry.unread).length > 0,
  id: entry.id,
});

/** How far one is on one's way, as the head of a phone has room for; null on a way of one page. */
const sayStep = ({ way }: FilledIn, page: number): string | null => {
  if (way.length < 2) return null;
  return `${way.indexOf(pageOnWay(way, page)) + 1} of ${way.length}`;
};

/** Why it was not sent: said once, above the button. */
const ToSend = ({ count }: { count: number }) =>
  count === 0 ? null : (
    <p role="alert" className="wrong mb-3 font-semibold">
      {count === 1
        ? 'One answer is wrong or missing, so it was not sent.'
        : `${count} answers are wrong or missing, so it was not sent.`}
    </p>
  );
