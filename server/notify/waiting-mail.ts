import { and, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { InTray } from '#contract/index.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import { lookAtSent } from '../forms/taking-part.ts';
import { readActive } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import type { Task } from '../platform/jobs.ts';
import { post } from '../platform/messages.ts';
import { history, people, signOffParts, signOffs } from '../platform/schema.ts';
import { lookAs } from '../sight/work.ts';
import { readInTray } from '../signoff/in-tray.ts';
import { TELL_WAITING } from '../signoff/tell.ts';

/*
 * What waits for a person is written to them, at once or once a day, as they choose: what their own in-tray says of it, so
 * that no message tells what its reader may not see.
 */

type Item = InTray['items'][number];

const sayItem = ({ number, title, from, kind, why }: Item): string => {
  const called = number === title ? number : `${number}, ${title}`;
  const because = why === '' ? '' : ` ${why.replace(/[.]?$/, '.')}`;
  return kind === 'sign' ? `${called}, from ${from}.${because}` : `${called}: ${from} sent it back. ${why}`;
};

const payloadSchema = z.union([z.object({ signOff: z.string() }), z.object({ file: z.string(), name: z.string() })]);

/** Those for whom a sign-off may wait, with when they want to be told. */
const readConcerned = async (db: Db, id: string): Promise<ReadonlySet<string>> => {
  const [row] = await db.select().from(signOffs).where(eq(signOffs.id, id));
  const parts = await db
    .select({ person: signOffParts.personId, standIn: people.standIn })
    .from(signOffParts)
    .innerJoin(people, eq(people.id, signOffParts.personId))
    .where(eq(signOffParts.signOffId, id));
  // Whoever stands in for somebody who is away hears of it, too: their own in-tray says whether it waits for them.
  const asked = parts.flatMap(({ person, standIn }) => (standIn === null ? [person] : [person, standIn]));
  return new Set(row ? [...asked, row.sender] : []);
};

const readChoices = async (db: Db): Promise<ReadonlyMap<string, 'at_once' | 'daily'>> => {
  const rows = await db.select({ id: people.id, told: people.toldOfSigning }).from(people);
  return new Map(rows.map(({ id, told }) => [id, told]));
};

const writeOne = async (db: Db, workspace: string, person: Person, item: Item): Promise<void> =>
  post(db, {
    to: person,
    subject: item.kind === 'sign' ? `${item.number} waits for you to sign` : `${item.number} was sent back to you`,
    words: [`Hello ${person.name},`, sayItem(item), `This is written to you by ${workspace}.`],
    link: { path: `/in-tray/${item.sign_off}`, label: 'Open it in the in-tray' },
  });

/** Writes of one record to those who want to be told at once. */
export const tellWaitingTask = (reader: DefinitionsReader): Task => ({
  name: TELL_WAITING,
  run: async ({ db, job }) => {
    const payload = payloadSchema.parse(job.payload);
    const definitions = await reader.read(db);
    if ('file' in payload) {
      await tellOfFile(db, definitions, payload);
      return {};
    }
    const { signOff } = payload;
    const [concerned, choices] = [await readConcerned(db, signOff), await readChoices(db)];
    for (const person of await readActive(db)) {
      if (!concerned.has(person.id) || choices.get(person.id) !== 'at_once') continue;
      const { items } = await readInTray(lookAs(db, definitions, person), lookAtSent);
      const item = items.find((each) => each.sign_off === signOff && each.kind !== 'sent');
      if (item) await writeOne(db, definitions.name, person, item);
    }
    return {};
  },
});

/** Writes to each of those who want to be told at once how much of a file waits for them. */
const tellOfFile = async (
  db: Db,
  definitions: Definitions,
  { file, name }: { readonly file: string; readonly name: string },
): Promise<void> => {
  const rows = await db
    .select({ id: signOffs.id })
    .from(signOffs)
    .innerJoin(history, and(eq(history.recordId, signOffs.recordId), eq(history.batchId, file)));
  const brought = new Set(rows.map(({ id }) => id));
  if (brought.size === 0) return;
  const choices = await readChoices(db);
  for (const person of await readActive(db)) {
    if (choices.get(person.id) !== 'at_once') continue;
    const { items } = await readInTray(lookAs(db, definitions, person), lookAtSent);
    const count = items.filter((item) => item.kind === 'sign' && brought.has(item.sign_off)).length;
    if (count === 0) continue;
    const many = count === 1 ? 'One record waits' : `${count} records wait`;
    await post(db, {
      to: person,
      subject: `${many} for you to sign`,
      words: [
        `Hello ${person.name},`,
        `${many} for you to sign. They came in with the file ${name}.`,
        `This is written to you by ${definitions.name}.`,
      ],
      link: { path: '/in-tray', label: 'Open the in-tray' },
    });
  }
};

/** Once a day: writes of all that waits to those who chose to be told so. */
export const tellDailyTask = (reader: DefinitionsReader): Task => ({
  name: 'tell_daily',
  at: '0 5 * * 1-5',
  run: async ({ db }) => {
    const definitions = await reader.read(db);
    const choices = await readChoices(db);
    for (const person of await readActive(db)) {
      if (choices.get(person.id) !== 'daily') continue;
      const { items: all } = await readInTray(lookAs(db, definitions, person), lookAtSent);
      const items = all.filter(({ kind }) => kind !== 'sent');
      if (items.length === 0) continue;
      await post(db, {
        to: person,
        subject: `${items.length === 1 ? 'One thing waits' : `${items.length} things wait`} for you at ${definitions.name}`,
        words: [`Hello ${person.name},`, ...items.map(sayItem)],
        link: { path: '/in-tray', label: 'Open the in-tray' },
      });
    }
    return {};
  },
});
