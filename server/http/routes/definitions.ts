import { eq } from 'drizzle-orm';
import { z } from 'zod';
import type { WorkspaceAnswer } from '#contract/index.ts';
import { setAside } from '../../platform/schema.ts';
import type { Handlers } from '../app.ts';
import { clockOf, signedIn } from '../context.ts';
import { notFound } from '../problem.ts';
import { countRecords } from '../../records/reader/page.ts';
import { workOutOnRecords } from '../../records/reader/work-out.ts';
import { isSetup, listsOf, mayFill, personRights, visibleCatalogue } from '../../definitions/store.ts';

/** Of a field as it was when it was set aside, only what it is called is told. */
const asideSchema = z.object({ label: z.string() });

export const definitionHandlers: Handlers<
  'workspace' | 'rehearse' | 'carryOut' | 'keepForm' | 'publishForm' | 'putRoute' | 'setAside' | 'workOut'
> = {
  workspace: async (context) => {
    const { person, found } = signedIn(context);
    const setup = isSetup(found, person);
    const registers = [...visibleCatalogue(found, person).registers.values()];
    const rights: WorkspaceAnswer['rights'] = {};
    for (const register of registers) {
      rights[register.key] = {
        ...personRights(found, person, register.key),
        count: await countRecords(context.db, register),
      };
    }
    const forms = [...found.forms.values()].flatMap(({ published, draft }) => {
      const shown = (status: 'published' | 'draft', each: typeof published) =>
        each
          ? [{ form: each.document, version: each.version, status, may_fill: mayFill(found, person, each.document) }]
          : [];
      return [...shown('published', published), ...(setup ? shown('draft', draft) : [])].filter(
        (each) => setup || each.may_fill,
      );
    });
    const lists = new Set(listsOf(registers, found.catalogue).map((list) => list.key));
    return {
      version: found.version,
      now: clockOf(found).now,
      name: found.name,
      locale: found.catalogue.locale,
      zone: found.catalogue.zone,
      currency: found.catalogue.currency,
      holidays: [...(found.catalogue.holidays ?? [])],
      people: found.catalogue.people ?? null,
      choice_lists: [...found.catalogue.choiceLists.values()].filter((list) => setup || lists.has(list.key)),
      registers,
      rights,
      roles: setup
        ? [...found.roles.values()].map(({ key, label, setup: isSetupRole, registers: held }) => ({
            key,
            label,
            setup: isSetupRole,
            sees: Object.keys(held).filter((register) => held[register]?.see),
          }))
        : [],
      forms,
      routes: setup
        ? [...found.routes.values()].map(({ document, version }) => ({
            route: document.route,
            version,
            status: 'published' as const,
          }))
        : [],
    };
  },
  workOut: (context, { params, body }) => {
    const { found } = signedIn(context);
    const register = found.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    return workOutOnRecords(context.db, register, found.catalogue, { kind: 'worked_out', ...body }, clockOf(found));
  },
  setAside: async (context, { params }) => {
    const { found } = signedIn(context);
    const register = found.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    const rows = await context.db.select().from(setAside).where(eq(setAside.register, params.key)).orderBy(setAside.at);
    const fields = rows.map((row) => {
      const { label } = asideSchema.parse(row.field);
      return { id: row.id, label, rows: row.rows, at: row.at.toISOString() };
    });
    return { fields };
  },
  rehearse: (context, { body }) => context.definitions.rehearse(body),
  carryOut: (context, { body }) => context.definitions.carryOut(body, signedIn(context).person.id),
  keepForm: (context, { params, body }) => context.definitions.keepForm(params.key, body, signedIn(context).person.id),
  publishForm: (context, { params, body }) =>
    context.definitions.publishForm(params.key, body.fill_in_by, body.seen_by, signedIn(context).person.id),
  putRoute: (context, { params, body }) => context.definitions.putRoute(params.key, body, signedIn(context).person.id),
};
