import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { z } from 'zod';
import { toKey } from '#core/base/index.ts';
import { type Form, type formSchema, plainForm } from '#core/form/index.ts';
import { call } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Stamp, TabMark } from '../../ui/marks.tsx';
import { Problems } from '../../ui/message.tsx';

/** Set-up: every form, and making one on a register with all of its fields. */
export const SetUpFormsScreen = () => {
  const { workspace, catalogue } = useWorkspace();
  const [label, setLabel] = useState('');
  const [registerKey, setRegisterKey] = useState('');
  const navigate = useNavigate();
  const make = useMutation({
    mutationFn: async () => {
      const register = catalogue.registers.get(registerKey);
      const key = toKey(label, new Set(workspace.forms.map((each) => each.form.key)));
      // What cannot be asked or worked out in a form is left out, as in the register's plain one.
      const questions = register ? plainForm(register, catalogue).questions : [];
      return keep({ key, label, register: registerKey, questions });
    },
  });
  const keep = async (form: z.input<typeof formSchema>): Promise<void> => {
    await call('keepForm', { params: { key: form.key }, body: form });
    await queryClient.invalidateQueries({ queryKey: ['workspace'] });
    navigate(`/set-up/forms/${form.key}`);
  };
  const copy = useMutation({
    mutationFn: (form: Form) => {
      const label = `${form.label.slice(0, 70)}, copy`;
      const key = toKey(label, new Set(workspace.forms.map((each) => each.form.key)));
      return keep({ ...form, key, label, fill_in_by: [] });
    },
  });
  const keys = [...new Set(workspace.forms.map((each) => each.form.key))];
  return (
    <div className="overflow-auto p-6">
      <h1 className="head-rule">Forms</h1>
      <ul>
        {keys.map((key) => {
          const versions = workspace.forms.filter((each) => each.form.key === key);
          const newest = versions.find((each) => each.status === 'draft') ?? versions[0];
          if (!newest) return null;
          const register = catalogue.registers.get(newest.form.register);
          return (
            <li key={key} className="ruled flex items-center">
              <Link
                to={`/set-up/forms/${key}`}
                className="flex grow items-baseline gap-3 px-2 py-2.5 hover:bg-iolite-wash"
              >
                {register && <TabMark mark={register.mark} name={register.plural} />}
                <span className="font-semibold text-iolite-deep">{newest.form.label}</span>
                <span className="text-ink-2">
                  {newest.form.purpose === 'change' ? 'changes' : 'adds to'} {register?.plural},{' '}
                  {newest.form.questions.length} questions
                </span>
                <span className="ml-auto flex gap-2">
                  {versions.map((each) => (
                    <Stamp key={each.status} kind={each.status === 'published' ? 'published' : 'draft'}>
                      {each.status === 'published'
                        ? `Published, version ${each.version}`
                        : `Draft of version ${each.version}`}
                    </Stamp>
                  ))}
                </span>
              </Link>
              <button
                type="button"
                className="btn btn-quiet"
                disabled={copy.isPending}
                onClick={() => copy.mutate(newest.form)}
              >
                Copy {newest.form.label}
              </button>
            </li>
          );
        })}
      </ul>
      <form
        className="mt-6 max-w-2xl border border-rule-strong bg-paper p-4"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <h2>Make a form</h2>
        <p className="mb-3 text-ink-2">All fields of the register come as questions; drop those that are not asked.</p>
        <div className="grid gap-3 sm:grid-cols-[1fr_14rem_auto] sm:items-end">
          <label className="grid gap-1 font-semibold">
            Name of the form
            <input
              className="box font-normal"
              value={label}
              maxLength={80}
              placeholder="Report a near miss"
              onChange={(event) => setLabel(event.target.value)}
            />
          </label>
          <label className="grid gap-1 font-semibold">
            Adds to
            <select
              className="box font-normal"
              value={registerKey}
              onChange={(event) => setRegisterKey(event.target.value)}
            >
              <option value="">choose a register</option>
              {workspace.registers.map((register) => (
                <option key={register.key} value={register.key}>
                  {register.plural}
                </option>
              ))}
            </select>
          </label>
          <button
            type="submit"
            className="btn btn-go"
            disabled={label.trim() === '' || registerKey === '' || make.isPending}
          >
            Make the form
          </button>
        </div>
        <Problems error={make.error ?? copy.error} />
      </form>
    </div>
  );
};
