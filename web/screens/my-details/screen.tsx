import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import type { OwnDetails } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { call, type InputOf } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { NewPassword } from '../../ui/password.tsx';
import { SecondStep } from './second-step.tsx';

/** One's own account: how one is called and written to, what one signs in with, and where one is signed in. */
export const MyDetailsScreen = () => {
  const { data, error } = useQuery(queries.ownDetails());
  if (!data) return error ? <Problems error={error} /> : <Coming />;
  return (
    <div className="grid content-start gap-x-12 gap-y-8 overflow-auto p-6 lg:grid-cols-2">
      <header className="lg:col-span-2">
        <h1>My details</h1>
        <p className="text-ink-2">You sign in with {data.email}.</p>
      </header>
      <div className="grid content-start gap-8">
        <Own details={data} />
        <Password details={data} />
      </div>
      <div className="grid content-start gap-8">
        <section aria-labelledby="second-step">
          <h2 id="second-step" className="head-rule mb-3">
            Second step
          </h2>
          <SecondStep details={data} />
        </section>
        <Sessions />
      </div>
    </div>
  );
};

const Own = ({ details }: { details: OwnDetails }) => {
  const change = useMutation({
    mutationFn: (body: NonNullable<InputOf<'changeOwnDetails'>['body']>) => call('changeOwnDetails', { body }),
    onSuccess: async (answer) => {
      queryClient.setQueryData(queries.ownDetails().queryKey, answer);
      await readAnew('session');
    },
  });
  return (
    <section aria-labelledby="own">
      <h2 id="own" className="head-rule">
        Name and messages
      </h2>
      <form
        className="mt-3 grid max-w-md gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          change.mutate({
            name: String(form.get('name') ?? ''),
            telephone: String(form.get('telephone') ?? ''),
            told_of_signing: form.get('told') === 'daily' ? 'daily' : 'at_once',
          });
        }}
      >
        <Labelled label="Name" wrong={wrongAt(change.error, '#/name')}>
          {(tied) => (
            <input
              {...tied}
              className="box"
              name="name"
              autoComplete="name"
              maxLength={80}
              defaultValue={details.name}
            />
          )}
        </Labelled>
        <Labelled label="Telephone" wrong={wrongAt(change.error, '#/telephone')}>
          {(tied) => (
            <input
              {...tied}
              className="box"
              name="telephone"
              autoComplete="tel"
              maxLength={40}
              defaultValue={details.telephone}
            />
          )}
        </Labelled>
        <fieldset>
          <legend className="font-semibold">What waits for me is written to me</legend>
          {(
            [
              ['at_once', 'at once'],
              ['daily', 'once a day, all together'],
            ] as const
          ).map(([value, label]) => (
            <label key={value} className="flex min-h-8 items-center gap-2">
              <input type="radio" name="told" value={value} defaultChecked={details.told_of_signing === value} />
              {label}
            </label>
          ))}
        </fieldset>
        <p className="flex items-center gap-3">
          <button type="submit" className="btn btn-go" disabled={change.isPending}>
            Store
          </button>
          <span role="status" className="text-kelp">
            {change.isSuccess && 'Stored.'}
          </span>
        </p>
      </form>
    </section>
  );
};

const Password = ({ details }: { details: OwnDetails }) => {
  const form = useRef<HTMLFormElement>(null);
  const change = useMutation({
    mutationFn: (body: { before: string; password: string }) => call('changePassword', { body }),
    onSuccess: async () => {
      form.current?.reset();
      await readAnew('own-sessions');
    },
  });
  const [before, password] = [wrongAt(change.error, '#/before'), wrongAt(change.error, '#/password')];
  return (
    <section aria-labelledby="password">
      <h2 id="password" className="head-rule">
        Password
      </h2>
      {details.has_password ? (
        <form
          ref={form}
          className="mt-3 grid max-w-md gap-3"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            const given = new FormData(event.currentTarget);
            change.mutate({ before: String(given.get('before') ?? ''), password: String(given.get('password') ?? '') });
          }}
        >
          {before === undefined && password === undefined && <Problems error={change.error} />}
          <Labelled label="The password you have" wrong={before}>
            {(tied) => (
              <input {...tied} className="box" name="before" type="password" autoComplete="current-password" />
            )}
          </Labelled>
          <NewPassword label="Another password" wrong={password} />
          <p className="flex flex-wrap items-center gap-3">
            <button type="submit" className="btn btn-go" disabled={change.isPending}>
              Change the password
            </button>
            <span role="status" className="text-kelp">
              {change.isSuccess && 'Changed. Wherever else you were signed in, you are signed out.'}
            </span>
          </p>
        </form>
      ) : (
        <p className="mt-3 text-ink-2">
          You have none: you signed in by the demonstration’s click. “Forgotten password?”, where you sign in, sends you
          a link by which to choose one.
        </p>
      )}
    </section>
  );
};

const Sessions = () => {
  const { data } = useQuery(queries.ownSessions());
  const { workspace } = useWorkspace();
  const navigate = useNavigate();
  const end = useMutation({
    mutationFn: (id: string) => call('endOwnSession', { params: { id } }),
    onSuccess: () => readAnew('own-sessions'),
  });
  const endAll = useMutation({
    mutationFn: () => call('endOwnSessions'),
    onSuccess: () => {
      queryClient.clear();
      navigate('/sign-in');
    },
  });
  const say = (moment: string): string => showMoment(moment, workspace.zone, workspace.locale);
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" className="head-rule">
        Where I am signed in
      </h2>
      <Problems error={end.error ?? endAll.error} />
      <ul>
        {data?.sessions.map(({ id, device, begun_at, seen_at, own }) => (
          <li key={id} className="ruled flex flex-wrap items-center gap-x-4 py-2">
            <span className="grow">
              <span className="block font-semibold">{device}</span>
              <span className="block text-[13px] text-ink-2">
                since {say(begun_at)}, last seen {say(seen_at)}
              </span>
            </span>
            {own ? (
              <span className="stamp stamp-approved">This one</span>
            ) : (
              <button
                type="button"
                className="part"
                aria-label={`Sign out there: ${device}, since ${say(begun_at)}`}
                disabled={end.isPending}
                onClick={() => end.mutate(id)}
              >
                Sign out there
              </button>
            )}
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-4" disabled={endAll.isPending} onClick={() => endAll.mutate()}>
        Sign out everywhere
      </button>
    </section>
  );
};
