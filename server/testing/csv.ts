import { vi } from 'vitest';
import type { z } from 'zod';
import type { CsvState, csvImportSchema } from '#contract/index.ts';
import type { Answer, Caller } from './harness.ts';

/** What is sent of a CSV file. */
export type GivenCsv = Omit<z.input<typeof csvImportSchema>, 'columns'> & {
  readonly columns: readonly (string | null)[];
};

const OVER: ReadonlySet<string> = new Set(['done', 'stopped', 'failed']);

/** Waits until a file is through, and gives what became of its rows. */
export const untilOver = (who: Caller, id: string): Promise<CsvState> =>
  vi.waitFor(
    async () => {
      const { body } = await who.get(`/api/csv/${id}`);
      if (!OVER.has(body.state)) throw new Error(`it is still ${body.state}`);
      return body;
    },
    { timeout: 60_000, interval: 20 },
  );

/** Begins to rehearse or import a file: the answer, with the job where it was begun. */
export const beginCsv = (who: Caller, register: string, given: GivenCsv, how: 'rehearse' | 'import'): Promise<Answer> =>
  who.post(`/api/registers/${register}/csv/${how}`, given);

/** Rehearses or imports a file, and gives what became of its rows. */
export const bringCsv = async (
  who: Caller,
  register: string,
  given: GivenCsv,
  how: 'rehearse' | 'import' = 'import',
): Promise<CsvState> => {
  const begun = await beginCsv(who, register, given, how);
  if (begun.status !== 202) throw new Error(JSON.stringify(begun.body));
  return untilOver(who, begun.body.id);
};
