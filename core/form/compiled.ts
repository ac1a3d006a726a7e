import type { Checked, Vocabulary } from '../expression/index.ts';
import type { Catalogue, Field, Register } from '../register/index.ts';
import type { RowField } from '../values/index.ts';
import type { CompiledPages } from './compile-pages.ts';
import type { Form } from './definition.ts';
import type { OrderStep } from './order.ts';

/* What a form is once its rules are parsed and checked. */

export interface CompiledMust {
  readonly condition: Checked;
  readonly message: string | undefined;
}

export interface Fill {
  readonly target: string;
  /** The path inside the linked record: `boat.owner` from the boat is ['owner']. */
  readonly path: readonly string[];
}

/** What a look-up in the cell `lookUp` of a row fills: the cell `target`. */
export interface CellFill extends Fill {
  readonly lookUp: string;
}

/** A look-up that takes the record whose field `by` holds this answer. */
export interface Fetching {
  readonly question: string;
  readonly by: string;
}

/** Where a question's first value comes from: a path of the record the form was opened from, or the address. */
export type StartsFrom =
  | { readonly kind: 'opened'; readonly register: string; readonly path: readonly string[] }
  | { readonly kind: 'addressed'; readonly name: string };

/** The rules of one column of rows, read by the names of a row. */
export interface CompiledColumn {
  readonly field: RowField;
  readonly label: string;
  readonly required: boolean;
  readonly startsAs: Checked | null;
  readonly askedWhen: readonly Checked[];
  readonly musts: readonly CompiledMust[];
  /** Of a look-up: which records it offers. */
  readonly offersWhere: readonly Checked[];
  /** Of a look-up: what is asked of a record it offers to make; null where it offers none. */
  readonly makes: CompiledForm | null;
}

/** Of a choice list only these, while the condition holds; null: always. */
export interface Offering {
  readonly codes: ReadonlySet<string>;
  readonly condition: Checked | null;
}

export interface CompiledQuestion {
  readonly key: string;
  readonly label: string;
  readonly field: Field;
  readonly required: boolean;
  /** The form itself asks for an answer, and not the register alone. */
  readonly mustBeAnswered: boolean;
  readonly help: string | undefined;
  /** The place of its page. */
  readonly page: number;
  readonly section: string | undefined;
  readonly startsAs: Checked | null;
  /** What it starts as where the form was opened from a record, or by an address that says so. */
  readonly startsFrom: readonly StartsFrom[];
  /** Its value follows from others, and nobody answers it. */
  readonly workedOut: Checked | null;
  /** Not shown. */
  readonly hidden: boolean;
  /** Whether it is stored with the record. */
  readonly kept: boolean;
  /** What another record must not hold too, with a message of one's own. */
  readonly unique: { readonly message: string | undefined } | null;
  /** Of a look-up: which records it offers. */
  readonly offersWhere: readonly Checked[];
  /** Of a look-up: what is asked of a record it offers to make; null where it offers none. */
  readonly makes: CompiledForm | null;
  /** Which look-up takes the record found by this answer, and by which field. */
  readonly fetches: readonly Fetching[];
  /** Of rows: the rules of their columns. */
  readonly columns: ReadonlyMap<string, CompiledColumn>;
  readonly askedWhen: readonly Checked[];
  readonly lockedWhen: readonly Checked[];
  readonly offers: readonly Offering[];
  readonly musts: readonly CompiledMust[];
  readonly fills: readonly Fill[];
  /** What look-ups in its rows fill. */
  readonly cellFills: readonly CellFill[];
  /** The questions its being asked and its value follow from, and whether they follow from the clock too. */
  readonly inputs: ReadonlySet<string>;
  readonly timed: boolean;
  /** The same of its *must* rules, and of what it offers. */
  readonly mustInputs: ReadonlySet<string>;
  readonly mustTimed: boolean;
}

/** A form whose rules are parsed, checked and put in the order in which they are worked out. */
export interface CompiledForm extends CompiledPages {
  readonly form: Form;
  /** Of what is asked of a record made along: the look-up that offers it, as `boat` or `lines.stock`; else empty. */
  readonly within: string;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly vocabulary: Vocabulary;
  /** In the order of the form. */
  readonly questions: readonly CompiledQuestion[];
  readonly byKey: ReadonlyMap<string, CompiledQuestion>;
  /** In an order in which everything comes after what it depends on. */
  readonly order: readonly OrderStep[];
  /** Look-ups that fill a question, in the order of the form. */
  readonly filledBy: ReadonlyMap<string, readonly string[]>;
}
