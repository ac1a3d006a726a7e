import type { Role } from '#core/access/index.ts';
import { problem } from '#core/base/index.ts';
import { compileForm } from '#core/form/index.ts';
import { fitView, type List, OWN_LIST_KEY } from '#core/list/index.ts';
import { type Catalogue, planChange } from '#core/register/index.ts';
import { compileRoute } from '#core/signoff/index.ts';
import { catalogueOf, Identifier, inCurrency, type Workspace } from '#core/workspace/index.ts';
import type { Tx } from '../platform/database.ts';
import { invalid, Refusal, valueOrRefuse } from '../platform/refusal.ts';
import { workspace } from '../platform/schema.ts';
import { carryOutPlan } from './ddl.ts';
import { newId } from './ids.ts';
import { addList } from './lists.ts';
import { type Definitions, publishDefinition } from './store.ts';

/** A list of a workspace file is one of its registers, for its roles, and reads what there is. */
const refuseMisfit = (
  { key, register: of, shared_with: shared, view }: List,
  catalogue: Catalogue,
  roles: ReadonlyMap<string, Role>,
): void => {
  const register = catalogue.registers.get(of);
  if (!register || OWN_LIST_KEY.test(key) || shared.some((role) => !roles.has(role)))
    throw invalid([problem('list', ['lists', key], 'A list is of a register and for roles that are in the file.')]);
  const { problems } = fitView(view, register, catalogue);
  if (problems.length > 0) throw invalid(problems, ['lists', key, 'view']);
};

/** Makes the definitions of a workspace file where there are none; refused with every place that is wrong. */
const makeDefinitions = async (tx: Tx, file: Workspace): Promise<void> => {
  const catalogue = catalogueOf(file);
  const empty = { ...catalogue, registers: new Map(), choiceLists: new Map() };
  const plan = valueOrRefuse(planChange(empty, catalogue));
  const roles = new Map(file.roles.map((role) => [role.key, role]));
  for (const form of file.forms) valueOrRefuse(compileForm(form, catalogue), ['forms', form.key]);
  for (const list of file.lists) refuseMisfit(list, catalogue, roles);
  for (const route of file.routes) valueOrRefuse(compileRoute(route, catalogue, roles), ['routes', route.key]);
  await carryOutPlan(tx, plan, catalogue);
  for (const list of file.choice_lists) await publishDefinition(tx, 'choice_list', list, null);
  for (const register of file.registers) await publishDefinition(tx, 'register', register, null);
  for (const role of file.roles) await publishDefinition(tx, 'role', role, null);
  for (const form of file.forms) await publishDefinition(tx, 'form', form, null);
  for (const route of file.routes) await publishDefinition(tx, 'route', route, null);
  for (const list of file.lists) await addList(tx, list, { owner: null, by: null });
};

/** Makes everything a workspace file describes in an empty database. */
export const makeWorkspace = async (tx: Tx, described: Workspace): Promise<void> => {
  const file = new Identifier(newId, true).workspace(described);
  await tx.insert(workspace).values({
    id: 1,
    version: 1,
    name: file.name,
    locale: file.locale,
    zone: file.zone,
    currency: file.currency,
    holidays: file.holidays,
    people: file.people,
    weekBegins: file.week_begins ?? null,
  });
  await makeDefinitions(tx, file);
};

/**
 * Puts what a workspace file describes into a workspace that has no register yet: in its own currency, and with the roles
 * that it has under the same keys going on as what the file says they are.
 */
export const takeStarter = async (tx: Tx, { catalogue, roles }: Definitions, described: Workspace): Promise<void> => {
  if (catalogue.registers.size > 0)
    throw new Refusal('conflict', 'There are registers here already: a set to begin with comes before the first one.');
  const { locale, zone, currency, holidays = [] } = catalogue;
  const file = new Identifier(newId).workspace(
    inCurrency({ ...described, locale, zone, currency, holidays: [...holidays] }, currency),
  );
  await makeDefinitions(tx, {
    ...file,
    roles: file.roles.map((role) => {
      const known = roles.get(role.key);
      return known?.id === undefined ? role : { ...role, id: known.id };
    }),
  });
  await tx.update(workspace).set({ people: file.people });
};
