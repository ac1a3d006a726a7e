import type { KeptListAnswer } from '#contract/index.ts';
import { VIEW_PARTS, type View, viewSchema } from '#core/list/index.ts';

/** What is looked at where nothing is said. */
export const WHOLE: View = viewSchema.parse({});

/** The parts of a view as an address holds them; a kept list's with its order always, so that it is told from the list. */
export const partsIn = (view: View, kept: boolean): Partial<View> =>
  Object.fromEntries(
    VIEW_PARTS.flatMap((part) =>
      view[part] !== WHOLE[part] || (part === 'sort' && kept) ? [[part, view[part]] as const] : [],
    ),
  );

/** Where a list stands: a shared one under its name, one's own with all it says, as nobody else can open it by name. */
export const addressOfList = ({ list, own }: Pick<KeptListAnswer, 'list' | 'own'>): string => {
  const query = new URLSearchParams({ list: list.key, ...(own ? partsIn(list.view, true) : {}) });
  return `/registers/${list.register}?${query}`;
};

/** All records of a register, whatever list it opens with. */
export const addressOfAll = (register: string): string => `/registers/${register}?list=`;
