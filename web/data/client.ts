import type { z } from 'zod';
import {
  type Api,
  FILES_PATH,
  type FileFacts,
  fillPath,
  type ImportState,
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

/** Whether a change was refused for now because the record leaves one's sight with it: who has heard that may go on. */
export const leavesSight = (error: unknown): boolean => isRefusedFor(error, 'leaves_sight');

/** Whether a change was refused for now because a sign-off alone gives what it writes: who sets up may, and says why. */
export const asksReason = (error: unknown): boolean => isRefusedFor(error, 'give_reason');

/** Whether something was not published for now because records would be left with nobody to sign them. */
export const wouldStick = (error: unknown): boolean => isRefusedFor(error, 'would_stick');

const isRefusedFor = (error: unknown, what: string): boolean =>
  error instanceof ProblemError && (error.answer.errors ?? []).some(({ code }) => code === what);

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

/** What stands in an address is text; where the contract names the texts there may be, it is one of them. */
type InAddress<T> = { readonly [P in keyof T]: T[P] extends string | undefined ? T[P] : string | (undefined & T[P]) };
/** A part of what a call takes: left out where the call takes nothing, optional where all of it may be left out. */
type Part<N extends string, T> = string extends keyof T
  ? { readonly [P in N]?: never }
  : object extends T
    ? { readonly [P in N]?: T }
    : { readonly [P in N]: T };

/** What a call takes: a name that the contract does not know, or one that is missing, does not compile. */
export type InputOf<K extends keyof Api> = Part<'params', InAddress<z.input<Api[K]['params']>>> &
  Part<'query', InAddress<z.input<Api[K]['query']>>> &
  Part<'body', z.input<Api[K]['body']>>;
/** What is sent with a call. */
export type BodyOf<K extends keyof Api> = z.input<Api[K]['body']>;
/** What a call answers. */
export type AnswerOf<K extends keyof Api> = z.output<Api[K]['answer']>;

/** Nothing where nothing must be given; last, what ends the asking. */
type Given<K extends keyof Api> =
  object extends InputOf<K> ? [input?: InputOf<K>, signal?: AbortSignal] : [input: InputOf<K>, signal?: AbortSignal];

/** What is sent, whatever call it belongs to. */
interface Sent {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Readonly<Record<string, string | undefined>>;
  readonly body?: unknown;
}

const queryText = (query: Readonly<Record<string, string | undefined>> = {}): string => {
  const given = Object.entries(query).flatMap(([name, value]) => (value === undefined ? [] : [[name, value]]));
  return given.length === 0 ? '' : `?${new URLSearchParams(given)}`;
};

/**
 * Calls the server; throws a ProblemError for anything but success. The answer is taken as the contract types it and not
 * parsed again: it comes from the server this page came with, whose tests hold every answer to its schema.
 */
export function call<K extends keyof Api>(name: K, ...given: Given<K>): Promise<AnswerOf<K>>;
export async function call(
  name: keyof Api,
  { params = {}, query, body }: Sent = {},
  signal: AbortSignal | null = null,
): Promise<unknown> {
  const { method, path } = paths[name];
  const response = await reach(`${fillPath(path, params)}${queryText(query)}`, {
    method: method.toUpperCase(),
    signal,
    ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  // What answers with nothing says null.
  return JSON.parse((await response.text()) || 'null');
}

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

/** Sends a spreadsheet to be looked through: to go into a register, or to become one. */
export const sendSpreadsheet = async (file: File, into: string | null): Promise<ImportState> => {
  const query = new URLSearchParams({ name: file.name, ...(into === null ? {} : { into }) });
  const response = await reach(`${paths.beginImport.path}?${query}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  });
  return response.json();
};

/** An error in words for people. */
export const sayError = (error: unknown): string => (error instanceof Error ? error.message : 'Something went wrong.');
