import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Me, RegistrationForm } from '#contract/index.ts';
import { call } from '../../data/client.ts';
import { registrationForm } from '../../data/outside-queries.ts';
import { type KnownWorkspace, MeContext } from '../../data/workspace.ts';
import { FillIn, NO_START } from '../../fields/filling-in/fill-in.tsx';
import type { SendBy } from '../../fields/filling-in/use-sending.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { OutsidePage } from '../../ui/outside-page.tsx';

/** Somebody who is nobody here yet. */
const NOBODY: Me = {
  id: 'nobody',
  kind: 'person',
  name: '',
  email: '',
  roles: [],
  record: null,
  sets_up: [],
  second_step_due: false,
  looked_as_by: null,
};

/** Of a workspace all that a stranger needs: how it writes. */
const workspaceOf = ({ form, workspace }: RegistrationForm): KnownWorkspace => ({
  ...workspace,
  version: 0,
  now: form.now,
  outward: null,
  people: null,
  choice_lists: [],
  registers: [],
  rights: {},
  roles: [],
  forms: [],
  routes: [],
  signed: [],
  given: {},
  clockOffsetMs: Date.parse(form.now) - Date.now(),
});

const registerBy: SendBy = async (key, body) => {
  await call('register', { params: { key }, body });
  return { id: body.id, number: '', register: '', title: '', goes_to: null };
};

/** Strangers register by a form; they come in once they follow the link they are sent. */
export const RegisterScreen = () => {
  const { key = '' } = useParams();
  const { data, error } = useQuery(registrationForm(key));
  const [isSent, setSent] = useState(false);
  const navigate = useNavigate();
  const workspace = useMemo(() => data && workspaceOf(data), [data]);
  const answer = useMemo(() => data && { ...data.form, clockOffsetMs: Date.parse(data.form.now) - Date.now() }, [data]);
  if (isSent || error || !answer || !workspace)
    return (
      <OutsidePage workspace={workspace?.name}>
        {!error && !answer && <Coming />}
        <Problems error={error} />
        {isSent && (
          <>
            <h1 className="head-rule">Look into your mail</h1>
            <p className="mt-3" role="status">
              We have written to the address you gave. Follow the link in that message within a day: then what you
              filled in is stored, and you can sign in.
            </p>
          </>
        )}
        {(isSent || error) && (
          <p className="mt-4">
            <Link className="part" to="/sign-in">
              To signing in
            </Link>
          </p>
        )}
      </OutsidePage>
    );
  return (
    <MeContext value={NOBODY}>
      <main>
        <FillIn
          answer={answer}
          workspace={workspace}
          beginning={NO_START}
          before={null}
          opened={{}}
          kept={null}
          onSent={() => setSent(true)}
          onLeave={() => navigate('/sign-in')}
          sendBy={registerBy}
        />
      </main>
    </MeContext>
  );
};
