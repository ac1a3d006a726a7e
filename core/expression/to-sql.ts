import { type Clock, Decimal, today } from '../base/index.ts';
import {
  all,
  any,
  identifier,
  intervalMs,
  join,
  parameter,
  type SqlFragment,
  type SqlType,
  sql,
  tableOf,
} from '../sql/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { Checked } from './checked.ts';
import { joinAnd, type SqlCall, type SqlList, type SqlTools } from './functions/signature.ts';
import type { PersonFacts } from './person.ts';
import type { Base, LoopSource, PathStep, Term, TermTest } from './term.ts';
import type { CompareOp } from './tree.ts';
import type { TypeKind } from './type.ts';
import { fromGiven, type Value } from './value.ts';
import type { Formula } from './vocabulary.ts';

const TYPES: { readonly [K in TypeKind]: SqlType } = {
  null: 'text',
  number: 'numeric',
  text: 'text',
  boolean: 'boolean',
  date: 'date',
  time: 'time',
  moment: 'timestamptz',
  days: 'numeric',
  span: 'daterange',
  months: 'numeric',
  choice: 'text',
  link: 'uuid',
  record: 'uuid',
  list: 'text',
};

/** What an expression is compiled for: the alias of the register's table, the clock, and who asks. */
export interface SqlTarget {
  readonly alias: string;
  readonly clock: Clock;
  readonly me?: PersonFacts;
  /** The answers around what is looked for: what stands behind `entry`, by question. */
  readonly entry?: (question: string) => StoredValue;
  /** Where the records of a register are read, as far as whoever asks sees them; without it all of them. */
  readonly from?: (register: string) => SqlFragment;
  /** Work out also what stands in columns of its own: where those columns cannot be read, as in one of them. */
  readonly anew?: boolean;
}

const isNull = (term: Term): boolean => term.op === 'constant' && term.value === null;
const isGiven = (term: Term): boolean => term.op === 'constant' && term.value !== null;

/** Whether a term reads a value on the far side of links, each to one record. */
const isBehindLinks = (term: Term): term is Term & { op: 'read' } =>
  term.op === 'read' && term.base !== 'me' && term.by === null && term.steps.length > 1 && term.type.kind !== 'list';

const OPERATORS: { readonly [O in Exclude<CompareOp, '!='>]: SqlFragment } = {
  '=': sql`=`,
  '<': sql`<`,
  '<=': sql`<=`,
  '>': sql`>`,
  '>=': sql`>=`,
};

/** Texts are ordered by code point; both sides say so, as one may carry another collation from a function. */
const sideWith = (value: SqlFragment, one: Term, other: Term): SqlFragment =>
  one.type.kind === 'text' || other.type.kind === 'text' ? sql`${value} collate "C"` : value;

/** A place a slot of a loop stands for: a record by its table's alias, or a value. */
type Place = { readonly alias: string } | { readonly item: SqlFragment };

class Writer {
  readonly #target: SqlTarget;
  readonly #tools: SqlTools;
  readonly #from: (register: string) => SqlFragment;
  readonly #places = new Map<number, Place>();
  /** Counted over a whole statement: a formula inside another takes its aliases from the same row. */
  readonly #aliases: { count: number };

