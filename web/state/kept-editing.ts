import { z } from 'zod';
import { toMomentText } from '#core/base/index.ts';

/*
 * What somebody is in the middle of in an editor of the set-up, kept on this device until it is carried out: leaving the
 * editor, or loading the page anew, throws nothing away. Windows of one person that have the same open tell each other.
 */

/** What an editor keeps, and by what it is known again. */
export interface Keeping<T> {
  /** Names the editor and what is edited, for one person: `register boats`. */
  readonly as: string;
  /** What it was begun from, as text: what was begun from something else is not taken up by itself. */
  readonly base: string;
  /** Whether what was kept is such a document. */
  readonly schema: z.ZodType<T>;
}

/** A document that was kept, what it was begun from, and when it was changed last. */
export interface KeptEditing<T> {
  readonly base: string;
  readonly now: T;
  readonly at: string;
}

const placeOf = (as: string): string => `iolite editing ${as}`;

/** What was kept, or null where nothing was, or nothing of ours. */
export const readKeptEditing = <T>({ as, schema }: Keeping<T>): KeptEditing<T> | null => {
  try {
    const text = localStorage.getItem(placeOf(as));
    const kept = z.object({ base: z.string(), now: schema, at: z.string() });
    return text === null ? null : (kept.safeParse(JSON.parse(text)).data ?? null);
  } catch {
    return null;
  }
};

/** Keeps what somebody is in the middle of; where this device has no room left, it is not kept. */
export const keepEditing = <T>({ as }: Pick<Keeping<T>, 'as'>, base: string, now: T): void => {
  try {
    localStorage.setItem(placeOf(as), JSON.stringify({ base, now, at: toMomentText(Date.now()) }));
  } catch {
    // The editor goes on; only leaving it would lose what is typed.
  }
};

/** Keeps nothing any more: it was carried out, or taken back. */
export const dropEditing = ({ as }: Pick<Keeping<unknown>, 'as'>): void => localStorage.removeItem(placeOf(as));

const told = z.object({ from: z.string(), now: z.unknown() });

/** Tells this person's other windows that have the same open what it has become, and hears it from them. */
export const editingChannel = <T>({ as, schema }: Keeping<T>, onOther: (now: T) => void) => {
  const channel = new BroadcastChannel(placeOf(as));
  const own = crypto.randomUUID();
  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    const message = told.safeParse(data).data;
    const other = message && message.from !== own ? schema.safeParse(message.now).data : undefined;
    if (other !== undefined) onOther(other);
  };
  return {
    tell: (now: T): void => channel.postMessage({ from: own, now }),
    close: (): void => channel.close(),
  };
};
