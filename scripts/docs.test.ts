import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { describe, expect, test } from 'vitest';

const documents = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync('docs', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.md'))
    .map((file) => join('docs', file)),
];
/** A folder left with nothing in it is in no clone. */
const isThere = (path: string): boolean =>
  existsSync(path) && (!statSync(path).isDirectory() || readdirSync(path).length > 0);
/** Where a document's links lead, those to other places left out. */
const linksOf = (file: string): string[] =>
  [...readFileSync(file, 'utf8').matchAll(/\]\(([^)\s]+)\)/g)]
    .map(([, to = '']) => to.replace(/#.*$/, ''))
    .filter((to) => to !== '' && !/^[a-z]+:/.test(to));

describe('the documents', () => {
  test.each(documents)('every link of %s leads somewhere', (file) => {
    expect(linksOf(file).filter((to) => !existsSync(join(dirname(file), to)))).toEqual([]);
  });

  test('every file that is named in them is there', () => {
    const named = documents.flatMap((file) =>
      [
        ...readFileSync(file, 'utf8').matchAll(/`((?:core|contract|server|web|scripts|e2e|demo|bench)\/[\w/.-]+)`/g),
      ].map(([, path = '']) => `${file}: ${path}`),
    );
    expect(named.length).toBeGreaterThan(50);
    expect(named.filter((each) => !isThere(each.split(': ')[1] ?? ''))).toEqual([]);
  });

  test('every decision has a day and a state, and stands in the index as it stands in its file', () => {
    const index = readFileSync('docs/decisions/README.md', 'utf8');
    const files = readdirSync('docs/decisions').filter((file) => /^\d{4}-/.test(file));
    for (const file of files) {
      const text = readFileSync(join('docs/decisions', file), 'utf8');
      const [, title, day, state] =
        /^# \d+\. (.+)\n\n_(\d{1,2} \w+ \d{4})\. (In force\.|Superseded by .+)_\n/.exec(text) ?? [];
      const line = `| ${Number(file.slice(0, 4))} | [${title}](${file}) | ${day} | ${state} |`;
      expect(index, file).toContain(line);
    }
    expect(files.length).toBeGreaterThan(50);
  });
});
