import { today } from '#core/base/index.ts';
import type { FillingColumn } from '#core/spreadsheet/index.ts';
import { clockFor, useWorkspace } from '../../data/workspace.ts';
import { PickPart } from '../../ui/pick-parts.tsx';

type Way = 'numbers' | 'days' | 'years' | 'fraction';

interface Props {
  readonly column: FillingColumn;
  /** What it is of: "column B". */
  readonly of: string;
  readonly onColumn: (column: FillingColumn) => void;
}

/** Whether it must still be said how a column is written. */
export const isUnsaid = (column: FillingColumn): boolean =>
  [column.numbers, column.days, column.years, column.fraction].includes(null);

/** Whether there is anything to be said of how a column is written. */
export const isWrittenSomehow = (column: FillingColumn): boolean =>
  column.numbers !== undefined || column.days !== undefined || column.years !== undefined || column.fraction === null;

/** A column of which it is not known any more how it is written: it holds something else now. */
export const writtenAnew = <C extends FillingColumn>(column: C): Omit<C, Exclude<Way, 'fraction'>> => {
  const { numbers: _numbers, days: _days, years: _years, ...rest } = column;
  return rest;
};

const ASKED = 'please say how';

/** How the cells of a column are written, as far as that makes a difference: said, asked where it is unsure, and to be changed. */
export const HowWritten = ({ column, of, onColumn }: Props) => (
  <>
    {column.numbers !== undefined && (
      <Numbers numbers={column.numbers} of={of} onNumbers={(numbers) => onColumn({ ...column, numbers })} />
    )}
    {column.days !== undefined && (
      <>
        {', days written '}
        <PickPart
          what={`order of day and month in ${of}`}
          text={column.days === null ? ASKED : `as ${ORDERS[column.days]}`}
          options={[
            { value: 'day_first', label: `as ${ORDERS.day_first}: the day first` },
            { value: 'month_first', label: `as ${ORDERS.month_first}: the month first` },
          ]}
          chosen={column.days}
          onPick={(days) => onColumn({ ...column, days })}
        />
      </>
    )}
    {column.years !== undefined && (
      <Years years={column.years} of={of} onYears={(years) => onColumn({ ...column, years })} />
    )}
    {column.fraction === null && (
      <>
        {', 0.2 stands for '}
        <PickPart
          what={`meaning of 0.2 in ${of}`}
          text="please say what"
          options={[
            { value: 'fraction', label: '20 %, as a fraction' },
            { value: 'percent', label: '0.2 %, as it stands' },
          ]}
          chosen={null}
          onPick={(word) => onColumn({ ...column, fraction: word === 'fraction' })}
        />
      </>
    )}
  </>
);

const ORDERS = { day_first: '31/12', month_first: '12/31' } as const;

const WAYS = ['local', 'plain', 'comma'] as const;

const Numbers = ({
  numbers,
  of,
  onNumbers,
}: {
  numbers: FillingColumn['numbers'];
  of: string;
  onNumbers: (numbers: (typeof WAYS)[number]) => void;
}) => {
  const { catalogue } = useWorkspace();
  const own = (1250.5).toLocaleString(catalogue.locale, { minimumFractionDigits: 2 });
  const shown = { plain: '1250.50', local: own, comma: '1.250,50' } as const;
  // What the workspace writes is one of the others in most countries.
  const ways = WAYS.filter((way) => way === 'local' || way === numbers || shown[way].at(-3) !== own.at(-3));
  return (
    <>
      {', numbers written '}
      <PickPart
        what={`way of writing numbers in ${of}`}
        text={numbers ? `as ${shown[numbers]}` : ASKED}
        options={ways.map((value) => ({ value, label: `as ${shown[value]}` }))}
        chosen={numbers ?? null}
        onPick={onNumbers}
      />
    </>
  );
};

/** Years of two digits, shown by one that differs. */
const Years = ({
  years,
  of,
  onYears,
}: {
  years: FillingColumn['years'];
  of: string;
  onYears: (years: 'past' | 'ahead') => void;
}) => {
  const { workspace } = useWorkspace();
  const next = Number(today(clockFor(workspace)).slice(0, 4)) + 1;
  const short = `’${String(next % 100).padStart(2, '0')}`;
  const shown = { past: `${short} is ${next - 100}`, ahead: `${short} is ${next}` } as const;
  return (
    <>
      {', where '}
      <PickPart
        what={`meaning of years of two digits in ${of}`}
        text={years ? shown[years] : `${short}: ${ASKED}`}
        options={[
          { value: 'past', label: `${shown.past}: no year lies ahead` },
          { value: 'ahead', label: `${shown.ahead}: up to twenty years lie ahead` },
        ]}
        chosen={years ?? null}
        onPick={onYears}
      />
    </>
  );
};
