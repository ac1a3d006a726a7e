import type { TestProject } from 'vitest/node';
import { Iolite } from './iolite.ts';

/**
 * The demonstration is loaded once, and each journey begins with a copy of that: so it begins in seconds. The first start
 * of all has a journey of its own.
 */
const prepare = async (project: TestProject): Promise<() => Promise<void>> => {
  const iolite = await Iolite.makeFresh();
  await iolite.start();
  await iolite.stop();
  project.provide('prepared', iolite.folder);
  return () => iolite.remove();
};
export default prepare;

declare module 'vitest' {
  export interface ProvidedContext {
    /** The folder of an Iolite with the demonstration in it, that is not running. */
    prepared: string;
  }
}
