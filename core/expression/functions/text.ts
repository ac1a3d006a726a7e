import { countCharacters, findMatch, fromCodes, parsePattern, toCodes, toPostgres } from '../../base/index.ts';
import { type SqlFragment, sql, parameter as sqlParameter } from '../../sql/index.ts';
import { BOOLEAN, listOf, NUMBER, TEXT } from '../type.ts';
import { isList, type Tools, type Value } from '../value.ts';
import {
  type BuiltIn,
  counted,
  LONGEST_LIST,
  LONGEST_TEXT,
  listOfArg,
  optional,
  type Signature,
  takes,
  textArgument,
  wholeOf,
} from './signature.ts';

const string = takes('string', 'text');
const match = takes('match', 'text');
const first = ([longest = 0]: readonly number[]): number => longest;

const two = (
  run: (a: string, b: string) => Value,
  result: Signature['result'],
  sqlOf: (a: SqlFragment, b: SqlFragment) => SqlFragment,
): Signature => ({
  parameters: [string, match],
  result,
  run: ([a, b]) => run(textArgument(a), textArgument(b)),
  sql: (call) => sqlOf(call.at(0), call.at(1)),
  longest: first,
});

const one = (
  run: (text: string) => Value,
  result: Signature['result'],
  sqlOf: Signature['sql'],
  grows = 1,
): Signature => ({
  parameters: [string],
  result,
  run: ([text]) => run(textArgument(text)),
  sql: sqlOf,
  longest: ([longest = 0]) => longest * grows,
});

/** The text, or nothing with a note where it would be too long. */
const limited = (text: string, tools: Tools): Value => {
  if (text.length <= LONGEST_TEXT) return text;
  tools.note('too_much', `This would make a text of more than ${LONGEST_TEXT} characters.`);
  return null;
};

const joinTexts = (items: readonly Value[], between: string, tools: Tools): Value => {
  let made = '';
  let first = true;
  for (const item of items) {
    if (item === null) continue;
    made += first ? textArgument(item) : between + textArgument(item);
    first = false;
    // Told as soon as it is too long, so that it is never all put together.
    if (made.length > LONGEST_TEXT) return limited(made, tools);
  }
  return made;
};

/** FEEL counts from 1, and from the end with negative numbers. */
const substring = (text: string, start: number, length: number | null): Value => {
  const codes = toCodes(text);
  const from = start > 0 ? start - 1 : codes.length + start;
  if (start === 0 || from < 0 || (length !== null && length < 0)) return null;
  return fromCodes(
    codes,
    Math.min(from, codes.length),
    length === null ? codes.length : Math.min(from + length, codes.length),
  );
};

const replaceAll = (text: string, patternText: string, replacement: string, tools: Tools): Value => {
  const read = parsePattern(patternText);
  if (typeof read === 'string') return null;
  const codes = toCodes(text);
  let made = '';
  let at = 0;
  for (;;) {
    const found = findMatch(read.pattern, codes, at);
    const [start, end] = found ?? [];
    if (!found || start === undefined || end === undefined)
      return limited(made + fromCodes(codes, at, codes.length), tools);
    // XPath refuses a pattern that matches nothing at all, as it would be everywhere (err:FORX0003).
    if (start === end) return null;
    made += fromCodes(codes, at, start);
    made += replacement.replace(/\\(.)|\$(\d)/gu, (_, escaped: string | undefined, group: string | undefined) => {
      if (escaped !== undefined) return escaped;
      const [from = -1, to = -1] = [found[Number(group) * 2], found[Number(group) * 2 + 1]];
      return from < 0 ? '' : fromCodes(codes, from, to);
    });
    if (made.length > LONGEST_TEXT) return limited(made, tools);
    at = end;
  }
};

const split = (text: string, patternText: string): Value => {
  const read = parsePattern(patternText);
  if (typeof read === 'string') return null;
  const codes = toCodes(text);
  const parts: string[] = [];
  let at = 0;
  for (;;) {
    const [start, end] = findMatch(read.pattern, codes, at) ?? [];
    if (start === undefined || end === undefined) return [...parts, fromCodes(codes, at, codes.length)];
    if (start === end || parts.length >= LONGEST_LIST) return null;
    parts.push(fromCodes(codes, at, start));
    at = end;
  }
};

