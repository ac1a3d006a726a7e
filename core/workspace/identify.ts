import type { Role } from '../access/index.ts';
import type { Form } from '../form/index.ts';
import type { ChoiceList, Register } from '../register/index.ts';
import type { Route } from '../signoff/index.ts';
import { type FieldType, type RowField, rowsIn } from '../values/index.ts';
import type { Workspace } from './definition.ts';

/** Makes an id (UUID version 7); an argument, as chance is one everywhere. */
export type NewId = () => string;

interface Known {
  readonly id?: string | undefined;
}

const byKey = ({ key }: { readonly key: string }): string => key;
const EMPTY: readonly never[] = [];

/** Gives ids to all that workspaces are made of, where they have none yet. */
export class Identifier {
  readonly #newId: NewId;
  readonly #given: boolean;

  /**
   * `given`: whether ids that are not known here are kept, as those of a workspace file are; otherwise a copy would be
   * taken for what it was copied from.
   */
  constructor(newId: NewId, given = false) {
    this.#newId = newId;
    this.#given = given;
  }

  /**
   * The things of one list, each with its id and with what it was: what names an id that was here before keeps it, else
   * what is called as something before is that same thing, and anything else is new.
   */
  #list<T extends Known>(
    things: readonly T[],
    before: readonly T[],
    called: (thing: T) => string,
  ): (readonly [thing: T & { readonly id: string }, before: T | undefined])[] {
    const known = new Map(before.flatMap((thing) => (thing.id === undefined ? [] : [[thing.id, thing] as const])));
    const claimed = new Set<string>();
    const claim = (id: string | undefined): string | undefined => {
      if (id === undefined || claimed.has(id)) return undefined;
      claimed.add(id);
      return id;
    };
    const first = things.map(({ id }) => (id !== undefined && known.has(id) ? claim(id) : undefined));
    return things.map((thing, i) => {
      const same = first[i] ?? claim(before.find((each) => called(each) === called(thing))?.id);
      const id = same ?? (this.#given ? claim(thing.id) : undefined) ?? this.#newId();
      // Its id stands first, as the schemas have it: documents are compared as texts.
      return [Object.assign({ id }, thing, { id }), known.get(id)] as const;
    });
  }

  /** One thing: it is what was there before, if anything was. */
  #one<T extends Known>(thing: T, before: T | undefined): T & { readonly id: string } {
    const id = before?.id ?? (this.#given ? thing.id : undefined) ?? this.#newId();
    return Object.assign({ id }, thing, { id });
  }

  #type(type: FieldType, before: FieldType | undefined): FieldType {
    const rows = rowsIn(type);
    if (!rows) return type;
    const held: readonly RowField[] = (before && rowsIn(before)?.fields) ?? EMPTY;
    return { ...rows, fields: this.#list(rows.fields, held, byKey).map(([field]) => field) };
  }

  register(register: Register, before?: Register): Register {
    const fields = this.#list(register.fields, before?.fields ?? EMPTY, byKey);
    return {
      ...this.#one(register, before),
      fields: fields.map(([field, old]) => ({ ...field, type: this.#type(field.type, old?.type) })),
    };
  }

  choiceList(list: ChoiceList, before?: ChoiceList): ChoiceList {
    const choices = this.#list(list.choices, before?.choices ?? EMPTY, ({ code }) => code);
    return { ...this.#one(list, before), choices: choices.map(([choice]) => choice) };
  }

  role(role: Role, before?: Role): Role {
    return this.#one(role, before);
  }

  form(form: Form, before?: Form): Form {
    const questions = this.#list(form.questions, before?.questions ?? EMPTY, ({ field }) => field);
    return {
      ...this.#one(form, before),
      questions: questions.map(([question]) => question),
      pages: this.#list(form.pages, before?.pages ?? EMPTY, byKey).map(([page]) => page),
    };
  }

  /** Steps have no keys: one of the same label and signers is the same one. */
  route(route: Route, before?: Route): Route {
    const called = ({ label, who }: Route['steps'][number]): string => `${JSON.stringify(who)} ${label}`;
    const steps = this.#list(route.steps, before?.steps ?? EMPTY, called).map(([step]) => step);
    // Where the steps are given ids anew, what names one names it by the new one.
    const from = route.steps.findIndex(({ id }) => id !== undefined && id === route.again_from);
    return { ...this.#one(route, before), steps, again_from: steps[from]?.id ?? route.again_from };
  }

  workspace(file: Workspace): Workspace {
    return {
      ...file,
      choice_lists: file.choice_lists.map((list) => this.choiceList(list)),
      registers: file.registers.map((register) => this.register(register)),
      roles: file.roles.map((role) => this.role(role)),
      forms: file.forms.map((form) => this.form(form)),
      routes: file.routes.map((route) => this.route(route)),
    };
  }
}
