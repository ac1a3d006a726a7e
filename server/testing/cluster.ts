import { mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import type { TestProject } from 'vitest/node';

interface ClusterLike {
  start(): Promise<string>;
  superuserUrl(): string;
  remove(): void;
}

declare module 'vitest' {
  interface ProvidedContext {
    /** Whom the server works as, and who makes its databases. */
    readonly postgres: string;
    readonly superuser: string;
    /** The folder of PostgreSQL's programs. */
    readonly postgresBin: string;
    /** The program of the thread that goes through CSV files, built as it is delivered. */
    readonly importWorker: string;
    readonly paperWorker: string;
  }
}

/** A thread is begun with a file of its own, which this version of Node cannot read as TypeScript. */
const buildWorkers = async (): Promise<string> => {
  mkdirSync('.tmp', { recursive: true });
  const folder = mkdtempSync(join(process.cwd(), '.tmp/worker-'));
  await build({
    configFile: false,
    logLevel: 'error',
    ssr: { noExternal: true, external: ['sharp', '@node-rs/argon2', 'typescript', 'pdfkit', 'fontkit', 'subset-font'] },
    build: {
      ssr: true,
      outDir: folder,
      target: 'node20',
      rollupOptions: {
        input: { 'import-worker': 'server/import-worker.ts', 'paper-worker': 'server/paper-worker.ts' },
        output: { entryFileNames: '[name].js' },
      },
    },
  });
  return folder;
};

/** One throw-away PostgreSQL for the whole run; every test file makes a database of its own in it. */
export default async (project: TestProject): Promise<() => void> => {
  const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);
  const [{ Cluster }, { installPostgres }] = await Promise.all([scripts('pg.mjs'), scripts('install.mjs')]);
  const bin: string = installPostgres();
  const cluster: ClusterLike = new Cluster(bin, mkdtempSync(join(tmpdir(), 'iolite-test-')), {
    throwAway: true,
  });
  project.provide('postgres', await cluster.start());
  project.provide('postgresBin', bin);
  project.provide('superuser', cluster.superuserUrl());
  const workers = await buildWorkers();
  project.provide('importWorker', join(workers, 'import-worker.js'));
  project.provide('paperWorker', join(workers, 'paper-worker.js'));
  return () => cluster.remove();
};
