import type { PeopleAnswer } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

interface Props {
  readonly people: PeopleAnswer['people_register'];
  readonly registers: readonly Register[];
  readonly onPeople: (people: PeopleAnswer['people_register']) => void;
}

const NOBODY = 'none';

/** Which register's records people are: what "me" means in a sentence. */
export const WhoMeIs = ({ people, registers, onPeople }: Props) => {
  const chosen = registers.find(({ key }) => key === people?.register);
  const options = registers.flatMap((register) => {
    const email = register.fields.find(({ type }) => behaviourOf(type).traits.reachesPerson);
    return email ? [{ register, email: email.key }] : [];
  });
  return (
    <p className="mb-4">
      “Me” is{' '}
      <Part text={chosen ? `a record of ${chosen.plural}` : 'no record'} what="register of people">
        {(close) => (
          <PickOne
            options={[
              { value: NOBODY, label: 'no record' },
              ...options.map(({ register }) => ({ value: register.key, label: `a record of ${register.plural}` })),
            ]}
            chosen={people?.register ?? NOBODY}
            onPick={(key) => {
              const picked = options.find(({ register }) => register.key === key);
              onPeople(picked ? { register: picked.register.key, email: picked.email } : null);
              close();
            }}
          />
        )}
      </Part>
      {chosen && (
        <>
          {' '}
          <TabMark mark={chosen.mark} name={chosen.plural} />
        </>
      )}
      {chosen
        ? ', which one, the list of people says.'
        : ': name a register with e-mail addresses, so that sentences can say “me”.'}
    </p>
  );
};
