import { useMutation, useQuery } from '@tanstack/react-query';
import { ArrowLeft, ArrowRight, Copy, FileText, Pencil, Printer } from 'lucide-react';
import { Link, useLocation, useParams } from 'react-router';
import { z } from 'zod';
import type { RecordDetail } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import { call } from '../../data/client.ts';
import { type ListAddress, queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { ChangingFacts } from '../../fields/records/changing-facts.tsx';
import { RecordHead, RecordHistory, RecordSignOff } from '../../fields/records/record-facts.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { ArchiveRecord } from './archive.tsx';
import { LinkedLists } from './linked-lists.tsx';
import { SignOffActions } from './sign-off-actions.tsx';
import { WhoSees } from './who-sees.tsx';

/** A record on its own page: its fields in sections, what is linked to it from both sides, its history. */
export const RecordScreen = () => {
  const { key = '', id = '' } = useParams();
  const { catalogue } = useWorkspace();
  const { data: record, error } = useQuery(queries.record(key, id));
  if (!catalogue.registers.has(key) && !record)
    return error ? <Empty title="There is no such record, or none you may see." /> : <Coming />;
  if (error && !record) return <Empty title="There is no such record, or none you may see." />;
  if (!record) return <Coming />;
  return <RecordPage key={id} record={record} />;
};

const RecordPage = ({ record }: { record: RecordDetail }) => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const rights = workspace.rights[record.register];
  const changing = workspace.forms.filter(
    (each) => each.may_fill && each.form.register === record.register && each.form.purpose !== 'add',
  );
  const when = (moment: string) => showMoment(moment, workspace.zone, workspace.locale);
  return (
    <article className="grow overflow-auto print:overflow-visible">
      <header className="flex flex-wrap items-center gap-2 border-b border-rule-strong bg-paper px-5 py-2.5 print:border-b-2">
        <RecordHead record={record}>
          {record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}
        </RecordHead>
        <span className="ml-auto flex flex-wrap gap-2 print:hidden">
          <Neighbours record={record} />
          {changing.map(({ form }) => (
            <Link key={form.key} className="btn" to={`/forms/${form.key}?record=${record.id}`}>
              {form.label}
            </Link>
          ))}
          {record.may_change && (
            <Link className="btn" to={`/forms/${plainFormKey(record.register)}?record=${record.id}`}>
              <Pencil size={15} aria-hidden="true" /> Change
            </Link>
          )}
          {rights?.add && (
            <Link className="btn" to={`/forms/${plainFormKey(record.register)}?copy=${record.id}`}>
              <Copy size={15} aria-hidden="true" /> Copy
            </Link>
          )}
          <button type="button" className="btn" onClick={() => window.print()}>
            <Printer size={15} aria-hidden="true" /> Print
          </button>
          <a
            className="btn"
            href={`/api/registers/${record.register}/records/${record.id}/record.pdf`}
            target="_blank"
            rel="noopener noreferrer"
          >
            <FileText size={15} aria-hidden="true" /> PDF
          </a>
          {record.may_archive && record.archived_at === null && <ArchiveRecord record={record} />}
        </span>
      </header>
      {record.archived_at && <Archived record={record} at={when(record.archived_at)} />}
      <div className="grid gap-x-8 px-5 py-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="min-w-0">
          <ChangingFacts record={record} />
          <LinkedLists record={record} />
        </div>
        <div className="min-w-0">
          <RecordSignOff record={record}>
            {record.sign_off && (
              <SignOffActions register={record.register} record={record.id} track={record.sign_off} />
            )}
          </RecordSignOff>
          <p className="mt-3 text-[13px] text-ink-2">
            Added {when(record.created_at)} by {record.created_by}.
          </p>
          <RecordHistory register={record.register} id={record.id} />
          {me.sets_up.includes('people') && <WhoSees register={record.register} id={record.id} />}
        </div>
      </div>
    </article>
  );
};

const Archived = ({ record, at }: { record: RecordDetail; at: string }) => {
  const back = useMutation({
    mutationFn: () => call('bringBackRecord', { params: { key: record.register, id: record.id } }),
    onSuccess: () => readAnew('records'),
  });
  return (
    <div className="border-l-4 border-straw bg-straw-wash px-5 py-2">
      Archived {at}: it stands in no list and no look-up.{' '}
      {record.may_archive && (
        <button type="button" className="part" disabled={back.isPending} onClick={() => back.mutate()}>
          Bring it back
        </button>
      )}
      <Problems error={back.error} />
    </div>
  );
};

const cameFrom = z.object({ list: z.string() });

const addressOf = (search: string): ListAddress => {
  const query = new URLSearchParams(search);
  return {
    filter: query.get('filter') ?? '',
    find: query.get('find') ?? '',
    sort: query.get('sort') ?? '-number',
    columns: '',
    archived: query.get('archived') === 'yes' ? 'yes' : 'no',
  };
};

/** As far as one can step through a list without opening it again. */
const MOST_STEPS = 500;

/** The records before and after this one in the list one came from. */
const Neighbours = ({ record }: { record: RecordDetail }) => {
  const location = useLocation();
  const from = cameFrom.safeParse(location.state);
  const list = from.success ? from.data.list : '';
  const address = { ...addressOf(list), columns: record.definition.fields[0]?.key ?? '' };
  const { data } = useQuery({ ...queries.list(record.register, address, MOST_STEPS), enabled: from.success });
  const ids = data?.records.map((each) => each.id) ?? [];
  const at = ids.indexOf(record.id);
  const step = (id: string | undefined, label: string, icon: React.ReactNode) =>
    id === undefined ? (
      <button type="button" className="btn" disabled aria-label={label}>
        {icon}
      </button>
    ) : (
      <Link className="btn" to={`/registers/${record.register}/${id}`} state={{ list }} aria-label={label}>
        {icon}
      </Link>
    );
  return (
    <>
      <Link className="btn" to={`/registers/${record.register}${list}`}>
        To the list
      </Link>
      {at >= 0 && (
        <>
          {step(ids[at - 1], 'Previous in the list', <ArrowLeft size={15} aria-hidden="true" />)}
          {step(ids[at + 1], 'Next in the list', <ArrowRight size={15} aria-hidden="true" />)}
        </>
      )}
    </>
  );
};
