import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Country } from '#contract/index.ts';
import { CURRENCIES } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { NewPassword } from '../../ui/password.tsx';
import { localeName, sampleIn, WEEK_BEGINS, weekdayName } from '../../ui/writes-as.ts';

/** The country a browser is likely in: by its time zone, of several with that by its language; else by its language. */
const likely = (countries: readonly Country[]): Country | undefined => {
  const region = new Intl.Locale(navigator.language).maximize().region;
  const there = countries.filter(({ zones }) => zones.includes(ownZone()));
  const spoken = (among: readonly Country[]) => among.find(({ code }) => code === region);
  return spoken(there) ?? there[0] ?? spoken(countries) ?? countries.find(({ code }) => code === 'GB') ?? countries[0];
};

const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** What is offered, the browser's own first where it is none of it: whoever begins there sees what they are used to. */
const withOwn = (offered: readonly string[], own: string | null): readonly string[] =>
  own === null || offered.includes(own) ? offered : [own, ...offered];

interface BeginProps {
  readonly onBegun: () => void;
}

/** The first page of a workspace that has nobody yet: its name, where it is, and its first person. */
export const Begin = ({ onBegun }: BeginProps) => {
  const { data, error } = useQuery(queries.countries());
  const first = data && likely(data.countries);
  if (!first) return error ? <Problems error={error} /> : <Coming />;
  return <BeginForm countries={data.countries} first={first} onBegun={onBegun} />;
};

const BeginForm = ({
  countries,
  first,
  onBegun,
}: BeginProps & { readonly countries: readonly Country[]; readonly first: Country }) => {
  const [country, setCountry] = useState(first);
  const [region, setRegion] = useState('');
  // Of a country that somebody chooses its own are offered.
  const isOwn = country.code === first.code;
  const zones = withOwn(country.zones, isOwn ? ownZone() : null);
  const spoken = [...country.locales, ...(country.locales.includes('en-GB') ? [] : ['en-GB'])];
  const locales = withOwn(spoken, isOwn ? navigator.language : null);
  const begin = useMutation({
    mutationFn: (form: FormData) => {
      const text = (name: string) => String(form.get(name) ?? '').trim();
      return call('begin', {
        body: {
          name: text('name'),
          country: country.code,
          ...(region === '' ? {} : { region }),
          locale: text('locale'),
          zone: text('zone'),
          currency: text('currency'),
          week_begins: Number(text('week_begins')),
          code: text('code'),
          person: { name: text('person'), email: text('email'), password: String(form.get('password') ?? '') },
        },
      });
    },
    onSuccess: onBegun,
  });
  const wrong = (pointer: string) => wrongAt(begin.error, pointer);
  return (
    <>
      <h1 className="head-rule">Begin a workspace</h1>
      <p className="mt-2 text-ink-2">
        Nobody is here yet. Whoever fills this in sets everything up; others are let in later.
      </p>
      <Problems error={begin.error} />
      <form
        className="mt-4 grid gap-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          begin.mutate(new FormData(event.currentTarget));
        }}
      >
        <Labelled
          label="The code from the console"
          help="It was printed where Iolite was started: nobody else can begin it."
          wrong={wrong('#/code')}
        >
          {(tied) => <input {...tied} className="box font-mono" name="code" autoComplete="off" maxLength={20} />}
        </Labelled>
        <Labelled label="Name of the organisation" wrong={wrong('#/name')}>
          {(tied) => <input {...tied} className="box" name="name" autoComplete="organization" maxLength={80} />}
        </Labelled>
        <div className="grid gap-4 sm:grid-cols-2">
          <Labelled label="Country" help="It settles what follows, and the public holidays." wrong={wrong('#/country')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                value={country.code}
                onChange={(event) => {
                  setCountry(countries.find(({ code }) => code === event.target.value) ?? country);
                  setRegion('');
                }}
              >
                {countries.map(({ code, name }) => (
                  <option key={code} value={code}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          {country.regions.length > 0 && (
            <Labelled label="Part of it" help="Where it has holidays of its own." wrong={wrong('#/region')}>
              {(tied) => (
                <select {...tied} className="box" value={region} onChange={(event) => setRegion(event.target.value)}>
                  <option value="">The whole country’s holidays</option>
                  {country.regions.map(({ code, name }) => (
                    <option key={code} value={code}>
                      {name}
                    </option>
                  ))}
                </select>
              )}
            </Labelled>
          )}
        </div>
        <div key={country.code} className="grid gap-4 sm:grid-cols-2">
          <Labelled label="Numbers and dates are written as in" wrong={wrong('#/locale')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                name="locale"
                defaultValue={isOwn && locales.includes(navigator.language) ? navigator.language : locales[0]}
              >
                {locales.map((locale) => (
                  <option key={locale} value={locale}>
                    {localeName(locale)}: {sampleIn(locale)}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          <Labelled label="Time zone" wrong={wrong('#/zone')}>
            {(tied) => (
              <select {...tied} className="box" name="zone" defaultValue={isOwn ? ownZone() : zones[0]}>
                {zones.map((zone) => (
                  <option key={zone} value={zone}>
                    {zone.replaceAll('_', ' ')}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          <Labelled label="Currency" wrong={wrong('#/currency')}>
            {(tied) => (
              <select {...tied} className="box" name="currency" defaultValue={country.currency}>
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
              <select {...tied} className="box" name="week_begins" defaultValue={country.week_begins}>
                {WEEK_BEGINS.map((day) => (
                  <option key={day} value={day}>
                    {weekdayName(day)}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
        </div>
        <h2 className="head-rule mt-2">The first person</h2>
        <Labelled label="Your name" wrong={wrong('#/person/name')}>
          {(tied) => <input {...tied} className="box" name="person" autoComplete="name" maxLength={80} />}
        </Labelled>
        <Labelled label="Your e-mail address" help="You sign in with it." wrong={wrong('#/person/email')}>
          {(tied) => <input {...tied} className="box" name="email" inputMode="email" autoComplete="username" />}
        </Labelled>
        <NewPassword wrong={wrong('#/person/password')} />
        <button type="submit" className="btn btn-go justify-self-start" disabled={begin.isPending}>
          {begin.isPending ? 'Beginning …' : 'Begin'}
        </button>
      </form>
    </>
  );
};
