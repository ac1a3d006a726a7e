import type { Clock } from '../base/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { Signer } from './acting.ts';
import { bandsOf } from './bands.ts';
import type { CompiledRoute } from './compile.ts';
import { type Facts, isDue, recordValues, takes } from './facts.ts';
import { type Foreseen, foresee } from './foresee.ts';
import type { Who } from './route.ts';

/** One row of the table: in what case, and who signs each step then. */
export interface CaseRow {
  /** What is so: "up to 500.00", one of each path in the order of the heads. */
  readonly says: readonly string[];
  readonly values: Readonly<Record<string, StoredValue>>;
  readonly steps: readonly Foreseen[];
}

/** What can be done about a step that nobody could sign. */
export type Mend =
  | { readonly kind: 'name_stand_in'; readonly person: string }
  | { readonly kind: 'ask_any_one'; readonly step: number }
  | { readonly kind: 'give_role'; readonly role: string }
  | { readonly kind: 'choose_last_resort' };

/** A case in which somebody is missing: nobody of a step could sign, or the last resort has to. */
export interface MissingRow {
  /** When it is so: `both`, while they are away, and when they send it; `signed`: when they sign an earlier step. */
  readonly kind: 'always' | 'away' | 'sent_by' | 'both' | 'signed';
  /** Who is away, sends it, or signs earlier; empty where it is always so. */
  readonly person: string;
  /** The earlier step that they sign. */
  readonly earlier: number | null;
  /** The rows it is so in. */
  readonly rows: readonly number[];
  readonly steps: readonly Foreseen[];
  /** The first step that is concerned. */
  readonly step: number;
  /** Nobody at all could sign it; else the last resort does. */
  readonly isStuck: boolean;
  readonly mends: readonly Mend[];
}

export interface WhoSigns {
  /** The labels of what conditions compare. */
  readonly heads: readonly string[];
  readonly rows: readonly CaseRow[];
  readonly missing: readonly MissingRow[];
  /** What conditions ask of besides, which is not told in bands. */
  readonly besides: readonly string[];
}

/** Somebody whom only the record names: stands for whoever that will be. */
export const STANDS_FOR = '?';

const placeholder = (who: Who): string | null =>
  who.kind === 'field' ? `${STANDS_FOR}${who.path}` : who.kind === 'signers' ? `${STANDS_FOR}${who.register}` : null;

/** The facts of a made-up record: those whom only a record names stand for themselves. */
const factsOf = (
  route: CompiledRoute,
  people: ReadonlyMap<string, Signer>,
  values: Readonly<Record<string, StoredValue>>,
  clock: Clock,
): Facts => {
  const names = route.route.steps.flatMap(({ who }) => placeholder(who) ?? []);
  const fields = Object.fromEntries(
    route.route.steps.flatMap(({ who }) => (who.kind === 'field' ? [[who.path, `${STANDS_FOR}${who.path}`]] : [])),
  );
  return {
    values: recordValues({ ...fields, ...values }, clock),
    people: new Map([...people, ...names.map((id) => [id, { id, roles: [], away: null }] as const)]),
    signers: (who) => [`${STANDS_FOR}${who.register}`],
  };
};

const isMissing = ({ status, byLastResort }: Foreseen): boolean => status === 'stuck' || byLastResort.length > 0;

/** A step of a role that nobody holds is mended by giving it to somebody. */
const giveRole = (route: CompiledRoute, { step, people }: Foreseen): Mend[] => {
  const who = route.route.steps[step]?.who;
  return who?.kind === 'role' && people.length === 0 ? [{ kind: 'give_role', role: who.role }] : [];
};

const sameSteps = (one: readonly Foreseen[], other: readonly Foreseen[]): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

const combinations = <T>(lists: readonly (readonly T[])[]): T[][] =>
  lists.reduce<T[][]>((rows, list) => rows.flatMap((row) => list.map((each) => [...row, each])), [[]]);

/**
 * Who signs in each band of the values that a route's conditions compare with; and where somebody would be missing: always,
 * while one of those named is away, or when one of them sends it.
 */
