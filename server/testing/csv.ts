import { vi } from 'vitest';
import type { ImportState } from '#contract/index.ts';
import type { Answer, Caller } from './harness.ts';

/** What is sent of a CSV file: its text, and by column the field it fills, `number`, or null. */
export interface GivenCsv {
  readonly csv: string;
  readonly columns: readonly (string | null)[];
  readonly match?: string;
  readonly written?: 'plain' | 'local';
  readonly separator?: ',' | ';';
  /** The columns of shares that are written as fractions. */
  readonly fractions?: readonly number[];
}

const OVER: ReadonlySet<string> = new Set(['done', 'stopped', 'failed']);
const PATIENCE = { timeout: 60_000, interval: 20 };

/** Waits until what is done with a spreadsheet is over, and gives how it stands. */
export const untilOver = (who: Caller, id: string): Promise<ImportState> =>
  vi.waitFor(async () => {
    const { body } = await who.get(`/api/imports/${id}`);
    if (!OVER.has(body.job.state)) throw new Error(`it is still ${body.job.state}`);
    return body;
  }, PATIENCE);

/** Begins to look through a text that goes into a register. */
export const beginCsv = (who: Caller, register: string, given: GivenCsv): Promise<Answer> =>
  who.post('/api/imports', {
    text: given.csv,
    into: register,
    reading: { head: 1, ...(given.separator ? { separator: given.separator } : {}) },
    plan: {
      columns: given.columns.map((key, at) =>
        key === null
          ? { fills: 'nothing' }
          : key === 'number'
            ? { fills: 'number' }
            : {
                fills: 'field',
                field: key,
                fraction: given.fractions?.includes(at) ?? false,
                numbers: given.written ?? 'plain',
              },
      ),
      found_by: given.match ?? '',
    },
  });

/** Looks through a text, and gives what was found. */
export const lookAtCsv = async (who: Caller, register: string, given: GivenCsv): Promise<ImportState> => {
  const begun = await beginCsv(who, register, given);
  if (begun.status !== 202) throw new Error(JSON.stringify(begun.body));
  const state = await untilOver(who, begun.body.id);
  if (state.job.state !== 'done') throw new Error(state.job.problem ?? state.job.state);
  return state;
};

/** Begins to store what was looked through. */
export const carryOut = (who: Caller, { id, revision }: Pick<ImportState, 'id' | 'revision'>): Promise<Answer> =>
  who.post(`/api/imports/${id}/carry-out`, { revision });

/** Brings a text into a register, and gives what became of its rows. */
export const bringCsv = async (who: Caller, register: string, given: GivenCsv): Promise<ImportState> => {
  const begun = await carryOut(who, await lookAtCsv(who, register, given));
  if (begun.status !== 202) throw new Error(JSON.stringify(begun.body));
  return untilOver(who, begun.body.id);
};
