import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ListPage } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import { findWords } from '#core/list/index.ts';
import { listFields, type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import { linkToOne } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { ConditionEditor } from '../../ui/condition-editor.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { RunningImports } from './import-progress.tsx';
import { ListMenu } from './list-menu.tsx';
import { ColumnsPart, GroupPart, SortPart, TotalsPart } from './list-parts.tsx';
import { RecordPanel } from './record-panel.tsx';
import { RecordTable } from './record-table.tsx';

const STEP = 50;

/** The fields a list shows: those the address says and the register has, else those it begins with. */
const columnsOf = (register: Register, said: string | null): string => {
  const known = (said ?? '').split(',').filter((key) => register.fields.some((field) => field.key === key));
  return (known.length > 0 ? known : listFields(register).map(({ key }) => key)).join(',');
};

/** The records of a register: found by words, filtered by a sentence, sorted; the address says it all. */
export const ListScreen = () => {
  const { key = '' } = useParams();
  const { workspace, catalogue } = useWorkspace();
  const register = catalogue.registers.get(key);
  const [search, setSearch] = useSearchParams();
  const address = {
    filter: search.get('filter') ?? '',
    find: search.get('find') ?? '',
    sort: search.get('sort') ?? '-number',
    columns: register ? columnsOf(register, search.get('columns')) : '',
    by: search.get('by') ?? '',
    totals: search.get('totals') ?? '',
    archived: search.get('archived') === 'yes' ? ('yes' as const) : ('no' as const),
  };
  const limit = Math.min(500, Number(search.get('rows')) || STEP);
  const chosen = search.get('record');
  const { data, error } = useQuery({ ...queries.list(key, address, limit), enabled: register !== undefined });
  const isPut = address.by !== '' || address.totals !== '';
  const { data: groups, error: wrong } = useQuery({
    ...queries.groups(key, address),
    enabled: register !== undefined && isPut,
  });
  if (!register) return <Empty title="There is no such register, or none you may see." />;
  const set = (changes: Readonly<Record<string, string | null>>) =>
    setSearch(
      (before) => {
        for (const [name, value] of Object.entries(changes)) {
          if (value) before.set(name, value);
          else before.delete(name);
        }
        return before;
      },
      { replace: true },
    );
  const shown = address.columns
    .split(',')
    .flatMap((column) => register.fields.find((field) => field.key === column) ?? []);
  const context: SayContext = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  const form = workspace.forms.find((each) => each.may_fill && each.form.register === key);
  return (
    <>
      <header className="flex flex-wrap items-center gap-3 border-b border-rule-strong bg-paper px-5 py-2.5">
        <TabMark mark={register.mark} name={register.plural} />
        <h1>{register.plural}</h1>
        <FindBox key={key} find={address.find} onFind={(find) => set({ find, rows: null })} />
        <span className="grow" />
        <ListMenu register={register} address={address} onArchived={(archived) => set({ archived, rows: null })} />
        {form ? (
          <Link className="btn btn-go" to={`/forms/${form.form.key}`}>
            {form.form.label}
          </Link>
        ) : (
          workspace.rights[key]?.add && (
            <Link className="btn btn-go" to={`/forms/${plainFormKey(key)}`}>
              Add {register.singular.toLowerCase()}
            </Link>
          )
        )}
      </header>
      <RunningImports register={register} />
      <div className="flex items-baseline gap-4 border-b border-rule px-5 py-2.5 text-[15px]">
        <p className="grow">
          {register.plural} {address.filter === '' ? 'of every kind:' : 'whose'}{' '}
          <ConditionEditor
            key={key}
            text={address.filter}
            context={context}
            mood="is"
            mayBeEmpty
            refuse={(reason) => (reason ? `A list cannot be filtered by this, as ${reason}.` : null)}
            onChange={(filter) => set({ filter, rows: null })}
          />
          {address.find.trim() !== '' && <>, containing “{address.find.trim()}”</>},{' '}
          <GroupPart register={register} value={address.by} onChange={(by) => set({ by, rows: null })} />, in the order
          of <SortPart register={register} value={address.sort} onChange={(sort) => set({ sort, rows: null })} />,
          showing <ColumnsPart register={register} value={address.columns} onChange={(columns) => set({ columns })} />,
          with <TotalsPart register={register} value={address.totals} onChange={(totals) => set({ totals })} />.
        </p>
        <p role="status" className="whitespace-nowrap text-ink-2">
          {data && sayCount(data, workspace.locale)}
        </p>
      </div>
      <div className="flex min-h-0 grow max-sm:flex-col">
        <div className="min-w-0 grow overflow-auto">
          <Problems error={error ?? wrong} />
          {!data && !error && <Coming />}
          {data && (
            <RecordTable
              register={register}
              address={address}
              page={data}
              groups={isPut ? (groups ?? null) : null}
              lines={{
                // Beside an open record there is room for less: its links are told there.
                columns: shown.filter((field, i) => i === 0 || !(chosen !== null && linkToOne(field.type))),
                catalogue,
                staged: data.records.some((record) => record.stage !== null),
                words: findWords(address.find),
                chosen,
                onChoose: (record) => set({ record }),
              }}
              onSort={(sort) => set({ sort, rows: null })}
            />
          )}
          {groups?.more && isPut && (
            <p className="p-4 text-ink-2">There are more groups than are shown: put them together otherwise.</p>
          )}
          {data?.next && limit < 500 && address.by === '' && (
            <p className="p-4">
              <button type="button" className="btn" onClick={() => set({ rows: String(limit + 100) })}>
                Show more
              </button>
            </p>
          )}
        </div>
        {chosen && (
          <RecordPanel
            key={chosen}
            register={register.key}
            id={chosen}
            shown={data?.records.some((record) => record.id === chosen) ?? true}
            onClose={() => set({ record: null })}
          />
        )}
      </div>
    </>
  );
};

const sayCount = ({ count, total }: ListPage, locale: string): string => {
  const write = (n: number | null) => (n ?? 0).toLocaleString(locale);
  return count === total ? write(count) : `${write(count)} of ${write(total)}`;
};

/** Finding waits for a pause in typing; the box itself never waits. */
const FindBox = ({ find, onFind }: { find: string; onFind: (find: string) => void }) => {
  const [typed, setTyped] = useState(find);
  useEffect(() => {
    if (typed === find) return;
    const timer = setTimeout(() => onFind(typed), 200);
    return () => clearTimeout(timer);
  }, [typed, find, onFind]);
  return (
    <input
      className="box max-w-72"
      type="search"
      aria-label="Find in this list"
      placeholder="Find words or numbers"
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
    />
  );
};
