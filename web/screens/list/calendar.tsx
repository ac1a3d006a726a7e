import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useQuery } from '@tanstack/react-query';
import type { CSSProperties, KeyboardEvent } from 'react';
import { useSearchParams } from 'react-router';
import type { RecordAnswer } from '#contract/index.ts';
import { addDays, showDate, today } from '#core/base/index.ts';
import {
  bothOf,
  type Day,
  daysBetween,
  type Entry,
  type ListLayout,
  layWeek,
  type Stretch,
  shiftedDays,
  shownDays,
  standsOn,
  stepPeriod,
  withinDays,
} from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import { clockFor, useWorkspace } from '../../data/workspace.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { MarkSign, washOf } from './marks-part.tsx';
import type { Lines } from './record-row.tsx';
import { useMove } from './use-move.ts';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly lines: Lines;
  readonly look: Extract<ListLayout, { kind: 'calendar' }>;
  readonly onWeek: () => void;
}

/** As many are drawn: more nobody reads on a page. */
const MAX_RECORDS = 500;
const LINES = { month: 4, week: 24 } as const;
const MONDAY = 1;

interface Standing extends Entry {
  readonly record: RecordAnswer;
}

/** A list as a calendar: a month or a week, and what stands on its days. Moving an entry changes its days. */
export const Calendar = ({ register, address, lines, look, onWeek }: Props) => {
  const { workspace } = useWorkspace();
  const [search, setSearch] = useSearchParams();
  const now = today(clockFor(workspace));
  const asked = search.get('at') ?? '';
  const day: Day = /^\d{4}-\d{2}-\d{2}$/.test(asked) && !Number.isNaN(Date.parse(asked)) ? asked : now;
  const show = (at: Day): void =>
    setSearch(
      (before) => {
        before.set('at', at);
        return before;
      },
      { replace: true },
    );
  const shown = shownDays(look.period, day, workspace.week_begins ?? MONDAY);
  const all = shown.weeks.flat();
  const [first = '', last = ''] = [all[0], all.at(-1)];
  const field = register.fields.find(({ key }) => key === look.from);
  const filter = field ? bothOf(address.filter, withinDays(look, field, first, last)) : address.filter;
  const within = { ...address, filter, sort: look.from, columns: columnsFor(lines, look) };
  const { data, error } = useQuery(queries.list(register.key, within, MAX_RECORDS));
  const { data: groups } = useQuery({
    ...queries.groups(register.key, { ...within, by: '' }),
    enabled: address.totals !== '',
  });
  const { move, moving, notHere, forget } = useMove(register);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  if (!data) return error ? <Problems error={error} /> : <Coming />;
  const entries: Standing[] = data.records.flatMap((record) => {
    const put = moving.get(record.id);
    const stands = standsOn(look, register, { ...record.values, ...put?.values }, workspace.zone);
    return stands ? [{ id: record.id, record, ...stands }] : [];
  });
  const say = (at: Day): string => showDate(at, workspace.locale);
  const shift = ({ record, from }: Standing, days: number): void => {
    const values = days === 0 ? null : shiftedDays(look, register, record.values, days, workspace.zone);
    if (values) void move({ record, values, was: say(from), is: say(addDays(from, days)), place: 'calendar' });
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    const held: unknown = active.data.current;
    if (over && isHeld(held)) shift(held.entry, daysBetween(held.day, String(over.id)));
  };
  const isMovable = lines.ticks !== null;
  const many = (data.more ? MAX_RECORDS : data.count) ?? data.records.length;
  const write = (n: number): string => n.toLocaleString(workspace.locale);
  return (
    <div className="flex min-h-0 grow flex-col">
      <div className="flex flex-wrap items-center gap-2 px-4 py-2">
        <h2 className="grow text-[16px] font-bold">{titleOf(look.period, shown, workspace.locale)}</h2>
        <button type="button" className="btn btn-quiet" onClick={() => show(stepPeriod(look.period, day, -1))}>
          ← {look.period} before
        </button>
        <button type="button" className="btn btn-quiet" onClick={() => show(now)}>
          This {look.period}
        </button>
        <button type="button" className="btn btn-quiet" onClick={() => show(stepPeriod(look.period, day, 1))}>
          {look.period} after →
        </button>
      </div>
      {(many > MAX_RECORDS || data.next !== null) && (
        <p className="px-4 pb-1 text-straw">
          {data.more ? 'Over ' : ''}
          {write(data.count ?? many)} fall into these days. The first {MAX_RECORDS} are drawn: find fewer, or look at a
          week.
        </p>
      )}
      {notHere && (
        <div role="alert" className="mx-4 mb-2 border-l-4 border-brick bg-brick-wash px-3 py-1.5 text-brick">
          <b>Not there.</b> {notHere.says}{' '}
          <button type="button" className="part" onClick={forget}>
            I have read it
          </button>
        </div>
      )}
      <DndContext sensors={sensors} onDragEnd={onDragEnd} accessibility={{ screenReaderInstructions: KEYS }}>
        <div className="min-h-0 grow overflow-auto px-4 pb-3">
          <section className="calendar" aria-label={titleOf(look.period, shown, workspace.locale)}>
            <div className="calendar-week" aria-hidden="true">
              {(shown.weeks[0] ?? []).map((at) => (
                <span key={at} className="calendar-head">
                  {new Intl.DateTimeFormat(workspace.locale, { weekday: 'short', timeZone: 'UTC' }).format(
                    Date.parse(at),
                  )}
                </span>
              ))}
            </div>
            {shown.weeks.map((week) => {
              const { stretches, more } = layWeek(entries, week, LINES[look.period]);
              return (
                <div
                  key={week[0]}
                  className={`calendar-week ${look.period === 'month' ? 'calendar-month' : 'calendar-long'}`}
                >
                  {week.map((at, cell) => (
                    <DayCell
                      key={at}
                      day={at}
                      column={cell + 1}
                      says={say(at)}
                      isToday={at === now}
                      isOther={at < shown.from || at > shown.to}
                      more={more[cell] ?? 0}
                      onMore={() => {
                        show(at);
                        onWeek();
                      }}
                    />
                  ))}
                  {stretches.map((stretch) => (
                    <Bar
                      key={stretch.entry.id}
                      stretch={stretch}
                      day={week[stretch.first] ?? ''}
                      lines={lines}
                      says={`${say(stretch.entry.from)}${stretch.entry.to === stretch.entry.from ? '' : ` to ${say(stretch.entry.to)}`}`}
                      isMovable={isMovable}
                      onShift={(days) => shift(stretch.entry, days)}
                    />
                  ))}
                </div>
              );
            })}
          </section>
        </div>
      </DndContext>
      <div className="flex flex-wrap items-center gap-x-4 border-t border-rule bg-paper px-4 py-1 text-[13px] text-ink-2 print:hidden">
        <span className="font-semibold text-ink">
          {data.more && 'over '}
          {write(data.count ?? 0)} {((data.count ?? 0) === 1 ? register.singular : register.plural).toLowerCase()}
          {groups?.groups[0]?.totals.map(({ says }, at) => says !== '' && `, ${groups.totals[at] ?? ''} ${says}`)}
        </span>
        {isMovable && (
          <span className="ml-auto max-sm:hidden">
            <kbd className="key">Enter</kbd> opens beside <kbd className="key">Alt ← →</kbd> moves by a day{' '}
            <kbd className="key">Alt ↑ ↓</kbd> by a week
          </span>
        )}
      </div>
    </div>
  );
};

