import { and, asc, eq, inArray, max } from 'drizzle-orm';
import type { z } from 'zod';
import { compileForm, type Form, formSchema } from '#core/form/index.ts';
import {
  type Catalogue,
  type ChoiceList,
  choiceListSchema,
  listOf,
  type Register,
  registerSchema,
} from '#core/register/index.ts';
import { type CompiledRoute, compileRoute, type Route, routeSchema } from '#core/signoff/index.ts';
import { sql } from '#core/sql/index.ts';
import { catalogueOf, type Rights, type Role, rightsOn, roleSchema } from '#core/workspace/index.ts';
import type { Queryable } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { definitions, workspace } from '../platform/schema.ts';
import { notFound } from '../http/problem.ts';
import type { Person } from '../access/session.ts';
import { readStored } from './derived.ts';

export interface Versioned<T> {
  readonly document: T;
  readonly version: number;
}

/** What there is of a form. */
export interface FormVersions {
  readonly published: Versioned<Form> | null;
  readonly draft: Versioned<Form> | null;
  /** The newest published version that fits its register: the one that is filled in. */
  readonly open: Versioned<Form> | null;
  /** Every version that was published, the newest first. */
  readonly versions: readonly Versioned<Form>[];
}

/** All definitions at one workspace version, compiled and indexed; never changed, so it may be shared. */
export interface Definitions {
  readonly version: number;
  readonly name: string;
  readonly catalogue: Catalogue;
  readonly roles: ReadonlyMap<string, Role>;
  readonly forms: ReadonlyMap<string, FormVersions>;
  /** The published route of a register, by register key. */
  readonly routes: ReadonlyMap<string, Versioned<CompiledRoute>>;
}

type Kind = (typeof definitions.$inferSelect)['kind'];

const readAll = async (tx: Queryable): Promise<Definitions> => {
  const [head] = await tx.select().from(workspace).where(eq(workspace.id, 1));
  if (!head) throw notFound();
  const rows = await tx.select().from(definitions).orderBy(asc(definitions.position), asc(definitions.key));
  const published = <S extends z.ZodType>(kind: Kind, schema: S): z.output<S>[] =>
    rows.filter((row) => row.kind === kind && row.status === 'published').map((row) => schema.parse(row.document));
  const catalogue = {
    ...catalogueOf({
      ...head,
      registers: published('register', registerSchema),
      choice_lists: published('choice_list', choiceListSchema),
    }),
    stored: await readStored(tx),
  };
  const roles = new Map(published('role', roleSchema).map((role) => [role.key, role]));
  const forms = new Map<string, FormVersions>();
  const routes = new Map<string, Versioned<CompiledRoute>>();
  for (const row of rows) {
    if (row.kind === 'form' && row.status !== 'retired') {
      const held = forms.get(row.key) ?? { published: null, draft: null, open: null, versions: [] };
      forms.set(row.key, { ...held, [row.status]: { document: formSchema.parse(row.document), version: row.version } });
    }
    if (row.kind === 'route' && row.status === 'published') {
      const compiled = compileRoute(routeSchema.parse(row.document), catalogue, new Set(roles.keys()));
      if (compiled.ok) routes.set(compiled.value.route.register, { document: compiled.value, version: row.version });
    }
  }
  for (const [key, held] of forms) {
    const versions = rows
      .filter((row) => row.kind === 'form' && row.key === key && row.status !== 'draft')
      .toSorted((a, b) => b.version - a.version)
      .map(({ document, version }) => ({ document: formSchema.parse(document), version }));
    forms.set(key, { ...held, versions, open: held.published && newestThatFits(versions, catalogue) });
  }
  return { version: head.version, name: head.name, catalogue, roles, forms, routes };
};

/** A form whose definition no longer fits its register stays fillable in its last version that does. */
export const newestThatFits = (newestFirst: readonly Versioned<Form>[], catalogue: Catalogue): Versioned<Form> | null =>
  newestFirst.find(({ document }) => compileForm(document, catalogue).ok) ?? null;

/** Reads definitions, each workspace version once. */
export class DefinitionsReader {
  #newest: Definitions | null = null;

