import type { ReactNode } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf, isNothing, rowsIn, rowsOf, textsOf } from '#core/values/index.ts';
import type { ShownRecord } from '../kinds/face.ts';
import { OneValue } from '../kinds/index.tsx';

/** A field's value in one line of plain words: in lists, in what was said and found. */
export const plainValue = (field: Field, record: RecordAnswer, catalogue: Catalogue): string => {
  const value = record.values[field.key] ?? null;
  const behaviour = behaviourOf(field.type);
  switch (behaviour.value.kind) {
    case 'link':
      return record.links[field.key]?.title ?? '';
    case 'links':
      return textsOf(value)
        .flatMap((id) => record.linked[id]?.title ?? [])
        .join(', ');
    case 'rows': {
      const count = rowsOf(value).length;
      const rows = rowsIn(field.type);
      return count === 0 || !rows ? '' : `${count} ${(count === 1 ? rows.singular : rows.plural).toLowerCase()}`;
    }
    default:
      return behaviour.show(value, valueContext(catalogue));
  }
};

/** A field's value for reading; nothing where it holds nothing. */
export const FieldValue = ({ field, reading }: { field: Field; reading: ShownRecord }): ReactNode => {
  const value = reading.record.values[field.key] ?? null;
  return isNothing(value) ? null : <OneValue field={field} value={value} reading={reading} />;
};
