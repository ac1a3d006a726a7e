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
