import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, Key, logging, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';
import { z } from 'zod';

const require = createRequire(import.meta.url);
/** As two journeys share the machine, a page may take its time. */
const WAIT_MS = 45_000;
/** And for what is tried again. */
const SOON_MS = 10_000;
/** So soon it is looked again: a journey looks some hundred times. */
const LOOK_MS = 50;

const printedSchema = z.object({ data: z.string() });

interface AxeResult {
  readonly violations: readonly {
    readonly id: string;
    readonly nodes: readonly { readonly html: string; readonly failureSummary?: string }[];
  }[];
}

const literal = (text: string): string =>
  text.includes('"') ? `concat("${text.split('"').join('", \'"\', "')}")` : `"${text}"`;

/** Often enough for a page that is drawn anew while one looks at it. */
const REDRAWN_AT_MOST = 20;

/*
 * What is looked for some hundred times is looked for within the page, in one call: WebDriver's own way takes two, of
 * which one carries a program of 50 kB along.
 */
const IS_SEEN = `const isSeen = (element) => {
  // What can be chosen is seen with the box it is chosen in.
  const drawn = element.closest('select') ?? element;
  return drawn.getClientRects().length > 0 && drawn.checkVisibility({ opacityProperty: true, visibilityProperty: true });
};`;

/** The first element of an XPath, where it is seen; \`{ tool }\` where it is once the pointer is on its line. */
const FIND_SEEN = `${IS_SEEN}
const found = document.evaluate(arguments[0], document, null, XPathResult.FIRST_ORDERED_NODE_TYPE, null).singleNodeValue;
if (found === null || isSeen(found)) return found;
return found.closest('.line-tool, .rule-tool') ? { tool: found } : null;`;

/** Whether an element with a text in it is seen: the innermost ones are looked at. */
const HAS_TEXT = `${IS_SEEN}
const has = (element) => element.textContent.replace(/[ \\t\\r\\n]+/g, ' ').includes(arguments[0]);
const isShown = (element) => {
  if (!has(element) || element.localName === 'script') return false;
  const inner = [...element.children].filter(has);
  return inner.length === 0 ? isSeen(element) : inner.some(isShown);
};
return isShown(document.body);`;

/** The page drew anew what was just found. */
const isRedrawn = (error: unknown): boolean => error instanceof Error && error.name === 'StaleElementReferenceError';

/** A browser cannot run under another clock (`npm run dates`): it has the machine's own, and its pages are told the other. */
const withOwnClock = (): Record<string, string> => {
  const { LD_PRELOAD: _library, FAKETIME: _at, ...rest } = process.env;
  return Object.fromEntries(
    Object.entries(rest).flatMap(([key, value]) => (value === undefined ? [] : [[key, value]])),
  );
};

/** More than that, and the clock of the tests is not the browser's. */
const SAME_CLOCK_MS = 60_000;

const followClock = async (driver: Driver): Promise<void> => {
  const away = Date.now() - (await driver.executeScript<number>('return Date.now()'));
  if (Math.abs(away) < SAME_CLOCK_MS) return;
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `globalThis.Date = new Proxy(Date, {
      construct: (real, given, self) => Reflect.construct(real, given.length === 0 ? [real.now() + ${away}] : given, self),
      apply: (real) => new real(real.now() + ${away}).toString(),
      get: (real, key) => (key === 'now' ? () => real.now() + ${away} : Reflect.get(real, key)),
    });`,
  });
};

/** One window of a browser, driven as a person would: by names, texts and keys. */
export class Browser {
  readonly driver: WebDriver;
  readonly #profile: string;
  readonly #devTools: (command: string, parameters: object) => Promise<void>;
  readonly #print: () => Promise<unknown>;

  private constructor(driver: Driver, profile: string) {
    this.driver = driver;
    this.#devTools = (command, parameters) => driver.sendDevToolsCommand(command, parameters);
    this.#print = () => driver.sendAndGetDevToolsCommand('Page.printToPDF', {});
    this.#profile = profile;
  }

