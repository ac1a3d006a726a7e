import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { z } from 'zod';
import type { PeopleAnswer, WorkspaceChanges } from '#contract/index.ts';
import { type Role, roleSchema } from '#core/access/index.ts';
import { toKey } from '#core/base/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { CarryOutPlan } from '../../fields/set-up/carry-out-plan.tsx';
import { Coming } from '../../ui/message.tsx';
import { SetUpProblems } from '../../ui/set-up-problems.tsx';
import { EditingNotice, UndoButtons, useEditing } from '../../ui/undo.tsx';
import { AccessMatrix } from './access-matrix.tsx';
import { NewGroupDialog } from './group-dialog.tsx';
import { InviteDialog, PasteDialog } from './invite-dialogs.tsx';
import { LookedAt } from './looked-at.tsx';
import { NewlyPassedOn } from './newly-passed-on.tsx';
import { PeopleList } from './people-list.tsx';
import { RolePanel } from './role-panel.tsx';
import { TokenDialog } from './token-dialog.tsx';
import { WhoMeIs } from './who-me-is.tsx';

/** Set-up: who there is, what their roles let them see and do, and what a change of a role would mean for them. */
export const SetUpPeopleScreen = () => {
  const { data } = useQuery(queries.people());
  if (!data) return <Coming />;
  // Roles that were changed by somebody begin the editor anew.
  return <Editor key={JSON.stringify([data.roles, data.forms, data.people_register])} answer={data} />;
};

/** A role as it is changed here beside those that are. */
const withRole = (roles: readonly Role[], role: Role): Role[] =>
  roles.some(({ key }) => key === role.key)
    ? roles.map((each) => (each.key === role.key ? role : each))
    : [...roles, role];

/** What is changed here: the roles, who fills in which form, and whose records people are. */
export interface PeopleDraft {
  readonly roles: readonly Role[];
  readonly fills: Readonly<Record<string, readonly string[]>>;
  readonly people: PeopleAnswer['people_register'];
}

/** What was changed here, as it was kept on this device: ours, or nothing. */
const peopleDraftSchema = z.custom<PeopleDraft>(
  (value) =>
    z
      .object({
        roles: z.array(roleSchema),
        fills: z.record(z.string(), z.array(z.string())),
        people: z.object({ register: z.string(), email: z.string() }).nullable(),
      })
      .safeParse(value).success,
);

const draftOf = (answer: PeopleAnswer): PeopleDraft => ({
  roles: answer.roles,
  fills: Object.fromEntries(answer.forms.map(({ key, roles }) => [key, roles])),
  people: answer.people_register,
});

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

