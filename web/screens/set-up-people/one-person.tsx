import { useMutation, useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import type { OnePerson, PeopleAnswer, PersonChange } from '#contract/index.ts';
import { showDate, showMoment } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import { useLookingAs } from '../../ui/looks-as.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { Part } from '../../ui/part.tsx';
import { ChangeGroupDialog } from './group-dialog.tsx';

interface Props {
  readonly person: OnePerson;
  readonly answer: PeopleAnswer;
}

/** Changes a person, and shows the list as it is then. */
export const useChangePerson = (id: string) =>
  useMutation({
    mutationFn: (body: PersonChange) => call('changePerson', { params: { id }, body }),
    onSuccess: () => readAnew('people'),
  });

/** All that is said and done about one person of the list. */
export const OnePersonDetails = ({ person, answer }: Props) => {
  const change = useChangePerson(person.id);
  const me = useMe();
  return (
    <div className="grid gap-2 border-l-2 border-rule py-1 pl-3">
      <Problems error={change.error} />
      {person.kind === 'person' && <Away person={person} answer={answer} change={change} />}
      {person.kind === 'group' && <Group person={person} answer={answer} />}
      {person.token && (
        <p>
          A token{person.token.note === '' ? '' : ` for ${person.token.note}`}, with the role {labelsOf(person, answer)}
          , until {person.token.ends_on}.
        </p>
      )}
      {person.kind === 'person' && (
        <p>
          <span className="text-ink-2">{person.email}</span>
          {person.telephone !== '' && <span className="text-ink-2">, {person.telephone}</span>}
        </p>
      )}
      {person.kind === 'person' && (
        <Tie person={person} answer={answer} onTie={(record) => change.mutate({ record })} />
      )}
      {person.untied && <p className="text-straw">{person.untied}</p>}
      <p className="flex flex-wrap gap-x-4 gap-y-1">
        {person.kind === 'person' && person.state !== 'switched_off' && <LookAs person={person} />}
        {person.second_step && (
          <button type="button" className="part" onClick={() => change.mutate({ second_step: false })}>
            switch the second step off
          </button>
        )}
        {person.kind === 'token' ? (
          <EndToken person={person} />
        ) : (
          person.id !== me.id && (
            <button
              type="button"
              className="part"
              disabled={change.isPending}
              onClick={() => change.mutate({ switched_off: person.state !== 'switched_off' })}
            >
              {person.state === 'switched_off' ? 'switch on again' : 'switch off'}
              <span className="sr-only"> ({person.name})</span>
            </button>
          )
        )}
      </p>
      <EverythingSeen person={person} />
    </div>
  );
};

/** The roles somebody holds, by what they are called. */
export const labelsOf = ({ roles }: Pick<OnePerson, 'roles'>, answer: PeopleAnswer): string =>
  roles.map((key) => answer.roles.find((role) => role.key === key)?.label ?? key).join(', ');

const LookAs = ({ person }: { person: OnePerson }) => {
  const looking = useLookingAs();
  return (
    <button
      type="button"
      className="part"
      aria-label={`look as ${person.name}`}
      disabled={looking.isPending}
      onClick={() => looking.mutate(person.id)}
    >
      look as
    </button>
  );
};

const EndToken = ({ person }: { person: OnePerson }) => {
  const end = useMutation({
    mutationFn: () => call('endToken', { params: { id: person.id } }),
    onSuccess: () => readAnew('people'),
  });
  if (person.state === 'switched_off') return <span className="text-ink-2">It works no longer.</span>;
  return (
    <button type="button" className="part" disabled={end.isPending} onClick={() => end.mutate()}>
      end this token
    </button>
  );
};

const Group = ({ person, answer }: Props) => {
  const [isOpen, setOpen] = useState(false);
  const forms = answer.forms.filter(({ key }) => person.group?.forms.includes(key)).map(({ label }) => label);
  return (
    <p>
      Its code opens {forms.join(', ')}, until {person.group?.ends_at} each day.{' '}
      <button type="button" className="part" onClick={() => setOpen(true)}>
        change it
      </button>
      {isOpen && <ChangeGroupDialog answer={answer} group={person} onClose={() => setOpen(false)} />}
    </p>
  );
};

/** When somebody is away and who stands in: two days and a name. */
const Away = ({ person, answer, change }: Props & { readonly change: ReturnType<typeof useChangePerson> }) => {
  const { workspace } = useWorkspace();
  const [typed, setTyped] = useState({ from: person.away?.from ?? '', until: person.away?.until ?? '' });
  const id = useId();
  const day = (text: string): string => showDate(text, workspace.locale);
  const said = person.away ? `from ${day(person.away.from)} to ${day(person.away.until)}` : 'not';
  const others = answer.people.filter(
    (each) => each.kind === 'person' && each.id !== person.id && (each.state === 'active' || each.state === 'away'),
  );
  if (person.state === 'invited' || person.state === 'switched_off') return null;
  return (
    <p>
      Is{' '}
      <Part text={person.away ? `away ${said}` : 'not away'} what={`days on which ${person.name} is away`}>
        {(close) => (
          <form
            className="grid gap-2 p-2"
            onSubmit={(event) => {
              event.preventDefault();
              change.mutate({ away: typed });
              close();
            }}
          >
            <label className="grid gap-1 font-semibold">
              Away from
              <input
                type="date"
                className="box font-normal"
                required
                value={typed.from}
                onChange={(event) => setTyped({ ...typed, from: event.target.value })}
              />
            </label>
            <label className="grid gap-1 font-semibold">
              until
              <input
                type="date"
                className="box font-normal"
                required
                value={typed.until}
                onChange={(event) => setTyped({ ...typed, until: event.target.value })}
              />
            </label>
            <button type="submit" className="btn btn-go">
              Store these days
            </button>
            {person.away && (
              <button
                type="button"
                className="btn"
                onClick={() => {
                  change.mutate({ away: null });
                  close();
                }}
              >
                Is here after all
              </button>
            )}
          </form>
        )}
      </Part>
      {person.away && (
        <>
          , with{' '}
          <Part text={person.away.stand_in?.name ?? 'no stand-in'} what={`stand-in of ${person.name}`}>
            {(close) => (
              <span className="grid gap-1 p-2">
                <label htmlFor={id} className="font-semibold">
                  Who stands in
                </label>
                <select
                  id={id}
                  className="box"
                  value={person.away?.stand_in?.id ?? ''}
                  onChange={(event) => {
                    change.mutate({ stand_in: event.target.value || null });
                    close();
                  }}
                >
                  <option value="">nobody</option>
                  {others.map((each) => (
                    <option key={each.id} value={each.id}>
                      {each.name}
                    </option>
                  ))}
                </select>
              </span>
            )}
          </Part>
        </>
      )}
      .
    </p>
  );
};

/** The record a person is, among those of the people’s register. */
const Tie = ({ person, answer, onTie }: Props & { readonly onTie: (record: string | null) => void }) => {
  const id = useId();
  const register = answer.registers.find(({ key }) => key === answer.people_register?.register);
  if (!register) return null;
  return (
    <p>
      Is <TabMark mark={register.mark} name={register.plural} />{' '}
      <Part
        text={person.record ? `${person.record.number}, ${person.record.title}` : 'no record'}
        what={`record that ${person.name} is`}
      >
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
      .
    </p>
  );
};

const EverythingSeen = ({ person }: { person: OnePerson }) => {
  const { data } = useQuery(queries.personSees(person.id));
  if (!data) return <Coming />;
  return (
    <section aria-label={`Everything ${person.name} may see`}>
      {data.registers.length === 0 && <p className="text-ink-2">Sees nothing at all.</p>}
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

/** When an invitation was sent, until when its link works, and sending it again. */
export const Invitation = ({ person }: { person: OnePerson }) => {
  const { workspace } = useWorkspace();
  const again = useMutation({
    mutationFn: () => call('inviteAgain', { params: { id: person.id } }),
    onSuccess: () => readAnew('people'),
  });
  if (person.state !== 'invited') return null;
  const until =
    person.invitation && showMoment(person.invitation.until, workspace.zone, workspace.locale).split(',')[0];
  return (
    <span className="block text-[13px] text-ink-2">
      {until ? `link works until ${until}, ` : 'the link works no longer, '}
      <button
        type="button"
        className="part"
        aria-label={`send again: the invitation of ${person.name}`}
        disabled={again.isPending}
        onClick={() => again.mutate()}
      >
        send again
      </button>
      <Problems error={again.error} />
    </span>
  );
};
