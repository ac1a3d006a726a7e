import type { PlanAnswer } from '#contract/index.ts';
import { joinWords, problem } from '#core/base/index.ts';
import {
  type Catalogue,
  type Constraint,
  checkMust,
  type Plan,
  type PlanStep,
  type Register,
} from '#core/register/index.ts';
import { any, identifier, rowsKey, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { isColumn, isListType, rowFieldsIn } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { invalid } from '../platform/refusal.ts';
import { fieldChecks, type Table, tablesOf } from './derived/index.ts';
import type { Definitions } from './store.ts';

/*
 * What a change means for the records there are: how many of them hold something in what goes, and which break what is asked
 * from then on.
 */

/** Records that break what is about to be asked: how many, and some of them by their ids. */
export interface Breaking {
  readonly count: number;
  readonly ids: readonly string[];
}
export const NONE_BREAKING: Breaking = { count: 0, ids: [] };
/** So many of them are named. */
export const MOST_NAMED = 50;

/**
 * Finds the records that break a constraint of a register as both stand. The composition root hands it in: definitions read
 * no records.
 */
export type FindBreaking = (
  db: Queryable,
  definitions: Definitions,
  broken: { readonly register: Register; readonly constraint: Constraint },
) => Promise<Breaking>;

type Broken = NonNullable<PlanAnswer['steps'][number]['breaking']>;
/** A step as it is said before it is known what breaks it. */
export type Said = Pick<PlanAnswer['steps'][number], 'kind' | 'says'>;
/** A step as it is said, with the records that break it by their ids: who may see which, whoever answers says. */
export interface SaidWithIds extends Said {
  readonly breaking?: Omit<Broken, 'records'> & { readonly ids: readonly string[] };
}
type AskedAnew = PlanStep & { readonly kind: 'ask_anew' };
type Held = PlanStep & { readonly kind: 'hold' };

const tableOf = (catalogue: Catalogue, key: string): Table | undefined =>
  tablesOf(catalogue).find((each) => each.key === key);

const countIn = async (db: Queryable, query: SqlFragment): Promise<number> => {
  const { rows } = await db.execute(toDrizzle(query));
  return Number(rows[0]?.n ?? 0);
};

const holdsSomething = (field: {
  readonly key: string;
  readonly type: Parameters<typeof isListType>[0];
}): SqlFragment =>
  isListType(field.type) ? text`cardinality(${identifier(field.key)}) > 0` : text`${identifier(field.key)} is not null`;

/** The steps that are said with how many records they are about; only of those they are counted. */
const COUNTED: ReadonlySet<PlanStep['kind']> = new Set([
  'add_field',
  'set_aside_field',
  'set_aside_register',
  'set_aside_row_field',
  'work_out_anew',
]);

/** How many records a step is about: those that hold something in what goes, else all there are. */
export const countAbout = async (db: Queryable, step: PlanStep, { catalogue }: Definitions): Promise<number> => {
  if (!('register' in step) || !COUNTED.has(step.kind)) return 0;
  const key = step.kind === 'set_aside_row_field' ? rowsKey(step.register.key, step.rows.key) : step.register.key;
  const table = tableOf(catalogue, key);
  if (!table) return 0;
  const at = identifier(table.schema, table.name);
  if (step.kind !== 'set_aside_field' && step.kind !== 'set_aside_row_field')
    return countIn(db, text`select count(*) as n from ${at}`);
  const rows = tableOf(catalogue, rowsKey(step.register.key, step.field.key));
  if (rows && rowFieldsIn(step.field.type).length > 0)
    return countIn(db, text`select count(distinct entry) as n from ${identifier(rows.schema, rows.name)}`);
  const held = table.fields.find((each) => each.key === step.field.key);
  return held && isColumn(held) ? countIn(db, text`select count(*) as n from ${at} where ${holdsSomething(held)}`) : 0;
};

/** Those that do not have what is asked of a field anew. */
const findStanding = async (
  db: Queryable,
  { register, rows, field }: AskedAnew,
  { catalogue }: Definitions,
): Promise<Breaking | null> => {
  const table = tableOf(catalogue, rows ? rowsKey(register.key, rows.key) : register.key);
  const checks = fieldChecks(field);
  if (!table || checks.length === 0 || !table.fields.some((each) => each.key === field.key)) return null;
  const at = identifier(table.schema, table.name);
  const broken = any(checks.map((check) => text`(${check}) is false`));
  const where = rows ? broken : text`${broken} and archived_at is null`;
  const count = await countIn(db, text`select count(*) as n from ${at} where ${where}`);
  if (count === 0) return NONE_BREAKING;
  const owner = rows ? identifier('entry') : identifier('id');
  const limit: SqlFragment = { segments: [{ kind: 'text', text: String(MOST_NAMED) }] };
  const { rows: found } = await db.execute(
    toDrizzle(text`select distinct ${owner} as id from ${at} where ${where} order by 1 limit ${limit}`),
  );
  return { count, ids: found.map((row) => String(row.id)) };
};

const withStanding = (said: Said, { register, rows, field }: AskedAnew, breaking: Breaking): SaidWithIds => {
  const what = rows ? rows.type.plural.toLowerCase() : 'records';
  if (breaking.count === 0) return { ...said, says: `${said.says} All ${what} have it so.` };
  const [those, they] =
    breaking.count === 1
      ? [`One of the ${what} has`, 'It stays as it is']
      : [`${breaking.count} ${what} have`, 'They stay as they are'];
  const changed = rows ? rows.label : field.label;
  return {
    ...said,
    says: `${said.says} ${those} it otherwise. ${they} until ${changed} is changed there.`,
    breaking: {
      register: register.key,
      count: breaking.count,
      ids: breaking.ids,
      fields: [rows ? rows.key : field.key],
      until: changed,
      may_stand: true,
      stands: true,
    },
  };
};

const withBroken = (said: Said, { register, constraint }: Held, after: Catalogue, breaking: Breaking): SaidWithIds => {
  const { count } = breaking;
  if (count === 0) return { ...said, says: `${said.says} All records do.` };
  const read = constraint.kind === 'must' ? checkMust(register, constraint, after) : null;
  const named =
    constraint.kind === 'unique'
      ? constraint.fields
      : read?.ok
        ? [...new Set(read.value.reads.map(([name = '']) => name))]
        : [];
  const fields = register.fields.filter(({ key }) => named.includes(key));
  const [are, break_] = count === 1 ? ['One record', 'breaks'] : [`${count} records`, 'break'];
  const says =
    constraint.kind === 'unique'
      ? `${said.says} ${count} records share it with another, so this is refused until they are mended.`
      : constraint.lets_stand
        ? `${said.says} ${are} ${break_} it, and may stay so until what it reads is changed.`
        : `${said.says} ${are} ${break_} it; each must be mended when it is next changed.`;
  return {
    ...said,
    says,
    breaking: {
      register: register.key,
      count,
      ids: breaking.ids,
      fields: fields.map(({ key }) => key),
      until: joinWords(
        fields.map(({ label }) => label),
        'or',
      ),
      may_stand: constraint.kind === 'must',
      stands: constraint.kind === 'must' && constraint.lets_stand === true,
    },
  };
};

/** Whether all that a constraint reads stands there already: what is added with it holds nothing that could break it. */
const canBeRead = (register: Register, constraint: Constraint, catalogue: Catalogue): boolean =>
  constraint.kind === 'must'
    ? checkMust(register, constraint, catalogue).ok
    : constraint.fields.every((key) => register.fields.some((field) => field.key === key));

/** The records that break what a step asks; null where it asks nothing of those there are. */
export const breakingOf = async (
  db: Queryable,
  step: PlanStep | undefined,
  definitions: Definitions,
  find: FindBreaking,
): Promise<Breaking | null> => {
  if (step?.kind === 'ask_anew') return findStanding(db, step, definitions);
  if (step?.kind !== 'hold') return null;
  const { constraint } = step;
  const register = definitions.catalogue.registers.get(step.register.key);
  if (!register || !canBeRead(register, constraint, definitions.catalogue)) return null;
  return find(db, definitions, { register, constraint });
};

/** Adds to each step that asks something of records how many break it now, and which. */
export const withBreaking = (
  db: Queryable,
  steps: readonly Said[],
  plan: Plan,
  after: Catalogue,
  definitions: Definitions,
  find: FindBreaking,
): Promise<SaidWithIds[]> =>
  Promise.all(
    steps.map(async (said, i): Promise<SaidWithIds> => {
      const step = plan.steps[i];
      const breaking = await breakingOf(db, step, definitions, find);
      if (breaking === null) return said;
      if (step?.kind === 'ask_anew') return withStanding(said, step, breaking);
      return step?.kind === 'hold' ? withBroken(said, step, after, breaking) : said;
    }),
  );

/** Refuses a change while records break what it asks: whoever carries it out wanted them mended first. */
export const refuseWhileBroken = async (
  db: Queryable,
  plan: Plan,
  definitions: Definitions,
  find: FindBreaking,
): Promise<void> => {
  for (const step of plan.steps) {
    const breaking = await breakingOf(db, step, definitions, find);
    if (breaking !== null && breaking.count > 0 && 'register' in step)
      throw invalid([
        problem(
          'still_broken',
          ['registers', step.register.key],
          `${breaking.count === 1 ? 'One record' : `${breaking.count} records`} of ${step.register.plural} would still break it: mend them first, or let them stand.`,
        ),
      ]);
  }
};
