import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { z } from 'zod';
import type { StoreApi } from 'zustand';
import { recordValuesSchema } from '#contract/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import type { CompiledForm } from '#core/form/index.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { useFacts, useMe, useWorkspace } from '../../data/workspace.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import type { EntryState } from '../../state/entry-store.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import type { TrialStart } from './live-form.tsx';

interface Props {
  readonly compiled: CompiledForm;
  readonly store: StoreApi<EntryState>;
  readonly begun: TrialStart;
  readonly onBegin: (begun: Omit<TrialStart, 'round'>) => void;
  readonly as: PersonFacts;
  readonly onAs: (as: PersonFacts) => void;
}

const samplesSchema = z.array(z.object({ name: z.string(), typed: recordValuesSchema })).catch([]);

/** Samples of a form that were kept on this device, to try it with again. */
const useSamples = (form: string) => {
  const me = useMe();
  const place = `iolite samples ${me.id} ${form}`;
  const [samples, setSamples] = useState(() => samplesSchema.parse(JSON.parse(localStorage.getItem(place) ?? '[]')));
  const put = (next: typeof samples): void => {
    localStorage.setItem(place, JSON.stringify(next));
    setSamples(next);
  };
  return { samples, put };
};

/** As whom, and with what, the form is tried: anyone or a role; empty, with a kept sample, or over a record. */
export const LiveAs = ({ compiled, store, begun, onBegin, as, onAs }: Props) => (
  <span>
    Live, as <AsWhom as={as} onAs={onAs} /> would fill it in, with{' '}
    <WithWhat compiled={compiled} store={store} begun={begun} onBegin={onBegin} />
  </span>
);

const AsWhom = ({ as, onAs }: Pick<Props, 'as' | 'onAs'>) => {
  const own = useFacts();
  const { workspace } = useWorkspace();
  const { data: session } = useQuery(queries.session());
  const people = session?.people ?? [];
  const options = [
    { value: 'me', label: `${own.name} (me)` },
    ...people
      .filter(({ email }) => email !== own.email)
      .map(({ name, email, role }) => ({ value: `person ${email}`, label: `${name}, ${role}` })),
    ...workspace.roles.map(({ key, label }) => ({ value: `role ${key}`, label: `anyone with the role ${label}` })),
  ];
  const pick = (value: string): void => {
    const [kind, key = ''] = value.split(' ');
    const person = people.find(({ email }) => email === key);
    const role = workspace.roles.find((each) => each.key === key || each.label === person?.role);
    if (kind === 'me') onAs(own);
    else if (person) onAs({ name: person.name, email: person.email, roles: role ? [role.key] : [], record: null });
    else if (role)
      onAs({ name: `Someone (${role.label})`, email: 'someone@example.org', roles: [role.key], record: null });
  };
  return (
    <Part text={as.name} what="person it is tried as">
      {(close) => (
        <span className="block max-h-72 overflow-auto">
          <PickOne
            options={options}
            chosen={as === own ? 'me' : null}
            onPick={(value) => {
              pick(value);
              close();
            }}
          />
        </span>
      )}
    </Part>
  );
};

const WithWhat = ({ compiled, store, begun, onBegin }: Pick<Props, 'compiled' | 'store' | 'begun' | 'onBegin'>) => {
  const id = useId();
  const { samples, put } = useSamples(compiled.form.key);
  const [name, setName] = useState('');
  const { register } = compiled;
  return (
    <Part text={begun.record ? begun.record.number : 'an empty form'} what="answers it is tried with">
      {(close) => (
        <span className="grid gap-2 p-2">
          <button
            type="button"
            className="slip-row"
            onClick={() => {
              onBegin({ typed: {} });
              close();
            }}
          >
            an empty form
          </button>
          {samples.map((sample) => (
            <button
              key={sample.name}
              type="button"
              className="slip-row"
              onClick={() => {
                onBegin({ typed: sample.typed });
                close();
              }}
            >
              the sample {sample.name}
            </button>
          ))}
          <form
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              event.stopPropagation();
              if (name.trim() === '') return;
              const typed = { ...store.getState().entry.typed };
              put([...samples.filter((each) => each.name !== name.trim()), { name: name.trim(), typed }]);
              setName('');
            }}
          >
            <input
              className="box"
              aria-label="Keep these answers as a sample called"
              placeholder="Keep as a sample"
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
            <button type="submit" className="btn">
              Keep
            </button>
          </form>
          <label htmlFor={id}>or one of {register.plural} that is there</label>
          <FindRecord
            id={id}
            register={register}
            chosen={null}
            onChoose={async (found) => {
              if (!found) return;
              const record = await queryClient.fetchQuery(queries.record(register.key, found.id));
              onBegin({ typed: {}, record });
              close();
            }}
          />
        </span>
      )}
    </Part>
  );
};
