import { eq, sql } from 'drizzle-orm';
import type { FormSummary, PlanAnswer, RouteSummary } from '#contract/index.ts';
import { type Problem, problem, within } from '#core/base/index.ts';
import type { Renaming } from '#core/expression/index.ts';
import { compileForm, type Form } from '#core/form/index.ts';
import {
  type Catalogue,
  type ChoiceList,
  type Plan,
  type PlanStep,
  planChange,
  type Register,
  sayStep,
} from '#core/register/index.ts';
import { compileRoute, type Route } from '#core/signoff/index.ts';
import { type Role, renameInCatalogue, renameInForm, renameInRoute, renamingProblem } from '#core/workspace/index.ts';
import type { Db, Tx } from '../db/client.ts';
import { inTransaction, lockDefinitions, notify } from '../db/locks.ts';
import { counters, workspace } from '../db/schema.ts';
import { invalid, notFound, Refusal, valueOrRefuse } from '../http/problem.ts';
import { carryOutPlan } from './ddl.ts';
import { type Definitions, type DefinitionsReader, keepDraft, publishDefinition, rewriteDefinitions } from './store.ts';

/** Registers, choice lists and roles as they shall be; what is not named stays. */
export interface Changes {
  readonly version: number;
  readonly registers: readonly Register[];
  readonly choice_lists: readonly ChoiceList[];
  readonly roles: readonly Role[];
  readonly renames: readonly Renaming[];
}

const applied = (catalogue: Catalogue, changes: Changes): Catalogue => ({
  ...catalogue,
  registers: new Map([...catalogue.registers, ...changes.registers.map((each) => [each.key, each] as const)]),
  choiceLists: new Map([
    ...catalogue.choiceLists,
    ...changes.choice_lists.map((each) => [each.key, keepCodes(catalogue, each)] as const),
  ]),
});

/** A choice that is left out is retired, never forgotten: old records still show its label. */
const keepCodes = (catalogue: Catalogue, list: ChoiceList): ChoiceList => {
  const codes = new Set(list.choices.map((choice) => choice.code));
  const gone = (catalogue.choiceLists.get(list.key)?.choices ?? []).filter((choice) => !codes.has(choice.code));
  return { ...list, choices: [...list.choices, ...gone.map((choice) => ({ ...choice, retired: true }))] };
};

/** Forms and routes that a change to the registers would break: it is refused, with what and where. */
const brokenBy = (found: Definitions, after: Catalogue, renamed: Renamed): Problem[] => [
  ...[...found.forms.values()].flatMap(({ published }) => {
    const compiled = published ? compileForm(renamed.form(published.document), after) : null;
    return compiled && !compiled.ok ? within(['forms', published?.document.key ?? ''], compiled.problems) : [];
  }),
  ...[...found.routes.values()].flatMap(({ document }) => {
    const compiled = compileRoute(renamed.route(document.route), after, new Set(found.roles.keys()));
    return compiled.ok ? [] : within(['routes', document.route.key], compiled.problems);
  }),
];

/** What new keys make of the definitions: one after the other, each judged by the catalogue it meets. */
interface Renamed {
  readonly catalogue: Catalogue;
  readonly steps: readonly PlanStep[];
  readonly form: (form: Form) => Form;
  readonly route: (route: Route) => Route;
}

const rename = (found: Definitions, renames: readonly Renaming[]): Renamed => {
  let { catalogue } = found;
  const steps: PlanStep[] = [];
  const stages: { readonly renaming: Renaming; readonly before: Catalogue }[] = [];
  const form = (given: Form) =>
    stages.reduce((document, { renaming, before }) => renameInForm(document, before, renaming), given);
  const route = (given: Route) =>
    stages.reduce((document, { renaming, before }) => renameInRoute(document, before, renaming), given);
  const forms = [...found.forms.values()].map(({ draft, published }) =>
    [draft, published].flatMap((held) => held?.document ?? []),
  );
  const routes = [...found.routes.values()].map(({ document }) => document.route);
  for (const renaming of renames) {
    const wrong = renamingProblem(catalogue, renaming);
    if (wrong) throw invalid([wrong]);
    const before = catalogue;
    catalogue = renameInCatalogue(before, renaming);
    const differs = <T>(one: T, other: T) => JSON.stringify(one) !== JSON.stringify(other);
    const rewritten =
      forms.filter((versions) =>
        versions.some((each) => differs(form(each), renameInForm(form(each), before, renaming))),
      ).length + routes.filter((each) => differs(route(each), renameInRoute(route(each), before, renaming))).length;
    const register = catalogue.registers.get(renaming.register);
    if (register) steps.push({ kind: 'rename_field', register, from: renaming.from, to: renaming.to, rewritten });
    stages.push({ renaming, before });
  }
  return { catalogue, steps, form, route };
};

const planOf = (found: Definitions, changes: Changes): { plan: Plan; after: Catalogue; renamed: Renamed } => {
  const renamed = rename(found, changes.renames);
  const after = applied(renamed.catalogue, changes);
  const { steps } = valueOrRefuse(planChange(renamed.catalogue, after));
  const broken = brokenBy(found, after, renamed);
  if (broken.length > 0) throw invalid(broken);
  return { plan: { steps: [...renamed.steps, ...steps] }, after, renamed };
};

