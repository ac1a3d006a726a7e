import { useMutation } from '@tanstack/react-query';
import { useId, useMemo, useState } from 'react';
import type { Invites, PeopleAnswer } from '#contract/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import { readPasted } from './pasted-people.ts';

interface Props {
  readonly answer: PeopleAnswer;
  readonly onClose: () => void;
  /** What was done, in the past tense. */
  readonly onDone: (says: string) => void;
}

interface Inviting {
  readonly people: Invites['people'];
  /** It was said that somebody has this name already. */
  readonly sameNames: boolean;
}

/** Whether nothing else is wrong than that two would be called alike: who has heard that may go on. */
const onlySameNames = (error: unknown): boolean =>
  error instanceof ProblemError && (error.answer.errors ?? []).every(({ code }) => code === 'same_name');

const useInvite = ({ onClose, onDone }: Pick<Props, 'onClose' | 'onDone'>) =>
  useMutation({
    mutationFn: ({ people, sameNames }: Inviting) => call('invite', { body: { people, same_names: sameNames } }),
    onSuccess: async ({ invited }, { people }) => {
      await readAnew('people');
      onDone(
        invited === 1
          ? `${people[0]?.name} was invited. The message lies in the post room.`
          : `${invited} people were invited. The messages lie in the post room.`,
      );
      onClose();
    },
  });

/** Invites one person. */
export const InviteDialog = (props: Props) => {
  const { answer, onClose } = props;
  const [roles, setRoles] = useState<readonly string[]>([]);
  const invite = useInvite(props);
  const wrong = (field: string) => wrongAt(invite.error, `#/people/0/${field}`);
  return (
    <SheetDialog title="Invite a person" onClose={onClose}>
      <form
        className="mt-3 grid gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          const text = (name: string) => String(form.get(name) ?? '');
          const people = [{ name: text('name'), email: text('email'), roles: [...roles] }];
          invite.mutate({ people, sameNames: onlySameNames(invite.error) });
        }}
      >
        {wrong('name') === undefined && wrong('email') === undefined && <Problems error={invite.error} />}
        <Labelled label="Name" wrong={wrong('name')}>
          {(tied) => <input {...tied} className="box" name="name" autoComplete="off" maxLength={80} />}
        </Labelled>
        <Labelled
          label="E-mail address"
          help="A link is sent there: it works once, and for 7 days."
          wrong={wrong('email')}
        >
          {(tied) => <input {...tied} className="box" name="email" inputMode="email" autoComplete="off" />}
        </Labelled>
        <RolesOf answer={answer} roles={roles} onRoles={setRoles} />
        <p className="flex gap-3">
          <button type="submit" className="btn btn-go" disabled={invite.isPending}>
            {onlySameNames(invite.error) ? 'Invite all the same' : 'Invite'}
          </button>
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Cancel
          </button>
        </p>
      </form>
    </SheetDialog>
  );
};

const RolesOf = ({
  answer,
  roles,
  onRoles,
}: {
  readonly answer: PeopleAnswer;
  readonly roles: readonly string[];
  readonly onRoles: (roles: readonly string[]) => void;
}) => (
  <fieldset>
    <legend className="font-semibold">Roles</legend>
    <div className="grid sm:grid-cols-2">
      {answer.roles.map(({ key, label }) => (
        <label key={key} className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            checked={roles.includes(key)}
            onChange={() => onRoles(roles.includes(key) ? roles.filter((each) => each !== key) : [...roles, key])}
          />
          {label}
        </label>
      ))}
    </div>
  </fieldset>
);

