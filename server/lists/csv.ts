import type { RecordAnswer } from '#contract/index.ts';
import { type Cell, writeCsv } from '#core/list/index.ts';
import { type Catalogue, type Field, type Register, valueContext } from '#core/register/index.ts';
import {
  behaviourOf,
  isInCsv,
  isListType,
  leadsTo,
  PEOPLE,
  textsOf,
  type ValueContext,
  valueTraits,
} from '#core/values/index.ts';

export const csvFields = (register: Register): Field[] => register.fields.filter(isInCsv);

/** The records a value links to, as a cell names them: people by name, records by number. */
const linkedText = ({ key, type }: Field, record: RecordAnswer): string => {
  if (isListType(type))
    return textsOf(record.values[key] ?? null)
      .flatMap((id) => record.linked[id]?.number ?? [])
      .join('; ');
  const link = record.links[key];
  return (leadsTo(type) === PEOPLE ? link?.title : link?.number) ?? '';
};

const cellOf = (field: Field, record: RecordAnswer, context: ValueContext): Cell => {
  if (leadsTo(field.type) !== null) return { text: linkedText(field, record), isText: true };
  const value = record.values[field.key] ?? null;
  const { traits, edit, value: of } = behaviourOf(field.type);
  const isText = valueTraits(of).isTyped;
  switch (traits.cell) {
    case 'stored':
      return { text: typeof value === 'string' ? value : '', isText };
    case 'percent':
      return { text: value === null ? '' : `${edit(value, { ...context, locale: 'en' })}%`, isText };
    case 'edited':
      return { text: edit(value, context), isText };
    case 'none':
      return { text: '', isText };
  }
};

/** The head of a CSV file: the record's number, then some fields by their labels. */
export const csvHead = (fields: readonly Field[]): string =>
  writeCsv([[{ text: 'Number', isText: true }, ...fields.map((field) => ({ text: field.label, isText: true }))]], true);

/** Records as lines of a CSV file. */
export const csvLines = (fields: readonly Field[], records: readonly RecordAnswer[], catalogue: Catalogue): string => {
  const context = valueContext(catalogue);
  return writeCsv(
    records.map((record) => [
      { text: record.number, isText: true },
      ...fields.map((field) => cellOf(field, record, context)),
    ]),
    false,
  );
};
