import { eq } from 'drizzle-orm';
import { z } from 'zod';
import type { PlanAnswer, WorkspaceAnswer } from '#contract/index.ts';
import type { Permission, SetUpRight } from '#core/access/index.ts';
import type { Clock } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { givenByApproval } from '#core/signoff/index.ts';
import type { SaidWithIds } from '../../definitions/breaking.ts';
import { findDraft, readDrafts } from '../../definitions/drafts.ts';
import type { Changes } from '../../definitions/planning.ts';
import { type Definitions, listsOf, nextVersion, routesOf } from '../../definitions/store.ts';
import { isSetup, mayAny, mayFill, setsUp } from '../../people/roles.ts';
import { writeSender } from '../../platform/outward.ts';
import { notAllowed, notFound } from '../../platform/refusal.ts';
import { setAside } from '../../platform/schema.ts';
import { countRecords, readLinked, workOutOnRecords } from '../../records/reader/index.ts';
import type { ReadContext } from '../../records/work.ts';
import { refuseStuckToday } from '../../signoff/stuck-today.ts';
import { keepSettings, readHolidays } from '../../workspace/settings.ts';
import { type Context, type Handlers, lookOf, signedIn } from '../context.ts';

/** Of a field as it was when it was set aside, only what it is called is told. */
const asideSchema = z.object({ label: z.string() });

/** The values that a register's routes give to what they approve, by field, of the fields a person sees. */
const givenIn = (definitions: Definitions, register: Register, clock: Clock): Record<string, string[]> => {
  const given: Record<string, string[]> = {};
  for (const { document } of routesOf(definitions, register.key))
    for (const { field, value } of givenByApproval(document, clock))
      if (typeof value === 'string' && register.fields.some(({ key }) => key === field))
        given[field] = [...(given[field] ?? []), value];
  return given;
};

/** How the workspace is known outside. */
const outwardOf = (
  { address, mailFrom }: Definitions,
  mayChange: boolean,
  { told, sends }: Pick<Context, 'told' | 'sends'>,
): NonNullable<WorkspaceAnswer['outward']> => ({
  address,
  mail_from: mailFrom,
  may_change: mayChange,
  told: { address: told.address?.origin ?? null, mail_from: told.from && writeSender(told.from) },
  sends,
});

/** The definitions in force, as far as a person may see them. */
const readWorkspace = (
  { definitions, person, sight, clock }: ReadContext,
  outside: Pick<Context, 'told' | 'sends'>,
): WorkspaceAnswer => {
  const { catalogue, roles, routes } = definitions;
  const setup = isSetup(definitions, person);
  const forms = setsUp(definitions, person, 'forms') || setsUp(definitions, person, 'registers');
  const registers = [...sight.catalogue.registers.values()];
  const lists = new Set(listsOf(registers, catalogue).map((list) => list.key));
  return {
    version: definitions.version,
    now: clock.now,
    name: definitions.name,
    locale: catalogue.locale,
    zone: catalogue.zone,
    currency: catalogue.currency,
    holidays: [...(catalogue.holidays ?? [])],
    week_begins: definitions.weekBegins,
    outward: setsUp(definitions, person, 'registers')
      ? outwardOf(definitions, setsUp(definitions, person, 'people'), outside)
      : null,
    people: sight.catalogue.people ?? null,
    choice_lists: [...catalogue.choiceLists.values()].filter((list) => forms || lists.has(list.key)),
    registers,
    rights: Object.fromEntries(
      registers.map(({ key }) => {
        const may = (deed: Permission): boolean => mayAny(definitions, person, key, deed);
        const rights = { see: may('see'), add: may('add'), change: may('change') };
        return [key, { ...rights, archive: may('archive'), export: may('export') }];
      }),
    ),
    roles: setup ? [...roles.values()] : [],
    forms: [...definitions.forms.values()]
      .map(({ published: { document, version } }) => ({
        form: document,
        version,
        may_fill: mayFill(definitions, person, document),
      }))
      .filter((each) => forms || each.may_fill),
    signed: registers.flatMap(({ key }) => (catalogue.signed?.has(key) ? [key] : [])),
    given: Object.fromEntries(registers.map((register) => [register.key, givenIn(definitions, register, clock)])),
    routes: forms ? [...routes.values()].map(({ document, version }) => ({ route: document.route, version })) : [],
  };
};

