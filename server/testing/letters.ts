import { sql } from 'drizzle-orm';
import { z } from 'zod';
import type { TestServer } from './harness.ts';

const letterSchema = z.object({
  to_address: z.string(),
  subject: z.string(),
  words: z.array(z.string()),
  path: z.string().nullable(),
  secret: z.string().nullable(),
});
/** A message as its reader finds it. */
export type Letter = z.infer<typeof letterSchema>;

/** The messages to an address, the newest first. */
export const lettersTo = async (server: TestServer, address: string): Promise<Letter[]> => {
  const { rows } = await server.database.db.execute(
    sql`select to_address, subject, words, link ->> 'path' as path, secret from iolite.messages where to_address = ${address} order by at desc, id desc`,
  );
  return rows.map((row) => letterSchema.parse(row));
};

/** The secret of the newest message to an address. */
export const secretTo = async (server: TestServer, address: string): Promise<string> => {
  const [letter] = await lettersTo(server, address);
  if (!letter?.secret) throw new Error(`no link was written to ${address}`);
  return letter.secret;
};
