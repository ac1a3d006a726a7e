/** What can be done to a record, as its history tells it. */
export const RECORD_ACTIONS = [
  'added',
  'changed',
  'imported',
  'brought_in_as_is',
  'undone',
  'approved',
  'sent_back',
  'refused',
  'sent_again',
  'archived',
  'brought_back',
  'withdrawn',
  'stopped',
  'started',
  'reopened',
  'delegated',
  'taken_back',
  'passed_on',
  'let_through',
  'reminded',
] as const;
export type RecordAction = (typeof RECORD_ACTIONS)[number];
