import { compileForm } from '#core/form/index.ts';
import { planChange } from '#core/register/index.ts';
import { compileRoute } from '#core/signoff/index.ts';
import { catalogueOf, Identifier, type Workspace } from '#core/workspace/index.ts';
import type { Tx } from '../platform/database.ts';
import { valueOrRefuse } from '../platform/refusal.ts';
import { workspace } from '../platform/schema.ts';
import { carryOutPlan } from './ddl.ts';
import { newId } from './ids.ts';
import { publishDefinition } from './store.ts';

/** Makes everything a workspace file describes in an empty database; refused with every place that is wrong. */
export const makeWorkspace = async (tx: Tx, described: Workspace): Promise<void> => {
  const file = new Identifier(newId, true).workspace(described);
  const catalogue = catalogueOf(file);
  const empty = { ...catalogue, registers: new Map(), choiceLists: new Map() };
  const plan = valueOrRefuse(planChange(empty, catalogue));
  const roles = new Set(file.roles.map((role) => role.key));
  for (const form of file.forms) valueOrRefuse(compileForm(form, catalogue), ['forms', form.key]);
  for (const route of file.routes) valueOrRefuse(compileRoute(route, catalogue, roles), ['routes', route.key]);
  await tx.insert(workspace).values({
    id: 1,
    version: 1,
    name: file.name,
    locale: file.locale,
    zone: file.zone,
    currency: file.currency,
    holidays: file.holidays,
    people: file.people,
  });
  await carryOutPlan(tx, plan, catalogue);
  for (const list of file.choice_lists) await publishDefinition(tx, 'choice_list', list, null);
  for (const register of file.registers) await publishDefinition(tx, 'register', register, null);
  for (const role of file.roles) await publishDefinition(tx, 'role', role, null);
  for (const form of file.forms) await publishDefinition(tx, 'form', form, null);
  for (const route of file.routes) await publishDefinition(tx, 'route', route, null);
};
