import express, { type Express, type Request, type Response } from 'express';
import { z } from 'zod';
import { FILES_PATH } from '#contract/index.ts';
import { FILE_SORTS, LARGEST_FILE } from '#core/values/index.ts';
import { keepFile, readFileOfForm, readFileOfRecord, readOwnFile, type SentFile } from '../../files/store.ts';
import { Refusal } from '../../platform/refusal.ts';

import { type Identify, lookOf } from '../context.ts';
import { refuseCrossSite } from '../place.ts';

const querySchema = z.object({ name: z.string().max(400).default(''), sort: z.enum(FILE_SORTS).default('any') });

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

const isSmall = (request: Request): boolean => request.query.small === 'yes';

/**
 * Files come and go as bytes, so they stand beside the JSON calls: POST keeps one, GET gives one's own back until it
 * is part of a record, and then to whoever may see that record.
 */
export const serveFiles = (app: Express, identify: Identify): void => {
  app.post(
    FILES_PATH,
    async (request, _response, next) => {
      refuseCrossSite(request);
      await identify(request);
      next();
    },
    express.raw({ type: () => true, limit: LARGEST_FILE }),
    async (request, response) => {
      const query = querySchema.safeParse(request.query);
      if (!query.success || !Buffer.isBuffer(request.body))
        throw new Refusal('invalid', 'A file is sent as its bytes.');
      const look = lookOf(await identify(request));
      response.status(201).json(await keepFile(look, { ...query.data, content: request.body }));
    },
  );
  app.get(`${FILES_PATH}/:id`, async (request, response) => {
    const small = isSmall(request);
    const { id } = request.params;
    send(response, id, await readOwnFile(lookOf(await identify(request)), id, small), small);
  });
  app.get('/api/forms/:key/media/:file', async (request, response) => {
    const { key, file } = request.params;
    const small = isSmall(request);
    send(response, file, await readFileOfForm(lookOf(await identify(request)), key, file, small), small);
  });
  app.get('/api/registers/:key/records/:id/files/:file', async (request, response) => {
    const { key: register, id: record, file } = request.params;
    const small = isSmall(request);
    const at = { register, record, file };
    send(response, file, await readFileOfRecord(lookOf(await identify(request)), at, small), small);
  });
};
