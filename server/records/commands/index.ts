export { addRecords, type NewRecord, type Stored } from './add.ts';
export { archiveRecord, bringBackRecord } from './archive.ts';
export { type Changed, changeRecord, type GivenChange } from './change.ts';
export { uniqueProblems } from './checks.ts';
export { type Action, type By, type Followed, type Follower, follow, type RecordEvent, write } from './events.ts';
