import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { z } from 'zod';
import type { startersSchema } from '#contract/index.ts';
import { type Workspace, workspaceSchema } from '#core/workspace/index.ts';
import { takeStarter } from '../definitions/make-workspace.ts';
import { bumpVersion } from '../definitions/service.ts';
import { inTransaction, lockDefinitions } from '../platform/locks.ts';
import { notFound } from '../platform/refusal.ts';
import type { Workplace } from '../sight/work.ts';

/* Sets to begin with: workspace files without data, one in each folder, that ship with the program. */

const FOLDER = 'demo/starters';

const readFiles = async (): Promise<ReadonlyMap<string, Workspace>> => {
  const entries = await readdir(FOLDER, { withFileTypes: true });
  const keys = entries.flatMap((each) => (each.isDirectory() ? [each.name] : [])).toSorted();
  const files = await Promise.all(
    keys.map(async (key) => {
      const text = await readFile(join(process.cwd(), FOLDER, key, 'workspace.json'), 'utf8');
      return [key, workspaceSchema.parse(JSON.parse(text))] as const;
    }),
  );
  return new Map(files);
};

/** The sets there are. */
export const readStarters = async (): Promise<z.output<typeof startersSchema>> => ({
  starters: [...(await readFiles())].map(([key, file]) => ({
    key,
    name: file.name,
    registers: file.registers.map(({ plural }) => plural),
    forms: file.forms.map(({ label }) => label),
  })),
});

/** Puts a set into a workspace that has no register yet, whole or not at all. */
export const applyStarter = async ({ db, reader }: Workplace, key: string): Promise<void> => {
  const file = (await readFiles()).get(key);
  if (!file) throw notFound();
  await inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    await takeStarter(tx, await reader.read(tx), file);
    await bumpVersion(tx);
  });
};
