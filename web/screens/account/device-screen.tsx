import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { Labelled } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { OutsidePage } from '../../ui/outside-page.tsx';

/** A device that several share is signed in by a group's code. */
export const DeviceScreen = () => {
  const { data } = useQuery(queries.session());
  const navigate = useNavigate();
  const enter = useMutation({
    mutationFn: (code: string) => call('signInDevice', { body: { code } }),
    onSuccess: () => {
      queryClient.clear();
      navigate('/');
    },
  });
  return (
    <OutsidePage workspace={data?.workspace}>
      <h1 className="head-rule">Sign this device in</h1>
      <p className="mt-2 text-ink-2">
        For a device that several share. Whoever fills in a form on it gives their name there.
      </p>
      <Problems error={enter.error} />
      <form
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          enter.mutate(String(new FormData(event.currentTarget).get('code') ?? ''));
        }}
      >
        <Labelled label="The group’s code" help="6 to 12 digits.">
          {(tied) => (
            <input
              {...tied}
              className="box font-mono text-lg tracking-widest"
              name="code"
              inputMode="numeric"
              autoComplete="off"
              maxLength={16}
              required
            />
          )}
        </Labelled>
        <button type="submit" className="btn btn-go justify-self-start" disabled={enter.isPending}>
          Sign in
        </button>
      </form>
      <p className="mt-4">
        <Link className="part" to="/sign-in">
          Sign in as yourself
        </Link>
      </p>
    </OutsidePage>
  );
};
