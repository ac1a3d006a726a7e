import { type Clock, Decimal, roundHalfAway } from '../base/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { Checked } from './checked.ts';
import { LONGEST_LIST } from './functions/index.ts';
import { type Term, type TermTest, termsBelow } from './term.ts';
import type { CompareOp } from './tree.ts';
import {
  and,
  compare,
  equal,
  fromGiven,
  holds,
  type Item,
  isItem,
  isList,
  type NoteCode,
  not,
  or,
  order,
  type Tools,
  toDecimal,
  toStored,
  type Value,
} from './value.ts';
import type { Formula } from './vocabulary.ts';

/** Where an expression finds its values. */
export interface Values extends Item {
  readonly clock: Clock;
  /** The person for whom it is worked out: name, email, roles, record. */
  readonly me?: Item | undefined;
  /** The values before a change. */
  readonly before?: Item | undefined;
  /** Told why an answer is nothing: a division by zero, an impossible date. */
  readonly note?: (code: NoteCode, detail: string) => void;
}

interface Frame {
  readonly values: Values;
  readonly items: Value[];
  readonly tools: Tools;
  steps: number;
}

type Run = (at: Frame) => Value;

/** How many rounds all loops of one evaluation may go. */
const MOST_STEPS = 100_000;

class TooLong extends Error {}

const step = (at: Frame): void => {
  if (++at.steps > MOST_STEPS) throw new TooLong();
};

const read = (term: Term & { op: 'read' }): Run => {
  const path = term.steps.map((each) => each.name);
  const { base, type } = term;
  if (base === 'record') return (at) => fromGiven(at.values.read(path), type);
  if (base === 'me') return (at) => fromGiven(at.values.me?.read(path) ?? null, type);
  if (base === 'before') return (at) => fromGiven(at.values.before?.read(path) ?? null, type);
  return (at) => {
    const item = at.items[base] ?? null;
    return fromGiven(isItem(item) ? item.read(path) : null, type);
  };
};

/** Plain decimal text that a double holds exactly enough: two of at most 15 digits stand in it as they stand in truth. */
const SHORT = 15;

/**
 * A number field against a constant, the most common test of all, by doubles where both have at most 15 digits:
 * rounding to doubles keeps order, and keeps such numbers apart (IEEE 754 binary64 holds 15 digits).
 */
const shortNumber = (op: CompareOp, left: Term, right: Term): Run | null => {
  if (left.op !== 'read' || left.base !== 'record' || left.type.kind !== 'number') return null;
  if (right.op !== 'constant' || !Decimal.isDecimal(right.value)) return null;
  const bound = right.value;
  if (bound.precision() > SHORT) return null;
  const limit = bound.toNumber();
  const path = left.steps.map((each) => each.name);
  const test = ordering(op);
  return (at) => {
    const given = at.values.read(path);
    if (typeof given !== 'string') return op === '=' ? false : op === '!=' ? true : null;
    const sign = given.length <= SHORT ? Number(given) - limit : (toDecimal(given)?.cmp(bound) ?? Number.NaN);
    return Number.isNaN(sign) ? (op === '=' ? false : op === '!=' ? true : null) : test(sign);
  };
};

const ordering = (op: CompareOp): ((sign: number) => boolean) => {
  switch (op) {
    case '=':
      return (sign) => sign === 0;
    case '!=':
      return (sign) => sign !== 0;
    default:
      return (sign) => holds(op, sign);
  }
};

/** A field against nothing, or a text, choice or date against a constant: as stored, without a look at its type. */
const asStored = (op: CompareOp, left: Term, right: Term): Run | null => {
  if (left.op !== 'read' || left.base !== 'record' || left.by !== null || right.op !== 'constant') return null;
  if (op !== '=' && op !== '!=') return null;
  const { value } = right;
  if (left.type.kind === 'span' && value !== null) return null;
  if (value !== null && typeof value !== 'string' && typeof value !== 'boolean') return null;
  const path = left.steps.map((each) => each.name);
  return op === '=' ? (at) => at.values.read(path) === value : (at) => at.values.read(path) !== value;
};

/** A text, choice or link that is one of several constants. */
const amongConstants = ({ value, tests }: Term & { op: 'in' }): Run | null => {
  if (value.op !== 'read' || value.base !== 'record' || value.by !== null || value.type.kind === 'span') return null;
  const constants = tests.map((test) =>
    test.kind === 'equals' && test.value.op === 'constant' ? test.value.value : null,
  );
  if (!constants.every((each) => typeof each === 'string')) return null;
  const path = value.steps.map((each) => each.name);
  return (at) => {
    const given = at.values.read(path);
    return typeof given === 'string' && constants.includes(given);
  };
};

