import { type RecordCondition, type Rights, type Role, reachVocabulary } from '../access/index.ts';
import { isReservedKey, KEY, type Problem, problem, toKey } from '../base/index.ts';
import { FUNCTION_NAMES, type Renaming, renameInExpression, type Vocabulary } from '../expression/index.ts';
import {
  type Column,
  type Form,
  formVocabulary,
  type OffersNew,
  offeringVocabulary,
  type Rule,
} from '../form/index.ts';
import {
  type List,
  mapLook,
  readGroupings,
  readLook,
  readMarks,
  readTotals,
  readWidths,
  readWorked,
  withFitting,
  writeGroupings,
  writeLook,
  writeMarks,
  writeTotals,
  writeWidths,
  writeWorked,
} from '../list/index.ts';
import { type Catalogue, type Constraint, findVocabulary, type Register, vocabularyOf } from '../register/index.ts';
import { type Route, routeVocabulary, type Who } from '../signoff/index.ts';
import { rowsKey } from '../sql/index.ts';
import { numberingIn, type RowField, recordBehind, rowFieldsIn, rowsIn, workedOutIn } from '../values/index.ts';

const renamed = (key: string, { from, to }: Renaming): string => (key === from ? to : key);

/** A field with the formulas inside it rewritten, over the names of the record or of the row it stands in. */
const renameInType = <T extends RowField>(field: T, key: string, before: Catalogue, renaming: Renaming): T => {
  const vocabulary = findVocabulary(key, before);
  const { type } = field;
  if (!vocabulary) return field;
  const rewrite = (text: string) => renameInExpression(text, vocabulary, renaming);
  const worked = workedOutIn(type);
  if (worked) return { ...field, type: { ...worked, formula: rewrite(worked.formula) } };
  const numbered = numberingIn(type);
  if (numbered?.when !== undefined) return { ...field, type: { ...numbered, when: rewrite(numbered.when) } };
  const rows = rowsIn(type);
  if (!rows) return field;
  const there = rowsKey(key, field.key);
  const own = there === renaming.register;
  const fields = rows.fields.map((row) => {
    const rewritten = renameInType(row, there, before, renaming);
    return own ? { ...rewritten, key: renamed(row.key, renaming) } : rewritten;
  });
  return { ...field, type: { ...rows, fields } };
};

const renameInConstraint = (
  constraint: Constraint,
  register: Register,
  before: Catalogue,
  renaming: Renaming,
): Constraint => {
  if (constraint.kind === 'must')
    return {
      ...constraint,
      condition: renameInExpression(constraint.condition, vocabularyOf(register, before), renaming),
    };
  return register.key === renaming.register
    ? { ...constraint, fields: constraint.fields.map((key) => renamed(key, renaming)) }
    : constraint;
};

const renameInRegister = (register: Register, before: Catalogue, renaming: Renaming): Register => {
  const own = register.key === renaming.register;
  const rewritten = register.fields.map((field) => renameInType(field, register.key, before, renaming));
  return {
    ...register,
    fields: own ? rewritten.map((field) => ({ ...field, key: renamed(field.key, renaming) })) : rewritten,
    ...(own && register.title !== undefined ? { title: renamed(register.title, renaming) } : {}),
    beside: own ? register.beside.map((key) => renamed(key, renaming)) : register.beside,
    alike: own ? register.alike.map((key) => renamed(key, renaming)) : register.alike,
    listed: own ? register.listed.map((key) => renamed(key, renaming)) : register.listed,
    constraints: register.constraints.map((each) => renameInConstraint(each, register, before, renaming)),
  };
};

/** The catalogue after a field got a new key. */
export const renameInCatalogue = (catalogue: Catalogue, renaming: Renaming): Catalogue => ({
  ...catalogue,
  ...(catalogue.people?.register === renaming.register
    ? { people: { ...catalogue.people, email: renamed(catalogue.people.email, renaming) } }
    : {}),
  registers: new Map(
    [...catalogue.registers].map(([key, register]) => {
      const after = renameInRegister(register, catalogue, renaming);
      return [key, JSON.stringify(after) === JSON.stringify(register) ? register : after];
    }),
  ),
});

