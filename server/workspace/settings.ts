import { gt } from 'drizzle-orm';
import type { HolidaySource, Settings } from '#contract/index.ts';
import { type Clock, problem, today } from '#core/base/index.ts';
import { carryOutPlan } from '../definitions/ddl.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import { bumpVersion } from '../definitions/service.ts';
import type { Definitions } from '../definitions/store.ts';
import { note } from '../identity/noted.ts';
import type { Db, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions } from '../platform/locks.ts';
import { readSender, writeSender } from '../platform/outward.ts';
import { invalid, notAllowed, Refusal } from '../platform/refusal.ts';
import { counters, workspace } from '../platform/schema.ts';
import { holidaysFor } from './countries.ts';
import { readHolidayFile } from './holiday-file.ts';

/** What is called what in a sentence. */
const NAMES = {
  name: 'its name',
  locale: 'how numbers and dates are written',
  zone: 'its time zone',
  currency: 'its currency',
  week_begins: 'the day a week begins on',
  address: 'where it is reached',
  mail_from: 'who its mail comes from',
  holidays: 'its holidays',
} as const;
type Name = keyof typeof NAMES;
const isName = (key: string): key is Name => Object.hasOwn(NAMES, key);

const settingsOf = ({ name, weekBegins, address, mailFrom, catalogue }: Definitions): Omit<Settings, 'version'> => ({
  name,
  locale: catalogue.locale,
  zone: catalogue.zone,
  currency: catalogue.currency,
  week_begins: weekBegins,
  address,
  mail_from: mailFrom,
  holidays: [...(catalogue.holidays ?? [])],
});

/** The address of a whole site as it is kept, or null; of one that says more, that would be lost. */
const siteIn = (text: string | null): string | null => {
  if (text === null || text.trim() === '') return null;
  const site = text.trim();
  if (!/^https?:\/\/[^/?#@\s]+\/?$/i.test(site) || !URL.canParse(site))
    throw invalid([
      problem('no_address', ['address'], 'Write where it is reached and no more: https://forms.example.org.'),
    ]);
  return new URL(site).origin;
};

/** A sender as it is kept, or null; what is none is refused. */
const senderIn = (text: string | null): string | null => {
  if (text === null || text.trim() === '') return null;
  const sender = readSender(text);
  if (!sender)
    throw invalid([
      problem('no_sender', ['mail_from'], 'Write a name and an address: Tern Quay <office@example.org>.'),
    ]);
  return writeSender(sender);
};

/** Records are found by their words as they were written, and what was worked out of a moment is of its day. */
const refuseWithRecords = async (tx: Tx, changed: ReadonlySet<string>): Promise<void> => {
  const asked = (['locale', 'zone'] as const).filter((key) => changed.has(key));
  if (asked.length === 0) return;
  const [held] = await tx.select({ register: counters.register }).from(counters).where(gt(counters.next, 1)).limit(1);
  if (!held) return;
  throw invalid(
    asked.map((key) =>
      problem(
        'records_there',
        [key],
        `There are records already, which are found by their words as ${key === 'zone' ? 'this time zone and' : ''} this language write them. This is settled before the first one.`.replace(
          '  ',
          ' ',
        ),
      ),
    ),
  );
};

/**
 * Changes how the workspace is called and writes, and when nobody works: what formulas make of working days and of days is
 * worked out anew. 409 where the set-up was changed since it was looked at.
 */
export const keepSettings = (
  db: Db,
  reader: DefinitionsReader,
  { version, ...given }: Settings,
  by: { readonly id: string; readonly now: string; readonly setsUpPeople: boolean },
): Promise<{ readonly version: number }> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    if (definitions.version !== version)
      throw new Refusal('conflict', 'The set-up was changed meanwhile. Look at it again, then change it.');
    const next = {
      ...given,
      address: siteIn(given.address),
      mail_from: senderIn(given.mail_from),
      holidays: [...new Set(given.holidays)].toSorted(),
    };
    const before = settingsOf(definitions);
    const changed = new Set(
      Object.keys(NAMES).filter((key) => isName(key) && JSON.stringify(before[key]) !== JSON.stringify(next[key])),
    );
    if (changed.size === 0) return { version };
    // The secrets of invitations and new passwords go where links lead.
    if ((changed.has('address') || changed.has('mail_from')) && !by.setsUpPeople)
      throw notAllowed('Where it is reached and who its mail comes from is said by those who set up people and roles.');
    await refuseWithRecords(tx, changed);
    const { week_begins: weekBegins, mail_from: mailFrom, ...row } = next;
    await tx.update(workspace).set({ ...row, weekBegins, mailFrom });
    if (changed.has('zone') || changed.has('holidays')) {
      const { locale, zone, currency, holidays } = next;
      await carryOutPlan(tx, { steps: [] }, { ...definitions.catalogue, locale, zone, currency, holidays });
    }
    const what = [...changed].filter(isName).map((key) => NAMES[key]);
    await note(tx, by.now, {
      personId: by.id,
      action: 'settings',
      detail: `Of the workspace was changed: ${what.join(', ')}.`,
    });
    return { version: await bumpVersion(tx) };
  });

/** The holidays of a country, or of a file, as somebody might keep them. */
export const readHolidays = async (
  { catalogue }: Definitions,
  clock: Clock,
  source: HolidaySource,
): Promise<string[]> =>
  'text' in source
    ? readHolidayFile(source.text, { locale: catalogue.locale, today: today(clock), inFile: true })
    : holidaysFor(source.country, source.region);
