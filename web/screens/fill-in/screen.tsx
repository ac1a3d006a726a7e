import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useStore } from 'zustand';
import { api, type FormAnswer, type Linked, type Sent } from '#contract/index.ts';
import { showMoment, uuidV7 } from '#core/base/index.ts';
import { compileForm, type Ending, plainFormOf, toSend } from '#core/form/index.ts';
import { isWritable } from '#core/register/index.ts';
import { rowsOf, type StoredValue } from '#core/values/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { clockFor, type KnownWorkspace, useFacts, useMe, useWorkspace } from '../../data/workspace.ts';
import { createEntryStore, type EntryOptions } from '../../state/entry-store.ts';
import { FormattedText } from '../../ui/controls/formatted.tsx';
import { EntryForm, focusFirstWrong } from '../../ui/entry-form.tsx';
import { FindRecord } from '../../ui/find-record.tsx';
import { Key, TabMark } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';

/** A form, filled in: from its first question to the thanks with the record's number. */
export const FillInScreen = () => {
  const { key = '' } = useParams();
  const [search] = useSearchParams();
  const record = search.get('record');
  const begun = begunWith(search, key);
  return <OneForm key={`${key} ${record} ${search}`} formKey={key} record={record} begun={begun} />;
};

/** What an entry begins with, as its address says: a copy of a record, or the record it was opened from. */
interface Begun {
  readonly copy: { readonly register: string; readonly id: string } | null;
  readonly by: { readonly field: string; readonly register: string; readonly id: string } | null;
}

const begunWith = (search: URLSearchParams, key: string): Begun => {
  const [copy, by, register, of] = ['copy', 'by', 'register', 'of'].map((name) => search.get(name));
  const plain = plainFormOf(key);
  return {
    copy: copy && plain ? { register: plain, id: copy } : null,
    by: by && register && of ? { field: by, register, id: of } : null,
  };
};

interface Beginning extends Required<Pick<EntryOptions, 'typed' | 'links' | 'files'>> {
  /** What tells it from an entry begun from nothing, or from something else. */
  readonly of: string;
}

const freshRows = (value: StoredValue): StoredValue => {
  const rows = rowsOf(value);
  const id = () => uuidV7(Date.now(), crypto.getRandomValues(new Uint8Array(10)));
  return rows.length > 0 ? rows.map((row) => ({ ...row, id: id() })) : value;
};

/** The values an entry begins with; nothing until what it is begun from is there. */
const useBeginning = ({ copy, by }: Begun, asks: ReadonlySet<string>): Beginning | null => {
  const copied = useQuery({ ...queries.record(copy?.register ?? '', copy?.id ?? ''), enabled: copy !== null });
  const opener = useQuery({ ...queries.record(by?.register ?? '', by?.id ?? ''), enabled: by !== null });
  if ((copy && copied.isPending) || (by && opener.isPending)) return null;
  const typed: Record<string, StoredValue> = {};
  const links: Record<string, Linked> = {};
  for (const [key, value] of Object.entries(copied.data?.values ?? {}))
    if (asks.has(key)) typed[key] = freshRows(value);
  for (const link of Object.values(copied.data?.links ?? {})) links[link.id] = link;
  if (by && opener.data && asks.has(by.field)) {
    const { id, number, title } = opener.data;
    typed[by.field] = id;
    links[id] = { id, number, title, beside: [] };
  }
  const of = [copy?.id, by?.id].filter(Boolean).join(' ');
  return { of, typed, links: { ...copied.data?.linked, ...links }, files: copied.data?.files ?? {} };
};

const OneForm = ({ formKey: key, record, begun }: { formKey: string; record: string | null; begun: Begun }) => {
  const { workspace } = useWorkspace();
  const { data } = useSuspenseQuery({ ...queries.form(key, record), staleTime: Number.POSITIVE_INFINITY, gcTime: 0 });
  const asks = new Set(
    data.form.questions
      .map((question) => question.field)
      .filter((field) => data.register.fields.some((each) => each.key === field && isWritable(each))),
  );
  const beginning = useBeginning(begun, asks);
  const [done, setDone] = useState<Done | null>(null);
  const [round, setRound] = useState(0);
  const navigate = useNavigate();
  const onSent = (next: Done): void => {
    setDone(next);
    const { sent, ending, another } = next;
    const leadsTo = another ? 'another' : (ending?.leads_to ?? 'thanks');
    const sees = workspace.rights[sent.register]?.see === true;
    if (leadsTo === 'another') setRound(round + 1);
    if (leadsTo === 'record' && sees) navigate(`/registers/${sent.register}/${sent.id}`);
    if (leadsTo === 'list' && sees) navigate(`/registers/${sent.register}?record=${sent.id}`);
  };
  const goesOn = done !== null && (done.another || done.ending?.leads_to === 'another');
  if (done && !goesOn) {
    return (
      <Thanks
        done={done}
        answer={data}
        onAnother={() => {
          setRound(round + 1);
          setDone(null);
        }}
      />
    );
  }
  if (data.form.purpose === 'change' && !data.record) return <WhichRecord answer={data} />;
  if (!beginning) return <Coming />;
  return (
    <FillIn
      key={`${data.version} ${round}`}
      answer={data}
      workspace={workspace}
      beginning={round === 0 ? beginning : NO_BEGINNING}
      before={done?.sent ?? null}
      onSent={onSent}
    />
  );
};