  /** The definitions as this transaction sees them; `known` saves the look at the version where it was just read. */
  async read(tx: Queryable, known?: number): Promise<Definitions> {
    const version = known ?? (await this.#version(tx));
    if (this.#newest?.version === version) return this.#newest;
    const read = await readAll(tx);
    if (!this.#newest || read.version > this.#newest.version) this.#newest = read;
    return read;
  }

  async #version(tx: Queryable): Promise<number> {
    // Asked with every request.
    const [row] = await executeKept(tx, sql`select version from iolite.workspace where id = 1`);
    return Number(row?.version ?? 0);
  }
}

/** A form at a version it once had, published or since retired; null when there never was one. */
export const findFormVersion = async (tx: Queryable, key: string, version: number): Promise<Versioned<Form> | null> => {
  const [row] = await tx
    .select()
    .from(definitions)
    .where(and(eq(definitions.kind, 'form'), eq(definitions.key, key), eq(definitions.version, version)));
  return row && row.status !== 'draft' ? { document: formSchema.parse(row.document), version } : null;
};

/** A route at the version a sign-off runs on. */
export const readRouteVersion = async (tx: Queryable, key: string, version: number): Promise<Route> => {
  const [row] = await tx
    .select()
    .from(definitions)
    .where(and(eq(definitions.kind, 'route'), eq(definitions.key, key), eq(definitions.version, version)));
  if (!row) throw new RangeError(`route ${key} has no version ${version}`);
  return routeSchema.parse(row.document);
};

/** Stores the next version of a definition as published; the one before it is retired. */
export const publishDefinition = async (
  tx: Queryable,
  kind: Kind,
  key: string,
  document: object,
  by: string | null,
): Promise<number> => {
  const same = and(eq(definitions.kind, kind), eq(definitions.key, key));
  const held = await tx
    .select({ version: definitions.version, status: definitions.status, position: definitions.position })
    .from(definitions)
    .where(same);
  const [highest] = await tx
    .select({ position: max(definitions.position) })
    .from(definitions)
    .where(eq(definitions.kind, kind));
  // The draft becomes this version; its row goes, as published versions are never written over.
  await tx.delete(definitions).where(and(same, eq(definitions.status, 'draft')));
  await tx
    .update(definitions)
    .set({ status: 'retired' })
    .where(and(same, eq(definitions.status, 'published')));
  const version = Math.max(0, ...held.filter((row) => row.status !== 'draft').map((row) => row.version)) + 1;
  const position = held[0]?.position ?? (highest?.position ?? 0) + 1;
  await tx.insert(definitions).values({ kind, key, version, status: 'published', position, document, createdBy: by });
  return version;
};

/**
 * Writes every version of every form and route anew, where a field they name got a new key: also those that running
 * sign-offs and open entries still go by.
 */
export const rewriteDefinitions = async (
  tx: Queryable,
  form: (form: Form) => Form,
  route: (route: Route) => Route,
): Promise<void> => {
  const rows = await tx
    .select()
    .from(definitions)
    .where(inArray(definitions.kind, ['form', 'route']));
  for (const row of rows) {
    const document =
      row.kind === 'form' ? form(formSchema.parse(row.document)) : route(routeSchema.parse(row.document));
    await tx
      .update(definitions)
      .set({ document })
      .where(and(eq(definitions.kind, row.kind), eq(definitions.key, row.key), eq(definitions.version, row.version)));
  }
};

/** Keeps a draft: one row, written over until it is published. */
export const keepDraft = async (tx: Queryable, key: string, form: Form, by: string): Promise<number> => {
  const same = and(eq(definitions.kind, 'form'), eq(definitions.key, key));
  const rows = await tx
    .select({ version: definitions.version, status: definitions.status, position: definitions.position })
    .from(definitions)
    .where(same);
  const draft = rows.find((row) => row.status === 'draft');
  const version = draft?.version ?? Math.max(0, ...rows.map((row) => row.version)) + 1;
  const [highest] = await tx
    .select({ position: max(definitions.position) })
    .from(definitions)
    .where(eq(definitions.kind, 'form'));
  const position = rows[0]?.position ?? (highest?.position ?? 0) + 1;
  if (draft)
    await tx
      .update(definitions)
      .set({ document: form, createdBy: by })
      .where(and(same, eq(definitions.status, 'draft')));
  else
    await tx
      .insert(definitions)
      .values({ kind: 'form', key, version, status: 'draft', position, document: form, createdBy: by });
  return version;
};

export const rolesOf = (found: Definitions, person: Person): Role[] =>
  person.roles.map((key) => found.roles.get(key)).filter((role) => role !== undefined);

export const isSetup = (found: Definitions, person: Person): boolean =>
  rolesOf(found, person).some((role) => role.setup);

export const personRights = (found: Definitions, person: Person, register: string): Rights =>
  rightsOn(rolesOf(found, person), register);

const visible = new WeakMap<Definitions, Map<string, Catalogue>>();

/**
 * The catalogue with only the registers a person may see: to them the others do not exist. One per set of roles, so
 * that what is compiled against it is compiled once.
 */
export const visibleCatalogue = (found: Definitions, person: Person): Catalogue => {
  const byRoles = visible.get(found) ?? new Map<string, Catalogue>();
  visible.set(found, byRoles);
  const roles = [...person.roles].sort().join(' ');
  const made = byRoles.get(roles) ?? {
    ...found.catalogue,
    registers: new Map([...found.catalogue.registers].filter(([key]) => personRights(found, person, key).see)),
  };
  byRoles.set(roles, made);
  return made;
};

export const mayFill = (found: Definitions, person: Person, form: Form): boolean =>
  isSetup(found, person) || form.fill_in_by.some((role) => person.roles.includes(role));

/** The choice lists that some registers use. */
export const listsOf = (registers: readonly Register[], catalogue: Catalogue): ChoiceList[] => {
  const keys = new Set(
    registers.flatMap(({ fields }) =>
      fields.flatMap(({ type }) =>
        (type.kind === 'rows' ? type.fields.map((field) => field.type) : [type]).flatMap((each) => listOf(each) ?? []),
      ),
    ),
  );
  return [...keys].map((key) => catalogue.choiceLists.get(key)).filter((list) => list !== undefined);
};
