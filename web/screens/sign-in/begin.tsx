import { useMutation } from '@tanstack/react-query';
import { type ReactNode, useId } from 'react';
import { CURRENCIES } from '#core/values/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { Problems } from '../../ui/message.tsx';

/** Where numbers and days are written as in these; the browser's own comes first. */
const LOCALES =
  'en-GB en-US en-AU en-CA en-IE en-IN en-NZ en-ZA de-DE de-AT de-CH fr-FR fr-BE fr-CA fr-CH es-ES es-MX it-IT nl-NL nl-BE da-DK nb-NO sv-SE fi-FI pl-PL pt-PT pt-BR cs-CZ'.split(
    ' ',
  );

/** The currency of a country, where one is likely (ISO 3166 and ISO 4217). */
const CURRENCY_OF: ReadonlyMap<string, string> = new Map(
  'GB GBP US USD AU AUD CA CAD IN INR NZ NZD ZA ZAR CH CHF MX MXN DK DKK NO NOK SE SEK PL PLN BR BRL CZ CZK'
    .match(/[A-Z]{2} [A-Z]{3}/g)
    ?.map((each): [string, string] => [each.slice(0, 2), each.slice(3)]) ?? [],
);

const sampleIn = (locale: string): string =>
  `${new Intl.NumberFormat(locale, { minimumFractionDigits: 2 }).format(1250.5)}, ${new Intl.DateTimeFormat(locale, { dateStyle: 'short', timeZone: 'UTC' }).format(new Date('2026-11-23'))}`;

const nameIn = (locale: string): string => new Intl.DisplayNames('en', { type: 'language' }).of(locale) ?? locale;

interface FieldProps {
  readonly label: string;
  readonly help?: string;
  readonly wrong: string | undefined;
  readonly children: (tied: { id: string; 'aria-describedby': string; 'aria-invalid': boolean }) => ReactNode;
}

const Field = ({ label, help, wrong, children }: FieldProps) => {
  const id = useId();
  const told = `${id}-told`;
  return (
    <div className="grid gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {children({ id, 'aria-describedby': told, 'aria-invalid': wrong !== undefined })}
      <span id={told} className={wrong === undefined ? 'text-[13px] text-ink-2' : 'wrong'}>
        {wrong ?? help}
      </span>
    </div>
  );
};

/** The first page of a workspace that has nobody yet: its name, how it writes, and its first person. */
export const Begin = ({ onBegun }: { onBegun: () => void }) => {
  const own = LOCALES.includes(navigator.language) ? navigator.language : 'en-GB';
  const begin = useMutation({
    mutationFn: (form: FormData) => {
      const text = (name: string) => String(form.get(name) ?? '').trim();
      return call('begin', {
        body: {
          name: text('name'),
          locale: text('locale'),
          zone: text('zone'),
          currency: text('currency'),
          person: { name: text('person'), email: text('email'), password: String(form.get('password') ?? '') },
        },
      });
    },
    onSuccess: onBegun,
  });
  const errors = begin.error instanceof ProblemError ? (begin.error.answer.errors ?? []) : [];
  const wrong = (pointer: string) => errors.find((each) => each.pointer === pointer)?.detail;
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
        <Field label="Name of the organisation" wrong={wrong('#/name')}>
          {(tied) => <input {...tied} className="box" name="name" autoComplete="organization" maxLength={80} />}
        </Field>
        <Field label="Your name" wrong={wrong('#/person/name')}>
          {(tied) => <input {...tied} className="box" name="person" autoComplete="name" maxLength={80} />}
        </Field>
        <Field label="Your e-mail address" help="You sign in with it." wrong={wrong('#/person/email')}>
          {(tied) => <input {...tied} className="box" name="email" inputMode="email" autoComplete="username" />}
        </Field>
        <Field label="Password" help="At least 8 characters." wrong={wrong('#/person/password')}>
          {(tied) => <input {...tied} className="box" name="password" type="password" autoComplete="new-password" />}
        </Field>
        <Field label="Numbers and dates are written as in" wrong={wrong('#/locale')}>
          {(tied) => (
            <select {...tied} className="box" name="locale" defaultValue={own}>
              {LOCALES.map((locale) => (
                <option key={locale} value={locale}>
                  {nameIn(locale)}: {sampleIn(locale)}
                </option>
              ))}
            </select>
          )}
        </Field>
        <div className="grid gap-4 sm:grid-cols-2">
          <Field label="Time zone" wrong={wrong('#/zone')}>
            {(tied) => (
              <select
                {...tied}
                className="box"
                name="zone"
                defaultValue={Intl.DateTimeFormat().resolvedOptions().timeZone}
              >
                {['UTC', ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC')].map((zone) => (
                  <option key={zone} value={zone}>
                    {zone.replaceAll('_', ' ')}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="Currency" wrong={wrong('#/currency')}>
            {(tied) => (
              <select {...tied} className="box" name="currency" defaultValue={CURRENCY_OF.get(own.slice(3)) ?? 'EUR'}>
                {CURRENCIES.map((currency) => (
                  <option key={currency} value={currency}>
                    {currency}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </div>
        <button type="submit" className="btn btn-go justify-self-start" disabled={begin.isPending}>
          {begin.isPending ? 'Beginning …' : 'Begin'}
        </button>
      </form>
    </>
  );
};
