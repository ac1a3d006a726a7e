export { catalogueOf, rightsOn } from './catalogue.ts';
export { type Copied, copyIn, type NewField, withFields } from './copy.ts';
export {
  type Rights,
  type Role,
  roleSchema,
  type Workspace,
  workspaceSchema,
} from './definition.ts';
export { renameInCatalogue, renameInForm, renameInRoute, renamingProblem } from './rename.ts';
export { readLabels, suggestType } from './suggest.ts';
