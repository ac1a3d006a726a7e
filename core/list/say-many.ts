import { joinWords } from '../base/index.ts';

/** What became of many records, or would, as it is counted. */
export interface Counted {
  readonly changed: number;
  readonly unchanged: number;
  readonly refused: number;
  readonly reasons: readonly { readonly detail: string; readonly count: number; readonly numbers: readonly string[] }[];
}

/** What is done to them: as a sentence says it before, and after. */
export type ManyAction = 'set' | 'send' | 'archive' | 'bring_back' | 'undo';

const WOULD: { readonly [D in ManyAction]: readonly [one: string, many: string] } = {
  set: ['changes', 'change'],
  send: ['is sent round', 'are sent round'],
  archive: ['is archived', 'are archived'],
  bring_back: ['is brought back', 'are brought back'],
  undo: ['is as it was', 'are as they were'],
};
const DID: { readonly [D in ManyAction]: readonly [one: string, many: string] } = {
  set: ['was changed', 'were changed'],
  send: ['was sent round', 'were sent round'],
  archive: ['was archived', 'were archived'],
  bring_back: ['was brought back', 'were brought back'],
  undo: ['is as it was', 'are as they were'],
};

const count = (n: number, [one, many]: readonly [string, string], locale: string): string =>
  `${n.toLocaleString(locale)} ${n === 1 ? one : many}`;

const sayCounts = (
  { changed, unchanged, refused }: Counted,
  words: readonly [string, string],
  refusing: readonly [string, string],
  locale: string,
): string => {
  const parts = [
    ...(changed > 0 || unchanged + refused === 0 ? [count(changed, words, locale)] : []),
    ...(unchanged > 0 ? [count(unchanged, ['is so already', 'are so already'], locale)] : []),
    ...(refused > 0 ? [count(refused, refusing, locale)] : []),
  ];
  return joinWords(parts, 'and');
};

/** What would become of many records: "10 change and 2 are refused". */
export const sayWould = (counted: Counted, doing: ManyAction, locale: string): string =>
  sayCounts(counted, WOULD[doing], ['is refused', 'are refused'], locale);

/** What became of them: "10 were changed and 2 were refused". */
export const sayDid = (counted: Counted, doing: ManyAction, locale: string): string =>
  sayCounts(
    counted,
    DID[doing],
    doing === 'undo' ? ['could not be taken back', 'could not be taken back'] : ['was refused', 'were refused'],
    locale,
  );

/** Why some were refused, each reason with some of the records: "“…” for STK-0208 and STK-0235". */
export const sayReasons = ({ reasons }: Counted, locale: string): readonly string[] =>
  reasons.map(({ detail, count: many, numbers }) => {
    if (numbers.length === 0) return many === 1 ? detail : `${detail} (${many.toLocaleString(locale)} times)`;
    const more = many - numbers.length;
    const of = more > 0 ? [...numbers, `${more.toLocaleString(locale)} more`] : numbers;
    return `${joinWords(of, 'and')}: ${detail}`;
  });
