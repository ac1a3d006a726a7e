import { type Catalogue, type Field, type RecordValues, valueContext } from '../register/index.ts';
import { behaviourOf, rowsIn, rowsOf, textsOf } from '../values/index.ts';

/** A record as far as a cell of it is said: its values, and what they point to. */
export interface SaidRecord {
  readonly values: RecordValues;
  /** By field. */
  readonly links: Readonly<Record<string, { readonly title: string }>>;
  /** By id. */
  readonly linked: Readonly<Record<string, { readonly title: string }>>;
}

/** A field's value in one line of plain words: in lists, on paper, in what was said and found. */
export const sayCell = (field: Field, record: SaidRecord, catalogue: Catalogue): string => {
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
