import { eq, inArray, sql } from 'drizzle-orm';
import type { FormSummary, PlanAnswer, RouteSummary } from '#contract/index.ts';
import { type Problem, problem, toKey, within } from '#core/base/index.ts';
import { FUNCTION_NAMES, type Renaming } from '#core/expression/index.ts';
import { compileForm, type Form } from '#core/form/index.ts';
import {
  type Catalogue,
  type ChoiceList,
  type Field,
  fieldSchema,
  isRowsField,
  type Plan,
  type PlanStep,
  planChange,
  type Register,
  type RowsField,
  rowFieldSchema,
  sayStep,
} from '#core/register/index.ts';
import { compileRoute, type Route } from '#core/signoff/index.ts';
import type { RowField } from '#core/values/index.ts';
import { type Role, renameInCatalogue, renameInForm, renameInRoute, renamingProblem } from '#core/workspace/index.ts';
import type { Db, Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { counters, setAside, workspace } from '../platform/schema.ts';
import { invalid, notFound, Refusal, valueOrRefuse } from '../http/problem.ts';
import { carryOutPlan } from './ddl.ts';
import { countBreaking } from './derived.ts';
import {
  type Definitions,
  type DefinitionsReader,
  keepDraft,
  newestThatFits,
  publishDefinition,
  rewriteDefinitions,
} from './store.ts';

/** Registers, choice lists and roles as they shall be; what is not named stays. */
export interface Changes {
  readonly version: number;
  readonly registers: readonly Register[];
  readonly choice_lists: readonly ChoiceList[];
  readonly roles: readonly Role[];
  readonly renames: readonly Renaming[];
  /** Fields to be brought back, by the ids of their setting aside. */
  readonly bring_back: readonly string[];
}

const applied = (catalogue: Catalogue, changes: Changes): Catalogue => ({
  ...catalogue,
  registers: new Map([
    ...catalogue.registers,
    ...changes.registers.map((each) => [each.key, withoutGone(each, catalogue.registers.get(each.key))] as const),
  ]),
  choiceLists: new Map([
    ...catalogue.choiceLists,
    ...changes.choice_lists.map((each) => [each.key, keepCodes(catalogue, each)] as const),
  ]),
});

/** A field that is set aside goes from what a link and a list show too. */
const withoutGone = (next: Register, before: Register | undefined): Register => {
  const there = new Set(next.fields.map((field) => field.key));
  const gone = new Set(before?.fields.map((field) => field.key).filter((key) => !there.has(key)));
  const kept: Register = {
    ...next,
    beside: next.beside.filter((key) => !gone.has(key)),
    listed: next.listed.filter((key) => !gone.has(key)),
  };
  if (next.title === undefined || !gone.has(next.title)) return kept;
  const { title: _, ...untitled } = kept;
  return untitled;
};

/** A choice that is left out is retired, never forgotten: old records still show its label. */
const keepCodes = (catalogue: Catalogue, list: ChoiceList): ChoiceList => {
  const codes = new Set(list.choices.map((choice) => choice.code));
  const gone = (catalogue.choiceLists.get(list.key)?.choices ?? []).filter((choice) => !codes.has(choice.code));
  return { ...list, choices: [...list.choices, ...gone.map((choice) => ({ ...choice, retired: true }))] };
};

/** Forms that would not fit their registers any more, each with the version that then is filled in instead. */
const misfits = (found: Definitions, after: Catalogue, renamed: Renamed) =>
  [...found.forms.values()].flatMap(({ published, versions }) => {
    const compiled = published ? compileForm(renamed.form(published.document), after) : null;
    if (!published || !compiled || compiled.ok) return [];
    const rewritten = versions.map(({ document, version }) => ({ document: renamed.form(document), version }));
    return [{ form: published, problems: compiled.problems, instead: newestThatFits(rewritten, after) }];
  });

/**
 * Forms and routes that a change to the registers would break: it is refused, with what and where. A form with an
 * earlier version that fits goes on as that one instead.
 */
const brokenBy = (found: Definitions, after: Catalogue, renamed: Renamed): Problem[] => [
  ...misfits(found, after, renamed).flatMap(({ form, problems, instead }) =>
    instead ? [] : within(['forms', form.document.key], problems),
  ),
  ...[...found.routes.values()].flatMap(({ document }) => {
    const compiled = compileRoute(renamed.route(document.route), after, new Set(found.roles.keys()));
    return compiled.ok ? [] : within(['routes', document.route.key], compiled.problems);
  }),
];

/** What is said of forms that go on as an earlier version. */
const sayFallBacks = (found: Definitions, after: Catalogue, renamed: Renamed): string[] =>
  misfits(found, after, renamed).flatMap(({ form, instead }) =>
    instead
      ? [
          `The form ${form.document.label} no longer fits: until it is mended and published, its version ${instead.version} is filled in.`,
        ]
      : [],
  );

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

interface Aside {
  readonly id: string;
  readonly register: string;
  readonly column: string;
  readonly label: string;
  readonly back:
    | { readonly kind: 'field'; readonly field: Field }
    | { readonly kind: 'row_field'; readonly rows: string; readonly field: RowField };
}

/** The fields that were set aside and are asked back. */
const readAside = async (tx: Queryable, ids: readonly string[]): Promise<Aside[]> => {
  if (ids.length === 0) return [];
  const found = await tx
    .select()
    .from(setAside)
    .where(inArray(setAside.id, [...ids]));
  if (found.length < ids.length) throw notFound();
  return found.map(({ rows, field, ...aside }) => {
    const back =
      rows === null
        ? { kind: 'field' as const, field: fieldSchema.parse(field) }
        : { kind: 'row_field' as const, rows, field: rowFieldSchema.parse(field) };
    return { ...aside, label: back.field.label, back };
  });
};

/** A field under a free key, where its own was taken meanwhile. */
const withFreeKey = <F extends RowField>(field: F, among: readonly RowField[]): F => {
  const taken = new Set(among.map((each) => each.key));
  return taken.has(field.key) ? { ...field, key: toKey(field.label, taken, FUNCTION_NAMES) } : field;
};

/** The catalogue with fields put back at the end of their registers or rows. */
const broughtBack = (catalogue: Catalogue, aside: readonly Aside[]): { catalogue: Catalogue; steps: PlanStep[] } => {
  const registers = new Map(catalogue.registers);
  const steps: PlanStep[] = [];
  const rowsBack = new Map<string, string>();
  // Rows first: a field of theirs may come back with them.
  for (const { id, register: key, column, label, back } of aside.toSorted(
    (a, b) => Number(a.back.kind === 'row_field') - Number(b.back.kind === 'row_field'),
  )) {
    const register = registers.get(key);
    if (!register) throw notFound();
    if (back.kind === 'field') {
      const field = withFreeKey(back.field, register.fields);
      const next = { ...register, fields: [...register.fields, field] };
      registers.set(key, next);
      rowsBack.set(`${key}.${column}`, field.key);
      steps.push({ kind: 'bring_back', register: next, field, column, aside: id });
      continue;
    }
    const rowsKey = rowsBack.get(`${key}.${back.rows}`) ?? back.rows;
    const rows = register.fields.filter(isRowsField).find((each) => each.key === rowsKey);
    if (!rows)
      throw invalid([
        problem('rows_set_aside', ['bring_back'], `${label} stood in rows that are set aside: bring those back first.`),
      ]);
    const field = withFreeKey(back.field, rows.type.fields);
    const held: RowsField = { ...rows, type: { ...rows.type, fields: [...rows.type.fields, field] } };
    const next = { ...register, fields: register.fields.map((each) => (each === rows ? held : each)) };
    registers.set(key, next);
    steps.push({ kind: 'bring_back_row_field', register: next, rows: held, field, column, aside: id });
  }
  return { catalogue: { ...catalogue, registers }, steps };
};

const planOf = (
  found: Definitions,
  changes: Changes,
  aside: readonly Aside[],
): { plan: Plan; after: Catalogue; renamed: Renamed } => {
  const renamed = rename(found, changes.renames);
  const back = broughtBack(renamed.catalogue, aside);
  const after = applied(back.catalogue, changes);
  const { steps } = valueOrRefuse(planChange(back.catalogue, after));
  const broken = brokenBy(found, after, renamed);
  if (broken.length > 0) throw invalid(broken);
  return { plan: { steps: [...renamed.steps, ...back.steps, ...steps] }, after, renamed };
};

const toAnswer = (
  plan: Plan,
  after: Catalogue,
  version: number,
  roles: readonly Role[],
  counts: ReadonlyMap<string, number>,
  fallBacks: readonly string[],
): PlanAnswer => ({
  version,
  steps: [
    ...plan.steps.map((step) => ({
      kind: step.kind,
      says: sayStep(step, after, 'register' in step ? (counts.get(step.register.key) ?? 0) : 0),
    })),
    ...roles.map((role) => ({ kind: 'change_role', says: `The role ${role.label} is changed.` })),
    ...fallBacks.map((says) => ({ kind: 'fall_back', says })),
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

/** What must be unique from now on cannot be held while records share it: refused before the database does. */
const refuseTwice = async (tx: Tx, plan: Plan, before: Catalogue): Promise<void> => {
  for (const step of plan.steps) {
    if (step.kind !== 'hold' || step.constraint.kind !== 'unique' || !before.registers.has(step.register.key)) continue;
    const known = before.registers.get(step.register.key)?.fields.map((field) => field.key) ?? [];
    if (!step.constraint.fields.every((key) => known.includes(key))) continue;
    const count = await countBreaking(tx, step.register, step.constraint, before);
    if (count > 0)
      throw invalid([
        problem(
          'taken_twice',
          ['registers', step.register.key, 'constraints'],
          `${count} records of ${step.register.plural} share it with another: mend them first.`,
        ),
      ]);
  }
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
    const { plan, after, renamed } = planOf(found, changes, await readAside(this.#db, changes.bring_back));
    const fallBacks = sayFallBacks(found, after, renamed);
    const answer = toAnswer(plan, after, found.version, changes.roles, await readCounts(this.#db), fallBacks);
    return this.#withBreaking(answer, plan, after, found.catalogue);
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
      const { plan, after, renamed } = planOf(found, changes, await readAside(tx, changes.bring_back));
      await refuseTwice(tx, plan, found.catalogue);
      const counts = await readCounts(tx);
      await carryOutPlan(tx, plan, after);
      if (changes.renames.length > 0) await rewriteDefinitions(tx, renamed.form, renamed.route);
      const lists = changes.choice_lists.flatMap((list) => after.choiceLists.get(list.key) ?? []);
      for (const list of lists) await publishDefinition(tx, 'choice_list', list.key, list, by);
      // A new key is written also into the formulas of other registers that name the field.
      for (const [key, register] of after.registers)
        if (JSON.stringify(register) !== JSON.stringify(found.catalogue.registers.get(key)))
          await publishDefinition(tx, 'register', key, register, by);
      for (const role of changes.roles) await publishDefinition(tx, 'role', role.key, role, by);
      const fallBacks = sayFallBacks(found, after, renamed);
      return toAnswer(plan, after, await bumpVersion(tx), changes.roles, counts, fallBacks);
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

  /** Adds to each constraint that would be asked how many records break it now. */
  async #withBreaking(answer: PlanAnswer, plan: Plan, after: Catalogue, before: Catalogue): Promise<PlanAnswer> {
    const steps = await Promise.all(
      answer.steps.map(async (said, i) => {
        const step = plan.steps[i];
        if (step?.kind !== 'hold' || !before.registers.has(step.register.key)) return said;
        const count = await countBreaking(this.#db, step.register, step.constraint, after).catch(() => null);
        if (count === null || count === 0)
          return count === 0 ? { ...said, says: `${said.says} All records do.` } : said;
        const says =
          step.constraint.kind === 'unique'
            ? `${said.says} ${count} records share it with another, so this is refused until they are mended.`
            : `${said.says} ${count} records break it; each must be mended when it is next changed.`;
        return { ...said, says };
      }),
    );
    return { ...answer, steps };
  }

  #change<T>(run: (tx: Tx, found: Definitions) => Promise<T>): Promise<T> {
    return inTransaction(this.#db, async (tx) => {
      await lockDefinitions(tx);
      return run(tx, await this.#reader.read(tx));
    });
  }
}
