import { vi } from 'vitest';

/** A thread of the page's own, as a test plays it. */
export interface PlayedWorker {
  readonly address: string;
  readonly asked: unknown[];
  isEnded: boolean;
  readonly answer: (data: unknown) => void;
  readonly fail: () => void;
}

/** Threads that are started from now on are played by the test; gives them in the order in which they were started. */
export const playedWorkers = (): readonly PlayedWorker[] => {
  const started: PlayedWorker[] = [];
  vi.stubGlobal(
    'Worker',
    class extends EventTarget {
      onmessage: ((event: { readonly data: unknown }) => void) | null = null;
      onerror: (() => void) | null = null;
      readonly #played: PlayedWorker;
      constructor(address: URL) {
        super();
        this.#played = {
          address: address.pathname,
          asked: [],
          isEnded: false,
          answer: (data) => {
            this.onmessage?.({ data });
            this.dispatchEvent(Object.assign(new Event('message'), { data }));
          },
          fail: () => this.onerror?.(),
        };
        started.push(this.#played);
      }
      postMessage(data: unknown): void {
        this.#played.asked.push(data);
      }
      terminate(): void {
        this.#played.isEnded = true;
      }
    },
  );
  return started;
};
