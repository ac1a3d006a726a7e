import type { Duplicates } from '#contract/index.ts';
import { foldText, type Problem, problem } from '#core/base/index.ts';
import { askedAt, type CompiledForm, offersAll } from '#core/form/index.ts';
import { checkValues, type RecordValues, titleField } from '#core/register/index.ts';
import { isNothing, sameValue } from '#core/values/index.ts';
import { idOf } from '../definitions/ids.ts';
import { compiledForm } from '../definitions/store.ts';
import { takeTurns } from '../platform/locks.ts';
import { notFound, valueOrRefuse } from '../platform/refusal.ts';
import { findByKey, readLinked } from '../records/reader/index.ts';
import { asSystem, type CommandContext, type ReadContext } from '../records/work.ts';
import { openForm } from './open.ts';
import { throughForm } from './through-form.ts';

/** Records of the form's register whose field holds the same, case, accents and spacing aside; not the one itself. */
const findOthers = async (
  look: ReadContext,
  { register }: CompiledForm,
  { field, value, except }: { readonly field: string; readonly value: string; readonly except: string | null },
): Promise<string[]> => {
  const system = asSystem(look, 'what must be unique is so among all records, seen or not');
  const found = await findByKey(system, register, { by: field, value }, { where: [], columns: field });
  return found.map((record) => record.id).filter((id) => id !== except);
};

/** The same among the records that whoever asks sees. */
const findSeenOthers = async (
  look: ReadContext,
  { register: { key } }: CompiledForm,
  { field, value, except }: { readonly field: string; readonly value: string; readonly except: string | null },
): Promise<string[]> => {
  const register = look.sight.catalogue.registers.get(key);
  const found = register ? await findByKey(look, register, { by: field, value }, { where: [], columns: field }) : [];
  return found.map((record) => record.id).filter((id) => id !== except);
};

/** An entry as it is judged: its values, those of the record it changes, and that record. */
export interface Judged {
  readonly values: RecordValues;
  readonly before: RecordValues | null;
  readonly id: string | null;
}

/** Questions that must be unique and are not. */
export const duplicateProblems = async (
  work: CommandContext,
  compiled: CompiledForm,
  { values, before, id }: Judged,
): Promise<Problem[]> => {
  const asked = compiled.questions.flatMap(({ key, label, unique }) => {
    const value = values[key] ?? null;
    return !unique || typeof value !== 'string' || sameValue(value, before?.[key] ?? null)
      ? []
      : [{ key, label, unique, value }];
  });
  // Of two that are sent at once with the same, one is judged when the other is stored.
  await takeTurns(
    work.db,
    asked.map(({ key, value }) => `unique ${idOf(compiled.register)} ${key} ${foldText(value)}`),
  );
  const problems: Problem[] = [];
  for (const { key, label, unique, value } of asked) {
    const others = await findOthers(work, compiled, { field: key, value, except: id });
    if (others.length > 0)
      problems.push(
        problem('unique', [key], unique.message ?? `${label} must be unique, and another record holds the same.`),
      );
  }
  return problems;
};

/** Whether a question asks for the title of a record that a look-up offers to make. */
const isOffered = ({ within, register }: CompiledForm, key: string): boolean =>
  within !== '' && titleField(register).key === key;

/** Whether what is answered may tell that a record is there already. */
const tellsAlike = (compiled: CompiledForm, key: string): boolean =>
  compiled.register.alike.includes(key) || isOffered(compiled, key);

/** A question of a form, and what is typed in it. */
export interface DuplicatesAsked {
  readonly form: string;
  readonly question: string;
  readonly value: unknown;
  readonly record: string | null;
  readonly draft: boolean;
}

/** Whether other records hold the same in a question that must be unique or that tells likely duplicates apart. */
export const findDuplicates = async (look: ReadContext, asked: DuplicatesAsked): Promise<Duplicates> => {
  const { catalogue } = throughForm(look, asked.form, 'a form asks of what it may ask').sight;
  const opened = await openForm(look, asked.form, asked.draft);
  const whole = valueOrRefuse(compiledForm(opened.document, catalogue));
  const { form: compiled, key } = askedAt(whole, asked.question);
  const { register } = compiled;
  const held = compiled.byKey.get(key);
  // What a register holds is not for guessing: only fields that are named for it are looked through.
  if (!held || (!held.unique && !tellsAlike(compiled, key))) throw notFound();
  const checked = checkValues(register, { [key]: asked.value }, catalogue);
  const value = checked.ok ? (checked.value[key] ?? null) : null;
  if (typeof value !== 'string' || isNothing(value)) return { any: false, found: [] };
  const others = { field: key, value, except: asked.record };
  // By its title a look-up that offers all offers a record to whoever fills in the form: before a new one is made, it is
  // offered too.
  if (isOffered(compiled, key) && offersAll(whole, compiled.within)) {
    const found = await findByKey(
      asSystem(look, 'a look-up offers records by their titles, whatever the person may see elsewhere'),
      register,
      { by: key, value },
      { where: [], columns: key },
    );
    const beside = await readLinked(
      look,
      register.key,
      found.map(({ id }) => id),
    );
    return {
      any: found.length > 0,
      found: found
        .slice(0, 3)
        .map(({ id, number, title }) => ({ id, number, title, beside: beside[id]?.beside ?? [] })),
    };
  }
  // What must be unique is refused whoever holds the same; what is only likely to be the same is told of what is seen.
  const ids = held.unique ? await findOthers(look, compiled, others) : await findSeenOthers(look, compiled, others);
  const shown = await readLinked(look, register.key, ids.slice(0, 3));
  return { any: ids.length > 0, found: Object.values(shown) };
};
