import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import type { KeptListAnswer } from '#contract/index.ts';
import { fitView, VIEW_PARTS, type View, viewSchema } from '#core/list/index.ts';
import { type Catalogue, listFields, type Register } from '#core/register/index.ts';
import { partsIn, WHOLE } from '../../data/list-address.ts';
import { queries } from '../../data/queries.ts';

const isAlike = (one: View, other: View): boolean => VIEW_PARTS.every((part) => one[part] === other[part]);

/** A view with the columns that the register itself would show named, so that two ways to say the same are alike. */
const settled = (view: View, register: Register, catalogue: Catalogue): View => {
  const fitted = fitView(view, register, catalogue).view;
  const named =
    fitted.columns ||
    listFields(register)
      .map(({ key }) => key)
      .join(',');
  return { ...fitted, columns: named, sort: fitted.sort || 'number' };
};

/** What the address of a list says, and the lists it stands among. */
export interface Viewing {
  readonly view: View;
  /** The lists of the register that this person is offered; none of them retired. */
  readonly lists: readonly KeptListAnswer[];
  readonly retired: readonly KeptListAnswer[];
  /** The list that is open, as it is kept. */
  readonly kept: KeptListAnswer | null;
  /** The address names a list that is not there, or not for this person, and says nothing else. */
  readonly isMissing: boolean;
  /** Whether what is looked at is not what is kept. */
  readonly isChanged: boolean;
  /** False until it is known with which list the register opens. */
  readonly isKnown: boolean;
  /** Changes parts of the view. */
  readonly look: (changes: Partial<View>) => void;
}

/** The view an address says: what it names itself, else what the list in it holds, else the register's first list. */
export const useView = (register: Register, catalogue: Catalogue): Viewing => {
  const [search, setSearch] = useSearchParams();
  const { data } = useQuery(queries.lists());
  const all = (data?.lists ?? []).filter(({ list }) => list.register === register.key);
  const lists = all.filter(({ retired }) => !retired);
  const isSaid = VIEW_PARTS.some((part) => search.has(part));
  const named = search.get('list');
  const kept =
    named === null
      ? isSaid
        ? null
        : (lists.find(({ opens_first: first }) => first) ?? null)
      : (lists.find(({ list }) => list.key === named) ?? null);
  const said = viewSchema.safeParse(
    Object.fromEntries(VIEW_PARTS.flatMap((part) => (search.has(part) ? [[part, search.get(part)]] : []))),
  );
  const asked = isSaid ? (said.success ? said.data : WHOLE) : (kept?.list.view ?? WHOLE);
  const view = settled(asked, register, catalogue);
  return {
    view,
    lists,
    retired: all.filter(({ retired }) => retired),
    kept,
    isMissing: data !== undefined && !isSaid && named !== null && named !== '' && kept === null,
    isChanged: !isAlike(view, settled(kept?.list.view ?? WHOLE, register, catalogue)),
    isKnown: isSaid || named === '' || data !== undefined,
    look: (changes) =>
      setSearch(
        (before) => {
          for (const part of VIEW_PARTS) before.delete(part);
          before.delete('rows');
          if (kept) before.set('list', kept.list.key);
          for (const [part, text] of Object.entries(partsIn({ ...view, ...changes }, kept !== null)))
            before.set(part, text);
          return before;
        },
        { replace: true },
      ),
  };
};
