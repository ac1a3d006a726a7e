import type { Tree } from '@lezer/common';
import { parser } from 'lezer-feel';
import { failed, ok, problem, type Result, type Span } from '../base/index.ts';
import { Builder, DEEPEST, NAMES, Refused } from './builder.ts';
import type { Expr } from './tree.ts';

const LONGEST = 10_000;
const MOST_OPERATORS = 200;
/** Chains longer than this the grammar's parser may give up on inside brackets. */
const LONG_CHAIN = 40;

/** How deep brackets nest, read before the parser recurses over them. */
const bracketDepth = (text: string): number => {
  let depth = 0;
  let most = 0;
  for (const letter of text) {
    if (letter === '(' || letter === '[' || letter === '{') most = Math.max(most, ++depth);
    if (letter === ')' || letter === ']' || letter === '}') depth--;
  }
  return most;
};

const strict = parser.configure({ strict: true });
/** In longer texts the place of an error is where reading ended, as mending them to go on could take seconds. */
const MENDED = 500;

/** The syntax tree, or the place of the first error. */
const parsed = (text: string): Tree | Span => {
  try {
    return strict.parse(text);
  } catch (thrown) {
    if (!(thrown instanceof SyntaxError)) throw thrown;
    const place = Number(/\d+$/.exec(thrown.message)?.[0] ?? 0);
    if (text.length > MENDED) return { from: place, to: place };
  }
  let error: Span | null = null;
  parser.parse(text).iterate({
    enter: (node) => {
      if (node.type.isError && !error) error = { from: node.from, to: node.to };
    },
  });
  return error ?? { from: 0, to: text.length };
};

/** Comments up to the end of a line or of their own (OMG DMN 1.4 §10.3.1.2), as blanks, so that every place stays what it is. */
const withoutComments = (text: string): string =>
  text.replace(/"(?:[^"\\]|\\.)*"|\/\/[^\n]*|\/\*[\s\S]*?\*\//g, (found) =>
    found.startsWith('"') ? found : found.replace(/[^\n]/g, ' '),
  );

/** Operators outside of texts, counted before the parser meets them: its time grows faster than they do. */
const countOperators = (text: string): number =>
  withoutComments(text)
    .replace(/"(?:[^"\\]|\\.)*"/g, '')
    .match(/[-+*/<>=]+|\b(?:and|or|in|between)\b/g)?.length ?? 0;

const build = (text: string): Result<Expr> => {
  const whole = { from: 0, to: text.length };
  if (withoutComments(text).trim() === '') return failed(problem('empty', [], 'Nothing is written here.', whole));
  if (text.length > LONGEST) {
    return failed(problem('too_long', [], `An expression can have at most ${LONGEST} characters.`, whole));
  }
  if (bracketDepth(text) > DEEPEST) {
    return failed(problem('too_deep', [], `Brackets are nested more than ${DEEPEST} levels deep.`, whole));
  }
  const operators = countOperators(text);
  if (operators > MOST_OPERATORS)
    return failed(problem('too_long', [], `An expression can have at most ${MOST_OPERATORS} operators.`, whole));
  const joined = NAMES.join(withoutComments(text));
  const tree = parsed(joined);
  if (!('topNode' in tree)) {
    const long = operators > LONG_CHAIN ? ' Or it is too long: chains in brackets are read up to 40 operators.' : '';
    return failed(problem('syntax', [], describeError(text, tree) + long, tree));
  }
  const top = tree.topNode.firstChild;
  if (!top || top.nextSibling) return failed(problem('syntax', [], 'This is not one expression.', whole));
  try {
    return ok(new Builder(joined).expr(top, 0));
  } catch (thrown) {
    if (thrown instanceof Refused) return failed(thrown.problem);
    throw thrown;
  }
};

const describeError = (text: string, at: Span): string => {
  const found = text.slice(at.from, Math.max(at.to, at.from + 1)).trim();
  if (at.from >= text.trimEnd().length || found === '') return 'Something is missing at the end of this expression.';
  if (found.startsWith('"')) return 'This text is not closed: a " is missing.';
  return `“${found.slice(0, 20)}” is not expected here.`;
};

const cache = new Map<string, Result<Expr>>();

/**
 * The tree of an expression, or the first thing wrong with it, with its place. Never throws, whatever the text.
 * Texts are remembered (the newest thousand), so that nothing is parsed twice.
 */
export const parseExpression = (text: string): Result<Expr> => {
  const found = cache.get(text);
  if (found) return found;
  const result = build(text);
  if (cache.size >= 1000) cache.clear();
  cache.set(text, result);
  return result;
};