/** What a change to definitions takes: the right over people for roles, that over registers for all else. */
const demandRights = (context: Context, changes: Changes): void => {
  const { definitions, person } = signedIn(context);
  const { roles, fill_in: fillIn, people, version: _, gone: __, mended_first: ___, ...others } = changes;
  const demand = (right: SetUpRight): void => {
    if (!setsUp(definitions, person, right)) throw notAllowed(`You may not set up ${SET_UP_NAMES[right]}.`);
  };
  const isOfPeople = roles.length + fillIn.length > 0 || people !== undefined;
  if (isOfPeople) demand('people');
  if (!isOfPeople || Object.values(others).some((each) => each.length > 0)) demand('registers');
};
const SET_UP_NAMES: { readonly [R in SetUpRight]: string } = {
  registers: 'registers and their rules',
  forms: 'forms, routes and lists',
  people: 'people and roles',
};

/** A step as it is answered: of the records that break what it asks, those are named that whoever asks sees. */
const withNames = async (
  look: ReadContext,
  { breaking, ...said }: SaidWithIds,
): Promise<PlanAnswer['steps'][number]> => {
  if (!breaking) return said;
  const { ids, ...rest } = breaking;
  const named = await readLinked(look, rest.register, ids);
  return { ...said, breaking: { ...rest, records: ids.flatMap((id) => named[id] ?? []) } };
};

/** Who shall see the records a form adds, as whoever publishes it may say; null where they may not. */
const seenByOf = (context: Context, { seen_by: seenBy }: { readonly seen_by: readonly string[] }) => {
  const { definitions, person } = signedIn(context);
  return setsUp(definitions, person, 'people') ? seenBy : null;
};

/** The definitions: reading them, changing them, making forms. */
export const definitionHandlers: Handlers<
  | 'workspace'
  | 'counts'
  | 'rehearse'
  | 'carryOut'
  | 'drafts'
  | 'draft'
  | 'keepForm'
  | 'publishForm'
  | 'setAside'
  | 'workOut'
  | 'keepSettings'
  | 'readHolidays'
> = {
  workspace: async (context) => readWorkspace(lookOf(context), context),
  keepSettings: (context, { body }) => {
    const { definitions, person, clock } = lookOf(context);
    const setsUpPeople = setsUp(definitions, person, 'people');
    return keepSettings(context.db, context.reader, body, { id: person.id, now: clock.now, setsUpPeople });
  },
  readHolidays: async (context, { body }) => {
    const { definitions, clock } = lookOf(context);
    return { holidays: await readHolidays(definitions, clock, body) };
  },
  counts: async (context) => {
    const look = lookOf(context);
    return { counts: await countRecords(look, [...look.sight.catalogue.registers.values()]) };
  },
  workOut: async (context, { params, body }) => {
    const look = lookOf(context);
    const register = look.sight.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    return workOutOnRecords(look, register, { kind: 'worked_out', ...body });
  },
  setAside: async (context, { params }) => {
    const register = lookOf(context).sight.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    const rows = await context.db.select().from(setAside).where(eq(setAside.register, params.key)).orderBy(setAside.at);
    const fields = rows.map((row) => {
      const { label } = asideSchema.parse(row.field);
      return { id: row.id, label, rows: row.rows, at: row.at.toISOString() };
    });
    return { fields };
  },
  rehearse: async (context, { body }) => {
    demandRights(context, body);
    const { version, steps } = await context.setUp.rehearse(body);
    return { version, steps: await Promise.all(steps.map((step) => withNames(lookOf(context), step))) };
  },
  carryOut: (context, { body }) => {
    demandRights(context, body);
    return context.setUp.carryOut(body, signedIn(context).person.id);
  },
  drafts: async ({ db }) => ({
    drafts: await Promise.all(
      (await readDrafts(db, 'form')).map(async ({ document: form, revision }) => ({
        key: form.key,
        label: form.label,
        register: form.register,
        purpose: form.purpose,
        questions: form.questions.length,
        version: (await nextVersion(db, 'form', form.key)).version,
        revision,
      })),
    ),
  }),
  draft: async ({ db }, { params }) => {
    const draft = await findDraft(db, 'form', params.key);
    if (!draft) throw notFound();
    const { version } = await nextVersion(db, 'form', params.key);
    return { form: draft.document, revision: draft.revision, version };
  },
  keepForm: (context, { params, body }) => context.setUp.keepForm(params.key, body, signedIn(context).person.id),
  publishForm: async (context, { params, query, body }) => {
    const look = lookOf(context);
    const { definitions } = look;
    const draft = await findDraft(look.db, 'form', params.key);
    const form = draft?.document ?? definitions.forms.get(params.key)?.published.document;
    const routes = form ? routesOf(definitions, form.register) : [];
    if (query.anyway === 'no')
      await refuseStuckToday(
        look,
        routes.map(({ document }) => document),
      );
    return context.setUp.publishForm(params.key, body.fill_in_by, seenByOf(context, body), look.person.id);
  },
};
