import type { RecordAnswer } from '#contract/index.ts';
import { sayCell } from '#core/list/index.ts';
import { type Catalogue, type Field, titleField } from '#core/register/index.ts';
import { behaviourOf, isNumeric, rowFieldsIn, rowsIn, rowsOf, type ValueType } from '#core/values/index.ts';
import type { ColumnTotals, Exported, ListFormat } from '../lists/export/writer.ts';
import type { Prints } from './press.ts';
import type { PaperColumn, PaperKind } from './work.ts';

/* Lists that go on paper: what is on it is said here, and written in a thread of its own. */

/** How wide columns are, to each other. */
const SHARES: { readonly [K in ValueType['kind']]: number } = {
  text: 3,
  number: 1.6,
  boolean: 1,
  date: 1.7,
  time: 1.1,
  moment: 2.3,
  days: 1.5,
  choice: 1.8,
  choices: 2.4,
  link: 2.4,
  links: 2.6,
  texts: 2,
  rows: 1.4,
  span: 3,
};

/** Rows in words, each in a line: what it holds, in the order of its fields. */
const sayRows = ({ key, type }: Field, { values, linked }: RecordAnswer, catalogue: Catalogue): string =>
  rowsOf(values[key] ?? null)
    .map((row) => {
      const cells = rowFieldsIn(type).map((field) => {
        const id = row.values[field.key];
        const link = typeof id === 'string' ? linked[id] : undefined;
        const held = { values: row.values, links: link ? { [field.key]: link } : {}, linked };
        return sayCell(field, held, catalogue);
      });
      return cells.filter((cell) => cell !== '').join(' · ');
    })
    .join('\n');

const columnOf = ({ label, type }: Field): PaperColumn => ({
  label,
  share: SHARES[behaviourOf(type).value.kind],
  right: isNumeric(type),
});

const under = (fields: readonly Field[], totals: ReadonlyMap<string, ColumnTotals>): string[] =>
  fields.map(({ key }) => totals.get(key)?.says ?? '');

/** Where lists go on paper, and for whom this one does. */
export interface Printer {
  readonly press: Prints;
  readonly by: string;
}

/** How a kind of paper says a record. */
interface Says {
  readonly kind: PaperKind;
  readonly fields: (exported: Exported) => readonly Field[];
  readonly cell: (field: Field, record: RecordAnswer, catalogue: Catalogue) => string;
}

const onPaper = (
  { press, by }: Printer,
  { kind, fields: fieldsOf, cell }: Says,
  more: Pick<ListFormat, 'hasGroups' | 'most'>,
): ListFormat => ({
  ...more,
  mediaType: 'application/pdf',
  extension: 'pdf',
  begin: async (to, exported) => {
    const { catalogue, register, title, says, totals, labels } = exported;
    const fields = fieldsOf(exported);
    const { singular, plural } = register;
    const head = {
      ...{ language: catalogue.locale, title, says, singular, plural, labels },
      columns: fields.map(columnOf),
      totals: under(fields, totals),
    };
    const printing = await press.begin(by, kind, head, to);
    return {
      add: (records) =>
        printing.add(
          records.map((record) => ({
            number: record.number,
            title: record.title,
            cells: fields.map((field) => cell(field, record, catalogue)),
          })),
        ),
      group: ({ depth, says: about, count, totals: of }) =>
        printing.group({ depth, says: about, count, totals: under(fields, of) }),
      end: () => printing.end(),
      abandon: () => printing.abandon(),
    };
  },
});

/** A list as one would print it. */
export const pdf = (printer: Printer): ListFormat =>
  onPaper(
    printer,
    { kind: 'list', fields: ({ fields }) => fields, cell: sayCell },
    {
      hasGroups: true,
      // More records nobody reads on paper, and their pages would fill the memory.
      most: { count: 5_000, says: (most) => `A PDF holds at most ${most} records. Find fewer, or take CSV or XLSX.` },
    },
  );

/** A label for each record: what it is called, then what the list shows of it besides. */
export const labels = (printer: Printer): ListFormat =>
  onPaper(
    printer,
    {
      kind: 'labels',
      fields: ({ fields, register }) => fields.filter(({ key }) => key !== titleField(register).key),
      cell: sayCell,
    },
    { most: { count: 5_000, says: (most) => `At most ${most} labels are printed at once. Find fewer.` } },
  );

/** A sheet for each record. */
export const sheets = (printer: Printer): ListFormat =>
  onPaper(
    printer,
    {
      kind: 'sheets',
      fields: ({ fields }) => fields,
      cell: (field, record, catalogue) =>
        rowsIn(field.type) ? sayRows(field, record, catalogue) : sayCell(field, record, catalogue),
    },
    {
      most: {
        count: 1_000,
        says: (most) => `At most ${most} records are printed a sheet each. Find fewer, or print the list.`,
      },
    },
  );
