import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import { columnFields, waysOn } from '#core/list/index.ts';
import type { Field, Register } from '#core/register/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part } from '../../ui/part.tsx';
import { Add } from './list-parts.tsx';

interface Props {
  readonly register: Register;
  /** The paths of the columns, by commas. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Which fields a list shows, in which order: its own, and those behind its links. */
export const ColumnsPart = ({ register, value, onChange }: Props) => {
  const { catalogue } = useWorkspace();
  const shown = columnFields(register, value, catalogue);
  const put = (fields: readonly Field[]): void => onChange(fields.map(({ key }) => key).join(','));
  const moved = (at: number, by: number): void => {
    const field = shown[at];
    if (field) put(shown.toSpliced(at, 1).toSpliced(at + by, 0, field));
  };
  return (
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
                  onClick={() => put(shown.toSpliced(at, 1))}
                />
              </li>
            ))}
          </ol>
          <AddColumn register={register} shown={shown} onAdd={(path) => onChange(`${value},${path}`)} />
        </div>
      )}
    </Part>
  );
};

interface AddProps {
  readonly register: Register;
  readonly shown: readonly Field[];
  readonly onAdd: (path: string) => void;
}

/** A column more: of the register, or, link by link, of where its records point to. */
const AddColumn = ({ register, shown, onAdd }: AddProps) => {
  const { catalogue } = useWorkspace();
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
