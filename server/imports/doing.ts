import { eq } from 'drizzle-orm';
import type { ImportPlan } from '#core/spreadsheet/index.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import { imports } from '../platform/schema.ts';
import type { CommandContext } from '../records/work.ts';
import type { Import, Made } from './kept.ts';
import { type ReadFile, readFile } from './read-file.ts';

/** How work is done as a person: held against others, or only judged. The composition root hands these in. */
export interface ImportRun {
  readonly db: Db;
  readonly writing: <T>(person: Person, run: (work: CommandContext) => Promise<T>) => Promise<T>;
  readonly judging: <T>(person: Person, run: (work: CommandContext) => Promise<T>) => Promise<T>;
  /** Tells how far it has come; false where it is to stop. */
  readonly progress: (through: number, total: number) => Promise<boolean>;
  /** Takes back what was made along with records, as far as nothing else uses it; says why it could not. */
  readonly unmake: (made: Made, person: Person) => Promise<string | null>;
}

/** The cells of a spreadsheet as it shall be read; what took long to read is kept for the next time. */
export const readKept = async (db: Db, { id, sort, reading }: Import): Promise<ReadFile> => {
  const [row] = await db
    .select({ file: imports.file, cells: imports.cells, cellsOf: imports.cellsOf })
    .from(imports)
    .where(eq(imports.id, id));
  if (!row?.file) throw new Refusal('not_found', 'The file is no longer here: bring it again.');
  const kept = row.cells && row.cellsOf !== null ? { of: row.cellsOf, packed: Buffer.from(row.cells) } : null;
  const { read, keep } = await readFile(sort, Buffer.from(row.file), reading, kept);
  if (keep && keep !== kept)
    await db.update(imports).set({ cells: keep.packed, cellsOf: keep.of }).where(eq(imports.id, id));
  return read;
};

/** The plan of a spreadsheet that is about to be carried out. */
export const planOf = ({ plan }: Import): ImportPlan => {
  if (!plan) throw new Refusal('conflict', 'What shall become of this file is not known yet.');
  return plan;
};

export const saidBy = (error: Refusal): string => error.problems.map((each) => each.detail).join(' ') || error.message;