const renameInRule = (rule: Rule, question: string, vocabulary: Vocabulary, own: boolean, renaming: Renaming): Rule => {
  const rewrite = (text: string) => renameInExpression(text, vocabulary, renaming);
  switch (rule.kind) {
    case 'must_be_answered':
    case 'must_be_unique':
    case 'starts_as_addressed':
    case 'hidden':
    case 'not_kept':
      return rule;
    case 'starts_as_opened': {
      const names = vocabulary.linked(rule.register);
      return rule.from === undefined || !names
        ? rule
        : { ...rule, from: renameInExpression(rule.from, names, renaming) };
    }
    case 'offers_where': {
      const target = vocabulary.names.get(question)?.type;
      const names = target && 'register' in target ? offeringVocabulary(vocabulary, target.register) : null;
      return names ? { ...rule, condition: renameInExpression(rule.condition, names, renaming) } : rule;
    }
    case 'offers_new':
      return renameInNew(rule, question, vocabulary, renaming);
    case 'fetches': {
      const there = recordBehind(vocabulary.names.get(rule.question)?.type) === renaming.register;
      return {
        ...rule,
        question: own ? renamed(rule.question, renaming) : rule.question,
        by: there ? renamed(rule.by, renaming) : rule.by,
      };
    }
    case 'starts_as':
    case 'worked_out_as':
    case 'hidden_as':
      return { ...rule, value: rewrite(rule.value) };
    case 'asked_when':
    case 'locked_when':
    case 'must':
      return { ...rule, condition: rewrite(rule.condition) };
    case 'offers_only':
      return rule.condition === undefined ? rule : { ...rule, condition: rewrite(rule.condition) };
    case 'fills_cell': {
      const rows = vocabulary.linked(rowsKey(vocabulary.register, question));
      if (!rows) return rule;
      const cell = rows.register === renaming.register ? renamed(rule.cell, renaming) : rule.cell;
      return { ...rule, cell, from: renameInExpression(rule.from, rows, renaming) };
    }
    case 'fills':
      return {
        ...rule,
        question: own && rule.question === renaming.from ? renaming.to : rule.question,
        from: rewrite(rule.from),
      };
  }
};

/** What is asked of a record made along is read by the names of the register that the look-up leads to. */
const renameInNew = (rule: OffersNew, lookUp: string, vocabulary: Vocabulary, renaming: Renaming): OffersNew => {
  const target = vocabulary.names.get(lookUp)?.type;
  const names = target && 'register' in target ? vocabulary.linked(target.register) : null;
  if (!names) return rule;
  const rewrite = (text: string) => renameInExpression(text, names, renaming);
  return {
    ...rule,
    asks: rule.asks.map((asked) => ({
      ...asked,
      field: names.register === renaming.register ? renamed(asked.field, renaming) : asked.field,
      rules: asked.rules.map((each) => {
        if (each.kind === 'must_be_answered') return each;
        return each.kind === 'starts_as'
          ? { ...each, value: rewrite(each.value) }
          : { ...each, condition: rewrite(each.condition) };
      }),
    })),
  };
};

/** A column's rules are read by the names of its row. */
const renameInColumn = (column: Column, rows: Vocabulary, renaming: Renaming): Column => {
  const rewrite = (text: string) => renameInExpression(text, rows, renaming);
  return {
    ...column,
    field: rows.register === renaming.register ? renamed(column.field, renaming) : column.field,
    rules: column.rules.map((rule) => {
      if (rule.kind === 'must_be_answered') return rule;
      if (rule.kind === 'offers_new') return renameInNew(rule, column.field, rows, renaming);
      return rule.kind === 'starts_as'
        ? { ...rule, value: rewrite(rule.value) }
        : { ...rule, condition: rewrite(rule.condition) };
    }),
  };
};

/** A form after a field of some register got a new key; `before` is the catalogue of before. */
export const renameInForm = (form: Form, before: Catalogue, renaming: Renaming): Form => {
  const register = before.registers.get(form.register);
  if (!register) return form;
  const vocabulary = formVocabulary(form, register, before);
  const own = form.register === renaming.register;
  /** The same with its condition rewritten, where it has one. */
  const conditional = <T extends { readonly condition?: string | undefined }>(held: T): T =>
    held.condition === undefined
      ? held
      : { ...held, condition: renameInExpression(held.condition, vocabulary, renaming) };
  const columnsOf = (question: string, columns: readonly Column[]): Column[] => {
    const rows = findVocabulary(rowsKey(register.key, question), before);
    return columns.map((column) => (rows ? renameInColumn(column, rows, renaming) : column));
  };
  const put = (key: string): string => (own && key === renaming.from ? renaming.to : key);
  const { registration } = form;
  return {
    ...form,
    ...(registration
      ? { registration: { ...registration, name: put(registration.name), email: put(registration.email) } }
      : {}),
    pages: form.pages.map((page) => ({ ...page, onward: page.onward.map(conditional) })),
    sections: form.sections.map(conditional),
    endings: form.endings.map(conditional),
    questions: form.questions.map((question) => ({
      ...question,
      field: put(question.field),
      rules: question.rules.map((rule) => renameInRule(rule, question.field, vocabulary, own, renaming)),
      ...(question.columns ? { columns: columnsOf(question.field, question.columns) } : {}),
    })),
  };
};

