import type { Express } from 'express';
import { LIVE_PATH, type LiveEvent } from '#contract/index.ts';
import { findLiving, sessionOf } from '../../access/session.ts';
import { sightOf } from '../../access/sight.ts';
import type { Workplace } from '../../access/work.ts';
import type { Person } from '../../people/person.ts';
import { isSetup } from '../../people/roles.ts';
import { clockNow } from '../../platform/clock.ts';
import { countRecords } from '../../records/reader/index.ts';
import { systemSight } from '../../records/sight.ts';
import { type Identify, signedIn } from '../context.ts';
import { readToken } from '../cookie.ts';
import type { CountRecords, LiveEvents } from '../live.ts';

/** What of an event a person may hear: of what they may not see, not even that something happened. */
const heardBy = async ({ db, reader }: Workplace, person: Person, event: LiveEvent): Promise<LiveEvent | null> => {
  const definitions = await reader.read(db);
  const { registers } = sightOf(db, definitions, person).catalogue;
  switch (event.kind) {
    case 'records':
      return registers.has(event.register) ? event : null;
    case 'counts': {
      const counts = Object.fromEntries(Object.entries(event.counts).filter(([key]) => registers.has(key)));
      return Object.keys(counts).length > 0 ? { kind: 'counts', counts } : null;
    }
    case 'job':
      return event.by === person.id || isSetup(definitions, person) ? event : null;
    case 'draft':
      return isSetup(definitions, person) ? event : null;
    case 'in_tray':
      return event.of?.includes(person.id) ? { kind: 'in_tray' } : null;
    case 'workspace':
      return event;
  }
};

/** Server-sent events: one stream for each browser. */
export const serveLive = (app: Express, workplace: Workplace, live: LiveEvents, identify: Identify): void => {
  const { db, reader } = workplace;
  const count: CountRecords = async (keys) => {
    const definitions = await reader.read(db);
    const sight = systemSight(definitions, 'counts are taken once, and told to those who see the register');
    const registers = keys.flatMap((key) => definitions.catalogue.registers.get(key) ?? []);
    return countRecords({ db, sight, clock: clockNow(definitions.catalogue) }, registers);
  };
  live.tellWith(
    (person, event) => heardBy(workplace, person, event),
    count,
    (sessions) => findLiving(db, sessions),
  );
  app.get(LIVE_PATH, async (request, response) => {
    const { person } = signedIn(await identify(request));
    live.attach(request, response, sessionOf(readToken(request) ?? ''), person);
  });
};