const comparison = (op: CompareOp, left: Term, right: Term): Run => {
  const quick = shortNumber(op, left, right) ?? asStored(op, left, right);
  if (quick) return quick;
  const [a, b] = [compile(left), compile(right)];
  if (op === '=') return (at) => equal(a(at), b(at));
  if (op === '!=') return (at) => !equal(a(at), b(at));
  return (at) => {
    const sign = order(a(at), b(at));
    return sign === null ? null : holds(op, sign);
  };
};

const testOf = (test: TermTest): ((value: Value, at: Frame) => Value) => {
  switch (test.kind) {
    case 'equals': {
      const other = compile(test.value);
      return (value, at) => equal(value, other(at));
    }
    case 'among': {
      const list = compile(test.list);
      return (value, at) => {
        const items = list(at);
        return isList(items) ? items.some((item) => equal(value, item)) : null;
      };
    }
    case 'compare': {
      const other = compile(test.value);
      return (value, at) => compare(test.op, value, other(at));
    }
    case 'range': {
      const [low, high] = [compile(test.low), compile(test.high)];
      const [above, below] = [test.lowIn ? '>=' : '>', test.highIn ? '<=' : '<'] as const;
      return (value, at) => and(compare(above, value, low(at)), compare(below, value, high(at)));
    }
  }
};

/** Going through lists: what is done with each value, and whether a list was nothing. */
interface Round {
  isNothing: boolean;
  readonly visit: (value: Value) => boolean;
}

const loop = (term: Term & { op: 'loop' }): Run => {
  const { partial } = term;
  // Records that nothing leads to are none; any other list that is nothing makes the whole nothing.
  const sources = term.sources.map(({ slot, list }) => ({ slot, list: compile(list), isNone: list.op === 'read' }));
  const body = compile(term.body);
  const each = (at: Frame, depth: number, round: Round): boolean => {
    const source = sources[depth];
    if (!source) return round.visit(body(at));
    const items = source.list(at);
    if (!isList(items)) {
      round.isNothing ||= !source.isNone;
      return true;
    }
    for (const item of items) {
      step(at);
      at.items[source.slot] = item;
      if (!each(at, depth + 1, round)) return false;
    }
    return true;
  };
  if (term.form === 'for') {
    return (at) => {
      const made: Value[] = [];
      /** What was made so far, for the next round; a copy, as a round may keep it. */
      const tell = (): void => {
        if (partial !== null) at.items[partial] = made.slice();
      };
      tell();
      const round: Round = {
        isNothing: false,
        visit: (value) => {
          const fits = made.push(value) <= LONGEST_LIST;
          tell();
          return fits;
        },
      };
      if (each(at, 0, round)) return round.isNothing ? null : made;
      at.tools.note('too_much', `This would make a list of more than ${LONGEST_LIST} items.`);
      return null;
    };
  }
  const [start, stop, combine] = term.form === 'some' ? ([false, true, or] as const) : ([true, false, and] as const);
  return (at) => {
    let found: Value = start;
    const round: Round = {
      isNothing: false,
      visit: (value) => {
        found = combine(found, value);
        return found !== stop;
      },
    };
    each(at, 0, round);
    return round.isNothing ? null : found;
  };
};

const numbersBetween = (from: Value, to: Value, at: Frame): Value => {
  if (!Decimal.isDecimal(from) || !Decimal.isDecimal(to)) return null;
  const [low, high] = [from.toNumber(), to.toNumber()];
  const count = Math.abs(high - low);
  if (!Number.isInteger(low) || !Number.isInteger(high)) return null;
  if (count >= LONGEST_LIST) throw new TooLong();
  at.steps += count;
  return Array.from({ length: count + 1 }, (_, i) => new Decimal(low + (high >= low ? i : -i)));
};

