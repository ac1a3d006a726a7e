import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';

const FOLDERS = ['core', 'contract', 'server', 'web', 'demo', 'e2e'];

const LAYERS = ['server/signoff', 'server/lists', 'server/helpers', 'web/ui', 'web/screens/a'];

/** What each rule is there to stop. */
const offences = [
  {
    file: 'core/bad1.ts',
    text: "import { own } from '../server/own.ts';\nexport const bad = own;\n",
    rule: 'core-reaches-only-core',
  },
  {
    file: 'core/bad2.ts',
    text: "import type { own } from '../web/own.ts';\nexport type Bad = typeof own;\n",
    rule: 'core-reaches-only-core',
  },
  {
    file: 'core/bad3.ts',
    text: "export const bad = () => import('../server/own.ts');\n",
    rule: 'core-reaches-only-core',
  },
  {
    file: 'core/bad4.ts',
    text: "import { readFileSync } from 'node:fs';\nexport const bad = readFileSync;\n",
    rule: 'core-is-free-of-node',
  },
  {
    file: 'core/bad5.ts',
    text: "import { createElement } from 'react';\nexport const bad = createElement;\n",
    rule: 'core-uses-only-its-packages',
  },
  {
    file: 'web/data/bad6.ts',
    text: "import { own } from '../ui/own.ts';\nexport const bad = own;\n",
    rule: 'web-data-does-not-reach-up',
  },
  {
    file: 'web/screens/b/bad7.ts',
    text: "import { own } from '../a/own.ts';\nexport const bad = own;\n",
    rule: 'no-screen-knows-another',
  },
  {
    file: 'core/values/bad8.ts',
    text: "import { own } from '../form/own.ts';\nexport const bad = own;\n",
    rule: 'resolvable',
  },
  {
    file: 'web/bad9.ts',
    text: "import { own } from '../server/own.ts';\nexport const bad = own;\n",
    rule: 'web-reaches-only-web-contract-core',
  },
  {
    file: 'server/bad10.ts',
    text: "import { own } from '../web/own.ts';\nexport const bad = own;\n",
    rule: 'server-reaches-only-server-contract-core',
  },
  {
    file: 'server/records/bad11.ts',
    text: "import { own } from '../signoff/own.ts';\nexport const bad = own;\n",
    rule: 'server-records-does-not-reach-up',
  },
  {
    file: 'server/forms/bad12.ts',
    text: "import type { own } from '../lists/own.ts';\nexport type Bad = typeof own;\n",
    rule: 'server-forms-does-not-reach-up',
  },
  {
    file: 'server/helpers/bad13.ts',
    text: "import { own } from './own.ts';\nexport const bad = own;\n",
    rule: 'server-has-no-other-folders',
  },
  {
    file: 'server/forms/bad14.ts',
    text: "import type { Request } from 'express';\nexport type Bad = Request;\n",
    rule: 'server-services-know-nothing-of-express',
  },
] as const;