  static async open(size: { width: number; height: number } = { width: 1280, height: 800 }): Promise<Browser> {
    const profile = mkdtempSync(join(tmpdir(), 'iolite-chromium-'));
    const options = new Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--user-data-dir=${profile}`,
    );
    const wanted = new logging.Preferences();
    wanted.setLevel(logging.Type.BROWSER, logging.Level.ALL);
    options.setLoggingPrefs(wanted);
    const service = new ServiceBuilder('/usr/bin/chromedriver').setEnvironment(withOwnClock()).build();
    const driver = Driver.createSession(options, service);
    await followClock(driver);
    await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      ...size,
      deviceScaleFactor: 1,
      mobile: size.width < 600,
    });
    return new Browser(driver, profile);
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.#profile, { recursive: true, force: true });
  }

  async visit(address: string): Promise<void> {
    await this.driver.get(address);
  }

  /** The first element of an XPath, waited for until it is seen. */
  async see(xpath: string): Promise<WebElement> {
    let seen: WebElement | null = null;
    await this.driver.wait(
      async () => {
        seen = await this.#findSeen(xpath);
        return seen !== null;
      },
      WAIT_MS,
      `nothing at ${xpath}`,
      LOOK_MS,
    );
    if (!seen) throw new Error(`nothing at ${xpath}`);
    return seen;
  }

  /** What can be done with a line of an outline shows once the pointer is on the line. */
  async #findSeen(xpath: string): Promise<WebElement | null> {
    const found = await this.driver.executeScript<WebElement | { readonly tool: WebElement } | null>(FIND_SEEN, xpath);
    if (found === null || !('tool' in found)) return found;
    await this.driver
      .actions()
      .move({ origin: found.tool })
      .perform()
      .catch(() => undefined);
    return null;
  }

  /** Reads of what an XPath finds; of what stands in its place, where the page drew it anew at that moment. */
  async #read<T>(xpath: string, read: (element: WebElement) => Promise<T>): Promise<T> {
    for (let tries = 0; ; tries++) {
      try {
        return await read(await this.see(xpath));
      } catch (error) {
        if (!isRedrawn(error) || tries === REDRAWN_AT_MOST) throw error;
      }
    }
  }

  /** What a box holds. */
  async valueOf(xpath: string): Promise<string> {
    return (await this.#read(xpath, (element) => element.getAttribute('value'))) ?? '';
  }

  async attributeOf(xpath: string, name: string): Promise<string> {
    return (await this.#read(xpath, (element) => element.getAttribute(name))) ?? '';
  }

  /** The words that are seen there. */
  async textOf(xpath: string): Promise<string> {
    return this.#read(xpath, (element) => element.getText());
  }

  /** Waits until an XPath finds nothing. */
  async seeNo(xpath: string): Promise<void> {
    await this.driver.wait(
      async () => (await this.driver.findElements(By.xpath(xpath))).length === 0,
      WAIT_MS,
      `still there: ${xpath}`,
      LOOK_MS,
    );
  }

  async count(xpath: string): Promise<number> {
    return (await this.driver.findElements(By.xpath(xpath))).length;
  }

  /** Waits for a text anywhere on the page. */
  async seeText(text: string): Promise<void> {
    await this.waitUntil(`“${text}” is seen`, () => this.driver.executeScript<boolean>(HAS_TEXT, text));
  }

  button(name: string): string {
    const is = literal(name);
    return `//*[self::button or self::a][normalize-space(.) = ${is} or @aria-label = ${is}]`;
  }

  /** Clicks what an XPath finds; a page that redraws meanwhile is looked at again. */
  async click(xpath: string): Promise<void> {
    await this.driver.wait(
      async () => {
        try {
          const element = await this.see(xpath);
          await element.click();
          return true;
        } catch (error) {
          if (error instanceof Error && error.name === 'ElementClickInterceptedError') await this.#scrollTo(xpath);
          else if (!isRedrawn(error)) throw error;
          return false;
        }
      },
      WAIT_MS,
      `could not click ${xpath}`,
      LOOK_MS,
    );
  }

  /** Presses once where something stands, whatever lies over it, as a hand does: what does not take it is not pressed again. */
  async clickOnce(xpath: string): Promise<void> {
    await this.driver
      .actions()
      .move({ origin: await this.see(xpath) })
      .click()
      .perform();
  }

