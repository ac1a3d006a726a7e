import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import type { KeyboardEvent, ReactNode } from 'react';
import {
  type FieldKindName,
  isForRows,
  isMadeByProgram,
  KIND_NAMES,
  newRowField,
  type RowField,
  rowsIn,
  typeOfKind,
  wordOf,
  workedOutIn,
} from '#core/values/index.ts';
import type { SettingsPlace } from '../../fields/controls/face.ts';
import { KindSettings } from '../../fields/kinds/index.tsx';
import type { FieldDraft } from '../../state/register-draft.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { WorkedOutPreview } from './worked-out-preview.tsx';

const kindsOffered = (inRows: boolean): readonly FieldKindName[] =>
  inRows ? KIND_NAMES.filter(isForRows) : KIND_NAMES;

interface LineProps<F> {
  readonly field: F;
  /** Counted from 1, for what is said of it. */
  readonly n: number;
  readonly last: boolean;
  /** Whether records hold something in it already: its kind stays. */
  readonly fixed: boolean;
  readonly place: SettingsPlace;
  readonly onField: (field: F) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onRemove: (() => void) | null;
  readonly onEnter: () => void;
}

/** A field's label in its own line, its sentence below; Enter adds the next, Alt and an arrow move it. */
const Line = <F extends RowField | FieldDraft>({
  field,
  n,
  last,
  fixed,
  place,
  onField,
  onMove,
  onRemove,
  onEnter,
  inRows,
  rest,
  children,
}: LineProps<F> & { inRows: boolean; rest?: ReactNode; children?: ReactNode }) => {
  const what = inRows ? 'row field' : 'field';
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      onMove(event.key === 'ArrowUp' ? -1 : 1);
    }
    // Enter in a part's own editor is for that part.
    if (event.key === 'Enter' && event.target instanceof HTMLInputElement && event.target.form === null) {
      event.preventDefault();
      onEnter();
    }
  };
  return (
    <li className="outline-line ruled py-1.5" onKeyDown={onKeyDown}>
      <span className="flex items-center gap-1">
        <span aria-hidden="true" className="w-5 text-right text-[12.5px] text-ink-3">
          {n}
        </span>
        <input
          className="min-h-8 min-w-0 grow border-b border-transparent bg-transparent px-1.5 text-[15px] font-semibold hover:border-edge focus:border-iolite"
          aria-label={`Label of ${what} ${n}`}
          value={field.label}
          maxLength={200}
          placeholder="Label"
          onChange={(event) => onField({ ...field, label: event.target.value })}
        />
        <span className="line-tool flex">
          <button
            type="button"
            className="btn btn-quiet px-1.5!"
            aria-label={`Move ${what} ${n} up`}
            disabled={n === 1}
            onClick={() => onMove(-1)}
          >
            <ArrowUp size={15} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-quiet px-1.5!"
            aria-label={`Move ${what} ${n} down`}
            disabled={last}
            onClick={() => onMove(1)}
          >
            <ArrowDown size={15} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-quiet px-1.5!"
            aria-label={`Take ${what} ${n} away`}
            disabled={onRemove === null}
            onClick={() => onRemove?.()}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </span>
      </span>
      <p className="pl-7 text-[14px] text-ink-2">
        {isMadeByProgram(field.type) ? 'is ' : 'holds '}
        {fixed ? (
          <span className="font-semibold text-ink">{wordOf(field.type.kind)}</span>
        ) : (
          <Part text={wordOf(field.type.kind)} what={`kind of ${what} ${n}`}>
            {(close) => (
              <PickOne<FieldKindName>
                options={kindsOffered(inRows).map((kind) => ({ value: kind, label: wordOf(kind) }))}
                chosen={field.type.kind}
                onPick={(kind) => {
                  onField({ ...field, type: typeOfKind(kind, place.currency) });
                  close();
                }}
              />
            )}
          </Part>
        )}
        <KindSettings
          type={field.type}
          n={n}
          what={what}
          fixed={fixed}
          label={field.label}
          place={place}
          onType={(type) => onField({ ...field, type })}
        />
        {!isMadeByProgram(field.type) && (
          <>
            {'; '}
            <button
              type="button"
              className="part"
              aria-pressed={field.required}
              onClick={() => onField({ ...field, required: !field.required })}
            >
              {field.required ? 'always needed' : 'may be empty'}
            </button>
          </>
        )}
        {rest}
      </p>
      {children}
    </li>
  );
};