/** A form that changes records asks first which one. */
const WhichRecord = ({ answer: { form, register } }: { answer: FormAnswer }) => {
  const navigate = useNavigate();
  const id = useId();
  return (
    <div className="grow bg-paper p-6 sm:overflow-auto">
      <div className="mx-auto grid max-w-2xl gap-3 border border-rule-strong bg-sheet p-8">
        <h1 className="flex items-center gap-3">
          <TabMark mark={register.mark} name={register.plural} />
          {form.label}
        </h1>
        <label htmlFor={id} className="font-semibold">
          Which {register.singular.toLowerCase()}?
        </label>
        <FindRecord
          id={id}
          register={register}
          chosen={null}
          onChoose={(record) => record && navigate(`/forms/${form.key}?record=${record.id}`)}
        />
      </div>
    </div>
  );
};

const NO_BEGINNING: Beginning = { of: '', typed: {}, links: {}, files: {} };

const useEntryStore = (
  answer: FormAnswer & { clockOffsetMs: number },
  workspace: KnownWorkspace,
  beginning: Beginning,
) => {
  const me = useMe();
  const facts = useFacts();
  return useMemo(() => {
    const catalogue = catalogueOf({
      ...workspace,
      registers: [answer.register, ...answer.registers],
      choice_lists: answer.choice_lists,
    });
    const compiled = compileForm(answer.form, catalogue);
    if (!compiled.ok) throw new RangeError(compiled.problems.map((each) => each.detail).join(' '));
    // A copy or an entry opened from a record is one of its own, beside an entry begun from nothing.
    const keepAs = `iolite entry ${me.id} ${answer.form.key} ${answer.record?.id ?? (beginning.of || 'new')}`;
    const links = Object.fromEntries(Object.values(answer.record?.links ?? {}).map((link) => [link.id, link]));
    return createEntryStore({
      compiled: compiled.value,
      version: answer.version,
      record: answer.record?.values ?? null,
      links: { ...answer.record?.linked, ...links, ...beginning.links },
      files: { ...answer.record?.files, ...beginning.files },
      typed: beginning.typed,
      clock: () => clockFor(workspace, answer.clockOffsetMs),
      me: facts,
      keepAs,
    });
    // A store is one entry's: the screen makes a new one by its key.
  }, [answer, me.id, facts, workspace, beginning]);
};

interface FillInProps {
  readonly answer: FormAnswer & { clockOffsetMs: number };
  readonly workspace: KnownWorkspace;
  readonly beginning: Beginning;
  /** The entry sent just before, when one goes on with another. */
  readonly before: Sent | null;
  readonly onSent: (done: Done) => void;
}

/** An entry that was sent, what comes after it, and whether the next is begun at once. */
interface Done {
  readonly sent: Sent;
  readonly ending: Ending | null;
  readonly another: boolean;
}

