import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Linked, RecordAnswer } from '#contract/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import {
  behaviourOf,
  type FieldTypeOf,
  isNothing,
  isNumeric,
  positionOf,
  type RowField,
  rowsOf,
  type StoredValue,
  textsOf,
} from '#core/values/index.ts';
import { ChoiceChip } from './choice.tsx';
import { FileLine } from './controls/files.tsx';
import { FormattedText } from './controls/formatted.tsx';

/** What a record's values point to, and how they are written. */
export interface ShownRecord {
  readonly record: RecordAnswer;
  readonly register: string;
  readonly catalogue: Catalogue;
}

/** A field's value in one line of plain words: in lists, in what was said and found. */
export const plainValue = (field: Field, record: RecordAnswer, catalogue: Catalogue): string => {
  const value = record.values[field.key] ?? null;
  const { type } = field;
  switch (type.kind) {
    case 'link':
    case 'person':
      return record.links[field.key]?.title ?? '';
    case 'links':
      return textsOf(value)
        .flatMap((id) => record.linked[id]?.title ?? [])
        .join(', ');
    case 'rows': {
      const count = rowsOf(value).length;
      return count === 0 ? '' : `${count} ${(count === 1 ? type.singular : type.plural).toLowerCase()}`;
    }
    default:
      return behaviourOf(type).show(value, valueContext(catalogue));
  }
};

const RecordLink = ({ link, to }: { link: Linked; to: string }) => (
  <>
    <Link className="part" to={`/registers/${to}/${link.id}`}>
      {link.title}
    </Link>
    {link.beside.length > 0 && <span className="font-normal text-ink-2"> {link.beside.join(', ')}</span>}
  </>
);

const NotSeen = () => <span className="text-ink-2">not for you to see</span>;

/** One value for reading: links lead on, choices stand on their wash, files show what they are. */
const One = ({ field, value, reading }: { field: RowField; value: StoredValue; reading: ShownRecord }): ReactNode => {
  const { catalogue, record } = reading;
  const { type } = field;
  const shown = behaviourOf(type).show(value, valueContext(catalogue));
  const choices = (list: string) => catalogue.choiceLists.get(list)?.choices ?? [];
  switch (type.kind) {
    case 'choice':
      return <ChoiceChip choice={choices(type.list).find((each) => each.code === value)} code={shown} />;
    case 'choices':
      return textsOf(value).map((code, i) => (
        <span key={code}>
          {i > 0 && ', '}
          <ChoiceChip choice={choices(type.list).find((each) => each.code === code)} code={code} />
        </span>
      ));
    case 'link': {
      const link = typeof value === 'string' ? (record.links[field.key] ?? record.linked[value]) : undefined;
      const own = link && link.id === value ? link : typeof value === 'string' ? record.linked[value] : undefined;
      return own ? <RecordLink link={own} to={type.register} /> : <NotSeen />;
    }
    case 'person': {
      const link = typeof value === 'string' ? (record.linked[value] ?? record.links[field.key]) : undefined;
      return link?.title ?? <NotSeen />;
    }
    case 'links':
      return textsOf(value).map((id) => {
        const link = record.linked[id];
        return (
          <span key={id} className="block">
            {link ? <RecordLink link={link} to={type.register} /> : <NotSeen />}
          </span>
        );
      });
    case 'email':
      return (
        <a className="part" href={`mailto:${encodeURIComponent(shown).replace('%40', '@')}`}>
          {shown}
        </a>
      );
    case 'phone':
      return (
        <a className="part" href={`tel:${typeof value === 'string' ? value : ''}`}>
          {shown}
        </a>
      );
    case 'web':
      return (
        <a className="part" href={typeof value === 'string' ? value : ''} target="_blank" rel="noreferrer noopener">
          {shown}
        </a>
      );
    case 'position': {
      const at = positionOf(value);
      return at ? (
        <a className="part" href={`geo:${at.latitude},${at.longitude}`}>
          {shown}
        </a>
      ) : null;
    }
    case 'formatted':
      return <FormattedText text={typeof value === 'string' ? value : ''} />;
    case 'address':
      return <span className="whitespace-pre-line">{shown.split(', ').join('\n')}</span>;
    case 'files':
      return <FilesValue ids={textsOf(value)} reading={reading} />;
    case 'rows':
      return <RowsValue field={field} type={type} value={value} reading={reading} />;
    case 'code':
      return <span className="font-mono">{shown}</span>;
    default:
      return shown;
  }
};

const FilesValue = ({ ids, reading: { record, register } }: { ids: readonly string[]; reading: ShownRecord }) => (
  <ul className="flex flex-wrap gap-3">
    {ids.map((id) => {
      const file = record.files[id];
      const src = `/api/registers/${register}/records/${record.id}/files/${id}`;
      return (
        file && (
          <li key={id}>
            <a className="flex items-center gap-2" href={src} target="_blank" rel="noreferrer">
              <FileLine file={file} src={src} />
            </a>
          </li>
        )
      );
    })}
  </ul>
);

const RowsValue = ({
  field,
  type,
  value,
  reading,
}: {
  field: RowField;
  type: FieldTypeOf<'rows'>;
  value: StoredValue;
  reading: ShownRecord;
}) => (
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

/** A field's value for reading; nothing where it holds nothing. */
export const FieldValue = ({ field, reading }: { field: Field; reading: ShownRecord }): ReactNode => {
  const value = reading.record.values[field.key] ?? null;
  return isNothing(value) ? null : <One field={field} value={value} reading={reading} />;
};
