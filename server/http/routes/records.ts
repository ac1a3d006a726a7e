import type { RecordDetail } from '#contract/index.ts';
import type { Permission } from '#core/access/index.ts';
import { checkValues, type Register } from '#core/register/index.ts';
import { listsOf } from '../../definitions/store.ts';
import { lookAtRecord } from '../../forms/taking-part.ts';
import { mayAny } from '../../people/roles.ts';
import { invalid, notAllowed, notFound } from '../../platform/refusal.ts';
import { addRecords, archiveRecord, bringBackRecord, changeRecord, readDoable } from '../../records/commands/index.ts';
import {
  findAnyRecord,
  findTimes,
  readBackGroups,
  readGroups,
  readHistory,
  readMeant,
  readPage,
  readPlaces,
  readTitles,
  withOwnColumns,
} from '../../records/reader/index.ts';
import { asSystem, type CommandContext, type ReadContext, wholeRegister } from '../../records/work.ts';
import { readBesideSignOff } from '../../signoff/beside.ts';
import { readLocksOf } from '../../signoff/locks.ts';
import { readSignOffHistory, readTrack } from '../../signoff/track.ts';
import { type Context, type Handlers, lookOf, readingList, writingFor } from '../context.ts';

/** A register this person may see; otherwise it does not exist. */
const seenRegister = ({ sight }: ReadContext, key: string): Register => {
  const register = sight.catalogue.registers.get(key);
  if (!register) throw notFound();
  return register;
};

const isShown = ({ fields }: Register, key: string): boolean => fields.some((field) => field.key === key);

export const readDetail = async (look: ReadContext, register: Register, id: string): Promise<RecordDetail> => {
  const record = await findAnyRecord(look, register, id);
  const times = record && (await findTimes(look, register, id));
  if (!record || !times) throw notFound();
  const there = times.archivedAt === null;
  const { mayChange, mayArchive, locked: byRoles } = await readDoable(look, register, id);
  // What a sign-off holds is held for everybody.
  const held = [...(await readLocksOf(look, register, id))].filter(([key]) => isShown(register, key));
  const locked = { ...byRoles, ...Object.fromEntries(held) };
  return {
    ...record,
    register: register.key,
    definition: register,
    choice_lists: listsOf([register], look.definitions.catalogue),
    created_at: times.createdAt,
    created_by: times.createdBy,
    updated_at: times.updatedAt,
    archived_at: times.archivedAt,
    may_change: there && mayChange,
    locked: there ? locked : {},
    may_archive: mayArchive,
    sign_off: await readTrack(look, register, id),
    beside_sign_off: await readBesideSignOff(look, register, id),
  };
};

/** A right on a register that can be seen but not, say, added to: 403. What cannot be seen: 404. */
const demand = ({ definitions, person }: CommandContext, key: string, right: Permission): void => {
  if (!mayAny(definitions, person, key, right)) throw notAllowed(`You may not ${right} records here.`);
};

/** Values of what this person does not see are refused like those of fields that are not there. */
const refuseUnseen = (
  { sight }: ReadContext,
  register: Register,
  values: Readonly<Record<string, unknown>>,
  path: readonly string[],
): void => {
  const checked = checkValues(register, values, sight.catalogue);
  const unknown = checked.ok ? [] : checked.problems.filter(({ code }) => code === 'unknown_field');
  if (unknown.length > 0) throw invalid(unknown, path);
};

const ADDED = { action: 'added', form: null } as const;
const CHANGED = { action: 'changed', form: null } as const;
const IMPORTED = { action: 'imported', form: null } as const;
const AS_THEY_STAND = { action: 'brought_in_as_is', form: null, asTheyStand: true } as const;

/** Reads of a register's list, with the columns that are worked out for it. */
const inList = <T>(
  context: Context,
  key: string,
  { worked }: { readonly worked: string },
  run: (reading: ReadContext, register: Register) => Promise<T>,
): Promise<T> =>
  readingList(context, (look) => {
    const { reading, register } = withOwnColumns(look, seenRegister(look, key), worked);
    return run(reading, register);
  });

/** Records, one by one and in lists. */
export const recordHandlers: Handlers<
  | 'records'
  | 'groups'
  | 'places'
  | 'meant'
  | 'addRecord'
  | 'importRecords'
  | 'record'
  | 'changeRecord'
  | 'history'
  | 'signOffHistory'
  | 'linked'
  | 'archiveRecord'
  | 'bringBackRecord'
> = {
  records: (context, { params, query }) =>
    inList(context, params.key, query, (reading, register) => readPage(reading, register, query)),
  groups: (context, { params, query }) =>
    inList(context, params.key, query, (reading, register) => readGroups(reading, register, query)),
  places: (context, { params, query }) =>
    inList(context, params.key, query, (reading, register) => readPlaces(reading, register, query)),
  meant: async (context, { params, query }) => ({
    find: await inList(context, params.key, query, (reading, register) => readMeant(reading, register, query)),
  }),
  addRecord: (context, { params, body }) =>
    writingFor(context, async (work) => {
      const seen = seenRegister(work, params.key);
      demand(work, params.key, 'add');
      refuseUnseen(work, seen, body.values, ['values']);
      const register = wholeRegister(work, params.key);
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
      const by = body.as_they_stand ? AS_THEY_STAND : IMPORTED;
      const stored = await addRecords(work, wholeRegister(work, params.key), body.records, by);
      return { stored: stored.filter((each) => each.fresh).length };
    }),
  record: async (context, { params }) => {
    const { look, register } = await lookAtRecord(lookOf(context), params.key, params.id);
    return readDetail(look, register, params.id);
  },
  changeRecord: async (context, { params, body }) => {
    await writingFor(context, async (work) => {
      const { register } = await lookAtRecord(work, params.key, params.id);
      demand(work, params.key, 'change');
      refuseUnseen(work, register, body.changes, ['changes']);
      refuseUnseen(work, register, body.from, ['from']);
      const by = { ...CHANGED, leaves: body.leaves === true, reason: body.reason };
      await changeRecord(work, wholeRegister(work, params.key), params.id, body, by, register);
    });
    const { look, register } = await lookAtRecord(lookOf(context), params.key, params.id);
    return readDetail(look, register, params.id);
  },
  linked: async (context, { params }) => {
    const look = lookOf(context);
    const { register } = await lookAtRecord(look, params.key, params.id);
    // Whoever takes part in a record's sign-off sees the record, and nothing that points to it.
    return readBackGroups(look, register, params.id);
  },
  archiveRecord: (context, { params, query }) =>
    writingFor(context, async (work) => {
      await lookAtRecord(work, params.key, params.id);
      demand(work, params.key, 'archive');
      await archiveRecord(work, wholeRegister(work, params.key), params.id, {
        moveTo: query.move_to,
        anyway: query.anyway === 'yes',
      });
      return null;
    }),
  bringBackRecord: (context, { params }) =>
    writingFor(context, async (work) => {
      await lookAtRecord(work, params.key, params.id);
      demand(work, params.key, 'archive');
      await bringBackRecord(work, wholeRegister(work, params.key), params.id);
      return null;
    }),
  signOffHistory: async (context, { params }) => {
    const { look, register } = await lookAtRecord(lookOf(context), params.key, params.id);
    if (!(await findTimes(look, register, params.id))) throw notFound();
    return readSignOffHistory(look, register, params.id);
  },
  history: async (context, { params }) => {
    const { look, register } = await lookAtRecord(lookOf(context), params.key, params.id);
    if (!(await findTimes(look, register, params.id))) throw notFound();
    return readHistory(look, register, params.id);
  },
};
