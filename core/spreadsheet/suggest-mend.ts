import { editDistance, foldText } from '../base/index.ts';
import type { Choice, FieldType, ValueContext } from '../values/index.ts';
import { behaviourOf } from '../values/index.ts';
import { readCellOf, type WrittenCells } from './written-cells.ts';

/** What a cell that does not fit may have meant. */
export type Suggested =
  | { readonly as: 'text'; readonly text: string; readonly said: string }
  | { readonly as: 'record'; readonly id: string; readonly called: string };

/** One slip away, or two in a long word: a letter wrong, missing, too many, or two that changed places. */
const mostSlips = (word: string): number => (word.length < 4 ? 0 : word.length < 9 ? 1 : 2);

/** The name nearest to a word, where one is no further than a slip; of several as near none, as it would be a guess. */
export const nearestName = <T>(word: string, names: readonly (readonly [name: string, of: T])[]): T | null => {
  const folded = foldText(word);
  const most = mostSlips(folded);
  let best: { readonly of: T; readonly slips: number } | null = null;
  let isAlone = true;
  for (const [name, of] of names) {
    const other = foldText(name);
    if (Math.abs(other.length - folded.length) > most) continue;
    const slips = editDistance(folded, other);
    if (slips === 0 || slips > most) continue;
    if (!best || slips < best.slips) [best, isAlone] = [{ of, slips }, true];
    else if (slips === best.slips) isAlone = false;
  }
  return best && isAlone ? best.of : null;
};

/** The choice that a word may be a slip of. */
const nearestChoice = (word: string, choices: readonly Choice[]): string | null =>
  nearestName(
    word,
    choices.filter(({ retired }) => retired !== true).map(({ label }) => [label, label] as const),
  );

const NUMBERS = /[-+]?\d[\d.,' ]*/g;
/** "6m50": metres and what is left of one; so people write lengths. */
const UNIT_INSIDE = /^\s*(\d+)\s*\p{L}+\s*(\d+)\s*$/u;

/** What a text with one number in it may mean: "6m50" 6.50, "about 12" 12. */
const numberIn = (word: string, numbers: WrittenCells['numbers'], context: ValueContext): string | null => {
  const [, whole, rest] = UNIT_INSIDE.exec(word) ?? [];
  const point =
    numbers === 'plain'
      ? '.'
      : numbers === 'comma'
        ? ','
        : (new Intl.NumberFormat(context.locale).formatToParts(1.5)[1]?.value ?? '.');
  if (whole !== undefined && rest !== undefined) return `${whole}${point}${rest}`;
  const found = word.match(NUMBERS) ?? [];
  return found.length === 1 ? (found[0]?.trim() ?? null) : null;
};

/** A day whose month and day stand the other way round: "04/13/2026" where the day comes first. */
const turned = (word: string): string | null => {
  const [, first, sign, second, rest] = /^(\d{1,2})([/.-])(\d{1,2})([/.-]\d{2,4})$/.exec(word.trim()) ?? [];
  return first === undefined ? null : `${second}${sign}${first}${rest}`;
};

/** What a cell of a column may be read as, where a slip of writing can be told; null where it cannot. */
export const suggestText = (
  type: FieldType,
  word: string,
  how: WrittenCells,
  context: ValueContext,
): Suggested | null => {
  const behaviour = behaviourOf(type);
  const candidates = ((): readonly (string | null)[] => {
    switch (behaviour.value.kind) {
      case 'number':
        return [numberIn(word, how.numbers, context)];
      case 'date':
        return [turned(word)];
      case 'choice':
        return [nearestChoice(word, context.choices(behaviour.value.list))];
      default:
        return [];
    }
  })();
  for (const text of candidates) {
    if (text === null || text === word) continue;
    const read = readCellOf(type, text, how, context);
    if (read.ok && read.value !== null) return { as: 'text', text, said: behaviour.show(read.value, context) };
  }
  return null;
};
