/** Someone who may sign in. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly roles: readonly string[];
}
