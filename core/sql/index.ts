export {
  all,
  any,
  identifier,
  join,
  parameter,
  type Segment,
  type SqlFragment,
  type SqlType,
  sql,
} from './fragment.ts';
export { intervalMs, msInterval } from './interval.ts';
export { spanText } from './span.ts';
export { storedText } from './stored-text.ts';
export { rowsKey, rowsTableName, tableOf } from './tables.ts';