const KEYS = { draggable: 'Alt with an arrow key moves the entry by a day or a week. Enter opens it.' };

/** What is drawn reads the days, whatever columns the list shows. */
const columnsFor = (lines: Lines, { from, to }: Props['look']): string =>
  [...new Set([...lines.columns.map(({ key }) => key), from, ...(to === null ? [] : [to])])].join(',');

const titleOf = (period: 'month' | 'week', { from, to }: { from: Day; to: Day }, locale: string): string =>
  period === 'month'
    ? new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(Date.parse(from))
    : `${showDate(from, locale)} to ${showDate(to, locale)}`;

interface Held {
  readonly entry: Standing;
  /** The day it was taken by. */
  readonly day: Day;
}
const isHeld = (held: unknown): held is Held =>
  typeof held === 'object' && held !== null && 'entry' in held && 'day' in held;

interface DayProps {
  readonly day: Day;
  readonly column: number;
  readonly says: string;
  readonly isToday: boolean;
  readonly isOther: boolean;
  readonly more: number;
  readonly onMore: () => void;
}

const DayCell = ({ day, column, says, isToday, isOther, more, onMore }: DayProps) => {
  const { setNodeRef, isOver } = useDroppable({ id: day });
  return (
    <div
      ref={setNodeRef}
      className={`calendar-day ${isOther ? 'bg-paper text-ink-2' : ''} ${isOver ? 'bg-iolite-wash!' : ''}`}
      style={{ gridColumn: column }}
      title={says}
    >
      <span className={isToday ? 'font-bold text-iolite' : ''}>
        {Number(day.slice(8))}
        {isToday && ' today'}
      </span>
      {more > 0 && (
        <button type="button" className="part absolute bottom-0.5 left-1 text-[12.5px]" onClick={onMore}>
          {more} more<span className="sr-only"> on {says}</span>
        </button>
      )}
    </div>
  );
};

interface BarProps {
  readonly stretch: Stretch<Standing>;
  readonly day: Day;
  readonly lines: Lines;
  readonly says: string;
  readonly isMovable: boolean;
  readonly onShift: (days: number) => void;
}

/** An entry within a week: a line over its days, with what it is called. */
const Bar = ({ stretch, day, lines, says, isMovable, onShift }: BarProps) => {
  const { entry, line, first, days, isBegun, isEnded } = stretch;
  const { record } = entry;
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: `${record.id} ${day}`,
    data: { entry, day } satisfies Held,
    disabled: !isMovable,
  });
  const place: CSSProperties = {
    gridColumn: `${first + 1} / span ${days}`,
    marginTop: 24 + line * 23,
    ...(transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : {}),
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }[event.key];
    if (!event.altKey || by === undefined || !isMovable) return;
    event.preventDefault();
    onShift(by);
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      className={`calendar-bar ${isBegun ? 'calendar-begun' : ''} ${isEnded ? 'calendar-ended' : ''} ${
        record.id === lines.chosen ? 'chosen' : ''
      } ${isDragging ? 'z-30 bg-sheet' : ''} ${washOf(lines.rules, record.mark)}`}
      style={place}
      data-record={record.id}
      aria-label={`${record.title}, ${record.number}, ${says}`}
      onClick={() => lines.onChoose(record.id)}
      onKeyDown={onKeyDown}
    >
      <span className="truncate">{record.title}</span>
      <MarkSign rules={lines.rules} mark={record.mark} />
    </button>
  );
};
