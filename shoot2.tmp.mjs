import { writeFileSync } from 'node:fs';
import { Builder, By, until, Key } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
const base = 'http://127.0.0.1:4791';
const o = new chrome.Options();
o.setChromeBinaryPath('/usr/bin/chromium');
o.addArguments('--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--window-size=1280,920', '--user-data-dir=/tmp/chr-own');
const d = await new Builder().forBrowser('chrome').setChromeOptions(o).setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver')).build();
await d.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, deviceScaleFactor: 1, mobile: false });
const shot = async (n) => writeFileSync(`/tmp/o-${n}.png`, await d.takeScreenshot(), 'base64');
const see = async (x) => { const e = await d.wait(until.elementLocated(By.xpath(x)), 10000); await d.wait(until.elementIsVisible(e), 10000); return e; };
const click = async (x) => { const e = await see(x); await d.executeScript('arguments[0].scrollIntoView({block:"center"})', e); await e.click(); };
const pause = (ms) => new Promise((r) => setTimeout(r, ms));
const texts = async (x) => (await Promise.all((await d.findElements(By.xpath(x))).map(async (e) => (await e.getText()) || (await e.getAttribute('aria-label')) || ''))).filter(Boolean);
const steps = await import(process.argv[2]);
try { await steps.default({ d, By, Key, see, click, pause, shot, base, texts }); } catch (e) { console.log('FAILED', e.message); await shot('failed'); }
await d.quit();
