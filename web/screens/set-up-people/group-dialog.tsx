import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { NewGroup, OnePerson, PeopleAnswer } from '#contract/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface FormProps {
  readonly answer: PeopleAnswer;
  readonly given: Omit<NewGroup, 'code'>;
  readonly codeHelp: string;
  readonly action: string;
  readonly store: (group: NewGroup) => Promise<unknown>;
  readonly onClose: () => void;
}

/** What a group's code opens. */
const GroupForm = ({ answer, given, codeHelp, action, store, onClose }: FormProps) => {
  const [forms, setForms] = useState<readonly string[]>(given.forms);
  const save = useMutation({
    mutationFn: store,
    onSuccess: async () => {
      await readAnew('people');
      onClose();
    },
  });
  const wrong = (pointer: string) => wrongAt(save.error, pointer);
  return (
    <form
      className="mt-3 grid gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        const text = (name: string) => String(form.get(name) ?? '').trim();
        save.mutate({
          name: text('name'),
          role: text('role'),
          code: text('code'),
          ends_at: text('ends_at'),
          forms: [...forms],
        });
      }}
    >
      <Problems error={save.error} />
      <Labelled label="What it is called" help="Such as: Slipway tablet." wrong={wrong('#/name')}>
        {(tied) => <input {...tied} className="box" name="name" maxLength={80} defaultValue={given.name} />}
      </Labelled>
      <div className="grid gap-3 sm:grid-cols-3">
        <Labelled label="Role" wrong={wrong('#/role')}>
          {(tied) => (
            <select {...tied} className="box" name="role" defaultValue={given.role}>
              {answer.roles
                .filter(({ sets_up: setsUp }) => setsUp.length === 0)
                .map(({ key, label }) => (
                  <option key={key} value={key}>
                    {label}
                  </option>
                ))}
            </select>
          )}
        </Labelled>
        <Labelled label="Code" help={codeHelp} wrong={wrong('#/code')}>
          {(tied) => (
            <input
              {...tied}
              className="box font-mono"
              name="code"
              inputMode="numeric"
              autoComplete="off"
              maxLength={12}
            />
          )}
        </Labelled>
        <Labelled label="Ends each day at" wrong={wrong('#/ends_at')}>
          {(tied) => <input {...tied} className="box" type="time" name="ends_at" defaultValue={given.ends_at} />}
        </Labelled>
      </div>
      <fieldset className="max-h-52 overflow-auto border border-rule p-2">
        <legend className="font-semibold">Forms that are filled in on it</legend>
        {answer.forms.map(({ key, label }) => (
          <label key={key} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={forms.includes(key)}
              onChange={() => setForms(forms.includes(key) ? forms.filter((each) => each !== key) : [...forms, key])}
            />
            {label}
          </label>
        ))}
      </fieldset>
      {wrong('#/forms') && <p className="wrong">{wrong('#/forms')}</p>}
      <p className="flex gap-3">
        <button type="submit" className="btn btn-go" disabled={save.isPending}>
          {action}
        </button>
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Cancel
        </button>
      </p>
    </form>
  );
};

interface DialogProps {
  readonly answer: PeopleAnswer;
  readonly onClose: () => void;
}

/** A shared device is let in by a code. */
export const NewGroupDialog = ({ answer, onClose }: DialogProps) => (
  <SheetDialog title="Let a shared device in by a code" onClose={onClose}>
    <GroupForm
      answer={answer}
      given={{ name: '', role: '', forms: [], ends_at: '18:00' }}
      codeHelp="6 to 12 digits."
      action="Let it in"
      store={(group) => call('addGroup', { body: group })}
      onClose={onClose}
    />
  </SheetDialog>
);

/** What a code opens is changed; devices that it let in sign in anew. */
export const ChangeGroupDialog = ({ answer, group, onClose }: DialogProps & { readonly group: OnePerson }) => (
  <SheetDialog title={`What ${group.name} may do`} onClose={onClose}>
    <GroupForm
      answer={answer}
      given={{
        name: group.name,
        role: group.roles[0] ?? '',
        forms: group.group?.forms ?? [],
        ends_at: group.group?.ends_at ?? '18:00',
      }}
      codeHelp="Empty: as it is."
      action="Store"
      store={({ code, ...others }) =>
        call('changeGroup', { params: { id: group.id }, body: code === '' ? others : { code, ...others } })
      }
      onClose={onClose}
    />
  </SheetDialog>
);
