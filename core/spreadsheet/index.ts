export { decodeText, ENCODINGS, type Encoding, isPlainAscii } from './encoding.ts';
export {
  type FittedRow,
  type Fitting,
  fitRow,
  namesToFind,
  prepareFitting,
  sayFitted,
  type Wrong,
  withWritten,
} from './fit.ts';
export {
  checkGrid,
  type Grid,
  isEmptyRow,
  LARGEST_SPREADSHEET,
  MOST_CELLS,
  MOST_COLUMNS,
  MOST_ROWS,
  tooWide,
} from './grid.ts';
export {
  type Because,
  type FindNamed,
  type Guess,
  guessInto,
  guessNew,
  listFor,
  type Named,
  type Parted,
  partGrid,
} from './guess.ts';
export { guessHead, letterOf } from './guess-head.ts';
export { calledAnew, nameOfFile } from './guess-name.ts';
export { catalogueAfter, fieldOfColumn, madeLists, madeRegister } from './made.ts';
export {
  type ColumnPlan,
  type FillingColumn,
  type GivenPlan,
  givenPlanSchema,
  type ImportPlan,
  isFilling,
  keptGivenSchema,
  keptPlanSchema,
  type Mends,
  type NewColumn,
  type NewList,
  NO_MENDS,
  planSchema,
  type ReadingPlan,
  readingSchema,
  type TakenAs,
  withGiven,
} from './plan.ts';
export { planProblems } from './plan-problems.ts';
export { type Profile, profileOf } from './profile.ts';
export { readText, SEPARATORS, type Separator } from './read-text.ts';
export { sayBecause, sayHolds, sayMisfits, sayNot } from './say.ts';
export { nearestName, type Suggested, suggestText } from './suggest-mend.ts';
export { type Alike, type Besides, type Misfits, Tally, Twice } from './tally.ts';
export {
  asksForFractions,
  asWrittenHere,
  guessDays,
  guessNumbers,
  guessYears,
  howWritten,
  readCellOf,
  type WrittenCells,
  type YearsMeant,
} from './written-cells.ts';