/** What is wrong with each line, by where it stands among those that were sent. */
const byLine = (error: unknown): ReadonlyMap<number, string> => {
  const found = new Map<number, string>();
  for (const { pointer, detail } of error instanceof ProblemError ? (error.answer.errors ?? []) : []) {
    const at = Number(/^#\/people\/(\d+)/.exec(pointer)?.[1] ?? Number.NaN);
    if (!Number.isNaN(at)) found.set(at, [found.get(at), detail].filter(Boolean).join(' '));
  }
  return found;
};

const MOST_SHOWN = 200;

/** Invites many: pasted, or from a CSV file. What is wrong with any is told, and can be left out. */
export const PasteDialog = (props: Props) => {
  const { answer, onClose } = props;
  const [text, setText] = useState('');
  const [role, setRole] = useState('');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const id = useId();
  const people = useMemo(
    () => readPasted(text, answer.roles, role).filter(({ email }) => !left.has(email)),
    [text, answer.roles, role, left],
  );
  const invite = useInvite(props);
  const wrong = byLine(invite.error);
  const { reset } = invite;
  const put = (next: string): void => {
    setText(next);
    setLeft(new Set());
    reset();
  };
  const leaveOut = (): void => {
    setLeft(new Set([...left, ...[...wrong.keys()].flatMap((at) => people[at]?.email ?? [])]));
    reset();
  };
  return (
    <SheetDialog title="Invite many" onClose={onClose} wide>
      <div className="mt-3 grid gap-3">
        <Labelled
          label="People, one a line"
          help="Name, address, and if you like roles and a telephone number, as a spreadsheet gives them or with commas between. At most 500."
        >
          {(tied) => (
            <textarea
              {...tied}
              className="box h-32 font-mono text-[13px]"
              value={text}
              placeholder={'Wren Attwater, wren@example.org, Office'}
              onChange={(event) => put(event.target.value)}
            />
          )}
        </Labelled>
        <div className="grid gap-3 sm:grid-cols-2">
          <div className="grid gap-1">
            <label htmlFor={id} className="font-semibold">
              Or from a CSV file
            </label>
            <input
              id={id}
              type="file"
              accept=".csv,text/csv,text/plain"
              onChange={async (event) => put((await event.target.files?.[0]?.text()) ?? '')}
            />
          </div>
          <Labelled label="Role of those who name none">
            {(tied) => (
              <select {...tied} className="box" value={role} onChange={(event) => setRole(event.target.value)}>
                <option value="">no role yet</option>
                {answer.roles.map(({ key, label }) => (
                  <option key={key} value={key}>
                    {label}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
        </div>
        {wrong.size > 0 ? (
          <div role="alert" className="border-l-4 border-brick bg-brick-wash px-3 py-2 text-brick">
            <p className="font-semibold">
              {wrong.size === 1 ? 'One line is wrong or known' : `${wrong.size} lines are wrong or known`}: nobody was
              invited yet.
            </p>
            <button type="button" className="btn mt-1" onClick={leaveOut}>
              Leave {wrong.size === 1 ? 'it' : 'them'} out
            </button>
          </div>
        ) : (
          <Problems error={invite.error} />
        )}
        {left.size > 0 && <p className="text-ink-2">{left.size} left out.</p>}
        {people.length > 0 && (
          <div className="max-h-64 overflow-auto border border-rule">
            <table className="w-full text-left text-[13px]">
              <thead>
                <tr className="border-b border-rule-strong">
                  {['Name', 'E-mail address', 'Roles', 'What is wrong'].map((head) => (
                    <th key={head} scope="col" className="px-2 py-1">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {people
                  .map((person, i) => ({ ...person, line: i, wrong: wrong.get(i) }))
                  .toSorted((a, b) => Number(b.wrong !== undefined) - Number(a.wrong !== undefined) || a.line - b.line)
                  .slice(0, MOST_SHOWN)
                  .map((person) => (
                    <tr key={`${person.line} ${person.email}`} className="ruled">
                      <td className="px-2 py-1">{person.name}</td>
                      <td className="px-2 py-1">{person.email}</td>
                      <td className="px-2 py-1">
                        {(person.roles ?? [])
                          .map((key) => answer.roles.find((each) => each.key === key)?.label ?? key)
                          .join(', ')}
                      </td>
                      <td className="px-2 py-1 text-brick">{person.wrong}</td>
                    </tr>
                  ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="flex gap-3">
          <button
            type="button"
            className="btn btn-go"
            disabled={people.length === 0 || invite.isPending}
            onClick={() => invite.mutate({ people, sameNames: onlySameNames(invite.error) })}
          >
            {people.length === 0
              ? 'Nobody to invite yet'
              : onlySameNames(invite.error)
                ? 'Invite all the same'
                : people.length === 1
                  ? 'Invite this person'
                  : `Invite these ${people.length} people`}
          </button>
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Cancel
          </button>
        </p>
      </div>
    </SheetDialog>
  );
};
