import { type Problem, problem, type Result } from '../base/index.ts';
import { findNamed, type Values } from '../expression/index.ts';
import { valueContext } from '../register/index.ts';
import {
  comparedWith,
  type FieldBehaviour,
  isText,
  PEOPLE,
  recordBehind,
  type ValueType,
  valueTraits,
} from '../values/index.ts';
import type { CompiledRoute } from './compile.ts';
import { behaviourAt } from './vocabulary.ts';

/** What a record that is made up to walk a route holds, by the paths the route reads; the rest is empty. */
export type MadeUp = Readonly<Record<string, string | boolean | null>>;

/** One thing a made-up record can hold. */
export interface MadeUpPart {
  readonly path: string;
  readonly labels: readonly string[];
  readonly type: ValueType;
  /** How it is read and said; null: a text as it stands, or a person, who is chosen. */
  readonly behaviour: FieldBehaviour | null;
}

const isWritten = (type: ValueType): boolean =>
  isText(type) || recordBehind(type) === PEOPLE || (valueTraits(type).holds === 'one' && comparedWith(type) !== null);

/** What a record can be made up of, for a route: all that it reads of the record and behind its links and can be written. */
export const madeUpParts = ({ reads, vocabulary, register }: CompiledRoute): MadeUpPart[] =>
  reads.flatMap((path): MadeUpPart[] => {
    const found = path[0] === 'sender' ? null : findNamed(vocabulary, path);
    if (!found || found.named.type.kind === 'records' || !isWritten(found.named.type)) return [];
    const { type } = found.named;
    const at = path.join('.');
    const behaviour = comparedWith(type) && behaviourAt(register, at, type);
    return [{ path: at, labels: found.labels, type, behaviour }];
  });

/** The values of a made-up record, each checked as one of its kind; what the route does not read is refused. */
export const checkMadeUp = (route: CompiledRoute, given: MadeUp): Result<MadeUp> => {
  const context = { ...valueContext(route.catalogue), choices: route.vocabulary.choices };
  const parts = new Map(madeUpParts(route).map((part) => [part.path, part]));
  const problems: Problem[] = [];
  for (const [path, value] of Object.entries(given)) {
    const part = parts.get(path);
    if (!part) problems.push(problem('unknown_field', [path], `The route does not read “${path}” of a record.`));
    else if (value !== null) {
      const checked = part.behaviour?.check(value, context);
      const isRight = checked ? checked.ok : typeof value === 'string';
      if (!isRight) problems.push(problem('type', [path], `${part.labels.join(', ')} cannot be that.`));
    }
  }
  return problems.length === 0 ? { ok: true, value: given } : { ok: false, problems };
};

/** What of a record that walks a route could be made up so: where a made-up one begins. */
export const madeUpFrom = (route: CompiledRoute, { read }: Values): MadeUp =>
  Object.fromEntries(
    madeUpParts(route).flatMap(({ path }) => {
      const value = read(path.split('.'));
      return typeof value === 'string' || typeof value === 'boolean' ? [[path, value]] : [];
    }),
  );
