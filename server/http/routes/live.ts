import type { Express } from 'express';
import { streams } from '#contract/index.ts';
import { findLiving } from '../../identity/session.ts';
import { countAll, heardBy } from '../../sight/hears.ts';
import type { Workplace } from '../../sight/work.ts';
import { bindGiving } from '../bind.ts';
import { type Identify, sessionIn, signedIn } from '../context.ts';
import type { LiveEvents } from '../live.ts';

/** Server-sent events: one stream for each browser. */
export const serveLive = (app: Express, workplace: Workplace, live: LiveEvents, identify: Identify): void => {
  const { db } = workplace;
  live.tellWith(
    (person, event) => heardBy(workplace, person, event),
    (registers) => countAll(workplace, registers),
    (sessions) => findLiving(db, sessions),
  );
  bindGiving(app, streams.live, identify, async (context, { request, response }) => {
    live.attach(request, response, sessionIn(context), signedIn(context).person);
  });
};
