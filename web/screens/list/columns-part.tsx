import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import {
  columnFields,
  freeKey,
  readWorked,
  rollUps,
  type View,
  type WorkedColumn,
  waysOn,
  writeWorked,
} from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part } from '../../ui/part.tsx';
import { Add } from './list-parts.tsx';
import { WorkedDialog } from './worked-dialog.tsx';

const workedOf = (text: string): readonly WorkedColumn[] => {
  const read = readWorked(text);
  return read.ok ? read.value : [];
};

interface Props {
  /** With the columns that are worked out for this list. */
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly view: View;
  readonly onLook: (changes: Partial<View>) => void;
}

/** Which fields a list shows, in which order: its own, and those behind its links. */
export const ColumnsPart = ({ register, catalogue, view, onLook }: Props) => {
  const [working, setWorking] = useState(false);
  const value = view.columns;
  const shown = columnFields(register, value, catalogue);
  const put = (fields: readonly Field[]): void => onLook({ columns: fields.map(({ key }) => key).join(',') });
  const own = workedOf(view.worked);
  /** A column that is worked out for this list alone is gone with it. */
  const without = (at: number): void => {
    const left = shown.toSpliced(at, 1);
    const key = shown[at]?.key;
    onLook({
      columns: left.map((field) => field.key).join(','),
      worked: writeWorked(own.filter((each) => each.key !== key)),
    });
  };
  const add = (column: Omit<WorkedColumn, 'key'>): void => {
    const key = freeKey(own);
    if (key !== null) onLook({ worked: writeWorked([...own, { ...column, key }]), columns: `${value},${key}` });
  };
  const moved = (at: number, by: number): void => {
    const field = shown[at];
    if (field) put(shown.toSpliced(at, 1).toSpliced(at + by, 0, field));
  };
  return (
    <>
      <Part text={`${shown.length} ${shown.length === 1 ? 'field' : 'fields'}`} what="fields that are shown">
        {() => (
          <div className="grid gap-2">
            <ol>
              {shown.map((field, at) => (
                <li key={field.key} className="flex items-center">
                  <span className="grow">{field.label}</span>
                  <IconButton
                    label={`${field.label} to the left`}
                    icon={ArrowUp}
                    disabled={at === 0}
                    onClick={() => moved(at, -1)}
                  />
                  <IconButton
                    label={`${field.label} to the right`}
                    icon={ArrowDown}
                    disabled={at === shown.length - 1}
                    onClick={() => moved(at, 1)}
                  />
                  <IconButton
                    label={`Without ${field.label}`}
                    icon={X}
                    disabled={shown.length === 1}
                    onClick={() => without(at)}
                  />
                </li>
              ))}
            </ol>
            <AddColumn
              register={register}
              catalogue={catalogue}
              shown={shown}
              onAdd={(path) => onLook({ columns: `${value},${path}` })}
            />
            {freeKey(own) !== null && (
              <>
                <AddRollUp register={register} catalogue={catalogue} onAdd={add} />
                <button type="button" className="part justify-self-start" onClick={() => setWorking(true)}>
                  Work a column out …
                </button>
              </>
            )}
            <Kept view={view} onLook={onLook} />
          </div>
        )}
      </Part>
      {working && (
        <WorkedDialog
          register={register}
          catalogue={catalogue}
          onAdd={(column) => {
            add(column);
            setWorking(false);
          }}
          onClose={() => setWorking(false)}
        />
      )}
    </>
  );
};

/** How many of the columns stay at the left. */
const Kept = ({ view, onLook }: Pick<Props, 'view' | 'onLook'>) => (
  <label className="grid gap-1 text-[13px] text-ink-2">
    Kept at the left, besides the number
    <select
      className="box"
      value={view.kept}
      onChange={({ target: { value } }) => onLook({ kept: KEPT.find((each) => each === value) ?? '0' })}
    >
      {KEPT.map((count) => (
        <option key={count} value={count}>
          {count === '0' ? 'none' : count === '1' ? 'the first' : `the first ${count}`}
        </option>
      ))}
    </select>
  </label>
);
const KEPT = ['0', '1', '2', '3'] as const;

/** The number, or a sum, of the records that point to one. */
const AddRollUp = ({
  register,
  catalogue,
  onAdd,
}: Pick<Props, 'register' | 'catalogue'> & { onAdd: (column: Omit<WorkedColumn, 'key'>) => void }) => {
  const offered = rollUps(register, catalogue);
  if (offered.length === 0) return null;
  return (
    <Add
      label="Of what points here"
      options={offered.map(({ label, formula }) => ({ value: formula, label }))}
      onAdd={(formula) => {
        const column = offered.find((each) => each.formula === formula);
        if (column) onAdd(column);
      }}
    />
  );
};

interface AddProps {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly shown: readonly Field[];
  readonly onAdd: (path: string) => void;
}

/** A column more: of the register, or, link by link, of where its records point to. */
const AddColumn = ({ register, catalogue, shown, onAdd }: AddProps) => {
  const [through, setThrough] = useState<readonly { readonly key: string; readonly label: string }[]>([]);
  const steps = through.map(({ key }) => key);
  const { columns, links } = waysOn(register, steps, catalogue);
  const pathOf = (key: string): string => [...steps, key].join('.');
  const free = columns.filter(({ key }) => !shown.some((each) => each.key === pathOf(key)));
  return (
    <>
      {through.length > 0 && (
        <p className="flex items-center gap-1">
          <span className="grow">Behind {through.map(({ label }) => label).join(', ')}:</span>
          <IconButton label="Not behind it" icon={X} onClick={() => setThrough([])} />
        </p>
      )}
      <Add
        label="With"
        options={free.map(({ key, label }) => ({ value: key, label }))}
        onAdd={(key) => onAdd(pathOf(key))}
      />
      {through.length < 4 && links.length > 0 && (
        <Add
          label="Something behind"
          options={links.map(({ field, to }) => ({ value: field.key, label: `${field.label} (${to.plural})` }))}
          onAdd={(key) => {
            const link = links.find(({ field }) => field.key === key);
            if (link) setThrough([...through, { key, label: link.field.label }]);
          }}
        />
      )}
    </>
  );
};
