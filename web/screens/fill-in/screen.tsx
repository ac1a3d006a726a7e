import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { FormAnswer, Linked, Opened } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import { plainFormOf } from '#core/form/index.ts';
import { isWritable } from '#core/register/index.ts';
import { rowsOf, type StoredValue } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { type EntryStart, FillIn, NO_START } from '../../fields/filling-in/fill-in.tsx';
import type { Done } from '../../fields/filling-in/use-sending.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Empty } from '../../ui/message.tsx';
import { Thanks } from './thanks.tsx';

/** A form, filled in: from its first question to the thanks with the record's number. */
export const FillInScreen = () => {
  const { key = '' } = useParams();
  const [search] = useSearchParams();
  const record = search.get('record');
  const begun = begunWith(search, key);
  return (
    <OneForm
      key={`${key} ${record} ${search}`}
      formKey={key}
      record={record}
      begun={begun}
      opened={openedBy(search)}
      keptId={search.get('kept')}
    />
  );
};

/** Names in the address that have a meaning of their own. */
const OWN_NAMES: ReadonlySet<string> = new Set(['record', 'copy', 'by', 'register', 'of', 'kept']);

/** Where the form was opened from, as its address says: a record, and whatever else stands there. */
const openedBy = (search: URLSearchParams): Opened => {
  const [register, id] = [search.get('register'), search.get('of')];
  const address = Object.fromEntries([...search].filter(([name]) => !OWN_NAMES.has(name)));
  return {
    ...(register && id ? { from: { register, id } } : {}),
    ...(Object.keys(address).length > 0 ? { address } : {}),
  };
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

const freshRows = (value: StoredValue): StoredValue => {
  const rows = rowsOf(value);
  const id = () => uuidV7(Date.now(), crypto.getRandomValues(new Uint8Array(10)));
  return rows.length > 0 ? rows.map((row) => ({ ...row, id: id() })) : value;
};

/** The values an entry begins with; nothing until what it is begun from is there. */
const useEntryStart = ({ copy, by }: Begun, asks: ReadonlySet<string>): EntryStart | null => {
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

interface OneFormProps {
  readonly formKey: string;
  readonly record: string | null;
  readonly begun: Begun;
  readonly opened: Opened;
  readonly keptId: string | null;
}

const OneForm = ({ formKey: key, record, begun, opened, keptId }: OneFormProps) => {
  const { workspace } = useWorkspace();
  const { data } = useSuspenseQuery({
    ...queries.form(key, record, opened),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const takenUp = useQuery({ ...queries.keptEntry(keptId ?? ''), enabled: keptId !== null });
  const asks = new Set(
    data.form.questions
      .map((question) => question.field)
      .filter((field) => data.register.fields.some((each) => each.key === field && isWritable(each))),
  );
  const beginning = useEntryStart(begun, asks);
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
  if (!beginning || (keptId && takenUp.isPending)) return <Coming />;
  const kept = takenUp.data ?? null;
  if (keptId && round === 0 && !kept)
    return <Empty title="This entry is not kept any more: it was sent or thrown away." />;
  return (
    <FillIn
      key={`${data.version} ${round}`}
      answer={data}
      workspace={workspace}
      beginning={round === 0 ? beginning : NO_START}
      before={done?.sent ?? null}
      opened={opened}
      kept={round === 0 ? kept : null}
      onSent={onSent}
      onLeave={() => (cameFromHere() ? navigate(-1) : navigate('/'))}
    />
  );
};

/** Whether there is a page of this application to go back to. */
const cameFromHere = (): boolean => {
  const state: unknown = window.history.state;
  return (
    typeof state === 'object' && state !== null && 'idx' in state && typeof state.idx === 'number' && state.idx > 0
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
