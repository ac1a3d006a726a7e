/** A stretch of source text, in UTF-16 units, end exclusive. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export type Path = readonly (string | number)[];

/**
 * What is wrong, as data: a stable code for programs, the place (`path` from the document's root, `span` inside a
 * text that stands there) and one sentence for people.
 */
export interface Problem {
  readonly code: string;
  readonly path: Path;
  readonly detail: string;
  readonly span?: Span;
}

export type Result<T, P extends Problem = Problem> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problems: readonly P[] };

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value });

export const failed = <P extends Problem>(...problems: P[]): Result<never, P> => ({ ok: false, problems });

export const problem = (code: string, path: Path, detail: string, span?: Span): Problem =>
  span ? { code, path, detail, span } : { code, path, detail };

/** The same problems seen from one level further out: every path gets `prefix` in front. */
export const within = (prefix: Path, problems: readonly Problem[]): Problem[] =>
  problems.map((each) => ({ ...each, path: [...prefix, ...each.path] }));

/** So many problems of one sort are told at once: whoever sends more reads none of them. */
export const MOST_TOLD = 50;
/** Of so few, each is told with what may have been meant. */
const FEW = 10;

/**
 * A problem for each of the first keys that are not known, and one more that says how many others there are. `tell` is told
 * whether they are few enough to look for what was meant by each.
 */
export const tellUnknown = (keys: readonly string[], tell: (key: string, areFew: boolean) => Problem): Problem[] => {
  const told = keys.slice(0, MOST_TOLD).map((key) => tell(key, keys.length <= FEW));
  const left = keys.length - told.length;
  return left === 0
    ? told
    : [...told, problem('unknown_field', [], `And ${left.toLocaleString('en')} more are not known here.`)];
};

/** An RFC 6901 JSON pointer as a URI fragment, e.g. `#/fields/3/label`. */
export const toPointer = (path: Path): string =>
  `#${path.map((step) => `/${String(step).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('')}`;

/** For switches over unions: does not compile while a case is missing. */
export const unreachable = (value: never): never => {
  throw new RangeError(`not a known case: ${JSON.stringify(value)}`);
};
