import { joinWords } from '../base/index.ts';
import { findCondition, findNamed, type SayContext, sayCondition } from '../expression/index.ts';
import { valueContext } from '../register/index.ts';
import type { CompiledRoute, CompiledStep } from './compile.ts';
import type { Step, Who } from './route.ts';

/** How roles and people are called. */
export interface Names {
  readonly role: (key: string) => string;
  /** How somebody is called: now, or as they were at a moment. */
  readonly person: (id: string, at?: string) => string;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const contextOf = ({ vocabulary, catalogue }: CompiledRoute): SayContext => ({
  vocabulary,
  values: { ...valueContext(catalogue), choices: vocabulary.choices },
});

/** Who signs, in words that stand in a sentence: "the Treasurer", "Sana Whitlock", "whoever Keeper of Boat names". */
export const sayWho = (who: Who, route: Pick<CompiledRoute, 'vocabulary' | 'catalogue'>, names: Names): string => {
  switch (who.kind) {
    case 'role':
      return `the ${names.role(who.role)}`;
    case 'person':
      return names.person(who.person);
    case 'field': {
      const labels = findNamed(route.vocabulary, who.path.split('.'))?.labels ?? [who.path];
      const [first = '', ...rest] = labels.toReversed();
      if (who.path.startsWith('sender.record.')) return `the ${first} of whoever sent it`;
      return rest.length === 0 ? `whoever ${first} names` : `whoever ${first} of ${rest.join(' of ')} names`;
    }
    case 'signers':
      return `those whom ${route.catalogue.registers.get(who.register)?.plural ?? who.register} name`;
  }
};

/** How many of them: "any one of", "all of", "two of". */
const COUNTS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
export const sayHowMany = (many: Step['how_many']): string =>
  many === 'any' ? 'any one of' : many === 'all' ? 'all of' : `${COUNTS[many] ?? many} of`;

const reasons = new WeakMap<CompiledRoute, readonly (string | null)[]>();

const reasonOf = (route: CompiledRoute, { condition }: CompiledStep): string | null => {
  if (!condition) return null;
  const sentence = findCondition(condition.expr);
  return sentence ? sayCondition(sentence, 'is', contextOf(route)) : condition.text;
};

/** Why a step is entered: "Cost is over 500", or null where it always is. Said once a route: an in-tray says it often. */
export const sayStepReason = (route: CompiledRoute, step: number): string | null => {
  const said = reasons.get(route) ?? route.steps.map((each) => reasonOf(route, each));
  reasons.set(route, said);
  return said[step] ?? null;
};

/** Who signs a step, with how many of them where that is not one. */
export const sayStep = (route: CompiledRoute, step: Step, names: Names): string => {
  // A step of a role is called as its route calls it: "two of the Trustees".
  const who = step.who.kind === 'role' ? `the ${step.label}` : sayWho(step.who, route, names);
  return step.how_many === 'any' ? who : `${sayHowMany(step.how_many)} ${who}`;
};

/** Why something waits for somebody. */
export interface WhySigning {
  readonly step: number;
  /** Those who signed the steps before, in words. */
  readonly after: readonly string[];
  /** Whom they stand in for; null: they sign for themselves. */
  readonly standsInFor: string | null;
  readonly isLastResort: boolean;
  /** Passed on when it was late, or by somebody. */
  readonly passedOn: boolean;
}

/** Why it waits for somebody, as one sentence: "The Total is over 500.00, so the Treasurer signs after the Yard manager." */
export const sayWhyYou = (route: CompiledRoute, why: WhySigning, names: Names): string => {
  const step = route.route.steps[why.step];
  if (!step) return '';
  const reason = sayStepReason(route, why.step);
  const who = sayStep(route, step, names);
  const resort = sayWho(route.route.last_resort, route, names);
  const plural = step.how_many !== 'any' && step.how_many !== 'all';
  const sign = plural ? 'sign' : 'signs';
  const signs = why.passedOn
    ? `it was passed to you, as ${who} did not sign in time`
    : why.isLastResort
      ? `${resort} signs in place of ${who}`
      : `${who} ${sign}`;
  const after =
    why.after.length > 0 && !why.passedOn && !why.isLastResort ? ` after ${joinWords(why.after, 'and')}` : '';
  // Who else could has sent it, or cannot come in any more.
  const besides = why.isLastResort && !why.passedOn ? ', as nobody else may' : '';
  const standing = why.standsInFor ? ` You stand in for ${why.standsInFor}.` : '';
  const tail = `${after}${besides}.${standing}`;
  if (reason) return `${reason}, so ${signs}${tail}`;
  return after === '' && !why.passedOn && !why.isLastResort
    ? `${capital(signs)} every one of these${tail}`
    : `${capital(signs)}${tail}`;
};
