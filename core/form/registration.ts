import { type Problem, problem } from '../base/index.ts';
import type { Register } from '../register/index.ts';
import { behaviourOf, type FieldType, filesIn, leadsTo, rowFieldsIn } from '../values/index.ts';
import type { CompiledQuestion } from './compiled.ts';
import type { Form } from './definition.ts';

const isAddress = (type: FieldType): boolean => behaviourOf(type).traits.reachesPerson === true;
const isName = (type: FieldType): boolean => behaviourOf(type).traits.names === true;

/** What only somebody here can look up or keep. */
const isForPeopleHere = (type: FieldType): boolean =>
  [type, ...rowFieldsIn(type).map((field) => field.type)].some(
    (each) => leadsTo(each) !== null || filesIn(each) !== null,
  );

/** The questions by which a form could let strangers register: the first for an address, and the first for a name. */
export const askedOfStrangers = (form: Form, register: Register): { name: string | null; email: string | null } => {
  const types = new Map(register.fields.map(({ key, type }) => [key, type]));
  const first = (holds: (type: FieldType) => boolean): string | null =>
    form.questions.find(({ field }) => {
      const type = types.get(field);
      return type !== undefined && holds(type);
    })?.field ?? null;
  return { name: first(isName), email: first(isAddress) };
};

/**
 * What keeps strangers from registering by a form: it must ask, and not merely hold, their address and their name, and
 * nothing that only somebody here can look up or keep.
 */
export const registrationProblems = (form: Form, questions: readonly CompiledQuestion[]): Problem[] => {
  const { registration } = form;
  if (!registration) return [];
  const found: Problem[] = [];
  const tell = (code: string, path: readonly (string | number)[], detail: string): void =>
    void found.push(problem(code, ['registration', ...path], detail));
  const asked = (key: string) => questions.find((question) => question.key === key && !question.hidden);
  const email = asked(registration.email);
  if (!email || !isAddress(email.field.type))
    tell('not_asked', ['email'], 'Strangers register with an e-mail address: a question of this form must ask it.');
  const name = asked(registration.name);
  if (!name || !isName(name.field.type))
    tell('not_asked', ['name'], 'Strangers register with a name: a question of this form must ask it, as text.');
  if (form.purpose === 'change')
    tell('changes_only', [], 'Strangers register by a form that adds a record: this one only changes those there are.');
  if (form.password_again) tell('password', [], 'Strangers have no password yet: this form cannot ask for it again.');
  for (const question of questions)
    if (!question.hidden && isForPeopleHere(question.field.type))
      tell(
        'not_for_strangers',
        [],
        `Strangers may not look up records or send files: ${question.label} cannot be asked in this form.`,
      );
  return found;
};
