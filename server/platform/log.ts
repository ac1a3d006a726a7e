import pino from 'pino';

/** How much is noted: `info` is what somebody who runs it should know; `debug` is each request too. */
export const LOG_LEVELS = ['debug', 'info', 'warn', 'error', 'silent'] as const;
export type LogLevel = (typeof LOG_LEVELS)[number];

/** One request, by its pattern: never by what stood in its address, which people typed. */
export interface RequestNote {
  readonly method: string;
  readonly route: string;
  readonly status: number;
  readonly ms: number;
}

/** Where the server notes what happens, one line of JSON each. */
export interface Log {
  /** Something went wrong: an error's own words and place, never a statement's parameters, which are what people typed. */
  readonly note: (where: string, error: unknown) => void;
  readonly request: (note: RequestNote) => void;
  readonly say: (text: string) => void;
}

const SLOW_MS = 2_000;

/** Notes lines of JSON into a stream, those of a level and above. */
export const makeLog = (level: LogLevel, into: pino.DestinationStream): Log => {
  const logger = pino({ level, base: { pid: process.pid }, timestamp: pino.stdTimeFunctions.isoTime }, into);
  return {
    note: (where, error) => {
      const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
      const { message, stack } = cause instanceof Error ? cause : { message: String(cause), stack: undefined };
      logger.error({ where, stack }, message);
    },
    request: (note) => {
      const told = { ...note, ms: Math.round(note.ms) };
      if (note.status >= 500) logger.error(told, 'request');
      else if (note.ms > SLOW_MS) logger.warn(told, 'slow request');
      else logger.debug(told, 'request');
    },
    say: (text) => logger.info(text),
  };
};
