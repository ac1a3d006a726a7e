import { problem, within } from '../base/index.ts';
import { type Checked, checkExpression, type Expected, type Vocabulary } from '../expression/index.ts';
import type { Field } from '../register/index.ts';
import { behaviourOf, rowFieldsIn, workedOutIn } from '../values/index.ts';
import { type Around, compileOffersNew, compileOffersWhere, rowNamesOf } from './compile-look-up.ts';
import type { CompiledColumn, CompiledForm, CompiledMust } from './compiled.ts';
import type { Column } from './definition.ts';
import { sortByNeed } from './order.ts';

type Place = readonly (string | number)[];

/** A row's rules read its own columns, and the answers around it behind `entry`. */
const rowExpression = (
  around: Around,
  names: Vocabulary,
  text: string,
  expected: Expected,
  place: Place,
): Checked | null => {
  const checked = checkExpression(text, names, expected);
  if (!checked.ok) {
    around.tell(...within(place, checked.problems));
    return null;
  }
  const far = checked.value.reads.find(([first, ...rest]) => (first === 'entry' ? rest.length > 1 : rest.length > 0));
  const strange = checked.value.reads.find(
    ([first, name = '']) => first === 'entry' && !around.vocabulary.names.has(name),
  );
  if (!far && !strange) return checked.value;
  around.tell(
    far
      ? problem('path_in_form', place, `A row's rules read the row and the entry, not “${far.join('.')}” behind them.`)
      : problem('unknown_question', place, `This form does not ask “${strange?.[1] ?? ''}”.`),
  );
  return null;
};

/** The columns of rows a form asks in its own way, by key. */
export const compileColumns = (
  around: Around,
  field: Field,
  columns: readonly Column[],
  place: Place,
): ReadonlyMap<string, CompiledColumn> => {
  const compiled = new Map<string, CompiledColumn>();
  if (columns.length === 0) return compiled;
  const names = rowNamesOf(around, field);
  columns.forEach((column, i) => {
    const here = [...place, 'columns', i];
    const own = rowFieldsIn(field.type).find((each) => each.key === column.field);
    if (!names || !own || workedOutIn(own.type)) {
      around.tell(
        problem('unknown_field', [...here, 'field'], `${field.label} have no column “${column.field}” to ask.`),
      );
      return;
    }
    let { required } = own;
    let startsAs: Checked | null = null;
    const askedWhen: Checked[] = [];
    const musts: CompiledMust[] = [];
    const offersWhere: Checked[] = [];
    let makes: CompiledForm | null = null;
    column.rules.forEach((rule, n) => {
      const at = [...here, 'rules', n];
      const condition = (text: string): Checked | null =>
        rowExpression(around, names, text, { kind: 'condition' }, [...at, 'condition']);
      switch (rule.kind) {
        case 'must_be_answered':
          required = true;
          break;
        case 'starts_as': {
          const expected: Expected = { kind: 'value', type: behaviourOf(own.type).value };
          startsAs = rowExpression(around, names, rule.value, expected, [...at, 'value']);
          break;
        }
        case 'asked_when': {
          const checked = condition(rule.condition);
          if (checked) askedWhen.push(checked);
          break;
        }
        case 'must': {
          const checked = condition(rule.condition);
          if (checked) musts.push({ condition: checked, message: rule.message });
          break;
        }
        case 'offers_where':
          offersWhere.push(...compileOffersWhere(around, own, rule.condition, at));
          break;
        case 'offers_new':
          makes = compileOffersNew(around, own, rule, `${field.key}.${own.key}`, at);
          break;
      }
    });
    compiled.set(own.key, {
      field: own,
      label: column.label ?? own.label,
      required,
      startsAs,
      askedWhen,
      musts,
      offersWhere,
      makes,
    });
  });
  return inOrder(field, compiled, around, place);
};

/** The columns so that each comes after those it follows from. */
const inOrder = (
  field: Field,
  columns: ReadonlyMap<string, CompiledColumn>,
  around: Around,
  place: Place,
): ReadonlyMap<string, CompiledColumn> => {
  const needs = [...columns].map(([key, { startsAs, askedWhen }]) => {
    const reads = [startsAs, ...askedWhen].flatMap((rule) => rule?.reads ?? []);
    return [key, new Set(reads.flatMap(([name = '']) => (columns.has(name) ? [name] : [])))] as const;
  });
  const { order, circle } = sortByNeed(new Map(needs));
  if (circle) {
    const said = circle.map((key) => columns.get(key)?.label ?? key).join(' → ');
    around.tell(
      problem('circle', [...place, 'columns'], `In ${field.label}, these columns wait for each other: ${said}.`),
    );
  }
  return new Map(
    order.flatMap((key) => {
      const column = columns.get(key);
      return column ? [[key, column] as const] : [];
    }),
  );
};
