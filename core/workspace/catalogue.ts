import type { Catalogue } from '../register/index.ts';
import type { Workspace } from './definition.ts';

/** A workspace's registers and lists by key, for all that is compiled against them. */
export const catalogueOf = (
  workspace: Pick<Workspace, 'locale' | 'zone' | 'currency' | 'holidays' | 'people' | 'registers' | 'choice_lists'> & {
    /** The registers whose records are signed. */
    readonly signed?: readonly string[];
    /** The day weeks begin with; null: Monday. */
    readonly week_begins?: number | null | undefined;
  },
): Catalogue => ({
  locale: workspace.locale,
  zone: workspace.zone,
  currency: workspace.currency,
  holidays: workspace.holidays,
  people: workspace.people,
  registers: new Map(workspace.registers.map((register) => [register.key, register])),
  choiceLists: new Map(workspace.choice_lists.map((list) => [list.key, list])),
  ...(workspace.week_begins ? { weekBegins: workspace.week_begins } : {}),
  ...(workspace.signed && workspace.signed.length > 0 ? { signed: new Set(workspace.signed) } : {}),
});
