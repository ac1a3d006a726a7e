export {
  type Cell,
  type CsvTable,
  MOST_CSV_ROWS,
  readCsv,
  SEPARATORS,
  type Separator,
  writeCsv,
} from './csv.ts';
export { decodeText, type Encoding } from './encoding.ts';
export {
  beginsWith,
  findText,
  findWords,
  foundThrough,
  holdsWord,
  type LinkedFound,
  titleBeginning,
  titledLike,
} from './find.ts';
export {
  afterCursor,
  type CompiledList,
  type Cursor,
  compileList,
  type ListAround,
  type ListQuery,
  orderBy,
  readsPerson,
} from './query.ts';
export { asksForFractions, guessNumbers, readCellOf, type WrittenCells } from './written-cells.ts';
