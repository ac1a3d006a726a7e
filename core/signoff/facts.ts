import { addWorkingDays, type Clock, fromLocal, lastMomentOf, localDate, today } from '../base/index.ts';
import { evaluate, toGiven, type Values } from '../expression/index.ts';
import type { RecordValues } from '../register/index.ts';
import type { Signer } from './acting.ts';
import type { CompiledRoute } from './compile.ts';
import type { World } from './drive.ts';
import type { Step, Who } from './route.ts';
import type { StepState } from './state.ts';

/** A record's own fields as an expression's values; what stands behind links is given with their path as key. */
export const recordValues = (values: RecordValues, clock: Clock): Values => ({
  clock,
  read: (path) =>
    toGiven(values[path.join('.')] ?? null, (row) => ({ read: ([name = '']) => row.values[name] ?? null })),
});

/** What is known where a route is gone: the record, whoever is there, and when it is. */
export interface Facts {
  readonly values: Values;
  readonly people: ReadonlyMap<string, Signer>;
  /** Whom a register of signers names for this record, by the step or what it passes to. */
  readonly signers: (who: Who & { readonly kind: 'signers' }) => readonly string[];
}

/** Whom a step names, whether or not they may sign. */
export const namedBy = (who: Who, { values, people, signers }: Facts): readonly string[] => {
  switch (who.kind) {
    case 'role':
      return [...people.values()].filter(({ roles }) => roles.includes(who.role)).map(({ id }) => id);
    case 'person':
      return people.has(who.person) ? [who.person] : [];
    case 'field': {
      const person = values.read(who.path.split('.'));
      return typeof person === 'string' && people.has(person) ? [person] : [];
    }
    case 'signers':
      return signers(who).filter((id) => people.has(id));
  }
};

/** Whether a step is to be entered: its condition is true, or it has none. */
export const isDue = ({ steps }: CompiledRoute, step: number, values: Values): boolean => {
  const condition = steps[step]?.condition;
  return !condition || evaluate(condition, values) === true;
};

/** Whether records with these values go by a route. */
export const takes = ({ condition }: CompiledRoute, values: Values): boolean =>
  !condition || evaluate(condition, values) === true;

const endOf = (day: string | null, zone: string): string | null => (day === null ? null : lastMomentOf(day, zone));

/** By when a step entered now is to be signed: the last moment of a day; null where it has no deadline, or no such day. */
export const dueOf = ({ deadline }: Step, { values }: Pick<Facts, 'values'>): string | null => {
  if (!deadline) return null;
  const { clock } = values;
  if (deadline.by.kind === 'days')
    return endOf(addWorkingDays(today(clock), deadline.by.days, clock.holidays ?? []), clock.zone);
  const day = values.read(deadline.by.path.split('.'));
  return typeof day === 'string' ? lastMomentOf(day, clock.zone) : null;
};

/** When people are written to in the morning. */
const MORNING = '08:00';

/** What is to be done about a step that waits, and when. */
export interface Timer {
  readonly at: string;
  readonly what: 'remind_before' | 'remind_due' | 'pass' | 'let_through';
}

/** What comes next of a step that waits too long: a reminder, or what its deadline says; null: nothing. */
export const nextTimer = ({ deadline }: Step, step: StepState, { zone, holidays = [] }: Clock): Timer | null => {
  if (step.status !== 'open' || !deadline || step.due === null) return null;
  const dueOn = localDate(step.due, zone);
  const workingDay = (count: number): string => addWorkingDays(dueOn, count, holidays) ?? dueOn;
  if (step.reminded === null && deadline.remind !== null) {
    const at = fromLocal(`${workingDay(-deadline.remind)}T${MORNING}`, zone);
    // One that would come before they were asked at all is left out.
    if (at !== null && at > (step.enteredAt ?? '')) return { at, what: 'remind_before' };
  }
  if (step.reminded !== 'due') return { at: step.due, what: 'remind_due' };
  const { late } = deadline;
  if (!late || step.passed) return null;
  const at = late.after === 0 ? step.due : lastMomentOf(workingDay(late.after), zone);
  return at === null ? null : { at, what: late.kind };
};

/** A route's world for one record at one moment. */
export const worldOf = (route: CompiledRoute, facts: Facts): World => ({
  at: facts.values.clock.now,
  people: facts.people,
  holds: (step) => isDue(route, step, facts.values),
  named: (step) => {
    const who = route.route.steps[step]?.who;
    return who ? namedBy(who, facts) : [];
  },
  lastResort: () => namedBy(route.route.last_resort, facts),
  due: (step) => {
    const found = route.route.steps[step];
    return found ? dueOf(found, facts) : null;
  },
});
