import { fileTypeFromBuffer } from 'file-type';
import { problem } from '#core/base/index.ts';
import { type FileSort, mediaTypes } from '#core/values/index.ts';
import { invalid, type Refusal } from '../platform/refusal.ts';

/** What was found out about a file by looking into it. */
export interface Inspected {
  readonly mediaType: string;
  readonly width: number | null;
  readonly height: number | null;
  readonly thumbnail: Buffer | null;
}

/** A picture that unpacks to more pixels than any camera takes is one made to fill the memory. */
const MOST_PIXELS = 120_000_000;
const THUMBNAIL = 320;

const refusal = (code: string, detail: string): Refusal => invalid([problem(code, ['file'], detail)]);

const decoder = new TextDecoder('utf-8', { fatal: true });
// biome-ignore lint/suspicious/noControlCharactersInRegex: a text has none of these, other files do
const CONTROL = /[\u0000-\u0008\u000B\u000C\u000E-\u001F]/;

/** Plain text is what reads as UTF-8, has no control characters and is no markup. */
const isPlainText = (content: Buffer): boolean => {
  try {
    const text = decoder.decode(content);
    return !CONTROL.test(text) && !/^\s*(?:\uFEFF)?\s*<[!?a-z]/i.test(text);
  } catch {
    return false;
  }
};

const isMarkup = (content: Buffer): boolean =>
  /^\s*<(?:[!?]|svg|html|script)/i.test(
    content
      .subarray(0, 1024)
      .toString('latin1')
      .replace(/^\xEF\xBB\xBF/, ''),
  );

const inspectPhoto = async (content: Buffer): Promise<Pick<Inspected, 'width' | 'height' | 'thumbnail'>> => {
  // A library of its own: read in with the first picture, and not while a start is waited for.
  const { default: sharp } = await import('sharp');
  try {
    const picture = sharp(content, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { width, height } = await picture.metadata();
    const thumbnail = await picture
      .rotate()
      .resize(THUMBNAIL, THUMBNAIL, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 76 })
      .toBuffer();
    return { width: width ?? null, height: height ?? null, thumbnail };
  } catch (error) {
    const large = error instanceof Error && /pixel limit/i.test(error.message);
    throw large
      ? refusal('too_many_pixels', 'This picture has more pixels than any camera takes, and is not opened.')
      : refusal('broken_picture', 'This picture cannot be opened: the file is damaged or cut off.');
  }
};

const WORDS: { readonly [K in FileSort]: string } = {
  photos: 'a photo (JPEG, PNG, WebP, GIF or AVIF)',
  videos: 'a video (MP4, WebM or MOV)',
  documents: 'a document (PDF, Word, Excel, OpenDocument or plain text)',
  any: 'a photo, a video or a document',
};

/**
 * What a file is, by its content and never by its name. Refused in words: what is empty, of another sort than wanted,
 * a drawing or page that could hold a script (SVG, HTML), or a picture that is broken or far too large.
 */
export const inspectFile = async (content: Buffer, sort: FileSort): Promise<Inspected> => {
  if (content.length === 0) throw refusal('empty', 'This file is empty.');
  const found = await fileTypeFromBuffer(content);
  if (found?.mime === 'application/xml' || isMarkup(content))
    throw refusal(
      'markup',
      'This is a drawing or page that could hold a script (SVG, HTML or XML), which is not kept here.',
    );
  const mediaType = found ? found.mime : isPlainText(content) ? 'text/plain' : null;
  if (mediaType === null || !mediaTypes(sort).includes(mediaType))
    throw refusal('wrong_sort', `This must be ${WORDS[sort]}; by its content it is ${mediaType ?? 'none of these'}.`);
  const photo = mediaType.startsWith('image/')
    ? await inspectPhoto(content)
    : { width: null, height: null, thumbnail: null };
  return { mediaType, ...photo };
};
