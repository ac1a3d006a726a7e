import { eq } from 'drizzle-orm';
import type { RecordDetail } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { people } from '../../platform/schema.ts';
import { type Definitions, listsOf, personRights, visibleCatalogue } from '../../definitions/store.ts';
import { inWriting } from '../../definitions/writing.ts';
import type { Handlers } from '../app.ts';
import { type Context, clockOf, signedIn } from '../context.ts';
import { invalid, notAllowed, notFound, Refusal } from '../problem.ts';
import { readFacts } from '../../access/facts.ts';
import { afterChange, enterRoute, readTrack, takesPart } from '../../signoff/service.ts';
import { uniqueProblems } from '../../records/commands/checks.ts';
import { readHistory } from '../../records/reader/history.ts';
import { countPointing, isThere, movePointing, readPointing, setArchived } from '../../records/reader/back-references.ts';
import { findAnyRecord, findOwnValues, readPage } from '../../records/reader/page.ts';
import { recordTable } from '../../records/commands/tables.ts';
import { tellOf } from '../../records/commands/live-events.ts';
import { addRecords, changeRecord, noteHistory } from '../../records/commands/add.ts';

/** A register this person may see; otherwise it does not exist. */
const seenRegister = (context: Context, key: string): Register => {
  const { person, found } = signedIn(context);
  const register = visibleCatalogue(found, person).registers.get(key);
  if (!register) throw notFound();
  return register;
};

/** A register of which this person may see this record: by their role, or because they take part in its sign-off. */
const registerForRecord = async (context: Context, key: string, id: string): Promise<Register> => {
  const { person, found } = signedIn(context);
  const register = found.catalogue.registers.get(key);
  if (!register) throw notFound();
  if (personRights(found, person, key).see || (await takesPart(context.db, id, person.id))) return register;
  throw notFound();
};

const readDetail = async (context: Context, register: Register, id: string): Promise<RecordDetail> => {
  const { person, found } = signedIn(context);
  const table = recordTable(register);
  const record = await findAnyRecord(context.db, register, visibleCatalogue(found, person), id);
  const [row] = await context.db
    .select({ created: table.created_at, updated: table.updated_at, archived: table.archived_at, by: people.name })
    .from(table)
    .innerJoin(people, eq(people.id, table.created_by))
    .where(eq(table.id, id));
  if (!record || !row) throw notFound();
  return {
    ...record,
    register: register.key,
    definition: register,
    choice_lists: listsOf([register], found.catalogue),
    created_at: row.created.toISOString(),
    created_by: row.by,
    updated_at: row.updated.toISOString(),
    archived_at: row.archived?.toISOString() ?? null,
    may_change: row.archived === null && personRights(found, person, register.key).change,
    sign_off: await readTrack(context.db, found, id),
  };
};

/** A right on a register that can be seen but not, say, added to: 403. What cannot be seen: 404. */
const demand = (found: Definitions, context: Context, key: string, right: 'add' | 'change'): void => {
  const { person } = signedIn(context);
  if (!personRights(found, person, key)[right])
    throw notAllowed(right === 'add' ? 'You may not add records here.' : 'You may not change records here.');
};

export const recordHandlers: Handlers<
  | 'records'
  | 'addRecord'
  | 'importRecords'
  | 'record'
  | 'changeRecord'
  | 'history'
  | 'linked'
  | 'archiveRecord'
  | 'bringBackRecord'
