import { CalendarDays } from 'lucide-react';
import { useRef, useState } from 'react';
import { behaviourOf, type ValueContext } from '#core/values/index.ts';
import { type ControlProps, sharedProps } from './control.ts';

/** Today as the workspace writes a day without its year: an example of what can be typed. */
const shortDay = ({ locale, today }: ValueContext): string =>
  new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'numeric', timeZone: 'UTC' }).format(
    today === undefined ? Date.now() : new Date(`${today}T12:00:00Z`),
  );

/** A day, typed as people say it (“23/11”, “tomorrow”, “mon”) or picked from a calendar; what was understood stands beside. */
export const DayBox = ({ withTime = false, ...props }: ControlProps & { withTime?: boolean }) => {
  // Once something is typed the note stays: if it went when the box is left, what lies below would move from under the pointer.
  const [typed, setTyped] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const shared = sharedProps(props);
  const { field, value, asTyped, context, onType } = props;
  const understood = behaviourOf(field.type).show(value, context);
  const example = shortDay(context);
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <span className="relative block w-60 max-w-full">
        <input
          {...shared}
          className={`${shared.className} pr-9`}
          type="text"
          autoComplete="off"
          placeholder={withTime ? `${example} 10:40, or today 9:30` : `${example}, tomorrow or mon`}
          value={asTyped ?? understood}
          onChange={(event) => {
            setTyped(true);
            onType(event.target.value);
          }}
        />
        <input
          ref={picker}
          type={withTime ? 'datetime-local' : 'date'}
          className="pointer-events-none absolute bottom-0 right-0 size-px opacity-0"
          tabIndex={-1}
          aria-hidden="true"
          max={withTime ? '9999-12-31T23:59' : '9999-12-31'}
          value={behaviourOf(field.type).edit(value, context)}
          onChange={(event) => onType(event.target.value)}
        />
        <button
          type="button"
          className="btn btn-quiet absolute right-0.5 top-1/2 min-h-7! -translate-y-1/2 px-1.5!"
          aria-label={`${field.label}: choose from a calendar`}
          // By keyboard a day is typed: the calendar is not one stop more on the way.
          tabIndex={-1}
          onClick={() => picker.current?.showPicker()}
        >
          <CalendarDays size={16} aria-hidden="true" />
        </button>
      </span>
      {typed && understood !== '' && (
        <span className="text-[13px] text-ink-2" aria-live="polite">
          {understood}
        </span>
      )}
    </span>
  );
};
