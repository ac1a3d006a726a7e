import { and, asc, eq, inArray, or, sql } from 'drizzle-orm';
import type { InTray } from '#contract/index.ts';
import type { CompiledRoute } from '#core/signoff/index.ts';
import { formKeyOf, registerWithId } from '../definitions/ids.ts';
import { readNames } from '../people/names.ts';
import { decisions, signOffs } from '../platform/schema.ts';
import { readTitles, type Titled } from '../records/reader/index.ts';
import { withRegister } from '../records/sight.ts';
import type { Look } from '../records/work.ts';
import { readRoute, type SignOff, sayWhyYou } from './routes-in-force.ts';

const MOST = 200;

/** What the records of some sign-offs are called, by id; those that are archived are left out. One query a register. */
const readAllTitles = async (look: Look, rows: readonly SignOff[]): Promise<ReadonlyMap<string, Titled>> => {
  const titles = new Map<string, Titled>();
  for (const registerId of new Set(rows.map((row) => row.registerId))) {
    const register = registerWithId(look.definitions, registerId);
    if (!register) continue;
    const ids = rows.flatMap((row) => (row.registerId === registerId ? [row.recordId] : []));
    // Whoever takes part in a record's sign-off may see it, whatever their roles.
    const widened = { ...look, sight: withRegister(look.sight, register) };
    for (const [id, titled] of await readTitles(widened, register, ids)) titles.set(id, titled);
  }
  return titles;
};

/** What waits for a person: to sign off, and sent back to them. */
export const readInTray = async (look: Look): Promise<InTray> => {
  const { db, definitions, person } = look;
  const rows = await db
    .select()
    .from(signOffs)
    .where(
      or(
        and(eq(signOffs.stage, 'waiting'), sql`${person.id}::uuid = any(${signOffs.signers})`),
        and(eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, person.id)),
      ),
    )
    .orderBy(asc(signOffs.sentAt))
    .limit(MOST);
  const names = await readNames(db);
  const titles = await readAllTitles(look, rows);
  const backs = rows.filter((row) => row.stage === 'sent_back').map((row) => row.id);
  const reasons =
    backs.length === 0
      ? []
      : await db.select().from(decisions).where(inArray(decisions.signOffId, backs)).orderBy(asc(decisions.id));
  const routes = new Map<string, CompiledRoute>();
  const routeOf = async (row: SignOff): Promise<CompiledRoute> => {
    const name = `${row.routeId} ${row.routeVersion}`;
    const route = routes.get(name) ?? (await readRoute(db, definitions, row));
    routes.set(name, route);
    return route;
  };
  const items: InTray['items'] = [];
  for (const row of rows) {
    const record = titles.get(row.recordId);
    const register = registerWithId(definitions, row.registerId);
    if (!record || !register) continue;
    const last = reasons.filter((each) => each.signOffId === row.id).at(-1);
    const mend = row.stage === 'sent_back';
    items.push({
      sign_off: row.id,
      kind: mend ? 'mend' : 'sign',
      register: register.key,
      record: row.recordId,
      number: record.number,
      title: record.title,
      from: names.get(mend && last ? last.personId : row.sender) ?? '',
      at: (mend && last ? last.at : row.sentAt).toISOString(),
      why: mend ? (last?.comment ?? '') : sayWhyYou(definitions, await routeOf(row), row),
      form: row.formId === null ? null : formKeyOf(definitions, row.formId),
    });
  }
  return { items };
};
