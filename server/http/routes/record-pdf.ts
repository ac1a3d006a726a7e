import type { Express } from 'express';
import { streams } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { lookAtRecord } from '../../forms/taking-part.ts';
import { notFound } from '../../platform/refusal.ts';
import { findTimes } from '../../records/reader/index.ts';
import { readSignOffHistory } from '../../signoff/track.ts';
import { sayRecord } from '../../signoff/words.ts';
import { bindGiving } from '../bind.ts';
import { type Identify, lookOf } from '../context.ts';
import { readDetail } from './records.ts';

/** A record with its sign-off as a PDF, as whoever asks sees it. */
export const serveRecordPdf = (app: Express, identify: Identify): void => {
  bindGiving(app, streams.recordPdf, identify, async (context, { params: { key, id }, response }) => {
    const { look, register } = await lookAtRecord(lookOf(context), key, id);
    if (!(await findTimes(look, register, id))) throw notFound();
    const record = await readDetail(look, register, id);
    const { track, decisions } = await readSignOffHistory(look, register, id);
    const { clock, definitions, person } = look;
    const { locale } = definitions.catalogue;
    // Nobody who only looks at lists waits for what writes PDF to be read in.
    const { recordSheet } = await import('../../paper/record-sheet.ts');
    const sheet = await recordSheet({
      workspace: definitions.name,
      language: locale,
      record,
      facts: await sayRecord(look, register, record.values),
      track,
      decisions,
      when: (moment) => showMoment(moment, clock.zone, locale),
      by: person.name,
      now: clock.now,
    });
    response.type('application/pdf').set('content-disposition', `inline; filename="${record.number}.pdf"`).send(sheet);
  });
};
