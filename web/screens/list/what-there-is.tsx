import { useQuery } from '@tanstack/react-query';
import type { ListGroups } from '#contract/index.ts';
import {
  boardFields,
  clausesOn,
  groupValue,
  quickClause,
  type View,
  withClause,
  withoutClausesOn,
} from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';

interface Props {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly view: View;
  readonly onFilter: (filter: string) => void;
}

/** More fields than these nobody reads beside a list. */
const MOST_FIELDS = 6;
const MOST_VALUES = 12;

/** Beside a list: what there is of each choice, with how many; each leads to only these, or to all but these. */
export const WhatThereIs = ({ register, catalogue, view, onFilter }: Props) => {
  const shown = view.columns.split(',');
  const fields = boardFields(register)
    .toSorted((a, b) => Number(shown.includes(b.key)) - Number(shown.includes(a.key)))
    .slice(0, MOST_FIELDS);
  return (
    <aside
      aria-label="What there is"
      className="w-52 shrink-0 overflow-auto border-r border-rule-strong bg-paper px-4 py-2.5 max-sm:hidden print:hidden"
    >
      <h2 className="mb-2 text-[14px]">What there is</h2>
      {fields.length === 0 && (
        <p className="text-[13px] text-ink-2">{register.plural} have no choices to tell apart by.</p>
      )}
      {fields.map((field) => (
        <OfField
          key={field.key}
          field={field}
          register={register}
          catalogue={catalogue}
          view={view}
          onFilter={onFilter}
        />
      ))}
    </aside>
  );
};

type Group = ListGroups['groups'][number];

const OfField = ({ field, register, catalogue, view, onFilter }: Props & { readonly field: Field }) => {
  // What is said of the field itself does not hide what else there is of it.
  const others = withoutClausesOn(view.filter, field.key);
  const { data } = useQuery(queries.groups(register.key, { ...view, filter: others, by: field.key, totals: '' }));
  const groups = (data?.groups ?? []).filter(({ keys }) => keys.length === 1);
  const said = clausesOn(view.filter, field.key);
  if (groups.length < 2 && said.length === 0) return null;
  const { value: type } = behaviourOf(field.type);
  const clauseFor = (group: Group, quick: 'only' | 'not') =>
    quickClause(field.key, type, groupValue(group.keys[0] ?? null, type), quick);
  const isSaid = (group: Group, quick: 'only' | 'not'): boolean => {
    const clause = clauseFor(group, quick);
    if (!clause) return false;
    return said.some(({ test }) => {
      if (test.kind !== clause.test.kind) return false;
      if (!('values' in test) || !('values' in clause.test)) return true;
      const [wanted] = clause.test.values;
      return test.values.some((value) => JSON.stringify(value) === JSON.stringify(wanted));
    });
  };
  const ask = (group: Group, quick: 'only' | 'not'): void => {
    const clause = clauseFor(group, quick);
    // Pressed again it is taken back.
    if (isSaid(group, quick)) onFilter(others);
    else if (clause) onFilter(withClause(view.filter, clause));
  };
  return (
    <section className="mb-3" aria-label={field.label}>
      <h3 className="text-[13px] font-semibold">{field.label}</h3>
      <ul>
        {groups.slice(0, MOST_VALUES).map((group) => {
          const says = group.says || 'nothing';
          const [only, not] = [isSaid(group, 'only'), isSaid(group, 'not')];
          return (
            <li key={String(group.keys[0])} className="group flex items-baseline gap-1.5 py-0.5 text-[13px]">
              <span className={`min-w-0 truncate ${only || not ? 'font-semibold text-iolite-deep' : ''}`}>
                {not && 'not '}
                {says}
              </span>
              {(['only', 'not'] as const).map((quick) => (
                <button
                  key={quick}
                  type="button"
                  className="part shrink-0 text-[12.5px]"
                  aria-pressed={quick === 'only' ? only : not}
                  aria-label={`${quick} ${says}, ${field.label}`}
                  onClick={() => ask(group, quick)}
                >
                  {quick}
                </button>
              ))}
              <span aria-hidden="true" className="grow self-end border-b border-dotted border-rule-strong" />
              <span className="shrink-0 tabular-nums text-ink-2">{group.count.toLocaleString(catalogue.locale)}</span>
            </li>
          );
        })}
      </ul>
      {groups.length > MOST_VALUES && (
        <p className="text-[12.5px] text-ink-2">and {groups.length - MOST_VALUES} more</p>
      )}
    </section>
  );
};
