import { type Workspace, workspaceSchema } from './definition.ts';

/**
 * A workspace file all of whose money is of one currency: for sets that are made for no country. Wherever a currency is
 * named, whatever kind of field names it.
 */
export const inCurrency = (file: Workspace, currency: string): Workspace =>
  workspaceSchema.parse(
    JSON.parse(
      JSON.stringify(file, (key, value: unknown) =>
        key === 'currency' && typeof value === 'string' ? currency : value,
      ),
    ),
  );
