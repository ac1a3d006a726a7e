import { z } from 'zod';
import { ok, type Problem, type Result } from '../base/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { refuse } from './grouping.ts';
import { checkFilter } from './query.ts';

/* Colour by rule: "mark red when days late is over 30". A mark has a sign and a word too, as colour alone tells nobody. */

/** The colours a rule can mark with: each has a wash that all text is read on (the look's tokens). */
export const MARK_COLOURS = ['brick', 'straw', 'kelp', 'haze', 'iolite'] as const;
export type MarkColour = (typeof MARK_COLOURS)[number];

/** How a colour is called in a sentence. */
export const COLOUR_NAMES: { readonly [C in MarkColour]: string } = {
  brick: 'red',
  straw: 'yellow',
  kelp: 'green',
  haze: 'blue',
  iolite: 'violet',
};

const ruleSchema = z.strictObject({
  colour: z.enum(MARK_COLOURS),
  /** A FEEL condition. */
  when: z.string().min(1).max(2000),
});
/** Records for which it is true are marked. */
export type MarkRule = z.infer<typeof ruleSchema>;

/** More rules than these nobody keeps apart. */
const MOST_RULES = 5;
const rulesSchema = z.array(ruleSchema).max(MOST_RULES);

/** Rules as an address holds them, as JSON; '' for none. */
export const readMarks = (text: string): Result<readonly MarkRule[]> => {
  if (text === '') return ok([]);
  try {
    const read = rulesSchema.safeParse(JSON.parse(text));
    if (read.success) return ok(read.data);
  } catch {
    // Told below.
  }
  return { ok: false, problems: [refuse('marks', `A list has at most ${MOST_RULES} rules to mark by, as JSON.`)] };
};

/** The same as it stands in an address. */
export const writeMarks = (rules: readonly MarkRule[]): string => (rules.length === 0 ? '' : JSON.stringify(rules));

/** What is wrong with rules over a register, as somebody sees it. */
export const marksProblems = (text: string, register: Register, catalogue: Catalogue): readonly Problem[] => {
  const read = readMarks(text);
  if (!read.ok) return read.problems;
  return read.value.flatMap(({ when }) => {
    const checked = checkFilter(when, register, catalogue);
    return checked.ok ? [] : checked.problems.map((each) => ({ ...each, path: ['marks'] }));
  });
};

/** The rules that can be had over what somebody sees. */
export const fittingMarks = (text: string, register: Register, catalogue: Catalogue): string => {
  const read = readMarks(text);
  return read.ok ? writeMarks(read.value.filter(({ when }) => checkFilter(when, register, catalogue).ok)) : '';
};
