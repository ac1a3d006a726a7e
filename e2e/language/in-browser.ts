import { answersTo } from './answers.ts';

/** The entry of the bundle that runs in the browser. */
Object.assign(globalThis, { answersTo });
