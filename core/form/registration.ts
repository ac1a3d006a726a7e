import { type Problem, problem } from '../base/index.ts';
import { leadsTo } from '../values/index.ts';
import type { CompiledQuestion } from './compiled.ts';
import type { Form } from './definition.ts';

/** The kinds of question by which somebody says how they are called. */
const NAME_KINDS: ReadonlySet<string> = new Set(['text', 'long_text']);

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
  if (email?.field.type.kind !== 'email')
    tell('not_asked', ['email'], 'Strangers register with an e-mail address: a question of this form must ask it.');
  const name = asked(registration.name);
  if (!name || !NAME_KINDS.has(name.field.type.kind))
    tell('not_asked', ['name'], 'Strangers register with a name: a question of this form must ask it, as text.');
  if (form.purpose === 'change')
    tell('changes_only', [], 'Strangers register by a form that adds a record: this one only changes those there are.');
  if (form.password_again) tell('password', [], 'Strangers have no password yet: this form cannot ask for it again.');
  for (const question of questions)
    if (!question.hidden && (leadsTo(question.field.type) !== null || question.field.type.kind === 'files'))
      tell(
        'not_for_strangers',
        [],
        `Strangers may not look up records or send files: ${question.label} cannot be asked in this form.`,
      );
  return found;
};
