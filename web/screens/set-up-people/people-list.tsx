import { useMutation, useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import type { PeopleAnswer } from '#contract/index.ts';
import { useLookingAs } from '../../app/looks-as.tsx';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { FindRecord } from '../../ui/find-record.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { Part } from '../../ui/part.tsx';

type OnePerson = PeopleAnswer['people'][number];

/** Everyone who may sign in: their roles, the record they are, and all that they may see. */
export const PeopleList = ({ answer }: { answer: PeopleAnswer }) => {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section aria-labelledby="everyone">
      <h2 id="everyone" className="head-rule">
        Everyone who may sign in
      </h2>
      <ul>
        {answer.people.map((person) => (
          <li key={person.id} className="ruled py-2">
            <OnePersonLine
              person={person}
              answer={answer}
              open={open === person.id}
              onOpen={() => setOpen(open === person.id ? null : person.id)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
};

interface LineProps {
  readonly person: OnePerson;
  readonly answer: PeopleAnswer;
  readonly open: boolean;
  readonly onOpen: () => void;
}

const OnePersonLine = ({ person, answer, open, onOpen }: LineProps) => {
  const looking = useLookingAs();
  const change = useMutation({
    mutationFn: (body: { roles?: string[]; record?: string | null }) =>
      call('changePerson', { params: { id: person.id }, body }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['people'] }),
  });
  const labels = person.roles.flatMap((key) => answer.roles.find((role) => role.key === key)?.label ?? []);
  return (
    <>
      <p className="flex flex-wrap items-center gap-x-3">
        <span className="font-semibold">{person.name}</span>
        <span className="text-ink-2">{person.email}</span>
      </p>
      <p className="flex flex-wrap items-center gap-x-3">
        <Part text={labels.join(', ') || 'no role'} what="roles">
          {() => (
            <fieldset>
              <legend className="px-2 text-ink-2">Roles of {person.name}</legend>
              {answer.roles.map((role) => (
                <label key={role.key} className="slip-row">
                  <input
                    type="checkbox"
                    checked={person.roles.includes(role.key)}
                    disabled={change.isPending}
                    onChange={() =>
                      change.mutate({
                        roles: person.roles.includes(role.key)
                          ? person.roles.filter((key) => key !== role.key)
                          : [...person.roles, role.key],
                      })
                    }
                  />
                  {role.label}
                </label>
              ))}
            </fieldset>
          )}
        </Part>
        <Tie person={person} answer={answer} onTie={(record) => change.mutate({ record })} />
        <button
          type="button"
          className="part ml-auto"
          aria-expanded={open}
          aria-label={`sees … (everything ${person.name} may see)`}
          onClick={onOpen}
        >
          sees …
        </button>
        <button
          type="button"
          className="part"
          aria-label={`look as ${person.name}`}
          disabled={looking.isPending}
          onClick={() => looking.mutate(person.id)}
        >
          look as
        </button>
      </p>
      {person.untied && <p className="text-straw">{person.untied}</p>}
      <Problems error={change.error} />
      {open && <EverythingSeen person={person} />}
    </>
  );
};

/** The record a person is, among those of the people’s register. */
const Tie = ({
  person,
  answer,
  onTie,
}: {
  readonly person: OnePerson;
  readonly answer: PeopleAnswer;
  readonly onTie: (record: string | null) => void;
}) => {
  const id = useId();
  const register = answer.registers.find(({ key }) => key === answer.people_register?.register);
  if (!register) return null;
  return (
    <Part text={person.record ? person.record.number : 'no record'} what={`record that ${person.name} is`}>
      {(close) => (
        <div className="p-2">
          <label htmlFor={id} className="block pb-1">
            <TabMark mark={register.mark} name={register.plural} /> {person.name} is
          </label>
          <FindRecord
            id={id}
            register={register}
            chosen={person.record}
            onChoose={(record) => {
              onTie(record?.id ?? null);
              close();
            }}
          />
          {person.record && (
            <button
              type="button"
              className="part mt-2"
              onClick={() => {
                onTie(null);
                close();
              }}
            >
              Tie to no record
            </button>
          )}
        </div>
      )}
    </Part>
  );
};

const EverythingSeen = ({ person }: { person: OnePerson }) => {
  const { data } = useQuery(queries.personSees(person.id));
  if (!data) return <Coming />;
  return (
    <section aria-label={`Everything ${person.name} may see`} className="mt-1 border-l-2 border-rule pl-3">
      {data.registers.length === 0 && <p className="text-ink-2">Nothing at all.</p>}
      <ul>
        {data.registers.map(({ key, mark, plural, count, total, reasons }) => (
          <li key={key} className="py-1">
            <TabMark mark={mark} name={plural} /> {count.toLocaleString()} of {total.toLocaleString()} {plural}
            {reasons.map(({ role, says }) => (
              <span key={`${role} ${says}`} className="block text-[13px] text-ink-2">
                Whoever is {role} {says}.
              </span>
            ))}
          </li>
        ))}
      </ul>
      {data.forms.length > 0 && (
        <p className="py-1 text-ink-2">Fills in {data.forms.map(({ label }) => label).join(', ')}.</p>
      )}
    </section>
  );
};
