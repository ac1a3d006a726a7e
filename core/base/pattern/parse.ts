/**
 * Patterns for `matches`, `replace` and `split`: the part of regular expressions that reads alike in XPath (which the
 * standard refers to), JavaScript and PostgreSQL. No look-around, no back-references: what is left can be matched in
 * time that grows only with the text, so no pattern can run for ever.
 */
export type Pattern =
  | { readonly kind: 'empty' }
  | { readonly kind: 'set'; readonly ranges: readonly CodeRange[]; readonly negated: boolean }
  | { readonly kind: 'start' | 'end' }
  | { readonly kind: 'sequence'; readonly parts: readonly Pattern[] }
  | { readonly kind: 'either'; readonly options: readonly Pattern[] }
  | { readonly kind: 'group'; readonly number: number | null; readonly inner: Pattern }
  | {
      readonly kind: 'repeat';
      readonly inner: Pattern;
      readonly least: number;
      readonly most: number | null;
      readonly greedy: boolean;
    };

/** Code points from the first to the last, both in. */
export type CodeRange = readonly [first: number, last: number];

export class PatternRefused extends Error {}

const LONGEST = 500;
const MOST_REPEATS = 100;
const DEEPEST = 20;
const LAST_POINT = 0x10ffff;

const point = (letter: string): number => letter.codePointAt(0) ?? 0;
const range = (text: string): CodeRange => [point(text), point(text.slice(1) || text)];

const CLASSES: ReadonlyMap<string, readonly CodeRange[]> = new Map([
  ['d', [range('09')]],
  ['w', [range('09'), range('AZ'), range('_'), range('az')]],
  ['s', [range('\t'), range('\n'), range('\r'), range(' ')]],
]);
const CONTROLS: ReadonlyMap<string, string> = new Map([
  ['n', '\n'],
  ['r', '\r'],
  ['t', '\t'],
]);

const complement = (ranges: readonly CodeRange[]): CodeRange[] => {
  const found: CodeRange[] = [];
  let next = 0;
  for (const [first, last] of ranges.toSorted((a, b) => a[0] - b[0])) {
    if (first > next) found.push([next, first - 1]);
    next = Math.max(next, last + 1);
  }
  return next <= LAST_POINT ? [...found, [next, LAST_POINT]] : found;
};

class Reader {
  readonly #letters: readonly string[];
  #at = 0;
  #groups = 0;
  #depth = 0;
  constructor(text: string) {
    this.#letters = [...text];
  }

  get done(): boolean {
    return this.#at >= this.#letters.length;
  }
  peek = (): string => this.#letters[this.#at] ?? '';
  take = (): string => this.#letters[this.#at++] ?? '';
  skip(letter: string): boolean {
    if (this.peek() !== letter) return false;
    this.#at++;
    return true;
  }

