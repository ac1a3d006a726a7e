import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { count } from 'drizzle-orm';
import { z } from 'zod';
import { uuidV7 } from '#core/base/index.ts';
import { compileForm } from '#core/form/index.ts';
import { planChange } from '#core/register/index.ts';
import { compileRoute } from '#core/signoff/index.ts';
import { catalogueOf, type Workspace, workspaceSchema } from '#core/workspace/index.ts';
import type { Db } from '../platform/database.ts';
import { people, workspace } from '../platform/schema.ts';
import { valueOrRefuse } from '../http/problem.ts';
import { hashPassword } from '../access/session.ts';
import { carryOutPlan } from './ddl.ts';
import { publishDefinition } from './store.ts';

const peopleSchema = z.array(
  z.strictObject({ name: z.string(), email: z.email(), roles: z.array(z.string()), password: z.string().optional() }),
);
export type NewPerson = z.infer<typeof peopleSchema>[number];

/** Makes everything a workspace file describes in an empty database, in one transaction. */
export const applyWorkspace = async (db: Db, file: Workspace, newPeople: readonly NewPerson[]): Promise<void> => {
  const catalogue = catalogueOf(file);
  const empty = { ...catalogue, registers: new Map(), choiceLists: new Map() };
  const plan = valueOrRefuse(planChange(empty, catalogue));
  const roles = new Set(file.roles.map((role) => role.key));
  for (const form of file.forms) valueOrRefuse(compileForm(form, catalogue), ['forms', form.key]);
  for (const route of file.routes) valueOrRefuse(compileRoute(route, catalogue, roles), ['routes', route.key]);
  await db.transaction(async (tx) => {
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
    for (const list of file.choice_lists) await publishDefinition(tx, 'choice_list', list.key, list, null);
    for (const register of file.registers) await publishDefinition(tx, 'register', register.key, register, null);
    for (const role of file.roles) await publishDefinition(tx, 'role', role.key, role, null);
    for (const form of file.forms) await publishDefinition(tx, 'form', form.key, form, null);
    for (const route of file.routes) await publishDefinition(tx, 'route', route.key, route, null);
    for (const [position, person] of newPeople.entries()) {
      await tx.insert(people).values({
        id: uuidV7(Date.now(), randomBytes(10)),
        email: person.email.toLowerCase(),
        name: person.name,
        roles: person.roles,
        passwordHash: person.password ? await hashPassword(person.password) : null,
        position,
      });
    }
  });
};

/** On the first start: applies the files, if the database holds no workspace yet. */
export const applyOnce = async (db: Db, workspaceFile: string, peopleFile: string): Promise<boolean> => {
  const [row] = await db.select({ n: count() }).from(workspace);
  if ((row?.n ?? 0) > 0) return false;
  const file = workspaceSchema.parse(JSON.parse(await readFile(workspaceFile, 'utf8')));
  const found = peopleSchema.parse(JSON.parse(await readFile(peopleFile, 'utf8')));
  await applyWorkspace(db, file, found);
  return true;
};
