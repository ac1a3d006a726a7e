import { and, arrayOverlaps, eq, sql } from 'drizzle-orm';
import type { DraftAnswer, FormSummary, PlanAnswer, RouteDraftAnswer, RouteSummary } from '#contract/index.ts';
import { givesSetUp, NO_RIGHTS, type Role } from '#core/access/index.ts';
import { type Problem, problem } from '#core/base/index.ts';
import { compileForm, type Form } from '#core/form/index.ts';
import type { Catalogue, Plan } from '#core/register/index.ts';
import { compileRoute, type Route } from '#core/signoff/index.ts';
import { Identifier } from '#core/workspace/index.ts';
import { isActive } from '../platform/active.ts';
import type { Db, Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, notFound, Refusal, valueOrRefuse } from '../platform/refusal.ts';
import { people, workspace } from '../platform/schema.ts';
import {
  breakingOf,
  countAbout,
  type FindBreaking,
  refuseWhileBroken,
  type SaidWithIds,
  withBreaking,
} from './breaking.ts';
import { carryOutPlan } from './ddl.ts';
import { dropDraft, findDraft, keepDraft, rewriteDrafts } from './drafts.ts';
import { newId } from './ids.ts';
import { rewriteLists } from './lists.ts';
import { type Changes, planDefinitions, sayPlan } from './planning.ts';
import type { DefinitionsReader } from './reader.ts';
import {
  type Definitions,
  nextVersion,
  publishDefinition,
  retireDefinition,
  rewriteDefinitions,
  routesOf,
} from './store.ts';

/** Says what other roles mean for those who hold them: what appears and disappears, in figures. */
export type SayRoles = (
  db: Queryable,
  definitions: Definitions,
  after: { readonly roles: ReadonlyMap<string, Role>; readonly changed: readonly string[] },
) => Promise<readonly string[]>;

/** What definitions ask of records: they read none themselves. */
export interface FromRecords {
  readonly findBreaking: FindBreaking;
  readonly sayRoles: SayRoles;
}

/** What was rehearsed, with the records that would break it by their ids. */
export type Rehearsed = Omit<PlanAnswer, 'steps'> & { readonly steps: readonly SaidWithIds[] };

const readCounts = (db: Queryable, plan: Plan, definitions: Definitions): Promise<number[]> =>
  Promise.all(plan.steps.map((step) => countAbout(db, step, definitions)));

/** The workspace changed: its next version, which everybody is told of at commit. */
export const bumpVersion = async (tx: Tx): Promise<number> => {
  const [row] = await tx
    .update(workspace)
    .set({ version: sql`${workspace.version} + 1` })
    .where(eq(workspace.id, 1))
    .returning({ version: workspace.version });
  await notify(tx, { kind: 'workspace' });
  return row?.version ?? 0;
};

/** Says which register's records people are. Who was tied to one of another is tied to none. */
const setPeople = async (tx: Tx, next: Catalogue['people'], { catalogue }: Definitions): Promise<void> => {
  await tx.update(workspace).set({ people: next ?? null });
  if (next?.register !== catalogue.people?.register) await tx.update(people).set({ recordId: null });
};

const identified = new Identifier(newId);

/** Refuses roles with which nobody at all could set up registers, or people, any more, and give it back. */
const refuseLockingOut = async (db: Queryable, { roles }: Definitions, changed: readonly Role[]): Promise<void> => {
  if (changed.length === 0) return;
  const after = new Map([...roles, ...changed.map((role) => [role.key, role] as const)]);
  for (const right of ['registers', 'people'] as const) {
    const giving = [...after.values()].filter((role) => givesSetUp([role], right)).map(({ key }) => key);
    const [held] =
      giving.length === 0
        ? []
        : await db
            .select({ id: people.id })
            .from(people)
            .where(and(arrayOverlaps(people.roles, giving), isActive))
            .limit(1);
    if (held) continue;
    const at = changed.findIndex((role) => {
      const before = roles.get(role.key);
      return before !== undefined && givesSetUp([before], right) && !givesSetUp([role], right);
    });
    throw invalid([lastOf(right, ['roles', Math.max(at, 0), 'sets_up'])]);
  }
};

const refuseOtherKey = (key: string, route: Route): void => {
  if (route.key !== key)
    throw invalid([problem('key', ['key'], 'The key in the route is not the one in the address.')]);
};

const LAST_WORDS = { registers: 'registers and their rules', people: 'people and roles' };

/** The last person with a right cannot lose it. */
export const lastOf = (right: 'registers' | 'people', path: readonly (string | number)[]): Problem =>
  problem(
    'last_set_up',
    path,
    `Then nobody could set up ${LAST_WORDS[right]} any more. Let somebody else do so first.`,
  );

/** Commands that change definitions: one transaction each, one at a time. Drafts are not among what they wait for. */
export class DefinitionsService {
  readonly #db: Db;
  readonly #reader: DefinitionsReader;
  readonly #findBreaking: FindBreaking;
  readonly #sayRoles: SayRoles;

