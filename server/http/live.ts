import type { Request, Response } from 'express';
import pg from 'pg';
import { type LiveEvent, liveEventSchema } from '#contract/index.ts';

interface Listener {
  readonly response: Response;
  /** Whether this person may hear of a register, by the definitions of this moment. */
  readonly hears: (event: LiveEvent) => Promise<boolean>;
}

const HEARTBEAT_MS = 25_000;
const RETRY_MS = 500;

/**
 * One LISTEN connection for all browsers. When it breaks it is opened again until the server stops; browsers are
 * then told to fetch everything anew, as what happened meanwhile is unknown.
 */
export class LiveEvents {
  readonly #url: string;
  readonly #listeners = new Set<Listener>();
  readonly #heartbeat: NodeJS.Timeout;
  #client: pg.Client | null = null;
  #retry: NodeJS.Timeout | null = null;
  #stopped = false;

  constructor(url: string) {
    this.#url = url;
    this.#heartbeat = setInterval(() => this.#send(': \n\n'), HEARTBEAT_MS);
  }

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.#url, keepAlive: true });
    const again = () => {
      if (this.#stopped || this.#client !== client) return;
      this.#client = null;
      this.#later();
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', (message) => this.#receive(message.payload ?? ''));
    this.#client = client;
    try {
      await client.connect();
      await client.query('listen iolite');
      this.#send('event: again\ndata: {}\n\n');
    } catch {
      client.end().catch(() => undefined);
      again();
    }
  }

  #later(): void {
    this.#retry = setTimeout(() => void this.start(), RETRY_MS);
  }

  /** Holds a browser's stream open until it leaves. */
  attach(request: Request, response: Response, hears: Listener['hears']): void {
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
    });
    response.write('retry: 1000\n\n');
    const listener = { response, hears };
    this.#listeners.add(listener);
    request.on('close', () => this.#listeners.delete(listener));
  }

  #receive(payload: string): void {
    const parsed = liveEventSchema.safeParse(JSON.parse(payload));
    if (!parsed.success) return;
    for (const { response, hears } of this.#listeners) {
      hears(parsed.data).then(
        (heard) => heard && response.write(`data: ${JSON.stringify(parsed.data)}\n\n`),
        // Who cannot be asked for is told nothing; the stream's next `again` makes up for it.
        () => undefined,
      );
    }
  }

  #send(text: string): void {
    for (const { response } of this.#listeners) response.write(text);
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    clearInterval(this.#heartbeat);
    if (this.#retry) clearTimeout(this.#retry);
    for (const { response } of this.#listeners) response.end();
    await this.#client?.end().catch(() => undefined);
  }
}
