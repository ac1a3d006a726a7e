import { type Problem, problem, type Result } from '#core/base/index.ts';
import { personItem } from '#core/expression/index.ts';
import { type CompiledForm, holdsNew, newAt, receiveEntry } from '#core/form/index.ts';
import type { RecordValues, Register } from '#core/register/index.ts';
import { Refusal } from '../platform/refusal.ts';
import { addRecords, type By } from '../records/commands/index.ts';
import { readTitles } from '../records/reader/index.ts';
import { asSystem, type CommandContext, wholeRegister } from '../records/work.ts';
import { notOfferedProblems } from './look-up.ts';

/** A record that comes with an entry, to be stored before the entry's own. */
export interface GivenNew {
  readonly id: string;
  /** The look-up of the entry that holds it: `boat`, or `lines.stock` in rows. */
  readonly at: string;
  readonly values: Readonly<Record<string, unknown>>;
}

/** The same once it is judged. */
interface Judged {
  readonly register: Register;
  readonly id: string;
  readonly values: RecordValues;
  /** Its place among those that came with the entry. */
  readonly place: number;
}

const PLACE = 'makes';

/**
 * The records that come with an entry, judged by what the form asks of each, as any entry is; or every problem of them. Only
 * one that a look-up of the entry holds may come with it.
 */
export const judgeNew = async (
  judging: CommandContext,
  compiled: CompiledForm,
  {
    id: own,
    makes = [],
    values,
  }: { readonly id: string; readonly makes?: readonly GivenNew[] | undefined; readonly values: GivenNew['values'] },
): Promise<Result<readonly Judged[]>> => {
  const me = personItem(judging.sight.me);
  const problems: Problem[] = [];
  const judged: Judged[] = [];
  const seen = new Set([own]);
  for (const [place, { id, at, values: given }] of makes.entries()) {
    const told = (code: string, detail: string): void => void problems.push(problem(code, [PLACE, place], detail));
    const asked = newAt(compiled, at);
    if (!asked) told('not_offered', `This form offers no new record at “${at.slice(0, 60)}”.`);
    else if (seen.has(id)) told('id_twice', 'Two records that come together have the same id.');
    else if (!holdsNew(values, at, id))
      told('not_held', `The new ${asked.register.singular} is not chosen in this entry.`);
    else {
      seen.add(id);
      const received = receiveEntry(asked, given, null, judging.clock, me);
      const wrong = received.ok
        ? await notOfferedProblems(judging, asked, { values: received.value, before: null, id: null })
        : received.problems;
      problems.push(...wrong.map((each) => ({ ...each, path: [PLACE, place, 'values', ...each.path] })));
      if (received.ok) judged.push({ register: asked.register, id, values: received.value, place });
    }
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: judged };
};

/** What a register refused of some records that came together, told where each stands in the entry. */
const placedInEntry = (refusal: Refusal, among: readonly Judged[]): Refusal => {
  const place = ({ path }: Problem): Problem['path'] => {
    const [first, second, ...rest] = path;
    const many = first === 'records' && typeof second === 'number';
    return [PLACE, among[many ? second : 0]?.place ?? 0, ...(many ? rest : path)];
  };
  const problems = refusal.problems.map((each) => ({ ...each, path: place(each) }));
  return new Refusal(refusal.kind, refusal.message, problems, refusal.conflicts);
};

/** Stores the records that come with an entry, those of one register together; gives what each is called. */
export const addMadeAlong = async (work: CommandContext, judged: readonly Judged[], by: By) => {
  const made: { id: string; register: string; number: string; title: string }[] = [];
  const system = asSystem(work, 'whoever sent an entry is told what the records that came with it are called');
  for (const key of new Set(judged.map((each) => each.register.key))) {
    const records = judged.filter((each) => each.register.key === key);
    const register = wholeRegister(work, key);
    try {
      const stored = await addRecords(
        work,
        register,
        records.map(({ id, values }) => ({ id, values })),
        by,
      );
      const titles = await readTitles(
        system,
        register,
        stored.map(({ id }) => id),
      );
      for (const { id, number } of stored)
        made.push({ id, register: key, number, title: titles.get(id)?.title ?? number });
    } catch (error) {
      throw error instanceof Refusal ? placedInEntry(error, records) : error;
    }
  }
  return made;
};
