import { foldText, toKey } from '../base/index.ts';
import { type Catalogue, type ChoiceList, canBeUnique, type Field, type Register } from '../register/index.ts';
import { choiceListOf } from '../values/index.ts';
import { suggestTitle } from '../workspace/index.ts';
import type { ColumnPlan, ImportPlan, NewColumn } from './plan.ts';

/* What a plan makes besides records: a register with its fields, choice lists, choices of lists that are there. */

const isNew = (column: ColumnPlan): column is NewColumn => column.fills === 'new';

const fieldOf = ({ key, label, type, required }: NewColumn): Field => ({ key, label, type, required });

/** The register that a plan makes; null where it goes into one that is there. */
export const madeRegister = ({ made, columns }: ImportPlan): Register | null => {
  if (!made) return null;
  const fresh = columns.filter(isNew);
  const fields = fresh.map(fieldOf);
  const title = suggestTitle(fields);
  return {
    ...made,
    fields,
    ...(title === undefined ? {} : { title }),
    beside: [],
    listed: [],
    constraints: fresh
      .filter((column) => column.unique && canBeUnique(column))
      .map(({ key }) => ({ kind: 'unique', fields: [key], folded: true })),
    alike: [],
  };
};

/** The field a column fills, as far as it fills one of a register. */
export const fieldOfColumn = (column: ColumnPlan, register: Register | undefined): Field | null => {
  switch (column.fills) {
    case 'nothing':
    case 'number':
      return null;
    case 'new':
      return fieldOf(column);
    case 'field':
      return register?.fields.find(({ key }) => key === column.field) ?? null;
  }
};

/** The texts of each column that become choices, by its place. */
const madeChoices = ({ mends }: ImportPlan): ReadonlyMap<number, readonly string[]> => {
  const found = new Map<number, string[]>();
  for (const { column, of, taken } of mends.alike)
    if (taken.as === 'made') found.set(column, [...(found.get(column) ?? []), of]);
  return found;
};

const withChoices = (list: ChoiceList, words: readonly string[]): ChoiceList => {
  const codes = new Set(list.choices.map(({ code }) => code));
  const labels = new Set(list.choices.map(({ label }) => foldText(label)));
  const missing = words.filter((word) => !labels.has(foldText(word)));
  const added = missing.map((word) => {
    const code = toKey(word, codes);
    codes.add(code);
    return { code, label: word.slice(0, 80) };
  });
  return added.length === 0 ? list : { ...list, choices: [...list.choices, ...added] };
};

/** The choice lists that a plan makes, or makes longer. */
export const madeLists = (plan: ImportPlan, catalogue: Catalogue): ChoiceList[] => {
  const register = catalogue.registers.get(plan.into ?? '');
  const own = new Map(
    plan.lists.map(({ key, label, choices }): [string, ChoiceList] => [
      key,
      { key, label, columns: [], choices: choices.map(({ code, label: said }) => ({ code, label: said })) },
    ]),
  );
  const used = new Map<string, string[]>();
  const made = madeChoices(plan);
  for (const [at, column] of plan.columns.entries()) {
    const key = choiceListOf(fieldOfColumn(column, register)?.type ?? { kind: 'text' });
    if (key !== null) used.set(key, [...(used.get(key) ?? []), ...(made.get(at) ?? [])]);
  }
  return [...used].flatMap(([key, words]) => {
    const fresh = own.get(key);
    const held = catalogue.choiceLists.get(key);
    if (fresh && !held) return [withChoices(fresh, words)];
    if (!held) return [];
    const longer = withChoices(held, words);
    return longer === held ? [] : [longer];
  });
};

/** The catalogue as it is once a plan was carried out. */
export const catalogueAfter = (plan: ImportPlan, catalogue: Catalogue): Catalogue => {
  const register = madeRegister(plan);
  const choiceLists = new Map(catalogue.choiceLists);
  for (const list of madeLists(plan, catalogue)) choiceLists.set(list.key, list);
  const registers = new Map(catalogue.registers);
  if (register) registers.set(register.key, register);
  return { ...catalogue, registers, choiceLists };
};
