// What the browser fetches before a screen can be used: the program itself and the screen, with all they import.
import { gzipSync } from 'node:zlib';

/** The screens that are weighed, by the module each begins with. */
export const SCREENS = {
  'fill in': 'screens/fill-in/screen.tsx',
  'sign in': 'screens/sign-in/screen.tsx',
  Today: 'screens/today/screen.tsx',
  'a list': 'screens/list/screen.tsx',
  'in-tray': 'screens/in-tray/screen.tsx',
  'set-up of a form': 'screens/set-up-forms/form-screen.tsx',
};

/** Some chunks, with all that they import, by `importsOf`: those of a lazy import are not among them. */
export const closureOf = (names, importsOf) => {
  const found = new Set();
  const visit = (name) => {
    if (found.has(name)) return;
    found.add(name);
    for (const next of importsOf(name)) visit(next);
  };
  for (const name of names) visit(name);
  return [...found];
};

/** In bytes, as it is sent. */
export const weigh = (texts) => texts.reduce((sum, text) => sum + gzipSync(text, { level: 9 }).length, 0);

export const inKilobytes = (bytes) => (bytes / 1000).toFixed(1);
