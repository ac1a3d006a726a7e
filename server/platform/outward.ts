import { eq } from 'drizzle-orm';
import type { Queryable } from './database.ts';
import { workspace } from './schema.ts';

/** Who mail comes from: `Tern Quay <office@example.org>`, read once. */
export interface Sender {
  readonly name: string;
  readonly address: string;
}

/** A sender as it is written in a setting, or null: a name may stand before the address, which stands in brackets then. */
export const readSender = (text: string): Sender | null => {
  const named = /^\s*(?<name>[^<>\r\n]*?)\s*<(?<address>[^<>\s@]+@[^<>\s@]+)>\s*$/.exec(text)?.groups;
  if (named) return { name: (named.name ?? '').replace(/^"(.*)"$/, '$1'), address: named.address ?? '' };
  return /^[^<>\s@,]+@[^<>\s@,]+$/.test(text.trim()) ? { name: '', address: text.trim() } : null;
};

/** A sender as it is written in a setting. */
export const writeSender = ({ name, address }: Sender): string => (name === '' ? address : `${name} <${address}>`);

/** What the settings of the server say of how it is reached, and who mail comes from; null: the set-up of the workspace says. */
export interface OutwardSettings {
  readonly address: URL | null;
  readonly from: Sender | null;
}

/** How the workspace is known outside. */
export interface Outward {
  /** What links begin with: told by the server's settings or the set-up, and never by a request. */
  readonly address: URL;
  readonly from: Sender;
}

/** How the workspace is known outside now; where nobody said, links begin with `otherwise`. */
export const readOutward = async (db: Queryable, told: OutwardSettings, otherwise: URL): Promise<Outward> => {
  const [kept] = await db
    .select({ address: workspace.address, mailFrom: workspace.mailFrom })
    .from(workspace)
    .where(eq(workspace.id, 1));
  const address = told.address ?? (kept?.address ? new URL(kept.address) : otherwise);
  const from = told.from ?? readSender(kept?.mailFrom ?? '');
  return { address, from: from ?? { name: 'Iolite', address: `iolite@${address.hostname}` } };
};
