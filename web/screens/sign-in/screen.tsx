import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { Begin } from './begin.tsx';

/** Only a place inside the application is gone to after signing in. */
const safeTarget = (to: string | null): string => (to?.startsWith('/') && !to.startsWith('//') ? to : '/');

/** Signing in: with a password, and in the demonstration as any of its people with one click. */
export const SignInScreen = () => {
  const { data, error } = useQuery(queries.session());
  const [problem, setProblem] = useState<unknown>(null);
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const signIn = async (person: string, password?: string) => {
    try {
      await call('signIn', { body: { person, ...(password === undefined ? {} : { password }) } });
      queryClient.clear();
      navigate(safeTarget(search.get('to')));
    } catch (thrown) {
      setProblem(thrown);
    }
  };
  return (
    <main className="mx-auto max-w-xl px-5 py-14">
      <p className="mb-6 flex items-center gap-2 text-base font-bold">
        <img src="/mark.svg" alt="" width={20} height={18} />
        {data && !data.to_begin ? data.workspace : 'Iolite'}
      </p>
      <div className="border border-rule-strong bg-sheet p-6">
        {data?.to_begin ? (
          <Begin
            onBegun={() => {
              queryClient.clear();
              navigate('/');
            }}
          />
        ) : (
          <h1 className="head-rule">Sign in</h1>
        )}
        <Problems error={problem ?? error} />
        {!data && !error && <Coming />}
        {data?.demonstration && (
          <section aria-labelledby="as-whom" className="mt-4">
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
                    onClick={() => signIn(person.email)}
                  >
                    <span className="font-semibold text-iolite-deep">{person.name}</span>
                    <span className="text-ink-2">{person.role}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
        {data && !data.demonstration && !data.to_begin && (
          <form
            className="mt-4 grid gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              const form = new FormData(event.currentTarget);
              void signIn(String(form.get('email')), String(form.get('password')));
            }}
          >
            <label className="grid gap-1 font-semibold">
              E-mail address
              <input className="box font-normal" name="email" inputMode="email" autoComplete="username" required />
            </label>
            <label className="grid gap-1 font-semibold">
              Password
              <input
                className="box font-normal"
                name="password"
                type="password"
                autoComplete="current-password"
                required
              />
            </label>
            <button type="submit" className="btn btn-go justify-self-start">
              Sign in
            </button>
          </form>
        )}
      </div>
    </main>
  );
};
