export {
  addDays,
  DAY_MS,
  type Duration,
  dayOf,
  dayOfYear,
  findDate,
  findDuration,
  findTime,
  fromDayMs,
  fromDayNumber,
  isDurationMs,
  makeDate,
  monthOf,
  monthsBetween,
  plusDays,
  plusMonths,
  showDays,
  showMonths,
  toDayMs,
  toDayNumber,
  weekdayOf,
  weekOfYear,
  yearOf,
} from './calendar.ts';
export {
  type Clock,
  findMoment,
  findMomentOf,
  fromLocal,
  isLocale,
  isZone,
  lastMomentOf,
  localDate,
  localTime,
  plusMs,
  showDate,
  showMoment,
  today,
  toEpochMs,
  toLocal,
  toMomentText,
} from './clock.ts';
export { isMonthFirst } from './day-words.ts';
export { Decimal, DIGITS, exactly, findDecimal, round34, roundHalfAway } from './decimal.ts';
export { isUuid, uuidV7 } from './ids.ts';
export { isReservedKey, KEY, toKey } from './keys.ts';
export { findMatch, fromCodes, toCodes } from './pattern/match.ts';
export { type Pattern, parsePattern, toPostgres } from './pattern/parse.ts';
export { perPair, perText } from './remember.ts';
export {
  failed,
  MOST_TOLD,
  ok,
  type Path,
  type Problem,
  problem,
  type Result,
  type Span,
  tellUnknown,
  toPointer,
  unreachable,
  within,
} from './result.ts';
export { readSum } from './sum.ts';
export {
  cleanLine,
  cleanText,
  countCharacters,
  editDistance,
  findNearest,
  foldText,
  joinWords,
  LONGEST_WRITTEN,
  lowerFirst,
  withArticle,
} from './text.ts';
export { readDay } from './typed-day.ts';
export { readMoment, readTime } from './typed-time.ts';
export { addWorkingDays, workingDays } from './working-days.ts';