  either(): Pattern {
    if (++this.#depth > DEEPEST) throw new PatternRefused(`its brackets are nested more than ${DEEPEST} deep`);
    const options = [this.sequence()];
    while (this.skip('|')) options.push(this.sequence());
    this.#depth--;
    const [only] = options;
    return only && options.length === 1 ? only : { kind: 'either', options };
  }

  sequence(): Pattern {
    const parts: Pattern[] = [];
    while (!this.done && this.peek() !== '|' && this.peek() !== ')') parts.push(this.repeated());
    const [only] = parts;
    if (parts.length === 0) return { kind: 'empty' };
    return only && parts.length === 1 ? only : { kind: 'sequence', parts };
  }

  repeated(): Pattern {
    const inner = this.single();
    const bounds = this.bounds();
    if (!bounds) return inner;
    if (inner.kind === 'start' || inner.kind === 'end') throw new PatternRefused('^ and $ cannot be repeated');
    const greedy = !this.skip('?');
    if (['*', '+', '?', '{'].includes(this.peek())) throw new PatternRefused('two repeats stand side by side');
    return { kind: 'repeat', inner, ...bounds, greedy };
  }

  bounds(): { least: number; most: number | null } | null {
    if (this.skip('*')) return { least: 0, most: null };
    if (this.skip('+')) return { least: 1, most: null };
    if (this.skip('?')) return { least: 0, most: 1 };
    if (!this.skip('{')) return null;
    let text = '';
    while (!this.done && this.peek() !== '}') text += this.take();
    const found = /^(\d{1,3})(?:(,)(\d{1,3})?)?$/.exec(text);
    if (!this.skip('}') || !found)
      throw new PatternRefused('a “{” must be followed by how often, such as {2} or {2,5}');
    const least = Number(found[1]);
    const most = found[2] ? (found[3] === undefined ? null : Number(found[3])) : least;
    if (least > MOST_REPEATS || (most ?? 0) > MOST_REPEATS || (most !== null && most < least))
      throw new PatternRefused(`it can repeat a part at most ${MOST_REPEATS} times, the lesser number first`);
    return { least, most };
  }

  single(): Pattern {
    const letter = this.take();
    switch (letter) {
      case '(': {
        const counted = !this.skip('?');
        if (!counted && !this.skip(':')) throw new PatternRefused('looking ahead or behind is not possible');
        const number = counted ? ++this.#groups : null;
        const inner = this.either();
        if (!this.skip(')')) throw new PatternRefused('a “)” is missing');
        return { kind: 'group', number, inner };
      }
      case '[':
        return this.set();
      case '.':
        return { kind: 'set', ranges: [range('\n')], negated: true };
      case '^':
        return { kind: 'start' };
      case '$':
        return { kind: 'end' };
      case '\\':
        return { kind: 'set', ...this.escaped() };
      case '*':
      case '+':
      case '?':
      case '{':
        throw new PatternRefused(`nothing stands before “${letter}” to repeat`);
      default:
        return { kind: 'set', ranges: [[point(letter), point(letter)]], negated: false };
    }
  }

  escaped(): { ranges: readonly CodeRange[]; negated: boolean } {
    const letter = this.take();
    const shared = CLASSES.get(letter.toLowerCase());
    if (shared) return { ranges: shared, negated: letter !== letter.toLowerCase() };
    const control = CONTROLS.get(letter);
    if (!control && !/^[-\\^$.|?*+()[\]{}/"'#&,:;<=>@_`~!% ]$/.test(letter))
      throw new PatternRefused(letter === '' ? 'it ends with a backslash' : `“\\${letter}” is not known`);
    return { ranges: [range(control ?? letter)], negated: false };
  }

  set(): Pattern {
    const negated = this.skip('^');
    const ranges: CodeRange[] = [];
    while (!this.skip(']')) {
      if (this.done) throw new PatternRefused('a “]” is missing');
      const first = this.member();
      const low = first.length === 1 ? first[0]?.[0] : undefined;
      if (this.peek() === '-' && this.#letters[this.#at + 1] !== ']' && low !== undefined && first[0]?.[1] === low) {
        this.take();
        const [last, ...more] = this.member();
        if (!last || more.length > 0 || last[0] < low)
          throw new PatternRefused('a range in “[ ]” ends before it begins');
        ranges.push([low, last[1]]);
      } else ranges.push(...first);
    }
    if (ranges.length === 0) throw new PatternRefused('“[ ]” needs something inside');
    return { kind: 'set', ranges, negated };
  }

  member(): readonly CodeRange[] {
    const letter = this.take();
    if (letter === '[') throw new PatternRefused('a “[” inside “[ ]” must be written \\[');
    if (letter !== '\\') return [[point(letter), point(letter)]];
    const { ranges, negated } = this.escaped();
    return negated ? complement(ranges) : ranges;
  }

  get groups(): number {
    return this.#groups;
  }
}

/** How many steps a pattern takes when every repeat is written out: what matching one character can cost. */
const sizeOf = (pattern: Pattern): number => {
  switch (pattern.kind) {
    case 'empty':
      return 0;
    case 'set':
    case 'start':
    case 'end':
      return 1;
    case 'sequence':
      return pattern.parts.reduce((sum, part) => sum + sizeOf(part), 0);
    case 'either':
      return pattern.options.reduce((sum, option) => sum + sizeOf(option) + 1, 0);
    case 'group':
      return sizeOf(pattern.inner) + 1;
    case 'repeat':
      return Math.max(pattern.most ?? 0, pattern.least, 1) * (sizeOf(pattern.inner) + 1);
  }
};

const LARGEST = 500;
const read = new Map<string, { pattern: Pattern; groups: number } | string>();

const parse = (text: string): { pattern: Pattern; groups: number } | string => {
  if (text.length > LONGEST) return `it has more than ${LONGEST} characters`;
  try {
    const reader = new Reader(text);
    const pattern = reader.either();
    if (!reader.done) return 'a “(” is missing';
    return sizeOf(pattern) > LARGEST ? 'its repeats make it too large' : { pattern, groups: reader.groups };
  } catch (thrown) {
    if (thrown instanceof PatternRefused) return thrown.message;
    throw thrown;
  }
};

/** A pattern with the number of its groups, or why it is refused, as a clause. Read once per text. */
export const parsePattern = (text: string): { pattern: Pattern; groups: number } | string => {
  const found = read.get(text);
  if (found) return found;
  const result = parse(text);
  if (read.size >= 500) read.clear();
  read.set(text, result);
  return result;
};

const escaped = (code: number): string => {
  const letter = String.fromCodePoint(code);
  if (/[A-Za-z0-9]/.test(letter)) return letter;
  const hex = code.toString(16);
  return code > 0xffff ? `\\U${hex.padStart(8, '0')}` : `\\u${hex.padStart(4, '0')}`;
};

/** The same pattern in PostgreSQL's words (its "advanced" regular expressions), every literal character escaped. */
export const toPostgres = (pattern: Pattern): string => {
  switch (pattern.kind) {
    case 'empty':
      return '(?:)';
    case 'start':
      return '^';
    case 'end':
      return '$';
    case 'set': {
      const inner = pattern.ranges.map(([first, last]) =>
        first === last ? escaped(first) : `${escaped(Math.max(first, 1))}-${escaped(last)}`,
      );
      return `[${pattern.negated ? '^' : ''}${inner.join('')}]`;
    }
    case 'sequence':
      return pattern.parts.map(toPostgres).join('');
    case 'either':
      return `(?:${pattern.options.map(toPostgres).join('|')})`;
    case 'group':
      return `(?:${toPostgres(pattern.inner)})`;
    case 'repeat':
      return `(?:${toPostgres(pattern.inner)})${
        pattern.most === 1 && pattern.least === 0
          ? '?'
          : pattern.most === null && pattern.least < 2
            ? pattern.least === 0
              ? '*'
              : '+'
            : `{${pattern.least},${pattern.most ?? ''}}`
      }`;
  }
};
