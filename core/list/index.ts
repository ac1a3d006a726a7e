export { type Cell, type CsvTable, MOST_CSV_ROWS, readCsv, writeCsv } from './csv.ts';
export {
  afterCursor,
  type CompiledList,
  type Cursor,
  compileList,
  findText,
  findWords,
  type ListQuery,
  orderBy,
} from './query.ts';
