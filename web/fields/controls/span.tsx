import { CalendarDays } from 'lucide-react';
import { useRef, useState } from 'react';
import { addDays, showDate } from '#core/base/index.ts';
import { behaviourOf, type DaySpan, spanOf, spanStored } from '#core/values/index.ts';
import { type ControlProps, sharedProps } from './control.ts';

interface EndProps {
  readonly label: string;
  readonly day: string;
  readonly least: string | undefined;
  readonly onPick: (day: string) => void;
}

/** One end of a span, picked from a calendar. By keyboard both are typed: it is not one stop more on the way. */
const EndPicker = ({ label, day, least, onPick }: EndProps) => {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <span className="relative">
      <input
        ref={picker}
        type="date"
        className="pointer-events-none absolute bottom-0 right-0 size-px opacity-0"
        tabIndex={-1}
        aria-hidden="true"
        min={least}
        max="9999-12-31"
        value={day}
        onChange={(event) => onPick(event.target.value)}
      />
      <button
        type="button"
        className="btn btn-quiet min-h-7! px-1.5!"
        aria-label={label}
        title={label}
        tabIndex={-1}
        onClick={() => picker.current?.showPicker()}
      >
        <CalendarDays size={16} aria-hidden="true" />
      </button>
    </span>
  );
};

/** The days as they can be typed again. */
const sayDays = ({ from, to }: DaySpan, locale: string): string =>
  from === to ? showDate(from, locale) : `${showDate(from, locale)} to ${showDate(to, locale)}`;

/** Days in a row, typed as people say them (“1–5 Nov”, “today to fri”) or picked end by end; what was understood stands beside. */
export const SpanBox = ({ nights, compact, ...props }: ControlProps & { nights: boolean; compact: boolean }) => {
  const [typed, setTyped] = useState(false);
  const shared = sharedProps(props);
  const { field, value, asTyped, context, onType } = props;
  const behaviour = behaviourOf(field.type);
  const days = spanOf(value);
  const understood = behaviour.show(value, context);
  const pick = (from: string, to: string): void => {
    const least = nights ? addDays(from, 1) : from;
    if (from !== '') onType(spanStored({ from, to: to < least ? least : to }));
  };
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <span className="flex w-80 max-w-full items-center max-sm:w-full">
        <input
          {...shared}
          type="text"
          autoComplete="off"
          placeholder={nights ? 'arriving 1 Nov to 5 Nov' : '1 Nov to 5 Nov'}
          value={asTyped ?? (days ? sayDays(days, context.locale) : '')}
          onChange={(event) => {
            setTyped(true);
            onType(event.target.value);
          }}
        />
        {!compact && (
          <>
            <EndPicker
              label={`${field.label}: choose the first day from a calendar`}
              day={days?.from ?? ''}
              least={undefined}
              onPick={(from) => pick(from, days?.to ?? from)}
            />
            <EndPicker
              label={`${field.label}: choose the last day from a calendar`}
              day={days?.to ?? ''}
              least={days?.from}
              onPick={(to) => pick(days?.from ?? to, to)}
            />
          </>
        )}
      </span>
      {typed && !compact && understood !== '' && (
        <span className="text-[13px] text-ink-2" aria-live="polite">
          {understood}
        </span>
      )}
    </span>
  );
};
