import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useCallback, useEffect, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ListGroups } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import {
  columnFields,
  findWords,
  type ListLayout,
  lookOf,
  readWidths,
  sayFilter,
  type View,
  withFitting,
  writeLook,
} from '#core/list/index.ts';
import { type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import { linkToOne } from '#core/values/index.ts';
import { addressOfAll } from '../../data/list-address.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { RunningImports } from '../../fields/bringing/recent.tsx';
import { BringIn } from '../../fields/bringing/start.tsx';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import { useNarrow } from '../../ui/use-narrow.ts';
import { Board } from './board.tsx';
import { Calendar } from './calendar.tsx';
import { Cards } from './cards.tsx';
import { type CellAsked, CellMenu } from './cell-menu.tsx';
import type { Pasting, Refused } from './clipboard.ts';
import { columnWidths, leftsOf, NUMBER_WIDTH, TICK_WIDTH } from './column-widths.ts';
import { ColumnsPart } from './columns-part.tsx';
import { EndlessRows } from './endless-rows.tsx';
import { KeepBar } from './keep-bar.tsx';
import { ListMenu } from './list-menu.tsx';
import { GroupPart, SortPart, TotalsPart } from './list-parts.tsx';
import { ListTabs } from './list-tabs.tsx';
import { LookPart } from './look-part.tsx';
import { ManyBar } from './many-bar.tsx';
import { MapLook } from './map.tsx';
import { MarksPart, rulesOf } from './marks-part.tsx';
import { PasteDialog } from './paste-dialog.tsx';
import { RecordPanel } from './record-panel.tsx';
import type { Editing, Foreseen, Lines } from './record-row.tsx';
import { GroupedTable } from './record-table.tsx';
import { UndoBar } from './undo-bar.tsx';
import { useTicks } from './use-ticks.ts';
import { useView } from './use-view.ts';
import { WhatThereIs } from './what-there-is.tsx';

/** The records of a register: found by words, filtered by a sentence, sorted; the address says it all. */
export const ListScreen = () => {
  const { key = '' } = useParams();
  const { catalogue } = useWorkspace();
  const register = catalogue.registers.get(key);
  if (!register) return <Empty title="There is no such register, or none you may see." />;
  return <ListOf key={key} register={register} />;
};

/** A file of more records is written while one goes on. */
const LONG = 10_000;

const ListOf = ({ register: plain }: { register: Register }) => {
  const { key } = plain;
  const { workspace, catalogue: around } = useWorkspace();
  const [search, setSearch] = useSearchParams();
  const viewing = useView(plain, around);
  const { view, look } = viewing;
  // What is worked out for this list alone is a field like any other here.
  const { register, catalogue } = useMemo(() => withFitting(view.worked, plain, around), [view.worked, plain, around]);
  const chosen = search.get('record');
  const [there, setThere] = useState<readonly string[]>([]);
  const isThere = viewing.isKnown && !viewing.isMissing;
  const { data: count, error } = useQuery({ ...queries.listCount(key, view), enabled: isThere });
  const isPut = view.by !== '' || view.totals !== '';
  const { data: groups, error: wrong } = useQuery({ ...queries.groups(key, view), enabled: isThere && isPut });
  const choose = useCallback(
    (record: string | null) =>
      setSearch(
        (before) => {
          before.delete('stored');
          if (record === null) before.delete('record');
          else before.set('record', record);
          return before;
        },
        { replace: true },
      ),
    [setSearch],
  );
  const rights = workspace.rights[key];
  const mayMany = rights !== undefined && (rights.change || rights.archive || rights.export);
  const ticks = useTicks(JSON.stringify([key, view.filter, view.find, view.archived]));
  const [foreseen, setForeseen] = useState<Foreseen | null>(null);
  const [editing, setEditing] = useState<Editing | null>(null);
  const [cell, setCell] = useState<CellAsked | null>(null);
  const isTold = search.get('there') === 'yes';
  const [pasting, setPasting] = useState<Pasting | Refused | null>(null);
  // Beside an open record there is room for less: its links are told there.
  const isBeside = chosen !== null;
  const lines = useMemo(() => {
    const columns = columnFields(register, view.columns, catalogue).filter(
      (field, at) => at === 0 || !(isBeside && linkToOne(field.type)),
    );
    const widths = columnWidths(columns, readWidths(view.widths));
    return {
      columns,
      widths,
      lefts: leftsOf(widths, Number(view.kept), NUMBER_WIDTH + (mayMany ? TICK_WIDTH : 0)),
      catalogue,
      staged: workspace.signed.includes(key),
      words: findWords(view.find),
      chosen,
      onChoose: choose,
      register: key,
      ticks: mayMany ? ticks : null,
      foreseen,
      editing,
      onEdit: setEditing,
      rules: rulesOf(view.marks),
      onAsk: setCell,
    };
  }, [
    view.widths,
    view.kept,
    view.marks,
    view.columns,
    view.find,
    register,
    catalogue,
    workspace.signed,
    key,
    chosen,
    isBeside,
    choose,
    mayMany,
    ticks,
    foreseen,
    editing,
  ]);
  const isNarrow = useNarrow();
  const asked = lookOf(view.look, register, catalogue);
  // A table has no room on a phone.
  const drawn: ListLayout = isNarrow && asked.kind === 'table' && view.by === '' ? { kind: 'cards' } : asked;
  const context: SayContext = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  const form = workspace.forms.find((each) => each.may_fill && each.form.register === key);
  return (
    <>
      <header className="flex flex-wrap items-center gap-3 bg-paper px-5 py-2.5">
        <TabMark mark={register.mark} name={register.plural} />
        <h1>{register.plural}</h1>
        <FindBox find={view.find} onFind={(find) => look({ find })} />
        <button
          type="button"
          className="btn btn-quiet max-sm:hidden"
          aria-pressed={isTold}
          onClick={() =>
            setSearch(
              (before) => {
                if (isTold) before.delete('there');
                else before.set('there', 'yes');
                return before;
              },
              { replace: true },
            )
          }
        >
          What there is
        </button>
        <span className="grow" />
        <ListMenu
          register={register}
          viewing={viewing}
          isLong={count !== undefined && (count.more || count.count > LONG)}
        />
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
      <ListTabs register={register} lists={viewing.lists} open={viewing.kept?.list.key ?? null} />
      <RunningImports register={register} />
      <div className="flex items-baseline gap-4 border-b border-rule px-5 py-2.5 text-[15px] max-sm:flex-wrap max-sm:items-center max-sm:py-1 print:hidden">
        <Folding isFolded={isNarrow}>
          {register.plural} {view.filter === '' ? 'of every kind:' : 'whose'}{' '}
          <ConditionEditor
            key={viewing.kept?.list.key ?? ''}
            text={view.filter}
            context={context}
            mood="is"
            mayBeEmpty
            refuse={(reason) => (reason ? `A list cannot be filtered by this, as ${reason}.` : null)}
            onChange={(filter) => look({ filter })}
          />
          {view.find.trim() !== '' && <>, containing “{view.find.trim()}”</>},{' '}
          <GroupPart register={register} value={view.by} onChange={(by) => look({ by })} />, in the order of{' '}
          <SortPart register={register} value={view.sort} onChange={(sort) => look({ sort })} />, showing{' '}
          <ColumnsPart register={register} catalogue={catalogue} view={view} onLook={look} />, with{' '}
          <TotalsPart register={register} value={view.totals} onChange={(totals) => look({ totals })} />,{' '}
          <MarksPart
            key={`marks ${viewing.kept?.list.key ?? ''}`}
            text={view.marks}
            context={context}
            onChange={(marks) => look({ marks })}
          />
          , drawn as{' '}
          <LookPart
            register={register}
            catalogue={catalogue}
            value={view.look}
            onChange={(drawn) => look({ look: drawn })}
          />
          .
        </Folding>
        <KeepBar register={register} viewing={viewing} />
        <p role="status" className="whitespace-nowrap text-ink-2">
          {count && sayCount(count, workspace.locale)}
        </p>
      </div>
      <div className="flex min-h-0 grow max-sm:flex-col">
        {isTold && isThere && (
          <WhatThereIs register={register} catalogue={catalogue} view={view} onFilter={(filter) => look({ filter })} />
        )}
        <div className="flex min-h-0 min-w-0 grow flex-col">
          {viewing.isMissing && (
            <Empty title="There is no such list, or none you may see.">
              <Link className="part" to={addressOfAll(key)}>
                All {register.plural.toLowerCase()}
              </Link>
            </Empty>
          )}
          <Problems error={error ?? wrong} />
          {!count && !error && !viewing.isMissing && <Coming />}
          {count && isThere && count.count === 0 && (
            <NoRecords register={register} total={count.total} view={view} onFind={(find) => look({ find })} />
          )}
          {count && isThere && count.count > 0 && (
            <Drawn
              register={register}
              view={view}
              count={count}
              groups={groups ?? null}
              lines={lines}
              drawn={drawn}
              onLook={look}
              onShown={setThere}
              onPaste={setPasting}
            />
          )}
          {groups?.more && isPut && (
            <p className="p-4 text-ink-2">There are more groups than are shown: put them together otherwise.</p>
          )}
        </div>
        {chosen && (
          <RecordPanel
            key={chosen}
            register={register.key}
            id={chosen}
            view={view}
            only={sayOnly(view, context)}
            isStored={search.get('stored') === 'yes'}
            beside={there}
            onChoose={choose}
            onClose={() => choose(null)}
          />
        )}
      </div>
      {count && (ticks.isAll || ticks.ids.size > 0) && (
        <ManyBar register={register} view={view} ticks={ticks} count={count} onForesee={setForeseen} />
      )}
      {cell && (
        <CellMenu
          key={`${cell.record.id} ${cell.field.key}`}
          asked={cell}
          filter={view.filter}
          onFilter={(filter) => look({ filter })}
          onClose={() => setCell(null)}
        />
      )}
      <UndoBar />
      {pasting && 'refused' in pasting && (
        <SheetDialog title="This cannot be pasted here" onClose={() => setPasting(null)}>
          <p className="my-3">{pasting.refused}</p>
          <button type="button" className="btn" onClick={() => setPasting(null)}>
            Close
          </button>
        </SheetDialog>
      )}
      {pasting && 'csv' in pasting && (
        <PasteDialog register={register} pasting={pasting} onClose={() => setPasting(null)} />
      )}
    </>
  );
};

/** What a list shows only, in words; '' where it shows all. */
const sayOnly = ({ filter, find }: View, context: SayContext): string => {
  const whose = sayFilter(filter, context);
  const words = find.trim() === '' ? '' : `what contains “${find.trim()}”`;
  return [whose, words].filter((part) => part !== '').join(', and ');
};

/** The sentence of a list; on a phone folded into one line, to be unfolded. */
const Folding = ({ isFolded, children }: { isFolded: boolean; children: ReactNode }) =>
  isFolded ? (
    <details className="grow">
      <summary className="min-h-11 content-center text-iolite-deep">What is shown, and how</summary>
      <p>{children}</p>
    </details>
  ) : (
    <p className="grow">{children}</p>
  );

interface DrawnProps {
  readonly register: Register;
  readonly view: View;
  readonly count: { readonly count: number; readonly more: boolean };
  readonly groups: ListGroups | null;
  readonly lines: Lines;
  readonly drawn: ListLayout;
  readonly onLook: (changes: Partial<View>) => void;
  readonly onShown: (ids: readonly string[]) => void;
  readonly onPaste: (pasting: Pasting | Refused) => void;
}

/** The records of a list in its look. */
const Drawn = ({ register, view, count, groups, lines, drawn, onLook, onShown, onPaste }: DrawnProps) => {
  switch (drawn.kind) {
    case 'cards':
      return <Cards address={view} lines={lines} onShown={onShown} />;
    case 'board':
      return <Board key={drawn.by} register={register} address={view} lines={lines} by={drawn.by} />;
    case 'calendar':
      return (
        <Calendar
          register={register}
          address={view}
          lines={lines}
          look={drawn}
          onWeek={() => onLook({ look: writeLook({ ...drawn, period: 'week' }) })}
        />
      );
    case 'map':
      return <MapLook address={view} lines={lines} at={drawn.at} />;
    case 'table':
      if (view.by !== '')
        return (
          groups && (
            <GroupedTable
              register={register}
              address={view}
              groups={groups}
              lines={lines}
              drawn={view.widths}
              onLook={onLook}
              onShown={onShown}
              onPaste={onPaste}
            />
          )
        );
      return (
        <EndlessRows
          register={register}
          address={view}
          count={count}
          groups={view.totals === '' ? null : groups}
          lines={lines}
          drawn={view.widths}
          onLook={onLook}
          onShown={onShown}
          onPaste={onPaste}
        />
      );
  }
};

interface NoRecordsProps {
  readonly register: Register;
  readonly total: number;
  readonly view: View;
  readonly onFind: (find: string) => void;
}

const NoRecords = ({ register, total, view, onFind }: NoRecordsProps) => {
  const { data } = useQuery({ ...queries.meant(register.key, view), enabled: total > 0 && view.find.trim() !== '' });
  const meant = data?.find ?? null;
  const { workspace } = useWorkspace();
  if (total === 0)
    return (
      <div className="mx-auto max-w-3xl p-6">
        <Empty title={`No ${register.plural.toLowerCase()} yet.`}>
          <p>They come here as forms are filled in.</p>
          {workspace.rights[register.key]?.add && (
            <p className="mt-3">
              <Link className="btn btn-go" to={`/forms/${plainFormKey(register.key)}`}>
                Add the first {register.singular.toLowerCase()}
              </Link>
            </p>
          )}
        </Empty>
        {workspace.rights[register.key]?.add && (
          <BringIn into={register.key} title="Or bring in those that stand in a spreadsheet" />
        )}
      </div>
    );
  return (
    <Empty title="Nothing fits.">
      {meant === null ? (
        'Take a condition away, or find other words.'
      ) : (
        <>
          Did you mean{' '}
          <button type="button" className="part" onClick={() => onFind(meant)}>
            {meant}
          </button>
          ?
        </>
      )}
    </Empty>
  );
};

const sayCount = (
  { count, more, total }: { readonly count: number; readonly more: boolean; readonly total: number },
  locale: string,
): string => {
  const write = (n: number) => n.toLocaleString(locale);
  const held = `${more ? 'over ' : ''}${write(count)}`;
  return count === total || (more && total === 0) ? held : `${held} of ${write(total)}`;
};

/** Finding waits for a pause in typing; the box itself never waits. */
const FindBox = ({ find, onFind }: { find: string; onFind: (find: string) => void }) => {
  const [typed, setTyped] = useState(find);
  const [known, setKnown] = useState(find);
  const [sent, setSent] = useState(find);
  if (find !== known) {
    setKnown(find);
    // Another list was opened, or the words were taken back; else it is what was typed, come round.
    if (find !== sent) {
      setSent(find);
      setTyped(find);
    }
  }
  useEffect(() => {
    if (typed === sent) return;
    const timer = setTimeout(() => {
      setSent(typed);
      onFind(typed);
    }, 200);
    return () => clearTimeout(timer);
  }, [typed, sent, onFind]);
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
