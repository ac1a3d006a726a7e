import { ArrowDownUp, X } from 'lucide-react';
import {
  type Grouping,
  readGroupings,
  readTotals,
  SAID,
  type Total,
  totalsOf,
  UNITS,
  waysOf,
  writeGroupings,
  writeTotals,
} from '#core/list/index.ts';
import type { Field, Register } from '#core/register/index.ts';
import { behaviourOf, heldTraits, isNumeric } from '#core/values/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part } from '../../ui/part.tsx';

interface Props {
  readonly register: Register;
  /** As the address says it. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

const labelOf = ({ fields }: Register, path: string): string =>
  path === 'number'
    ? 'Number'
    : path === 'sign_off.stage'
      ? 'Sign-off'
      : (fields.find(({ key }) => key === path)?.label ?? path);

/** Which way round, as one says it of such values: "latest first", "from Z to A". */
const sayWay = (field: Field | undefined, down: boolean): string => {
  switch (field ? heldTraits(field.type).runs : null) {
    case 'in_time':
      return down ? 'latest first' : 'earliest first';
    case 'in_size':
      return down ? 'highest first' : 'lowest first';
    case null:
      return down ? 'backwards' : 'in order';
  }
};

interface AddProps {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onAdd: (value: string) => void;
}

/** Something more, chosen from a few. */
export const Add = ({ label, options, onAdd }: AddProps) => (
  <label className="grid gap-1 text-[13px] text-ink-2">
    {label}
    <select className="box" value="" onChange={(event) => event.target.value !== '' && onAdd(event.target.value)}>
      <option value="">choose …</option>
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  </label>
);

/** What a list is sorted by, the first first. */
export const SortPart = ({ register, value, onChange }: Props) => {
  const keys = value === '' ? [] : value.split(',');
  const fieldOf = (key: string) => register.fields.find((field) => field.key === key.replace(/^-/, ''));
  const say = (key: string): string =>
    `${labelOf(register, key.replace(/^-/, ''))}, ${
      key.replace(/^-/, '') === 'number'
        ? key.startsWith('-')
          ? 'newest first'
          : 'oldest first'
        : sayWay(fieldOf(key), key.startsWith('-'))
    }`;
  const put = (next: readonly string[]): void => onChange(next.join(','));
  const paths = ['number', ...register.fields.map((field) => field.key)];
  const free = paths.filter((path) => !keys.includes(path) && !keys.includes(`-${path}`));
  return (
    <Part text={keys.length === 0 ? 'Number, oldest first' : keys.map(say).join('; then ')} what="order">
      {() => (
        <div className="grid gap-2">
          <ol>
            {keys.map((key, at) => (
              <li key={key} className="flex items-center gap-1">
                <span className="grow">{say(key)}</span>
                <IconButton
                  label={`Turn ${labelOf(register, key.replace(/^-/, ''))} round`}
                  icon={ArrowDownUp}
                  onClick={() => put(keys.with(at, key.startsWith('-') ? key.slice(1) : `-${key}`))}
                />
                <IconButton
                  label={`Do not sort by ${labelOf(register, key.replace(/^-/, ''))}`}
                  icon={X}
                  onClick={() => put(keys.toSpliced(at, 1))}
                />
              </li>
            ))}
          </ol>
          {keys.length < 5 && (
            <Add
              label="Then by"
              options={free.map((path) => ({ value: path, label: labelOf(register, path) }))}
              onAdd={(path) => put([...keys.filter((key) => key.replace(/^-/, '') !== 'number'), path])}
            />
          )}
        </div>
      )}
    </Part>
  );
};

const BANDS: Grouping['by'] = { kind: 'bands', edges: ['0', '100', '500', '1000', '5000'] };

/** The ways in which the values of a field can be put together. */
const waysFor = ({ type }: Field): Grouping['by'][] => {
  const kinds = waysOf(behaviourOf(type).value);
  // Of days each is one of its own already.
  return kinds.filter((kind) => kind !== 'value' || !kinds.includes('unit')).flatMap(waysOfKind);
};

const waysOfKind = (kind: Grouping['by']['kind']): Grouping['by'][] => {
  switch (kind) {
    case 'unit':
      return UNITS.map((unit) => ({ kind, unit }));
    case 'bands':
      return [BANDS];
    case 'letter':
    case 'value':
      return [{ kind }];
  }
};

const sayGrouping = (register: Register, { path, by }: Grouping): string => {
  const label = labelOf(register, path);
  switch (by.kind) {
    case 'value':
      return label;
    case 'unit':
      return `${by.unit} of ${label}`;
    case 'letter':
      return `first letter of ${label}`;
    case 'bands':
      return `${label} in bands`;
  }
};

/** By what a list is put together, up to three deep. */
export const GroupPart = ({ register, value, onChange }: Props) => {
  const read = readGroupings(value);
  const groupings = read.ok ? read.value : [];
  const put = (next: readonly Grouping[]): void => onChange(writeGroupings(next));
  const ways = register.fields.flatMap((field) =>
    waysFor(field).map((by) => {
      const grouping = { path: field.key, by };
      return { value: writeGroupings([grouping]), label: sayGrouping(register, grouping) };
    }),
  );
  return (
    <>
      {groupings.length === 0 ? 'in ' : 'by '}
      <Part
        text={
          groupings.length === 0 ? 'no groups' : groupings.map((each) => sayGrouping(register, each)).join(', then ')
        }
        what="groups"
      >
        {() => (
          <div className="grid gap-2">
            <ol>
              {groupings.map((grouping, at) => (
                <li key={writeGroupings([grouping])} className="grid gap-1">
                  <span className="flex items-center gap-1">
                    <span className="grow">{sayGrouping(register, grouping)}</span>
                    <IconButton
                      label={`Do not group by ${labelOf(register, grouping.path)}`}
                      icon={X}
                      onClick={() => put(groupings.toSpliced(at, 1))}
                    />
                  </span>
                  {grouping.by.kind === 'bands' && (
                    <Edges
                      edges={grouping.by.edges}
                      onEdges={(edges) => put(groupings.with(at, { ...grouping, by: { kind: 'bands', edges } }))}
                    />
                  )}
                </li>
              ))}
            </ol>
            {groupings.length < 3 && (
              <Add
                label={groupings.length === 0 ? 'Group by' : 'Then by'}
                options={ways.filter((way) => !groupings.some((each) => writeGroupings([each]) === way.value))}
                onAdd={(way) => {
                  const added = readGroupings(way);
                  if (added.ok) put([...groupings, ...added.value]);
                }}
              />
            )}
          </div>
        )}
      </Part>
    </>
  );
};

/** Where bands begin: rising numbers. */
const Edges = ({ edges, onEdges }: { edges: readonly string[]; onEdges: (edges: readonly string[]) => void }) => (
  <label className="grid gap-1 text-[13px] text-ink-2">
    Bands begin at
    <input
      className="box"
      defaultValue={edges.join(' ')}
      onBlur={(event) => {
        const typed = event.target.value.trim().split(/[\s/]+/);
        const read = readGroupings(`x:${typed.join('/')}`);
        const [first] = read.ok ? read.value : [];
        if (first?.by.kind === 'bands') onEdges(first.by.edges);
        else event.target.value = edges.join(' ');
      }}
    />
  </label>
);

const sayTotals = (register: Register, totals: readonly Total[]): string =>
  totals.map(({ kind, path }) => `the ${SAID[kind]} of ${labelOf(register, path)}`).join(', ');

/** What is told of each group and of the whole. */
export const TotalsPart = ({ register, value, onChange }: Props) => {
  const read = readTotals(value);
  const totals = read.ok ? read.value : [];
  const put = (next: readonly Total[]): void => onChange(writeTotals(next));
  const all = [...register.fields]
    .toSorted((a, b) => Number(isNumeric(b.type)) - Number(isNumeric(a.type)))
    .flatMap((field) => totalsOf(behaviourOf(field.type).value).map((kind) => ({ kind, path: field.key })));
  return (
    <Part text={totals.length === 0 ? 'no totals' : sayTotals(register, totals)} what="totals">
      {() => (
        <div className="grid gap-2">
          <ul>
            {totals.map((total, at) => (
              <li key={`${total.kind} ${total.path}`} className="flex items-center gap-1">
                <span className="grow">{sayTotals(register, [total])}</span>
                <IconButton
                  label={`Without ${sayTotals(register, [total])}`}
                  icon={X}
                  onClick={() => put(totals.toSpliced(at, 1))}
                />
              </li>
            ))}
          </ul>
          {totals.length < 10 && (
            <Add
              label="With"
              options={all
                .filter((each) => !totals.some(({ kind, path }) => kind === each.kind && path === each.path))
                .map((each) => ({ value: writeTotals([each]), label: sayTotals(register, [each]) }))}
              onAdd={(text) => {
                const added = readTotals(text);
                if (added.ok) put([...totals, ...added.value]);
              }}
            />
          )}
        </div>
      )}
    </Part>
  );
};