/** A pattern as SQL's parameter, in PostgreSQL's words. */
const patternSql = (text: string): SqlFragment => {
  const read = parsePattern(text);
  return sqlParameter(typeof read === 'string' ? null : toPostgres(read.pattern), 'text');
};

const PATTERNS = 'it takes a text apart by a pattern';

/** Text functions (OMG DMN 1.4 §10.3.4.3). Characters are code points. */
export const TEXT_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'string length',
    group: 'text',
    help: 'How many characters a text has.',
    examples: [
      ['string length("foo")', '3'],
      ['string length("🐎ab")', '3'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        ...one(
          (text) => counted(countCharacters(text)),
          NUMBER,
          (call) => sql`char_length(${call.at(0)})::numeric`,
        ),
        size: () => ({ before: 7, after: 0 }),
      },
    ],
  },
  {
    name: 'upper case',
    group: 'text',
    help: 'The text in capital letters.',
    examples: [['upper case("aBc4")', '"ABC4"']],
    clause: '10.3.4.3',
    signatures: [
      one(
        (text) => text.toUpperCase(),
        TEXT,
        (call) => sql`upper(${call.at(0)} collate "und-x-icu")`,
        3,
      ),
    ],
  },
  {
    name: 'lower case',
    group: 'text',
    help: 'The text in small letters.',
    examples: [['lower case("aBc4")', '"abc4"']],
    clause: '10.3.4.3',
    signatures: [
      one(
        (text) => text.toLowerCase(),
        TEXT,
        (call) => sql`lower(${call.at(0)} collate "und-x-icu")`,
        3,
      ),
    ],
  },
  {
    name: 'substring',
    group: 'text',
    help: 'Part of a text from a place on, counted from 1; a negative place counts from the end.',
    examples: [
      ['substring("foobar", 3)', '"obar"'],
      ['substring("foobar", 3, 3)', '"oba"'],
      ['substring("foobar", -2, 1)', '"a"'],
      ['substring("🐎ab", 2)', '"ab"'],
      ['substring(string: "foobar", start position: 3)', '"obar"'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        parameters: [string, takes('start position', 'number'), optional('length', 'number')],
        result: TEXT,
        run: ([text, start, length]) => {
          const [from, count] = [wholeOf(start), length === undefined ? null : wholeOf(length)];
          return from === null || (length !== undefined && count === null)
            ? null
            : substring(textArgument(text), from, count);
        },
        sql: (call) =>
          call.has(2)
            ? sql`iolite.substring_of(${call.at(0)}, ${call.at(1)}, ${call.at(2)})`
            : sql`iolite.substring_of(${call.at(0)}, ${call.at(1)}, 1000000)`,
        longest: first,
      },
    ],
  },
  {
    name: 'substring before',
    group: 'text',
    help: 'What stands before the first place of another text; empty where it is not found.',
    examples: [
      ['substring before("foobar", "bar")', '"foo"'],
      ['substring before("foobar", "xyz")', '""'],
      ['substring before("foobar", "")', '""'],
    ],
    clause: '10.3.4.3',
    signatures: [
      two(
        (a, b) => a.slice(0, Math.max(0, a.indexOf(b))),
        TEXT,
        (a, b) => sql`left(${a}, strpos(${a}, ${b}) - (strpos(${a}, ${b}) > 0)::integer)`,
      ),
    ],
  },
  {
    name: 'substring after',
    group: 'text',
    help: 'What stands after the first place of another text; empty where it is not found.',
    examples: [
      ['substring after("foobar", "ob")', '"ar"'],
      ['substring after("", "a")', '""'],
      ['substring after("foobar", "")', '"foobar"'],
    ],
    clause: '10.3.4.3',
    signatures: [
      two(
        (a, b) => (a.includes(b) ? a.slice(a.indexOf(b) + b.length) : ''),
        TEXT,
        (a, b) =>
          sql`(case when strpos(${a}, ${b}) > 0 then substr(${a}, strpos(${a}, ${b}) + char_length(${b})) when char_length(${b}) = 0 then ${a} when ${a} is not null and ${b} is not null then '' end)`,
      ),
    ],
  },
  {
    name: 'replace',
    group: 'text',
    help: 'Puts another text wherever a pattern matches; $1 stands for what its first group matched.',
    examples: [
      ['replace("banana", "a", "o")', '"bonono"'],
      ['replace("abcd", "(ab)|(a)", "[1=$1][2=$2]")', '"[1=ab][2=]cd"'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        parameters: [takes('input', 'text'), takes('pattern', 'text'), takes('replacement', 'text')],
        result: TEXT,
        run: ([text, pattern, replacement], tools) =>
          replaceAll(textArgument(text), textArgument(pattern), textArgument(replacement), tools),
        sql: PATTERNS,
        longest: () => LONGEST_TEXT,
      },
    ],
  },
  {
    name: 'contains',
    group: 'text',
    help: 'Whether a text has another one in it.',
    examples: [['contains("foobar", "of")', 'false']],
    clause: '10.3.4.3',
    signatures: [
      two(
        (a, b) => a.includes(b),
        BOOLEAN,
        (a, b) => sql`(strpos(${a}, ${b}) > 0 or char_length(${b}) = 0 and ${a} is not null)`,
      ),
    ],
  },
  {
    name: 'starts with',
    group: 'text',
    help: 'Whether a text begins with another one.',
    examples: [['starts with("foobar", "fo")', 'true']],
    clause: '10.3.4.3',
    signatures: [
      two(
        (a, b) => a.startsWith(b),
        BOOLEAN,
        (a, b) => sql`starts_with(${a}, ${b})`,
      ),
    ],
  },
  {
    name: 'ends with',
    group: 'text',
    help: 'Whether a text ends with another one.',
    examples: [['ends with("foobar", "r")', 'true']],
    clause: '10.3.4.3',
    signatures: [
      two(
        (a, b) => a.endsWith(b),
        BOOLEAN,
        (a, b) => sql`(right(${a}, char_length(${b})) = ${b})`,
      ),
    ],
  },
  {
    name: 'matches',
    group: 'text',
    help: 'Whether a pattern matches somewhere in a text; ^ and $ tie it to the beginning and the end.',
    examples: [
      ['matches("foobar", "^fo*b")', 'true'],
      ['matches("AB-123", "^[A-Z]{2}-\\\\d+$")', 'true'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        parameters: [takes('input', 'text'), takes('pattern', 'text')],
        result: BOOLEAN,
        run: ([text, pattern]) => {
          const read = parsePattern(textArgument(pattern));
          return typeof read === 'string' ? null : findMatch(read.pattern, toCodes(textArgument(text))) !== null;
        },
        sql: (call) => sql`(${call.at(0)} collate "C" ~ ${patternSql(textArgument(call.constant(1)))})`,
      },
    ],
  },
  {
    name: 'split',
    group: 'text',
    help: 'The parts of a text between the places where a pattern matches.',
    examples: [
      ['split("John Doe", "\\\\s")', '["John", "Doe"]'],
      ['split("a;b;c;;", ";")', '["a", "b", "c", "", ""]'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        parameters: [string, takes('delimiter', 'text')],
        result: listOf(TEXT),
        run: ([text, delimiter]) => split(textArgument(text), textArgument(delimiter)),
        sql: PATTERNS,
      },
    ],
  },
  {
    name: 'string join',
    group: 'text',
    help: 'The texts of a list behind each other, with another text between them; what is nothing is left out.',
    examples: [
      ['string join(["a", "b", "c"], "_and_")', '"a_and_b_and_c"'],
      ['string join(["a", "b", "c"], "")', '"abc"'],
      ['string join(["a", "b", "c"], null)', '"abc"'],
      ['string join(["a"], "X")', '"a"'],
      ['string join(["a", null, "c"], "X")', '"aXc"'],
      ['string join([], "X")', '""'],
    ],
    clause: '10.3.4.3',
    signatures: [
      {
        parameters: [takes('list', { list: 'text' }), optional('delimiter', 'text')],
        result: TEXT,
        takesNothing: true,
        run: ([list, delimiter], tools) =>
          isList(list ?? null) ? joinTexts(listOfArg(list), textArgument(delimiter), tools) : null,
        sql: 'it joins texts of a list',
        longest: () => LONGEST_TEXT,
      },
    ],
  },
];
