import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { hasCode, Labelled } from '../../ui/labelled.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { OutsidePage } from '../../ui/outside-page.tsx';
import { Begin } from './begin.tsx';

/** Only a place inside the application is gone to after signing in. */
const safeTarget = (to: string | null): string => (to?.startsWith('/') && !to.startsWith('//') ? to : '/');

interface Given {
  readonly person: string;
  readonly password?: string;
  readonly code?: string;
}

/** Signing in: with a password and where there is one a second step; in the demonstration as any of its people. */
export const SignInScreen = () => {
  const { data, error } = useQuery(queries.session());
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const arrive = (to: string): void => {
    queryClient.clear();
    navigate(to);
  };
  const signIn = useMutation({
    mutationFn: (given: Given) => call('signIn', { body: given }),
    onSuccess: () => arrive(safeTarget(search.get('to'))),
  });
  const isOpen = data && !data.to_begin;
  return (
    <OutsidePage workspace={isOpen ? data.workspace : undefined}>
      {data?.to_begin ? <Begin onBegun={() => arrive('/')} /> : <h1 className="head-rule">Sign in</h1>}
      <Problems error={error} />
      {!data && !error && <Coming />}
      {data?.demonstration && isOpen && (
        <section aria-labelledby="as-whom" className="mt-4">
          <Problems error={signIn.error} />
          <h2 id="as-whom">As one of the demonstration’s people</h2>
          <p className="mb-3 text-ink-2">
            One click signs in, without a password. This is so only in the demonstration.
          </p>
          <ul>
            {data.people.map((person) => (
              <li key={person.email} className="ruled">
                <button
                  type="button"
                  className="flex w-full items-baseline gap-3 px-2 py-2 text-left hover:bg-iolite-wash"
                  onClick={() => signIn.mutate({ person: person.email })}
                >
                  <span className="font-semibold text-iolite-deep">{person.name}</span>
                  <span className="text-ink-2">{person.role}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {isOpen && !data.demonstration && <WithPassword signIn={signIn} />}
      {isOpen && (
        <ul className="mt-5 grid gap-1 border-t border-rule pt-3">
          {data.demonstration && (
            <li>
              <Link className="part" to="/sign-in/password">
                Sign in with a password
              </Link>
            </li>
          )}
          <li>
            <Link className="part" to="/forgotten-password">
              Forgotten password?
            </Link>
          </li>
          {data.devices && (
            <li>
              <Link className="part" to="/device">
                Sign in a shared device by a group’s code
              </Link>
            </li>
          )}
          {data.registrations.map(({ key, label }) => (
            <li key={key}>
              Not here yet?{' '}
              <Link className="part" to={`/register/${key}`}>
                {label}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </OutsidePage>
  );
};

/** Signing in with a password, also in the demonstration: for whoever was invited there and chose one. */
export const PasswordScreen = () => {
  const { data } = useQuery(queries.session());
  const navigate = useNavigate();
  const signIn = useMutation({
    mutationFn: (given: Given) => call('signIn', { body: given }),
    onSuccess: () => {
      queryClient.clear();
      navigate('/');
    },
  });
  return (
    <OutsidePage workspace={data?.workspace}>
      <h1 className="head-rule">Sign in</h1>
      <WithPassword signIn={signIn} />
    </OutsidePage>
  );
};

const focusOnArrival = (box: HTMLInputElement | null): void => box?.focus();

interface WithPasswordProps {
  readonly signIn: {
    readonly error: unknown;
    readonly isPending: boolean;
    readonly mutate: (given: Given) => void;
  };
}

/** Address and password; and once these are right, the code of the second step where there is one. */
const WithPassword = ({ signIn }: WithPasswordProps) => {
  const [given, setGiven] = useState({ person: '', password: '' });
  const asksCode = hasCode(signIn.error, 'second_step') || hasCode(signIn.error, 'second_step_wrong');
  if (asksCode)
    return (
      <form
        key="code"
        className="mt-4 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          signIn.mutate({ ...given, code: String(new FormData(event.currentTarget).get('code') ?? '') });
        }}
      >
        {hasCode(signIn.error, 'second_step_wrong') && <Problems error={signIn.error} />}
        <Labelled
          label="The code your device shows"
          help="Six digits. If the device is lost, write one of your recovery codes."
        >
          {(tied) => (
            <input
              {...tied}
              className="box font-mono"
              name="code"
              ref={focusOnArrival}
              autoComplete="one-time-code"
              required
            />
          )}
        </Labelled>
        <button type="submit" className="btn btn-go justify-self-start" disabled={signIn.isPending}>
          Sign in
        </button>
      </form>
    );
  return (
    <form
      className="mt-4 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate(given);
      }}
    >
      <Problems error={signIn.error} />
      <label className="grid gap-1 font-semibold">
        E-mail address
        <input
          className="box font-normal"
          name="email"
          inputMode="email"
          autoComplete="username"
          required
          value={given.person}
          onChange={(event) => setGiven({ ...given, person: event.target.value })}
        />
      </label>
      <label className="grid gap-1 font-semibold">
        Password
        <input
          className="box font-normal"
          name="password"
          type="password"
          autoComplete="current-password"
          required
          value={given.password}
          onChange={(event) => setGiven({ ...given, password: event.target.value })}
        />
      </label>
      <button type="submit" className="btn btn-go justify-self-start" disabled={signIn.isPending}>
        Sign in
      </button>
    </form>
  );
};
