import { Decimal, findDate, findMomentOf, plusDays, toEpochMs } from '../../base/index.ts';
import type { Scalar } from '../../values/index.ts';
import { evaluateTerm } from '../evaluate.ts';
import type { Term } from '../term.ts';
import { BOOLEAN, type Type } from '../type.ts';
import { order, type Value } from '../value.ts';
import type { Vocabulary } from '../vocabulary.ts';

/** More cases than this are not looked at: the condition is then said nothing of. */
const MOST_CASES = 4_096;
const CLOCK = { now: '2000-01-01T00:00:00.000Z', zone: 'UTC' };

/** One thing a condition depends on, with a value out of every stretch in which it cannot tell values apart. */
export interface Subject {
  readonly type: Type;
  readonly constants: Value[];
}

/**
 * The skeleton of a condition: and, or, not and if over tests. A test of one field against constants keeps its form,
 * with the field as a numbered subject; every other test becomes a subject of its own that may be anything.
 */
class Skeleton {
  readonly subjects: Subject[] = [];
  readonly #places = new Map<string, number>();

  subject(key: string, type: Type): number {
    const place = this.#places.get(key) ?? this.subjects.push({ type, constants: [] }) - 1;
    this.#places.set(key, place);
    return place;
  }

  stand(place: number, term: Term): Term {
    return {
      op: 'read',
      base: 'record',
      steps: [{ name: String(place), to: null }],
      by: null,
      type: term.type,
      span: term.span,
    };
  }

  unknown(term: Term): Term {
    return this.stand(this.subject(`?${this.subjects.length}`, BOOLEAN), { ...term, type: BOOLEAN });
  }

  /** A field tested against constants, put in its subject's place; null where it is no such test. */
  known(field: Term, constants: readonly Term[]): Term | null {
    if (field.op !== 'read' || typeof field.base === 'number' || !constants.every((each) => each.op === 'constant'))
      return null;
    const place = this.subject(`${field.base}:${field.steps.map((step) => step.name).join('.')}`, field.type);
    for (const each of constants)
      if (each.op === 'constant' && each.value !== null) this.subjects[place]?.constants.push(each.value);
    return this.stand(place, field);
  }

  of(term: Term): Term {
    switch (term.op) {
      case 'constant':
        return term;
      case 'and':
      case 'or':
        return { ...term, left: this.of(term.left), right: this.of(term.right) };
      case 'not':
        return { ...term, operand: this.of(term.operand) };
      case 'if':
        return {
          ...term,
          condition: this.of(term.condition),
          whenTrue: this.of(term.whenTrue),
          whenFalse: this.of(term.whenFalse),
        };
      case 'read':
        return this.known(term, []) ?? this.unknown(term);
      case 'compare': {
        const left = this.known(term.left, [term.right]);
        if (left) return { ...term, left };
        const right = this.known(term.right, [term.left]);
        return right ? { ...term, right } : this.unknown(term);
      }
      case 'in': {
        const against = term.tests.flatMap((test) =>
          test.kind === 'among' ? [] : test.kind === 'range' ? [test.low, test.high] : [test.value],
        );
        const value = term.tests.some((test) => test.kind === 'among') ? null : this.known(term.value, against);
        return value ? { ...term, value } : this.unknown(term);
      }
      default:
        return this.unknown(term);
    }
  }
}

const sorted = (values: readonly Value[]): Value[] => values.toSorted((a, b) => order(a, b) ?? 0);
const texts = (values: readonly Value[]): string[] => sorted(values).filter((value) => typeof value === 'string');

/** A text just before another in the order of code points, or null where there is hardly one. */
const justBefore = (text: string): string | null => {
  if (text.length > 1) return text.slice(0, -1);
  const code = text.charCodeAt(0);
  return code > 0x21 && code < 0xd800 ? String.fromCharCode(code - 1) : null;
};

const OTHER_ID = '00000000-0000-7000-8000-000000000000';

/** Nothing, every constant, and a value out of every stretch between them; null where that cannot be said. */
export const samplesOf = (
  { type, constants }: Subject,
  vocabulary: Pick<Vocabulary, 'choices'>,
): readonly Scalar[] | null => {
  switch (type.kind) {
    case 'boolean':
      return [null, true, false];
    case 'choice':
      return [null, ...vocabulary.choices(type.list).map((choice) => choice.code)];
    case 'link':
      return [null, OTHER_ID, ...texts(constants)];
    case 'number': {
      const numbers = sorted(constants).filter((value) => Decimal.isDecimal(value));
      const between = numbers.slice(1).map((value, i) => value.add(numbers[i] ?? value).div(2));
      const ends = [numbers[0]?.sub(1) ?? new Decimal(0), numbers.at(-1)?.add(1) ?? new Decimal(0)];
      return [null, ...[...numbers, ...between, ...ends].map((value) => value.toFixed())];
    }
    case 'date': {
      const days = texts(constants).filter((day) => findDate(day) !== null);
      return [
        null,
        '2000-01-01',
        ...days,
        ...days.flatMap((day) => [plusDays(day, -1), plusDays(day, 1)]).filter((day) => day !== null),
      ];
    }
    case 'moment': {
      const moments = texts(constants);
      const around = moments.flatMap((at) => [findMomentOf(toEpochMs(at) - 1), findMomentOf(toEpochMs(at) + 1)]);
      return [null, CLOCK.now, ...moments, ...around.filter((at) => at !== null)];
    }
    case 'text': {
      const found = texts(constants);
      const [least = 'm'] = found;
      const below = justBefore(least);
      return below === null ? null : [null, 'm', below, ...found, ...found.map((text) => `${text}\u0001`)];
    }
    default:
      return null;
  }
};

/**
 * Whether a condition is true for every record, or for none; null where it depends, or where that would take too long
 * to find out. Sound: what it says is so, though it does not find everything.
 */
export const alwaysOrNever = (term: Term, vocabulary: Vocabulary): 'always' | 'never' | null => {
  const skeleton = new Skeleton();
  const condition = skeleton.of(term);
  const samples: (readonly Scalar[])[] = [];
  let cases = 1;
  for (const subject of skeleton.subjects) {
    const found = samplesOf(subject, vocabulary);
    if (!found) return null;
    samples.push(found);
    cases *= found.length;
    if (cases > MOST_CASES) return null;
  }
  let [holds, fails] = [false, false];
  for (let n = 0; n < cases && !(holds && fails); n++) {
    let rest = n;
    const chosen = samples.map((values) => {
      const value = values[rest % values.length] ?? null;
      rest = Math.floor(rest / values.length);
      return value;
    });
    const answer = evaluateTerm(condition, { read: ([place = '']) => chosen[Number(place)] ?? null, clock: CLOCK });
    if (answer === true) holds = true;
    else fails = true;
  }
  return holds && fails ? null : holds ? 'always' : 'never';
};
