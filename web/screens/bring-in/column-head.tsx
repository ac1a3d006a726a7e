import type { ReactNode } from 'react';
import { joinWords } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Catalogue, canBeUnique, isWritable, valueContext, vocabularyOf } from '#core/register/index.ts';
import { type ColumnPlan, catalogueAfter, type ImportPlan, letterOf, type NewColumn } from '#core/spreadsheet/index.ts';
import {
  type FieldKindName,
  type FieldType,
  filesIn,
  isForRows,
  isInCsv,
  isMadeByProgram,
  isNumeric,
  isShare,
  KIND_NAMES,
  shownAs,
  typeOfKind,
  wordOf,
  workedOutIn,
} from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { HowWritten, writtenAnew } from '../../fields/bringing/how-written.tsx';
import { KindInColumn } from '../../fields/kinds/index.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { PickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import type { Importing } from './use-import.ts';

/** Kinds that a column of texts can be. */
const OFFERED = KIND_NAMES.filter((kind) => isForRows(kind) && filesIn(typeOfKind(kind, '')) === null);

interface Props {
  readonly at: number;
  readonly column: ColumnPlan;
  readonly importing: Importing;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

/** What a column is called and what it fills, with why; each part of the sentence can be changed. */
export const ColumnHead = ({ at, column, importing, chosen, onChoose }: Props) => {
  const { plan, state } = importing;
  if (!plan) return null;
  const told = state.found?.columns[at];
  const put = (next: ColumnPlan) => importing.change({ columns: plan.columns.with(at, next) });
  const type = column.fills === 'new' ? column.type : null;
  const isRight = type !== null && isNumeric(shownAs(type));
  return (
    <th
      scope="col"
      className={`min-w-28 border border-rule border-b-2 border-b-ink px-2 py-1.5 text-left align-top font-normal ${chosen ? 'bg-iolite-wash shadow-[inset_0_4px_var(--iolite)]' : 'bg-sheet'}`}
      onFocus={onChoose}
      onPointerDown={onChoose}
    >
      <span className={`flex items-baseline gap-1.5 ${isRight ? 'justify-between' : ''}`}>
        <span aria-hidden="true" className="font-mono text-[12px] text-ink-3">
          {letterOf(at)}
        </span>
        {column.fills === 'new' ? (
          <TextPart
            what={`label of column ${letterOf(at)}`}
            text={column.label}
            shown={column.label}
            refuse={(text) => (text === '' ? 'A field needs a label.' : null)}
            onText={(label) => put({ ...column, label: label.slice(0, 80) })}
          />
        ) : (
          <span className="font-bold text-ink">{told?.head}</span>
        )}
      </span>
      <span className="block text-[13px] leading-snug text-ink-2">
        {plan.into === null ? (
          <NewField at={at} column={column} importing={importing} plan={plan} onColumn={put} />
        ) : (
          <OwnField at={at} column={column} plan={plan} onColumn={put} />
        )}
        {told && column.fills !== 'nothing' && told.because !== '' && <>, {told.because}</>}
      </span>
      {told && told.not !== '' && column.fills !== 'nothing' && (
        <span className="block text-[13px] text-brick">{told.not}</span>
      )}
    </th>
  );
};

const NOTHING = 'left out';

/** The field that a column becomes in a register that is made. */
const NewField = ({
  at,
  column,
  importing,
  plan,
  onColumn,
}: {
  at: number;
  column: ColumnPlan;
  importing: Importing;
  plan: ImportPlan;
  onColumn: (column: ColumnPlan) => void;
}) => {
  const { catalogue } = useWorkspace();
  const after = catalogueAfter(plan, catalogue);
  const told = importing.state.found?.columns[at];
  if (column.fills !== 'new')
    return (
      <button type="button" className="part" onClick={() => onColumn(freshColumn(told?.head ?? '', at, plan))}>
        {NOTHING}: bring it in
      </button>
    );
  const { type } = column;
  const pick = (kind: FieldKindName | 'nothing'): void => {
    if (kind === 'nothing') onColumn({ fills: 'nothing' });
    else {
      const next = typeFor(kind, at, plan, catalogue);
      const isMade = isMadeByProgram(next);
      onColumn({
        // How it is written, and whether it must be asked, the server sees from the cells.
        ...writtenAnew(column),
        type: next,
        required: column.required && !isMade,
        unique: column.unique && canBeUnique({ type: next }),
        fraction: isShare(next) ? null : false,
      });
    }
  };
  return (
    <>
      {isMadeByProgram(type) ? 'is ' : 'holds '}
      <Part text={wordOf(type.kind)} what={`kind of column ${letterOf(at)}`}>
        {(close) => (
          <div className="max-h-72 overflow-auto">
            <PickOne<FieldKindName | 'nothing'>
              options={[
                ...OFFERED.map((kind) => ({ value: kind, label: wordOf(kind) })),
                { value: 'nothing' as const, label: 'nothing: it is left out' },
              ]}
              chosen={type.kind}
              onPick={(kind) => {
                pick(kind);
                close();
              }}
            />
          </div>
        )}
      </Part>
      <KindInColumn
        type={type}
        n={at + 1}
        what={`column ${letterOf(at)}`}
        label={column.label}
        place={placeOf(plan, after)}
        made={madeLists(plan)}
        onType={(next) => onColumn({ ...column, type: next })}
      />
      <HowWritten column={column} of={`column ${letterOf(at)}`} onColumn={onColumn} />
      {!isMadeByProgram(type) && <Asks column={column} isDifferent={told?.different === true} onColumn={onColumn} />}
    </>
  );
};

/** By choice list that is made: how many spellings of it were brought together, in words. */
const madeLists = ({ lists }: ImportPlan): ReadonlyMap<string, string> =>
  new Map(
    lists.map(({ key, choices }) => {
      const [first] = choices.filter(({ alike }) => alike.length > 0);
      const words = first ? [first.label, ...first.alike].slice(0, 3).map((word) => `“${word}”`) : [];
      return [key, words.length === 0 ? '' : `${joinWords(words, 'and')} are one`];
    }),
  );

/** A word and the comma before it on one line. */
const Also = ({ children }: { children: ReactNode }) => (
  <>
    {', '}
    <span className="whitespace-nowrap">{children}</span>
  </>
);

/** What is asked of every cell: that there is something, and, of what may tell rows apart, that no two are alike. */
const Asks = ({
  column,
  isDifferent,
  onColumn,
}: {
  column: NewColumn;
  isDifferent: boolean;
  onColumn: (column: ColumnPlan) => void;
}) => (
  <>
    <Also>
      <button
        type="button"
        className="part"
        aria-pressed={column.required}
        onClick={() => onColumn({ ...column, required: !column.required })}
      >
        {column.required ? 'needed' : 'may be empty'}
      </button>
    </Also>
    {canBeUnique(column) && (column.unique || isDifferent) && (
      <Also>
        <button
          type="button"
          className="part"
          aria-pressed={column.unique}
          onClick={() => onColumn({ ...column, unique: !column.unique })}
        >
          {column.unique ? 'each different' : 'may be alike'}
        </button>
      </Also>
    )}
  </>
);

/** The field of a register that is there. */
const OwnField = ({
  at,
  column,
  plan,
  onColumn,
}: {
  at: number;
  column: ColumnPlan;
  plan: ImportPlan;
  onColumn: (column: ColumnPlan) => void;
}) => {
  const { catalogue } = useWorkspace();
  const register = catalogue.registers.get(plan.into ?? '');
  const fields = register?.fields.filter((field) => isWritable(field) && isInCsv(field)) ?? [];
  const chosen = column.fills === 'field' ? column.field : column.fills === 'number' ? 'number' : '';
  const used = new Set(plan.columns.flatMap((each, i) => (i !== at && each.fills === 'field' ? [each.field] : [])));
  const label = fields.find(({ key }) => key === chosen)?.label;
  return (
    <>
      {column.fills === 'nothing' ? '' : 'fills '}
      <PickPart
        what={`field that column ${letterOf(at)} fills`}
        text={column.fills === 'number' ? 'the record’s number' : (label ?? NOTHING)}
        options={[
          { value: '', label: 'nothing: it is left out' },
          { value: 'number', label: 'the record’s number' },
          ...fields.filter(({ key }) => !used.has(key)).map(({ key, label: says }) => ({ value: key, label: says })),
        ]}
        chosen={chosen}
        onPick={(key) =>
          onColumn(
            key === ''
              ? { fills: 'nothing' }
              : key === 'number'
                ? { fills: 'number' }
                : { fills: 'field', field: key, fraction: false },
          )
        }
      />
      {column.fills === 'field' && <HowWritten column={column} of={`column ${letterOf(at)}`} onColumn={onColumn} />}
    </>
  );
};

/** A kind as it begins for a column: a list of choices is made of what stands there. */
const typeFor = (
  kind: FieldKindName,
  at: number,
  plan: ImportPlan,
  { currency }: Pick<Catalogue, 'currency'>,
): FieldType => {
  const type = typeOfKind(kind, currency);
  const worked = workedOutIn(type);
  if (!worked) return type;
  // It begins as another column of numbers: a formula is never empty.
  const other = plan.columns.find((column, i) => i !== at && column.fills === 'new' && isNumeric(column.type));
  return { ...worked, formula: other?.fills === 'new' ? other.key : 'null' };
};

const freshColumn = (head: string, at: number, plan: ImportPlan): ColumnPlan => {
  const taken = new Set(plan.columns.flatMap((column) => (column.fills === 'new' ? [column.key] : [])));
  const key = `column_${letterOf(at).toLowerCase()}`;
  return {
    fills: 'new',
    key: taken.has(key) ? `${key}_2` : key,
    label: head === '' ? `Column ${letterOf(at)}` : head,
    type: { kind: 'text' },
    required: false,
    unique: false,
    fraction: false,
  };
};

/** What a formula may speak of: the fields that the columns become. */
const placeOf = (plan: ImportPlan, after: Catalogue) => {
  const register = after.registers.get(plan.made?.key ?? plan.into ?? '');
  const context: SayContext = {
    vocabulary: register
      ? vocabularyOf(register, after)
      : { names: new Map(), register: '', zone: after.zone, linked: () => null, choices: () => [] },
    values: valueContext(after),
  };
  return {
    currency: after.currency,
    registers: [...after.registers.values()].filter(({ key }) => key !== plan.made?.key),
    lists: [...after.choiceLists.values()],
    context,
    rowContext: () => context,
    register: null,
    onList: () => undefined,
  };
};