interface FieldProps extends Omit<LineProps<FieldDraft>, 'fixed'> {
  readonly sections: readonly string[];
}

/** A field of the register, with where it stands on a record's page and what it is called in formulas. */
export const FieldLine = ({ sections, ...props }: FieldProps) => {
  const { field, n, onField, place } = props;
  const [worked, rows] = [workedOutIn(field.type), rowsIn(field.type)];
  const rest = (
    <>
      {'; stands '}
      <Part text={field.section === '' ? 'first' : `under “${field.section}”`} what={`section of field ${n}`}>
        {(close) => (
          <SectionEditor
            section={field.section}
            sections={sections}
            onSection={(section) => {
              onField({ ...field, section });
              close();
            }}
          />
        )}
      </Part>
      {field.stored !== null && (
        <label className="ml-1 whitespace-nowrap text-[13px]">
          · in formulas{' '}
          <input
            className="min-h-6 w-36 border-b border-dotted border-edge bg-transparent font-mono text-[13px] text-ink"
            aria-label={`Key of field ${n}`}
            value={field.key ?? ''}
            maxLength={48}
            spellCheck={false}
            onChange={(event) => onField({ ...field, key: event.target.value })}
          />
        </label>
      )}
    </>
  );
  return (
    <Line {...props} fixed={field.stored !== null} inRows={false} rest={rest}>
      {worked && place.register !== null && worked.formula !== '' && (
        <WorkedOutPreview register={place.register} type={worked} />
      )}
      {rows && (
        <RowFields
          type={rows}
          stored={field.stored !== null}
          place={{ ...place, context: place.rowContext(field.key ?? '') }}
          onFields={(fields) => onField({ ...field, type: { ...rows, fields } })}
        />
      )}
    </Line>
  );
};

const SectionEditor = ({
  section,
  sections,
  onSection,
}: {
  section: string;
  sections: readonly string[];
  onSection: (section: string) => void;
}) => (
  <form
    className="grid gap-2"
    onSubmit={(event) => {
      event.preventDefault();
      event.stopPropagation();
      onSection(String(new FormData(event.currentTarget).get('section') ?? '').trim());
    }}
  >
    <PickOne
      options={[
        { value: '', label: 'first, without a heading' },
        ...sections.map((each) => ({ value: each, label: `under “${each}”` })),
      ]}
      chosen={section}
      onPick={onSection}
    />
    <input
      className="box"
      name="section"
      defaultValue={section}
      maxLength={80}
      aria-label="Heading"
      placeholder="A heading"
    />
    <button type="submit" className="btn">
      Put it there
    </button>
  </form>
);

interface RowFieldsProps {
  readonly type: { readonly singular: string; readonly fields: readonly RowField[] };
  readonly stored: boolean;
  readonly place: SettingsPlace;
  readonly onFields: (fields: readonly RowField[]) => void;
}

/** The fields of the rows in a field, an outline inside the outline. */
const RowFields = ({ type, stored, place, onFields }: RowFieldsProps) => {
  const { fields } = type;
  return (
    <div className="ml-7 border-l-2 border-rule pl-3">
      <ol aria-label={`Fields of a ${type.singular.toLowerCase()}`}>
        {fields.map((field, at) => (
          <Line
            // biome-ignore lint/suspicious/noArrayIndexKey: a new field has nothing else it is known by until it is stored
            key={at}
            field={field}
            n={at + 1}
            last={at === fields.length - 1}
            fixed={stored && field.key !== ''}
            place={place}
            inRows
            onField={(next) => onFields(fields.with(at, next))}
            onMove={(by) => {
              if (fields[at + by]) onFields(fields.toSpliced(at, 1).toSpliced(at + by, 0, field));
            }}
            onRemove={fields.length === 1 ? null : () => onFields(fields.toSpliced(at, 1))}
            onEnter={() => onFields([...fields, newRowField()])}
          />
        ))}
      </ol>
      <button type="button" className="btn btn-quiet" onClick={() => onFields([...fields, newRowField()])}>
        Add a field to each {type.singular.toLowerCase()}
      </button>
    </div>
  );
};
