export {
  addDays,
  type Clock,
  findDate,
  findMoment,
  fromLocal,
  showDate,
  showMoment,
  today,
  toEpochMs,
  toLocal,
  toMomentText,
} from './clock.ts';
export { Decimal, findDecimal, roundHalfAway } from './decimal.ts';
export { isUuid, uuidV7 } from './ids.ts';
export { isReservedKey, KEY, toKey } from './keys.ts';
export {
  failed,
  ok,
  type Path,
  type Problem,
  problem,
  type Result,
  type Span,
  toPointer,
  unreachable,
  within,
} from './result.ts';
export { cleanLine, cleanText, countCharacters, findNearest, foldText, joinWords } from './text.ts';
