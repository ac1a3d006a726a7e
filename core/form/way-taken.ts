import type { Clock } from '../base/index.ts';
import type { RecordValues } from '../register/index.ts';
import { isMadeByProgram } from '../values/index.ts';
import type { CompiledForm } from './compiled.ts';
import { newEntry } from './entry.ts';
import { fillIn } from './fill-in.ts';
import type { Way } from './ways.ts';

/**
 * The way that the answers of a stored record take through the form: one of `ways`, or null where it is none of them, as
 * when there are more ways than were looked for.
 */
export const wayTaken = (
  compiled: CompiledForm,
  ways: readonly Way[],
  record: RecordValues,
  clock: Clock,
): Way | null => {
  const answered = compiled.questions.filter(({ workedOut, field }) => !workedOut && !isMadeByProgram(field.type));
  const typed = Object.fromEntries(answered.map(({ key }) => [key, record[key] ?? null]));
  const { way, questions } = fillIn(compiled, { ...newEntry(''), typed }, clock);
  const asked = questions.flatMap((state) => (state.asked && !state.question.hidden ? [state.question.key] : []));
  const same = (a: readonly unknown[], b: readonly unknown[]) => a.join(' ') === b.join(' ');
  return ways.find((each) => same(each.pages, way) && same(each.asked, asked)) ?? null;
};
