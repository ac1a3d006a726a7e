import { useState } from 'react';
import type { WorkedColumn } from '#core/list/index.ts';
import { type Catalogue, type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import { behaviourOf, GIVEN_KINDS, givenOfKind, wordOf } from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { FormulaEditor } from '../../fields/rules/formula-editor.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface Props {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly onAdd: (column: Omit<WorkedColumn, 'key'>) => void;
  readonly onClose: () => void;
}

const OFFERED = GIVEN_KINDS.filter((kind) => !('list' in givenOfKind(kind, '')));

/** A column that is worked out for one list alone: what it is called, what it gives, and from what. */
export const WorkedDialog = ({ register, catalogue, onAdd, onClose }: Props) => {
  const { workspace } = useWorkspace();
  const [label, setLabel] = useState('');
  const [tried, setTried] = useState(false);
  const [kind, setKind] = useState<(typeof OFFERED)[number]>('number');
  const gives = givenOfKind(kind, workspace.currency);
  const isNameless = label.trim() === '';
  return (
    <SheetDialog title={`A column of ${register.plural} for this list alone`} onClose={onClose}>
      <label className="mt-3 block">
        <span className="block pb-1 font-semibold">What it is called</span>
        <input
          className="box"
          value={label}
          maxLength={80}
          autoComplete="off"
          aria-invalid={tried && isNameless}
          onChange={(event) => setLabel(event.target.value)}
        />
      </label>
      {tried && isNameless && (
        <p role="alert" className="wrong">
          Give it a name: it stands over the column.
        </p>
      )}
      <label className="mt-3 block">
        <span className="block pb-1 font-semibold">What it gives</span>
        <select
          className="box"
          value={kind}
          onChange={({ target: { value } }) => setKind(OFFERED.find((each) => each === value) ?? 'number')}
        >
          {OFFERED.map((each) => (
            <option key={each} value={each}>
              {wordOf(each)}
            </option>
          ))}
        </select>
      </label>
      <p className="mt-3 pb-1 font-semibold">From</p>
      <FormulaEditor
        key={kind}
        text=""
        expected={{ kind: 'value', type: behaviourOf(gives).value }}
        context={{ vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) }}
        refuse={(reason) => (reason ? `This cannot be worked out so, as ${reason}.` : null)}
        onChange={(formula) => {
          setTried(true);
          if (!isNameless) onAdd({ label: label.trim(), formula, gives });
        }}
        onCancel={onClose}
      />
    </SheetDialog>
  );
};
