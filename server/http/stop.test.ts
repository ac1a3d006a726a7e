import { once } from 'node:events';
import { Agent, createServer, request, type ServerResponse } from 'node:http';
import { expect, test } from 'vitest';
import { stopServing } from './stop.ts';

/** A server that answers when it is told to, and a browser that keeps its connection. */
const serve = async () => {
  const waiting: ServerResponse[] = [];
  const server = createServer((_, response) => void waiting.push(response));
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const agent = new Agent({ keepAlive: true });
  const ask = () =>
    new Promise<number | string>((resolve) => {
      const asked = request({ port, agent, host: '127.0.0.1' }, (response) => {
        response.resume();
        response.once('end', () => resolve(response.statusCode ?? 0));
      });
      asked.once('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? ''));
      asked.end();
    });
  const asked = async (): Promise<ServerResponse> => {
    if (waiting.length === 0) await once(server, 'request');
    const response = waiting.shift();
    if (!response) throw new Error('nobody asked');
    return response;
  };
  return { server, ask, asked };
};

test('a request that runs is answered before the server has stopped; one that comes after is not taken', async () => {
  const { server, ask, asked } = await serve();
  const answer = ask();
  const response = await asked();
  const stopped = stopServing(server);
  expect(await ask()).toBe('ECONNREFUSED');
  response.end('done');
  expect(await answer).toBe(200);
  await stopped;
});

test('one that takes too long is cut off', async () => {
  const { server, ask, asked } = await serve();
  const answer = ask();
  await asked();
  await stopServing(server, 20);
  expect(await answer).toBe('ECONNRESET');
});
