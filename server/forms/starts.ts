import type { Opened } from '#contract/index.ts';
import type { CompiledForm, StartsFrom } from '#core/form/index.ts';
import { type RecordValues, valueContext } from '#core/register/index.ts';
import { behaviourOf, isNothing, linkToOne, type StoredValue } from '#core/values/index.ts';
import { findNumbered, readPaths } from '../records/reader/index.ts';
import type { Reading } from '../records/work.ts';

/** A value of the record a form was opened from, as far as the person may see that record and what lies behind it. */
const ofOpened = async (
  reading: Reading,
  { register: key, path }: StartsFrom & { kind: 'opened' },
  from: NonNullable<Opened['from']>,
): Promise<StoredValue> => {
  const register = reading.sight.catalogue.registers.get(key);
  if (!register || from.register !== key) return null;
  const id = await findNumbered(reading, register, from.id);
  if (!id || path.length === 0) return id;
  return (await readPaths(reading, register, [id], [path])).get(id)?.[path.join('.')] ?? null;
};

/** What questions start as because of where the form was opened from: a record, or an address that says something. */
export const readStarts = async (
  reading: Reading,
  compiled: CompiledForm,
  { from, address = {} }: Opened,
): Promise<RecordValues> => {
  const { catalogue } = reading.sight;
  const started: Record<string, StoredValue> = {};
  for (const { key, field, startsFrom } of compiled.questions) {
    for (const start of startsFrom) {
      if (!isNothing(started[key] ?? null)) break;
      if (start.kind === 'opened') {
        const value = from ? await ofOpened(reading, start, from) : null;
        if (!isNothing(value)) started[key] = value;
        continue;
      }
      const text = Object.hasOwn(address, start.name) ? address[start.name] : undefined;
      if (text === undefined) continue;
      const link = linkToOne(field.type);
      if (link) {
        const target = catalogue.registers.get(link.register);
        const id = target ? await findNumbered(reading, target, text) : null;
        if (id) started[key] = id;
        continue;
      }
      const read = behaviourOf(field.type).parse(text, valueContext(compiled.catalogue));
      if (read.ok && !isNothing(read.value)) started[key] = read.value;
    }
  }
  return started;
};
