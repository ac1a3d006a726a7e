import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import type { AnswerOf } from '../../data/client.ts';
import { call } from '../../data/client.ts';
import { linkOf } from '../../data/outside-queries.ts';
import { queryClient } from '../../data/queries.ts';
import { wrongAt } from '../../ui/labelled.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { OutsidePage } from '../../ui/outside-page.tsx';
import { NewPassword } from '../../ui/password.tsx';

/**
 * The secret of the address, which no server was told of by opening it. It is taken out of the address, so that it is not
 * left lying; the router goes on knowing it.
 */
const useSecret = (): string => {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash !== '') window.history.replaceState(window.history.state, '', window.location.pathname);
  }, [hash]);
  return hash.slice(1);
};

type LinkAnswer = AnswerOf<'openLink'>;

const HEADS: {
  readonly [K in LinkAnswer['kind']]: { head: string; says: (answer: LinkAnswer) => string; go: string };
} = {
  invitation: {
    head: 'You are invited',
    says: ({ workspace, email }) =>
      `${workspace} lets you in. You sign in with ${email} and the password you choose now.`,
    go: 'Come in',
  },
  registration: {
    head: 'Confirm your address',
    says: ({ workspace, email }) =>
      `${email} is yours. Choose a password: then what you filled in is stored at ${workspace}, and you can see it there.`,
    go: 'Confirm and come in',
  },
  password: {
    head: 'Choose another password',
    says: ({ workspace, email }) => `For ${email} at ${workspace}. Wherever you are signed in now, you are signed out.`,
    go: 'Take this password',
  },
};

/** Where the link of a message leads: to a password, and in. */
export const LinkScreen = () => {
  const secret = useSecret();
  const navigate = useNavigate();
  const [isReset, setReset] = useState(false);
  const link = useQuery(linkOf(secret));
  const choose = useMutation({
    mutationFn: async (password: string) => {
      if (link.data?.kind === 'password') {
        await call('resetPassword', { body: { secret, password } });
        return 'reset' as const;
      }
      await call('acceptInvitation', { params: { secret }, body: { password } });
      return 'in' as const;
    },
    onSuccess: (outcome) => {
      if (outcome === 'reset') return setReset(true);
      queryClient.clear();
      navigate('/');
    },
  });
  const head = link.data ? HEADS[link.data.kind] : null;
  const wrong = wrongAt(choose.error, '#/password');
  return (
    <OutsidePage workspace={link.data?.workspace}>
      {link.isPending && <Coming />}
      {link.error && (
        <>
          <h1 className="head-rule">This link does not work</h1>
          <Problems error={link.error} />
          <ul className="grid gap-1">
            <li>
              <Link className="part" to="/forgotten-password">
                Ask for a link by which to choose another password
              </Link>
            </li>
            <li>
              <Link className="part" to="/sign-in">
                Sign in
              </Link>
            </li>
          </ul>
        </>
      )}
      {isReset && (
        <>
          <h1 className="head-rule">The password was changed</h1>
          <p className="mt-3">
            <Link className="btn btn-go" to="/sign-in">
              Sign in with it
            </Link>
          </p>
        </>
      )}
      {link.data && head && !isReset && (
        <>
          <h1 className="head-rule">{head.head}</h1>
          <p className="mt-2">Hello {link.data.name}.</p>
          <p className="text-ink-2">{head.says(link.data)}</p>
          {wrong === undefined && <Problems error={choose.error} />}
          <form
            className="mt-4 grid gap-4"
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              choose.mutate(String(new FormData(event.currentTarget).get('password') ?? ''));
            }}
          >
            {/* So that a browser keeps the password with the address it is for. */}
            <input
              className="sr-only"
              tabIndex={-1}
              aria-hidden="true"
              readOnly
              autoComplete="username"
              value={link.data.email}
            />
            <NewPassword wrong={wrong} />
            <button type="submit" className="btn btn-go justify-self-start" disabled={choose.isPending}>
              {head.go}
            </button>
          </form>
        </>
      )}
    </OutsidePage>
  );
};
