import type { Item } from './value.ts';

/** The person for whom an expression is worked out, as `me` names them. */
export interface PersonFacts {
  readonly name: string;
  readonly email: string;
  readonly roles: readonly string[];
  /** The record they are tied to, where the workspace ties people to one. */
  readonly record: string | null;
}

/** A person as the evaluator reads `me`. */
export const personItem = (person: PersonFacts): Item => ({
  read: ([name, ...rest]) => {
    if (rest.length > 0) return null;
    switch (name) {
      case 'name':
      case 'email':
      case 'roles':
      case 'record':
        return person[name];
      default:
        return null;
    }
  },
});