const renameInWho = (who: Who, vocabulary: Vocabulary, renaming: Renaming): Who => {
  switch (who.kind) {
    case 'role':
    case 'person':
      return who;
    case 'field':
      return { ...who, path: renameInExpression(who.path, vocabulary, renaming) };
    case 'signers': {
      const put = (key: string): string => (who.register === renaming.register ? renamed(key, renaming) : key);
      const match = ({ there, here }: { readonly there: string; readonly here: string }) => ({
        there: put(there),
        here: renameInExpression(here, vocabulary, renaming),
      });
      return {
        ...who,
        person: put(who.person),
        matches: who.matches.map(match),
        limit: who.limit && match(who.limit),
        from: who.from && put(who.from),
        until: who.until && put(who.until),
      };
    }
  }
};

/** A route after a field got a new key: the fields it names, its conditions, and whom it asks. */
export const renameInRoute = (route: Route, before: Catalogue, renaming: Renaming): Route => {
  const register = before.registers.get(route.register);
  if (!register) return route;
  const vocabulary = routeVocabulary(register, before, new Map());
  const own = (key: string): string => (route.register === renaming.register ? renamed(key, renaming) : key);
  const formula = (text: string): string => renameInExpression(text, vocabulary, renaming);
  const condition = (text: string | null): string | null => (text === null ? null : formula(text));
  const step = (held: Route['steps'][number]): Route['steps'][number] => {
    const { deadline } = held;
    return {
      ...held,
      who: renameInWho(held.who, vocabulary, renaming),
      condition: condition(held.condition),
      notes: held.notes.map(formula),
      shows: held.shows?.map(own) ?? null,
      fills: held.fills.map((fill) => ({ ...fill, field: own(fill.field) })),
      locks: held.locks.map(own),
      deadline: deadline && {
        ...deadline,
        by:
          deadline.by.kind === 'date'
            ? { ...deadline.by, path: renameInExpression(deadline.by.path, vocabulary, renaming) }
            : deadline.by,
        late:
          deadline.late?.kind === 'pass'
            ? { ...deadline.late, to: renameInWho(deadline.late.to, vocabulary, renaming) }
            : deadline.late,
      },
    };
  };
  const settings = (held: Route['sets'][keyof Route['sets']]) =>
    held.map(({ field, value }) => ({ field: own(field), value: formula(value) }));
  return {
    ...route,
    condition: condition(route.condition),
    steps: route.steps.map(step),
    ...(route.watches ? { watches: route.watches.map(own) } : {}),
    amount: route.amount && own(route.amount),
    tolerance: route.tolerance && { ...route.tolerance, field: own(route.tolerance.field) },
    sets: {
      approved: settings(route.sets.approved),
      refused: settings(route.sets.refused),
      sent_back: settings(route.sets.sent_back),
    },
  };
};

/** A list after a field got a new key: its filter, and every path it names. */
export const renameInList = (list: List, before: Catalogue, renaming: Renaming): List => {
  const plain = before.registers.get(list.register);
  if (!plain) return list;
  // What is worked out for the list alone can be named in it too.
  const { register, catalogue } = withFitting(list.view.worked, plain, before);
  const vocabulary = vocabularyOf(register, catalogue);
  const formula = (text: string): string => renameInExpression(text, vocabulary, renaming);
  const { filter, sort, columns, by, totals, look, marks, widths, worked } = list.view;
  const own = readWorked(worked);
  // Rules cannot name all that a list shows, as files.
  const isOwn = (path: string): boolean => list.register === renaming.register && path === renaming.from;
  const put = (path: string): string => (isOwn(path) ? renaming.to : formula(path));
  const at = <T extends { readonly path: string }>(named: T): T => ({ ...named, path: put(named.path) });
  const [groups, told, drawn, rules] = [readGroupings(by), readTotals(totals), readLook(look), readMarks(marks)];
  return {
    ...list,
    view: {
      ...list.view,
      filter: formula(filter),
      sort: eachOf(sort, (key) => (key.startsWith('-') ? `-${put(key.slice(1))}` : put(key))),
      columns: eachOf(columns, put),
      by: groups.ok ? writeGroupings(groups.value.map(at)) : by,
      totals: told.ok ? writeTotals(told.value.map(at)) : totals,
      look: drawn.ok ? writeLook(mapLook(drawn.value, put)) : look,
      marks: rules.ok ? writeMarks(rules.value.map((rule) => ({ ...rule, when: formula(rule.when) }))) : marks,
      worked: own.ok ? writeWorked(own.value.map((each) => ({ ...each, formula: formula(each.formula) }))) : worked,
      widths: writeWidths(new Map([...readWidths(widths)].map(([path, pixels]) => [put(path), pixels]))),
    },
  };
};

const eachOf = (text: string, rename: (part: string) => string): string =>
  text === '' ? '' : text.split(',').map(rename).join(',');

