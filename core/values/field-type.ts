import { intervalMs, type SqlFragment } from '../sql/index.ts';
import { choice, choices } from './choice.ts';
import { type CodeScheme, code } from './code.ts';
import { address, email, phone, web } from './contact.ts';
import { duration } from './duration.ts';
import { type FileSort, files } from './files.ts';
import { asksNothing, type FieldBehaviour, PEOPLE } from './kind.ts';
import { link, links, person } from './link.ts';
import { type Limits, money, number, percent } from './number.ts';
import { position } from './position.ts';
import { type RowsSettings, rows } from './rows.ts';
import { runningNumber, type Series } from './running-number.ts';
import { date, moment, time, yesNo } from './simple.ts';
import { formatted, longText, text } from './text.ts';

/** How a link is called from the other side: the name and label of the records that point there. */
export interface BackName {
  readonly key: string;
  readonly label: string;
}

/** The kinds a worked-out field may give, each with its settings. */
export type OutcomeType =
  | { readonly kind: 'text' | 'yes_no' | 'date' | 'time' | 'moment' | 'duration' }
  | ({ readonly kind: 'number'; readonly decimals: number; readonly unit?: string | undefined } & Limits)
  | ({ readonly kind: 'money'; readonly currency: string } & Limits)
  | ({ readonly kind: 'percent'; readonly decimals: number } & Limits)
  | { readonly kind: 'choice'; readonly list: string };

/** What kind of value a field holds, with the settings of that kind: one branch each. */
export type FieldType =
  | { readonly kind: 'text'; readonly longest?: number | undefined }
  | Exclude<OutcomeType, { kind: 'text' | 'yes_no' | 'date' | 'time' | 'moment' | 'duration' }>
  | { readonly kind: 'long_text' | 'formatted' | 'yes_no' | 'date' | 'time' | 'moment' | 'duration' }
  | { readonly kind: 'person' | 'email' | 'phone' | 'web' | 'address' | 'position' }
  | { readonly kind: 'choices'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string; readonly back?: BackName | undefined }
  | { readonly kind: 'links'; readonly register: string; readonly back?: BackName | undefined }
  | ({ readonly kind: 'rows' } & RowsSettings)
  | { readonly kind: 'files'; readonly sort: FileSort; readonly most: number }
  | ({ readonly kind: 'code' } & CodeScheme)
  /** `when` is a FEEL condition: the number is given when it first holds; without it on storing. */
  | ({ readonly kind: 'running_number'; readonly when?: string | undefined } & Series)
  /** `formula` is a FEEL expression over the record; what it answers is shown as `gives` would be. */
  | { readonly kind: 'worked_out'; readonly formula: string; readonly gives: OutcomeType };
export type FieldKindName = FieldType['kind'];
export type FieldTypeOf<K extends FieldKindName> = Extract<FieldType, { kind: K }>;

/** A field of a row. */
export interface RowField {
  readonly key: string;
  readonly label: string;
  readonly type: FieldType;
  readonly required: boolean;
}

/** The kinds in the order in which they are offered, in the trade's words. */
export const KIND_WORDS: { readonly [K in FieldKindName]: string } = {
  text: 'text',
  long_text: 'long text',
  formatted: 'formatted text',
  number: 'number',
  money: 'money',
  percent: 'percent',
  yes_no: 'yes or no',
  date: 'date',
  time: 'time',
  moment: 'date and time',
  duration: 'duration',
  choice: 'choose one',
  choices: 'choose many',
  link: 'link to one',
  links: 'link to many',
  rows: 'rows',
  person: 'person',
  email: 'e-mail',
  phone: 'phone',
  web: 'web address',
  address: 'postal address',
  position: 'map position',
  files: 'files',
  code: 'code with a check',
  running_number: 'running number',
  worked_out: 'worked out',
};

/** What is worked out is stored as what it gives; the database keeps it, and nobody types it. */
const workedOut = (gives: FieldBehaviour): FieldBehaviour => ({
  ...gives,
  asks: asksNothing,
  traits: { ...gives.traits, asTyped: false, tellsAlike: false },
});

const make = (type: FieldType): FieldBehaviour => {
  switch (type.kind) {
    case 'text':
      return text(type.longest);
    case 'long_text':
      return longText();
    case 'formatted':
      return formatted();
    case 'number':
      return number(type.decimals, type.unit, type);
    case 'money':
      return money(type.currency, type);
    case 'percent':
      return percent(type.decimals, type);
    case 'yes_no':
      return yesNo();
    case 'date':
      return date();
    case 'time':
      return time();
    case 'moment':
      return moment();
    case 'duration':
      return duration();
    case 'choice':
      return choice(type.list);
    case 'choices':
      return choices(type.list);
    case 'link':
      return link(type.register);
    case 'links':
      return links(type.register);
    case 'rows':
      return rows(type, (field) => behaviourOf(field.type));
    case 'person':
      return person();
    case 'email':
      return email();
    case 'phone':
      return phone();
    case 'web':
      return web();
    case 'address':
      return address();
    case 'position':
      return position();
    case 'files':
      return files(type.most);
    case 'code':
      return code(type);
    case 'running_number':
      return runningNumber();
    case 'worked_out':
      return workedOut(behaviourOf(type.gives));
  }
};

const made = new WeakMap<FieldType, FieldBehaviour>();

/** How a field of this type is parsed, checked, compared, shown and stored; made once per definition. */
export const behaviourOf = (type: FieldType): FieldBehaviour => {
  const found = made.get(type) ?? make(type);
  made.set(type, found);
  return found;
};

/** Whether values are lists: nothing is [] for them. */
export const isListType = (type: FieldType): boolean => behaviourOf(type).column.endsWith('[]');

/** To how many decimals a number of the type is kept; null where it holds no numbers. */
export const decimalsOf = (type: FieldType): number | null => {
  const scale = /^numeric\(\d+, (\d+)\)$/.exec(behaviourOf(type).column)?.[1];
  return scale === undefined ? null : Number(scale);
};

/** Whether values are numbers or durations, which stand to the right in a list. */
export const isNumeric = (type: FieldType): boolean => {
  const { kind } = behaviourOf(type).value;
  return kind === 'number' || kind === 'days';
};

/** Kinds nobody writes: the program works them out or gives them. */
export const isMadeByProgram = (kind: FieldKindName): boolean => kind === 'worked_out' || kind === 'running_number';

/** Fields that stand in columns of the record's own, written by the program. */
export const isColumn = ({ type }: Pick<RowField, 'type'>): boolean =>
  type.kind !== 'worked_out' && type.kind !== 'rows';

/** A field's column as the rule language counts: durations in milliseconds, everything else as it stands. */
export const columnValue = (column: SqlFragment, type: FieldType): SqlFragment =>
  behaviourOf(type).sql === 'interval' ? intervalMs(column) : column;

/** Whether a field has a column in a CSV file; rows and files have none. */
export const isInCsv = ({ type }: Pick<RowField, 'type'>): boolean => behaviourOf(type).traits.cell !== 'none';

/** The register a field's ids lead to, or people; null where it holds no such ids. */
export const leadsTo = (type: FieldType): string | null => {
  switch (type.kind) {
    case 'link':
    case 'links':
      return type.register;
    case 'person':
      return PEOPLE;
    default:
      return null;
  }
};
