import type { ReactNode } from 'react';
import type { Field } from '#core/register/index.ts';
import { isNothing } from '#core/values/index.ts';
import type { ShownRecord } from '../controls/face.ts';
import { OneValue } from '../kinds/index.tsx';

/** A field's value for reading; nothing where it holds nothing. */
export const FieldValue = ({ field, reading }: { field: Field; reading: ShownRecord }): ReactNode => {
  const value = reading.record.values[field.key] ?? null;
  return isNothing(value) ? null : <OneValue field={field} value={value} reading={reading} />;
};
