import { eq } from 'drizzle-orm';
import { type Problem, problem, toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import { askingOf } from '#core/form/index.ts';
import { type Catalogue, isWritable, type Register } from '#core/register/index.ts';
import {
  type FillingColumn,
  type ImportPlan,
  isFilling,
  letterOf,
  madeLists,
  madeRegister,
} from '#core/spreadsheet/index.ts';
import { readDrafts } from '../definitions/drafts.ts';
import { idOf } from '../definitions/ids.ts';
import { noChanges } from '../definitions/planning.ts';
import type { DefinitionsService } from '../definitions/service.ts';
import { setsUp } from '../people/roles.ts';
import type { Db, Tx } from '../platform/database.ts';
import { addJob, stopJob } from '../platform/jobs.ts';
import { inTransaction } from '../platform/locks.ts';
import { invalid, notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { imports } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { refuseAsTheyStand, refuseInto, refuseOlder, refuseUnlessLooking, refuseUnlessOwn } from './begin.ts';
import { planOf } from './doing.ts';
import { findImport, holdImport, type Import, keepShape, type Made, shapeOf } from './kept.ts';
import { IMPORT_TASK } from './task.ts';

/* What a spreadsheet makes is made, and its rows begin to be stored. */

const unsaidIn = ({ numbers, fraction, days, years }: FillingColumn, at: number): Problem[] =>
  [
    numbers === null && 'say how numbers are written, as all of them can be read either way.',
    fraction === null && 'say whether 0.2 stands for 20 % or for 0.2 %, as every cell is at most 1.',
    days === null && 'say whether the day or the month comes first, as every day can be read either way.',
    years === null && 'say which century its two-digit years mean: some may lie ahead, or a hundred years back.',
  ].flatMap((says) =>
    says === false ? [] : [problem('unsaid', ['plan', 'columns', at], `Column ${letterOf(at)}: ${says}`)],
  );

/** What must be said before a plan can be carried out. */
const refuseUnsaid = (plan: ImportPlan): void => {
  const problems = [
    ...plan.columns.flatMap((column, at) => (isFilling(column) ? unsaidIn(column, at) : [])),
    ...(plan.columns.every(({ fills }) => fills === 'nothing' || fills === 'number')
      ? [problem('nothing', ['plan', 'columns'], 'No column fills anything.')]
      : []),
  ];
  if (problems.length > 0) throw invalid(problems);
};

/** How the next file of these columns goes into the register: what was made is there by then. */
const shapePlan = (plan: ImportPlan, register: Register): ImportPlan => ({
  ...plan,
  into: register.key,
  made: null,
  lists: [],
  form: false,
  // What tells the rows of a register apart that was made, its next rows are found by.
  found_by:
    plan.made === null
      ? plan.found_by
      : (plan.columns.flatMap((column) => (column.fills === 'new' && column.unique ? [column.key] : []))[0] ?? ''),
  columns: plan.columns.map((column) => {
    if (column.fills !== 'new') return column;
    const field = register.fields.find(({ key }) => key === column.key);
    return field && isWritable(field)
      ? {
          fills: 'field',
          field: column.key,
          fraction: column.fraction,
          ...(column.numbers === undefined ? {} : { numbers: column.numbers }),
          ...(column.days === undefined ? {} : { days: column.days }),
          ...(column.years === undefined ? {} : { years: column.years }),
        }
      : { fills: 'nothing' };
  }),
  mends: { ...plan.mends, alike: [], cells: [], out: [] },
});

/** Begins to store what was looked through, in the caller's transaction. */
const begin = async (tx: Tx, look: ReadContext, kept: Import, register: Register, made: Made): Promise<void> => {
  const held = refuseUnlessOwn(look, await holdImport(tx, kept.id));
  refuseUnlessLooking(held);
  refuseOlder(held, kept.revision);
  await stopJob(tx, held.jobId);
  const jobId = await addJob(tx, IMPORT_TASK, { import: kept.id }, look.person.id);
  await tx
    .update(imports)
    .set({
      phase: 'storing',
      jobId,
      registerId: idOf(register),
      made,
      fieldIds: Object.fromEntries(register.fields.map((field) => [field.key, idOf(field)])),
    })
    .where(eq(imports.id, kept.id));
  const heads = kept.found?.columns.map(({ head }) => head) ?? [];
  await keepShape(tx, idOf(register), shapeOf(heads), shapePlan(planOf(kept), register));
};

/** A form that asks for what the columns fill, as a draft. Gives its key. */
const makeForm = async (
  db: Db,
  setUp: DefinitionsService,
  look: ReadContext,
  plan: ImportPlan,
  register: Register,
): Promise<string> => {
  const drafts = await readDrafts(db, 'form');
  const taken = new Set([...look.definitions.forms.keys(), ...drafts.map(({ document }) => document.key)]);
  const label = `Add ${/^[aeiou]/i.test(register.singular) ? 'an' : 'a'} ${register.singular.toLowerCase()}`;
  const key = toKey(label, taken, FUNCTION_NAMES);
  const fields = plan.columns.flatMap((column) =>
    column.fills === 'new' ? [column.key] : column.fills === 'field' ? [column.field] : [],
  );
  await setUp.keepForm(key, askingOf(key, label, register, fields), look.person.id);
  return key;
};

/** Makes the register and the choice lists of a plan, in one transaction with the beginning of its storing. */
export const carryOutImport = async (
  db: Db,
  setUp: DefinitionsService,
  look: ReadContext,
  id: string,
  revision: number,
): Promise<void> => {
  const kept = refuseUnlessOwn(look, await findImport(db, id));
  refuseUnlessLooking(kept);
  refuseOlder(kept, revision);
  const plan = planOf(kept);
  if (kept.foundRevision !== revision || !kept.found?.would)
    throw new Refusal('conflict', 'This is still being looked through: wait until it is known what would come of it.');
  refuseUnsaid(plan);
  refuseInto(look, plan.into);
  refuseAsTheyStand(look, plan);
  const { catalogue } = look.definitions;
  const register = madeRegister(plan);
  const lists = madeLists(plan, catalogue);
  const canSetUp = setsUp(look.definitions, look.person, 'registers');
  if ((register || lists.length > 0) && !canSetUp)
    throw notAllowed('To make choices, lists or a register takes the right to set up registers.');
  if (register && catalogue.registers.has(register.key))
    throw invalid([
      problem('key_taken', ['plan', 'made', 'key'], `There is a register with the key “${register.key}” already.`),
    ]);
  const made: Made = {
    register: register?.key ?? null,
    lists: lists.filter(({ key }) => !catalogue.choiceLists.has(key)).map(({ key }) => key),
    form: null,
  };
  const along = async (tx: Tx, after: Catalogue): Promise<void> => {
    const there = after.registers.get(register?.key ?? plan.into ?? '');
    if (!there) throw notFound();
    await begin(tx, look, kept, there, made);
  };
  if (register || lists.length > 0)
    await setUp.carryOut(
      { ...noChanges(look.definitions.version), registers: register ? [register] : [], choice_lists: lists },
      look.person.id,
      along,
    );
  else await inTransaction(db, (tx) => along(tx, look.definitions.catalogue));
  if (!plan.form || !setsUp(look.definitions, look.person, 'forms')) return;
  const there = register ?? catalogue.registers.get(plan.into ?? '');
  if (!there) return;
  const form = await makeForm(db, setUp, look, plan, there);
  await db
    .update(imports)
    .set({ made: { ...made, form } })
    .where(eq(imports.id, id));
};
