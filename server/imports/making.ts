import { randomBytes } from 'node:crypto';
import { foldText, uuidV7 } from '#core/base/index.ts';
import { isWritable, type Register, titleField, valueContext } from '#core/register/index.ts';
import type { FittedRow, Fitting, ImportPlan } from '#core/spreadsheet/index.ts';
import { behaviourOf, leadsTo } from '#core/values/index.ts';
import { mayAny } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { addRecords, type By, judgeNew } from '../records/commands/index.ts';
import { type CommandContext, wholeRegister } from '../records/work.ts';

/* Records of other registers that a spreadsheet makes by their names: a boat that an allocation of moorings speaks of. */

/** A record to be made: its name as it is spelled first, and how many rows name it. */
interface Named {
  readonly name: string;
  rows: number;
}

/** The records to be made, by their register and their name without case and accents. */
export type ToMake = ReadonlyMap<string, ReadonlyMap<string, Named>>;

/** Collects what rows make; each name once, however it is spelled. */
export const collectMade = (
  into: Map<string, Map<string, Named>>,
  { columns }: Fitting,
  { cells, isOut }: FittedRow,
): void => {
  if (isOut) return;
  for (const { at, to } of columns) {
    const name = cells[at]?.makes;
    if (to === null || name === null || name === undefined) continue;
    const names = into.get(to) ?? new Map<string, Named>();
    into.set(to, names);
    const held = names.get(foldText(name));
    if (held) held.rows++;
    else names.set(foldText(name), { name, rows: 1 });
  }
};

const newRecord = (register: Register, name: string, context: ReturnType<typeof valueContext>) => {
  const field = titleField(register);
  const read = behaviourOf(field.type).parse(name, { ...context, inFile: true });
  if (!isWritable(field) || leadsTo(field.type) !== null || !read.ok) return null;
  return { id: uuidV7(Date.now(), randomBytes(10)), values: { [field.key]: read.value }, called: `“${name}”` };
};

const cannot = (register: Register, name: string): string =>
  `${register.plural} are not known by such a name, so that “${name}” cannot be made one.`;

/** Why some of them cannot be made, by register and name without case and accents. */
export const judgeMade = async (work: CommandContext, made: ToMake, by: By): Promise<ReadonlyMap<string, string>> => {
  const wrong = new Map<string, string>();
  for (const [to, names] of made) {
    const register = wholeRegister(work, to);
    const context = valueContext(work.definitions.catalogue);
    const may = mayAny(work.definitions, work.person, to, 'add');
    const records = [...names].flatMap(([folded, { name }]) => {
      const record = may ? newRecord(register, name, context) : null;
      if (!record)
        wrong.set(`${to} ${folded}`, may ? cannot(register, name) : `You may not add records to ${register.plural}.`);
      return record ? [{ folded, record }] : [];
    });
    const given = records.map(({ record }) => record);
    for (const { at, problem } of given.length === 0 ? [] : await judgeNew(work, register, given, new Map(), by)) {
      const folded = records[at]?.folded ?? '';
      wrong.set(`${to} ${folded}`, `It cannot be made: ${problem.detail}`);
    }
  }
  return wrong;
};

/** Makes them; gives how many. What cannot be made is left out: the rows that name it stay out by themselves. */
export const makeRecords = async (work: CommandContext, made: ToMake, by: By): Promise<number> => {
  let count = 0;
  for (const [to, names] of made) {
    if (!mayAny(work.definitions, work.person, to, 'add')) continue;
    const register = wholeRegister(work, to);
    const context = valueContext(work.definitions.catalogue);
    for (const { name } of names.values()) {
      const record = newRecord(register, name, context);
      if (!record) continue;
      try {
        await work.db.transaction((db) => addRecords({ ...work, db }, register, [record], by));
        count++;
      } catch (error) {
        if (!(error instanceof Refusal)) throw error;
      }
    }
  }
  return count;
};

/** The records that can be made, without those that cannot; and how many rows name these. */
export const withoutRefused = (
  made: ToMake,
  cannot: ReadonlyMap<string, string>,
): { readonly made: ToMake; readonly rows: number } => {
  let rows = 0;
  const left = [...made].map(([to, names]) => {
    const kept = [...names].filter(([folded, named]) => {
      const isRefused = cannot.has(`${to} ${folded}`);
      if (isRefused) rows += named.rows;
      return !isRefused;
    });
    return [to, new Map(kept)] as const;
  });
  return { made: new Map(left.filter(([, names]) => names.size > 0)), rows };
};

/** A plan as it is once such records are there: their names are found like any other. */
export const onceMade = (plan: ImportPlan, fitting: Fitting): ImportPlan => {
  const links = new Set(fitting.columns.flatMap(({ at, to }) => (to === null ? [] : [at])));
  const stays = ({ column, taken }: { readonly column: number; readonly taken: { readonly as: string } }): boolean =>
    taken.as !== 'made' || !links.has(column);
  const { alike, cells } = plan.mends;
  return { ...plan, mends: { ...plan.mends, alike: alike.filter(stays), cells: cells.filter(stays) } };
};
