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
