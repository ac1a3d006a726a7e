import { useId, useState } from 'react';
import { toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import { type Catalogue, sayKind } from '#core/register/index.ts';
import { type FieldTypeOf, isNothing, isNumeric, type RowField, rowsOf } from '#core/values/index.ts';
import { readLabels, suggestType } from '#core/workspace/index.ts';
import { TextPart } from '../../ui/text-part.tsx';
import type { FaceValueProps, KindFace, PickerProps } from '../controls/face.ts';
import { RowsControl } from '../rows/index.tsx';

const RowsValue = ({ field, type, value, reading, one: One }: FaceValueProps<FieldTypeOf<'rows'>>) => (
  // What can be scrolled can be reached by the keyboard.
  // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
  <section className="overflow-x-auto" tabIndex={0} aria-label={`${field.label}, a table`}>
    <table className="list-table" aria-label={field.label}>
      <thead>
        <tr>
          {type.fields.map((each) => (
            <th key={each.key} scope="col" className={isNumeric(each.type) ? 'num' : ''}>
              {each.label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rowsOf(value).map((row) => (
          <tr key={row.id}>
            {type.fields.map((each) => {
              const cell = row.values[each.key] ?? null;
              return (
                <td key={each.key} className={isNumeric(each.type) ? 'num' : ''}>
                  {isNothing(cell) ? null : <One field={each} value={cell} reading={reading} />}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);

/** What is asked in each row, one a line; their kinds are suggested from the words as those of questions are. */
const fieldsOf = (lines: string, catalogue: Catalogue): RowField[] => {
  const taken = new Set<string>();
  return readLabels(lines).map((label) => {
    const key = toKey(label, taken, FUNCTION_NAMES);
    taken.add(key);
    const type = suggestType(label, catalogue);
    return { key, label, type, required: false };
  });
};

/** Makes the rows of a new question. */
const RowsMaker = ({ label, catalogue, onPick }: PickerProps<FieldTypeOf<'rows'>>) => {
  const [singular, setSingular] = useState('');
  const [lines, setLines] = useState('');
  const id = useId();
  const fields = fieldsOf(lines, catalogue);
  const ready = singular.trim() !== '' && fields.length > 0;
  return (
    <div className="grid gap-2">
      <label className="grid gap-1 font-semibold">
        One row is called
        <input
          className="box font-normal"
          value={singular}
          maxLength={80}
          onChange={(event) => setSingular(event.target.value)}
        />
      </label>
      <label className="grid gap-1 font-semibold">
        Asked in each row, one a line
        <textarea
          className="box font-normal"
          rows={5}
          aria-describedby={`${id}-kinds`}
          value={lines}
          onChange={(event) => setLines(event.target.value)}
        />
      </label>
      <ul id={`${id}-kinds`} className="text-[13px] text-ink-2">
        {fields.map(({ key, label: called, type }) => (
          <li key={key}>
            {called}: {sayKind(type, catalogue)}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-go justify-self-start"
        disabled={!ready}
        onClick={() => onPick({ type: { kind: 'rows', singular: singular.trim(), plural: label, fields }, list: null })}
      >
        Make the rows
      </button>
    </div>
  );
};

export const rowsFace: KindFace<FieldTypeOf<'rows'>> = {
  layout: { group: true, wideControl: true, wideValue: true },
  Control: RowsControl,
  Value: RowsValue,
  Settings: ({ type, n, what, onType }) => (
    <>
      {', each called a '}
      <TextPart
        text={type.singular}
        shown={type.singular.toLowerCase()}
        what={`name of a row of ${what} ${n}`}
        onText={(singular) => onType({ ...type, singular })}
      />
      {', many '}
      <TextPart
        text={type.plural}
        shown={type.plural.toLowerCase()}
        what={`name of the rows of ${what} ${n}`}
        onText={(plural) => onType({ ...type, plural })}
      />
    </>
  ),
  Picker: RowsMaker,
};