const Editor = ({ answer }: { answer: PeopleAnswer }) => {
  const { workspace } = useWorkspace();
  const navigate = useNavigate();
  const { role: chosen } = useParams();
  const [start] = useState(() => draftOf(answer));
  const editing = useEditing(start, { as: 'people', base: JSON.stringify(start), schema: peopleDraftSchema });
  const [dialog, setDialog] = useState<'invite' | 'paste' | 'group' | 'token' | null>(null);
  const [done, setDone] = useState('');
  const close = (): void => setDialog(null);
  const { now: draft } = editing;
  const { roles, people } = draft;
  const catalogue = useMemo(
    () => catalogueOf({ ...workspace, people, registers: answer.registers, choice_lists: answer.choice_lists }),
    [workspace, people, answer],
  );
  const changed = roles.filter(
    (role) =>
      !same(
        role,
        start.roles.find(({ key }) => key === role.key),
      ),
  );
  const filled = Object.entries(draft.fills).filter(([form, by]) => !same(by, start.fills[form]));
  const isMoved = !same(people, start.people);
  const count = changed.length + filled.length + (isMoved ? 1 : 0);
  const changes: WorkspaceChanges = {
    version: workspace.version,
    roles: changed,
    fill_in: filled.map(([form, by]) => ({ form, roles: [...by] })),
    ...(isMoved ? { people } : {}),
  };
  const rehearse = useMutation({ mutationFn: () => call('rehearse', { body: changes }) });
  const carryOut = useMutation({
    mutationFn: () => call('carryOut', { body: changes }),
    onSuccess: async () => {
      editing.settle(JSON.stringify(draft));
      await readAnew('workspace', 'people');
    },
  });
  // What was rehearsed is not what would be carried out any more.
  const { reset: unrehearse } = rehearse;
  useEffect(() => {
    if (draft !== start) unrehearse();
  }, [draft, start, unrehearse]);
  const role = roles.find(({ key }) => key === chosen) ?? roles.at(-1);
  const put = (next: Role, place?: string): void =>
    editing.edit((before) => ({ ...before, roles: withRole(before.roles, next) }), place);
  const add = (): void => {
    const key = toKey('new role', new Set(roles.map((each) => each.key)));
    put({ key, label: 'New role', sets_up: [], registers: {} });
    navigate(`/set-up/people/${key}`);
  };
  const many = (count: number, one: string, some: string): string => `${count} ${count === 1 ? one : some}`;
  return (
    <div className="flex min-h-0 grow flex-col">
      <header className="flex flex-wrap items-center gap-3 border-b border-rule px-6 py-3">
        <div className="grow">
          <h1>People &amp; roles</h1>
          <p className="text-ink-2">
            {many(answer.people.filter(({ kind }) => kind === 'person').length, 'person', 'people')},{' '}
            {many(roles.length, 'role', 'roles')}.
            {count > 0 && ` ${many(count, 'change is', 'changes are')} not carried out yet.`}
          </p>
        </div>
        <UndoButtons editing={editing} />
        <button type="button" className="btn" onClick={() => setDialog('paste')}>
          Invite many
        </button>
        <button type="button" className="btn" onClick={() => setDialog('invite')}>
          Invite a person
        </button>
        <button type="button" className="btn" onClick={add}>
          New role
        </button>
        <button
          type="button"
          className="btn btn-go"
          disabled={count === 0 || rehearse.isPending}
          onClick={() => rehearse.mutate()}
        >
          {count === 0 ? 'Nothing to rehearse' : `Rehearse ${many(count, 'change', 'changes')}`}
        </button>
      </header>
      <EditingNotice editing={editing} />
      <div className="flex min-h-0 grow max-lg:flex-col max-lg:overflow-auto">
        <div className="shrink-0 overflow-auto border-r border-rule p-6 lg:w-[36rem] max-lg:border-r-0">
          {done !== '' && (
            <p role="status" className="mb-3 border-l-4 border-kelp bg-kelp-wash px-3 py-2">
              {done}{' '}
              <Link className="part" to="/post-room">
                Post room
              </Link>
            </p>
          )}
          <PeopleList answer={answer} />
          <p className="flex flex-wrap gap-3 py-4">
            <button type="button" className="btn" onClick={() => setDialog('group')}>
              Let a shared device in
            </button>
            <button type="button" className="btn" onClick={() => setDialog('token')}>
              Make a token
            </button>
          </p>
          {dialog === 'invite' && <InviteDialog answer={answer} onClose={close} onDone={setDone} />}
          {dialog === 'paste' && <PasteDialog answer={answer} onClose={close} onDone={setDone} />}
          {dialog === 'group' && <NewGroupDialog answer={answer} onClose={close} />}
          {dialog === 'token' && <TokenDialog answer={answer} onClose={close} />}
          <LookedAt />
        </div>
        <div className="min-w-0 grow overflow-auto bg-paper p-6">
          <SetUpProblems error={rehearse.error ?? carryOut.error} />
          {rehearse.data && !carryOut.isSuccess && (
            <div className="mb-4">
              <NewlyPassedOn
                forms={workspace.forms.map(({ form }) => form)}
                catalogue={catalogue}
                before={workspace.roles}
                after={draft.roles}
                fills={draft.fills}
                onRole={put}
              />
              <CarryOutPlan plan={rehearse.data} busy={carryOut.isPending} onCarryOut={() => carryOut.mutate()} />
            </div>
          )}
          <WhoMeIs
            people={people}
            registers={answer.registers}
            onPeople={(next) => editing.edit((before) => ({ ...before, people: next }))}
          />
          {role && (
            <RolePanel
              key={role.key}
              answer={answer}
              role={role}
              catalogue={catalogue}
              fills={draft.fills}
              onRole={put}
              onFills={(fills) => editing.edit((before) => ({ ...before, fills }))}
            />
          )}
          <AccessMatrix roles={roles} catalogue={catalogue} chosen={role?.key ?? ''} />
        </div>
      </div>
    </div>
  );
};
