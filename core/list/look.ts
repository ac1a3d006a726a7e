import { ok, type Result } from '../base/index.ts';
import type { Catalogue, Field, Register } from '../register/index.ts';
import { behaviourOf, hasLanes, heldTraits, isPlace } from '../values/index.ts';
import { refuse } from './grouping.ts';
import { leadsTo } from './sort.ts';

/* The looks of a list: a table, cards, a board, a calendar, a map. */

export const PERIODS = ['month', 'week'] as const;
export type Period = (typeof PERIODS)[number];

/** How a list is drawn. */
export type ListLayout =
  | { readonly kind: 'table' }
  | { readonly kind: 'cards' }
  /** A column for each value of a field, or for each stage of sign-off. */
  | { readonly kind: 'board'; readonly by: string }
  /** By a date, a moment or a span of days; or from one date to another. */
  | { readonly kind: 'calendar'; readonly from: string; readonly to: string | null; readonly period: Period }
  | { readonly kind: 'map'; readonly at: string };

export const LOOKS = ['table', 'cards', 'board', 'calendar', 'map'] as const satisfies readonly ListLayout['kind'][];

/** Where a record stands in its sign-off, as a path. */
export const STAGE = 'sign_off.stage';

const TABLE: ListLayout = { kind: 'table' };

/** A look as an address says it: `board:state`, `calendar:arrives/leaves:week`; null where it says none. */
const readParts = (text: string): ListLayout | null => {
  const [kind = '', path = '', period = 'month'] = text.split(':');
  switch (kind) {
    case '':
    case 'table':
    case 'cards':
      return path === '' ? { kind: kind === 'cards' ? 'cards' : 'table' } : null;
    case 'board':
      return path === '' ? null : { kind, by: path };
    case 'calendar': {
      const [from = '', to] = path.split('/');
      const known = PERIODS.find((each) => each === period);
      return from === '' || !known ? null : { kind, from, to: to || null, period: known };
    }
    case 'map':
      return path === '' ? null : { kind, at: path };
    default:
      return null;
  }
};

/** Reads a look as an address says it. */
export const readLook = (text: string): Result<ListLayout> => {
  const look = readParts(text);
  return look ? ok(look) : { ok: false, problems: [refuse('look', `“${text}” is no look of a list.`)] };
};

/** The same as it stands in an address. */
export const writeLook = (look: ListLayout): string => {
  switch (look.kind) {
    case 'table':
    case 'cards':
      return look.kind;
    case 'board':
      return `board:${look.by}`;
    case 'calendar':
      return `calendar:${look.from}${look.to === null ? '' : `/${look.to}`}:${look.period}`;
    case 'map':
      return `map:${look.at}`;
  }
};

/** The fields a board can be by: what has few values of its own, or a person. */
export const boardFields = (register: Register): readonly Field[] =>
  register.fields.filter(({ type }) => hasLanes(behaviourOf(type).value));

/** The fields by which records stand in a calendar. */
export const dayFields = (register: Register): readonly Field[] =>
  register.fields.filter(({ type }) => heldTraits(type).day !== null);

/** The fields that say where something is. */
export const placeFields = (register: Register): readonly Field[] =>
  register.fields.filter(({ type }) => isPlace(type));

const has = (fields: readonly Field[], key: string): boolean => fields.some((field) => field.key === key);

/** Whether a register, as somebody sees it, can be drawn so. */
export const fitsLook = (look: ListLayout, register: Register, catalogue: Catalogue): boolean => {
  switch (look.kind) {
    case 'table':
    case 'cards':
      return true;
    case 'board':
      return look.by === STAGE ? leadsTo(register, STAGE, catalogue) !== null : has(boardFields(register), look.by);
    case 'calendar': {
      const dates = dayFields(register).filter(({ type }) => heldTraits(type).day === 'day');
      return look.to === null ? has(dayFields(register), look.from) : has(dates, look.from) && has(dates, look.to);
    }
    case 'map':
      return has(placeFields(register), look.at);
  }
};

/** The look a view has, as far as the register can be drawn so; else a table. */
export const lookOf = (text: string, register: Register, catalogue: Catalogue): ListLayout => {
  const read = readLook(text);
  return read.ok && fitsLook(read.value, register, catalogue) ? read.value : TABLE;
};

/** A look with the paths in it put otherwise. */
export const mapLook = (look: ListLayout, put: (path: string) => string): ListLayout => {
  switch (look.kind) {
    case 'table':
    case 'cards':
      return look;
    case 'board':
      return { ...look, by: put(look.by) };
    case 'calendar':
      return { ...look, from: put(look.from), to: look.to === null ? null : put(look.to) };
    case 'map':
      return { ...look, at: put(look.at) };
  }
};
