import { z } from 'zod';
import { type Clock, type Problem, problem, type Result, within } from '../base/index.ts';
import {
  type Checked,
  checkExpression,
  evaluate,
  findCondition,
  readsOf,
  type SayContext,
  sayCondition,
  toGiven,
  type Values,
  type Vocabulary,
} from '../expression/index.ts';
import { type Catalogue, type RecordValues, type Register, vocabularyOf } from '../register/index.ts';
import { idSchema, keySchema, labelSchema } from '../values/index.ts';

export const stepSchema = z.strictObject({
  id: idSchema,
  label: labelSchema,
  /** The role whose people sign. */
  role: keySchema,
  /** The step is entered when this is true; null: always. */
  condition: z.string().max(10_000).nullable(),
});
export type Step = z.infer<typeof stepSchema>;

export const routeSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  register: keySchema,
  steps: z.array(stepSchema).min(1, 'A route needs at least one step.').max(20),
  /** Who signs when a step leaves nobody else: a role. */
  last_resort: keySchema,
  /** The fields a change of which starts a new round, besides those its conditions read; without it, all of them. */
  watches: z.array(keySchema).max(200).optional(),
});
export type Route = z.infer<typeof routeSchema>;

/** Where a record stands on its way round. */
export type Stage = 'waiting' | 'approved' | 'sent_back' | 'refused';
export type DecisionKind = 'approve' | 'send_back' | 'refuse';

export interface CompiledRoute {
  readonly route: Route;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly steps: readonly { readonly step: Step; readonly condition: Checked | null }[];
  /** Every path the conditions read. */
  readonly reads: readonly (readonly string[])[];
  /** The record's own fields they follow from. */
  readonly asked: ReadonlySet<string>;
  /** The record's own fields, rows among them, a change of one of which starts a new round. */
  readonly watched: ReadonlySet<string>;
}

/** A route whose conditions are checked against its register, or every problem with its place. */
export const compileRoute = (route: Route, catalogue: Catalogue, roles: ReadonlySet<string>): Result<CompiledRoute> => {
  const register = catalogue.registers.get(route.register);
  if (!register)
    return {
      ok: false,
      problems: [problem('unknown_register', ['register'], `There is no register “${route.register}”.`)],
    };
  const vocabulary = vocabularyOf(register, catalogue);
  const problems: Problem[] = [];
  const role = (key: string, path: readonly (string | number)[]) => {
    if (!roles.has(key)) problems.push(problem('unknown_role', path, `There is no role “${key}”.`));
  };
  role(route.last_resort, ['last_resort']);
  const steps = route.steps.map((step, i) => {
    role(step.role, ['steps', i, 'role']);
    if (step.condition === null) return { step, condition: null };
    const checked = checkExpression(step.condition, vocabulary, { kind: 'condition' });
    if (!checked.ok) problems.push(...within(['steps', i, 'condition'], checked.problems));
    const beyond = checked.ok ? beyondRecord(checked.value) : null;
    if (beyond) problems.push(problem('beyond_record', ['steps', i, 'condition'], beyond));
    return { step, condition: checked.ok ? checked.value : null };
  });
  const own = register.fields.map(({ key }) => key);
  route.watches?.forEach((key, i) => {
    if (!own.includes(key))
      problems.push(problem('unknown_field', ['watches', i], `${register.plural} have no field “${key}”.`));
  });
  if (problems.length > 0) return { ok: false, problems };
  const reads = steps.flatMap(({ condition }) => condition?.reads ?? []);
  const asked = fieldsBehind(reads, vocabulary);
  const watched = new Set(route.watches ? [...asked, ...route.watches] : own);
  return { ok: true, value: { route, register, catalogue, steps, reads, asked, watched } };
};

/** The record's own fields that some paths read, and those that what is worked out among them follows from. */
const fieldsBehind = (reads: readonly (readonly string[])[], vocabulary: Vocabulary): ReadonlySet<string> => {
  const found = new Set<string>();
  const follow = (name: string): void => {
    if (found.has(name)) return;
    found.add(name);
    const term = vocabulary.names.get(name)?.formula?.term();
    for (const [first = ''] of term ? readsOf(term, 'record') : []) follow(first);
  };
  for (const [name = ''] of reads) follow(name);
  return found;
};

/** Why a route cannot use a condition: it is worked out from the stored record and what that links to alone. */
const beyondRecord = ({ reach }: Checked): string | null => {
  if (reach.me) return 'A route asks about the record, not about “me”: several people may look at it.';
  return reach.records ? 'A route cannot ask about the records that point to this one.' : null;
};

/** The next step a record enters from step `from` on, or null when none is left; skipped ones are passed over. */
export const nextStep = (compiled: CompiledRoute, from: number, values: Values): number | null => {
  for (let at = from; at < compiled.steps.length; at++) {
    const condition = compiled.steps[at]?.condition;
    if (!condition || evaluate(condition, values) === true) return at;
  }
  return null;
};

/** The steps a record with these values would enter, in order: those of others are passed over. */
export const stepsEntered = (compiled: CompiledRoute, values: Values): Step[] =>
  compiled.steps.flatMap(({ step, condition }) => (!condition || evaluate(condition, values) === true ? [step] : []));

/** A record's own fields as an expression's values; what stands behind links is given with their path as key. */
export const recordValues = (values: RecordValues, clock: Clock): Values => ({
  clock,
  read: (path) =>
    toGiven(values[path.join('.')] ?? null, (row) => ({ read: ([name = '']) => row.values[name] ?? null })),
});

export interface Signer {
  readonly id: string;
  readonly roles: readonly string[];
}

/**
 * Who may sign a step: those with its role who did not send the record themselves; if that leaves nobody, the last
 * resort's, and it says so.
 */
export const signersOf = (
  route: Route,
  step: Step,
  people: readonly Signer[],
  sender: string,
): { signers: string[]; lastResort: boolean } => {
  const having = (role: string) =>
    people.filter((person) => person.roles.includes(role) && person.id !== sender).map((person) => person.id);
  const own = having(step.role);
  return own.length > 0
    ? { signers: own, lastResort: false }
    : { signers: having(route.last_resort), lastResort: true };
};

/** Why a step waits for somebody: "cost is over 500", or null where the step is always entered. */
export const sayStepReason = (compiled: CompiledRoute, at: number, context: SayContext): string | null => {
  const condition = compiled.steps[at]?.condition;
  if (!condition) return null;
  const sentence = findCondition(condition.expr);
  return sentence ? sayCondition(sentence, 'is', context) : condition.text;
};

/** Where a decision leads: the stage it ends in, or the step it goes on to. */
export const afterDecision = (
  compiled: CompiledRoute,
  at: number,
  decision: DecisionKind,
  values: Values,
): { stage: Stage; step: number } => {
  switch (decision) {
    case 'approve': {
      const next = nextStep(compiled, at + 1, values);
      return next === null ? { stage: 'approved', step: at } : { stage: 'waiting', step: next };
    }
    case 'send_back':
      return { stage: 'sent_back', step: at };
    case 'refuse':
      return { stage: 'refused', step: at };
  }
};
