import type { Request, Response } from 'express';
import { z } from 'zod';
import { type LiveEvent, liveEventSchema } from '#contract/index.ts';
import type { Person } from '../people/person.ts';
import { Listening } from '../platform/listening.ts';
import { Refusal } from '../platform/refusal.ts';

/** An open stream of one browser, for as long as its session lasts. */
interface Stream {
  readonly response: Response;
  readonly session: string;
  person: Person;
}

/** What of an event a person may hear, by the definitions of this moment. */
export type HeardBy = (person: Person, event: LiveEvent) => Promise<readonly LiveEvent[]>;
/** Whose some sessions are now; those that ended are not among them. */
export type Living = (sessions: readonly string[]) => Promise<ReadonlyMap<string, Person>>;

/** Told among servers alone: a session has ended. */
const endedSchema = z.object({ kind: z.literal('session'), ended: z.string() });

/** A browser needs one for all its windows; so many are for as many browsers. */
const MOST_STREAMS = 40;

/** Counts the records of some registers: asked once for all streams, whoever then hears of them. */
export type CountRecords = (registers: readonly string[]) => Promise<Readonly<Record<string, number>>>;

const HEARTBEAT_MS = 25_000;
/** Of records that change again and again, how many there are is told this often at most. */
const COUNTS_MS = 2_000;

/**
 * The live events of all browsers of this server. After a gap browsers are told to fetch everything anew, as what
 * happened meanwhile is unknown.
 */
export class LiveEvents {
  readonly #listening: Listening;
  readonly #streams = new Set<Stream>();
  readonly #heartbeat: NodeJS.Timeout;
  readonly #changed = new Set<string>();
  #count: CountRecords | null = null;
  #heardBy: HeardBy = async () => [];
  #living: Living | null = null;
  #counting: NodeJS.Timeout | null = null;

  constructor(url: string) {
    this.#listening = new Listening(url, {
      word: (payload) => this.#receive(payload),
      again: () => this.#send('event: again\ndata: {}\n\n'),
    });
    this.#heartbeat = setInterval(() => void this.#beat(), HEARTBEAT_MS);
  }

  start(): Promise<void> {
    return this.#listening.start();
  }

  /** How many browsers are held open. */
  get open(): number {
    return this.#streams.size;
  }

  /** From now on browsers are told: who hears what, how many records there are, and whose sessions last. */
  tellWith(heardBy: HeardBy, count: CountRecords, living: Living): void {
    this.#heardBy = heardBy;
    this.#count = count;
    this.#living = living;
  }

  /** Holds a browser's stream open until it leaves, or its session ends. */
  attach(request: Request, response: Response, session: string, person: Person): void {
    const own = [...this.#streams].filter((each) => each.person.id === person.id);
    if (own.length >= MOST_STREAMS)
      throw new Refusal('too_many', `You have ${MOST_STREAMS} browsers open. Close some of them.`);
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
    });
    response.write('retry: 1000\n\n');
    const stream: Stream = { response, session, person };
    this.#streams.add(stream);
    request.on('close', () => this.#streams.delete(stream));
  }

  /** Keeps the connections open, and those of ended sessions no longer; roles that changed count from now on. */
  async #beat(): Promise<void> {
    this.#send(': \n\n');
    if (!this.#living || this.#streams.size === 0) return;
    const streams = [...this.#streams];
    const living = await this.#living(streams.map(({ session }) => session)).catch(() => null);
    if (!living) return;
    for (const stream of streams) {
      const person = living.get(stream.session);
      if (person) stream.person = person;
      else this.#end(stream);
    }
  }

  #end(stream: Stream): void {
    this.#streams.delete(stream);
    stream.response.end();
  }

  #receive(payload: string): void {
    const word: unknown = JSON.parse(payload);
    const ended = endedSchema.safeParse(word);
    if (ended.success) {
      for (const stream of this.#streams) if (stream.session === ended.data.ended) this.#end(stream);
      return;
    }
    const parsed = liveEventSchema.safeParse(word);
    if (!parsed.success) return;
    this.#tell(parsed.data);
    if (parsed.data.kind === 'records') this.#countSoon(parsed.data.register);
  }

  #tell(event: LiveEvent): void {
    for (const stream of this.#streams) {
      const { response, person } = stream;
      this.#heardBy(person, event).then(
        (heard) => {
          if (this.#streams.has(stream)) for (const each of heard) response.write(`data: ${JSON.stringify(each)}\n\n`);
        },
        // Who cannot be asked for is told nothing; the stream's next `again` makes up for it.
        () => undefined,
      );
    }
  }

  #countSoon(register: string): void {
    if (this.#streams.size === 0) return;
    this.#changed.add(register);
    this.#counting ??= setTimeout(() => {
      this.#counting = null;
      const changed = [...this.#changed];
      this.#changed.clear();
      this.#count?.(changed).then(
        (counts) => this.#tell({ kind: 'counts', counts: { ...counts } }),
        () => undefined,
      );
    }, COUNTS_MS);
  }

  #send(text: string): void {
    for (const { response } of this.#streams) response.write(text);
  }

  async stop(): Promise<void> {
    clearInterval(this.#heartbeat);
    if (this.#counting) clearTimeout(this.#counting);
    for (const { response } of this.#streams) response.end();
    await this.#listening.stop();
  }
}
