/**
 * Scrolling a list of 100,000 records in Chromium with its CPU slowed down four times, against a bare virtual table of
 * the same cells in the same browser: frames a second, and what JavaScript a frame takes.
 */
import { resolve } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import pg from 'pg';
import { Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { fillQuotes } from './fill-quotes.ts';
import { flatWorkspace } from './flat.ts';
import { median } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZE = Number(process.env.RECORDS ?? 100_000);
const SLOWER = 4;
const ROUNDS = 5;
const SECONDS = 4;
/** Pixels a second: a wheel turned quickly, some sixty rows. */
const SPEED = 2_000;
const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 2 });
await fillQuotes(pool, SIZE);
const { base, cookie, stop } = await serve(database, url, resolve('dist/web'));

const options = new Options();
options.setChromeBinaryPath('/usr/bin/chromium');
options.addArguments('--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking');
const driver = Driver.createSession(options, new ServiceBuilder('/usr/bin/chromedriver').build());
const tell = (command: string, parameters: object) => driver.sendDevToolsCommand(command, parameters);
const ask = <T>(script: string, ...given: unknown[]) => driver.executeAsyncScript<T>(script, ...given);

await driver.get(base);
const [name = '', value = ''] = cookie.split('=');
await driver.manage().addCookie({ name, value });
await driver.manage().setTimeouts({ script: 60_000 });
await tell('Performance.enable', {});
await tell('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, deviceScaleFactor: 1, mobile: false });

/** Scrolls an element evenly for some seconds; gives how many frames were drawn. */
const SCROLL = `
  const [selector, speed, seconds, done] = arguments;
  const element = document.querySelector(selector);
  const from = performance.now();
  let frames = 0, last = from;
  const frame = (now) => {
    frames += 1;
    element.scrollTop += speed * (now - last) / 1000;
    last = now;
    if (now - from < seconds * 1000) requestAnimationFrame(frame);
    else done(frames / ((now - from) / 1000));
  };
  requestAnimationFrame(frame);`;

interface Metrics {
  readonly metrics: readonly { readonly name: string; readonly value: number }[];
}
const scriptSeconds = async (): Promise<number> => {
  const { metrics } = (await driver.sendAndGetDevToolsCommand('Performance.getMetrics', {})) as unknown as Metrics;
  return metrics.find((each) => each.name === 'ScriptDuration')?.value ?? 0;
};
interface Scrolled {
  readonly frames: number;
  /** Milliseconds of JavaScript a frame. */
  readonly script: number;
}
const scroll = async (selector: string): Promise<Scrolled> => {
  const before = await scriptSeconds();
  const frames = await ask<number>(SCROLL, selector, SPEED, SECONDS);
  const script = ((await scriptSeconds()) - before) * 1000;
  return { frames, script: script / (frames * SECONDS) };
};

/** A table of as many rows, of which those that are seen are drawn, and nothing else: the cells are those of the list. */
const BARE = `
  const [rows, done] = arguments;
  const list = document.querySelector('[role=grid]');
  const box = list.closest('[data-scroller]') ?? list.parentElement;
  const cells = [...list.querySelectorAll('tbody tr')].filter((row) => row.querySelectorAll('td').length > 3)
    .map((row) => [...row.querySelectorAll('td, th')].map((cell) => cell.textContent));
  const widths = [...list.querySelectorAll('thead th, thead td')].map((cell) => cell.getBoundingClientRect().width);
  const height = box.getBoundingClientRect().height;
  document.body.innerHTML = '<div id="bare" style="overflow:auto;height:' + height + 'px"><table style="table-layout:fixed;border-collapse:collapse;width:' + widths.reduce((a, b) => a + b, 0) + 'px"><tbody></tbody></table></div>';
  const bare = document.querySelector('#bare'), body = bare.querySelector('tbody'), ROW = 34;
  const draw = () => {
    const first = Math.max(0, Math.floor(bare.scrollTop / ROW) - 5), last = Math.min(rows, first + Math.ceil(height / ROW) + 10);
    const parts = ['<tr style="height:' + first * ROW + 'px"><td></td></tr>'];
    for (let i = first; i < last; i++) {
      parts.push('<tr style="height:' + ROW + 'px;border-bottom:1px solid #ddd">' + cells[i % cells.length].map((text, at) => '<td style="overflow:hidden;white-space:nowrap;width:' + widths[at] + 'px">' + text + '</td>').join('') + '</tr>');
    }
    parts.push('<tr style="height:' + (rows - last) * ROW + 'px"><td></td></tr>');
    body.innerHTML = parts.join('');
  };
  bare.addEventListener('scroll', draw);
  draw();
  done(cells.length);`;

const GRID = '[data-scroller]';
const ours: Scrolled[] = [];
const theirs: Scrolled[] = [];
for (let round = 0; round < ROUNDS; round++) {
  await tell('Emulation.setCPUThrottlingRate', { rate: 1 });
  await driver.get(`${base}/registers/quotes?sort=-number`);
  await driver.wait(
    () => driver.executeScript<boolean>(`return document.querySelectorAll('${GRID} tbody tr').length > 10`),
    20_000,
  );
  await tell('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  await setTimeout(1_000);
  ours.push(await scroll(GRID));
  if ((await ask<number>(BARE, SIZE)) < 10) throw new Error('there are no rows to compare with');
  await setTimeout(500);
  theirs.push(await scroll('#bare'));
}
const of = (all: readonly Scrolled[], which: keyof Scrolled): number => median(all.map((each) => each[which]));
console.log(`scrolling ${SIZE} quotes at ${SPEED} pixels a second, CPU slowed ${SLOWER} times, medians of ${ROUNDS}:`);
console.log(
  `  the list ${of(ours, 'frames').toFixed(1)} frames a second, a bare virtual table ${of(theirs, 'frames').toFixed(1)}: ${(of(ours, 'frames') / of(theirs, 'frames')).toFixed(2)} of them (goal 0.8)`,
);
console.log(
  `  JavaScript a frame: the list ${of(ours, 'script').toFixed(1)} ms (goal 6), the bare table ${of(theirs, 'script').toFixed(1)} ms`,
);
await driver.quit();
await stop();
await pool.end();
await database.close();
process.exit(0);
