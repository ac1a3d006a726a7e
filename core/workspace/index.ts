export { type Copied, copyIn, type NewField, withFields } from './copy.ts';
export {
  catalogueOf,
  type Rights,
  type Role,
  rightsOn,
  roleSchema,
  type Workspace,
  workspaceSchema,
} from './definition.ts';
export { renameInCatalogue, renameInForm, renameInRoute, renamingProblem } from './rename.ts';
export { readLabels, suggestType } from './suggest.ts';
