import { randomBytes } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import express, { type Express, type Request, type Response } from 'express';
import { z } from 'zod';
import { FILES_PATH, type FileFacts } from '#contract/index.ts';
import { cleanLine, isUuid, uuidV7 } from '#core/base/index.ts';
import { FILE_SORTS, LARGEST_FILE, textsOf } from '#core/values/index.ts';
import { files } from '../../platform/schema.ts';
import { isSetup, mayFill, personRights } from '../../definitions/store.ts';
import { refuseCrossSite } from '../bind.ts';
import { type Context, signedIn } from '../context.ts';
import { notFound, Refusal } from '../problem.ts';
import { findOwnValues } from '../../records/reader/page.ts';
import { takesPart } from '../../signoff/service.ts';
import { inspectFile } from '../../files/inspect.ts';

const querySchema = z.object({ name: z.string().max(400).default(''), sort: z.enum(FILE_SORTS).default('any') });

/** A file's name as it is shown and offered for saving: one line, no path in it. */
const cleanName = (name: string): string => cleanLine(name.split(/[\\/]/).at(-1) ?? '').slice(0, 200) || 'file';

const keep = async (context: Context, request: Request): Promise<FileFacts> => {
  const { person } = signedIn(context);
  const query = querySchema.safeParse(request.query);
  if (!query.success || !Buffer.isBuffer(request.body)) throw new Refusal('invalid', 'A file is sent as its bytes.');
  const content = request.body;
  const { mediaType, width, height, thumbnail } = await inspectFile(content, query.data.sort);
  const id = uuidV7(Date.now(), randomBytes(10));
  const name = cleanName(query.data.name);
  await context.db
    .insert(files)
    .values({ id, name, mediaType, size: content.length, width, height, addedBy: person.id, content, thumbnail });
  return { id, name, media_type: mediaType, size: content.length, width, height };
};

/** Shown in the browser: pictures, videos and PDF. Everything else is only saved. */
const INLINE = /^(?:image\/|video\/|application\/pdf$)/;

const send = async (
  context: Context,
  id: string,
  byMe: boolean,
  request: Request,
  response: Response,
): Promise<void> => {
  const { person } = signedIn(context);
  const small = request.query.small === 'yes';
  const mine = byMe ? eq(files.addedBy, person.id) : undefined;
  const [file] = await context.db
    .select({
      name: files.name,
      mediaType: files.mediaType,
      bytes: small ? files.thumbnail : files.content,
    })
    .from(files)
    .where(and(eq(files.id, id), mine));
  if (!file?.bytes) throw notFound();
  const name = encodeURIComponent(file.name);
  const shown = small || INLINE.test(file.mediaType);
  response
    .type(small ? 'image/webp' : file.mediaType)
    .set('content-disposition', `${shown ? 'inline' : 'attachment'}; filename*=UTF-8''${name}`)
    // Whatever a file holds, it runs nothing here.
    .set('content-security-policy', "default-src 'none'; sandbox")
    .set('cache-control', 'private, max-age=31536000, immutable')
    .send(file.bytes);
};

/** A file of a record, for whoever may see the record. */
const sendOfRecord = async (context: Context, request: Request, response: Response): Promise<void> => {
  const { person, found } = signedIn(context);
  const {
    key = '',
    id = '',
    file = '',
  } = Object.fromEntries(Object.entries(request.params).map(([name, value]) => [name, String(value)]));
  const register = found.catalogue.registers.get(key);
  if (!register || !isUuid(id) || !isUuid(file)) throw notFound();
  const sees = personRights(found, person, key).see || (await takesPart(context.db, id, person.id));
  const record = sees ? await findOwnValues(context.db, register, found.catalogue, id) : null;
  const holds = register.fields.some(
    (field) => field.type.kind === 'files' && textsOf(record?.values[field.key] ?? null).includes(file),
  );
  if (!holds) throw notFound();
  await send(context, file, false, request, response);
};

/** A picture or video of a form's introductions, for whoever may fill the form in, or is making it. */
const sendOfForm = async (context: Context, request: Request, response: Response): Promise<void> => {
  const { person, found } = signedIn(context);
  const [key = '', file = ''] = [String(request.params.key), String(request.params.file)];
  const held = found.forms.get(key);
  const forms = [held?.open?.document, isSetup(found, person) ? held?.draft?.document : undefined];
  const shows = forms.some(
    (form) =>
      form &&
      mayFill(found, person, form) &&
      [form.media, ...form.pages.map((page) => page.media)].some((each) => each?.file === file),
  );
  if (!isUuid(file) || !shows) throw notFound();
  await send(context, file, false, request, response);
};

/**
 * Files come and go as bytes, so they stand beside the JSON calls: POST keeps one, GET gives one's own back until it
 * is part of a record, and then to whoever may see that record.
 */
export const serveFiles = (app: Express, identify: (request: Request) => Promise<Context>): void => {
  app.post(
    FILES_PATH,
    async (request, _response, next) => {
      refuseCrossSite(request);
      await identify(request);
      next();
    },
    express.raw({ type: () => true, limit: LARGEST_FILE }),
    async (request, response) => {
      response.status(201).json(await keep(await identify(request), request));
    },
  );
  app.get(`${FILES_PATH}/:id`, async (request, response) => {
    if (!isUuid(request.params.id)) throw notFound();
    await send(await identify(request), request.params.id, true, request, response);
  });
  app.get('/api/forms/:key/media/:file', async (request, response) => {
    await sendOfForm(await identify(request), request, response);
  });
  app.get('/api/registers/:key/records/:id/files/:file', async (request, response) => {
    await sendOfRecord(await identify(request), request, response);
  });
};
