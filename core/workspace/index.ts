export { catalogueOf } from './catalogue.ts';
export { type Copied, copyIn, type NewField, withFields } from './copy.ts';
export { type Workspace, workspaceSchema } from './definition.ts';
export { Identifier, type NewId } from './identify.ts';
export { inCurrency } from './in-currency.ts';
export { inNewWords } from './new-words.ts';
export {
  renameInCatalogue,
  renameInForm,
  renameInList,
  renameInRole,
  renameInRoute,
  renamesBetween,
  renamesOfReserved,
  renamingProblem,
} from './rename.ts';
export { readLabels, suggestType } from './suggest.ts';
export { suggestMark, suggestTitle } from './suggest-names.ts';
