import pg from 'pg';

const RETRY_MS = 500;

/** What is done with what is heard. */
export interface Heard {
  /** A word told at some commit, as its JSON. */
  readonly word: (payload: string) => void;
  /** Listening began, or began again after a gap: what was told meanwhile is unknown. */
  readonly again: () => void;
}

/**
 * One connection that LISTENs for what is told at commits. When it breaks it is opened again until it is stopped.
 */
export class Listening {
  readonly #url: string;
  readonly #heard: Heard;
  #client: pg.Client | null = null;
  #retry: NodeJS.Timeout | null = null;
  #stopped = false;

  constructor(url: string, heard: Heard) {
    this.#url = url;
    this.#heard = heard;
  }

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.#url, keepAlive: true });
    const again = () => {
      if (this.#stopped || this.#client !== client) return;
      this.#client = null;
      this.#retry = setTimeout(() => void this.start(), RETRY_MS);
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', (message) => this.#heard.word(message.payload ?? ''));
    this.#client = client;
    try {
      await client.connect();
      await client.query('listen iolite');
      this.#heard.again();
    } catch {
      client.end().catch(() => undefined);
      again();
    }
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#retry) clearTimeout(this.#retry);
    await this.#client?.end().catch(() => undefined);
  }
}
