import { inArray } from 'drizzle-orm';
import type { PlanAnswer } from '#contract/index.ts';
import { everyField, type Role, roleProblems, withoutGone as withoutGoneFields } from '#core/access/index.ts';
import { joinWords, type Problem, problem, toKey, within } from '#core/base/index.ts';
import { FUNCTION_NAMES, type Renaming } from '#core/expression/index.ts';
import { compileForm, type Form } from '#core/form/index.ts';
import type { List } from '#core/list/index.ts';
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
  sayStep,
} from '#core/register/index.ts';
import { compileRoute, type Route } from '#core/signoff/index.ts';
import { behaviourOf, type RowField, rowFieldSchema } from '#core/values/index.ts';
import {
  Identifier,
  inNewWords,
  renameInCatalogue,
  renameInForm,
  renameInList,
  renameInRole,
  renameInRoute,
  renamesBetween,
  renamingProblem,
} from '#core/workspace/index.ts';
import type { Queryable } from '../platform/database.ts';
import { invalid, notFound, valueOrRefuse } from '../platform/refusal.ts';
import { setAside } from '../platform/schema.ts';
import { type Draft, readDrafts } from './drafts.ts';
import { newId } from './ids.ts';
import { type Definitions, newestThatFits, readFormVersions, type Versioned } from './store.ts';

/** Registers, choice lists and roles as they shall be; what is not named stays. */
export interface Changes {
  readonly version: number;
  readonly registers: readonly Register[];
  readonly choice_lists: readonly ChoiceList[];
  readonly roles: readonly Role[];
  /** Who may fill in some published forms. */
  readonly fill_in: readonly { readonly form: string; readonly roles: readonly string[] }[];
  /** The register whose records people are; left out: as it is. */
  readonly people?: NonNullable<Catalogue['people']> | null | undefined;
  readonly renames: readonly Renaming[];
  /** Fields to be brought back, by the ids of their setting aside. */
  readonly bring_back: readonly string[];
  /** Refused while any record breaks what is asked from then on. */
  readonly mended_first?: boolean | undefined;
  /** Registers and choice lists that shall be there no more, by their keys. */
  readonly gone?: { readonly registers: readonly string[]; readonly lists: readonly string[] };
}

/** A change that changes nothing yet. */
export const noChanges = (version: number): Changes => ({
  version,
  registers: [],
  choice_lists: [],
  roles: [],
  fill_in: [],
  renames: [],
  bring_back: [],
});

const without = <T>(all: ReadonlyMap<string, T>, keys: readonly string[] = []): ReadonlyMap<string, T> =>
  keys.length === 0 ? all : new Map([...all].filter(([key]) => !keys.includes(key)));

const identifier = new Identifier(newId);

