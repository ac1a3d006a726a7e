import type { Problem } from '#core/base/index.ts';
import type { CompiledForm, FilledIn } from '#core/form/index.ts';

/* Where questions stand, those of records that are made along with an entry among them. */

/** How a form's look-ups name a question: of a record that is made along behind the look-up that makes it. */
export const askedPath = ({ within }: CompiledForm, key: string): string => (within === '' ? key : `${within}.${key}`);

/** Where a question of a record that is made along stands, among the questions of the form around it. */
export const placeInNew = (id: string, key: string): string => `${id}.${key}`;

/** Where a problem of an entry is told: at its question, or at one of a record that is made along. */
export const placeOf = ({ path: [key, id, field] }: Problem, { made }: FilledIn): string =>
  made.has(String(id)) ? placeInNew(String(id), String(field)) : String(key);
