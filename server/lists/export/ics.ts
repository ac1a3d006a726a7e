import type { RecordAnswer } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import {
  CALENDAR_END,
  calendarEvent,
  calendarHead,
  dayFields,
  type Event,
  type ListLayout,
  lookOf,
  sayCell,
  standsOn,
} from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { heldTraits } from '#core/values/index.ts';
import { invalid } from '../../platform/refusal.ts';
import type { Exported, ListFormat } from './writer.ts';

type Calendar = Extract<ListLayout, { kind: 'calendar' }>;

/** More entries no calendar program shows well. */
const MAX_EVENTS = 10_000;

/** By which of a list's days it is written: those of its calendar, else by the first date it has. */
const calendarOf = ({ look, register, catalogue }: Pick<Exported, 'register' | 'look' | 'catalogue'>): Calendar => {
  const own = lookOf(look, register, catalogue);
  if (own.kind === 'calendar') return own;
  const [first] = dayFields(register);
  if (!first)
    throw invalid([problem('no_date', ['format'], `${register.plural} have no date to stand in a calendar by.`)]);
  return { kind: 'calendar', from: first.key, to: null, period: 'month' };
};

const timeOf = (calendar: Calendar, register: Register, record: RecordAnswer, zone: string): Event['at'] | null => {
  const field = register.fields.find(({ key }) => key === calendar.from);
  const held = record.values[calendar.from];
  if (field && heldTraits(field.type).day === 'moment') return typeof held === 'string' ? { moment: held } : null;
  return standsOn(calendar, register, record.values, zone);
};

const describe = (fields: readonly Field[], record: RecordAnswer, catalogue: Catalogue): string =>
  fields
    .flatMap((field) => {
      const says = sayCell(field, record, catalogue);
      return says === '' || says === record.title ? [] : [`${field.label}: ${says}`];
    })
    .join('\n');

/** iCalendar (RFC 5545): each record on its days; what stands on none is left out. */
export const ics: ListFormat = {
  mediaType: 'text/calendar; charset=utf-8',
  extension: 'ics',
  reads: (exported) => {
    const { from, to } = calendarOf(exported);
    return to === null ? [from] : [from, to];
  },
  most: { count: MAX_EVENTS, says: (most) => `A calendar holds at most ${most} entries. Find fewer.` },
  begin: (to, exported) => {
    const { register, fields, catalogue, title, address } = exported;
    const calendar = calendarOf(exported);
    to.write(calendarHead(title));
    return {
      add: (records) => {
        for (const record of records) {
          const at = timeOf(calendar, register, record, catalogue.zone);
          if (at === null) continue;
          to.write(
            calendarEvent({
              uid: `${record.id}@iolite`,
              at,
              summary: record.title,
              description: describe(fields, record, catalogue),
              url: address === '' ? '' : `${address}/registers/${register.key}/${record.id}`,
              stamp: new Date().toISOString(),
            }),
          );
        }
      },
      end: () => void to.end(CALENDAR_END),
    };
  },
};
