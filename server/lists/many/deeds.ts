import { deedSchema, type ManyChange } from '#contract/index.ts';
import { byIds, byKeys, type Register } from '#core/register/index.ts';

/** What is kept of a deed: fields by their ids, as a job may run when they are called otherwise. */
export const deedByIds = (register: Register, deed: ManyChange): ManyChange =>
  deed.kind === 'set' ? { ...deed, values: byIds(register.fields, deed.values, (value) => value) } : deed;

/** A deed as it is kept, by the keys that fields have now. */
export const deedByKeys = (register: Register, kept: unknown): ManyChange => {
  const deed = deedSchema.parse(kept);
  return deed.kind === 'set' ? { ...deed, values: byKeys(register.fields, deed.values, (value) => value) } : deed;
};
