import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { Labelled } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { OutsidePage } from '../../ui/outside-page.tsx';

/** A link for a forgotten password: who asks is told the same, whether or not the address is known. */
export const ForgottenScreen = () => {
  const { data } = useQuery(queries.session());
  const ask = useMutation({ mutationFn: (email: string) => call('forgotPassword', { body: { email } }) });
  return (
    <OutsidePage workspace={data?.workspace}>
      <h1 className="head-rule">Forgotten password</h1>
      {ask.isSuccess ? (
        <p className="mt-3" role="status">
          If {ask.variables} can sign in here, a link is on its way there. It works once, and for 30 minutes.
        </p>
      ) : (
        <>
          <Problems error={ask.error} />
          <form
            className="mt-4 grid gap-4"
            onSubmit={(event) => {
              event.preventDefault();
              ask.mutate(String(new FormData(event.currentTarget).get('email') ?? '').trim());
            }}
          >
            <Labelled label="Your e-mail address" help="A link is sent there by which you choose another password.">
              {(tied) => (
                <input {...tied} className="box" name="email" inputMode="email" autoComplete="username" required />
              )}
            </Labelled>
            <button type="submit" className="btn btn-go justify-self-start" disabled={ask.isPending}>
              Send me a link
            </button>
          </form>
        </>
      )}
      <p className="mt-4">
        <Link className="part" to="/sign-in">
          Back to signing in
        </Link>
      </p>
    </OutsidePage>
  );
};