/** A role after a field got a new key: the fields it names, and its conditions. */
export const renameInRole = (role: Role, before: Catalogue, renaming: Renaming): Role => {
  const [owner = '', rows] = renaming.register.split('.');
  const old = rows === undefined ? renaming.from : `${rows}.${renaming.from}`;
  const put = (key: string, path: string): string => {
    if (key !== owner) return path;
    if (path === old) return rows === undefined ? renaming.to : `${rows}.${renaming.to}`;
    // The fields of rows are named with the rows' own key before them.
    return rows === undefined && path.startsWith(`${old}.`) ? `${renaming.to}${path.slice(old.length)}` : path;
  };
  const registers = Object.entries(role.registers).map(([key, rights]) => {
    const register = before.registers.get(key);
    if (!register) return [key, rights] as const;
    const vocabulary = reachVocabulary(register, before);
    const rewrite = (text: string): string => renameInExpression(text, vocabulary, renaming);
    const reach = (held: RecordCondition): RecordCondition => (typeof held === 'boolean' ? held : rewrite(held));
    const paths = (held: readonly string[]): string[] => held.map((path) => put(key, path));
    const next: Rights = {
      see: reach(rights.see),
      add: reach(rights.add),
      change: reach(rights.change),
      archive: reach(rights.archive),
      export: reach(rights.export),
      hidden: paths(rights.hidden),
      results: paths(rights.results),
      ...(rights.only === undefined ? {} : { only: paths(rights.only) }),
      locked: paths(rights.locked),
      when: Object.fromEntries(
        Object.entries(rights.when).map(([path, condition]) => [put(key, path), rewrite(condition)]),
      ),
    };
    return [key, next] as const;
  });
  return { ...role, registers: Object.fromEntries(registers) };
};

/** The fields a renaming is among, with what they belong to in words; null where there is no such register or rows. */
const among = (catalogue: Catalogue, key: string): { fields: readonly RowField[]; plural: string } | null => {
  const [owner = '', rows] = key.split('.');
  const register = catalogue.registers.get(owner);
  if (!register || rows === undefined) return register ?? null;
  const field = register.fields.find((each) => each.key === rows);
  return (field && rowsIn(field.type)) ?? null;
};

/** Why a field cannot get a new key, or null. */
export const renamingProblem = (catalogue: Catalogue, { register: key, from, to }: Renaming): Problem | null => {
  const found = among(catalogue, key);
  const told = (detail: string) => problem('cannot_rename', ['renames'], detail);
  if (!found?.fields.some((field) => field.key === from)) return told(`There is no field “${from}” to give a new key.`);
  if (!KEY.test(to)) return told(`“${to}” is no key: small letters, digits and _, beginning with a letter.`);
  if (isReservedKey(to, FUNCTION_NAMES))
    return told(`“${to}” is a word of the rule language and cannot be a field's key.`);
  return found.fields.some((field) => field.key === to)
    ? told(`${found.plural} have a field with the key “${to}” already.`)
    : null;
};

const renamesAmong = (register: string, before: readonly RowField[], after: readonly RowField[]): Renaming[] =>
  after.flatMap(({ id, key }) => {
    const old = id === undefined ? undefined : before.find((field) => field.id === id);
    return old && old.key !== key ? [{ register, from: old.key, to: key }] : [];
  });

/**
 * The fields that are called otherwise in a register as it shall be: the same by their ids, with another key. Those of
 * the register come first, as its rows go by the keys they have then. What names no ids renames nothing.
 */
export const renamesBetween = (before: Register, after: Register): Renaming[] => [
  ...renamesAmong(before.key, before.fields, after.fields),
  ...after.fields.flatMap(({ id, key, type }) => {
    const old = before.fields.find((field) => (id === undefined ? field.key === key : field.id === id));
    return old ? renamesAmong(rowsKey(before.key, key), rowFieldsIn(old.type), rowFieldsIn(type)) : [];
  }),
];

/** New keys for the fields that are called what a name may not be any more: a word or a function came to mean something. */
export const renamesOfReserved = (catalogue: Catalogue): Renaming[] => {
  const freed = (register: string, fields: readonly RowField[]): Renaming[] => {
    const taken = new Set(fields.map(({ key }) => key));
    return fields.flatMap(({ key }) => {
      if (!isReservedKey(key, FUNCTION_NAMES)) return [];
      const to = toKey(key, taken, FUNCTION_NAMES);
      taken.add(to);
      return [{ register, from: key, to }];
    });
  };
  return [...catalogue.registers.values()].flatMap((register) => {
    const own = freed(register.key, register.fields);
    const now = (key: string): string => own.find(({ from }) => from === key)?.to ?? key;
    return [
      ...own,
      ...register.fields.flatMap(({ key, type }) => freed(rowsKey(register.key, now(key)), rowFieldsIn(type))),
    ];
  });
};
