import type { z } from 'zod';
import {
  type Api,
  FILES_PATH,
  type FileFacts,
  fillPath,
  type ProblemAnswer,
  paths,
  problemType,
} from '#contract/index.ts';

/** A refusal of the server, or that it could not be reached; `answer` is the RFC 9457 document. */
export class ProblemError extends Error {
  readonly answer: ProblemAnswer;
  constructor(answer: ProblemAnswer) {
    super(answer.detail);
    this.answer = answer;
  }
}

const unreachable: ProblemAnswer = {
  type: problemType('no_signal'),
  title: 'The server cannot be reached',
  status: 0,
  detail: 'The server cannot be reached just now. What you typed is kept here; try again in a moment.',
};

/** What the server says is wrong; where something else answered in its place, that it could not be reached. */
const readProblem = async (response: Response): Promise<ProblemAnswer> => {
  const said: unknown = await response.json().catch(() => null);
  return isProblem(said) ? said : { ...unreachable, status: response.status };
};

const isProblem = (said: unknown): said is ProblemAnswer =>
  typeof said === 'object' && said !== null && 'detail' in said && typeof said.detail === 'string' && 'status' in said;

interface Input<P, Q, B> {
  readonly params?: P;
  readonly query?: Q;
  readonly body?: B;
}

type InputOf<K extends keyof Api> = Input<Record<string, string>, Record<string, string>, z.input<Api[K]['body']>>;
export type AnswerOf<K extends keyof Api> = z.output<Api[K]['answer']>;

/**
 * Calls the server; throws a ProblemError for anything but success. The answer is taken as the contract types it and not
 * parsed again: it comes from the server this page came with, whose tests hold every answer to its schema.
 */
export const call = async <K extends keyof Api>(name: K, input: InputOf<K> = {}): Promise<AnswerOf<K>> => {
  const { method, path } = paths[name];
  const query = input.query ? `?${new URLSearchParams(input.query)}` : '';
  const response = await reach(`${fillPath(path, input.params ?? {})}${query}`, {
    method: method.toUpperCase(),
    ...(input.body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(input.body) }),
  });
  // What answers with nothing says null.
  return JSON.parse((await response.text()) || 'null');
};

/** A request's answer where it succeeded; every other outcome is a ProblemError. */
const reach = async (address: string, request: RequestInit): Promise<Response> => {
  let response: Response;
  try {
    response = await fetch(address, request);
  } catch {
    throw new ProblemError(unreachable);
  }
  if (!response.ok) throw new ProblemError(await readProblem(response));
  return response;
};

/** Sends a file to be kept; the server says what it is, or why it cannot be taken. */
export const uploadFile = async (file: File, sort: string): Promise<FileFacts> => {
  const response = await reach(`${FILES_PATH}?${new URLSearchParams({ name: file.name, sort })}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  });
  return response.json();
};

/** An error in words for people. */
export const sayError = (error: unknown): string => (error instanceof Error ? error.message : 'Something went wrong.');
