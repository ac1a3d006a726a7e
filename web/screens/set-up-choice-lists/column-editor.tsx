import { useState } from 'react';
import { toKey } from '#core/base/index.ts';
import type { ChoiceList } from '#core/register/index.ts';
import { PickOne } from '../../ui/part.tsx';

type Column = ChoiceList['columns'][number];

/** Names a column of a choice list's own, and says what stands in it. */
export const ColumnEditor = ({
  taken,
  currency,
  onColumn,
}: {
  taken: ReadonlySet<string>;
  currency: string;
  onColumn: (column: Column) => void;
}) => {
  const [label, setLabel] = useState('');
  const types: readonly { readonly value: string; readonly label: string; readonly type: Column['type'] }[] = [
    { value: 'percent', label: 'percent', type: { kind: 'percent', decimals: 2 } },
    { value: 'number', label: 'number', type: { kind: 'number', decimals: 2 } },
    { value: 'money', label: `money in ${currency}`, type: { kind: 'money', currency } },
    { value: 'text', label: 'text', type: { kind: 'text' } },
  ];
  return (
    <div className="grid gap-2">
      <label className="grid gap-1 font-semibold">
        Name of the column
        <input
          className="box font-normal"
          value={label}
          maxLength={80}
          onChange={(event) => setLabel(event.target.value)}
        />
      </label>
      <PickOne
        options={types}
        chosen={null}
        onPick={(value) => {
          const type = types.find((each) => each.value === value)?.type;
          if (type && label.trim() !== '') onColumn({ key: toKey(label, taken), label: label.trim(), type });
        }}
      />
    </div>
  );
};
