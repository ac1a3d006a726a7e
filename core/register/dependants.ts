import { everyTerm, type Formula, type Term } from '../expression/index.ts';
import { rowsKey } from '../sql/index.ts';
import { rowsIn } from '../values/index.ts';
import { type Catalogue, findVocabulary } from './catalogue.ts';

const formulasOf = (key: string, catalogue: Catalogue): Formula[] =>
  [...(findVocabulary(key, catalogue)?.names.values() ?? [])].flatMap((named) => named.formula ?? []);

/** The registers and rows a formula's paths lead to, those of the formulas on its way included. */
const reached = (term: Term, into: Set<string>, seen: Set<Term>): void => {
  if (seen.has(term)) return;
  seen.add(term);
  for (const each of everyTerm(term)) {
    if (each.op !== 'read') continue;
    for (const { to, formula } of each.steps) {
      if (to !== null) into.add(to.split('.')[0] ?? to);
      const inner = formula?.term();
      if (inner) reached(inner, into, seen);
    }
  }
};

const made = new WeakMap<Catalogue, ReadonlyMap<string, ReadonlySet<string>>>();

const make = (catalogue: Catalogue): ReadonlyMap<string, ReadonlySet<string>> => {
  const found = new Map<string, Set<string>>();
  for (const register of catalogue.registers.values()) {
    const rows = register.fields.flatMap(({ key, type }) => (rowsIn(type) ? [rowsKey(register.key, key)] : []));
    const from = new Set<string>();
    for (const formula of [register.key, ...rows].flatMap((key) => formulasOf(key, catalogue))) {
      const term = formula.term();
      if (term) reached(term, from, new Set());
    }
    from.delete(register.key);
    for (const key of from) found.set(key, (found.get(key) ?? new Set()).add(register.key));
  }
  return found;
};

/** The other registers in which something is worked out from a register's records: they change with it. */
export const dependantsOf = (register: string, catalogue: Catalogue): ReadonlySet<string> => {
  const all = made.get(catalogue) ?? make(catalogue);
  made.set(catalogue, all);
  return all.get(register) ?? new Set();
};

const CLOCK = new Set(['today', 'now']);

const readsClock = (formula: Formula, seen: Set<Term>): boolean => {
  const term = formula.term();
  if (!term || seen.has(term)) return false;
  seen.add(term);
  return [...everyTerm(term)].some(
    (each) =>
      (each.op === 'call' && CLOCK.has(each.name)) ||
      (each.op === 'read' && each.steps.some((step) => step.formula && readsClock(step.formula, seen))),
  );
};

const moving = new WeakMap<Formula, boolean>();

/** Whether a formula's outcome can change with the clock alone. */
export const movesWithClock = (formula: Formula): boolean => {
  const found = moving.get(formula) ?? readsClock(formula, new Set());
  moving.set(formula, found);
  return found;
};
