import { Fragment, useState } from 'react';
import { type OnePerson, PERSON_STATES, type PeopleAnswer } from '#contract/index.ts';
import { localDate, showDate } from '#core/base/index.ts';
import { clockFor, useWorkspace } from '../../data/workspace.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { Invitation, labelsOf, OnePersonDetails, useChangePerson } from './one-person.tsx';

const STATES: { readonly [S in OnePerson['state']]: { readonly says: string; readonly stamp: string } } = {
  invited: { says: 'Invited', stamp: 'stamp-draft' },
  active: { says: 'Active', stamp: 'stamp-approved' },
  away: { says: 'Away', stamp: 'stamp-sent_back' },
  switched_off: { says: 'Switched off', stamp: 'stamp-draft' },
};

/** Where somebody stands in the list: with those who work here, those who are records, or what has no person. */
const placeOf = ({ kind, record }: OnePerson): 'house' | 'outside' | 'devices' => {
  if (kind !== 'person') return 'devices';
  return record ? 'outside' : 'house';
};

const PLACES = [
  { place: 'house', head: 'In the house' },
  { place: 'outside', head: 'Outside' },
  { place: 'devices', head: 'By code or token' },
] as const;

/** Of those outside so many are shown until more are asked for. */
const FEW = 8;

/** Everyone who may sign in: their roles and state, and all else about whoever is opened. */
export const PeopleList = ({ answer }: { answer: PeopleAnswer }) => {
  const [open, setOpen] = useState<string | null>(null);
  const [role, setRole] = useState<string>('');
  const [state, setState] = useState<OnePerson['state'] | ''>('');
  const [all, setAll] = useState(false);
  const people = answer.people.filter(
    (person) => (role === '' || person.roles.includes(role)) && (state === '' || person.state === state),
  );
  return (
    <section aria-labelledby="everyone">
      <h2 id="everyone" className="sr-only">
        Everyone who may sign in
      </h2>
      <p className="pb-3">
        People with{' '}
        <Part text={answer.roles.find(({ key }) => key === role)?.label ?? 'any role'} what="role">
          {(close) => (
            <PickOne
              options={[
                { value: '', label: 'any role' },
                ...answer.roles.map(({ key, label }) => ({ value: key, label })),
              ]}
              chosen={role}
              onPick={(value) => {
                setRole(value);
                close();
              }}
            />
          )}
        </Part>
        , in{' '}
        <Part text={state === '' ? 'any state' : `the state ${STATES[state].says}`} what="state">
          {(close) => (
            <PickOne<OnePerson['state'] | ''>
              options={[
                { value: '', label: 'any state' },
                ...PERSON_STATES.map((value) => ({ value, label: STATES[value].says })),
              ]}
              chosen={state}
              onPick={(value) => {
                setState(value);
                close();
              }}
            />
          )}
        </Part>
        .
      </p>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink align-bottom text-[13px] text-ink-2">
            <th scope="col" className="py-1 pr-3">
              Name
            </th>
            <th scope="col" className="py-1 pr-3">
              Roles
            </th>
            <th scope="col" className="py-1 pr-3">
              State
            </th>
            <th scope="col" className="py-1 pr-3 whitespace-nowrap max-sm:hidden">
              2nd step
            </th>
            <th scope="col" className="py-1 whitespace-nowrap max-sm:hidden">
              Last seen
            </th>
          </tr>
        </thead>
        {PLACES.map(({ place, head }) => {
          const here = people.filter((person) => placeOf(person) === place);
          if (here.length === 0) return null;
          const shown = all || place !== 'outside' ? here : here.slice(0, FEW);
          return (
            <tbody key={place}>
              <tr className="border-b border-rule-strong bg-paper">
                <th scope="rowgroup" colSpan={5} className="px-1 py-1.5">
                  {head} <span className="font-normal text-ink-2">{here.length}</span>
                  {shown.length < here.length && (
                    <button type="button" className="part ml-3 font-normal" onClick={() => setAll(true)}>
                      show all
                    </button>
                  )}
                </th>
              </tr>
              {shown.map((person) => (
                <Fragment key={person.id}>
                  <PersonRow
                    person={person}
                    answer={answer}
                    isOpen={open === person.id}
                    onOpen={() => setOpen(open === person.id ? null : person.id)}
                  />
                  {open === person.id && (
                    <tr className="ruled">
                      <td colSpan={5} className="py-2">
                        <OnePersonDetails person={person} answer={answer} />
                      </td>
                    </tr>
                  )}
                </Fragment>
              ))}
            </tbody>
          );
        })}
      </table>
    </section>
  );
};

