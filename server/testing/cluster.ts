import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
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
  }
}

/** One throw-away PostgreSQL for the whole run; every test file makes a database of its own in it. */
export default async (project: TestProject): Promise<() => void> => {
  const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);
  const [{ Cluster }, { installPostgres }] = await Promise.all([scripts('pg.mjs'), scripts('install.mjs')]);
  const cluster: ClusterLike = new Cluster(installPostgres(), mkdtempSync(join(tmpdir(), 'iolite-test-')), {
    throwAway: true,
  });
  project.provide('postgres', await cluster.start());
  project.provide('superuser', cluster.superuserUrl());
  return () => cluster.remove();
};