const toAnswer = (
  plan: Plan,
  after: Catalogue,
  version: number,
  roles: readonly Role[],
  counts: ReadonlyMap<string, number>,
): PlanAnswer => ({
  version,
  steps: [
    ...plan.steps.map((step) => ({
      kind: step.kind,
      says: sayStep(step, after, 'register' in step ? (counts.get(step.register.key) ?? 0) : 0),
    })),
    ...roles.map((role) => ({ kind: 'change_role', says: `The role ${role.label} is changed.` })),
  ],
});

const readCounts = async (tx: Pick<Db, 'select'>): Promise<Map<string, number>> =>
  new Map((await tx.select().from(counters)).map((row) => [row.register, row.next - 1]));

export const bumpVersion = async (tx: Tx): Promise<number> => {
  const [row] = await tx
    .update(workspace)
    .set({ version: sql`${workspace.version} + 1` })
    .where(eq(workspace.id, 1))
    .returning({ version: workspace.version });
  await notify(tx, { kind: 'workspace' });
  return row?.version ?? 0;
};

/** Commands that change definitions: one transaction each, one at a time. */
export class DefinitionsService {
  readonly #db: Db;
  readonly #reader: DefinitionsReader;

  constructor(db: Db, reader: DefinitionsReader) {
    this.#db = db;
    this.#reader = reader;
  }

  /** What a change would do. Changes nothing. */
  async rehearse(changes: Changes): Promise<PlanAnswer> {
    const found = await this.#reader.read(this.#db);
    const { plan, after } = planOf(found, changes);
    return toAnswer(plan, after, found.version, changes.roles, await readCounts(this.#db));
  }

  /** Does it; 409 when the definitions changed since they were rehearsed. */
  carryOut(changes: Changes, by: string): Promise<PlanAnswer> {
    return this.#change(async (tx, found) => {
      if (found.version !== changes.version) {
        throw new Refusal(
          'conflict',
          'The set-up was changed meanwhile. Rehearse again to see what this would do now.',
        );
      }
      const { plan, after, renamed } = planOf(found, changes);
      const counts = await readCounts(tx);
      await carryOutPlan(tx, plan);
      if (changes.renames.length > 0) await rewriteDefinitions(tx, renamed.form, renamed.route);
      const lists = changes.choice_lists.flatMap((list) => after.choiceLists.get(list.key) ?? []);
      for (const list of lists) await publishDefinition(tx, 'choice_list', list.key, list, by);
      const touched = new Set([
        ...changes.registers.map((each) => each.key),
        ...changes.renames.map((each) => each.register),
      ]);
      for (const key of touched) await publishDefinition(tx, 'register', key, after.registers.get(key) ?? {}, by);
      for (const role of changes.roles) await publishDefinition(tx, 'role', role.key, role, by);
      return toAnswer(plan, after, await bumpVersion(tx), changes.roles, counts);
    });
  }

  /** Keeps a draft of a form; a definition that is wrong is refused with every place. */
  keepForm(key: string, form: Form, by: string): Promise<FormSummary> {
    return this.#change(async (tx, found) => {
      if (form.key !== key)
        throw invalid([problem('key', ['key'], 'The key in the form is not the one in the address.')]);
      valueOrRefuse(compileForm(form, found.catalogue));
      const version = await keepDraft(tx, key, form, by);
      await bumpVersion(tx);
      return { form, version, status: 'draft', may_fill: true };
    });
  }

  /** Publishes the draft and settles who may fill it in and who may see the register's records. */
  publishForm(key: string, fillInBy: readonly string[], seenBy: readonly string[], by: string): Promise<FormSummary> {
    return this.#change(async (tx, found) => {
      const held = found.forms.get(key);
      const base = held?.draft ?? held?.published;
      if (!base) throw notFound();
      const unknown = [...fillInBy, ...seenBy].filter((role) => !found.roles.has(role));
      if (unknown.length > 0)
        throw invalid(unknown.map((role) => problem('unknown_role', ['fill_in_by'], `There is no role “${role}”.`)));
      const form: Form = { ...base.document, fill_in_by: [...fillInBy] };
      valueOrRefuse(compileForm(form, found.catalogue));
      const version = await publishDefinition(tx, 'form', key, form, by);
      for (const role of found.roles.values()) {
        const rights = role.registers[form.register] ?? { see: false, add: false, change: false };
        const see = seenBy.includes(role.key);
        if (role.setup || rights.see === see) continue;
        const next: Role = { ...role, registers: { ...role.registers, [form.register]: { ...rights, see } } };
        await publishDefinition(tx, 'role', role.key, next, by);
      }
      await bumpVersion(tx);
      return { form, version, status: 'published', may_fill: true };
    });
  }

  /** Publishes a new version of a route. One register has one. */
  putRoute(key: string, route: Route, by: string): Promise<RouteSummary> {
    return this.#change(async (tx, found) => {
      if (route.key !== key)
        throw invalid([problem('key', ['key'], 'The key in the route is not the one in the address.')]);
      valueOrRefuse(compileRoute(route, found.catalogue, new Set(found.roles.keys())));
      const other = found.routes.get(route.register);
      if (other && other.document.route.key !== key) {
        throw invalid([problem('route_taken', ['register'], 'This register has a route already. Change that one.')]);
      }
      const version = await publishDefinition(tx, 'route', key, route, by);
      await bumpVersion(tx);
      return { route, version, status: 'published' };
    });
  }

  #change<T>(run: (tx: Tx, found: Definitions) => Promise<T>): Promise<T> {
    return inTransaction(this.#db, async (tx) => {
      await lockDefinitions(tx);
      return run(tx, await this.#reader.read(tx));
    });
  }
}
