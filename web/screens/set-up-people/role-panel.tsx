import { useState } from 'react';
import type { PeopleAnswer } from '#contract/index.ts';
import {
  type Role,
  type RoleSentence,
  roleWarnings,
  SECOND_STEP_WORDS,
  SET_UP_RIGHTS,
  SET_UP_WORDS,
  sayRole,
  writeInRole,
} from '#core/access/index.ts';
import type { Catalogue } from '#core/register/index.ts';
import { useLookingAs } from '../../ui/looks-as.tsx';
import { Key } from '../../ui/marks.tsx';
import { Part } from '../../ui/part.tsx';
import { WordsBox } from '../../ui/words-box.tsx';
import { RoleLine } from './role-line.tsx';

interface Props {
  readonly answer: PeopleAnswer;
  readonly role: Role;
  readonly catalogue: Catalogue;
  /** By form, the roles that fill it in. */
  readonly fills: Readonly<Record<string, readonly string[]>>;
  readonly onRole: (role: Role, place?: string) => void;
  readonly onFills: (fills: Readonly<Record<string, readonly string[]>>) => void;
}

/** A role as sentences about whoever holds it, each changed by its parts; and a box to write another. */
export const RolePanel = ({ answer, role, catalogue, fills, onRole, onFills }: Props) => {
  const holders = answer.people.filter(
    ({ kind, state, roles }) => kind === 'person' && state !== 'switched_off' && roles.includes(role.key),
  );
  const sentences = sayRole(role, catalogue);
  const isFilled = (form: string): boolean => fills[form]?.includes(role.key) ?? false;
  const forms = answer.forms.filter(({ key }) => isFilled(key));
  const warnings = roleWarnings(role, catalogue);
  const looking = useLookingAs();
  const [first] = holders;
  return (
    <section aria-label={`Role ${role.label}`} className="mt-4 first:mt-0">
      <header className="flex flex-wrap items-center gap-3">
        <h2 className="text-lg">
          <WordsBox
            label="What the role is called"
            text={role.label}
            strong
            onText={(label) => onRole({ ...role, label }, `label ${role.key}`)}
          />
        </h2>
        <span className="text-ink-2">a role, held by {sayHolders(holders.length)}</span>
        {first && (
          <button
            type="button"
            className="btn ml-auto"
            disabled={looking.isPending}
            onClick={() => looking.mutate(first.id)}
          >
            Look as {first.name}
          </button>
        )}
      </header>
      <h3 className="head-rule mt-4 font-bold">Whoever is {role.label}</h3>
      {sentences.length + forms.length === 0 && (
        <p className="py-2 text-ink-2">sees nothing yet, and does nothing. Write the first sentence below.</p>
      )}
      <ul>
        {sentences.map((sentence) => (
          <li key={keyOf(sentence)} className="ruled py-1.5">
            <RoleLine sentence={sentence} role={role} catalogue={catalogue} onRole={onRole} />
          </li>
        ))}
        {answer.forms.length > 0 && (
          <li className="ruled grid grid-cols-[5rem_1fr] gap-x-1 py-1.5">
            <span className="font-bold">fills in</span>
            <span>
              <Part text={forms.map(({ label }) => label).join(', ') || 'no form'} what="forms">
                {() => (
                  <fieldset className="max-h-72 overflow-auto">
                    <legend className="px-2 text-ink-2">Forms that {role.label} fills in</legend>
                    {answer.forms.map(({ key, label }) => (
                      <label key={key} className="slip-row">
                        <input
                          type="checkbox"
                          checked={isFilled(key)}
                          onChange={() => {
                            const by = fills[key] ?? [];
                            const others = by.filter((each) => each !== role.key);
                            onFills({ ...fills, [key]: isFilled(key) ? others : [...by, role.key] });
                          }}
                        />
                        {label}
                      </label>
                    ))}
                  </fieldset>
                )}
              </Part>
            </span>
          </li>
        )}
      </ul>
      {warnings.length > 0 && (
        <ul className="my-2 text-straw" aria-label="What may not be expected">
          {warnings.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      )}
      <AddSentence role={role} catalogue={catalogue} onRole={onRole} />
      <p className="mt-2 flex flex-wrap gap-x-5">
        {SET_UP_RIGHTS.map((right) => (
          <label key={right} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={role.sets_up.includes(right)}
              onChange={(event) =>
                onRole({
                  ...role,
                  sets_up: SET_UP_RIGHTS.filter((each) =>
                    each === right ? event.target.checked : role.sets_up.includes(each),
                  ),
                })
              }
            />
            sets up {SET_UP_WORDS[right]}
          </label>
        ))}
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            checked={role.second_step === true}
            onChange={(event) => onRole({ ...role, second_step: event.target.checked })}
          />
          {SECOND_STEP_WORDS}
        </label>
      </p>
    </section>
  );
};

const sayHolders = (count: number): string => (count === 0 ? 'nobody' : count === 1 ? 'one person' : `${count} people`);

/** A sentence to begin with, about records that there are here. */
const exampleFor = (catalogue: Catalogue): string => {
  const [register] = catalogue.registers.values();
  return register ? `sees every ${register.singular}` : 'sees …';
};

const keyOf = ({ about }: RoleSentence): string => JSON.stringify(about);

/** One more sentence, typed: what is wrong with it is said, and it stays until it can be read. */
const AddSentence = ({ role, catalogue, onRole }: Pick<Props, 'role' | 'catalogue' | 'onRole'>) => {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState('');
  return (
    <form
      className="mt-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const written = writeInRole(role, typed, catalogue);
        if (!written.ok) return setWrong(written.problems.map(({ detail }) => detail).join(' '));
        setTyped('');
        setWrong('');
        onRole(written.value);
      }}
    >
      <label htmlFor="add-sentence" className="sr-only">
        Another sentence about whoever is {role.label}
      </label>
      <span className="box flex items-center gap-2">
        <input
          id="add-sentence"
          className="min-w-0 grow bg-transparent outline-none"
          value={typed}
          autoComplete="off"
          placeholder={`Add: “${exampleFor(catalogue)}”, “adds …”, “changes …”, “archives …”, “exports …”`}
          aria-describedby="add-sentence-wrong"
          aria-invalid={wrong !== ''}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Key>Enter</Key>
      </span>
      <p id="add-sentence-wrong" role="alert" className="wrong">
        {wrong}
      </p>
    </form>
  );
};
