import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ListPage } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import { findWords } from '#core/list/index.ts';
import { type Catalogue, listFields, type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import { isNumeric, linkToOne } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { ConditionEditor } from '../../ui/condition-editor.tsx';
import { Found } from '../../ui/found.tsx';
import { ListCell } from '../../ui/list-cell.tsx';
import { StageStamp, TabMark } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { RunningImports } from './import-progress.tsx';
import { ListMenu } from './list-menu.tsx';
import { RecordPanel } from './record-panel.tsx';

const STEP = 50;

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
    columns: register
      ? listFields(register)
          .map((field) => field.key)
          .join(',')
      : '',
    archived: search.get('archived') === 'yes' ? ('yes' as const) : ('no' as const),
  };
  const limit = Math.min(500, Number(search.get('rows')) || STEP);
  const chosen = search.get('record');
  const { data, error } = useQuery({ ...queries.list(key, address, limit), enabled: register !== undefined });
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
          {address.find.trim() !== '' && <>, containing “{address.find.trim()}”</>}
        </p>
        <p role="status" className="whitespace-nowrap text-ink-2">
          {data && sayCount(data, workspace.locale)}
        </p>
      </div>
      <div className="flex min-h-0 grow max-sm:flex-col">
        <div className="min-w-0 grow overflow-auto">
          <Problems error={error} />
          {!data && !error && <Coming />}
          {data && (
            <RecordTable
              register={register}
              catalogue={catalogue}
              page={data}
              words={findWords(address.find)}
              sort={address.sort}
              chosen={chosen}
              onSort={(sort) => set({ sort, rows: null })}
              onChoose={(record) => set({ record })}
            />
          )}
          {data?.next && limit < 500 && (
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

interface TableProps {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly page: ListPage;
  readonly words: readonly string[];
  readonly sort: string;
  readonly chosen: string | null;
  readonly onSort: (sort: string) => void;
  readonly onChoose: (id: string) => void;
}

const ARROWS = { ascending: ' ↑', descending: ' ↓', none: '' } as const;

const RecordTable = ({ register, catalogue, page, words, sort, chosen, onSort, onChoose }: TableProps) => {
  // Beside an open record there is room for less: its links are told there.
  const narrow = chosen !== null;
  const columns = listFields(register).filter((field, i) => i === 0 || !(narrow && linkToOne(field.type)));
  const staged = page.records.some((record) => record.stage !== null);
  const keys = sort.split(',');
  const wayOf = (name: string) =>
    keys.includes(name) ? 'ascending' : keys.includes(`-${name}`) ? 'descending' : 'none';
  // Shift keeps what it is sorted by, and adds this, or turns it round.
  const nextSort = (name: string, more: boolean): string => {
    const next = wayOf(name) === 'ascending' ? `-${name}` : name;
    if (!more) return next;
    return wayOf(name) === 'none'
      ? [...keys.filter((key) => key !== '' && !key.endsWith('number')), next].join(',')
      : keys.map((key) => (key === name || key === `-${name}` ? next : key)).join(',');
  };
  const head = (name: string, label: string, numeric = false) => (
    <th key={name} scope="col" className={numeric ? 'num' : ''} aria-sort={wayOf(name)}>
      <button
        type="button"
        className="font-semibold"
        title="Shift: sort by this too"
        onClick={(event) => onSort(nextSort(name, event.shiftKey))}
      >
        {label}
        <span aria-hidden="true">{ARROWS[wayOf(name)]}</span>
      </button>
    </th>
  );
  if (page.records.length === 0) {
    return page.total === 0 ? (
      <Empty title={`No ${register.plural.toLowerCase()} yet.`}>They come here as forms are filled in.</Empty>
    ) : (
      <Empty title="Nothing fits.">Take a condition away, or find other words.</Empty>
    );
  }
  return (
    <table className="list-table" aria-label={register.plural}>
      <thead>
        <tr>
          {head('number', 'Number')}
          {columns.map((field) => head(field.key, field.label, isNumeric(field.type)))}
          {staged && head('sign_off.stage', 'Sign-off')}
        </tr>
      </thead>
      <tbody>
        {page.records.map((record) => (
          <tr key={record.id} className={record.id === chosen ? 'chosen' : ''}>
            <td>
              <button
                type="button"
                className="font-mono text-[13px] text-iolite-deep underline decoration-dotted underline-offset-2"
                aria-label={`Open ${record.number}`}
                onClick={() => onChoose(record.id)}
              >
                <Found text={record.number} words={words} />
              </button>
            </td>
            {columns.map((field) => (
              <td key={field.key} className={isNumeric(field.type) ? 'num' : ''}>
                <ListCell field={field} record={record} catalogue={catalogue} words={words} />
              </td>
            ))}
            {staged && (
              <td>{record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}</td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
};
