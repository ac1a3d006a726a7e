import type { Asked, Mark, Resort } from './events.ts';

/** Where a record stands on its way round. `stuck`: nobody at all may sign. */
export type Stage = 'none' | 'waiting' | 'approved' | 'sent_back' | 'refused' | 'stuck';

/** What one person said of a step. */
export interface Signature {
  readonly by: string;
  /** In whose name: their own, or that of who is away. */
  readonly for: string;
  readonly decision: 'approve' | 'refuse';
  readonly at: string;
  /** The version of the record that was seen. */
  readonly version: number;
  readonly comment: string;
  /** For how many missing signatures it stands, where the last resort gave it; else null. */
  readonly missing: number | null;
}

export interface StepState {
  readonly status: 'to_come' | 'skipped' | 'open' | 'signed' | 'let_through' | 'refused' | 'sent_back' | 'cancelled';
  readonly enteredAt: string | null;
  readonly due: string | null;
  readonly needed: number;
  /** How many could sign it when it was entered: where all sign, no more than these do. */
  readonly places: number;
  readonly asked: readonly Asked[];
  /** Those who were asked and can sign no more. */
  readonly gone: readonly string[];
  /** Who is asked in place of who is missing; null: nobody, or they signed. */
  readonly resort: Resort | null;
  readonly signatures: readonly Signature[];
  readonly reminded: 'before' | 'due' | null;
  /** Whether it was passed on when it was late. */
  readonly passed: boolean;
}

/** Sent back: by whom and why, and what to mend. */
export interface SentBack {
  readonly by: string;
  readonly for: string;
  readonly step: number;
  readonly at: string;
  readonly comment: string;
  readonly marks: readonly Mark[];
}

/** A decision that can still be undone: nothing follows from it before `until`. */
export interface Pending {
  readonly by: string;
  readonly until: string;
  readonly before: State;
}

export interface State {
  readonly stage: Stage;
  readonly round: number;
  readonly sender: string;
  readonly sentAt: string;
  readonly steps: readonly StepState[];
  /** Who changed what is watched in this round: they sign nothing in it. */
  readonly authors: readonly string[];
  /** Who changed it while it was with its sender: authors of the round to come. */
  readonly changers: readonly string[];
  readonly back: SentBack | null;
  /** When it was decided, refused or stopped. */
  readonly decidedOn: string | null;
  readonly pending: Pending | null;
}

export const TO_COME: StepState = {
  status: 'to_come',
  enteredAt: null,
  due: null,
  needed: 1,
  places: 0,
  asked: [],
  gone: [],
  resort: null,
  signatures: [],
  reminded: null,
  passed: false,
};

/** Before anything happened: a record that was never sent. */
export const beginning = (steps: number): State => ({
  stage: 'none',
  round: 0,
  sender: '',
  sentAt: '',
  steps: Array.from({ length: steps }, () => TO_COME),
  authors: [],
  changers: [],
  back: null,
  decidedOn: null,
  pending: null,
});

/** How many signatures a step has, those of the last resort for as many as were missing. */
export const signaturesGiven = ({ signatures }: StepState): number =>
  signatures.reduce((sum, { decision, missing }) => (decision === 'approve' ? sum + (missing ?? 1) : sum), 0);

/** Those who are asked and have not said anything yet, neither themselves nor anybody for them. */
export const stillAsked = ({ asked, gone, signatures }: StepState): Asked[] =>
  asked.filter(({ person }) => !gone.includes(person) && !signatures.some((signature) => signature.for === person));

/** Whether the last resort is asked and has not said anything yet. */
export const isResortAsked = ({ resort }: StepState): boolean => resort !== null;

/** How many signatures may still come to a step. */
export const signaturesToCome = (step: StepState): number =>
  stillAsked(step).filter(({ counts }) => counts).length + (isResortAsked(step) ? (step.resort?.missing ?? 0) : 0);

/** Everyone whose signature stands in this round: who signed, and in whose name. */
export const signersSoFar = ({ steps }: State): Set<string> =>
  new Set(steps.flatMap(({ signatures }) => signatures.flatMap(({ by, for: name }) => [by, name])));

/** The places of the steps that wait now. */
export const openSteps = ({ stage, steps }: State): number[] =>
  stage === 'waiting' || stage === 'stuck' ? steps.flatMap(({ status }, at) => (status === 'open' ? [at] : [])) : [];
