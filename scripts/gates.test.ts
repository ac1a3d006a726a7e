import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';

const FOLDERS = ['core', 'contract', 'server', 'web', 'demo', 'e2e'];

const LAYERS = ['server/signoff', 'server/lists', 'server/helpers'];

/** A small copy of the tree with one file more, through the real gate. */
describe('the import gate', () => {
  let root: string;
  beforeAll(() => {
    root = mkdtempSync(join(tmpdir(), 'iolite-gate-'));
    cpSync('package.json', join(root, 'package.json'));
    symlinkSync(resolve('node_modules'), join(root, 'node_modules'));
    spawnSync('git', ['init', '-q'], { cwd: root });
    for (const folder of [...FOLDERS, ...LAYERS]) {
      mkdirSync(join(root, folder), { recursive: true });
      writeFileSync(join(root, folder, 'own.ts'), 'export const own = 1;\n');
    }
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

  test.each([
    ['core/bad.ts', "import { own } from '../server/own.ts';\nexport const bad = own;\n", 'core-reaches-only-core'],
    [
      'core/bad.ts',
      "import type { own } from '../web/own.ts';\nexport type Bad = typeof own;\n",
      'core-reaches-only-core',
    ],
    ['core/bad.ts', "export const bad = () => import('../server/own.ts');\n", 'core-reaches-only-core'],
    [
      'core/bad.ts',
      "import { readFileSync } from 'node:fs';\nexport const bad = readFileSync;\n",
      'core-is-free-of-node',
    ],
    [
      'core/bad.ts',
      "import { createElement } from 'react';\nexport const bad = createElement;\n",
      'core-uses-only-its-packages',
    ],
    ['core/values/bad.ts', "import { own } from '../form/own.ts';\nexport const bad = own;\n", 'resolvable'],
    [
      'web/bad.ts',
      "import { own } from '../server/own.ts';\nexport const bad = own;\n",
      'web-reaches-only-web-contract-core',
    ],
    [
      'server/bad.ts',
      "import { own } from '../web/own.ts';\nexport const bad = own;\n",
      'server-reaches-only-server-contract-core',
    ],
    [
      'server/records/bad.ts',
      "import { own } from '../signoff/own.ts';\nexport const bad = own;\n",
      'server-records-does-not-reach-up',
    ],
    [
      'server/forms/bad.ts',
      "import type { own } from '../lists/own.ts';\nexport type Bad = typeof own;\n",
      'server-forms-does-not-reach-up',
    ],
    [
      'server/helpers/bad.ts',
      "import { own } from './own.ts';\nexport const bad = own;\n",
      'server-has-no-other-folders',
    ],
    [
      'server/forms/bad.ts',
      "import type { Request } from 'express';\nexport type Bad = Request;\n",
      'server-services-know-nothing-of-express',
    ],
  ])('stops %s that says %s', (file, text, rule) => {
    const { status, told } = gateWith(file, text);
    expect(status).toBe(1);
    expect(told).toContain(rule);
  });

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
    write('core/form/other.ts', "export type Other = { kind: 'rows' } | { kind: 'link' };\n");
    write(
      file,
      `import type { FieldType } from '../values/field-type.ts';\nimport type { Other } from './other.ts';\n${text}\n`,
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

  test('lets other things be called as kinds are, and kinds be handed on', () => {
    const fine =
      "export const fine = (a: Other, b: FieldType, c: FieldType) => a.kind === 'rows' || b.kind === c.kind;";
    expect(gateWith('core/form/fine.ts', fine)).toEqual({ status: 0, told: '' });
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
