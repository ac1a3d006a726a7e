import { z } from 'zod';
import type { SetUpRight } from '#core/access/index.ts';

/** How a call is made over HTTP. */
export type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

/** One call of the HTTP interface: the server parses with it, the browser types with it, OpenAPI is printed from it. */
export interface Endpoint<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Answer extends z.ZodType = z.ZodType,
> {
  readonly method: Method;
  /** With parameters in braces, as OpenAPI writes them: `/api/forms/{key}`. */
  readonly path: string;
  readonly summary: string;
  /** Needs no session. */
  readonly open: boolean;
  /**
   * Who may call it besides set-up rights: `people` in a session of their own; `devices` that signed in by a group's code
   * too, which else only look; anybody who may sign in, tokens too, where nothing is said.
   */
  readonly by: 'people' | 'devices' | null;
  /** The right to set up that it takes; `any` of them; null: none. */
  readonly setup: SetUpRight | 'any' | null;
  readonly params: Params;
  readonly query: Query;
  readonly body: Body;
  readonly answer: Answer;
  /** The status of success. */
  readonly status: number;
}

/** Where a call takes nothing. */
export const none = z.object({});
const nothing = z.null();

interface Options<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, A extends z.ZodType>
  extends Partial<Pick<Endpoint, 'open' | 'setup' | 'by' | 'status'>> {
  readonly params?: P;
  readonly query?: Q;
  readonly body?: B;
  readonly answer?: A;
}

/**
 * Declares an endpoint. What is left out it does not take; without an answer it says that it is done (204); it is for
 * anybody who may sign in.
 */
export function endpoint<
  P extends z.ZodType = typeof none,
  Q extends z.ZodType = typeof none,
  B extends z.ZodType = typeof none,
  A extends z.ZodType = typeof nothing,
>(at: Pick<Endpoint, 'method' | 'path'>, summary: string, options?: Options<P, Q, B, A>): Endpoint<P, Q, B, A>;
export function endpoint(
  at: Pick<Endpoint, 'method' | 'path'>,
  summary: string,
  options: Options<z.ZodType, z.ZodType, z.ZodType, z.ZodType> = {},
): Endpoint {
  return {
    ...at,
    summary,
    open: false,
    by: null,
    setup: null,
    params: none,
    query: none,
    body: none,
    answer: nothing,
    status: options.answer ? 200 : 204,
    ...options,
  };
}
