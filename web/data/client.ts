import type { z } from 'zod';
import {
  type Endpoint,
  FILES_PATH,
  type FileFacts,
  fileSchema,
  fillPath,
  type ProblemAnswer,
  problemSchema,
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
  type: 'urn:iolite:problem:no-signal',
  title: 'The server cannot be reached',
  status: 0,
  detail: 'The server cannot be reached just now. What you typed is kept here; try again in a moment.',
};

const readProblem = async (response: Response): Promise<ProblemAnswer> => {
  const parsed = problemSchema.safeParse(await response.json().catch(() => null));
  return parsed.success ? parsed.data : { ...unreachable, status: response.status };
};

interface Input<P, Q, B> {
  readonly params?: P;
  readonly query?: Q;
  readonly body?: B;
}

/** Calls the server and parses its answer; throws a ProblemError for anything but success. */
export const call = async <
  P extends z.ZodType<object>,
  Q extends z.ZodType<object>,
  B extends z.ZodType,
  A extends z.ZodType,
>(
  endpoint: Endpoint<P, Q, B, A>,
  input: Input<Record<string, string>, Record<string, string>, z.input<B>> = {},
): Promise<z.output<A>> => {
  const query = input.query ? `?${new URLSearchParams(input.query)}` : '';
  let response: Response;
  try {
    response = await fetch(`${fillPath(endpoint.path, input.params ?? {})}${query}`, {
      method: endpoint.method.toUpperCase(),
      ...(input.body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(input.body) }),
    });
  } catch {
    throw new ProblemError(unreachable);
  }
  if (!response.ok) throw new ProblemError(await readProblem(response));
  return endpoint.answer.parse(response.status === 204 ? null : await response.json());
};

/** Sends a file to be kept; the server says what it is, or why it cannot be taken. */
export const uploadFile = async (file: File, sort: string): Promise<FileFacts> => {
  let response: Response;
  try {
    response = await fetch(`${FILES_PATH}?${new URLSearchParams({ name: file.name, sort })}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    });
  } catch {
    throw new ProblemError(unreachable);
  }
  if (!response.ok) throw new ProblemError(await readProblem(response));
  return fileSchema.parse(await response.json());
};

/** An error in words for people. */
export const sayError = (error: unknown): string => (error instanceof Error ? error.message : 'Something went wrong.');
