export { type Away, areAwayTogether, isAwayOn } from './away.ts';
export { roleProblems, roleWarnings } from './check-role.ts';
export { doingOf, type FieldsWritten, type RegisterRights } from './may.ts';
export { boundReach, type CompiledReach, compileReach, reachVocabulary } from './reach.ts';
export {
  DEEDS,
  givesSetUp,
  NO_RIGHTS,
  type Permission,
  type RecordCondition,
  type Rights,
  type Role,
  readRole,
  rightsIn,
  roleSchema,
  SET_UP_RIGHTS,
  type SetUpRight,
  withoutGone,
} from './role.ts';
export {
  DEED_WORDS,
  fieldLabel,
  type RoleSentence,
  reachContext,
  SECOND_STEP_WORDS,
  SET_UP_WORDS,
  sayDeed,
  sayReach,
  sayRole,
  sayWhich,
} from './say-role.ts';
export { everyField, ownerOf, pathOf, type Seen, type SeenByRole, seenByRole, whyNotWorkedOut } from './seen.ts';
export { hiddenFrom, withRights, writeInRole } from './write-role.ts';