> = {
  records: async (context, { params, query }) => {
    const { person, found } = signedIn(context);
    const register = seenRegister(context, params.key);
    // The person's own record is looked for only where a filter may ask for it.
    const asked = query.filter.includes('me.')
      ? await readFacts(context.db, found, person)
      : { ...person, record: null };
    return readPage(context.db, register, visibleCatalogue(found, person), query, clockOf(found), asked);
  },
  addRecord: async (context, { params, body }) => {
    const { person } = signedIn(context);
    seenRegister(context, params.key);
    return inWriting(context, async (tx, found) => {
      const register = found.catalogue.registers.get(params.key);
      if (!register) throw notFound();
      demand(found, context, params.key, 'add');
      const clock = clockOf(found);
      const author = { person: person.id, at: new Date(clock.now), form: null };
      const [stored] = await addRecords(tx, found, register, [body], 'added', author);
      if (!stored) throw new RangeError('nothing was stored');
      const goesTo = stored.fresh
        ? await enterRoute(tx, found, register, stored.id, stored.values, author, clock)
        : null;
      return { id: stored.id, number: stored.number, register: register.key, title: stored.number, goes_to: goesTo };
    });
  },
  importRecords: async (context, { params, body }) => {
    const { person } = signedIn(context);
    return inWriting(context, async (tx, found) => {
      const register = found.catalogue.registers.get(params.key);
      if (!register) throw notFound();
      const stored = await addRecords(tx, found, register, body.records, 'imported', {
        person: person.id,
        at: new Date(),
        form: null,
      });
      return { stored: stored.filter((each) => each.fresh).length };
    });
  },
  record: async (context, { params }) =>
    readDetail(context, await registerForRecord(context, params.key, params.id), params.id),
  changeRecord: async (context, { params, body }) => {
    const { person } = signedIn(context);
    await registerForRecord(context, params.key, params.id);
    const register = await inWriting(context, async (tx, found) => {
      const held = found.catalogue.registers.get(params.key);
      if (!held) throw notFound();
      demand(found, context, params.key, 'change');
      const clock = clockOf(found);
      const author = { person: person.id, at: new Date(clock.now), form: null };
      const changed = await changeRecord(tx, found, held, params.id, body, 'changed', author);
      await afterChange(tx, found, held, params.id, changed.changed, changed.values, author, clock);
      return held;
    });
    return readDetail(context, register, params.id);
  },
  linked: async (context, { params }) => {
    const { person, found } = signedIn(context);
    const register = await registerForRecord(context, params.key, params.id);
    return readPointing(context.db, register, visibleCatalogue(found, person), params.id);
  },
  archiveRecord: async (context, { params, query }) => {
    const { person } = signedIn(context);
    await registerForRecord(context, params.key, params.id);
    return inWriting(context, async (tx, found) => {
      const register = found.catalogue.registers.get(params.key);
      if (!register || !(await isThere(tx, register, params.id))) throw notFound();
      demand(found, context, params.key, 'change');
      const author = { person: person.id, at: new Date(), form: null };
      if (query.move_to !== undefined) {
        if (query.move_to === params.id || !(await isThere(tx, register, query.move_to)))
          throw invalid([
            problem(
              'unknown_record',
              ['move_to'],
              'What points here can only be moved to another record that is there.',
            ),
          ]);
        await movePointing(tx, found, register, params.id, query.move_to, author);
      } else if (query.anyway !== 'yes') {
        const pointing = await countPointing(tx, register, found.catalogue, params.id);
        if (pointing.length > 0)
          throw new Refusal(
            'conflict',
            'Other records point to this one.',
            pointing.map(({ key, count, label }) => problem('pointed_to', [key], `${count} ${label} point here.`)),
          );
      }
      await setArchived(tx, register, params.id, author.at);
      await noteHistory(tx, register, params.id, 'archived', author);
      await tellOf(tx, register, found.catalogue);
      return null;
    });
  },
  bringBackRecord: async (context, { params }) => {
    const { person } = signedIn(context);
    await registerForRecord(context, params.key, params.id);
    return inWriting(context, async (tx, found) => {
      const register = found.catalogue.registers.get(params.key);
      const held = register ? await findOwnValues(tx, register, found.catalogue, params.id) : null;
      if (!register || !held?.archived) throw notFound();
      demand(found, context, params.key, 'change');
      // Meanwhile another record may have taken what only one may hold.
      const taken = await uniqueProblems(tx, register, found.catalogue, [{ id: params.id, values: held.values }]);
      if (taken.length > 0) throw invalid(taken.map((each) => each.problem));
      await setArchived(tx, register, params.id, null);
      await noteHistory(tx, register, params.id, 'brought_back', { person: person.id, at: new Date(), form: null });
      await tellOf(tx, register, found.catalogue);
      return null;
    });
  },
  history: async (context, { params }) => {
    const { person, found } = signedIn(context);
    const register = await registerForRecord(context, params.key, params.id);
    if (!(await findOwnValues(context.db, register, found.catalogue, params.id))) throw notFound();
    return readHistory(context.db, found, visibleCatalogue(found, person), register, params.id);
  },
};
