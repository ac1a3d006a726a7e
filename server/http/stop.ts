import { once } from 'node:events';
import type { Server } from 'node:http';

/** Requests that run are waited for so long. */
const PATIENCE_MS = 8_000;
const LOOK_MS = 50;

/**
 * Stops taking requests, and waits for those that run: a connection is closed once its answer is through. What takes
 * longer than a few seconds is cut off.
 */
export const stopServing = async (server: Server, patience = PATIENCE_MS): Promise<void> => {
  const closed = once(server, 'close');
  server.close();
  const idle = setInterval(() => server.closeIdleConnections(), LOOK_MS);
  const cut = setTimeout(() => server.closeAllConnections(), patience);
  await closed;
  clearInterval(idle);
  clearTimeout(cut);
};
