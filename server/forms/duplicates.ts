import type { Same } from '#contract/index.ts';
import { type Clock, type Problem, problem } from '#core/base/index.ts';
import { type CompiledForm, compileForm } from '#core/form/index.ts';
import { checkValues, type RecordValues } from '#core/register/index.ts';
import { isNothing, sameValue } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { type Definitions, personRights, visibleCatalogue } from '../definitions/store.ts';
import { notFound, valueOrRefuse } from '../http/problem.ts';
import { findByKey } from '../records/reader/find.ts';
import { readLinked } from '../records/reader/linked.ts';
import type { Person } from '../access/session.ts';
import { openForm } from './open.ts';

/** Records of the form's register whose field holds the same, case, accents and spacing aside; not the one itself. */
const othersWith = async (
  tx: Queryable,
  { catalogue }: Definitions,
  { register }: CompiledForm,
  field: string,
  value: string,
  except: string | null,
): Promise<string[]> => {
  const found = await findByKey(tx, register, catalogue, field, value, { where: [], columns: field });
  return found.map((record) => record.id).filter((id) => id !== except);
};

/** Questions that must be unique and are not. */
export const notUnique = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  values: RecordValues,
  before: RecordValues | null,
  id: string | null,
): Promise<Problem[]> => {
  const problems: Problem[] = [];
  for (const { key, label, unique } of compiled.questions) {
    const value = values[key] ?? null;
    if (!unique || typeof value !== 'string' || sameValue(value, before?.[key] ?? null)) continue;
    const others = await othersWith(tx, found, compiled, key, value, id);
    if (others.length > 0)
      problems.push(
        problem('unique', [key], unique.message ?? `${label} must be unique, and another record holds the same.`),
      );
  }
  return problems;
};

/** Whether other records hold the same in a question that must be unique or that tells likely duplicates apart. */
export const findSame = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  key: string,
  question: string,
  asked: { readonly value: unknown; readonly record: string | null; readonly draft: boolean },
  clock: Clock,
): Promise<Same> => {
  const opened = openForm(found, person, key, asked.draft);
  const compiled = valueOrRefuse(compileForm(opened.document, found.catalogue));
  const { register } = compiled;
  const held = compiled.byKey.get(question);
  // What a register holds is not for guessing: only fields that are named for it are looked through.
  if (!held || (!held.unique && !register.alike.includes(question))) throw notFound();
  const checked = checkValues(register, { [question]: asked.value }, found.catalogue);
  const value = checked.ok ? (checked.value[question] ?? null) : null;
  if (typeof value !== 'string' || isNothing(value)) return { any: false, found: [] };
  const ids = await othersWith(tx, found, compiled, question, value, asked.record);
  const sees = personRights(found, person, register.key).see;
  const shown = sees ? await readLinked(tx, register.key, visibleCatalogue(found, person), ids.slice(0, 3), clock) : {};
  return { any: ids.length > 0, found: Object.values(shown) };
};
