import { askingOf, type CompiledForm, compileForm, plainForm } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { formWithId } from '../definitions/ids.ts';
import { compiledForm } from '../definitions/store.ts';
import { notFound } from '../platform/refusal.ts';
import type { ReadContext } from '../records/work.ts';
import { type Standing, standTo } from '../signoff/part.ts';
import { readShownToSigner } from '../signoff/shown.ts';
import { sightOfAsked } from './through-form.ts';

/**
 * The form by which somebody sees a record that they take part in: the one it came by. Where it came by none that was
 * designed, or by one that no longer fits, it is for its signers that its register's own asks all there is; whoever sent it
 * sees of it what their roles let them.
 */
const formOfPart = (
  { definitions }: ReadContext,
  register: Register,
  { formId, signs }: Pick<Standing, 'formId' | 'signs'>,
): CompiledForm | null => {
  const { catalogue } = definitions;
  const sent = formId === null ? null : formWithId(definitions, formId);
  for (const form of [sent, signs ? plainForm(register, catalogue) : null]) {
    const compiled = form && form.register === register.key ? compiledForm(form, catalogue) : null;
    if (compiled?.ok) return compiled.value;
  }
  return null;
};

/** A form with the questions that a step shows its signers, and with what it has them fill in; as it is where none says. */
const formAsShown = async (
  look: ReadContext,
  register: Register,
  id: string,
  asked: CompiledForm,
): Promise<CompiledForm> => {
  const shown = await readShownToSigner(look, id);
  if (!shown) return asked;
  const keys = shown.only ?? asked.questions.map(({ key }) => key);
  const form = askingOf(asked.form.key, asked.form.label, register, [...new Set([...keys, ...shown.besides])]);
  const compiled = compileForm(form, look.definitions.catalogue);
  return compiled.ok ? compiled.value : asked;
};

/**
 * How a person looks at one record: as their roles let them, and where they take part in its sign-off besides at what
 * its form asks. There, and nowhere else: what this gives is for reading that record alone. One statement answers for all
 * that they may not see, whether it is somebody else's, archived, or was never there.
 */
export const lookAtRecord = async <L extends ReadContext>(
  look: L,
  key: string,
  id: string,
): Promise<{ readonly look: L; readonly register: Register }> => {
  const whole = look.definitions.catalogue.registers.get(key);
  if (!whole) throw notFound();
  const seen = look.sight.catalogue.registers.get(key);
  if (seen === whole && !look.sight.scopes.has(key)) return { look, register: whole };
  const stands = await standTo(look, whole, id);
  const asked = stands.takesPart ? formOfPart(look, whole, stands) : null;
  const form = asked && (await formAsShown(look, whole, id, asked));
  if (form) {
    const sight = sightOfAsked(look.sight, form, [id]);
    return { look: { ...look, sight }, register: sight.catalogue.registers.get(key) ?? whole };
  }
  if (!seen || !stands.sees) throw notFound();
  return { look, register: seen };
};

/** How a person looks at records that they sent by one form, or by none: for reading those alone. */
export const lookAtSent = <L extends ReadContext>(
  look: L,
  register: Register,
  formId: string | null,
  records: readonly string[],
): L => {
  const compiled = formOfPart(look, register, { formId, signs: false });
  return compiled ? { ...look, sight: sightOfAsked(look.sight, compiled, records) } : look;
};

/** Refuses a record that a person does not see, as one that is not there. */
export const refuseUnseenRecord = async (look: ReadContext, register: Register, id: string): Promise<void> => {
  if (!(await standTo(look, register, id)).sees) throw notFound();
};
