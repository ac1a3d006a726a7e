// nginx from Debian's packages over a configuration of one's own, for tests: it keeps to a folder.
import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { installProxy } from './install.mjs';

const TRIES = 400;

const reaches = (port) =>
  new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1', () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });

/** Starts it with some servers (and upstreams), and waits until it listens on a port of loopback. Gives its process. */
export const startProxy = async (folder, servers, port) => {
  const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map((name) => {
    mkdirSync(join(folder, name), { recursive: true });
    return `${name}_temp_path ${join(folder, name)};`;
  });
  const file = join(folder, 'nginx.conf');
  writeFileSync(
    file,
    `pid ${join(folder, 'pid')}; error_log stderr; daemon off; worker_processes 1; events {}
    http { access_log off; ${temporary.join(' ')} ${servers} }`,
  );
  const running = spawn(installProxy(), ['-c', file, '-p', folder], { stdio: ['ignore', 'ignore', 'inherit'] });
  for (let tries = 0; !(await reaches(port)); tries++, await pause(50))
    if (tries > TRIES || running.exitCode !== null) throw new Error('nginx did not start');
  return running;
};