/** A small copy of the tree with one file more, through the real gate. */
describe('the import gate', () => {
  let root: string;
  /** What the gate says of all of them. */
  let all: { readonly status: number | null; readonly told: string };
  beforeAll(() => {
    root = mkdtempSync(join(tmpdir(), 'iolite-gate-'));
    cpSync('package.json', join(root, 'package.json'));
    symlinkSync(resolve('node_modules'), join(root, 'node_modules'));
    spawnSync('git', ['init', '-q'], { cwd: root });
    for (const folder of [...FOLDERS, ...LAYERS]) {
      mkdirSync(join(root, folder), { recursive: true });
      writeFileSync(join(root, folder, 'own.ts'), 'export const own = 1;\n');
    }
    for (const { file, text } of offences) {
      mkdirSync(dirname(join(root, file)), { recursive: true });
      writeFileSync(join(root, file), text);
    }
    const result = spawnSync(process.execPath, [resolve('scripts/import-gate.mjs'), root], { encoding: 'utf8' });
    all = { status: result.status, told: result.stderr };
    for (const { file } of offences) rmSync(join(root, file));
  });
  afterAll(() => rmSync(root, { recursive: true, force: true }));

  const gateWith = (file: string, text: string, gate = 'scripts/import-gate.mjs') => {
    const path = join(root, file);
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
    const result = spawnSync(process.execPath, [resolve(gate), root], { encoding: 'utf8' });
    rmSync(path);
    return { status: result.status, told: result.stderr };
  };

  test('lets through what is allowed', () => {
    expect(gateWith('web/fine.ts', "import { own } from '../contract/own.ts';\nexport const fine = own;\n")).toEqual({
      status: 0,
      told: '',
    });
  });

  /** Each stands in a file of its own: the gate goes over all of them at once. */
  test.each(offences)('stops what $rule', ({ file, rule }) => expect(all.told).toContain(`${rule}: ${file} imports`));

  test('and fails then', () => expect(all.status).toBe(1));

  test.each([
    ['server/forms/bad.ts', "export const bad = tableOf('clients');\n"],
    ['server/http/bad.ts', "export const bad = identifier('records', 'clients');\n"],
    ['server/signoff/bad.ts', 'export const bad = sql`select id from records.clients`;\n'],
  ])('no table of records is named in %s', (file, text) => {
    const { status, told } = gateWith(file, text, 'scripts/text-gate.mjs');
    expect([status, told]).toEqual([
      1,
      expect.stringContaining(`record-tables-are-named-by-reader-commands-and-definitions: ${file}:1`),
    ]);
  });

  test('no key of a query is made outside of data', () => {
    const planted = "export const bad = { queryKey: ['records', 'boats'] };\n";
    const { status, told } = gateWith('web/screens/list/bad.ts', planted, 'scripts/text-gate.mjs');
    expect([status, told]).toEqual([
      1,
      expect.stringContaining('query-keys-are-made-in-data: web/screens/list/bad.ts:1'),
    ]);
    const written = "client.setQueryData<string>(['records', 'boats'], 'x');\n";
    expect(gateWith('web/screens/list/bad.ts', written, 'scripts/text-gate.mjs').status).toBe(1);
    expect(gateWith('web/data/fine.ts', planted, 'scripts/text-gate.mjs').status).toBe(0);
  });

  test.each(['server/records/reader/fine.ts', 'server/definitions/fine.ts'])('%s may', (file) =>
    expect(gateWith(file, "export const fine = tableOf('clients');\n", 'scripts/text-gate.mjs').status).toBe(0),
  );
});

