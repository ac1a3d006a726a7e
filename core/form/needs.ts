import { type Checked, type NoteField, noteFieldsRead } from '../expression/index.ts';
import { type Catalogue, titleField } from '../register/index.ts';
import { rowsKey } from '../sql/index.ts';
import { linkIn, rowFieldsIn } from '../values/index.ts';
import type { CompiledForm, CompiledQuestion } from './compiled.ts';

/** The fields of each register, and of rows (`invoices.lines`), that a form asks and its rules read. */
export type Needs = ReadonlyMap<string, ReadonlySet<string>>;

const conditionsOf = (question: CompiledQuestion): Checked[] =>
  [
    question.startsAs,
    question.workedOut,
    ...question.askedWhen,
    ...question.lockedWhen,
    ...question.musts.map((must) => must.condition),
    ...question.offers.map((offer) => offer.condition),
  ].filter((each) => each !== null);

const conditionsOfPages = ({ pages, sections, endings }: CompiledForm): Checked[] =>
  [
    ...pages.flatMap(({ onward }) => onward.map((each) => each.condition)),
    ...[...sections.values()].map((section) => section.condition),
    ...endings.map((ending) => ending.condition),
  ].filter((each) => each !== null);

/** Notes every field of a path that begins at a register. */
const notePath = (catalogue: Catalogue, register: string, path: readonly string[], note: NoteField): void => {
  let at: string | undefined = register;
  for (const name of path) {
    if (at === undefined) return;
    note(at, name);
    const field: { readonly type: Parameters<typeof linkIn>[0] } | undefined = catalogue.registers
      .get(at)
      ?.fields.find((each) => each.key === name);
    at = field && linkIn(field.type)?.register;
  }
};

const noteQuestion = (compiled: CompiledForm, question: CompiledQuestion, note: NoteField): void => {
  const { register, catalogue } = compiled;
  const { key, field } = question;
  note(register.key, key);
  for (const each of conditionsOf(question)) noteFieldsRead(each.term, register.key, note);
  const rows = rowsKey(register.key, key);
  const own = rowFieldsIn(field.type);
  for (const each of own) note(rows, each.key);
  for (const column of question.columns.values()) {
    const asked = [column.startsAs, ...column.askedWhen, ...column.musts.map((must) => must.condition)];
    for (const each of asked) if (each) noteFieldsRead(each.term, rows, note);
  }
  const lookUp = linkIn(field.type)?.register;
  if (lookUp !== undefined) {
    for (const each of question.offersWhere) noteFieldsRead(each.term, lookUp, note);
    for (const { path } of question.fills) notePath(catalogue, lookUp, path, note);
  }
  for (const each of own) {
    const to = linkIn(each.type)?.register;
    if (to === undefined) continue;
    for (const offered of question.columns.get(each.key)?.offersWhere ?? []) noteFieldsRead(offered.term, to, note);
    for (const fill of question.cellFills) if (fill.lookUp === each.key) notePath(catalogue, to, fill.path, note);
  }
  for (const { question: fetched, by } of question.fetches) {
    const to = linkIn(compiled.byKey.get(fetched)?.field.type ?? field.type)?.register;
    if (to !== undefined) note(to, by);
  }
  for (const made of [question.makes, ...[...question.columns.values()].map((column) => column.makes)])
    if (made) noteForm(made, note);
  for (const start of question.startsFrom)
    if (start.kind === 'opened') notePath(catalogue, start.register, start.path, note);
};

/** What the records that a form's links lead to are called by. */
const noteTitles = ({ questions, catalogue }: CompiledForm, note: NoteField): void => {
  for (const { field } of questions)
    for (const type of [field.type, ...rowFieldsIn(field.type).map((row) => row.type)]) {
      const target = catalogue.registers.get(linkIn(type)?.register ?? '');
      if (target) note(target.key, titleField(target).key);
    }
};

const noteForm = (compiled: CompiledForm, note: NoteField): void => {
  for (const question of compiled.questions) noteQuestion(compiled, question, note);
  for (const each of conditionsOfPages(compiled)) noteFieldsRead(each.term, compiled.register.key, note);
  noteTitles(compiled, note);
};

const noting = (): { readonly needs: Needs; readonly note: NoteField } => {
  const needs = new Map<string, Set<string>>();
  const put = (register: string, field: string): void => {
    needs.set(register, (needs.get(register) ?? new Set()).add(field));
  };
  return {
    needs,
    note: (register, field) => {
      put(register, field);
      // Rows are seen through the field they stand in.
      const [owner = '', rows] = register.split('.');
      if (rows !== undefined) put(owner, rows);
    },
  };
};

/** What a form asks and shows, and what the links among it are called: what whoever signs sees of its record. */
export const fieldsShown = (compiled: CompiledForm): Needs => {
  const { needs, note } = noting();
  for (const { key, field, hidden } of compiled.questions) {
    if (hidden) continue;
    note(compiled.register.key, key);
    for (const each of rowFieldsIn(field.type)) note(rowsKey(compiled.register.key, key), each.key);
  }
  noteTitles(compiled, note);
  note(compiled.register.key, titleField(compiled.register).key);
  return needs;
};

/**
 * What a form needs of the registers to be filled in: what it asks, what its rules read, and what the records its
 * look-ups choose are called. Nothing else of them is for whoever may only fill it in.
 */
export const fieldsNeeded = (compiled: CompiledForm): Needs => {
  const { needs, note } = noting();
  noteForm(compiled, note);
  return needs;
};
