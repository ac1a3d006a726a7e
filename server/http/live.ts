import type { Request, Response } from 'express';
import { type LiveEvent, liveEventSchema } from '#contract/index.ts';
import { Listening } from '../platform/listening.ts';

/** An open stream of one browser. */
interface Stream {
  readonly response: Response;
  /** What of an event this person may hear, by the definitions of this moment; null: nothing. */
  readonly hears: (event: LiveEvent) => Promise<LiveEvent | null>;
}

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
  #counting: NodeJS.Timeout | null = null;

  constructor(url: string) {
    this.#listening = new Listening(url, {
      word: (payload) => this.#receive(payload),
      again: () => this.#send('event: again\ndata: {}\n\n'),
    });
    this.#heartbeat = setInterval(() => this.#send(': \n\n'), HEARTBEAT_MS);
  }

  start(): Promise<void> {
    return this.#listening.start();
  }

  /** From now on, how many records there are is told too. */
  countWith(count: CountRecords): void {
    this.#count = count;
  }

  /** Holds a browser's stream open until it leaves. */
  attach(request: Request, response: Response, hears: Stream['hears']): void {
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
    });
    response.write('retry: 1000\n\n');
    const stream = { response, hears };
    this.#streams.add(stream);
    request.on('close', () => this.#streams.delete(stream));
  }

  #receive(payload: string): void {
    const parsed = liveEventSchema.safeParse(JSON.parse(payload));
    if (!parsed.success) return;
    this.#tell(parsed.data);
    if (parsed.data.kind === 'records') this.#countSoon(parsed.data.register);
  }

  #tell(event: LiveEvent): void {
    for (const { response, hears } of this.#streams) {
      hears(event).then(
        (heard) => heard && response.write(`data: ${JSON.stringify(heard)}\n\n`),
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