/** A small tree with a registry of four kinds, and one file more, through the real gate of the kinds. */
describe('the kind gate', () => {
  const gateWith = (file: string, text: string) => {
    const root = mkdtempSync(join(tmpdir(), 'iolite-kinds-'));
    const write = (path: string, content: string): void => {
      mkdirSync(dirname(join(root, path)), { recursive: true });
      writeFileSync(join(root, path), content);
    };
    write('web/tsconfig.json', JSON.stringify({ compilerOptions: { strict: true, noLib: true, types: [] } }));
    write(
      'core/values/field-type.ts',
      `export type FieldType = { readonly kind: 'long_text' } | { readonly kind: 'rows'; readonly fields: FieldType[] }
        | { readonly kind: 'link' | 'links'; readonly register: string };
      export type FieldKindName = FieldType['kind'];
      export const isLong = (type: FieldType) => type.kind === 'long_text';\n`,
    );
    write(
      'core/values/kind.ts',
      `export type ValueType = { readonly kind: 'text' | 'date' } | { readonly kind: 'choice'; readonly list: string };
      export type Named = ValueType | { readonly kind: 'records' };\n`,
    );
    write('core/form/other.ts', "export type Other = { kind: 'rows' } | { kind: 'link' };\n");
    write(
      file,
      `import type { FieldType } from '../values/field-type.ts';\nimport type { Named, ValueType } from '../values/kind.ts';import type { Other } from './other.ts';\n${text}\n`,
    );
    const result = spawnSync(process.execPath, [resolve('scripts/kind-gate.mjs'), root], { encoding: 'utf8' });
    rmSync(root, { recursive: true });
    return { status: result.status, told: result.stderr };
  };

  test.each([
    "export const bad = (type: FieldType) => type.kind === 'rows';",
    "type Few<T> = T extends { kind: 'long_text' } ? never : T; export const bad = (type: Few<FieldType>) => 'links' !== type.kind;",
    "export const bad = ({ kind }: FieldType) => { switch (kind) { case 'rows': return 1; default: return 0; } };",
    'export const bad = (type: FieldType, table: Record<string, number>) => table[type.kind];',
    'export const bad = (type: FieldType, some: { includes(name: string): boolean }) => some.includes(type.kind);',
  ])('stops %s', (text) => {
    const { status, told } = gateWith('core/form/bad.ts', text);
    expect([status, told]).toEqual([1, expect.stringContaining('kinds-are-asked-not-named: core/form/bad.ts:3')]);
  });

  test.each([
    "export const bad = (type: ValueType) => type.kind === 'date';",
    "export const bad = (type: ValueType | undefined) => (type?.kind === 'choice' ? type.list : null);",
    'export const bad = (type: ValueType, wide: Record<string, number>) => wide[type.kind];',
    "export const bad = ({ kind }: ValueType) => { switch (kind) { case 'text': return 1; default: return 0; } };",
  ])('stops a value type that is asked which it is: %s', (text) => {
    const { status, told } = gateWith('core/form/bad.ts', text);
    expect([status, told]).toEqual([1, expect.stringContaining('value-types-are-asked-not-named: core/form/bad.ts:3')]);
    expect(gateWith('core/expression/language.ts', text)).toEqual({ status: 0, told: '' });
  });

  test('lets be asked whether a name stands for many records', () =>
    expect(gateWith('core/form/fine.ts', "export const fine = (a: Named) => a.kind === 'records';")).toEqual({
      status: 0,
      told: '',
    }));

  test('lets other things be called as kinds are, and kinds be handed on', () => {
    const fine =
      "export const fine = (a: Other, b: FieldType, c: FieldType) => a.kind === 'rows' || b.kind === c.kind;";
    expect(gateWith('core/form/fine.ts', fine)).toEqual({ status: 0, told: '' });
  });
});

/** A small tree with some files, through the real gate of the shape. */
describe('the shape gate', () => {
  const gateWith = (files: Readonly<Record<string, string>>) => {
    const root = mkdtempSync(join(tmpdir(), 'iolite-shape-'));
    spawnSync('git', ['init', '-q'], { cwd: root });
    for (const [path, text] of Object.entries(files)) {
      mkdirSync(dirname(join(root, path)), { recursive: true });
      writeFileSync(join(root, path), text);
    }
    const result = spawnSync(process.execPath, [resolve('scripts/shape-gate.mjs'), root], { encoding: 'utf8' });
    rmSync(root, { recursive: true });
    return { status: result.status, told: result.stderr };
  };
  const own = 'export const own = 1;\n';

  test('lets through folders that know each other one way, and short functions', () => {
    expect(
      gateWith({ 'web/ui/own.ts': own, 'web/screens/a/own.tsx': "import { own } from '../../ui/own.ts';\nown;\n" }),
    ).toEqual({ status: 0, told: '' });
  });

  test('stops two folders that know each other, by types alone too', () => {
    const { status, told } = gateWith({
      'server/a/one.ts': "import type { own } from '../b/two.ts';\nexport type One = typeof own;\n",
      'server/b/two.ts': `${own}export * from '../a/one.ts';\n`,
    });
    expect(status).toBe(1);
    expect(told).toContain('server/a and server/b know each other: server/a/one.ts:1 and server/b/two.ts:2');
  });

  test('stops a file of the contract that has grown long', () => {
    const { status, told } = gateWith({ 'contract/all.ts': own.repeat(401) });
    expect(status).toBe(1);
    expect(told).toContain('contract/all.ts has 401 lines, a file of the contract at most 400');
  });

  test('stops four files that reach each other in a circle', () => {
    const files = Object.fromEntries(
      ['a', 'b', 'c', 'd'].map((name, at, all) => {
        const next = all[(at + 1) % all.length];
        return [`core/${name}.ts`, `export type { ${next} } from './${next}.ts';\n`];
      }),
    );
    expect(gateWith(files)).toEqual({
      status: 1,
      told: expect.stringContaining('4 files reach each other: core/a.ts, core/b.ts, core/c.ts, core/d.ts'),
    });
  });

  test('stops a fifth function of six parameters', () => {
    const six = Array.from({ length: 5 }, (_, i) => `export const f${i} = (a, b, c, d, e, f) => a;`).join('\n');
    expect(gateWith({ 'core/bad.ts': six })).toEqual({
      status: 1,
      told: expect.stringContaining('core/bad.ts:5: f4 takes 6 parameters'),
    });
  });

  test('stops a long function where there were none', () => {
    const lines = Array.from({ length: 100 }, () => '  a();').join('\n');
    expect(gateWith({ 'contract/bad.ts': `export const long = (a) => {\n${lines}\n};\n` })).toEqual({
      status: 1,
      told: expect.stringContaining('contract/bad.ts:1: long has 102 lines'),
    });
  });
});

