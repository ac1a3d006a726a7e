import type { CodeRange, Pattern } from './parse.ts';

/** One step of a compiled pattern. */
type Step =
  | { readonly op: 'set'; readonly ranges: readonly CodeRange[]; readonly negated: boolean }
  | { readonly op: 'start' | 'end' | 'match' }
  | { readonly op: 'jump'; readonly to: number }
  /** Two ways on; the first is preferred. */
  | { readonly op: 'split'; readonly first: number; readonly second: number }
  | { readonly op: 'save'; readonly slot: number };

const assemble = (pattern: Pattern): readonly Step[] => {
  const steps: Step[] = [];
  const split = (at: number, inner: number, after: number, greedy: boolean): void => {
    steps[at] = greedy ? { op: 'split', first: inner, second: after } : { op: 'split', first: after, second: inner };
  };
  const hold = (): number => steps.push({ op: 'match' }) - 1;
  const emit = (part: Pattern): void => {
    switch (part.kind) {
      case 'empty':
        return;
      case 'set':
        steps.push({ op: 'set', ranges: part.ranges, negated: part.negated });
        return;
      case 'start':
      case 'end':
        steps.push({ op: part.kind });
        return;
      case 'sequence':
        part.parts.forEach(emit);
        return;
      case 'either': {
        const ends: number[] = [];
        part.options.forEach((option, i) => {
          const last = i === part.options.length - 1;
          const at = last ? -1 : hold();
          emit(option);
          if (last) return;
          ends.push(hold());
          split(at, at + 1, steps.length, true);
        });
        for (const end of ends) steps[end] = { op: 'jump', to: steps.length };
        return;
      }
      case 'group':
        if (part.number !== null) steps.push({ op: 'save', slot: part.number * 2 });
        emit(part.inner);
        if (part.number !== null) steps.push({ op: 'save', slot: part.number * 2 + 1 });
        return;
      case 'repeat': {
        for (let i = 0; i < part.least; i++) emit(part.inner);
        if (part.most === null) {
          const at = hold();
          emit(part.inner);
          steps.push({ op: 'jump', to: at });
          split(at, at + 1, steps.length, part.greedy);
          return;
        }
        const holds: number[] = [];
        for (let i = part.least; i < part.most; i++) {
          holds.push(hold());
          emit(part.inner);
        }
        for (const at of holds) split(at, at + 1, steps.length, part.greedy);
        return;
      }
    }
  };
  emit(pattern);
  steps.push({ op: 'match' });
  return steps;
};

const programs = new WeakMap<Pattern, readonly Step[]>();
const programOf = (pattern: Pattern): readonly Step[] => {
  const found = programs.get(pattern) ?? assemble(pattern);
  programs.set(pattern, found);
  return found;
};

const isIn = (code: number, ranges: readonly CodeRange[], negated: boolean): boolean => {
  for (const [first, last] of ranges) if (code >= first && code <= last) return !negated;
  return negated;
};

interface Thread {
  readonly step: number;
  readonly saved: readonly number[];
}

/** The places of a match: [start, end, start of group 1, its end, …]; a group that took no part has -1. */
export type Match = readonly number[];

/**
 * The first match at or after `from`, the earlier option preferred, in steps proportional to the text times the
 * pattern: all ways are followed side by side (Thompson 1968; with places kept, Pike 1987). `codes` are code points.
 */
export const findMatch = (pattern: Pattern, codes: readonly number[], from = 0): Match | null => {
  const program = programOf(pattern);
  let threads: Thread[] = [];
  let found: Match | null = null;
  for (let at = from; at <= codes.length; at++) {
    const seen = new Uint8Array(program.length);
    const current: Thread[] = [];
    const follow = (step: number, saved: readonly number[]): void => {
      if (seen[step]) return;
      seen[step] = 1;
      const each = program[step];
      switch (each?.op) {
        case 'jump':
          follow(each.to, saved);
          break;
        case 'split':
          follow(each.first, saved);
          follow(each.second, saved);
          break;
        case 'save': {
          const next = [...saved];
          while (next.length <= each.slot) next.push(-1);
          next[each.slot] = at;
          follow(step + 1, next);
          break;
        }
        case 'start':
          if (at === 0) follow(step + 1, saved);
          break;
        case 'end':
          if (at === codes.length) follow(step + 1, saved);
          break;
        default:
          current.push({ step, saved });
      }
    };
    for (const thread of threads) follow(thread.step, thread.saved);
    if (!found) follow(0, [at]);
    threads = [];
    for (const { step, saved } of current) {
      const each = program[step];
      if (each?.op === 'match') {
        found = [saved[0] ?? at, at, ...saved.slice(2)];
        break;
      }
      const code = codes[at];
      if (each?.op === 'set' && code !== undefined && isIn(code, each.ranges, each.negated))
        threads.push({ step: step + 1, saved });
    }
    if (found && threads.length === 0) return found;
  }
  return found;
};

/** The code points of a text. */
export const toCodes = (text: string): number[] => Array.from(text, (letter) => letter.codePointAt(0) ?? 0);

export const fromCodes = (codes: readonly number[], from: number, to: number): string => {
  let text = '';
  for (let i = from; i < to; i++) text += String.fromCodePoint(codes[i] ?? 0);
  return text;
};
