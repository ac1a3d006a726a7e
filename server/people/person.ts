/** Someone who may sign in. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly roles: readonly string[];
  /** The record of the people's register that they are tied to; null where they are to none. */
  readonly record: string | null;
}
