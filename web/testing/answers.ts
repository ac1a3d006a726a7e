import { vi } from 'vitest';
import { type Api, type ProblemAnswer, paths, problemType } from '#contract/index.ts';
import type { AnswerOf } from '../data/client.ts';

/** What a call was asked with. */
export interface Asked {
  readonly call: keyof Api;
  readonly params: Readonly<Record<string, string>>;
  readonly query: Readonly<Record<string, string>>;
  readonly body: unknown;
}

type Answers = { readonly [K in keyof Api]?: (asked: Asked) => AnswerOf<K> | Promise<AnswerOf<K>> };

/** Thrown by an answer: the server refuses. */
export class Refused extends Error {
  readonly answer: ProblemAnswer;
  constructor(
    status: number,
    detail: string,
    errors: ProblemAnswer['errors'] = [],
    conflicts: ProblemAnswer['conflicts'] = [],
  ) {
    super(detail);
    this.answer = { type: problemType('invalid'), title: detail, status, detail, errors, conflicts };
  }
}

const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

const isCall = (name: string): name is keyof Api => name in paths;

/** The call that an address belongs to, with what stands in its place. */
const readAddress = (method: string, path: string): Pick<Asked, 'call' | 'params'> | null => {
  const parts = path.split('/');
  for (const [call, { method: its, path: pattern }] of Object.entries(paths)) {
    const wanted = pattern.split('/');
    const fits =
      its === method.toLowerCase() &&
      wanted.length === parts.length &&
      wanted.every((part, i) => part.startsWith('{') || part === parts[i]);
    if (!fits || !isCall(call)) continue;
    const params = wanted.flatMap((part, i) =>
      part.startsWith('{') ? [[part.slice(1, -1), decodeURIComponent(parts[i] ?? '')]] : [],
    );
    return { call, params: Object.fromEntries(params) };
  }
  return null;
};

/**
 * Stands in for the server: each call is answered as the test says, and all that was asked is given back, in order.
 * What nobody answers fails as a server that cannot be reached.
 */
export const answering = (answers: Answers): readonly Asked[] => {
  const all: Asked[] = [];
  vi.stubGlobal('fetch', async (address: string, request: RequestInit = {}): Promise<Response> => {
    const { pathname, searchParams } = new URL(address, 'http://iolite.example');
    const found = readAddress(request.method ?? 'GET', pathname);
    if (!found) throw new TypeError(`no call of the interface: ${request.method} ${pathname}`);
    const body: unknown = typeof request.body === 'string' ? JSON.parse(request.body) : null;
    const asked: Asked = { ...found, query: Object.fromEntries(searchParams), body };
    all.push(asked);
    const answer = answers[found.call];
    if (!answer) throw new TypeError(`nobody answers ${found.call}`);
    try {
      return json(await answer(asked));
    } catch (error) {
      if (error instanceof Refused) return json(error.answer, error.answer.status);
      throw error;
    }
  });
  return all;
};

/** An answer that waits until the test lets it go. */
export const held = <T>(): { readonly answer: Promise<T>; readonly letGo: (value: T) => void } => {
  let letGo: (value: T) => void = () => {};
  const answer = new Promise<T>((resolve) => {
    letGo = resolve;
  });
  return { answer, letGo };
};
