import type { Express, Response } from 'express';
import { streams } from '#contract/index.ts';
import { LARGEST_FILE } from '#core/values/index.ts';
import { keepFile, readFileOfForm, readFileOfRecord, readOwnFile, type SentFile } from '../../files/store.ts';
import { bindGiving, bindTaking } from '../bind.ts';
import { type Identify, lookOf } from '../context.ts';

/** Shown in the browser: pictures, videos and PDF. Everything else is only saved. */
const INLINE = /^(?:image\/|video\/|application\/pdf$)/;

const send = (response: Response, id: string, file: SentFile, small: boolean): void => {
  const shown = small || INLINE.test(file.mediaType);
  response
    .type(small ? 'image/webp' : file.mediaType)
    .set('content-disposition', `${shown ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(file.name)}`)
    // Whatever a file holds, it runs nothing here.
    .set('content-security-policy', "default-src 'none'; sandbox")
    // Kept by the browser, and asked about each time: on a computer that several share nobody sees it after signing out.
    .set({ 'cache-control': 'private, no-cache', etag: `"${id}${small ? '-small' : ''}"` })
    .send(file.bytes);
};

/**
 * Files come and go as bytes: POST keeps one, GET gives one's own back until it is part of a record, and then to whoever
 * may see that record.
 */
export const serveFiles = (app: Express, identify: Identify): void => {
  bindTaking(app, streams.keepFile, LARGEST_FILE, identify, (context, { query, body: content }) =>
    keepFile(lookOf(context), { ...query, content }),
  );
  bindGiving(app, streams.ownFile, identify, async (context, { params: { id }, query, response }) => {
    const small = query.small === 'yes';
    send(response, id, await readOwnFile(lookOf(context), id, small), small);
  });
  bindGiving(app, streams.formFile, identify, async (context, { params: { key, file }, query, response }) => {
    const small = query.small === 'yes';
    send(response, file, await readFileOfForm(lookOf(context), key, file, small), small);
  });
  bindGiving(app, streams.recordFile, identify, async (context, { params, query, response }) => {
    const { key: register, id: record, file } = params;
    const small = query.small === 'yes';
    send(response, file, await readFileOfRecord(lookOf(context), { register, record, file }, small), small);
  });
};
