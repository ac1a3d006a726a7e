export {
  type AddedRecord,
  type By,
  type Followed,
  type Follower,
  follow,
  type RecordEvent,
  readLocks,
  write,
} from '../events.ts';
export { addRecords, judgeNew, type NewRecord, type Stored } from './add.ts';
export { archiveRecord, bringBackRecord } from './archive.ts';
export { type Changed, changeRecord, type GivenChange, judgeChange } from './change.ts';
export { type Earlier, type Placed, uniqueProblems } from './checks.ts';
export { type Doable, readDoable } from './doable.ts';
export { lockedOf, refuseUnseenValues } from './rights.ts';
