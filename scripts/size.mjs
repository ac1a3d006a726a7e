// `npm run size`: what the rule language weighs in the browser, bundled, minified and gzipped, beside React.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';

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