  constructor(db: Db, reader: DefinitionsReader, { findBreaking, sayRoles }: FromRecords) {
    this.#db = db;
    this.#reader = reader;
    this.#findBreaking = findBreaking;
    this.#sayRoles = sayRoles;
  }

  /** What a change would do. Changes nothing. */
  async rehearse(changes: Changes): Promise<Rehearsed> {
    const definitions = await this.#reader.read(this.#db);
    await refuseLockingOut(this.#db, definitions, changes.roles);
    const planned = await planDefinitions(this.#db, definitions, changes);
    const changed = changes.roles.map(({ key }) => key);
    const roles = await this.#sayRoles(this.#db, definitions, { roles: planned.roles, changed });
    const counts = await readCounts(this.#db, planned.plan, definitions);
    const { version, steps } = sayPlan(planned, definitions, definitions.version, roles, counts);
    const { plan, after } = planned;
    return { version, steps: await withBreaking(this.#db, steps, plan, after, definitions, this.#findBreaking) };
  }

  /**
   * Does it; 409 when the definitions changed since they were rehearsed. `along`: what is done in the same transaction, by
   * what is in force after it.
   */
  carryOut(
    changes: Changes,
    by: string | null,
    along: (tx: Tx, after: Catalogue) => Promise<void> = async () => undefined,
  ): Promise<PlanAnswer> {
    return this.#change(async (tx, definitions) => {
      if (definitions.version !== changes.version) {
        throw new Refusal(
          'conflict',
          'The set-up was changed meanwhile. Rehearse again to see what this would do now.',
        );
      }
      await refuseLockingOut(tx, definitions, changes.roles);
      const planned = await planDefinitions(tx, definitions, changes);
      const { plan, after, renamed } = planned;
      if (changes.mended_first) await refuseWhileBroken(tx, plan, definitions, this.#findBreaking);
      await this.#refuseTwice(tx, plan, definitions);
      const counts = await readCounts(tx, plan, definitions);
      await carryOutPlan(tx, plan, after);
      if (plan.steps.some(({ kind }) => kind === 'rename_field')) {
        await rewriteDefinitions(tx, renamed.form, renamed.route);
        await rewriteDrafts(tx, renamed.form, renamed.route);
        await rewriteLists(tx, renamed.list);
      }
      const lists = changes.choice_lists.flatMap((list) => after.choiceLists.get(list.key) ?? []);
      for (const list of lists) await publishDefinition(tx, 'choice_list', list, by);
      // A new key is written also into the formulas of other registers that name the field.
      for (const [key, register] of after.registers)
        if (JSON.stringify(register) !== JSON.stringify(definitions.catalogue.registers.get(key)))
          await publishDefinition(tx, 'register', register, by);
      for (const key of changes.gone?.registers ?? []) await retireDefinition(tx, 'register', key);
      for (const key of changes.gone?.lists ?? []) await retireDefinition(tx, 'choice_list', key);
      for (const [key, role] of planned.roles)
        if (JSON.stringify(role) !== JSON.stringify(definitions.roles.get(key)))
          await publishDefinition(tx, 'role', role, by);
      for (const form of planned.filled) await publishDefinition(tx, 'form', form, by);
      if (JSON.stringify(after.people ?? null) !== JSON.stringify(definitions.catalogue.people ?? null))
        await setPeople(tx, after.people, definitions);
      const said = changes.roles.map(({ label }) => `The role ${label} is changed.`);
      await along(tx, after);
      return sayPlan(planned, definitions, await bumpVersion(tx), said, counts);
    });
  }

  /**
   * Keeps a draft of a form; a definition that is wrong is refused with every place. Nobody waits for it, and nothing
   * but those who look at drafts hears of it.
   */
  async keepForm(key: string, given: Form, by: string): Promise<DraftAnswer> {
    if (given.key !== key)
      throw invalid([problem('key', ['key'], 'The key in the form is not the one in the address.')]);
    const definitions = await this.#reader.read(this.#db);
    valueOrRefuse(compileForm(given, definitions.catalogue));
    return inTransaction(this.#db, async (tx) => {
      const before = (await findDraft(tx, 'form', key))?.document ?? definitions.forms.get(key)?.published.document;
      const form = identified.form(given, before);
      const revision = await keepDraft(tx, 'form', form, by);
      await notify(tx, { kind: 'draft', form: key });
      return { form, revision, version: (await nextVersion(tx, 'form', key)).version };
    });
  }

  /**
   * Publishes the draft and settles who may fill it in. `seenBy` settles too who may see the register's records, for whoever
   * may say so; null leaves that as it is. A role that sees some of them goes on seeing these.
   */
  publishForm(
    key: string,
    fillInBy: readonly string[],
    seenBy: readonly string[] | null,
    by: string,
  ): Promise<FormSummary> {
    return this.#change(async (tx, definitions) => {
      const base = (await findDraft(tx, 'form', key))?.document ?? definitions.forms.get(key)?.published.document;
      if (!base) throw notFound();
      const unknown = [...fillInBy, ...(seenBy ?? [])].filter((role) => !definitions.roles.has(role));
      if (unknown.length > 0)
        throw invalid(unknown.map((role) => problem('unknown_role', ['fill_in_by'], `There is no role “${role}”.`)));
      const form: Form = { ...base, fill_in_by: [...fillInBy] };
      valueOrRefuse(compileForm(form, definitions.catalogue));
      const version = await publishDefinition(tx, 'form', form, by);
      await dropDraft(tx, 'form', key);
      for (const role of seenBy === null ? [] : definitions.roles.values()) {
        const rights = role.registers[form.register] ?? NO_RIGHTS;
        const see = seenBy?.includes(role.key) ?? false;
        if (givesSetUp([role], 'registers') || givesSetUp([role], 'forms') || (rights.see !== false) === see) continue;
        const next: Role = {
          ...role,
          registers: { ...role.registers, [form.register]: { ...rights, see, export: see } },
        };
        await publishDefinition(tx, 'role', next, by);
      }
      await bumpVersion(tx);
      await notify(tx, { kind: 'draft', form: key });
      return { form, version, may_fill: true };
    });
  }

  /** Keeps a draft of a route; what is wrong with it is told, and kept all the same: a sentence may be half written. */
  async keepRoute(key: string, given: Route, by: string): Promise<RouteDraftAnswer> {
    refuseOtherKey(key, given);
    const definitions = await this.#reader.read(this.#db);
    if (!definitions.catalogue.registers.has(given.register))
      throw invalid([problem('unknown_register', ['register'], `There is no register “${given.register}”.`)]);
    return inTransaction(this.#db, async (tx) => {
      const before = (await findDraft(tx, 'route', key))?.document ?? definitions.routes.get(key)?.document.route;
      const route = identified.route(given, before);
      const revision = await keepDraft(tx, 'route', route, by);
      await notify(tx, { kind: 'draft', form: key });
      return { route, revision, version: (await nextVersion(tx, 'route', key)).version };
    });
  }

