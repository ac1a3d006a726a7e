export { readBlock, writeBlock } from './block.ts';
export { columnField, columnFields, waysOn } from './columns.ts';
export {
  type CompiledGroups,
  compileGroups,
  inGroup,
  keyName,
  OPEN_NAME,
  shareOf,
  toldAs,
  totalName,
} from './compile-groups.ts';
export { type Cell, unguarded, writeCsv } from './csv.ts';
export { type List, listSchema, OWN_LIST_KEY, ownListKey, VIEW_PARTS, type View, viewSchema } from './definition.ts';
export {
  beginsWith,
  findWords,
  foundThrough,
  holdsWord,
  type LinkedFound,
  titleBeginning,
  titledLike,
  titledWith,
} from './find.ts';
export { fitView } from './fit.ts';
export {
  type GroupBy,
  type Grouping,
  readGroupings,
  readTotals,
  SAID,
  TOTAL_KINDS,
  type Total,
  type TotalKind,
  totalsOf,
  UNITS,
  type Unit,
  waysOf,
  writeGroupings,
  writeTotals,
} from './grouping.ts';
export { CALENDAR_END, calendarEvent, calendarHead, type Event } from './icalendar.ts';
export { LABEL_SHEETS, type LabelSheet, labelPlace, labelSheet, MOST_LABELS } from './labels.ts';
export {
  boardFields,
  dayFields,
  fitsLook,
  type ListLayout,
  LOOKS,
  lookOf,
  mapLook,
  PERIODS,
  type Period,
  placeFields,
  readLook,
  STAGE,
  writeLook,
} from './look.ts';
export {
  COLOUR_NAMES,
  MARK_COLOURS,
  type MarkColour,
  type MarkRule,
  marksProblems,
  readMarks,
  writeMarks,
} from './marks.ts';
export {
  asOnePart,
  type Beginning,
  choicesOf,
  type IndexColumn,
  indexOf,
  type ListPart,
  type Positions,
  partsOf,
} from './parts.ts';
export {
  bothOf,
  type Day,
  daysBetween,
  type Entry,
  layWeek,
  type Shown,
  type Stretch,
  shownDays,
  stepPeriod,
  withinDays,
} from './period.ts';
export {
  besideCursor,
  type CompiledList,
  type Cursor,
  compileList,
  compileMarks,
  fromValue,
  type ListAround,
  type ListQuery,
  orderBy,
  type Towards,
} from './query.ts';
export { clausesOn, QUICK, type Quick, quickClause, quickFor, withClause, withoutClausesOn } from './quick.ts';
export { type SaidRecord, sayCell } from './say-cell.ts';
export { sayFilter } from './say-filter.ts';
export { groupValue, sayKey, sayTotal } from './say-group.ts';
export { type Counted, type ManyAction, sayDid, sayReasons, sayWould } from './say-many.ts';
export { readPlace, sayPlace } from './say-place.ts';
export { mayBeSlip, mayHoldNear, nearestIn } from './slips.ts';
export { labelAt, leadsTo } from './sort.ts';
export { shiftedDays, standsOn } from './standing.ts';
export { readWidths, withWidth, writeWidths } from './widths.ts';
export { findText, isUnmarked, recordText, wordsBesides, wordsOfFields } from './words.ts';
export {
  fittingWorked,
  freeKey,
  hasOwnColumns,
  readWorked,
  rollUps,
  type WithWorked,
  type WorkedColumn,
  withFitting,
  withWorked,
  writeWorked,
} from './worked.ts';
