/**
 * The names of functions of several words, each a single word to the parser: "string length" as `string_length`. In
 * the standard's grammar a name may hold spaces and even "and", so the parser has to follow every way of reading one
 * until the text shows which is meant; nested calls made it give up. One character stands for one, so all places stay.
 */
export class JoinedNames {
  readonly #known: ReadonlySet<string>;
  readonly #pattern: RegExp;

  constructor(names: Iterable<string>) {
    const several = [...names].filter((name) => name.includes(' '));
    this.#known = new Set(several);
    // The longest first, so that "round half up" is not read as "round half".
    const options = several
      .toSorted((a, b) => b.length - a.length)
      .map((name) => name.replaceAll(' ', '\\s+'))
      .join('|');
    this.#pattern = new RegExp(`"(?:[^"\\\\]|\\\\.)*"|(?<![\\p{L}\\p{N}_.])(?:${options})(?=\\s*\\()`, 'gu');
  }

  /** The text with such names joined; texts in quotes stay as they are. */
  join(text: string): string {
    return text.replace(this.#pattern, (found) => (found.startsWith('"') ? found : found.replace(/\s/g, '_')));
  }

  /** A function's name as it was written, single spaces between its words. */
  split(name: string): string {
    const plain = name.replace(/[_\s]+/g, ' ');
    return this.#known.has(plain) ? plain : name.replace(/\s+/g, ' ');
  }
}
