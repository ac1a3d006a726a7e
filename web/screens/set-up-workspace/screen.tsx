import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Settings } from '#contract/index.ts';
import { CURRENCIES } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { localeName, sampleIn, WEEK_BEGINS, weekdayName } from '../../ui/writes-as.ts';
import { Holidays } from './holidays.tsx';

type Kept = ReturnType<typeof useWorkspace>['workspace'];

const settingsOf = ({ name, locale, zone, currency, week_begins, holidays, version }: Kept): Settings => ({
  name,
  locale,
  zone,
  currency,
  week_begins,
  holidays: [...holidays],
  version,
});

const alike = (one: Settings, other: Settings): boolean =>
  JSON.stringify({ ...one, version: 0 }) === JSON.stringify({ ...other, version: 0 });

const byName = (one: string, other: string): number => localeName(one).localeCompare(localeName(other), 'en');

/** Set-up: how the workspace is called and writes, and when nobody works. */
export const SetUpWorkspaceScreen = () => {
  const { workspace } = useWorkspace();
  const kept = settingsOf(workspace);
  /** What was changed and not kept yet, from the version it was looked at in. */
  const [draft, setDraft] = useState<Settings | null>(null);
  const now = draft ?? kept;
  const change = (to: Partial<Settings>): void => {
    keep.reset();
    const next = { ...now, ...to };
    setDraft(alike(next, kept) ? null : next);
  };
  const keep = useMutation({
    mutationFn: (settings: Settings) => call('keepSettings', { body: settings }),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: ['workspace'] });
      setDraft(null);
    },
  });
  const { data } = useQuery(queries.countries());
  const offered = (of: (country: NonNullable<typeof data>['countries'][number]) => readonly string[], own: string) => [
    ...new Set([own, ...(data?.countries ?? []).flatMap(of)]),
  ];
  const wrong = (pointer: string) => wrongAt(keep.error, pointer);
  const holidaysWrong = wrong('#/holidays');
  return (
    <div className="overflow-auto px-6 pt-6">
      <form
        noValidate
        className="max-w-3xl"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate(now);
        }}
      >
        <h1 className="head-rule">Workspace</h1>
        <Problems error={keep.error} />
        <div className="mt-4 grid gap-4 sm:grid-cols-2">
          <Labelled label="Name of the organisation" help="It stands at the top of every page." wrong={wrong('#/name')}>
            {(tied) => (
              <input
                {...tied}
                className="box"
                maxLength={80}
                value={now.name}
                onChange={(event) => change({ name: event.target.value })}
              />
            )}
          </Labelled>
          <Labelled label="Numbers and dates are written as in" help={sampleIn(now.locale)} wrong={wrong('#/locale')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                value={now.locale}
                onChange={(event) => change({ locale: event.target.value })}
              >
                {offered((country) => country.locales, now.locale)
                  .toSorted(byName)
                  .map((locale) => (
                    <option key={locale} value={locale}>
                      {localeName(locale)}
                    </option>
                  ))}
              </select>
            )}
          </Labelled>
          <Labelled label="Time zone" help="Days begin and end in it." wrong={wrong('#/zone')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                value={now.zone}
                onChange={(event) => change({ zone: event.target.value })}
              >
                {offered((country) => country.zones, now.zone)
                  .toSorted()
                  .map((zone) => (
                    <option key={zone} value={zone}>
                      {zone.replaceAll('_', ' ')}
                    </option>
                  ))}
              </select>
            )}
          </Labelled>
          <Labelled
            label="Currency"
            help="New fields of money begin with it. Fields that are there keep their own."
            wrong={wrong('#/currency')}
          >
            {(tied) => (
              <select
                {...tied}
                className="box"
                value={now.currency}
                onChange={(event) => change({ currency: event.target.value })}
              >
                {CURRENCIES.map((currency) => (
                  <option key={currency} value={currency}>
                    {currency}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          <Labelled label="A week begins on" wrong={wrong('#/week_begins')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                value={now.week_begins ?? ''}
                onChange={(event) =>
                  change({ week_begins: event.target.value === '' ? null : Number(event.target.value) })
                }
              >
                <option value="">the day that is usual there</option>
                {WEEK_BEGINS.map((day) => (
                  <option key={day} value={day}>
                    {weekdayName(day)}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
        </div>
        <Holidays holidays={now.holidays} wrong={holidaysWrong} onHolidays={(holidays) => change({ holidays })} />
        <p className="mt-6 text-[13px] text-ink-2">
          The address of Iolite, where mail is handed to and where backups go are settings of its server:
          docs/running.md.
        </p>
        <div className="sticky bottom-0 mt-4 flex items-center gap-4 border-t border-rule-strong bg-sheet py-3">
          <button type="submit" className="btn btn-go" disabled={draft === null || keep.isPending}>
            {keep.isPending ? 'Keeping …' : 'Keep'}
          </button>
          {draft !== null && (
            <button
              type="button"
              className="btn btn-quiet"
              onClick={() => {
                keep.reset();
                setDraft(null);
              }}
            >
              Take back
            </button>
          )}
          <p role="status" className="text-ink-2">
            {draft !== null ? 'Not kept yet.' : keep.isSuccess ? 'Kept.' : ''}
          </p>
        </div>
      </form>
    </div>
  );
};
