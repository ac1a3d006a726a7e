import { type Catalogue, isWritable, type Register } from '#core/register/index.ts';
import { choiceListOf, linkIn, rowFieldsIn } from '#core/values/index.ts';
import { type Caller, newId } from './harness.ts';

/** A record whose every text is a word of its own, so that any of it is known wherever it comes up. */
export interface Planted {
  readonly register: Register;
  readonly id: string;
  readonly number: string;
  /** In lower case, without spaces. */
  readonly word: string;
  readonly title: string;
}

const AMOUNT = '7313';

/** A value that says where it comes from, for the kinds of field that can; null for the others. */
const valueFor = (
  field: Register['fields'][number],
  word: string,
  ids: ReadonlyMap<string, string>,
  catalogue: Catalogue,
): unknown => {
  const { type } = field;
  const link = linkIn(type);
  if (link) return ids.get(link.register) ?? null;
  if (rowFieldsIn(type).length > 0) return [];
  const list = choiceListOf(type);
  if (list) return catalogue.choiceLists.get(list)?.choices[0]?.code ?? null;
  switch (type.kind) {
    case 'text':
    case 'long_text':
      return `${word} ${field.key}`.slice(0, 60);
    // As the demonstration's own codes are made.
    case 'code':
      return 'ZQ-7313';
    case 'email':
      return `${word}@example.org`;
    case 'money':
    case 'number':
      return AMOUNT;
    case 'moment':
      return '2026-11-01T09:00:00Z';
    case 'date':
      return '2026-11-01';
    default:
      return null;
  }
};

/** Adds a record to each register, those that are linked to first; what a rule does not let be is left out. */
export const plantRecords = async (
  runa: Caller,
  catalogue: Catalogue,
  order: readonly string[],
): Promise<Planted[]> => {
  const planted: Planted[] = [];
  const ids = new Map<string, string>();
  for (const key of order) {
    const register = catalogue.registers.get(key);
    if (!register) throw new RangeError(`there is no register ${key}`);
    const [id, word] = [newId(), `zq${key}`];
    const values = new Map(
      register.fields
        .filter(isWritable)
        .map((field) => [field.key, valueFor(field, word, ids, catalogue)] as const)
        .filter(([, value]) => value !== null),
    );
    for (;;) {
      const added = await runa.post(`/api/registers/${key}/records`, { id, values: Object.fromEntries(values) });
      if (added.status === 201) {
        ids.set(key, id);
        planted.push({ register, id, number: added.body.number, word, title: added.body.title });
        break;
      }
      const named: string[] = (added.body.errors ?? []).map((each: { pointer: string }) => each.pointer.split('/')[2]);
      const dropped = named.filter((name) => values.delete(name));
      if (dropped.length === 0) throw new Error(`${key}: ${JSON.stringify(added.body)}`);
    }
  }
  return planted;
};
