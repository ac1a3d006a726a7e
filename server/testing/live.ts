import type { Caller, TestServer } from './harness.ts';

/** A browser's live stream: what it heard, and what it waits for. */
export class LiveStream {
  readonly heard: string[] = [];
  /** Resolves when the server has closed the stream. */
  ended: Promise<void> = Promise.resolve();
  readonly #abort = new AbortController();
  #waiting: { readonly is: (event: string) => boolean; readonly done: () => void }[] = [];

  static async open(server: TestServer, who: Caller): Promise<LiveStream> {
    const stream = new LiveStream();
    const response = await fetch(`${server.base}/api/live`, {
      headers: { cookie: who.cookie },
      signal: stream.#abort.signal,
    });
    if (!response.body) throw new Error('the stream has no body');
    stream.ended = stream.#read(response.body);
    return stream;
  }

  async #read(body: ReadableStream<Uint8Array>): Promise<void> {
    const decoder = new TextDecoder();
    let rest = '';
    try {
      for await (const chunk of body) {
        const messages = (rest + decoder.decode(chunk, { stream: true })).split('\n\n');
        rest = messages.pop() ?? '';
        for (const message of messages) if (message.startsWith('data: ')) this.#hear(message.slice(6));
      }
    } catch {
      // The stream was closed.
    }
  }

  #hear(event: string): void {
    this.heard.push(event);
    const met = this.#waiting.filter(({ is }) => is(event));
    this.#waiting = this.#waiting.filter((each) => !met.includes(each));
    for (const { done } of met) done();
  }

  /** Resolves when such an event is heard from now on. */
  next(is: (event: string) => boolean): Promise<void> {
    return new Promise((done) => this.#waiting.push({ is, done }));
  }

  close(): void {
    this.#abort.abort();
  }
}
