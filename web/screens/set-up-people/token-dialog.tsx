import { useMutation } from '@tanstack/react-query';
import type { PeopleAnswer } from '#contract/index.ts';
import { call, type InputOf } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

/** A token for a program: made, and shown this once. */
export const TokenDialog = ({ answer, onClose }: { answer: PeopleAnswer; onClose: () => void }) => {
  const make = useMutation({
    mutationFn: (body: InputOf<'addToken'>['body']) => call('addToken', { body }),
    onSuccess: () => readAnew('people'),
  });
  const wrong = (pointer: string) => wrongAt(make.error, pointer);
  if (make.data)
    return (
      <SheetDialog title="The token was made" onClose={onClose}>
        <p className="mt-3">Copy it now: it is not shown again. A program sends it along as</p>
        <p className="my-3 border border-rule bg-paper p-3 font-mono text-[13px] [overflow-wrap:anywhere]">
          Authorization: Bearer <span data-token>{make.data.token}</span>
        </p>
        <button type="button" className="btn btn-go" onClick={onClose}>
          I have copied it
        </button>
      </SheetDialog>
    );
  return (
    <SheetDialog title="A token for a program" onClose={onClose}>
      <form
        className="mt-3 grid gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          const text = (name: string) => String(form.get(name) ?? '').trim();
          make.mutate({ name: text('name'), role: text('role'), ends_on: text('ends_on'), note: text('note') });
        }}
      >
        <Problems error={make.error} />
        <Labelled label="What it is called" help="Such as: Year-end sums." wrong={wrong('#/name')}>
          {(tied) => <input {...tied} className="box" name="name" maxLength={80} />}
        </Labelled>
        <div className="grid gap-3 sm:grid-cols-2">
          <Labelled label="Role" wrong={wrong('#/role')}>
            {(tied) => (
              <select {...tied} className="box" name="role">
                {answer.roles.map(({ key, label }) => (
                  <option key={key} value={key}>
                    {label}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          <Labelled label="Last day" wrong={wrong('#/ends_on')}>
            {(tied) => <input {...tied} className="box" type="date" name="ends_on" />}
          </Labelled>
        </div>
        <Labelled label="What it is for" wrong={wrong('#/note')}>
          {(tied) => <input {...tied} className="box" name="note" maxLength={300} />}
        </Labelled>
        <p className="flex gap-3">
          <button type="submit" className="btn btn-go" disabled={make.isPending}>
            Make the token
          </button>
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Cancel
          </button>
        </p>
      </form>
    </SheetDialog>
  );
};
