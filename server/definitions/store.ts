import { and, eq, gte, inArray, max, sql } from 'drizzle-orm';
import type { Role } from '#core/access/index.ts';
import type { Result } from '#core/base/index.ts';
import { perPair } from '#core/base/index.ts';
import { type CompiledForm, compileForm, type Form, formSchema } from '#core/form/index.ts';
import type { Catalogue, ChoiceList, Register } from '#core/register/index.ts';
import { type CompiledRoute, type Route, routeSchema } from '#core/signoff/index.ts';
import { choiceListOf, rowFieldsIn } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { definitions } from '../platform/schema.ts';

/** A document at one of its versions. */
export interface Versioned<T> {
  readonly document: T;
  readonly version: number;
}

/** What there is of a form, besides its draft. */
export interface FormVersions {
  readonly published: Versioned<Form>;
  /** The newest version that fits its register: the one that is filled in. Null where none does. */
  readonly open: Versioned<Form> | null;
}

/** All definitions in force at one workspace version, compiled and indexed; never changed, so it may be shared. */
export interface Definitions {
  readonly version: number;
  readonly name: string;
  /** The day a week begins with, where it is another than the locale says: 1 is Monday. */
  readonly weekBegins: number | null;
  /** Where it is reached, and who its mail comes from, as far as the set-up says. */
  readonly address: string | null;
  readonly mailFrom: string | null;
  readonly catalogue: Catalogue;
  readonly roles: ReadonlyMap<string, Role>;
  readonly forms: ReadonlyMap<string, FormVersions>;
  /** The published routes by their keys, in their order: of several on one register the first that takes a record counts. */
  readonly routes: ReadonlyMap<string, Versioned<CompiledRoute>>;
}

/** The published routes of a register, in their order. */
export const routesOf = ({ routes }: Definitions, register: string): Versioned<CompiledRoute>[] =>
  [...routes.values()].filter(({ document }) => document.register.key === register);

/** What a definition defines. */
export type DefinitionKind = (typeof definitions.$inferSelect)['kind'];

/** A form compiled against a catalogue, or what is wrong with it: once for as long as neither changes. */
export const compiledForm: (form: Form, catalogue: Catalogue) => Result<CompiledForm> = perPair(
  (form: Form, catalogue: Catalogue) => compileForm(form, catalogue),
);

const at = (kind: DefinitionKind, key: string) => and(eq(definitions.kind, kind), eq(definitions.key, key));

/** Every version of a form, the newest first; read only where someone asks for what was. */
export const readFormVersions = async (db: Queryable, key: string): Promise<Versioned<Form>[]> => {
  const rows = await db
    .select({ document: definitions.document, version: definitions.version })
    .from(definitions)
    .where(at('form', key));
  return rows
    .toSorted((a, b) => b.version - a.version)
    .map(({ document, version }) => ({ document: formSchema.parse(document), version }));
};

/** A form whose definition no longer fits its register stays fillable in its last version that does. */
export const newestThatFits = (newestFirst: readonly Versioned<Form>[], catalogue: Catalogue): Versioned<Form> | null =>
  newestFirst.find(({ document }) => compiledForm(document, catalogue).ok) ?? null;

/** A form at a version it once had, published or since retired; null when there never was one. */
export const findFormVersion = async (
  db: Queryable,
  key: string,
  version: number,
): Promise<(Versioned<Form> & { readonly replacedAt: Date | null }) | null> => {
  const [row, next] = await db
    .select()
    .from(definitions)
    .where(and(at('form', key), gte(definitions.version, version)))
    .orderBy(definitions.version)
    .limit(2);
  if (row?.version !== version) return null;
  return { document: formSchema.parse(row.document), version, replacedAt: next?.createdAt ?? null };
};

/** A route at the version a sign-off runs on. */
export const readRouteVersion = async (db: Queryable, id: string, version: number): Promise<Route> => {
  const [row] = await db
    .select()
    .from(definitions)
    .where(
      and(
        eq(definitions.kind, 'route'),
        sql`${definitions.document} ->> 'id' = ${id}`,
        eq(definitions.version, version),
      ),
    );
  if (!row) throw new RangeError(`route ${id} has no version ${version}`);
  return routeSchema.parse(row.document);
};

/** The number that the next version of a definition gets, and where it stands among its kind. */
export const nextVersion = async (
  db: Queryable,
  kind: DefinitionKind,
  key: string,
): Promise<{ readonly version: number; readonly position: number }> => {
  const held = await db
    .select({ version: definitions.version, position: definitions.position })
    .from(definitions)
    .where(at(kind, key));
  const [highest] = await db
    .select({ position: max(definitions.position) })
    .from(definitions)
    .where(eq(definitions.kind, kind));
  return {
    version: Math.max(0, ...held.map((row) => row.version)) + 1,
    position: held[0]?.position ?? (highest?.position ?? 0) + 1,
  };
};

/** A definition that is in force no more; its versions stay. */
export const retireDefinition = async (db: Queryable, kind: DefinitionKind, key: string): Promise<void> => {
  await db
    .update(definitions)
    .set({ status: 'retired' })
    .where(and(at(kind, key), eq(definitions.status, 'published')));
};

/** Stores the next version of a definition as published; the one before it is retired. Gives its number. */
export const publishDefinition = async (
  db: Queryable,
  kind: DefinitionKind,
  document: { readonly key: string },
  by: string | null,
): Promise<number> => {
  const { key } = document;
  const { version, position } = await nextVersion(db, kind, key);
  await retireDefinition(db, kind, key);
  await db.insert(definitions).values({ kind, key, version, status: 'published', position, document, createdBy: by });
  return version;
};

/**
 * Writes every version of every form and route anew, where a field they name got a new key: also those that running
 * sign-offs and open entries still go by.
 */
export const rewriteDefinitions = async (
  db: Queryable,
  form: (form: Form) => Form,
  route: (route: Route) => Route,
): Promise<void> => {
  const rows = await db
    .select()
    .from(definitions)
    .where(inArray(definitions.kind, ['form', 'route']));
  for (const row of rows) {
    const document =
      row.kind === 'form' ? form(formSchema.parse(row.document)) : route(routeSchema.parse(row.document));
    await db
      .update(definitions)
      .set({ document })
      .where(and(at(row.kind, row.key), eq(definitions.version, row.version)));
  }
};

/** The choice lists that some registers use. */
export const listsOf = (registers: readonly Register[], catalogue: Catalogue): ChoiceList[] => {
  const keys = new Set(
    registers.flatMap(({ fields }) =>
      fields.flatMap(({ type }) =>
        [type, ...rowFieldsIn(type).map((field) => field.type)].flatMap((each) => choiceListOf(each) ?? []),
      ),
    ),
  );
  return [...keys].map((key) => catalogue.choiceLists.get(key)).filter((list) => list !== undefined);
};
