import type { Request } from 'express';
import type { z } from 'zod';
import type { api, Endpoint } from '#contract/index.ts';
import type { DefinitionsService } from '../definitions/service.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Prints } from '../paper/press.ts';
import type { Person } from '../people/person.ts';
import { AskerLeft, whileAsked } from '../platform/asked.ts';
import type { FairQueue } from '../platform/fair-queue.ts';
import type { OutwardSettings } from '../platform/outward.ts';
import { Refusal } from '../platform/refusal.ts';
import type { ReadLists } from '../platform/replica.ts';
import type { CommandContext, ReadContext } from '../records/work.ts';
import { inWriting, lookAs, type Workplace } from '../sight/work.ts';
import type { Call } from './bind.ts';

/** Who asks, with the definitions at the version their request met. */
export interface SignedContext {
  readonly person: Person;
  readonly definitions: Definitions;
  /** Who really looks, where somebody looks as this person. */
  readonly looker: Pick<Person, 'id' | 'name'> | null;
  /** The session that asks; null: a token does. */
  readonly session: string | null;
  /** A role demands a second step that they have not set up. */
  readonly secondStepDue: boolean;
}

/** What every handler gets. */
export interface Context extends Workplace {
  readonly setUp: DefinitionsService;
  /** Where lists go on paper. */
  readonly press: Prints;
  readonly readLists: ReadLists;
  /** Where those who read lists wait for their turn. */
  readonly listTurns: FairQueue;
  readonly demonstration: boolean;
  /** How long a decision can be undone, in milliseconds: nothing follows from it before. */
  readonly undoMs: () => number;
  /** Whether messages leave by mail. */
  readonly sends: boolean;
  readonly told: OutwardSettings;
  readonly signed: SignedContext | null;
  /** Whether whoever asks went away before the answer. */
  readonly left: AbortSignal;
}

/** Finds out who asks. */
export type Identify = (request: Request, endpoint: Endpoint) => Promise<Context>;

/** Answers one call of the interface. */
export type Handler<E> =
  E extends Endpoint<infer P, infer Q, infer B, infer A>
    ? (context: Context, call: Call<z.output<P>, z.output<Q>, z.output<B>>) => Promise<z.input<A>>
    : never;
/** The handlers of some calls. */
export type Handlers<K extends keyof typeof api> = { readonly [N in K]: Handler<(typeof api)[N]> };

/** The person of a request that needs one. */
export const signedIn = ({ signed }: Pick<Context, 'signed'>): SignedContext => {
  if (!signed) throw new Refusal('sign_in', 'Please sign in.');
  return signed;
};

/** The session of a request that a person makes. */
export const sessionIn = (context: Context): string => {
  const { session } = signedIn(context);
  if (session === null) throw new Refusal('not_allowed', 'A token has no session.');
  return session;
};

/** What the person of a request may look at. */
export const lookOf = (context: Context): ReadContext => {
  const { person, definitions } = signedIn(context);
  return lookAs(context.db, definitions, person);
};

/**
 * Reads a list as the person of a request may look at it, from wherever lists are read now, when their turn has come; what
 * it asks of the database is stopped where they do not wait for it.
 */
export const readingList = async <T>(context: Context, run: (look: ReadContext) => Promise<T>): Promise<T> => {
  const { left, listTurns, readLists } = context;
  const look = lookOf(context);
  try {
    return await listTurns.run(look.person.id, () =>
      readLists((from) => run({ ...look, ...from, db: whileAsked(from.db, left) })),
    );
  } catch (error) {
    throw left.aborted ? new AskerLeft() : error;
  }
};

/** One command of the person of a request. */
export const writingFor = <T>(context: Context, run: (work: CommandContext) => Promise<T>): Promise<T> =>
  inWriting(context, signedIn(context).person, run);
