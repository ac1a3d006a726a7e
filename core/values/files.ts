import { z } from 'zod';
import { asksNothing, type FieldBehaviour, type Kind, textsOf, wrong } from './kind.ts';
import { readIds } from './link.ts';

/** What files a field takes; told by their content, not by their name. */
export const FILE_SORTS = ['photos', 'videos', 'documents', 'any'] as const;
export type FileSort = (typeof FILE_SORTS)[number];

const PHOTOS = ['image/jpeg', 'image/png', 'image/webp', 'image/gif', 'image/avif'];
const VIDEOS = ['video/mp4', 'video/webm', 'video/quicktime'];
const DOCUMENTS = [
  'application/pdf',
  'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  'application/vnd.oasis.opendocument.text',
  'application/vnd.oasis.opendocument.spreadsheet',
  'text/plain',
];

/** The media types (IANA) a sort of files has; what is in none of them is refused everywhere, SVG and HTML too. */
export const mediaTypes = (sort: FileSort): readonly string[] => {
  switch (sort) {
    case 'photos':
      return PHOTOS;
    case 'videos':
      return VIDEOS;
    case 'documents':
      return DOCUMENTS;
    case 'any':
      return [...PHOTOS, ...VIDEOS, ...DOCUMENTS];
  }
};

/** 25 MB, counted as 25 × 1024 × 1024 bytes. */
export const LARGEST_FILE = 25 * 1024 * 1024;
export const MOST_FILES = 50;

/** Files kept with the record, by their ids in the order in which they were added. */
export const files = (most: number): FieldBehaviour => ({
  value: { kind: 'texts' },
  sql: 'uuid[]',
  column: 'uuid[]',
  asks: asksNothing,
  traits: { fitsLine: false, hasWords: false, asTyped: false, tellsAlike: false, cell: 'none' },
  parse: (typed) =>
    typed.trim() === '' ? readIds([], 'files', most) : wrong('not_typed', 'Files are added, not typed.'),
  check: (value) => readIds(value, 'files', most),
  show: (value) => {
    const count = textsOf(value).length;
    return count === 0 ? '' : count === 1 ? '1 file' : `${count} files`;
  },
  edit: () => '',
});

export const filesKind: Kind<{ readonly kind: 'files'; readonly sort: FileSort; readonly most: number }, false> = {
  word: 'files',
  schema: z.strictObject({
    kind: z.literal('files'),
    sort: z.enum(FILE_SORTS),
    most: z.int().min(1).max(MOST_FILES).default(MOST_FILES),
  }),
  behaviour: ({ most }) => files(most),
  begins: () => ({ kind: 'files', sort: 'any', most: MOST_FILES }),
  inRows: false,
  given: false,
};
