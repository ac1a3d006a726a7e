import type { Opened } from '#contract/index.ts';
import type { Beginning, CompiledForm } from '#core/form/index.ts';
import { type RecordValues, valueContext } from '#core/register/index.ts';
import { behaviourOf, isNothing, type StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { type Definitions, visibleCatalogue } from '../definitions/store.ts';
import { findNumbered } from '../records/reader/find.ts';
import { findRecord, readPaths } from '../records/reader/page.ts';
import type { Person } from '../access/session.ts';

/** A value of the record a form was opened from, as far as the person may see that record and what lies behind it. */
const ofOpened = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  { register: key, path }: Beginning & { kind: 'opened' },
  from: NonNullable<Opened['from']>,
): Promise<StoredValue> => {
  const catalogue = visibleCatalogue(found, person);
  const register = catalogue.registers.get(key);
  if (!register || from.register !== key) return null;
  const record = await findRecord(tx, register, catalogue, from.id);
  if (!record) return null;
  if (path.length === 0) return record.id;
  const read = await readPaths(tx, register, catalogue, record.values, [path]);
  return read[path.join('.')] ?? null;
};

/** What questions start as because of where the form was opened from: a record, or an address that says something. */
export const readBegun = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  compiled: CompiledForm,
  { from, address = {} }: Opened,
): Promise<RecordValues> => {
  const begun: Record<string, StoredValue> = {};
  for (const { key, field, begins } of compiled.questions) {
    for (const beginning of begins) {
      if (!isNothing(begun[key] ?? null)) break;
      if (beginning.kind === 'opened') {
        const value = from ? await ofOpened(tx, found, person, beginning, from) : null;
        if (!isNothing(value)) begun[key] = value;
        continue;
      }
      const text = Object.hasOwn(address, beginning.name) ? address[beginning.name] : undefined;
      if (text === undefined) continue;
      if (field.type.kind === 'link') {
        const target = visibleCatalogue(found, person).registers.get(field.type.register);
        const id = target ? await findNumbered(tx, target, text) : null;
        if (id) begun[key] = id;
        continue;
      }
      const read = behaviourOf(field.type).parse(text, valueContext(compiled.catalogue));
      if (read.ok && !isNothing(read.value)) begun[key] = read.value;
    }
  }
  return begun;
};
