// The gate of the shape: no two folders of the server or of the web know each other, few functions take many parameters,
// and long functions get fewer, never more. Reads each file by itself: no types are asked.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join, posix, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = resolve(process.argv[2] ?? dirname(dirname(fileURLToPath(import.meta.url))));

const MOST_PARAMETERS = 5;
/** So many functions take more: what belongs together is given together. */
const WITH_MORE_PARAMETERS = 4;
/** How long a function may be, in lines. */
const LONGEST = new Map([
  ['web', 80],
  ['core', 100],
  ['contract', 100],
  ['server', 100],
  ['demo', 100],
]);
/** How many are longer still. Whoever shortens one writes the smaller number here; none may be added. */
const LONGER = new Map([
  ['web', 70],
  ['core', 3],
  ['contract', 0],
  ['server', 4],
  ['demo', 0],
]);

/** How long a file of the contract may be: its calls stand by feature. */
const LONGEST_CONTRACT = 400;

/** So many files may know each other by their types: two or three that are one idea. */
const LARGEST_CIRCLE = 3;

const NO_TESTS = /\.(?:test|arb|d)\.tsx?$|\/testing\//;
const listed = spawnSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', ...LONGEST.keys()], {
  cwd: root,
  encoding: 'utf8',
});
const files = listed.stdout.split('\n').filter((file) => /\.tsx?$/.test(file) && !NO_TESTS.test(file));

/** A screen is one folder, whatever stands in it. */
const folderOf = (file) => /^web\/screens\/[^/]+/.exec(file)?.[0] ?? posix.dirname(file);

/** By file, the files it imports, types too. */
const imports = new Map();
/** By folder, the folders it imports from, each with the first line that does so. */
const reaches = new Map();
const many = [];
const wrong = [];
const long = new Map([...LONGEST.keys()].map((part) => [part, []]));
for (const file of files) {
  const [part = ''] = file.split('/');
  const source = ts.createSourceFile(
    file,
    readFileSync(join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  imports.set(file, new Set());
  const { line: lines } = source.getLineAndCharacterOfPosition(source.end);
  if (part === 'contract' && lines > LONGEST_CONTRACT)
    wrong.push(`${file} has ${lines} lines, a file of the contract at most ${LONGEST_CONTRACT}`);
  const lineOf = (at) => source.getLineAndCharacterOfPosition(at).line + 1;
  const look = (node) => {
    if ((ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) && node.moduleSpecifier) {
      const { text } = node.moduleSpecifier;
      if (text.startsWith('.')) imports.get(file).add(posix.join(posix.dirname(file), text));
      const [from, to] = [folderOf(file), folderOf(posix.join(posix.dirname(file), text))];
      if (text.startsWith('.') && from !== to && /^(?:server|web)\//.test(from)) {
        const known = reaches.get(from) ?? new Map();
        reaches.set(from, known);
        if (!known.has(to)) known.set(to, `${file}:${lineOf(node.getStart())}`);
      }
    }
    if (ts.isFunctionLike(node) && node.body) {
      const [first, last] = [lineOf(node.getStart()), lineOf(node.end)];
      const name = node.name?.getText() ?? node.parent.name?.getText?.() ?? 'a function';
      const lines = last - first + 1;
      if (node.parameters.length > MOST_PARAMETERS)
        many.push(`${file}:${first}: ${name} takes ${node.parameters.length} parameters`);
      if (lines > (LONGEST.get(part) ?? 0)) long.get(part)?.push(`${file}:${first}: ${name} has ${lines} lines`);
    }
    ts.forEachChild(node, look);
  };
  look(source);
}

/** Files that reach each other, by however many others: the strongly connected parts of the graph (Tarjan 1972). */
const circles = () => {
  const found = [];
  const [numbers, lowest, stack] = [new Map(), new Map(), []];
  const visit = (file) => {
    numbers.set(file, numbers.size);
    lowest.set(file, numbers.get(file));
    stack.push(file);
    for (const next of imports.get(file) ?? []) {
      if (!imports.has(next)) continue;
      if (!numbers.has(next)) visit(next);
      if (stack.includes(next)) lowest.set(file, Math.min(lowest.get(file), lowest.get(next)));
    }
    if (lowest.get(file) !== numbers.get(file)) return;
    const circle = stack.splice(stack.indexOf(file));
    if (circle.length > 1) found.push(circle.toSorted());
  };
  for (const file of imports.keys()) if (!numbers.has(file)) visit(file);
  return found;
};

const round = circles();
for (const circle of round)
  if (circle.length > LARGEST_CIRCLE) wrong.push(`${circle.length} files reach each other: ${circle.join(', ')}`);
for (const [from, known] of reaches)
  for (const [to, at] of known) {
    const back = reaches.get(to)?.get(from);
    if (back && from < to) wrong.push(`${from} and ${to} know each other: ${at} and ${back}`);
  }
if (many.length > WITH_MORE_PARAMETERS)
  wrong.push(
    `${many.length} functions take more than ${MOST_PARAMETERS} parameters, ${WITH_MORE_PARAMETERS} may:`,
    ...many,
  );
for (const [part, found] of long) {
  const most = LONGER.get(part) ?? 0;
  if (found.length > most)
    wrong.push(
      `${found.length} functions of ${part} are longer than ${LONGEST.get(part)} lines, ${most} may:`,
      ...found,
    );
}
if (files.length === 0) wrong.push('it looked at no file');
for (const each of wrong) console.error(each);
if (wrong.length > 0) process.exit(1);
const told = [...long].map(([part, { length }]) => `${length} of ${part}`).join(', ');
console.log(
  `shape gate: ${files.length} files, no two folders know each other, ${round.length} circles of two or three files, ${many.length} functions take more than ${MOST_PARAMETERS} parameters, longer than they should be: ${told}`,
);
