import { type BackLink, backLinks, isRowsField, type RecordValues, type Register } from '#core/register/index.ts';
import { rowsOf, type StoredValue, textsOf } from '#core/values/index.ts';
import { mayAny } from '../../people/roles.ts';
import { notAllowed, Refusal } from '../../platform/refusal.ts';
import { readBackReferences } from '../reader/back-references.ts';
import { readOwnValues } from '../reader/own-values.ts';
import { asSystem, type CommandContext, wholeRegister } from '../work.ts';
import { changeRecord } from './change.ts';

const moved = (value: StoredValue, from: string, to: string): StoredValue =>
  value === from ? to : [...new Set(textsOf(value).map((each) => (each === from ? to : each)))];

/** What a record holds once a link in it points elsewhere. */
const withMoved = (
  register: Register,
  link: BackLink,
  values: RecordValues,
  from: string,
  to: string,
): Record<string, StoredValue> => {
  const [, rows] = link.register.split('.');
  if (rows === undefined) return { [link.field]: moved(values[link.field] ?? null, from, to) };
  const field = register.fields.filter(isRowsField).find((each) => each.key === rows);
  if (!field) return {};
  return {
    [rows]: rowsOf(values[rows] ?? null).map((row) => {
      const next = moved(row.values[link.field] ?? null, from, to);
      return { ...row, values: { ...row.values, [link.field]: typeof next === 'object' ? textsOf(next) : next } };
    }),
  };
};

/** A refusal that says of which record it is: whoever moves links asked for none of them by name. */
const ofRecord = (number: string, { kind, message, problems, conflicts }: Refusal): Refusal =>
  new Refusal(kind, `${number}: ${message}`, problems, conflicts);

/**
 * Lets what points to one record, as far as the person sees it, point to another of its register: each a change like any
 * other, with its history and all that follows it. Refused where they see what they may not change.
 */
export const moveLinks = async (work: CommandContext, register: Register, from: string, to: string): Promise<void> => {
  const { catalogue } = work.sight;
  const system = asSystem(work, 'what is moved is held against the whole record it stands in');
  for (const link of backLinks(register.key, catalogue)) {
    const key = link.register.split('.')[0] ?? '';
    const seen = catalogue.registers.get(key);
    const ids = seen ? await readBackReferences(work, seen, link, from) : [];
    if (ids.length > 0 && !mayAny(work.definitions, work.person, key, 'change'))
      throw notAllowed(`${link.label} point here, and you may not change them.`);
    const shown = wholeRegister(work, key);
    for (const id of ids) {
      const current = await readOwnValues(system, shown, id);
      if (!current) continue;
      const changes = withMoved(shown, link, current.values, from, to);
      const base = Object.fromEntries(Object.keys(changes).map((key) => [key, current.values[key] ?? null]));
      await changeRecord(work, shown, id, { from: base, changes }, { action: 'changed', form: null }).catch(
        (error: unknown) => {
          throw error instanceof Refusal ? ofRecord(current.number, error) : error;
        },
      );
    }
  }
};
