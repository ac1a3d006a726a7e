import { useMutation, useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import type { HolidaySource } from '#contract/index.ts';
import { readDay, showDate, today } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { clockFor, useWorkspace } from '../../data/workspace.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Labelled } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';

interface Props {
  readonly holidays: readonly string[];
  readonly wrong: string | undefined;
  readonly onHolidays: (holidays: string[]) => void;
}

const weekdayOf = (day: string, locale: string): string =>
  new Intl.DateTimeFormat(locale, { weekday: 'short', timeZone: 'UTC' }).format(new Date(`${day}T00:00:00Z`));

/** The days on which nobody works, by year; more of them come from a country, a file, or by hand. */
export const Holidays = ({ holidays, wrong, onHolidays }: Props) => {
  const { workspace } = useWorkspace();
  const { locale } = workspace;
  const [said, setSaid] = useState('');
  const add = (days: readonly string[], from: string): void => {
    const all = [...new Set([...holidays, ...days])].toSorted();
    const more = all.length - holidays.length;
    setSaid(
      more === 0
        ? `All of those ${from} are there already.`
        : `${more} of those ${from} ${more === 1 ? 'was' : 'were'} added.`,
    );
    if (more > 0) onHolidays(all);
  };
  const years = [...new Set(holidays.map((day) => day.slice(0, 4)))].toSorted();
  const thisYear = today(clockFor(workspace)).slice(0, 4);
  return (
    <section aria-labelledby="holidays" className="mt-8">
      <h2 id="holidays" className="head-rule">
        Holidays
      </h2>
      <p className="mt-2 text-ink-2">
        Working days and deadlines leave them out, as they do Saturdays and Sundays.
        {holidays.length > 0 && (years.at(-1) ?? '') <= thisYear && ' Those of next year are not there yet.'}
      </p>
      {wrong !== undefined && <p className="wrong">{wrong}</p>}
      {years.map((year) => (
        <details key={year} open={year >= thisYear} className="mt-3">
          <summary className="font-semibold">
            {year}{' '}
            <span className="font-normal text-ink-2">{holidays.filter((day) => day.startsWith(year)).length}</span>
          </summary>
          <ul className="mt-1 flex flex-wrap gap-1.5" aria-label={`Holidays of ${year}`}>
            {holidays
              .filter((day) => day.startsWith(year))
              .map((day) => (
                <li key={day} className="flex items-center border border-rule bg-paper pl-2">
                  {weekdayOf(day, locale)} {showDate(day, locale)}
                  <IconButton
                    label={`Take ${showDate(day, locale)} out`}
                    icon={X}
                    onClick={() => onHolidays(holidays.filter((each) => each !== day))}
                  />
                </li>
              ))}
          </ul>
        </details>
      ))}
      <div className="mt-4 grid gap-4 sm:grid-cols-2">
        <ByHand
          onDay={(day) => {
            const called = showDate(day, locale);
            setSaid(holidays.includes(day) ? `${called} is there already.` : `${called} was added.`);
            if (!holidays.includes(day)) onHolidays([...holidays, day].toSorted());
          }}
        />
        <FromElsewhere onDays={add} />
      </div>
      <p role="status" className="mt-1 text-ink-2">
        {said}
      </p>
    </section>
  );
};

const ByHand = ({ onDay }: { onDay: (day: string) => void }) => {
  const { workspace } = useWorkspace();
  const [typed, setTyped] = useState('');
  const [isWrong, setWrong] = useState(false);
  const take = (): void => {
    const day = readDay(typed, { locale: workspace.locale, today: today(clockFor(workspace)) });
    setWrong(day === null);
    if (day === null) return;
    setTyped('');
    onDay(day);
  };
  return (
    <Labelled label="Another day" wrong={isWrong ? 'This is no day of the calendar.' : undefined}>
      {(tied) => (
        <span className="flex gap-2">
          <input
            {...tied}
            className="box"
            autoComplete="off"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return;
              event.preventDefault();
              take();
            }}
          />
          <button type="button" className="btn" disabled={typed.trim() === ''} onClick={take}>
            Add
          </button>
        </span>
      )}
    </Labelled>
  );
};

/** Days of a country, or of a file: a calendar, or a day in each line. */
const FromElsewhere = ({ onDays }: { onDays: (days: readonly string[], from: string) => void }) => {
  const { data } = useQuery(queries.countries());
  const [code, setCode] = useState('');
  const [region, setRegion] = useState('');
  const country = data?.countries.find((each) => each.code === code);
  const read = useMutation({
    mutationFn: ({ source }: { source: HolidaySource; from: string }) => call('readHolidays', { body: source }),
    onSuccess: ({ holidays }, { from }) => onDays(holidays, from),
  });
  return (
    <div className="grid content-start gap-4">
      <Labelled label="Those of a country" help="Of this year and the next two.">
        {(tied) => (
          <span className="flex gap-2">
            <select
              {...tied}
              className="box"
              value={code}
              onChange={(event) => {
                setCode(event.target.value);
                setRegion('');
              }}
            >
              <option value="">…</option>
              {data?.countries.map((each) => (
                <option key={each.code} value={each.code}>
                  {each.name}
                </option>
              ))}
            </select>
            {country && country.regions.length > 0 && (
              <select
                className="box"
                aria-label="Part of it"
                value={region}
                onChange={(event) => setRegion(event.target.value)}
              >
                <option value="">the whole of it</option>
                {country.regions.map((each) => (
                  <option key={each.code} value={each.code}>
                    {each.name}
                  </option>
                ))}
              </select>
            )}
            <button
              type="button"
              className="btn"
              disabled={!country || read.isPending}
              onClick={() =>
                country &&
                read.mutate({
                  source: { country: code, ...(region === '' ? {} : { region }) },
                  from: `of ${country.name}`,
                })
              }
            >
              Add
            </button>
          </span>
        )}
      </Labelled>
      <Labelled label="Those of a file" help="A calendar (.ics), or a text with a day in each line.">
        {(tied) => (
          <input
            {...tied}
            type="file"
            accept=".ics,.csv,.txt,text/calendar,text/plain"
            onChange={async (event) => {
              const { currentTarget: input } = event;
              const file = input.files?.[0];
              if (!file) return;
              const text = await file.text();
              input.value = '';
              read.mutate({ source: { text }, from: `in ${file.name}` });
            }}
          />
        )}
      </Labelled>
      <Problems error={read.error} />
    </div>
  );
};
