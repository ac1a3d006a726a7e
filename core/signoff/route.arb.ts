import { catalogue, clock } from '../register/example.arb.ts';
import { type CompiledRoute, compileRoute, type Route, recordValues, routeSchema, type Signer } from './index.ts';

/* Routes and people for tests: near misses, signed by the people of the boatyard. */

export const ROLES = new Map(
  ['manager', 'treasurer', 'trustee', 'operations', 'hand'].map((key) => [
    key,
    { label: key.charAt(0).toUpperCase() + key.slice(1) },
  ]),
);

/** Ids of people, by their first names. */
export const ID = {
  piet: '00000000-0000-7000-8000-000000000001',
  sana: '00000000-0000-7000-8000-000000000002',
  ines: '00000000-0000-7000-8000-000000000003',
  teo: '00000000-0000-7000-8000-000000000004',
  tomas: '00000000-0000-7000-8000-000000000005',
  runa: '00000000-0000-7000-8000-000000000006',
  dev: '00000000-0000-7000-8000-000000000007',
} as const;
export type Name = keyof typeof ID;

const ROLES_OF: { readonly [N in Name]: readonly string[] } = {
  piet: ['hand'],
  dev: ['hand'],
  sana: ['manager'],
  ines: ['treasurer', 'trustee'],
  teo: ['trustee'],
  tomas: ['trustee'],
  runa: ['operations'],
};

/** Everyone but some; `away` says who is away, and who signs for them. */
export const peopleWith = ({
  without = [],
  away = {},
}: {
  without?: readonly Name[];
  away?: Partial<Record<Name, Name | null>>;
} = {}): Map<string, Signer> =>
  new Map(
    (Object.keys(ID) as Name[])
      .filter((name) => !without.includes(name))
      .map((name) => {
        const standIn = away[name];
        const held = standIn === undefined ? null : { standIn: standIn === null ? null : ID[standIn] };
        return [ID[name], { id: ID[name], roles: ROLES_OF[name], away: held }];
      }),
  );

type GivenStep = Partial<Omit<Route['steps'][number], 'who'>> & {
  readonly who?: string | Route['steps'][number]['who'];
};

/** A route of near misses with some steps, each of a role or of whom it says. */
export const routeOf = (steps: readonly GivenStep[], rest: Partial<Route> = {}): Route =>
  routeSchema.parse({
    key: 'near_misses',
    label: 'Near misses',
    register: 'near_misses',
    last_resort: { kind: 'role', role: 'operations' },
    ...rest,
    steps: steps.map(({ who = 'manager', ...step }, i) => ({
      label: `Step ${i + 1}`,
      condition: null,
      ...step,
      who: typeof who === 'string' ? { kind: 'role', role: who } : who,
    })),
  });

/** The same compiled; a route that is wrong fails the test. */
export const compiledOf = (route: Route): CompiledRoute => {
  const result = compileRoute(route, catalogue, ROLES);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};

/** A near miss of a cost and a severity, as a route reads it. */
export const nearMiss = (cost: string | null, severity: string | null = null) =>
  recordValues({ cost, severity }, clock);
