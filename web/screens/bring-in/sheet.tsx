import { useState } from 'react';
import type { ImportRow } from '#contract/index.ts';
import { type ImportPlan, letterOf } from '#core/spreadsheet/index.ts';
import { isNumeric, shownAs } from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Part } from '../../ui/part.tsx';
import { ColumnHead } from './column-head.tsx';
import type { Importing } from './use-import.ts';

type Shown = 'first' | 'written' | 'unfit';

/** So many rows are shown at first: what does not fit stands under them. */
const FEW = 7;

/** A way to look at the rows; the one that is taken is no button. */
const Way = ({
  of,
  shown,
  onShow,
  children,
}: {
  of: Shown;
  shown: Shown;
  onShow: (shown: Shown) => void;
  children: string;
}) =>
  shown === of ? (
    <span className="font-semibold text-ink">{children}</span>
  ) : (
    <button type="button" className="part" onClick={() => onShow(of)}>
      {children}
    </button>
  );

interface Props {
  readonly importing: Importing;
  readonly chosen: number | null;
  readonly onChoose: (column: number) => void;
}

/** The first rows as they would be, under what each column becomes. */
export const BringInSheet = ({ importing, chosen, onChoose }: Props) => {
  const { state, plan, change } = importing;
  const [shown, setShown] = useState<Shown>('first');
  const [all, setAll] = useState(false);
  const would = state.found?.would ?? null;
  if (!plan || !state.found) return null;
  const rows = would === null ? [] : shown === 'unfit' ? would.unfit : would.first;
  const left = plan.columns.filter(({ fills }) => fills === 'nothing').length;
  const way = { shown, onShow: setShown };
  return (
    <section aria-label="What would come of it" className="px-5 pt-3">
      <div className="flex flex-wrap items-baseline gap-x-4 pb-2">
        <p className="grow text-ink-2">
          The first rows{' '}
          <Way {...way} of="first">
            as they would be
          </Way>
          , or{' '}
          <Way {...way} of="written">
            as they stand in the file
          </Way>
          {would && would.unfit.length > 0 && (
            <>
              , or{' '}
              <Way {...way} of="unfit">
                rows that stay out or change
              </Way>
            </>
          )}
        </p>
        <p className="text-ink-2">
          {plan.columns.length} {plan.columns.length === 1 ? 'column' : 'columns'}
          {left === 0 ? ', all brought in' : `, ${left} left out`}
        </p>
      </div>
      <section className="overflow-x-auto border border-rule bg-sheet" aria-label="The spreadsheet">
        <table className="border-collapse text-[13.5px]" aria-label="Columns and first rows">
          <thead>
            <tr>
              <th scope="col" className="sticky left-0 z-10 min-w-14 bg-paper">
                <span className="sr-only">Row</span>
              </th>
              {plan.columns.map((column, at) => (
                <ColumnHead
                  key={letterOf(at)}
                  at={at}
                  column={column}
                  importing={importing}
                  chosen={chosen === at}
                  onChoose={() => onChoose(at)}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {(all ? rows : rows.slice(0, FEW)).map((row) => (
              <SheetRow
                key={row.row}
                row={row}
                plan={plan}
                importing={importing}
                chosen={chosen}
                asWritten={shown === 'written'}
              />
            ))}
          </tbody>
        </table>
        {rows.length > FEW && (
          <button type="button" className="quiet-link px-3 py-1.5" aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? 'Fewer rows' : `${rows.length - FEW} more rows`}
          </button>
        )}
        {would === null && <p className="px-3 py-2 text-ink-2">Looking through the rows …</p>}
      </section>
      {state.found.notes.length > 0 && (
        <ul className="mt-2 text-[13px] text-ink-2" aria-label="What was noticed">
          {state.found.notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      <KnownFrom importing={importing} onInto={(into) => change({ into })} />
    </section>
  );
};

/** A file of the same columns went somewhere before: it may belong there too. */
const KnownFrom = ({ importing, onInto }: { importing: Importing; onInto: (into: string) => void }) => {
  const { catalogue } = useWorkspace();
  const known = importing.state.found?.known_from;
  const register = known ? catalogue.registers.get(known.register) : undefined;
  if (!register) return null;
  return (
    <p className="mt-2">
      A file with these columns went into {register.plural} before.{' '}
      <button type="button" className="part" onClick={() => onInto(register.key)}>
        Bring this one there too
      </button>
    </p>
  );
};

const OUTCOMES = { added: '', changed: 'changes', unchanged: 'as it is', out: 'out' } as const;

const SheetRow = ({
  row,
  plan,
  importing,
  chosen,
  asWritten,
}: {
  row: ImportRow;
  plan: ImportPlan;
  importing: Importing;
  chosen: number | null;
  asWritten: boolean;
}) => (
  <tr>
    <th
      scope="row"
      title={row.why ?? ''}
      className={`sticky left-0 z-10 whitespace-nowrap border-r border-rule bg-paper px-2 text-right font-mono text-[12px] font-normal ${row.outcome === 'out' ? 'text-brick' : 'text-ink-3'}`}
    >
      {OUTCOMES[row.outcome]} {row.record ?? row.row}
    </th>
    {plan.columns.map((column, at) => {
      const cell = row.cells[at];
      const type = column.fills === 'new' ? shownAs(column.type) : null;
      const right = type !== null && isNumeric(type) ? 'text-right' : '';
      const ground = cell?.wrong
        ? 'bg-brick-wash text-brick'
        : cell?.mended || cell?.was
          ? 'bg-haze-wash'
          : chosen === at
            ? 'bg-iolite-wash'
            : '';
      if (!cell) return <td key={letterOf(at)} className="border border-rule" />;
      return (
        <td
          key={letterOf(at)}
          className={`max-w-60 truncate whitespace-nowrap border border-rule px-2 py-1 ${right} ${ground}`}
        >
          {asWritten ? (
            cell.written
          ) : (
            <>
              {cell.mended && right !== '' && <Was text={cell.written} />}
              {cell.wrong ? (
                <OneCell row={row.row} column={at} written={cell.written} why={cell.wrong} importing={importing} />
              ) : (
                cell.said
              )}
              {cell.mended && right === '' && <Was text={cell.written} />}
              {cell.was !== null && <Was text={cell.was} />}
            </>
          )}
        </td>
      );
    })}
  </tr>
);

const Was = ({ text }: { text: string }) => (
  <span className="text-[12px] text-ink-2"> was {text === '' ? 'nothing' : text} </span>
);

/** One cell that does not fit, mended by itself. */
const OneCell = ({
  row,
  column,
  written,
  why,
  importing,
}: {
  row: number;
  column: number;
  written: string;
  why: string;
  importing: Importing;
}) => {
  const cells = importing.plan?.mends.cells.filter((each) => each.row !== row || each.column !== column) ?? [];
  const put = (taken: { readonly as: 'text'; readonly text: string } | { readonly as: 'empty' | 'out' }) =>
    importing.mend({ cells: [...cells, { row, column, taken }] });
  return (
    <Part text={written === '' ? 'empty' : written} what={`cell in row ${row}, column ${letterOf(column)}`}>
      {(close) => (
        <form
          className="grid gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            put({ as: 'text', text: String(new FormData(event.currentTarget).get('text') ?? '') });
            close();
          }}
        >
          <p className="text-brick">{why}</p>
          <span className="flex gap-2">
            <input className="box" name="text" defaultValue={written} aria-label="What it is instead" />
            <button type="submit" className="btn">
              Use
            </button>
          </span>
          <button
            type="button"
            className="slip-row"
            onClick={() => {
              put({ as: 'empty' });
              close();
            }}
          >
            leave it empty
          </button>
        </form>
      )}
    </Part>
  );
};
