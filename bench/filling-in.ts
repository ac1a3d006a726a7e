/**
 * Filling in, in Chromium with its CPU slowed down four times: how soon a form can be used, what it weighs, and how long
 * a key takes to the screen in a form of 300 questions and 900 rules, all of them asked.
 */
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { gzipSync } from 'node:zlib';
import { Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';
import { z } from 'zod';
import { uuidV7 } from '#core/base/index.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { readTernQuay } from './flat.ts';
import { median } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';
import { QUESTIONS, wideForm, wideKey, wideRegister, wideRules } from './wide-form.ts';

const SLOWER = 4;
const KEYS = 60;
const LOADS = 9;
/** Between two keys, as a quick typist has it. */
const PAUSE_MS = 120;
const { database, url } = await benchDatabase();
const ternQuay = await readTernQuay();
const workspace = {
  ...ternQuay,
  registers: [...ternQuay.registers, wideRegister],
  forms: [...ternQuay.forms, { ...wideForm, fill_in_by: RUNA.roles }],
};
await applyWorkspace(database.db, workspace, [RUNA]);
const { base, cookie, post, stop } = await serve(database, url, resolve('dist/web'));
const id = uuidV7(Date.now(), randomBytes(10));
const values = Object.fromEntries(Array.from({ length: QUESTIONS }, (_, i) => [wideKey(i), String(i + 1)]));
await post(`/api/registers/${wideRegister.key}/import`, { records: [{ id, values }] });

const options = new Options();
options.setChromeBinaryPath('/usr/bin/chromium');
options.addArguments('--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking');
const driver = Driver.createSession(options, new ServiceBuilder('/usr/bin/chromedriver').build());
const tell = (command: string, parameters: object) => driver.sendDevToolsCommand(command, parameters);

/** Runs in the page before anything of it: when the first question took the focus, and what each key took. */
const watch = () => {
  const told: { usable: number | null; keys: { work: number; screen: number }[] } = { usable: null, keys: [] };
  Object.assign(window, { told });
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof Element && target.closest('[data-question]')) told.usable ??= performance.now();
  });
  document.addEventListener(
    'keydown',
    (event) => {
      const began = performance.now();
      let handled = 0;
      // The next task begins when every listener, and the drawing that they asked React for, is done.
      const after = new MessageChannel();
      after.port1.onmessage = () => {
        handled = performance.now();
      };
      after.port2.postMessage(null);
      requestAnimationFrame(() => {
        const frame = performance.now();
        const painted = new MessageChannel();
        painted.port1.onmessage = () => {
          const now = performance.now();
          told.keys.push({ work: handled - began + (now - frame), screen: now - event.timeStamp });
        };
        painted.port2.postMessage(null);
      });
    },
    { capture: true },
  );
};
await driver.get(base);
const [name = '', value = ''] = cookie.split('=');
await driver.manage().addCookie({ name, value });
await tell('Performance.enable', {});
await tell('Page.addScriptToEvaluateOnNewDocument', { source: `(${watch})()` });
await tell('Emulation.setCPUThrottlingRate', { rate: SLOWER });
await tell('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, deviceScaleFactor: 1, mobile: false });
const ask = <T>(script: string) => driver.executeScript<T>(script);
const usable = async (path: string): Promise<number> => {
  await driver.get(`${base}${path}`);
  await driver.wait(() => ask<boolean>('return told.usable !== null'), 10_000);
  return ask<number>('return told.usable');
};

for (const key of ['new_client', 'report_incident', 'raise_invoice']) {
  const times: Record<'first' | 'again', number[]> = { first: [], again: [] };
  for (let load = 0; load < LOADS; load++) {
    await tell('Network.clearBrowserCache', {});
    times.first.push(await usable(`/forms/${key}`));
    times.again.push(await usable(`/forms/${key}`));
  }
  const fetched = await ask<string[]>("return performance.getEntriesByType('resource').map((each) => each.name)");
  const scripts = [...new Set(fetched.filter((each) => each.endsWith('.js')).map((each) => new URL(each).pathname))];
  const weight = scripts.reduce((sum, path) => sum + gzipSync(readFileSync(`dist/web${path}`), { level: 9 }).length, 0);
  console.log(
    `${key}, CPU ${SLOWER} times slower: usable after ${median(times.first).toFixed(0)} ms the first time, ${median(times.again).toFixed(0)} ms again (goal 1000); ${(weight / 1000).toFixed(0)} kB of JavaScript gzipped (goal 180)`,
  );
}

const metricsSchema = z.object({ metrics: z.array(z.object({ name: z.string(), value: z.number() })) });
/** Milliseconds of JavaScript the page has run so far, as the browser counts them. */
const scriptMs = async (): Promise<number> => {
  const { metrics } = metricsSchema.parse(await driver.sendAndGetDevToolsCommand('Performance.getMetrics', {}));
  return (metrics.find((each) => each.name === 'ScriptDuration')?.value ?? 0) * 1000;
};

/** Types into the box that has the focus, and gives what each key took. */
const typeKeys = async (): Promise<{ work: number; screen: number }[]> => {
  await ask('told.keys.length = 0');
  for (let i = 0; i < KEYS; i++) {
    const before = await ask<number>('return told.keys.length');
    const text = String(i % 10);
    const key = i % 4 === 3 ? { key: 'Backspace', windowsVirtualKeyCode: 8 } : { key: text, text };
    await tell('Input.dispatchKeyEvent', { type: 'keyDown', ...key });
    await tell('Input.dispatchKeyEvent', { type: 'keyUp', ...key });
    // Asking at once would be work of the page's own, in the midst of what is measured.
    await setTimeout(PAUSE_MS);
    await driver.wait(async () => (await ask<number>('return told.keys.length')) > before, 5000);
  }
  return ask('return told.keys');
};
/** The reference: one box of the browser's own on a page with nothing else, before and after ours. */
const bareBox = async () => {
  await driver.get(`data:text/html,<input autofocus>`);
  return typeKeys();
};

const bare = await bareBox();
const opened = await usable(`/forms/${wideForm.key}?record=${id}`);
const boxes = await ask<number>("return document.querySelectorAll('[data-question]').length");
const places: { at: number; script: number; work: number; screen: number }[] = [];
for (let at = 0; at < QUESTIONS; at += QUESTIONS / 3) {
  await ask(`document.querySelector('[data-question="${wideKey(at)}"] input').focus()`);
  const before = await scriptMs();
  const keys = await typeKeys();
  const script = ((await scriptMs()) - before) / keys.length;
  places.push(...keys.map((key) => ({ at, script, ...key })));
}
bare.push(...(await bareBox()));
const late = (times: readonly number[]) => times.toSorted((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;
const bareWork = median(bare.map((key) => key.work));
console.log(
  `form of ${QUESTIONS} questions and ${wideRules} rules, ${boxes} of them on the screen, opened in ${opened.toFixed(0)} ms, CPU ${SLOWER} times slower; a bare box of the browser's own takes ${bareWork.toFixed(1)} ms from a key to the painted frame (goal of ours 16)`,
);
for (const at of new Set(places.map((key) => key.at))) {
  const here = places.filter((key) => key.at === at);
  const work = here.map((key) => key.work);
  // Every second rule of the form reads its first question.
  const what = at === 0 ? 'a key in the question that all others follow from' : `a key in question ${at + 1}`;
  console.log(
    `${what}: ${median(work).toFixed(1)} ms median, ${late(work).toFixed(1)} ms in the slowest twentieth; ${(median(work) / bareWork).toFixed(2)} times the bare box; ${(here[0]?.script ?? 0).toFixed(1)} ms of it JavaScript; with waiting for the screen's next beat ${median(here.map((key) => key.screen)).toFixed(1)} ms`,
  );
}
await driver.quit();
await stop();
await database.close();
process.exit(0);
