import type { LiveEvent } from '#contract/index.ts';
import { isSharedWith } from '../lists/kept-lists.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import { clockNow } from '../platform/clock.ts';
import { countRecords, isAnySeen } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';
import type { ReadContext } from '../records/work.ts';
import { lookAs, type Workplace } from './work.ts';

/**
 * Whether a person hears that records changed: where one of them is, or was, in their sight. Of what is worked out from
 * them elsewhere they hear with these alone.
 */
const hearsOf = async (
  look: ReadContext,
  { register, ids = [], through = register }: LiveEvent & { kind: 'records' },
): Promise<boolean> => look.sight.catalogue.registers.has(register) && isAnySeen(look, through, ids);

/** Of the registers that a person sees whole, how many records there are now, as it was counted for all. */
const countsOfWhole = (
  { sight: { catalogue, scopes } }: ReadContext,
  counts: Readonly<Record<string, number>>,
): LiveEvent[] => {
  const told = Object.entries(counts).filter(([key]) => catalogue.registers.has(key) && !scopes.get(key)?.where);
  return told.length > 0 ? [{ kind: 'counts', counts: Object.fromEntries(told) }] : [];
};

/** That records changed; to whoever sees a part of the register with how many they see now, as nobody counts that for all. */
const tellOf = async (look: ReadContext, event: LiveEvent & { kind: 'records' }): Promise<LiveEvent[]> => {
  if (!(await hearsOf(look, event))) return [];
  const register = look.sight.catalogue.registers.get(event.register);
  const told: LiveEvent = { kind: 'records', register: event.register };
  if (!register || !look.sight.scopes.get(event.register)?.where) return [told];
  return [told, { kind: 'counts', counts: await countRecords(look, [register]) }];
};

/** Of a list hear those who could be offered it. */
const hearsOfList = (
  { definitions, person, sight }: ReadContext,
  { of = null, register = '', roles = [] }: LiveEvent & { kind: 'lists' },
): boolean =>
  of === null ? sight.catalogue.registers.has(register) && isSharedWith(definitions, person, roles) : of === person.id;

const onlyWith = (may: boolean, event: LiveEvent): LiveEvent[] => (may ? [event] : []);

/** What of an event a person may hear: of what they may not see, not even that something happened. */
export const heardBy = async (
  { db, reader }: Pick<Workplace, 'db' | 'reader'>,
  person: Person,
  event: LiveEvent,
): Promise<readonly LiveEvent[]> => {
  const definitions = await reader.read(db);
  switch (event.kind) {
    case 'records':
      return tellOf(lookAs(db, definitions, person), event);
    case 'counts':
      return countsOfWhole(lookAs(db, definitions, person), event.counts);
    case 'job':
      return onlyWith(event.by === person.id || setsUp(definitions, person, 'registers'), event);
    case 'lists':
      return onlyWith(hearsOfList(lookAs(db, definitions, person), event), { kind: 'lists' });
    case 'draft':
      return onlyWith(setsUp(definitions, person, 'forms'), event);
    case 'in_tray':
      return onlyWith(event.of?.includes(person.id) ?? false, { kind: 'in_tray' });
    case 'workspace':
      return [event];
  }
};

/** How many records some registers hold, counted once for all who see them whole. */
export const countAll = async (
  { db, reader }: Pick<Workplace, 'db' | 'reader'>,
  keys: readonly string[],
): Promise<Record<string, number>> => {
  const definitions = await reader.read(db);
  const clock = clockNow(definitions.catalogue);
  const sight = systemSight(definitions, clock, 'counts are taken once, and told to those who see the register');
  return countRecords(
    { db, sight, clock },
    keys.flatMap((key) => definitions.catalogue.registers.get(key) ?? []),
  );
};
