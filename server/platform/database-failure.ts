/** What a driver's error means for us. */
export type DatabaseFailure =
  | 'unreachable'
  | 'taken'
  | 'unknown_link'
  | 'busy'
  | 'crowded'
  | 'too_slow'
  | 'full'
  | 'bad_value'
  | 'other';

const UNREACHABLE = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOTFOUND',
  'EPIPE',
  'ETIMEDOUT',
  '57P01',
  '57P02',
  '57P03',
  '08006',
  '08003',
  '08001',
]);

/** PostgreSQL's own word for it. */
const TOO_MANY = '53300';

/** The innermost error with a code: Drizzle wraps the driver's. */
const codeOf = (error: unknown): { code: string; message: string } | null => {
  for (let at = error, depth = 0; at instanceof Error && depth < 5; at = at.cause, depth++) {
    if ('code' in at && typeof at.code === 'string') return { code: at.code, message: at.message };
    // So says the pool of whoever waited too long for one of its connections.
    if (/timeout exceeded when trying to connect/.test(at.message)) return { code: TOO_MANY, message: at.message };
    if (/Connection terminated|Client has encountered a connection error/.test(at.message)) {
      return { code: 'ECONNRESET', message: at.message };
    }
  }
  return null;
};

/** Classifies a driver's error (PostgreSQL, appendix A); null when it is not one. */
export const findDatabaseFailure = (error: unknown): DatabaseFailure | null => {
  const found = codeOf(error);
  if (!found) return null;
  if (UNREACHABLE.has(found.code)) return 'unreachable';
  switch (found.code) {
    case '23505':
      return 'taken';
    case '23503':
      return 'unknown_link';
    case '40001':
    case '40P01':
    case '55P03':
      return 'busy';
    case TOO_MANY:
      return 'crowded';
    case '22003':
    case '22007':
    case '22008':
    case '22P02':
      return 'bad_value';
    // Its disk is full.
    case '53100':
      return 'full';
    case '57014':
      return 'too_slow';
    default:
      return /^[0-9A-Z]{5}$/.test(found.code) ? 'other' : null;
  }
};
