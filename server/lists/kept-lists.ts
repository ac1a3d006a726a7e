import type { z } from 'zod';
import type { keptListSchema, listsSchema } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import { fitView, type List, OWN_LIST_KEY } from '#core/list/index.ts';
import { addList, changeList, findList, type KeptList, readLists, retireList } from '../definitions/lists.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import type { Db, Tx } from '../platform/database.ts';
import { inTransaction, notify } from '../platform/locks.ts';
import { invalid, notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import type { ReadContext } from '../records/work.ts';

type Offered = z.input<typeof keptListSchema>;

/** Whether a person may change a list: their own, or with the right to set up lists one that is shared. */
const mayChange = ({ definitions, person }: ReadContext, { owner }: Pick<KeptList, 'owner'>): boolean =>
  owner === null ? setsUp(definitions, person, 'forms') : owner === person.id;

/** Whether a shared list is meant for a person, whatever they may see of it. */
export const isSharedWith = (definitions: Definitions, person: Person, roles: readonly string[]): boolean =>
  setsUp(definitions, person, 'forms') || roles.some((role) => person.roles.includes(role));

/**
 * A list as a person is offered it: without the columns and totals they may not see; null where it is not for them, or
 * where its filter, a group or its first sort key reads what they may not see. What no longer fits its register is shown,
 * with what is wrong, to whoever can mend it.
 */
const offer = (look: ReadContext, kept: KeptList): Offered | null => {
  const { definitions, person, sight } = look;
  const { list, owner, revision, retired } = kept;
  const may = mayChange(look, kept);
  const register = sight.catalogue.registers.get(list.register);
  const whole = sight.whole.registers.get(list.register);
  if (!register || !whole || (retired && !may) || (owner !== null && !may)) return null;
  if (owner === null && !isSharedWith(definitions, person, list.shared_with)) return null;
  const stale = fitView(list.view, whole, sight.whole).problems;
  if (stale.length > 0 && !may) return null;
  const fitted = fitView(list.view, register, sight.catalogue);
  if (stale.length === 0 && fitted.problems.length > 0) return null;
  return {
    list: { ...list, view: fitted.view },
    own: owner !== null,
    revision,
    retired,
    may_change: may,
    problems: stale.map(({ detail }) => detail),
    opens_first: list.first_for.some((role) => person.roles.includes(role)),
    pinned: list.pinned_for.some((role) => person.roles.includes(role)),
  };
};

/** The lists a person is offered: their own and those shared with them; to whoever may bring them back the retired too. */
export const listLists = async (look: ReadContext): Promise<z.input<typeof listsSchema>> => ({
  lists: (await readLists(look.db, look.person.id)).flatMap((kept) => offer(look, kept) ?? []),
});

/** One list as a person is offered it; null where there is none such, or none for them. */
export const findOffered = async (look: ReadContext, key: string): Promise<Offered | null> => {
  const kept = await findList(look.db, key);
  const offered = kept && offer(look, kept);
  return offered && !offered.retired && offered.problems.length === 0 ? offered : null;
};

/** So many lists of one's own are more than anyone finds their way in. */
const MOST_OWN = 200;

const refuseWrong = (look: ReadContext, key: string, list: List): void => {
  const { definitions, sight } = look;
  if (list.key !== key)
    throw invalid([problem('key', ['list', 'key'], 'The key in the list is not the one in the address.')]);
  const register = sight.catalogue.registers.get(list.register);
  if (!register)
    throw invalid([problem('unknown_register', ['list', 'register'], `There is no register “${list.register}”.`)]);
  const unknown = list.shared_with.filter((role) => !definitions.roles.has(role));
  if (unknown.length > 0)
    throw invalid(
      unknown.map((role) => problem('unknown_role', ['list', 'shared_with'], `There is no role “${role}”.`)),
    );
  const { problems } = fitView(list.view, register, sight.catalogue);
  if (problems.length > 0) throw invalid(problems, ['list', 'view']);
};

const changedMeanwhile = (): Refusal =>
  new Refusal(
    'conflict',
    'This list was changed meanwhile. Open it again to see how it is now, or keep yours as another.',
  );

/** Those who hear that a list changed: its owner, or whom it is, or was, shared with. */
const tell = (tx: Tx, { list, owner }: Pick<KeptList, 'list' | 'owner'>, before: KeptList | null): Promise<void> =>
  notify(tx, {
    kind: 'lists',
    of: owner,
    register: list.register,
    roles: [...new Set([...list.shared_with, ...(before?.list.shared_with ?? [])])],
  });

/**
 * Keeps a list: a new one, or over the one that was seen at `revision`; 0 for a new one. Refused with every place that is
 * wrong, and where it was changed meanwhile.
 */
export const keepList = (
  db: Db,
  look: ReadContext,
  key: string,
  { list, revision }: { readonly list: List; readonly revision: number },
): Promise<Offered> =>
  inTransaction(db, async (tx) => {
    const by = look.person.id;
    const owner = OWN_LIST_KEY.test(key) ? by : null;
    if (!mayChange(look, { owner })) throw notAllowed('You may not set up lists for others.');
    const before = await findList(tx, key);
    // Somebody else's own is not there.
    if (before && before.owner !== owner) throw notFound();
    refuseWrong(look, key, list);
    if (owner !== null && !before && (await readLists(tx, by)).filter((each) => each.owner === by).length >= MOST_OWN)
      throw new Refusal('too_many', `You have ${MOST_OWN} lists of your own. Retire some of them.`);
    const kept = before ? await changeList(tx, list, revision, by) : await addList(tx, list, { owner, by });
    if (!kept || (before === null && revision !== 0)) throw changedMeanwhile();
    await tell(tx, kept, before);
    const offered = offer(look, kept);
    if (!offered) throw notFound();
    return offered;
  });

/** Takes a list away from all who are offered it. It can be brought back by keeping it again. */
export const dropList = (db: Db, look: ReadContext, key: string): Promise<void> =>
  inTransaction(db, async (tx) => {
    const kept = await findList(tx, key);
    if (!kept || !offer(look, kept)) throw notFound();
    if (!mayChange(look, kept)) throw notAllowed('You may not set up lists for others.');
    await retireList(tx, key, look.person.id);
    await tell(tx, kept, null);
  });