  constructor(target: SqlTarget, aliases = { count: 0 }) {
    const { clock } = target;
    this.#target = target;
    this.#from = target.from ?? tableOf;
    this.#aliases = aliases;
    this.#tools = {
      now: parameter(clock.now, 'timestamptz'),
      today: parameter(today(clock), 'date'),
      zone: parameter(clock.zone, 'text'),
      holidays: parameter(clock.holidays ?? [], 'date[]'),
    };
  }

  alias(letter: string): string {
    return `${letter}${++this.#aliases.count}`;
  }

  constant(value: Value, kind: TypeKind): SqlFragment {
    const type = TYPES[kind];
    if (value === null && kind === 'null') return sql`null`;
    if (Decimal.isDecimal(value)) return parameter(value.toFixed(), type);
    if (typeof value === 'number') return parameter(String(value), type);
    if (kind === 'span' && typeof value === 'string') return heldRange(value);
    return parameter(typeof value === 'string' || typeof value === 'boolean' ? value : null, type);
  }

  /** Where a path begins: its first step as SQL, and what is left of it. */
  begin(
    base: Base,
    steps: readonly PathStep[],
  ): { value: SqlFragment; rest: readonly PathStep[]; from: PathStep | undefined } {
    const [first, ...rest] = steps;
    const name = first?.name ?? '';
    if (base === 'me') return { value: this.me(name), rest, from: first };
    const place = typeof base === 'number' ? this.#places.get(base) : { alias: this.#target.alias };
    if (!place || !('alias' in place)) throw new RangeError(`no record stands for ${String(base)}`);
    return { value: first ? this.fieldOf(place.alias, first) : identifier(place.alias, name), rest, from: first };
  }

  /** A field of the record an alias stands for: its column, or what its formula works out. */
  fieldOf(alias: string, { name, formula, interval }: PathStep): SqlFragment {
    // A record's own names for itself and for its sign-off, which no field can have.
    const column = identifier(alias, name === 'record' || name === 'sign_off' ? 'id' : name);
    if (!formula || (formula.stored && !this.#target.anew)) return interval ? intervalMs(column) : column;
    const term = formula.term();
    if (!term) return sql`null`;
    // What is worked out never depends on who reads it.
    return rounded(new Writer({ ...this.#target, alias, from: tableOf }, this.#aliases).value(term), formula);
  }

  me(name: string): SqlFragment {
    const { me } = this.#target;
    if (name === 'record') return parameter(me?.record ?? null, 'uuid');
    return parameter((name === 'email' ? me?.email : me?.name) ?? null, 'text');
  }

  /** What stands behind `entry` where the target knows the answers: a constant. */
  answer({ base, steps, type }: Term & { op: 'read' }): SqlFragment | null {
    const [first, second] = steps;
    if (base !== 'record' || first?.name !== 'entry' || !second || !this.#target.entry) return null;
    const held = this.#target.entry(second.name);
    return this.constant(typeof held === 'object' ? null : fromGiven(held, type), type.kind);
  }

  /** A field across links: each link is followed by a scalar subquery on its register. */
  path(base: Base, steps: readonly PathStep[]): SqlFragment {
    let { value, rest, from } = this.begin(base, steps);
    for (const step of rest) {
      const alias = this.alias('l');
      value = sql`(select ${this.fieldOf(alias, step)} from ${this.#from(from?.to ?? '')} ${identifier(alias)} where ${identifier(alias, 'id')} = ${value})`;
      from = step;
    }
    return value;
  }

  /**
   * Whether what stands behind links passes a test that nothing never passes: asked from the far end, so that an index
   * finds the records that lead there, where to go along each record's links would read all of them.
   */
  behind({ base, steps }: Term & { op: 'read' }, test: (value: SqlFragment) => SqlFragment): SqlFragment {
    const lead = (value: SqlFragment, rest: readonly PathStep[], to: string | null): SqlFragment => {
      const [step, ...more] = rest;
      if (!step) return test(value);
      const alias = this.alias('l');
      const there = lead(this.fieldOf(alias, step), more, step.to);
      return sql`(${value} in (select ${identifier(alias, 'id')} from ${this.#from(to ?? '')} ${identifier(alias)} where ${there}))`;
    };
    const { value, rest, from } = this.begin(base, steps);
    return lead(value, rest, from?.to ?? null);
  }

  /** The records whose link points to the one a path leads to, or those whose ids stand in its list. */
  records(term: Term & { op: 'read' }): { list: SqlList; alias: string } {
    const last = term.steps.at(-1);
    const before = term.steps.slice(0, -1);
    const to = last?.to ?? '';
    if (term.by === 'own') {
      const ids = this.path(term.base, term.steps);
      const alias = this.alias('r');
      const id = identifier(alias, 'id');
      const list: SqlList = {
        from: sql`${this.#from(to)} ${identifier(alias)}`,
        where: [sql`${id} = any(${ids})`],
        item: id,
        order: sql`array_position(${ids}, ${id})`,
      };
      return { alias, list };
    }
    const owner =
      before.length > 0 ? this.path(term.base, before) : this.begin(term.base, [{ name: 'id', to: null }]).value;
    const alias = this.alias('r');
    const by = identifier(alias, term.by?.field ?? '');
    const points = term.by?.many ? sql`${by} @> array[${owner}]` : sql`${by} = ${owner}`;
    // Rows go with their record: only records of their own can be archived.
    const there = to.includes('.') ? [] : [sql`${identifier(alias, 'archived_at')} is null`];
    return {
      alias,
      list: {
        from: sql`${this.#from(to)} ${identifier(alias)}`,
        where: [points, ...there],
        item: identifier(alias, 'id'),
        order: identifier(alias, 'seq'),
      },
    };
  }

  /** A list with the place its items stand in. */
  source(term: Term): { list: SqlList; place: Place } {
    if (term.op === 'read' && term.by !== null) {
      const { list, alias } = this.records(term);
      return { list, place: { alias } };
    }
    if (term.op === 'filter') {
      const { list, place } = this.source(term.list);
      this.#places.set(term.slot, place);
      return { list: { ...list, where: [...list.where, this.value(term.condition, true)] }, place };
    }
    const list = this.list(term);
    return { list, place: { item: list.item } };
  }

  list(term: Term): SqlList {
    switch (term.op) {
      case 'read':
        if (term.by !== null) return this.records(term).list;
        if (term.base !== 'me')
          return this.table(sql`unnest(${this.path(term.base, term.steps)}) with ordinality`, ['item', 'n']);
        return this.table(sql`unnest(${parameter(this.#target.me?.roles ?? [], 'text[]')}) with ordinality`, [
          'item',
          'n',
        ]);
      case 'list': {
        if (term.items.length === 0) return this.table(sql`(select null::text, 1 where false)`, ['item', 'n']);
        const rows = term.items.map((item, i) => sql`(${this.value(item)}, ${parameter(i, 'integer')})`);
        return this.table(sql`lateral (values ${join(rows, ', ')})`, ['item', 'n']);
      }
      case 'filter':
        return this.source(term).list;
      case 'loop': {
        const joined = this.joined(term.sources);
        return { ...joined, item: this.value(term.body) };
      }
      default:
        throw new RangeError(`not a list in SQL: ${term.op}`);
    }
  }

  table(from: SqlFragment, [item, n]: readonly [string, string]): SqlList {
    const alias = this.alias('v');
    return {
      from: sql`${from} as ${identifier(alias)}(${identifier(item)}, ${identifier(n)})`,
      where: [],
      item: identifier(alias, item),
      order: identifier(alias, n),
    };
  }

  joined(sources: readonly LoopSource[]): SqlList {
    const lists = sources.map(({ slot, list }) => {
      const { list: found, place } = this.source(list);
      this.#places.set(slot, place);
      return found;
    });
    return {
      from: join(
        lists.map((list) => list.from),
        ' cross join ',
      ),
      where: lists.flatMap((list) => list.where),
      item: lists.at(-1)?.item ?? sql`null`,
      order: join(
        lists.map((list) => list.order),
        ', ',
      ),
    };
  }

  loop(term: Term & { op: 'loop' }, loose: boolean): SqlFragment {
    const { from, where } = this.joined(term.sources);
    const body = this.value(term.body, loose && term.form === 'some');
    const filtered = where.length > 0 ? sql` where ${joinAnd(where)}` : sql``;
    if (term.form === 'every')
      return sql`(select case when not bool_and(${body}) then false when bool_or(${body} is null) then null else true end from ${from}${filtered})`;
    if (loose) return sql`exists (select 1 from ${from} where ${joinAnd([...where, body])})`;
    return sql`(select case when bool_or(${body}) then true when bool_or(${body} is null) then null else false end from ${from}${filtered})`;
  }

  /**
   * The comparison operators over nothing, as in the evaluator. `loose` where only true counts (a filter, and what it
   * is the and/or of): there nothing may stand for false, and an index can answer a plain `=`.
   */
  compared(op: CompareOp, left: Term, right: Term, loose: boolean): SqlFragment {
    if (loose && op !== '!=' && isBehindLinks(left) && isGiven(right) && !this.answer(left)) {
      const side = (value: SqlFragment, one: Term, other: Term) => (op === '=' ? value : sideWith(value, one, other));
      const given = side(this.value(right), right, left);
      return this.behind(left, (value) => sql`(${side(value, left, right)} ${OPERATORS[op]} ${given})`);
    }
    if (op === '=' || op === '!=') {
      if (isNull(left)) return this.isNothing(op, right);
      if (isNull(right)) return this.isNothing(op, left);
      const [a, b] = [this.value(left), this.value(right)];
      if (op === '!=') return sql`(${a} is distinct from ${b})`;
      return loose && (isGiven(left) || isGiven(right)) ? sql`(${a} = ${b})` : sql`(${a} is not distinct from ${b})`;
    }
    return sql`(${this.sideOf(left, right)} ${OPERATORS[op]} ${this.sideOf(right, left)})`;
  }

  /** One side of a comparison that orders. */
  sideOf(term: Term, other: Term): SqlFragment {
    return sideWith(this.value(term), term, other);
  }

  isNothing(op: '=' | '!=', term: Term): SqlFragment {
    return op === '=' ? sql`(${this.value(term)} is null)` : sql`(${this.value(term)} is not null)`;
  }

  among(term: Term & { op: 'in' }, loose: boolean): SqlFragment {
    const given = term.tests.flatMap((test) => (test.kind === 'equals' && isGiven(test.value) ? [test.value] : []));
    if (loose && given.length === term.tests.length) {
      const values = join(
        given.map((each) => this.value(each)),
        ', ',
      );
      const { value } = term;
      const isOne = (held: SqlFragment): SqlFragment => sql`(${held} in (${values}))`;
      return isBehindLinks(value) && !this.answer(value) ? this.behind(value, isOne) : isOne(this.value(value));
    }
    return any(term.tests.map((test) => this.inTest(term.value, test, loose)));
  }

  inTest(value: Term, test: TermTest, loose: boolean): SqlFragment {
    switch (test.kind) {
      case 'equals':
        return this.compared('=', value, test.value, loose);
      case 'compare':
        return this.compared(test.op, value, test.value, loose);
      case 'among': {
        const { from, where, item } = this.list(test.list);
        const wanted = this.value(value);
        const filtered = where.length > 0 ? sql` where ${joinAnd(where)}` : sql``;
        return sql`(select coalesce(bool_or(${item} is not distinct from ${wanted}), false) from ${from}${filtered})`;
      }
      case 'range':
        return all([
          this.compared(test.lowIn ? '>=' : '>', value, test.low, loose),
          this.compared(test.highIn ? '<=' : '<', value, test.high, loose),
        ]);
    }
  }

  at(term: Term & { op: 'at' }): SqlFragment {
    const { from, where, item, order } = this.list(term.list);
    const place =
      term.position.op === 'constant' && Decimal.isDecimal(term.position.value) ? term.position.value.toNumber() : 0;
    if (place === 0 || !Number.isInteger(place)) return this.constant(null, term.type.kind);
    const filtered = where.length > 0 ? sql` where ${joinAnd(where)}` : sql``;
    const sorted = place > 0 ? order : descending(order);
    return sql`(select ${item} from ${from}${filtered} order by ${sorted} offset ${parameter(Math.abs(place) - 1, 'integer')} limit 1)`;
  }

  call(term: Term & { op: 'call' }): SqlFragment {
    const { sql: write } = term.signature;
    if (typeof write === 'string') throw new RangeError(`not answered in SQL: ${term.name}`);
    const arg = (i: number): Term => {
      const found = term.args[i];
      if (!found) throw new RangeError(`${term.name} has no argument ${i}`);
      return found;
    };
    const call: SqlCall = {
      at: (i) => this.value(arg(i)),
      has: (i) => i < term.args.length,
      constant: (i) => {
        const found = arg(i);
        return found.op === 'constant' ? found.value : null;
      },
      list: (i) => this.list(arg(i)),
      count: term.args.length,
      tools: this.#tools,
      exact: term.size !== undefined && term.size.before + term.size.after <= 34,
      type: (i) => arg(i).type,
    };
    return write(call);
  }

  value(term: Term, loose = false): SqlFragment {
    switch (term.op) {
      case 'constant':
        return this.constant(term.value, term.type.kind);
      case 'read':
        return this.answer(term) ?? this.path(term.base, term.steps);
      case 'item': {
        const place = this.#places.get(term.slot);
        if (!place) throw new RangeError('an item outside its loop');
        return 'item' in place ? place.item : identifier(place.alias, 'id');
      }
      case 'column': {
        const alias = this.alias('c');
        return sql`(select ${identifier(alias, term.column)} from ${identifier('choices', term.list)} ${identifier(alias)} where ${identifier(alias, 'code')} = ${this.value(term.of)})`;
      }
      case 'compare':
        return this.compared(term.with, term.left, term.right, loose);
      case 'and':
        return all([this.value(term.left, loose), this.value(term.right, loose)]);
      case 'or':
        return any([this.value(term.left, loose), this.value(term.right, loose)]);
      case 'not':
        return sql`(not ${this.value(term.operand)})`;
      case 'in':
        return this.among(term, loose);
      case 'if':
        return sql`(case when ${this.value(term.condition, true)} then ${this.value(term.whenTrue)} else ${this.value(term.whenFalse)} end)`;
      case 'call':
        return this.call(term);
      case 'loop':
        return this.loop(term, loose);
      case 'at':
        return this.at(term);
      case 'list':
      case 'numbers':
      case 'filter':
        throw new RangeError(`not a value in SQL: ${term.op}`);
    }
  }
}

/** Days that are held, from the first to the last. */
const heldRange = (days: string): SqlFragment => parameter(`[${days.replace('/', ',')}]`, 'daterange');

const descending = (order: SqlFragment): SqlFragment => sql`${order} desc`;

/**
 * One parameterised PostgreSQL expression with the evaluator's answer, over the register's table known as the
 * target's alias. Links are followed by scalar subqueries on `records.<register>`, the records that point back by
 * aggregates. Nothing of the expression's text is pasted in. Only for what `notInSql` says nothing against.
 */
export const toSql = (checked: Checked, target: SqlTarget): SqlFragment => new Writer(target).value(checked.term);

const rounded = (value: SqlFragment, { decimals }: Formula): SqlFragment =>
  decimals === null ? value : sql`round(${value}, ${parameter(decimals, 'integer')})`;

/** What a worked-out field holds, over its register's table; nothing while its formula is wrong. */
export const toSqlFormula = (formula: Formula, target: SqlTarget): SqlFragment => {
  const term = formula.term();
  return term ? rounded(new Writer({ ...target, from: tableOf }).value(term), formula) : sql`null`;
};

/** The same where only true counts, as in a filter: nothing may stand for false there, so that indexes can answer. */
export const toSqlFilter = (checked: Checked, target: SqlTarget): SqlFragment =>
  new Writer(target).value(checked.term, true);