  /** Throws the draft of a route away. */
  async dropRouteDraft(key: string): Promise<void> {
    await inTransaction(this.#db, async (tx) => {
      await dropDraft(tx, 'route', key);
      await notify(tx, { kind: 'draft', form: key });
    });
  }

  /** Publishes a new version of a route: what is given, or its draft. What is on its way stays on the version it began. */
  putRoute(key: string, given: Route | null, by: string): Promise<RouteSummary> {
    return this.#change(async (tx, definitions) => {
      const document = given ?? (await findDraft(tx, 'route', key))?.document;
      if (!document) throw notFound();
      refuseOtherKey(key, document);
      const route = identified.route(document, definitions.routes.get(key)?.document.route);
      valueOrRefuse(compileRoute(route, definitions.catalogue, definitions.roles));
      const others = routesOf(definitions, route.register).filter(({ document: other }) => other.route.key !== key);
      const taking = others.find(({ document: other }) => other.condition === null);
      if (taking && route.condition === null && !definitions.routes.has(key))
        throw invalid([
          problem(
            'route_taken',
            ['condition'],
            `${taking.document.route.label} takes all records that are left. Say which of them this route takes.`,
          ),
        ]);
      const version = await publishDefinition(tx, 'route', route, by);
      await dropDraft(tx, 'route', key);
      await bumpVersion(tx);
      return { route, version };
    });
  }

  /** Takes a route out of force: nothing more goes by it; what is on its way goes on. Its versions stay. */
  withdrawRoute(key: string): Promise<void> {
    return this.#change(async (tx, definitions) => {
      if (!definitions.routes.has(key)) throw notFound();
      await retireDefinition(tx, 'route', key);
      await bumpVersion(tx);
    });
  }

  /** What must be unique from now on cannot be held while records share it: refused before the database does. */
  async #refuseTwice(tx: Tx, plan: Plan, definitions: Definitions): Promise<void> {
    for (const step of plan.steps) {
      if (step.kind !== 'hold' || step.constraint.kind !== 'unique') continue;
      const { register } = step;
      const breaking = await breakingOf(tx, step, definitions, this.#findBreaking);
      const count = breaking?.count ?? 0;
      if (count > 0)
        throw invalid([
          problem(
            'taken_twice',
            ['registers', register.key, 'constraints'],
            `${count} records of ${register.plural} share it with another: mend them first.`,
          ),
        ]);
    }
  }

  #change<T>(run: (tx: Tx, definitions: Definitions) => Promise<T>): Promise<T> {
    return inTransaction(this.#db, async (tx) => {
      await lockDefinitions(tx);
      return run(tx, await this.#reader.read(tx));
    });
  }
}
