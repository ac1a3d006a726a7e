import { Fragment } from 'react';
import { foldText } from '#core/base/index.ts';

/** The places where any of the folded words stands in a text, merged, as pairs of UTF-16 offsets. */
export const findMarks = (text: string, words: readonly string[]): [number, number][] => {
  if (words.length === 0) return [];
  // Folding may change lengths (ß → ss): fold letter by letter and remember where each came from.
  let folded = '';
  const from: number[] = [];
  let at = 0;
  for (const letter of text) {
    const piece = letter === ' ' ? ' ' : foldText(letter);
    for (const _ of piece) from.push(at);
    folded += piece;
    at += letter.length;
  }
  from.push(text.length);
  const places: [number, number][] = [];
  for (const word of words) {
    for (let hit = folded.indexOf(word); word !== '' && hit >= 0; hit = folded.indexOf(word, hit + word.length)) {
      places.push([from[hit] ?? 0, from[hit + word.length] ?? text.length]);
    }
  }
  places.sort((a, b) => a[0] - b[0]);
  return places.reduce<[number, number][]>((merged, place) => {
    const last = merged.at(-1);
    if (last && place[0] <= last[1]) last[1] = Math.max(last[1], place[1]);
    else merged.push(place);
    return merged;
  }, []);
};

/** Text with the words that were found marked. */
export const Found = ({ text, words }: { text: string; words: readonly string[] }) => {
  const places = words.length === 0 ? [] : findMarks(text, words);
  let end = 0;
  return (
    <>
      {places.map(([from, to]) => {
        const before = text.slice(end, from);
        end = to;
        return (
          <Fragment key={from}>
            {before}
            <mark>{text.slice(from, to)}</mark>
          </Fragment>
        );
      })}
      {text.slice(end)}
    </>
  );
};
