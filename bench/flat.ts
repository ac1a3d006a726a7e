import { readFile } from 'node:fs/promises';
import { type Workspace, workspaceSchema } from '#core/workspace/index.ts';
import { quotes } from '#demo/quotes.ts';

/** The demonstration's workspace as it is. */
export const readTernQuay = async (): Promise<Workspace> =>
  workspaceSchema.parse(JSON.parse(await readFile('demo/tern-quay/workspace.json', 'utf8')));

/**
 * Its clients, boats and berths with quotes over them, nothing worked out: registers whose every value stands in a
 * column, so that a page or a filter can be held against the same SQL written by hand.
 */
export const flatWorkspace = async (): Promise<Workspace> => {
  const workspace = await readTernQuay();
  const kept = workspace.registers.filter(({ key }) => ['clients', 'boats', 'berths'].includes(key));
  const flat = kept.map((register) => {
    const fields = register.fields.filter(({ type }) => type.kind !== 'worked_out');
    const keys = new Set(fields.map((field) => field.key));
    return { ...register, fields, listed: register.listed.filter((key) => keys.has(key)) };
  });
  return { ...workspace, registers: [...flat, quotes], forms: [], routes: [], lists: [] };
};
