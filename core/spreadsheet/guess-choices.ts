import { foldText, toKey } from '../base/index.ts';
import type { ChoiceList } from '../register/index.ts';
import type { NewList } from './plan.ts';
import { alikeIn, type Profile } from './profile.ts';

/** A list of choices has few of them, each said again and again, and short: from common practice. */
const MOST_CHOICES = 25;
const MOST_OF_LONG = 60;
const LONGEST_CHOICE = 40;
const LEAST_EACH = 3;
const LEAST_EACH_OF_LONG = 20;
/** So much of a column stands in a list that is there: it is that list. */
const LEAST_KNOWN = 0.8;

/** As amounts and numbers are written, with or without a sign: few different ones are still no choices. */
const AMOUNT = /^[-+(]?\s?[£$€¥]?\s?\d[\d.,' ]*\s?[£$€¥%)]?$/;
const areAmounts = ({ filled, counts }: Profile): boolean =>
  [...counts].reduce((sum, [word, count]) => sum + (AMOUNT.test(word) ? count : 0), 0) > filled / 2;

/** Whether a column's texts read like choices. */
export const looksLikeChoices = (profile: Profile): boolean => {
  if (profile.filled < 6 || profile.counts.size > profile.filled / 2 || areAmounts(profile)) return false;
  const found = alikeIn(profile);
  if (found.size < 2 || [...found.values()].some(({ spellings: [[word] = ['']] }) => word.length > LONGEST_CHOICE))
    return false;
  const each = profile.filled / found.size;
  return (
    (found.size <= MOST_CHOICES && each >= LEAST_EACH) || (found.size <= MOST_OF_LONG && each >= LEAST_EACH_OF_LONG)
  );
};

/** The list that is there already in which most of a column stands. */
export const knownList = (profile: Profile, lists: Iterable<ChoiceList>): ChoiceList | null => {
  if (profile.counts.size > 1_000) return null;
  const found = alikeIn(profile);
  let best: ChoiceList | null = null;
  let most = 0;
  for (const list of lists) {
    const choices = list.choices.filter(({ retired }) => retired !== true);
    const labels = new Set(choices.map(({ label }) => foldText(label)));
    const codes = new Set(choices.map(({ code }) => code));
    let known = 0;
    let different = 0;
    // By its code a choice is meant to the letter: “Rope” is not the choice “Rope and mooring” because that is coded so.
    for (const [folded, { count, spellings }] of found)
      if (labels.has(folded) || spellings.every(([word]) => codes.has(word))) {
        known += count;
        different++;
      }
    // One word alone tells nothing, were it not all there is.
    if (known / Math.max(1, profile.filled) < LEAST_KNOWN || (different < 2 && labels.size > 1)) continue;
    if (different > most) [best, most] = [list, different];
  }
  return best;
};

/** A choice list of what stands in a column: each choice as it is spelled most often, the others brought to it. */
export const listOf = (profile: Profile, label: string, taken: ReadonlySet<string>): NewList => {
  const codes = new Set<string>();
  const choices = [...alikeIn(profile)].map(([, { spellings }]) => {
    const [[word] = [''], ...others] = spellings;
    const code = toKey(word, codes);
    codes.add(code);
    return { code, label: word.slice(0, 80), alike: others.map(([other]) => other).slice(0, 50) };
  });
  return { key: toKey(label, taken), label, choices };
};
