import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { z } from 'zod';
import type { Drafts, FormSummary } from '#contract/index.ts';
import { toKey } from '#core/base/index.ts';
import { type Form, type formSchema, plainForm } from '#core/form/index.ts';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Stamp, TabMark } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { NoRegister } from '../../ui/no-register.tsx';

/** A form as the list shows it: what is published, what is being made, or both. */
interface Listed {
  readonly key: string;
  readonly label: string;
  readonly register: string;
  readonly purpose: Form['purpose'];
  readonly questions: number;
  readonly stamps: readonly { readonly kind: 'published' | 'draft'; readonly text: string }[];
}

const listForms = (published: readonly FormSummary[], drafts: Drafts['drafts']): Listed[] => {
  const listed = new Map<string, Listed>();
  for (const { form, version } of published) {
    const { key, label, register, purpose, questions } = form;
    const stamps = [{ kind: 'published' as const, text: `Published, version ${version}` }];
    listed.set(key, { key, label, register, purpose, questions: questions.length, stamps });
  }
  // What is being made is shown as it is now.
  for (const { version, revision: _, ...draft } of drafts) {
    const stamps = listed.get(draft.key)?.stamps ?? [];
    listed.set(draft.key, { ...draft, stamps: [...stamps, { kind: 'draft', text: `Draft of version ${version}` }] });
  }
  return [...listed.values()];
};

/** A form as it stands now: its draft, else what is published. */
const readNewest = async (key: string, published: readonly FormSummary[]): Promise<Form | undefined> => {
  const draft = await queryClient.fetchQuery(queries.draft(key));
  return draft?.form ?? published.find((each) => each.form.key === key)?.form;
};

/** Set-up: every form, and making one on a register with all of its fields. */
export const SetUpFormsScreen = () => {
  const { workspace, catalogue } = useWorkspace();
  const { data: held } = useQuery(queries.drafts());
  const [label, setLabel] = useState('');
  const [registerKey, setRegisterKey] = useState('');
  const navigate = useNavigate();
  const forms = listForms(workspace.forms, held?.drafts ?? []);
  const taken = new Set(forms.map((each) => each.key));
  const make = useMutation({
    mutationFn: async () => {
      const register = catalogue.registers.get(registerKey);
      // What cannot be asked or worked out in a form is left out, as in the register's plain one.
      const questions = register ? plainForm(register, catalogue).questions : [];
      return keep({ key: toKey(label, taken), label, register: registerKey, questions });
    },
  });
  const keep = async (form: z.input<typeof formSchema>): Promise<void> => {
    await call('keepForm', { params: { key: form.key }, body: form });
    navigate(`/set-up/forms/${form.key}`);
  };
  const copy = useMutation({
    mutationFn: async (key: string) => {
      const form = await readNewest(key, workspace.forms);
      if (!form) throw new RangeError('This form is no longer there.');
      const label = `${form.label.slice(0, 70)}, copy`;
      return keep({ ...form, key: toKey(label, taken), label, fill_in_by: [] });
    },
  });
  if (!held) return <Coming />;
  if (workspace.registers.length === 0)
    return (
      <div className="overflow-auto p-6">
        <h1 className="head-rule">Forms</h1>
        <NoRegister says="A form adds records to a register, or changes those there are." />
      </div>
    );
  // What is written in the empty box speaks of what this workspace has.
  const asks = catalogue.registers.get(registerKey) ?? workspace.registers[0];
  return (
    <div className="overflow-auto p-6">
      <h1 className="head-rule">Forms</h1>
      <ul>
        {forms.map(({ key, label: name, register: of, purpose, questions, stamps }) => {
          const register = catalogue.registers.get(of);
          return (
            <li key={key} className="ruled flex items-center">
              <Link
                to={`/set-up/forms/${key}`}
                className="grid grow grid-cols-[3rem_minmax(10rem,1fr)_minmax(14rem,1.2fr)_auto] items-baseline gap-3 px-2 py-2.5 hover:bg-iolite-wash max-md:grid-cols-[3rem_1fr]"
              >
                <span>{register && <TabMark mark={register.mark} name={register.plural} />}</span>
                <span className="font-semibold text-iolite-deep">{name}</span>
                <span className="text-ink-2">
                  {purpose === 'change' ? 'changes' : 'adds to'} {register?.plural}, {questions} questions
                </span>
                <span className="flex w-52 flex-wrap justify-end gap-2 max-md:col-span-2 max-md:justify-start">
                  {stamps.map(({ kind, text }) => (
                    <Stamp key={kind} kind={kind}>
                      {text}
                    </Stamp>
                  ))}
                </span>
              </Link>
              <button
                type="button"
                className="btn btn-quiet"
                disabled={copy.isPending}
                aria-label={`Copy ${name}`}
                onClick={() => copy.mutate(key)}
              >
                Copy
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
              placeholder={
                asks ? `Add ${/^[aeiou]/i.test(asks.singular) ? 'an' : 'a'} ${asks.singular.toLowerCase()}` : 'A name'
              }
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
