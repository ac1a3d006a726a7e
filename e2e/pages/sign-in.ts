import { type Browser, literal } from '../browser.ts';

/** Signing in as one of the demonstration's people, with one click. */
export const signInAs = async (browser: Browser, address: string, name: string): Promise<void> => {
  await browser.visit(`${address}/sign-in`);
  await browser.click(`//button[.//span[normalize-space(.) = ${literal(name)}]]`);
  await browser.see(`//header[contains(., ${literal(name)})]`);
};
