import { joinWords } from '../base/index.ts';
import type { CompiledRoute } from './compile.ts';
import type { Foreseen } from './foresee.ts';
import { type Names, sayStep, sayStepReason, sayWho } from './say.ts';

/** A step somebody would sign, in words. */
export interface SaidStep {
  readonly label: string;
  readonly status: Foreseen['status'];
  readonly who: string;
  readonly why: string | null;
  readonly people: string[];
  readonly needed: number;
  readonly last_resort: string[];
}

/** Steps as they would be gone, each with the names of who may sign it. */
export const sayForeseen = (route: CompiledRoute, steps: readonly Foreseen[], names: Names): SaidStep[] =>
  steps.flatMap((each): SaidStep[] => {
    const plan = route.route.steps[each.step];
    if (!plan) return [];
    const own = sayWho(plan.who, route, names);
    const name = (id: string): string => (id.startsWith('?') ? own : names.person(id));
    return [
      {
        label: plan.label,
        status: each.status,
        who: sayStep(route, plan, names),
        why: sayStepReason(route, each.step),
        people: each.people.map(name),
        needed: each.needed,
        last_resort: each.byLastResort.map(name),
      },
    ];
  });

const MOST_NAMED = 4;

const nameAll = ({ people, last_resort: resort }: SaidStep): string => {
  const all = [...people, ...resort];
  if (all.length === 0) return '';
  if (all.length > MOST_NAMED) return ` (one of ${all.length})`;
  return ` (${joinWords(all, 'or')})`;
};

/**
 * Who will sign, as one sentence: "The Yard manager (Sana Whitlock), then the Treasurer (Ines Varga), as Total is over
 * 500.00." Empty where nobody does.
 */
export const sayWhoSigns = (steps: readonly SaidStep[]): string => {
  const signing = steps.filter(({ status }) => status !== 'skipped');
  if (signing.length === 0) return '';
  const parts = signing.map(({ status, who, why, ...rest }, i) => {
    const reason = why ? `, as ${why}` : '';
    const step = { status, who, why, ...rest };
    if (status === 'stuck') return `${i === 0 ? '' : 'then '}nobody, as ${who} cannot sign this`;
    if (status === 'perhaps') return `then perhaps ${who}${nameAll(step)}`;
    return `${i === 0 ? '' : 'then '}${who}${nameAll(step)}${reason}`;
  });
  const said = parts.join(', ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
};