/** Closures for a term; made once per checked expression. */
const compile = (term: Term): Run => {
  switch (term.op) {
    case 'constant': {
      const { value } = term;
      return () => value;
    }
    case 'read':
      return read(term);
    case 'item': {
      const { slot } = term;
      return (at) => at.items[slot] ?? null;
    }
    case 'column': {
      const { values } = term;
      const of = compile(term.of);
      return (at) => {
        const code = of(at);
        return typeof code === 'string' ? (values.get(code) ?? null) : null;
      };
    }
    case 'compare':
      return comparison(term.with, term.left, term.right);
    case 'and':
    case 'or': {
      const [left, right] = [compile(term.left), compile(term.right)];
      const [decided, combine] = term.op === 'and' ? ([false, and] as const) : ([true, or] as const);
      return (at) => {
        const first = left(at);
        return first === decided ? first : combine(first, right(at));
      };
    }
    case 'not': {
      const operand = compile(term.operand);
      return (at) => not(operand(at));
    }
    case 'in': {
      const among = amongConstants(term);
      if (among) return among;
      const value = compile(term.value);
      const tests = term.tests.map(testOf);
      return (at) => {
        const given = value(at);
        let found: Value = false;
        for (const test of tests) {
          found = or(found, test(given, at));
          if (found === true) return true;
        }
        return found;
      };
    }
    case 'if': {
      const [condition, whenTrue, whenFalse] = [
        compile(term.condition),
        compile(term.whenTrue),
        compile(term.whenFalse),
      ];
      return (at) => (condition(at) === true ? whenTrue(at) : whenFalse(at));
    }
    case 'call': {
      const args = term.args.map(compile);
      const { run, takesNothing } = term.signature;
      return (at) => {
        const values: Value[] = [];
        for (const arg of args) {
          const value = arg(at);
          if (value === null && !takesNothing) return null;
          values.push(value);
        }
        return run(values, at.tools);
      };
    }
    case 'list': {
      const items = term.items.map(compile);
      return (at) => items.map((item) => item(at));
    }
    case 'numbers': {
      const [from, to] = [compile(term.from), compile(term.to)];
      return (at) => numbersBetween(from(at), to(at), at);
    }
    case 'loop':
      return loop(term);
    case 'filter': {
      const [list, condition] = [compile(term.list), compile(term.condition)];
      const { slot } = term;
      return (at) => {
        const items = list(at);
        if (!isList(items)) return null;
        return items.filter((item) => {
          step(at);
          at.items[slot] = item;
          return condition(at) === true;
        });
      };
    }
    case 'at': {
      const [list, position] = [compile(term.list), compile(term.position)];
      return (at) => {
        const [items, place] = [list(at), position(at)];
        const i = Decimal.isDecimal(place) && place.isInteger() ? place.toNumber() : 0;
        return isList(items) && i !== 0 ? (items.at(i > 0 ? i - 1 : i) ?? null) : null;
      };
    }
  }
};

const silent = (): void => {};

const start = (values: Values): Frame => ({
  values,
  items: [],
  tools: { clock: values.clock, note: values.note ?? silent },
  steps: 0,
});

const running = (run: Run, values: Values): Value => {
  const frame = start(values);
  try {
    return run(frame);
  } catch (thrown) {
    if (!(thrown instanceof TooLong)) throw thrown;
    frame.tools.note('too_much', 'This takes too many steps to work out.');
    return null;
  }
};

const compiled = new WeakMap<Term, Run>();

/** Runs a term; never throws, whatever the values. Compiled to closures once, then remembered. */
export const evaluateTerm = (term: Term, values: Values): Value => {
  let run = compiled.get(term);
  if (!run) {
    run = compile(term);
    compiled.set(term, run);
  }
  return running(run, values);
};

/** The outcome of a checked expression. */
export const evaluate = (checked: Checked, values: Values): Value => evaluateTerm(checked.term, values);

/** The outcome in its stored form, numbers as plain decimal text. */
export const evaluateStored = (checked: Checked, values: Values): StoredValue =>
  toStored(evaluate(checked, values), checked.type);

/** What a worked-out field holds: its formula's outcome, a number rounded half away from zero to the field's decimals. */
export const evaluateFormula = (formula: Formula, values: Values): StoredValue => {
  const term = formula.term();
  if (!term) return null;
  const value = evaluateTerm(term, values);
  return Decimal.isDecimal(value) && formula.decimals !== null
    ? roundHalfAway(value, formula.decimals).toFixed()
    : toStored(value, term.type);
};

const NOWHERE: Clock = { now: '', zone: '' };

/** Whether what a call is worked out from is the same at every reading: no clock, no zone, no holidays. */
export const isFixed = (term: Term & { op: 'call' }): boolean =>
  !READS_CLOCK.has(term.name) && !term.args.some(isMoment);
const isMoment = (term: Term): boolean => term.type.kind === 'moment';
const READS_CLOCK = new Set(['today', 'now', 'working days', 'add working days', 'date and time']);

/** The value of a term of constants only, worked out while it is checked; undefined where it may change. */
export const evaluateConstant = (term: Term, note: (code: NoteCode, detail: string) => void): Value | undefined => {
  if (!termsBelow(term).every((below) => below.op === 'constant')) return undefined;
  if (term.op === 'call' && !isFixed(term)) return undefined;
  if (term.op === 'loop' || term.op === 'list' || term.op === 'numbers' || term.type.kind === 'list') return undefined;
  return running(compile(term), { read: () => null, clock: NOWHERE, note });
};
