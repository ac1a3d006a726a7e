export { type Allowed, readAllowed, whichHold } from './allowed.ts';
export { countBackReferences, readBackGroups, readBackReferences } from './back-references.ts';
export { findBreaking } from './breaking.ts';
export { countRecords } from './counts.ts';
export { type FoundRecord, findByKey, findByTitle } from './find.ts';
export { type GroupsQuery, readGroups } from './groups.ts';
export { findHeldFiles } from './held-files.ts';
export { readHistory } from './history.ts';
export { readLinked } from './linked.ts';
export {
  countOffered,
  findByNames,
  findHolding,
  findHoldingFolded,
  findNearNames,
  type NamedRecord,
} from './names.ts';
export { readNumbers } from './numbers.ts';
export { type OwnValues, readOwnValues } from './own-values.ts';
export { type PageQuery, readIds, readPage, refuseTooSlow } from './page.ts';
export { readEveryPath, readPaths } from './paths.ts';
export { readPlaces } from './places.ts';
export {
  findAnyRecord,
  findNumbered,
  findRecord,
  findTimes,
  type RecordTimes,
  readNewest,
  readSome,
  readTitles,
  type Titled,
} from './record.ts';
export { isWithin } from './relation.ts';
export { readSeenOn } from './seen-on.ts';
export { readMeant, readMeantTitle } from './slips.ts';
export { sortIndexTask } from './sort-index.ts';
export { isAnySeen } from './touched.ts';
export { workOutOnRecords, workOutTexts } from './work-out.ts';
export { withOwnColumns } from './worked.ts';
