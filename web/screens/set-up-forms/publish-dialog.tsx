import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { rightsIn, withRights } from '#core/access/index.ts';
import { compileForm, type Form, fieldsNeeded, passesOn } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { stepsOfRoles } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { useHideThere } from '../../data/hide-there.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { BlindSpots } from '../../fields/set-up/blind-spots.tsx';
import { PassedOnNotes } from '../../fields/set-up/passed-on.tsx';
import { PublishProblems } from '../../ui/publish-problems.tsx';

interface Props {
  readonly open: boolean;
  readonly form: Form;
  readonly register: Register;
  readonly onClose: () => void;
  readonly onPublished: (version: number) => void;
}

/** Publishing asks who may fill the form in and who may see the register; nobody but set-up people until answered. */
export const PublishDialog = ({ open, form, register, onClose, onPublished }: Props) => {
  const { workspace, catalogue } = useWorkspace();
  const compiled = useMemo(() => compileForm(form, catalogue), [form, catalogue]);
  const me = useMe();
  const hideThere = useHideThere(register.key);
  const [fillers, setFillers] = useState<ReadonlySet<string>>(new Set(form.fill_in_by));
  const [seers, setSeers] = useState<ReadonlySet<string>>(
    new Set(workspace.roles.filter((role) => rightsIn(role, register.key).see !== false).map((role) => role.key)),
  );
  const passed = useMemo(() => {
    const roles = workspace.roles.map((role) =>
      withRights(role, register.key, (rights) => ({
        ...rights,
        see: seers.has(role.key) ? rights.see || true : false,
      })),
    );
    return compiled.ok ? passesOn(compiled.value, catalogue, roles, [...fillers]) : [];
  }, [compiled, catalogue, workspace.roles, register.key, fillers, seers]);
  const publish = useMutation({
    mutationFn: (anyway: 'yes' | 'no') =>
      call('publishForm', {
        params: { key: form.key },
        query: { anyway },
        body: { fill_in_by: [...fillers], seen_by: [...seers] },
      }),
    onSuccess: (summary) => onPublished(summary.version),
  });
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/30" />
      <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
        <DialogPanel className="w-full max-w-2xl border border-edge bg-sheet p-6">
          <DialogTitle className="head-rule text-lg font-bold">Publish {form.label}</DialogTitle>
          <div className="my-4 grid gap-6 sm:grid-cols-2">
            <RoleBoxes legend="Who may fill it in?" chosen={fillers} onChange={setFillers} />
            {me.sets_up.includes('people') && (
              <RoleBoxes legend={`Who may see ${register.plural}?`} chosen={seers} onChange={setSeers} />
            )}
          </div>
          <BlindSpots
            register={register}
            asked={form.questions.map((question) => question.field)}
            senders={[...fillers]}
            changes={form.purpose === 'change'}
            steps={workspace.routes.flatMap(({ route }) =>
              route.register === register.key ? stepsOfRoles(route) : [],
            )}
            seers={seers}
            {...(compiled.ok ? { needs: fieldsNeeded(compiled.value) } : {})}
          />
          <PassedOnNotes passed={passed} register={register} onHide={hideThere} />
          <p className="text-ink-2">Set-up people may do both. With nobody ticked, only they can.</p>
          <PublishProblems error={publish.error} onAnyway={() => publish.mutate('yes')} />
          <div className="mt-4 flex gap-3">
            <button
              type="button"
              className="btn btn-go"
              disabled={publish.isPending}
              onClick={() => publish.mutate('no')}
            >
              Publish now
            </button>
            <button type="button" className="btn" onClick={onClose}>
              Not yet
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
};

const RoleBoxes = ({
  legend,
  chosen,
  onChange,
}: {
  legend: string;
  chosen: ReadonlySet<string>;
  onChange: (chosen: ReadonlySet<string>) => void;
}) => {
  const { workspace } = useWorkspace();
  return (
    <fieldset>
      <legend className="font-semibold">{legend}</legend>
      {workspace.roles
        .filter((role) => role.sets_up.length === 0)
        .map((role) => (
          <label key={role.key} className="slip-row">
            <input
              type="checkbox"
              checked={chosen.has(role.key)}
              onChange={() => {
                const next = new Set(chosen);
                if (!next.delete(role.key)) next.add(role.key);
                onChange(next);
              }}
            />
            {role.label}
          </label>
        ))}
    </fieldset>
  );
};