interface RowProps {
  readonly person: OnePerson;
  readonly answer: PeopleAnswer;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

const PersonRow = ({ person, answer, isOpen, onOpen }: RowProps) => (
  <tr className="ruled align-top">
    <th scope="row" className="py-2 pr-3">
      <button
        type="button"
        className="whitespace-nowrap font-semibold hover:underline"
        aria-expanded={isOpen}
        onClick={onOpen}
      >
        {person.name}
      </button>
      {person.record && (
        <span className="block font-mono text-[12.5px] font-normal text-ink-2">{person.record.number}</span>
      )}
    </th>
    <td className="py-2 pr-3">
      {person.kind === 'person' ? <Roles person={person} answer={answer} /> : labelsOf(person, answer)}
    </td>
    <td className="py-2 pr-3">
      <State person={person} />
    </td>
    <td className="py-2 pr-3 text-ink-2 max-sm:hidden">
      {person.kind === 'person' ? (person.second_step ? 'on' : 'off') : ''}
    </td>
    <td className="py-2 whitespace-nowrap text-ink-2 max-sm:hidden">
      <LastSeen person={person} />
    </td>
  </tr>
);

const Roles = ({ person, answer }: Pick<RowProps, 'person' | 'answer'>) => {
  const change = useChangePerson(person.id);
  return (
    <>
      <Part text={labelsOf(person, answer) || 'no role'} what={`roles of ${person.name}`}>
        {() => (
          <fieldset>
            <legend className="px-2 text-ink-2">Roles of {person.name}</legend>
            {answer.roles.map(({ key, label }) => (
              <label key={key} className="slip-row">
                <input
                  type="checkbox"
                  checked={person.roles.includes(key)}
                  disabled={change.isPending}
                  onChange={() =>
                    change.mutate({
                      roles: person.roles.includes(key)
                        ? person.roles.filter((each) => each !== key)
                        : [...person.roles, key],
                    })
                  }
                />
                {label}
              </label>
            ))}
          </fieldset>
        )}
      </Part>
      {change.error !== null && <span className="wrong">{change.error.message}</span>}
    </>
  );
};

const State = ({ person }: { person: OnePerson }) => {
  const { workspace } = useWorkspace();
  const day = (text: string): string => showDate(text, workspace.locale);
  const { says, stamp } = STATES[person.state];
  if (person.group && person.state !== 'switched_off')
    return <span className="stamp stamp-approved">Code until {person.group.ends_at}</span>;
  if (person.token && person.state !== 'switched_off')
    return <span className="stamp stamp-approved">Token until {day(person.token.ends_on)}</span>;
  return (
    <>
      <span className={`stamp ${stamp}`}>
        {person.state === 'away' && person.away ? `Away until ${day(person.away.until)}` : says}
      </span>
      {person.away && (
        <span className="mt-0.5 block max-w-44 text-[13px] text-ink-2">
          {person.state === 'away' ? '' : `away ${day(person.away.from)} to ${day(person.away.until)}, `}
          {person.away.stand_in ? `stand-in ${person.away.stand_in.name}` : 'no stand-in'}
        </span>
      )}
      <Invitation person={person} />
    </>
  );
};

const LastSeen = ({ person }: { person: OnePerson }) => {
  const { workspace } = useWorkspace();
  if (person.seen_at === null) return 'never';
  const { now, zone } = clockFor(workspace);
  const day = localDate(person.seen_at, zone);
  return day === localDate(now, zone) ? 'today' : showDate(day, workspace.locale);
};
