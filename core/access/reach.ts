import { failed, ok, problem, type Result } from '../base/index.ts';
import { bindPerson, type Checked, checkExpression, type PersonFacts, type Vocabulary } from '../expression/index.ts';
import { type Catalogue, type Register, vocabularyOf } from '../register/index.ts';
import type { RecordCondition } from './role.ts';

/** The names a condition over whose records may be seen or changed goes by: `record` is the record itself. */
export const reachVocabulary = (register: Register, catalogue: Catalogue): Vocabulary => {
  const known = vocabularies.get(catalogue) ?? new Map<string, Vocabulary>();
  vocabularies.set(catalogue, known);
  const made = known.get(register.key) ?? makeVocabulary(register, catalogue);
  known.set(register.key, made);
  return made;
};

const vocabularies = new WeakMap<Catalogue, Map<string, Vocabulary>>();

const makeVocabulary = (register: Register, catalogue: Catalogue): Vocabulary => {
  const own = vocabularyOf(register, catalogue);
  const itself = { name: 'record', label: register.singular, type: { kind: 'link', register: register.key } } as const;
  return { ...own, names: new Map([...own.names, ['record', itself]]) };
};

/** How far a right reaches, made ready: no record, all of them, or those for which a checked condition holds. */
export type CompiledReach = 'none' | 'all' | Checked;

const NOT_IN_SQL = 'not_in_sql';

/** A reach made ready, or what is wrong with its condition: one that the database cannot answer is refused. */
export const compileReach = (
  reach: RecordCondition,
  register: Register,
  catalogue: Catalogue,
): Result<CompiledReach> => {
  if (typeof reach === 'boolean') return ok(reach ? 'all' : 'none');
  const checked = checkExpression(reach, reachVocabulary(register, catalogue), { kind: 'condition' });
  if (!checked.ok || checked.value.notInSql === null) return checked;
  return failed(
    problem(
      NOT_IN_SQL,
      [],
      `Records cannot be told apart by this, as ${checked.value.notInSql}.`,
      checked.value.expr.span,
    ),
  );
};

/** The condition of a reach for one person, `me` in it being who they are. */
export const boundReach = (checked: Checked, me: PersonFacts): Checked => ({
  ...checked,
  term: bindPerson(checked.term, me),
});
