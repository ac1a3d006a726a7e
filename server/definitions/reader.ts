import { and, asc, eq, or, sql as raw } from 'drizzle-orm';
import { type Role, readRole } from '#core/access/index.ts';
import { type Form, formSchema } from '#core/form/index.ts';
import { type ChoiceList, choiceListSchema, type Register, registerSchema } from '#core/register/index.ts';
import { type CompiledRoute, compileRoute, type Route, routeSchema } from '#core/signoff/index.ts';
import { sql } from '#core/sql/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import type { Queryable } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { notFound } from '../platform/refusal.ts';
import { definitions, workspace } from '../platform/schema.ts';
import { readStored } from './derived/index.ts';
import {
  compiledForm,
  type DefinitionKind,
  type Definitions,
  type FormVersions,
  newestThatFits,
  readFormVersions,
  type Versioned,
} from './store.ts';

type Document =
  | { readonly kind: 'register'; readonly document: Register }
  | { readonly kind: 'choice_list'; readonly document: ChoiceList }
  | { readonly kind: 'role'; readonly document: Role }
  | { readonly kind: 'form'; readonly document: Form }
  | { readonly kind: 'route'; readonly document: Route };

const parse = (kind: DefinitionKind, document: unknown): Document => {
  switch (kind) {
    case 'register':
      return { kind, document: registerSchema.parse(document) };
    case 'choice_list':
      return { kind, document: choiceListSchema.parse(document) };
    case 'role':
      return { kind, document: readRole(document) };
    case 'form':
      return { kind, document: formSchema.parse(document) };
    case 'route':
      return { kind, document: routeSchema.parse(document) };
  }
};

/** A version in force, and what its text is known again by: a new key is written into versions that there are. */
interface Head {
  readonly kind: DefinitionKind;
  readonly key: string;
  readonly version: number;
  readonly mark: string;
}

const nameOf = ({ kind, key, version, mark }: Head): string => `${kind} ${key} ${version} ${mark}`;

const headColumns = {
  kind: definitions.kind,
  key: definitions.key,
  version: definitions.version,
  mark: raw<string>`md5(${definitions.document}::text)`,
};

/** What was read last: its documents, and of the catalogue what it was made from. */
interface Newest {
  readonly definitions: Definitions;
  readonly documents: ReadonlyMap<string, Document>;
  readonly catalogueMark: string;
}

/** The documents in force: those that are known already as they are, the others read. */
const readDocuments = async (
  db: Queryable,
  heads: readonly Head[],
  known: ReadonlyMap<string, Document>,
): Promise<ReadonlyMap<string, Document>> => {
  const wanted = heads.filter((head) => !known.has(nameOf(head)));
  const rows =
    wanted.length === 0
      ? []
      : await db
          .select({ ...headColumns, document: definitions.document })
          .from(definitions)
          .where(
            wanted.length > 60
              ? eq(definitions.status, 'published')
              : or(
                  ...wanted.map(({ kind, key, version }) =>
                    and(eq(definitions.kind, kind), eq(definitions.key, key), eq(definitions.version, version)),
                  ),
                ),
          );
  const read = new Map(rows.map(({ document, ...head }) => [nameOf(head), parse(head.kind, document)]));
  return new Map(
    heads.flatMap((head) => {
      const name = nameOf(head);
      const found = known.get(name) ?? read.get(name);
      return found ? [[name, found] as const] : [];
    }),
  );
};

const openVersion = async (
  db: Queryable,
  published: Versioned<Form>,
  catalogue: Definitions['catalogue'],
): Promise<FormVersions> => {
  if (compiledForm(published.document, catalogue).ok) return { published, open: published };
  // Only a form that no longer fits makes anyone look at its retired versions.
  return { published, open: newestThatFits(await readFormVersions(db, published.document.key), catalogue) };
};

/** The registers over which there is a route, or ever was one: what was signed can be asked for. */
const readSigned = async (db: Queryable): Promise<string[]> => {
  const rows = await db
    .select({ register: raw<string>`${definitions.document} ->> 'register'` })
    .from(definitions)
    .where(eq(definitions.kind, 'route'));
  return [...new Set(rows.map(({ register }) => register))].sort();
};

/** Reads the definitions in force, each workspace version once; what did not change is not compiled again. */
const readNewest = async (db: Queryable, before: Newest | null): Promise<Newest> => {
  const [head] = await db.select().from(workspace).where(eq(workspace.id, 1));
  if (!head) throw notFound();
  const heads: Head[] = await db
    .select(headColumns)
    .from(definitions)
    .where(eq(definitions.status, 'published'))
    .orderBy(asc(definitions.position), asc(definitions.key));
  const documents = await readDocuments(db, heads, before?.documents ?? new Map());
  const stored = await readStored(db);
  const signed = await readSigned(db);
  const { version: _, address: _address, mailFrom: _mailFrom, ...settings } = head;
  const catalogueMark = JSON.stringify([
    settings,
    [...stored].sort(),
    signed,
    heads.filter(({ kind }) => kind === 'register' || kind === 'choice_list').map(nameOf),
  ]);
  const registers: Register[] = [];
  const lists: ChoiceList[] = [];
  const roles = new Map<string, Role>();
  const routes: Versioned<Route>[] = [];
  const published: Versioned<Form>[] = [];
  for (const each of heads) {
    const held = documents.get(nameOf(each));
    const { version } = each;
    switch (held?.kind) {
      case 'register':
        registers.push(held.document);
        break;
      case 'choice_list':
        lists.push(held.document);
        break;
      case 'role':
        roles.set(each.key, held.document);
        break;
      case 'form':
        published.push({ document: held.document, version });
        break;
      case 'route':
        routes.push({ document: held.document, version });
        break;
    }
  }
  // The same catalogue stays the same object, with all that was ever compiled against it.
  const catalogue =
    before?.catalogueMark === catalogueMark
      ? before.definitions.catalogue
      : { ...catalogueOf({ ...head, registers, choice_lists: lists, signed, week_begins: head.weekBegins }), stored };
  const forms = new Map<string, FormVersions>();
  for (const each of published) forms.set(each.document.key, await openVersion(db, each, catalogue));
  const compiled = new Map<string, Versioned<CompiledRoute>>();
  for (const { document, version } of routes) {
    const route = compileRoute(document, catalogue, roles);
    if (route.ok) compiled.set(document.key, { document: route.value, version });
  }
  return {
    definitions: {
      version: head.version,
      name: head.name,
      weekBegins: head.weekBegins,
      address: head.address,
      mailFrom: head.mailFrom,
      catalogue,
      roles,
      forms,
      routes: compiled,
    },
    documents,
    catalogueMark,
  };
};

/** Reads definitions, each workspace version once. */
export class DefinitionsReader {
  #newest: Newest | null = null;

  /** The definitions as this transaction sees them; `known` saves the look at the version where it was just read. */
  async read(db: Queryable, known?: number): Promise<Definitions> {
    const version = known ?? (await this.#version(db));
    if (this.#newest?.definitions.version === version) return this.#newest.definitions;
    const read = await readNewest(db, this.#newest);
    if (!this.#newest || read.definitions.version > this.#newest.definitions.version) this.#newest = read;
    return read.definitions;
  }

  async #version(db: Queryable): Promise<number> {
    // Asked with every request.
    const [row] = await executeKept(db, sql`select version from iolite.workspace where id = 1`);
    return Number(row?.version ?? 0);
  }
}
