import { type CompiledForm, plainForm } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { formWithId } from '../definitions/ids.ts';
import { compiledForm } from '../definitions/store.ts';
import { notFound } from '../platform/refusal.ts';
import type { Look } from '../records/work.ts';
import { findSignOff } from '../signoff/enter.ts';
import { takesPart } from '../signoff/part.ts';
import type { SignOff } from '../signoff/routes-in-force.ts';
import { sightOfAsked } from './through-form.ts';

/** The form a record came by; where it came by none, or by one that no longer fits, its register's own. */
const formOfPart = ({ definitions }: Look, register: Register, { formId }: SignOff): CompiledForm | null => {
  const { catalogue } = definitions;
  const sent = formId === null ? null : formWithId(definitions, formId);
  for (const form of [sent, plainForm(register, catalogue)]) {
    const compiled = form && form.register === register.key ? compiledForm(form, catalogue) : null;
    if (compiled?.ok) return compiled.value;
  }
  return null;
};

/**
 * How a person looks at one record: as their roles let them, and where they take part in its sign-off besides at what
 * its form asks. There, and nowhere else: what this gives is for reading that record alone.
 */
export const lookAtRecord = async <L extends Look>(
  look: L,
  key: string,
  id: string,
): Promise<{ readonly look: L; readonly register: Register }> => {
  const whole = look.definitions.catalogue.registers.get(key);
  if (!whole) throw notFound();
  const seen = look.sight.catalogue.registers.get(key);
  if (seen === whole) return { look, register: whole };
  const signOff = await findSignOff(look.db, id);
  const form = signOff && (await takesPart(look.db, id, look.person.id)) ? formOfPart(look, whole, signOff) : null;
  const sight = form ? sightOfAsked(look.sight, form) : look.sight;
  const register = sight.catalogue.registers.get(key);
  if (!register) throw notFound();
  return { look: { ...look, sight }, register };
};
