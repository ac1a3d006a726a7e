import { useMutation, useQuery } from '@tanstack/react-query';
import { memo, useMemo, useState } from 'react';
import type { Settings } from '#contract/index.ts';
import { CURRENCIES } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { localeName, sampleIn, WEEK_BEGINS, weekdayName } from '../../ui/writes-as.ts';
import { Holidays } from './holidays.tsx';

type Kept = ReturnType<typeof useWorkspace>['workspace'];

const settingsOf = ({ name, locale, zone, currency, week_begins, outward, holidays, version }: Kept): Settings => ({
  name,
  locale,
  zone,
  currency,
  week_begins,
  address: outward?.address ?? null,
  mail_from: outward?.mail_from ?? null,
  holidays: [...holidays],
  version,
});

const alike = (one: Settings, other: Settings): boolean =>
  JSON.stringify({ ...one, version: 0 }) === JSON.stringify({ ...other, version: 0 });

/** What is offered, in the order of what it is called. */
const inOrder = (offered: readonly string[], say: (option: string) => string): readonly string[] => {
  const { compare } = new Intl.Collator('en');
  return [...new Set(offered)]
    .map((option) => [option, say(option)] as const)
    .sort(([, one], [, other]) => compare(one, other))
    .map(([option]) => option);
};
const zoneName = (zone: string): string => zone.replaceAll('_', ' ');
const itself = (option: string): string => option;

/** Set-up: how the workspace is called and writes, and when nobody works. */
export const SetUpWorkspaceScreen = () => {
  const { workspace } = useWorkspace();
  const kept = settingsOf(workspace);
  /** What was changed and not kept yet: over what stands there now, as others may change the rest meanwhile. */
  const [draft, setDraft] = useState<Partial<Settings> | null>(null);
  const now = { ...kept, ...draft };
  const change = (to: Partial<Settings>): void => {
    keep.reset();
    const next = { ...draft, ...to };
    setDraft(alike({ ...kept, ...next }, kept) ? null : next);
  };
  const keep = useMutation({
    mutationFn: (settings: Settings) => call('keepSettings', { body: settings }),
    onSuccess: async () => {
      await readAnew('workspace');
      setDraft(null);
    },
  });
  const { data } = useQuery(queries.countries());
  // There are hundreds of each: put in order as they come, not with every key.
  const [locales, zones] = useMemo(() => {
    const countries = data?.countries ?? [];
    return [
      inOrder([workspace.locale, ...countries.flatMap((country) => country.locales)], localeName),
      inOrder([workspace.zone, ...countries.flatMap((country) => country.zones)], zoneName),
    ];
  }, [data, workspace.locale, workspace.zone]);
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
          <Chosen
            label="Numbers and dates are written as in"
            help={sampleIn(now.locale)}
            wrong={wrong('#/locale')}
            value={now.locale}
            options={locales}
            say={localeName}
            onChosen={(locale) => change({ locale })}
          />
          <Chosen
            label="Time zone"
            help="Days begin and end in it."
            wrong={wrong('#/zone')}
            value={now.zone}
            options={zones}
            say={zoneName}
            onChosen={(zone) => change({ zone })}
          />
          <Chosen
            label="Currency"
            help="New fields of money begin with it. Fields that are there keep their own."
            wrong={wrong('#/currency')}
            value={now.currency}
            options={CURRENCIES}
            say={itself}
            onChosen={(currency) => change({ currency })}
          />
          <Chosen
            label="A week begins on"
            help=""
            wrong={wrong('#/week_begins')}
            value={String(now.week_begins ?? '')}
            options={['', ...WEEK_BEGINS.map(String)]}
            say={(day) => (day === '' ? 'the day that is usual there' : weekdayName(Number(day)))}
            onChosen={(day) => change({ week_begins: day === '' ? null : Number(day) })}
          />
        </div>
        <h2 className="head-rule mt-8">Outside</h2>
        <div className="mt-4 grid gap-4 sm:grid-cols-2">
          <Outside
            label="Address of Iolite"
            help="Links in mail, calendars and files begin with it."
            example="https://forms.example.org"
            wrong={wrong('#/address')}
            value={now.address}
            told={workspace.outward?.told.address ?? null}
            mayChange={workspace.outward?.may_change ?? false}
            onValue={(address) => change({ address })}
          />
          <Outside
            label="Mail comes from"
            help={
              workspace.outward?.sends
                ? 'A name, and an address to which answers go.'
                : 'Mail leaves once the server is told where to hand it to (docs/running.md). Until then it is read in the post room.'
            }
            example={`${kept.name} <office@example.org>`}
            wrong={wrong('#/mail_from')}
            value={now.mail_from}
            told={workspace.outward?.told.mail_from ?? null}
            mayChange={workspace.outward?.may_change ?? false}
            onValue={(from) => change({ mail_from: from })}
          />
        </div>
        <Holidays holidays={now.holidays} wrong={holidaysWrong} onHolidays={(holidays) => change({ holidays })} />
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

interface OutsideProps {
  readonly label: string;
  readonly help: string;
  readonly example: string;
  readonly wrong: string | undefined;
  readonly value: string | null;
  /** What the server's settings say, which counts more. */
  readonly told: string | null;
  readonly mayChange: boolean;
  readonly onValue: (value: string | null) => void;
}

/** How the workspace is known outside, in words of one's own where the server's settings do not say. */
const Outside = ({ label, help, example, wrong, value, told, mayChange, onValue }: OutsideProps) => (
  <Labelled
    label={label}
    help={
      told !== null
        ? 'The settings of the server say so.'
        : mayChange
          ? help
          : 'Those who set up people and roles say so, as secrets are sent by it.'
    }
    wrong={wrong}
  >
    {(tied) => (
      <input
        {...tied}
        className="box"
        maxLength={320}
        placeholder={example}
        readOnly={told !== null || !mayChange}
        value={told ?? value ?? ''}
        onChange={(event) => onValue(event.target.value === '' ? null : event.target.value)}
      />
    )}
  </Labelled>
);

interface ChosenProps {
  readonly label: string;
  readonly help: string;
  readonly wrong: string | undefined;
  readonly value: string;
  readonly options: readonly string[];
  readonly say: (option: string) => string;
  readonly onChosen: (option: string) => void;
}

/** One of the settings that is chosen from what there is. */
const Chosen = ({ label, help, wrong, value, options, say, onChosen }: ChosenProps) => (
  <Labelled label={label} help={help} wrong={wrong}>
    {(tied) => (
      <select {...tied} className="box" value={value} onChange={(event) => onChosen(event.target.value)}>
        <Options options={options} say={say} />
      </select>
    )}
  </Labelled>
);

/** Drawn once for as long as they are the same. */
const Options = memo(({ options, say }: Pick<ChosenProps, 'options' | 'say'>) =>
  options.map((option) => (
    <option key={option} value={option}>
      {say(option)}
    </option>
  )),
);
