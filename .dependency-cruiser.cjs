const NODE = '^(node:|fs$|path$|os$|crypto$|http$|url$|child_process$|stream$|net$|util$|events$|worker_threads$)';
const TESTS = '\\.(test|arb)\\.tsx?$|/testing/';

/** Each folder reaches only what its row says: own folders, then packages. */
const rows = {
  core: {
    folders: ['core'],
    packages: ['decimal\\.js', 'zod', 'lezer-feel', '@lezer/common', 'libphonenumber-js', 'papaparse'],
    node: false,
  },
  contract: { folders: ['contract', 'core'], packages: ['zod'], node: false },
  server: { folders: ['server', 'contract', 'core'], packages: null, node: true },
  web: { folders: ['web', 'contract', 'core'], packages: null, node: false },
  demo: { folders: ['demo', 'contract', 'core'], packages: ['zod'], node: true },
  e2e: { folders: ['e2e', 'demo', 'contract', 'core'], packages: null, node: true },
};

const OWN = Object.keys(rows);

const forbidden = Object.entries(rows).flatMap(([folder, row]) => {
  const from = { path: `^${folder}/`, pathNot: TESTS };
  const rules = [
    {
      name: `${folder}-reaches-only-${row.folders.join('-')}`,
      severity: 'error',
      from,
      to: { path: `^(${OWN.join('|')}|bench|scripts)/`, pathNot: `^(${row.folders.join('|')})/` },
    },
  ];
  if (row.packages) {
    rules.push({
      name: `${folder}-uses-only-its-packages`,
      severity: 'error',
      from,
      to: {
        path: 'node_modules/',
        pathNot: row.packages.length > 0 ? `node_modules/(${row.packages.join('|')})/` : undefined,
      },
    });
  }
  if (!row.node)
    rules.push({
      name: `${folder}-is-free-of-node`,
      severity: 'error',
      from,
      to: { dependencyTypes: ['core'], path: NODE },
    });
  if (folder === 'web')
    rules.push({
      name: 'web-is-free-of-server-packages',
      severity: 'error',
      from,
      to: { path: 'node_modules/(express|pg|drizzle-orm|@node-rs)/' },
    });
  if (folder === 'server')
    rules.push({
      name: 'server-is-free-of-web-packages',
      severity: 'error',
      from,
      to: { path: 'node_modules/(react|react-dom|react-router|zustand|@headlessui|@tanstack)/' },
    });
  return rules;
});

const order = [
  'base',
  'sql',
  'values',
  'expression',
  'register',
  'access',
  'form|signoff|list',
  'workspace',
  'spreadsheet',
];
const layers = order.slice(0, -1).map((layer, i) => ({
  name: `core-${layer.replaceAll('|', '-')}-does-not-reach-up`,
  severity: 'error',
  from: { path: `^core/(${layer})/`, pathNot: TESTS },
  to: { path: `^core/(${order.slice(i + 1).join('|')})/` },
}));

/** Each layer of the server knows only those to its left; the program's own entry and the tests know all. */
const serverOrder = [
  'platform',
  'backup',
  'definitions',
  'people',
  'records',
  'signoff',
  'forms',
  'lists',
  'imports',
  'files',
  'paper',
  'sight',
  'identity',
  'workspace',
  'notify',
  'exports',
  'http',
];
const serverLayers = serverOrder.slice(0, -1).map((layer, i) => ({
  name: `server-${layer}-does-not-reach-up`,
  severity: 'error',
  from: { path: `^server/${layer}/`, pathNot: TESTS },
  to: { path: `^server/(${serverOrder.slice(i + 1).join('|')})/` },
}));
const serverFolders = {
  name: 'server-has-no-other-folders',
  severity: 'error',
  from: { path: '^server/', pathNot: TESTS },
  to: { path: '^server/[^/]+/', pathNot: `^server/(${serverOrder.join('|')})/` },
};
const serviceRules = {
  name: 'server-services-know-nothing-of-express',
  severity: 'error',
  from: { path: '^server/', pathNot: ['^server/app\\.ts$', '^server/http/', '^server/testing/', TESTS] },
  to: { path: 'node_modules/(express|@types/express|helmet)/' },
};

/** The same in the web: what the browser keeps and reads, controls, fields by kind, screens, the program itself. */
const webOrder = ['data', 'state', 'ui', 'fields', 'screens', 'app'];
const webLayers = webOrder.slice(0, -1).map((layer, i) => ({
  name: `web-${layer}-does-not-reach-up`,
  severity: 'error',
  from: { path: `^web/${layer}/`, pathNot: TESTS },
  to: { path: `^web/(${webOrder.slice(i + 1).join('|')})/` },
}));
/** Within the fields: controls, rows of them, rules in words, kinds, asking, records and forms and spreadsheets of them. */
const fieldsOrder = ['controls', 'rows', 'rules', 'kinds', 'asking', 'records|filling-in|bringing', 'set-up'];
const fieldLayers = fieldsOrder.slice(0, -1).map((layer, i) => ({
  name: `web-fields-${layer.replaceAll('|', '-')}-does-not-reach-up`,
  severity: 'error',
  from: { path: `^web/fields/(${layer})/`, pathNot: TESTS },
  to: { path: `^web/fields/(${fieldsOrder.slice(i + 1).join('|')})/` },
}));
const webFolders = {
  name: 'web-has-no-other-folders',
  severity: 'error',
  from: { path: '^web/', pathNot: TESTS },
  to: { path: '^web/[^/]+/', pathNot: `^web/(${webOrder.join('|')})/` },
};
const screens = {
  name: 'no-screen-knows-another',
  severity: 'error',
  from: { path: '^web/screens/([^/]+)/', pathNot: TESTS },
  to: { path: '^web/screens/', pathNot: '^web/screens/$1/' },
};

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...forbidden,
    ...layers,
    ...serverLayers,
    serverFolders,
    serviceRules,
    ...webLayers,
    ...fieldLayers,
    webFolders,
    screens,
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^(core|contract|server|web)/' },
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-modules-by-their-index',
      severity: 'error',
      from: { path: '^core/([^/]+)/', pathNot: TESTS },
      to: { path: '^core/[^/]+/', pathNot: ['^core/$1/', '/index\\.ts$'] },
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.json'],
    },
  },
};
