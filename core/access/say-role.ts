import { joinWords, lowerFirst } from '../base/index.ts';
import { type Clause, findCondition, parseExpression, type SayContext, sayClause } from '../expression/index.ts';
import { type Catalogue, type Register, valueContext } from '../register/index.ts';
import { reachVocabulary } from './reach.ts';
import {
  type Permission,
  type RecordCondition,
  type Rights,
  type Role,
  rightsIn,
  SET_UP_RIGHTS,
  type SetUpRight,
} from './role.ts';
import { everyField } from './seen.ts';

/** What each deed is called in a sentence about whoever holds a role. */
export const DEED_WORDS: { readonly [D in Permission]: string } = {
  see: 'sees',
  add: 'adds',
  change: 'changes',
  archive: 'archives',
  export: 'exports',
};

/** What the rights to set up are called. */
export const SET_UP_WORDS: { readonly [R in SetUpRight]: string } = {
  registers: 'registers and their rules, and sees and changes every record',
  forms: 'forms, routes and lists, and sees every record',
  people: 'people and roles',
};

/** How conditions over a register's records are said. */
export const reachContext = (register: Register, catalogue: Catalogue): SayContext => ({
  vocabulary: reachVocabulary(register, catalogue),
  values: valueContext(catalogue),
});

const isItself = ({ field }: Clause): boolean => field.length === 1 && field[0] === 'record';

/** A clause behind a register's name: "that are me", "whose owner is me". */
const sayClauseOf = (clause: Clause, context: SayContext): string => {
  const said = sayClause(clause, 'is', context).map(({ text }) => text);
  if (isItself(clause)) return `that ${said.slice(1).join(' ').replace(/^is\b/, 'are')}`;
  return `whose ${lowerFirst(said.join(' '))}`;
};

/** Which records a condition is about, behind their name; a formula where there is no sentence for it. */
export const sayWhich = (condition: string, context: SayContext): string => {
  const parsed = parseExpression(condition);
  const found = parsed.ok ? findCondition(parsed.value) : null;
  if (!found) return `for which ${condition}`;
  return found.clauses.map((clause) => sayClauseOf(clause, context)).join(found.join === 'and' ? ' and ' : ' or ');
};

/** "every Invoice", "Invoices whose client is me". */
export const sayReach = (reach: RecordCondition, register: Register, catalogue: Catalogue): string => {
  if (typeof reach === 'boolean') return reach ? `every ${register.singular}` : `no ${register.singular}`;
  return `${register.plural} ${sayWhich(reach, reachContext(register, catalogue))}`;
};

/** What a field is called by in a sentence about its register: "Discount", "Lines’ cost". */
export const fieldLabel = (register: Register, path: string): string => {
  const found = everyField(register).find((each) => each.path === path);
  if (!found) return path;
  if (!path.includes('.')) return found.field.label;
  const rows = register.fields.find(({ key }) => key === path.split('.')[0]);
  return `${rows?.label ?? ''}’ ${lowerFirst(found.field.label)}`;
};

/** What a role says that demands a second step. */
export const SECOND_STEP_WORDS = 'signs in with a second step';

/** One sentence about whoever holds a role: what it is about, and its words. */
export interface RoleSentence {
  /** A deed on a register, results that are seen, a field changed on a condition, a right to set up, or how one signs in. */
  readonly about:
    | { readonly kind: 'deed'; readonly deed: Permission; readonly register: string }
    | { readonly kind: 'results'; readonly register: string }
    | { readonly kind: 'when'; readonly register: string; readonly field: string }
    | { readonly kind: 'sets_up'; readonly right: SetUpRight }
    | { readonly kind: 'second_step' };
  readonly says: string;
}

const labels = (register: Register, paths: readonly string[], last: 'and' | 'or'): string =>
  joinWords(
    paths.map((path) => fieldLabel(register, path)),
    last,
  );

const besides = (deed: Permission, rights: Rights, register: Register): string => {
  if (deed === 'see' && rights.hidden.length > 0) return `, without ${labels(register, rights.hidden, 'and')}`;
  if (deed !== 'change') return '';
  const only = rights.only === undefined ? '' : `: ${labels(register, rights.only, 'and') || 'no field'}`;
  const locked = rights.locked.length > 0 ? `, but not ${labels(register, rights.locked, 'or')}` : '';
  return `${only}${locked}`;
};

const deedsOf = (rights: Rights): Permission[] =>
  (['see', 'add', 'change', 'archive', 'export'] as const).filter((deed) => rights[deed] !== false);

/** The sentence of one deed of a role on a register, with no name before it: "sees every Invoice, without Discount". */
export const sayDeed = (role: Role, deed: Permission, register: Register, catalogue: Catalogue): string => {
  const rights = rightsIn(role, register.key);
  return `${DEED_WORDS[deed]} ${sayReach(rights[deed], register, catalogue)}${besides(deed, rights, register)}`;
};

/** All that a role says, a sentence each: by it the role is read and told, and by its parts it is changed. */
export const sayRole = (role: Role, catalogue: Catalogue): RoleSentence[] => [
  ...SET_UP_RIGHTS.filter((right) => role.sets_up.includes(right)).map(
    (right): RoleSentence => ({ about: { kind: 'sets_up', right }, says: `sets up ${SET_UP_WORDS[right]}` }),
  ),
  ...(role.second_step ? [{ about: { kind: 'second_step' }, says: SECOND_STEP_WORDS } as const] : []),
  ...[...catalogue.registers.values()].flatMap((register): RoleSentence[] => {
    const rights = role.registers[register.key];
    if (!rights) return [];
    const context = reachContext(register, catalogue);
    return [
      ...deedsOf(rights).map(
        (deed): RoleSentence => ({
          about: { kind: 'deed', deed, register: register.key },
          says: `${DEED_WORDS[deed]} ${sayReach(rights[deed], register, catalogue)}${besides(deed, rights, register)}`,
        }),
      ),
      ...(rights.results.length > 0
        ? [
            {
              about: { kind: 'results', register: register.key } as const,
              says: `sees the result of ${labels(register, rights.results, 'and')} of ${register.plural}`,
            },
          ]
        : []),
      ...Object.entries(rights.when).map(
        ([field, condition]): RoleSentence => ({
          about: { kind: 'when', register: register.key, field },
          says: `changes ${fieldLabel(register, field)} of ${register.plural} ${sayWhich(condition, context)
            .replace(/^whose /, 'while ')
            .replace(/^that are /, 'while it is ')}`,
        }),
      ),
    ];
  }),
];
