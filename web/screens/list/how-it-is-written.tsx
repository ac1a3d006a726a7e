import { SEPARATORS, type Separator } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { behaviourOf, type ValueContext } from '#core/values/index.ts';
import type { CsvFile, Meant } from './csv-file.ts';

const SEPARATOR_WORDS: { readonly [K in Separator]: string } = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'upright strokes',
};

interface Props {
  readonly register: Register;
  readonly file: CsvFile;
  readonly meant: Meant;
  readonly context: ValueContext;
  readonly onSeparator: (separator: Separator) => void;
  readonly onMeant: (meant: Meant) => void;
}

/** What the file was taken to be, in words; each can be changed where the file can be meant otherwise. */
export const HowItIsWritten = ({ register, file, meant, context, onSeparator, onMeant }: Props) => {
  const sample = (locale: string) =>
    behaviourOf({ kind: 'number', decimals: 2 }).show('1250.5', { ...context, locale });
  const [plain, local] = [sample('en'), sample(context.locale)];
  const fieldAt = (at: number) => register.fields.find((field) => field.key === meant.columns[at]);
  return (
    <div className="mt-3 grid gap-3 sm:grid-cols-2">
      <p className="sm:col-span-2">
        {file.name} is a text in {file.encoding}, with {file.table.head.length}{' '}
        {file.table.head.length === 1 ? 'column' : 'columns'}.
      </p>
      <label className="grid gap-1">
        Its cells are apart by
        <select
          className="box"
          value={file.table.separator}
          onChange={(event) => {
            const separator = SEPARATORS.find((each) => each === event.target.value);
            if (separator) onSeparator(separator);
          }}
        >
          {SEPARATORS.map((each) => (
            <option key={each} value={each}>
              {SEPARATOR_WORDS[each]}
            </option>
          ))}
        </select>
      </label>
      <label className="grid gap-1">
        Rows that are records already
        <select
          className="box"
          value={meant.match}
          onChange={(event) => onMeant({ ...meant, match: event.target.value })}
        >
          <option value="">are not looked for: every row is added</option>
          {meant.columns
            .filter((key) => key !== null)
            .map((key) => (
              <option key={key} value={key}>
                are found by{' '}
                {key === 'number' ? 'their number' : register.fields.find((each) => each.key === key)?.label}
              </option>
            ))}
        </select>
      </label>
      {plain !== local && (
        <label className="grid gap-1">
          Its numbers are written
          <select
            className="box"
            value={meant.written ?? ''}
            onChange={(event) => {
              const { value } = event.target;
              onMeant({ ...meant, written: value === 'local' || value === 'plain' ? value : null });
            }}
          >
            {meant.written === null && <option value="">please say which: both can be read</option>}
            <option value="plain">with a point: {plain}</option>
            <option value="local">as people here write them: {local}</option>
          </select>
        </label>
      )}
      {[...meant.fractions].map(([at, isFraction]) => (
        <label key={at} className="grid gap-1">
          {fieldAt(at)?.label} is at most 1 in every row: 0.2 stands for
          <select
            className="box"
            value={isFraction === null ? '' : isFraction ? 'fraction' : 'percent'}
            onChange={(event) =>
              onMeant({
                ...meant,
                fractions: new Map(meant.fractions).set(
                  at,
                  event.target.value === '' ? null : event.target.value === 'fraction',
                ),
              })
            }
          >
            <option value="">please say which</option>
            <option value="fraction">20 %, as a fraction</option>
            <option value="percent">0.2 %, as it stands</option>
          </select>
        </label>
      ))}
    </div>
  );
};
