// `npm run size`: what the rule language weighs in the browser, bundled, minified and gzipped, beside React; and what is
// fetched before each screen can be used, package by package.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';
import { closureOf, inKilobytes, SCREENS, weigh } from './first-load.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));

const ENTRIES = {
  'the whole language, with its writer, completion and renaming': 'export * from "/core/expression/index.ts";',
  'what filling in and lists need: parse, check, evaluate, say':
    'export { checkExpression, evaluate, evaluateStored, findCondition, personItem, sayClause, sayCondition } from "/core/expression/index.ts";',
  'of that, the packages lezer-feel and decimal.js':
    'export { parser } from "lezer-feel"; export { Decimal } from "decimal.js";',
};

for (const [what, code] of Object.entries(ENTRIES)) {
  const built = await build({
    configFile: false,
    logLevel: 'error',
    plugins: [
      {
        name: 'entry',
        enforce: 'pre',
        resolveId: (id) =>
          id.endsWith('virtual-entry') ? '\0entry' : id.startsWith('/core/') ? process.cwd() + id : null,
        load: (id) => (id === '\0entry' ? code : null),
      },
    ],
    build: { write: false, minify: true, lib: { entry: 'virtual-entry', name: 'language', formats: ['iife'] } },
  });
  const [first] = Array.isArray(built) ? built : [built];
  const text = first.output.map((chunk) => chunk.code ?? '').join('');
  console.log(
    `${(gzipSync(text, { level: 9 }).length / 1000).toFixed(1)} kB gzipped (${(text.length / 1000).toFixed(0)} kB): ${what}`,
  );
}

/** What a module belongs to: its package, or the part of ours it stands in. */
const packageOf = (id) => {
  const inside = id.split('node_modules/').at(-1) ?? '';
  if (id.includes('node_modules/'))
    return inside
      .split('/')
      .slice(0, inside.startsWith('@') ? 2 : 1)
      .join('/');
  return /\/((?:core|contract|web)\/[\w-]+)\//.exec(id)?.[1] ?? 'the rest';
};
const LARGEST = 14;

const { output } = await build({ logLevel: 'error', build: { write: false } });
const chunks = new Map(output.flatMap((each) => (each.type === 'chunk' ? [[each.fileName, each]] : [])));
const holding = (module) =>
  [...chunks.values()].find(({ facadeModuleId, moduleIds }) => (facadeModuleId ?? moduleIds.at(-1))?.endsWith(module))
    ?.fileName;
const entry = [...chunks.values()].find(({ isEntry }) => isEntry)?.fileName;
for (const [screen, module] of Object.entries(SCREENS)) {
  const own = closureOf([entry, holding(module)], (name) => chunks.get(name)?.imports ?? []).map((name) =>
    chunks.get(name),
  );
  const whole = weigh(own.map(({ code }) => code));
  const lengths = new Map();
  for (const { modules } of own)
    for (const [id, { renderedLength }] of Object.entries(modules))
      lengths.set(packageOf(id), (lengths.get(packageOf(id)) ?? 0) + renderedLength);
  const all = [...lengths.values()].reduce((sum, each) => sum + each, 0);
  console.log(`\n${inKilobytes(whole)} kB gzipped are fetched before this can be used: ${screen}`);
  // By the share of its code: packed together, no package has a weight of its own.
  const largest = [...lengths].toSorted(([, a], [, b]) => b - a).slice(0, LARGEST);
  for (const [name, length] of largest) console.log(`${inKilobytes((whole * length) / all).padStart(8)} kB  ${name}`);
}
