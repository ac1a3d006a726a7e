import type { FileFacts, Linked } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { leadsTo, PEOPLE, type RowField, type StoredValue, type ValueContext } from '#core/values/index.ts';
import type { Offered } from '../../data/queries.ts';

/** What every control of a field gets: what the field holds, and what to do when that changes. */
export interface ControlProps {
  readonly id: string;
  readonly field: RowField;
  readonly value: StoredValue;
  /** Text being typed, or that could not be read: shown as it was typed. */
  readonly asTyped: string | undefined;
  readonly filled: boolean;
  readonly invalid: boolean;
  readonly required: boolean;
  readonly describedBy: string | undefined;
  readonly context: ValueContext;
  /** The codes the form offers of a choice list, where these are not all. */
  readonly offered: ReadonlySet<string> | null;
  /** Where look-ups are asked: the form, and the question (`lines.stock` for a cell). */
  readonly lookUp: Asked;
  readonly known: Known;
  /** Text as typed; the caller reads it by the field's kind. */
  readonly onType: (text: string) => void;
  readonly onValue: (value: StoredValue) => void;
  /** One record was looked up, or taken away. */
  readonly onChoose: (offered: Offered | null) => void;
  /** A record that is not there yet was chosen, with what was typed; null where none is offered. */
  readonly onNew: ((called: string) => void) | null;
  readonly onLeave: () => void;
}

/** Where a look-up is asked, and the answers that what it offers follows from. */
export interface Asked {
  readonly form: string;
  readonly draft: boolean;
  readonly question: string;
  readonly answers: Readonly<Record<string, StoredValue>>;
}

/** What is known of the records and files that values point to, by id. */
export interface Known {
  readonly registers: readonly Register[];
  readonly links: Readonly<Record<string, Linked>>;
  readonly files: Readonly<Record<string, FileFacts>>;
}

/** What a look-up leads to, for its tab mark and its words. */
export interface Target {
  /** The register's key; null for people. */
  readonly key: string | null;
  readonly singular: string;
  readonly mark: string | null;
  readonly plural: string;
}

/** What a link or person field looks up; null for any other kind, and for a register that may not be seen. */
export const targetOf = ({ type }: RowField, registers: readonly Register[]): Target | null => {
  const to = leadsTo(type);
  return to === PEOPLE
    ? { key: null, singular: 'Person', mark: null, plural: 'people' }
    : (registers.find((each) => each.key === to) ?? null);
};

/** What an input shares with every other: its name, what describes it, whether it is wrong. */
export const sharedProps = ({ id, invalid, describedBy, onLeave, filled }: ControlProps) => ({
  id,
  'aria-invalid': invalid,
  'aria-describedby': describedBy,
  onBlur: onLeave,
  className: `box ${filled ? 'box-filled' : ''}`,
});
