/** Someone who may sign in; a device that does by a group's code, or a program by a token. */
export interface Person {
  readonly id: string;
  readonly kind: 'person' | 'group' | 'token';
  readonly name: string;
  /** Empty where it is no person. */
  readonly email: string;
  readonly roles: readonly string[];
  /** The record of the people's register that they are tied to; null where they are to none. */
  readonly record: string | null;
  /** The ids of the only forms that may be filled in, and nothing else written; null: as the roles say. */
  readonly forms: readonly string[] | null;
}
