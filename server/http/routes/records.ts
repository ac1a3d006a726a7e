import type { RecordDetail } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { listsOf } from '../../definitions/store.ts';
import { personRights } from '../../people/roles.ts';
import { notAllowed, notFound } from '../../platform/refusal.ts';
import { addRecords, archiveRecord, bringBackRecord, changeRecord } from '../../records/commands/index.ts';
import {
  findAnyRecord,
  findTimes,
  readBackGroups,
  readHistory,
  readPage,
  readTitles,
} from '../../records/reader/index.ts';
import { withRegister } from '../../records/sight.ts';
import { asSystem, type Look, type Work } from '../../records/work.ts';
import { takesPart } from '../../signoff/part.ts';
import { readTrack } from '../../signoff/track.ts';
import { type Handlers, lookOf, writingFor } from '../context.ts';

/** A register this person may see; otherwise it does not exist. */
const seenRegister = ({ sight }: Look, key: string): Register => {
  const register = sight.catalogue.registers.get(key);
  if (!register) throw notFound();
  return register;
};

/** A register with what this person sees of one of its records: by their role, or because they take part in its sign-off. */
const seenRecord = async <L extends Look>(
  look: L,
  key: string,
  id: string,
): Promise<{ look: L; register: Register }> => {
  const register = look.definitions.catalogue.registers.get(key);
  if (!register) throw notFound();
  if (look.sight.catalogue.registers.has(key)) return { look, register };
  if (!(await takesPart(look.db, id, look.person.id))) throw notFound();
  return { look: { ...look, sight: withRegister(look.sight, register) }, register };
};

const readDetail = async (look: Look, register: Register, id: string): Promise<RecordDetail> => {
  const record = await findAnyRecord(look, register, id);
  const times = await findTimes(look, register, id);
  if (!record || !times) throw notFound();
  return {
    ...record,
    register: register.key,
    definition: register,
    choice_lists: listsOf([register], look.definitions.catalogue),
    created_at: times.createdAt,
    created_by: times.createdBy,
    updated_at: times.updatedAt,
    archived_at: times.archivedAt,
    may_change: times.archivedAt === null && personRights(look.definitions, look.person, register.key).change,
    sign_off: await readTrack(look, id),
  };
};

/** A right on a register that can be seen but not, say, added to: 403. What cannot be seen: 404. */
const demand = ({ definitions, person }: Work, key: string, right: 'add' | 'change'): void => {
  if (!personRights(definitions, person, key)[right])
    throw notAllowed(right === 'add' ? 'You may not add records here.' : 'You may not change records here.');
};

const ADDED = { action: 'added', form: null } as const;
const CHANGED = { action: 'changed', form: null } as const;
const IMPORTED = { action: 'imported', form: null } as const;

/** Records, one by one and in lists. */
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
    const look = lookOf(context);
    return readPage(look, seenRegister(look, params.key), query);
  },
  addRecord: (context, { params, body }) =>
    writingFor(context, async (work) => {
      const register = seenRegister(work, params.key);
      demand(work, params.key, 'add');
      const [stored] = await addRecords(work, register, [body], ADDED);
      if (!stored) throw new RangeError('nothing was stored');
      const system = asSystem(work, 'whoever added a record is told what it is called');
      const titled = (await readTitles(system, register, [stored.id])).get(stored.id);
      return {
        id: stored.id,
        number: stored.number,
        register: register.key,
        title: titled?.title ?? stored.number,
        goes_to: stored.goesTo ?? null,
      };
    }),
  importRecords: (context, { params, body }) =>
    writingFor(context, async (work) => {
      const register = work.definitions.catalogue.registers.get(params.key);
      if (!register) throw notFound();
      const stored = await addRecords(work, register, body.records, IMPORTED);
      return { stored: stored.filter((each) => each.fresh).length };
    }),
  record: async (context, { params }) => {
    const { look, register } = await seenRecord(lookOf(context), params.key, params.id);
    return readDetail(look, register, params.id);
  },
  changeRecord: async (context, { params, body }) => {
    await writingFor(context, async (work) => {
      const { register } = await seenRecord(work, params.key, params.id);
      demand(work, params.key, 'change');
      await changeRecord(work, register, params.id, body, CHANGED);
    });
    const { look, register } = await seenRecord(lookOf(context), params.key, params.id);
    return readDetail(look, register, params.id);
  },
  linked: async (context, { params }) => {
    const { look, register } = await seenRecord(lookOf(context), params.key, params.id);
    return readBackGroups(look, register, params.id);
  },
  archiveRecord: (context, { params, query }) =>
    writingFor(context, async (work) => {
      const { register } = await seenRecord(work, params.key, params.id);
      demand(work, params.key, 'change');
      await archiveRecord(work, register, params.id, { moveTo: query.move_to, anyway: query.anyway === 'yes' });
      return null;
    }),
  bringBackRecord: (context, { params }) =>
    writingFor(context, async (work) => {
      const { register } = await seenRecord(work, params.key, params.id);
      demand(work, params.key, 'change');
      await bringBackRecord(work, register, params.id);
      return null;
    }),
  history: async (context, { params }) => {
    const { look, register } = await seenRecord(lookOf(context), params.key, params.id);
    if (!(await findTimes(look, register, params.id))) throw notFound();
    return readHistory(look, register, params.id);
  },
};