  /** As a person scrolls to what lies under something that stays where it is. */
  async #scrollTo(xpath: string): Promise<void> {
    const [element] = await this.driver.findElements(By.xpath(xpath));
    if (element) await this.driver.executeScript('arguments[0]?.scrollIntoView({ block: "center" })', element);
  }

  async press(name: string): Promise<void> {
    await this.click(this.button(name));
  }

  /** The control with this label: tied by `for`, wrapped by it, or named by aria-label. */
  field(label: string): string {
    const starts = `[starts-with(normalize-space(.), ${literal(label)})]`;
    return `(//*[@id = //label${starts}/@for] | //label${starts}//*[self::input or self::select or self::textarea] | //*[self::input or self::select or self::textarea][@aria-label = ${literal(label)}])[1]`;
  }

  async write(label: string, text: string): Promise<void> {
    // As a person would: WebDriver's own clear goes behind the page's back, and the page puts the old text again.
    await this.typeInto(this.field(label), Key.chord(Key.CONTROL, 'a'), Key.DELETE, text);
  }

  /** Types into a box; into the one in its place, where the page drew it anew at that moment. */
  async typeInto(xpath: string, ...keys: readonly string[]): Promise<void> {
    await this.driver.wait(
      async () => {
        try {
          await (await this.see(xpath)).sendKeys(...keys);
          return true;
        } catch (error) {
          if (isRedrawn(error)) return false;
          throw error;
        }
      },
      WAIT_MS,
      `could not type into ${xpath}`,
      LOOK_MS,
    );
  }

  async choose(label: string, option: string): Promise<void> {
    await this.click(
      `${this.field(label)}//option[normalize-space(.) = ${literal(option)}] | ${this.field(label)}/option[normalize-space(.) = ${literal(option)}]`,
    );
  }

  async tick(label: string, within = '//body'): Promise<void> {
    await this.click(`${within}//label[normalize-space(.) = ${literal(label)}]`);
  }

  /** Keys to whatever has the focus. */
  async keys(...keys: string[]): Promise<void> {
    for (let tries = 0; ; tries++) {
      try {
        return await this.driver
          .switchTo()
          .activeElement()
          .sendKeys(...keys);
      } catch (error) {
        // What had the focus was drawn anew between the two: no key was typed.
        if (!isRedrawn(error) || tries === REDRAWN_AT_MOST) throw error;
      }
    }
  }

  async focusedQuestion(): Promise<string> {
    return this.driver.executeScript<string>(
      "return document.activeElement?.closest('[data-question]')?.dataset.question ?? ''",
    );
  }

  /** Whether something holds within a little while: for what is done again where it did not. */
  async comesTrue(holds: () => Promise<boolean>): Promise<boolean> {
    return this.driver.wait(holds, SOON_MS, undefined, LOOK_MS).then(
      () => true,
      () => false,
    );
  }

  /**
   * Waits for long work: as long as its sign of progress keeps changing, however slow the machine is, and given up once it
   * stands still.
   */
  async waitByProgress(what: string, holds: () => Promise<boolean>, sign: () => Promise<string>): Promise<void> {
    for (;;) {
      const before = await sign();
      let [isThere, hasMoved] = [false, false];
      await this.driver
        .wait(
          async () => {
            isThere = await holds();
            hasMoved = !isThere && (await sign()) !== before;
            return isThere || hasMoved;
          },
          WAIT_MS,
          undefined,
          LOOK_MS,
        )
        .catch(() => undefined);
      if (isThere) return;
      if (!hasMoved) throw new Error(`never: ${what}; it stands still at ${before}`);
    }
  }

  async waitUntil(what: string, holds: () => Promise<boolean>): Promise<void> {
    await this.driver.wait(holds, WAIT_MS, `never: ${what}`, LOOK_MS);
  }

  /** Puts the focus where Tab would lead sooner or later. */
  async focus(xpath: string): Promise<void> {
    await this.driver.executeScript('arguments[0].focus()', await this.see(xpath));
  }

  /** Whether what an XPath finds has the focus. */
  async isFocused(xpath: string): Promise<boolean> {
    const [element] = await this.driver.findElements(By.xpath(xpath));
    return (await this.driver.executeScript('return document.activeElement === arguments[0]', element)) === true;
  }

  async path(): Promise<string> {
    return new URL(await this.driver.getCurrentUrl()).pathname;
  }

  /** What axe finds wrong (WCAG 2.2 AA and best practice), one line each. */
  async axe(): Promise<string[]> {
    if (!(await this.driver.executeScript<boolean>('return "axe" in window')))
      await this.driver.executeScript(readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8'));
    const result = await this.driver.executeAsyncScript<AxeResult>(
      // All that is right as well would be some megabytes.
      "const done = arguments[0]; axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) => done({ violations }))",
    );
    return result.violations.map(
      (each) => `${each.id}: ${each.nodes.map((node) => `${node.html} ${node.failureSummary ?? ''}`).join('; ')}`,
    );
  }

  /** Errors the page wrote to its console since the last look. */
  async consoleErrors(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.BROWSER);
    return entries.filter((entry) => entry.level.value >= logging.Level.SEVERE.value).map((entry) => entry.message);
  }

  /** The page as its print would be kept: the bytes of a PDF. */
  async printed(): Promise<Buffer> {
    return Buffer.from(printedSchema.parse(await this.#print()).data, 'base64');
  }

  /** As the system would: prefers light or dark. */
  async prefer(scheme: string): Promise<void> {
    await this.#devTools('Emulation.setEmulatedMedia', { features: [{ name: 'prefers-color-scheme', value: scheme }] });
  }

  /** What the window showed when a test failed, as a picture and as text. */
  async pictureOfFailure(name: string): Promise<void> {
    writeFileSync(`.tmp/failed-${name}.png`, await this.driver.takeScreenshot(), 'base64');
    const text = await this.driver.executeScript<string>('return document.body.innerText');
    writeFileSync(`.tmp/failed-${name}.txt`, `${await this.driver.getCurrentUrl()}\n\n${text}\n`);
  }

  /** Refreshes a picture of docs/screenshots, when pictures are asked for. */
  async picture(name: string): Promise<void> {
    if (process.env.IOLITE_PICTURES !== 'yes') return;
    writeFileSync(`docs/screenshots/${name}.png`, await this.driver.takeScreenshot(), 'base64');
  }
}

export { Key, literal };