/** The server's problems by question, for telling them where they belong. */
const byQuestion = (error: unknown): Map<string, string[]> => {
  const found = new Map<string, string[]>();
  for (const { pointer, detail } of error instanceof ProblemError ? (error.answer.errors ?? []) : []) {
    const key = pointer.match(/^#\/values\/([a-z0-9_]+)/)?.[1];
    if (key) found.set(key, [...(found.get(key) ?? []), detail]);
  }
  return found;
};

const FillIn = ({ answer: newest, workspace: current, beginning: given, before, onSent }: FillInProps) => {
  // What is live meanwhile (a new record, another's change) must not disturb the entry.
  const [{ workspace, answer, beginning }] = useState({ workspace: current, answer: newest, beginning: given });
  const store = useEntryStore(answer, workspace, beginning);
  const { keptAt, entry, tried, filledIn } = useStore(store);
  const place = useRef<HTMLDivElement>(null);
  const [sending, setSending] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const navigate = useNavigate();
  useEffect(() => {
    place.current?.querySelector<HTMLElement>('[data-question] input, [data-question] textarea')?.focus();
  }, []);
  const send = async (another: boolean) => {
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
    try {
      const sent = await call(api.sendEntry, {
        params: { key: answer.form.key },
        body: {
          id: state.entry.id,
          version: answer.version,
          filled_in_at: clockFor(workspace, answer.clockOffsetMs).now,
          values,
          ...(answer.record
            ? {
                record: {
                  id: answer.record.id,
                  from: Object.fromEntries(Object.keys(values).map((key) => [key, answer.record?.values[key] ?? null])),
                },
              }
            : {}),
        },
      });
      state.forget();
      void queryClient.invalidateQueries({ queryKey: ['in-tray'] });
      onSent({ sent, ending: filledIn.ending, another });
    } catch (thrown) {
      setError(thrown);
      setSending(false);
    }
  };
  const { register } = answer;
  // Rows need the width of a table.
  const asked = new Set(answer.form.questions.map((question) => question.field));
  const hasRows = register.fields.some((field) => field.type.kind === 'rows' && asked.has(field.key));
  return (
    <div className="grow bg-paper sm:overflow-auto">
      <div ref={place} className={`mx-auto px-4 py-6 max-sm:p-0 ${hasRows ? 'max-w-5xl' : 'max-w-2xl'}`}>
        <div className="border border-rule-strong bg-sheet px-6 py-5 max-sm:border-0 max-sm:px-4">
          <header className="mb-4 flex flex-wrap items-center gap-2 border-b-2 border-ink pb-2">
            <TabMark mark={register.mark} name={register.plural} />
            <h1>{answer.form.label}</h1>
            {answer.record && <span className="font-mono text-[13px] text-ink-2">{answer.record.number}</span>}
            <span className="ml-auto text-[13px] text-ink-2" role="status">
              {keptAt
                ? `kept on this device ${showMoment(keptAt, workspace.zone, workspace.locale).split(', ')[1]}`
                : ''}
            </span>
          </header>
          {before && (
            <p role="status" className="mb-4 border-l-4 border-kelp bg-kelp-wash px-3 py-2">
              {before.number} was stored.
            </p>
          )}
          {answer.sent_back && (
            <p className="mb-4 border-l-4 border-haze bg-haze-wash px-3 py-2">
              <span className="font-semibold">{answer.sent_back.by} sent this back:</span> “{answer.sent_back.reason}”
            </p>
          )}
          <EntryForm
            store={store}
            registers={answer.registers}
            draft={false}
            refused={byQuestion(error)}
            sendLabel={sending ? 'Sending …' : answer.sent_back ? 'Send again' : answer.record ? 'Store' : 'Send'}
            sending={sending}
            above={
              <>
                <Problems error={error} />
                <ToSend count={tried ? filledIn.problems.length : 0} />
              </>
            }
            beside={(isLast) => (
              <>
                {isLast && !answer.record && (
                  <button type="button" className="btn max-sm:hidden" disabled={sending} onClick={() => send(true)}>
                    Send and add another
                  </button>
                )}
                <Link to="/" className="btn max-sm:grow max-sm:justify-center">
                  Leave, and keep what is typed
                </Link>
                <span className="ml-auto flex gap-1 max-sm:hidden">
                  <Key>Ctrl</Key>
                  <Key>Enter</Key>
                </span>
              </>
            )}
            onSend={() => send(false)}
            onEscape={() => navigate('/')}
          />
        </div>
        <p className="sr-only">Entry {entry.id}</p>
      </div>
    </div>
  );
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

interface ThanksProps {
  readonly done: Done;
  readonly answer: FormAnswer;
  readonly onAnother: () => void;
}

const Thanks = ({ done: { sent, ending }, answer, onAnother }: ThanksProps) => {
  const { workspace } = useWorkspace();
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  const sees = workspace.rights[sent.register]?.see === true;
  return (
    <div className="grow bg-paper p-6 sm:overflow-auto">
      <div className="mx-auto max-w-2xl border border-rule-strong bg-sheet p-8">
        <h1 ref={head} tabIndex={-1} className="flex items-center gap-3 outline-none">
          <TabMark mark={answer.register.mark} name={answer.register.plural} />
          {ending?.label ?? 'Thank you'}. {sent.number} was{' '}
          {answer.sent_back ? 'sent again' : answer.record ? 'changed' : 'stored'}.
        </h1>
        {ending && ending.words !== '' && (
          <div className="mt-4">
            <FormattedText text={ending.words} />
          </div>
        )}
        <p className="my-4 text-ink-2">
          {sent.goes_to
            ? `It waits for the ${sent.goes_to} to sign.`
            : `“${sent.title}” is in ${answer.register.plural} now.`}
        </p>
        <div className="flex flex-wrap gap-3">
          {!answer.record && (
            <button type="button" className="btn btn-go" onClick={onAnother}>
              Fill in another
            </button>
          )}
          {sees && (
            <Link className="btn" to={`/registers/${sent.register}?record=${sent.id}`}>
              See it in {answer.register.plural}
            </Link>
          )}
          <Link className="btn" to="/">
            Go to Today
          </Link>
        </div>
      </div>
    </div>
  );
};