const applied = (catalogue: Catalogue, changes: Changes): Catalogue => ({
  ...catalogue,
  ...(changes.people === undefined ? {} : { people: changes.people }),
  registers: new Map([
    ...without(catalogue.registers, changes.gone?.registers),
    ...changes.registers.map((each) => {
      const before = catalogue.registers.get(each.key);
      return [each.key, identifier.register(withoutGone(each, before), before)] as const;
    }),
  ]),
  choiceLists: new Map([
    ...without(catalogue.choiceLists, changes.gone?.lists),
    ...changes.choice_lists.map(
      (each) =>
        [each.key, identifier.choiceList(keepCodes(catalogue, each), catalogue.choiceLists.get(each.key))] as const,
    ),
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

/** A form that would not fit its register any more, with the version that then is filled in instead. */
interface Misfit {
  readonly form: Versioned<Form>;
  readonly problems: readonly Problem[];
  readonly instead: Versioned<Form> | null;
}

const readMisfits = async (
  db: Queryable,
  definitions: Definitions,
  after: Catalogue,
  renamed: Renamed,
): Promise<Misfit[]> => {
  const misfits: Misfit[] = [];
  for (const { published } of definitions.forms.values()) {
    const compiled = compileForm(renamed.form(published.document), after);
    if (compiled.ok) continue;
    const versions = await readFormVersions(db, published.document.key);
    const rewritten = versions.map(({ document, version }) => ({ document: renamed.form(document), version }));
    misfits.push({ form: published, problems: compiled.problems, instead: newestThatFits(rewritten, after) });
  }
  return misfits;
};

/**
 * Forms and routes that a change to the registers would break: it is refused, with what and where. A form with an
 * earlier version that fits goes on as that one instead.
 */
const brokenBy = (
  definitions: Definitions,
  after: Catalogue,
  renamed: Renamed,
  misfits: readonly Misfit[],
): Problem[] => [
  ...misfits.flatMap(({ form, problems, instead }) => (instead ? [] : within(['forms', form.document.key], problems))),
  ...[...definitions.routes.values()].flatMap(({ document }) => {
    const compiled = compileRoute(renamed.route(document.route), after, definitions.roles);
    return compiled.ok ? [] : within(['routes', document.route.key], compiled.problems);
  }),
];

/** What is said of forms that go on as an earlier version. */
const sayFallBacks = (misfits: readonly Misfit[]): string[] =>
  misfits.flatMap(({ form, instead }) =>
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
  readonly role: (role: Role) => Role;
  readonly list: (list: List) => List;
}

const rename = (definitions: Definitions, drafts: readonly Draft[], renames: readonly Renaming[]): Renamed => {
  let { catalogue } = definitions;
  const steps: PlanStep[] = [];
  const stages: { readonly renaming: Renaming; readonly before: Catalogue }[] = [];
  const form = (given: Form) =>
    stages.reduce((document, { renaming, before }) => renameInForm(document, before, renaming), given);
  const route = (given: Route) =>
    stages.reduce((document, { renaming, before }) => renameInRoute(document, before, renaming), given);
  const role = (given: Role) =>
    stages.reduce((document, { renaming, before }) => renameInRole(document, before, renaming), given);
  const list = (given: List) =>
    stages.reduce((document, { renaming, before }) => renameInList(document, before, renaming), given);
  const draftsOf = new Map(drafts.map(({ document }) => [document.key, document]));
  const keys = new Set([...definitions.forms.keys(), ...draftsOf.keys()]);
  const forms = [...keys].map((key) =>
    [draftsOf.get(key), definitions.forms.get(key)?.published.document].filter((held) => held !== undefined),
  );
  const routes = [...definitions.routes.values()].map(({ document }) => document.route);
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
    const [owner = '', rowsField] = renaming.register.split('.');
    const register = catalogue.registers.get(owner);
    const rows = register?.fields.filter(isRowsField).find((field) => field.key === rowsField) ?? null;
    if (register) steps.push({ kind: 'rename_field', register, rows, from: renaming.from, to: renaming.to, rewritten });
    stages.push({ renaming, before });
  }
  return { catalogue, steps, form, route, role, list };
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
const readAside = async (db: Queryable, ids: readonly string[]): Promise<Aside[]> => {
  if (ids.length === 0) return [];
  const found = await db
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

/** A change, planned: what it does, what there is after it, and what is said of it. */
export interface PlannedChange {
  readonly plan: Plan;
  readonly after: Catalogue;
  readonly renamed: Renamed;
  readonly fallBacks: readonly string[];
  /** The roles there are after it. */
  readonly roles: ReadonlyMap<string, Role>;
  /** The forms that others may fill in from then on. */
  readonly filled: readonly Form[];
}

/** The forms as they are filled in by others; refused where there is no such form or role. */
const formsFilled = ({ forms, roles }: Definitions, { fill_in: fillIn, roles: changed }: Changes): readonly Form[] => {
  const known = new Set([...roles.keys(), ...changed.map(({ key }) => key)]);
  const problems = fillIn.flatMap(({ form, roles: named }, i) => [
    ...(forms.has(form) ? [] : [problem('unknown_form', ['fill_in', i, 'form'], `There is no form “${form}”.`)]),
    ...named.flatMap((key, at) =>
      known.has(key) ? [] : [problem('unknown_role', ['fill_in', i, 'roles', at], `There is no role “${key}”.`)],
    ),
  ]);
  if (problems.length > 0) throw invalid(problems);
  return fillIn.flatMap(({ form, roles: named }) => {
    const document = forms.get(form)?.published.document;
    return document ? [{ ...document, fill_in_by: [...named] }] : [];
  });
};

/** Refuses a register of people that is none: it has a field with their e-mail addresses, and keeps it. */
const refusePeople = ({ registers, people }: Catalogue, isChosen: boolean): void => {
  if (!people) return;
  const field = registers.get(people.register)?.fields.find(({ key }) => key === people.email);
  if (field && (!isChosen || behaviourOf(field.type).traits.reachesPerson)) return;
  throw invalid([
    problem('no_people', ['people'], 'People are records of a register that has a field with their e-mail addresses.'),
  ]);
};

/** What is said of who people are, and of who fills in which form. */
const sayPeople = ({ fallBacks: _, ...planned }: PlannedChange, before: Definitions): string[] => {
  const { people, registers } = planned.after;
  const was = before.catalogue.people ?? null;
  const plural = registers.get(people?.register ?? '')?.plural ?? '';
  const moved = (people?.register ?? null) !== (was?.register ?? null);
  const fills = planned.filled.map(({ label, fill_in_by: by }) => {
    const labels = by.map((key) => planned.roles.get(key)?.label ?? key);
    return `${label} is filled in by ${labels.length === 0 ? 'set-up people alone' : joinWords(labels, 'and')}.`;
  });
  if (!moved) return fills;
  return [
    people
      ? `“Me” is a record of ${plural} from then on. Nobody is tied to one yet.`
      : '“Me” is no record any more, and nobody is tied to one.',
    ...fills,
  ];
};

/** The roles after a change, without what is no longer there; refused where one of them goes by that. */
const rolesAfter = ({ roles }: Definitions, changed: readonly Role[], renamed: Renamed, after: Catalogue) => {
  const paths = new Map(
    [...after.registers.values()].map((register) => [
      register.key,
      new Set(everyField(register).map(({ path }) => path)),
    ]),
  );
  const isThere = (register: string, path: string | null): boolean =>
    path === null ? paths.has(register) : (paths.get(register)?.has(path) ?? false);
  const kept = [...roles.values()].map((role) => withoutGoneFields(renamed.role(role), isThere));
  const sent = changed.map((role) => identifier.role(role, roles.get(role.key)));
  const next = new Map([...kept, ...sent].map((role) => [role.key, role]));
  const places = new Map(changed.map((role, i) => [role.key, i]));
  const broken = [...next.values()].flatMap((role) =>
    within(['roles', places.get(role.key) ?? role.key], roleProblems(role, after)),
  );
  if (broken.length > 0) throw invalid(broken);
  return next;
};

/** The new keys a change gives fields: those it says, and those of fields that are known again by their ids. */
const renamesIn = (catalogue: Catalogue, { registers, renames }: Changes): Renaming[] => {
  const said = new Set(renames.map(({ register, from }) => `${register} ${from}`));
  const implied = registers.flatMap((register) => {
    const before = catalogue.registers.get(register.key);
    return before ? renamesBetween(before, register) : [];
  });
  return [...renames, ...implied.filter(({ register, from }) => !said.has(`${register} ${from}`))];
};

/** What a change does, step by step; refused with every place where it would break something. */
export const planDefinitions = async (
  db: Queryable,
  definitions: Definitions,
  changes: Changes,
): Promise<PlannedChange> => {
  const renames = renamesIn(definitions.catalogue, changes);
  const renamed = rename(definitions, renames.length > 0 ? await readDrafts(db, 'form') : [], renames);
  const retold = (sent: Register): Register => {
    const [before, now] = [definitions.catalogue.registers.get(sent.key), renamed.catalogue.registers.get(sent.key)];
    return renames.length > 0 && before && now ? inNewWords(sent, before, now) : sent;
  };
  const back = broughtBack(renamed.catalogue, await readAside(db, changes.bring_back));
  const after = applied(back.catalogue, { ...changes, registers: changes.registers.map(retold) });
  refusePeople(after, changes.people !== undefined);
  const { steps } = valueOrRefuse(planChange(back.catalogue, after));
  const misfits = await readMisfits(db, definitions, after, renamed);
  const broken = brokenBy(definitions, after, renamed, misfits);
  if (broken.length > 0) throw invalid(broken);
  return {
    plan: { steps: [...renamed.steps, ...back.steps, ...steps] },
    after,
    renamed,
    fallBacks: sayFallBacks(misfits),
    roles: rolesAfter(definitions, changes.roles, renamed, after),
    filled: formsFilled(definitions, changes),
  };
};

/** A planned change in sentences, with how many records each step is about, by its place. */
export const sayPlan = (
  planned: PlannedChange,
  before: Definitions,
  version: number,
  roles: readonly string[],
  counts: readonly number[],
): PlanAnswer => ({
  version,
  steps: [
    ...planned.plan.steps.map((step, i) => ({
      kind: step.kind,
      says: sayStep(step, planned.after, counts[i] ?? 0),
    })),
    ...roles.map((says) => ({ kind: 'change_role', says })),
    ...sayPeople(planned, before).map((says) => ({ kind: 'people', says })),
    ...planned.fallBacks.map((says) => ({ kind: 'fall_back', says })),
  ],
});
