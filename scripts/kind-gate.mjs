// The gate of the kinds of field: nothing outside their registries asks for a kind by its name. A kind says itself what
// it can do (core/values) and how it looks (web/fields/kinds), so that a new one is a file and a line in each. Asks the
// compiler what each compared value is.
// The same of the rule language's value types: what one can do stands in core/values/value-type.ts, and few files besides
// the language itself ask which one a type is.

import { dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = resolve(process.argv[2] ?? dirname(dirname(fileURLToPath(import.meta.url))));

/** Where kinds are registered: there, and only there, each is named. */
const REGISTRIES = [/^core\/values\//, /^web\/fields\/kinds\//];

/**
 * The files that ask all the same, and why each must: how many places each may have.
 * @type {ReadonlyMap<string, { readonly places: number, readonly why: string }>}
 */
const ALLOWED = new Map();
/** More than so many, and kinds are not in one place any more. */
const MOST_ALLOWED = 10;

/** Where the value types are, and the language made of them. */
const LANGUAGE = [/^core\/values\//, /^core\/expression\//];
/** What is declared there with a kind is a value type. */
const VALUE_TYPES = new Set(['core/values/kind.ts', 'core/expression/type.ts', 'core/expression/vocabulary.ts']);
/**
 * The files that ask a value type all the same, and why each must.
 * @type {ReadonlyMap<string, string>}
 */
const ASKING = new Map([
  ['core/list/say-cell.ts', 'how a cell is said'],
  ['core/spreadsheet/suggest-mend.ts', 'which slips of writing there are'],
  ['server/definitions/views.ts', 'what a column says in words, as SQL'],
  ['server/records/reader/paths.ts', 'as what SQL gives the outcome of an expression'],
  ['server/lists/export/typed-cell.ts', 'the types and formats of another file format'],
  ['server/paper/formats.ts', 'how much of a page a column takes'],
  ['web/fields/rules/condition-editor.tsx', 'the control of a value in a sentence'],
  ['web/fields/rules/operand-editor.tsx', 'what is to be written in a box'],
  ['web/screens/list/column-widths.ts', 'how wide a column is'],
  ['web/screens/set-up-forms/rule-sentence.tsx', 'the control of a value to start as'],
  ['web/screens/set-up-routes/made-up.tsx', 'the control of a made-up value'],
]);
/** More files than this, and value types are not in one place any more. */
const MOST_ASKING = 12;

const NO_TESTS = /\.(?:test|arb|d)\.tsx?$|\/testing\/|node_modules/;
/** Words that only kinds of field are called: a value that can be one of them is a kind. */
const OWN = new Set(['long_text', 'running_number', 'worked_out', 'formatted', 'percent', 'money']);
const REGISTRY = 'core/values/field-type.ts';

const config = ts.getParsedCommandLineOfConfigFile(
  join(root, 'web/tsconfig.json'),
  {},
  {
    ...ts.sys,
    onUnRecoverableConfigFileDiagnostic: ({ messageText }) => {
      throw new Error(ts.flattenDiagnosticMessageText(messageText, '\n'));
    },
  },
);
const files = ['core', 'contract', 'server', 'web']
  .flatMap((folder) => ts.sys.readDirectory(join(root, folder), ['.ts', '.tsx']))
  .filter((file) => !NO_TESTS.test(file));
const program = ts.createProgram(files, { ...config.options, noEmit: true, composite: false, incremental: false });
const checker = program.getTypeChecker();

const kindNames = () => {
  const source = program.getSourceFile(join(root, REGISTRY));
  const exported = source && checker.getExportsOfModule(checker.getSymbolAtLocation(source));
  const found = exported?.find(({ name }) => name === 'FieldKindName');
  if (!found) throw new Error(`${REGISTRY} exports no FieldKindName`);
  return new Set(checker.getDeclaredTypeOfSymbol(found).types.map(({ value }) => value));
};
const KINDS = kindNames();

/** Whether an expression is the kind of a field, narrowed or not. */
const isKind = (expression) => {
  const type = checker.getTypeAtLocation(expression);
  const names = (type.isUnion() ? type.types : [type]).map(({ value }) => value);
  if (names.length > 0 && names.every((name) => KINDS.has(name)) && names.some((name) => OWN.has(name))) return true;
  // Narrowed to a few names that other things are called by too: what the whole union is called tells.
  if (!ts.isPropertyAccessExpression(expression) || expression.name.text !== 'kind') return false;
  const whole = checker.getTypeAtLocation(expression.expression);
  const members = whole.isUnion() ? whole.types : [whole];
  return members.every((each) =>
    each.getProperty('kind')?.declarations?.every(({ parent }) => {
      const file = relative(root, parent.getSourceFile().fileName);
      return file.startsWith('core/values/') && file !== 'core/values/kind.ts';
    }),
  );
};
const isName = (node) => ts.isStringLiteralLike(node) && KINDS.has(node.text);

/** Whether a node asks which kind something is: compares it, switches over it, looks it up in a list of names. */
const asks = (node) => {
  if (ts.isBinaryExpression(node) && /^[!=]==?$/.test(node.operatorToken.getText()))
    return (isName(node.right) && isKind(node.left)) || (isName(node.left) && isKind(node.right));
  if (ts.isSwitchStatement(node)) return isKind(node.expression);
  if (ts.isElementAccessExpression(node)) return isKind(node.argumentExpression);
  const called = ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression);
  return (
    called && /^(?:includes|has|get|indexOf)$/.test(node.expression.name.text) && node.arguments.some((a) => isKind(a))
  );
};

/** The lines of a file in which something is so of a node. */
const linesWhere = (source, isSo) => {
  const lines = [];
  const visit = (node) => {
    if (isSo(node)) lines.push(source.getLineAndCharacterOfPosition(node.getStart()).line + 1);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return lines;
};

/** Whether all that something can be is declared with the kinds of value types. */
const isOfValueTypes = (node) => {
  const type = checker.getNonNullableType(checker.getTypeAtLocation(node));
  const found = (type.isUnion() ? type.types : [type]).flatMap((each) => each.getProperty('kind')?.declarations ?? []);
  return (
    found.length > 0 && found.every(({ parent }) => VALUE_TYPES.has(relative(root, parent.getSourceFile().fileName)))
  );
};
/** Whether a node takes the kind of a value type. That a name stands for many records is no value type. */
const isValueType = (node) => {
  if (ts.isBindingElement(node))
    return (node.propertyName ?? node.name).getText() === 'kind' && isOfValueTypes(node.parent);
  if (!ts.isPropertyAccessExpression(node) || node.name.text !== 'kind') return false;
  const { parent } = node;
  const isOfMany =
    ts.isBinaryExpression(parent) && ts.isStringLiteralLike(parent.right) && parent.right.text === 'records';
  return !isOfMany && isOfValueTypes(node.expression);
};

const asking = new Set();
let looked = 0;
let broken = 0;
for (const source of program.getSourceFiles()) {
  const file = relative(root, source.fileName);
  if (file.startsWith('..') || NO_TESTS.test(source.fileName) || REGISTRIES.some((each) => each.test(file))) continue;
  looked++;
  const asked = LANGUAGE.some((each) => each.test(file)) ? [] : linesWhere(source, isValueType);
  if (asked.length > 0) asking.add(file);
  if (!ASKING.has(file)) {
    for (const line of asked) console.error(`value-types-are-asked-not-named: ${file}:${line}`);
    broken += asked.length;
  }
  const lines = linesWhere(source, asks);
  if (lines.length <= (ALLOWED.get(file)?.places ?? 0)) continue;
  for (const line of lines) console.error(`kinds-are-asked-not-named: ${file}:${line}`);
  broken += lines.length;
}
const allowed = [...ALLOWED.values()].reduce((sum, { places }) => sum + places, 0);
if (allowed > MOST_ALLOWED) console.error(`${allowed} places are allowed, and ${MOST_ALLOWED} may be`);
for (const file of ASKING.keys())
  if (program.getSourceFile(join(root, file)) && !asking.has(file)) {
    console.error(`${file} asks no value type any more: it need not be allowed`);
    broken++;
  }
if (broken > 0 || looked === 0 || allowed > MOST_ALLOWED || ASKING.size > MOST_ASKING) process.exit(1);
console.log(`kind gate: ${looked} files name none of ${KINDS.size} kinds, ${allowed} places allowed`);
console.log(`value types are asked in ${asking.size} files besides the language, ${MOST_ASKING} may`);
