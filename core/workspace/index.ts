export {
  catalogueOf,
  type Rights,
  type Role,
  rightsOn,
  roleSchema,
  type Workspace,
  workspaceSchema,
} from './definition.ts';