export const whoSigns = (route: CompiledRoute, people: ReadonlyMap<string, Signer>, clock: Clock): WhoSigns => {
  const { banded, besides } = bandsOf(route);
  const cases = combinations(banded.map(({ bands }) => bands)).map((bands) => ({
    says: bands.map(({ says }) => says),
    values: Object.fromEntries(bands.map(({ value }, i) => [banded[i]?.path ?? '', value])),
  }));
  const present = new Map<string, Signer>([...people].map(([id, signer]) => [id, { ...signer, away: null }]));
  const go = (
    values: CaseRow['values'],
    among: ReadonlyMap<string, Signer>,
    sender = '',
    first: string | null = null,
  ) => foresee(route, factsOf(route, among, values, clock), sender, first);
  const rows = cases
    .filter(({ values }) => takes(route, factsOf(route, present, values, clock).values))
    .map((each): CaseRow => ({ ...each, steps: go(each.values, present) }));
  const signers = [
    ...new Set(rows.flatMap(({ steps }) => steps.flatMap((step) => [...step.people, ...step.byLastResort]))),
  ].filter((id) => !id.startsWith(STANDS_FOR));
  const found: MissingRow[] = [];
  const note = (kind: MissingRow['kind'], person: string, row: number, steps: readonly Foreseen[]): void => {
    const first = steps.find(isMissing);
    if (!first) return;
    const isStuck = steps.some(({ status }) => status === 'stuck');
    const at = found.findIndex(
      (each) => each.person === person && each.step === first.step && each.isStuck === isStuck,
    );
    const known = found[at];
    if (known) {
      const isSameKind = known.kind === kind || known.kind === 'both';
      found[at] = { ...known, kind: isSameKind ? known.kind : 'both', rows: [...new Set([...known.rows, row])] };
      return;
    }
    const mends: Mend[] = [
      ...(kind === 'away' && !people.get(person)?.away?.standIn ? [{ kind: 'name_stand_in', person } as const] : []),
      ...(first.needed > 1 ? [{ kind: 'ask_any_one', step: first.step } as const] : []),
      ...(kind === 'always' ? giveRole(route, first) : []),
      ...(isStuck ? [{ kind: 'choose_last_resort' } as const] : []),
    ];
    found.push({ kind, person, earlier: null, rows: [row], steps, step: first.step, isStuck, mends });
  };
  /** One who holds the roles of two steps signs one of them, and nobody else is there for the other. */
  const noteSigned = (person: string, row: number, steps: readonly Foreseen[]): void => {
    const first = steps.find(isMissing);
    const earlier = steps.find(({ step, people: asked }) => first && step < first.step && asked.includes(person));
    const who = first && route.route.steps[first.step]?.who;
    const isTheirs = who?.kind === 'role' && people.get(person)?.roles.includes(who.role) === true;
    if (!first || !earlier || !isTheirs) return;
    const isStuck = first.status === 'stuck';
    const at = found.findIndex(
      (each) =>
        each.kind === 'signed' && each.person === person && each.step === first.step && each.isStuck === isStuck,
    );
    const known = found[at];
    if (known) found[at] = { ...known, rows: [...new Set([...known.rows, row])] };
    else
      found.push({
        ...{ kind: 'signed', person, earlier: earlier.step, rows: [row], steps, step: first.step, isStuck },
        mends: [{ kind: 'give_role', role: who.role }, ...(isStuck ? [{ kind: 'choose_last_resort' } as const] : [])],
      });
  };
  rows.forEach(({ values, steps }, row) => {
    note('always', '', row, steps);
    for (const person of signers) {
      const absent = new Map(present);
      const held = present.get(person);
      if (held) absent.set(person, { ...held, away: { standIn: people.get(person)?.away?.standIn ?? null } });
      const away = go(values, absent);
      if (!sameSteps(away, steps)) note('away', person, row, away);
      const own = go(values, present, person);
      if (!sameSteps(own, steps)) note('sent_by', person, row, own);
      noteSigned(person, row, go(values, present, '', person));
    }
  });
  return { heads: banded.map(({ label }) => label), rows, missing: found, besides };
};

/** Whether a route would take a record with these values, and which of its steps it would enter: for the ways of a form. */
export const stepsEntered = (route: CompiledRoute, values: Facts['values']): number[] =>
  takes(route, values) ? route.steps.flatMap((_, step) => (isDue(route, step, values) ? [step] : [])) : [];