test('the core does not compile with the DOM or Node in it', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-core-'));
  for (const name of ['document', 'process', 'fetch'])
    writeFileSync(join(folder, `${name}.ts`), `export const bad = ${name};\n`);
  writeFileSync(
    join(folder, 'tsconfig.json'),
    JSON.stringify({
      extends: resolve('core/tsconfig.json'),
      compilerOptions: { rootDir: folder, noEmit: true, composite: false, emitDeclarationOnly: false },
      include: ['*.ts'],
    }),
  );
  const result = spawnSync(process.execPath, [resolve('node_modules/typescript/bin/tsc'), '-p', folder], {
    encoding: 'utf8',
  });
  rmSync(folder, { recursive: true });
  for (const name of ['document', 'process', 'fetch']) expect(result.stdout).toContain(`'${name}'`);
});

/** A small build, through the real gate of the weight. */
describe('the weight gate', () => {
  const MODULES = [
    'screens/fill-in/screen.tsx',
    'screens/sign-in/screen.tsx',
    'screens/today/screen.tsx',
    'screens/list/screen.tsx',
    'screens/in-tray/screen.tsx',
    'screens/set-up-forms/form-screen.tsx',
  ];
  const SCREENS = ['fill in', 'sign in', 'Today', 'a list', 'in-tray', 'set-up of a form'];
  const gateWith = (kept: number, shared: string) => {
    const root = mkdtempSync(join(tmpdir(), 'iolite-weight-'));
    for (const folder of ['dist/web/.vite', 'scripts']) mkdirSync(join(root, folder), { recursive: true });
    const chunk = (file: string, imports: string[] = []) => ({ file, imports });
    const manifest = {
      'index.html': chunk('main.js'),
      shared: chunk('shared.js'),
      ...Object.fromEntries(MODULES.map((module) => [module, chunk('screen.js', ['shared'])])),
    };
    writeFileSync(join(root, 'dist/web/.vite/manifest.json'), JSON.stringify(manifest));
    for (const [name, text] of Object.entries({ main: '1', screen: '2', shared }))
      writeFileSync(join(root, `dist/web/${name}.js`), text);
    const budget = Object.fromEntries(SCREENS.map((screen) => [screen, kept]));
    writeFileSync(join(root, 'scripts/first-load.json'), JSON.stringify(budget));
    const result = spawnSync(process.execPath, [resolve('scripts/weight-gate.mjs'), root], { encoding: 'utf8' });
    rmSync(root, { recursive: true });
    return { status: result.status, told: result.stderr };
  };

  test('lets through what weighs as much as it did', () =>
    expect(gateWith(1_000, '3')).toEqual({ status: 0, told: '' }));

  test('stops a screen that has grown, also by what it imports', () => {
    const grown = Array.from({ length: 2_000 }, (_, at) => (at * 7_919).toString(36)).join(' ');
    const { status, told } = gateWith(1_000, grown);
    expect(status).toBe(1);
    expect(told).toContain('fill in: ');
    expect(told).toContain('1.0 kB were');
  });
});
