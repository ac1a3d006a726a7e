import { Refusal } from '../platform/refusal.ts';

/** A program of PostgreSQL’s went wrong, in its own words. */
export class ProgramFailure extends Error {}

const codeOf = (error: unknown): unknown =>
  typeof error === 'object' && error !== null && 'code' in error ? error.code : undefined;

/** Why a backup could not be taken, for whoever keeps Iolite going; it is tried again. What else went wrong is passed on. */
export const sayFailure = (error: unknown): unknown => {
  if (error instanceof ProgramFailure) return new Refusal('unavailable', `No backup was taken. ${error.message}`);
  switch (codeOf(error)) {
    case 'ENOENT':
      return new Refusal(
        'unavailable',
        'No backup was taken, as PostgreSQL’s program pg_dump is not there: IOLITE_PG_BIN names its folder (docs/running.md).',
      );
    case 'ENOSPC':
    case 'EDQUOT':
      return new Refusal(
        'unavailable',
        'No backup was taken, as the disk is full. Nothing else was lost: make room, or let IOLITE_BACKUPS name a folder elsewhere.',
      );
    case 'EACCES':
    case 'EROFS':
      return new Refusal('unavailable', 'No backup was taken, as its folder cannot be written into.');
    default:
      return error;
  }
};
