import type { ComponentType } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import type { Catalogue, ChoiceList, Register } from '#core/register/index.ts';
import type { FieldType, RowField, StoredValue } from '#core/values/index.ts';
import type { EntryState } from '../../state/entry-store.ts';
import type { ControlProps } from './control.ts';

/** How a kind lies on the screen, in a form and on a record's page. */
export interface KindLayout {
  /** Its control is a group of several: the label is tied to the group. */
  readonly group: boolean;
  /** Its control needs the whole width: the label stands above it. */
  readonly wideControl: boolean;
  /** Its value needs the whole width below the label when it is read. */
  readonly wideValue: boolean;
  /** How wide its control is in a grid of rows; as narrow as goes where nothing is said. */
  readonly inGrid?: string;
}

export const LINE: KindLayout = { group: false, wideControl: false, wideValue: false };
export const GROUP: KindLayout = { ...LINE, group: true };

/** What the control of any field gets; it may hold controls of other kinds. */
export interface AnyControlProps extends ControlProps {
  readonly entry: EntryState;
  /** In a cell of a row, where there is little room. */
  readonly compact?: boolean;
}
export type AnyControl = ComponentType<AnyControlProps>;

/** What a kind's control gets: its type, and the control of any field. */
export interface FaceControlProps<T> extends AnyControlProps {
  readonly type: T;
  readonly compact: boolean;
  readonly control: AnyControl;
}

/** What a record's values point to, and how they are written. */
export interface ShownRecord {
  readonly record: RecordAnswer;
  readonly register: string;
  readonly catalogue: Catalogue;
}

/** What any value is read with. */
export interface AnyValueProps {
  readonly field: RowField;
  readonly value: StoredValue;
  readonly reading: ShownRecord;
}
export type AnyValue = ComponentType<AnyValueProps>;

/** What a kind's value is read with: its type, the value in words, and what shows any other value. */
export interface FaceValueProps<T> extends AnyValueProps {
  readonly type: T;
  readonly shown: string;
  readonly one: AnyValue;
}

/** What the settings of a field may refer to. */
export interface SettingsPlace {
  readonly currency: string;
  readonly registers: readonly Register[];
  readonly lists: readonly ChoiceList[];
  /** The names a formula here may use. */
  readonly context: SayContext;
  /** The names a formula in the rows of a field may use. */
  readonly rowContext: (field: string) => SayContext;
  /** The register's key, once it is stored. */
  readonly register: string | null;
  readonly onList: (list: ChoiceList) => void;
}

/** What the sentence of any kind gets. */
export interface SettingsProps<T = FieldType> {
  readonly type: T;
  readonly n: number;
  readonly what: string;
  readonly fixed: boolean;
  readonly label: string;
  readonly place: SettingsPlace;
  readonly onType: (type: FieldType) => void;
}

/** What the sentence of a column gets that becomes a field of any kind. */
export interface InColumnProps<T = FieldType> extends Omit<SettingsProps<T>, 'fixed'> {
  /** The choice lists that are made along, each with what is said of its spellings. */
  readonly made: ReadonlyMap<string, string>;
}

/** What a new question holds, and the choice list that is made for it. */
export interface NewKind {
  readonly type: FieldType;
  readonly list: ChoiceList | null;
}

/** What is asked of a new question's kind besides its name. */
export interface PickerProps<T> {
  /** The kind with the settings it begins with. */
  readonly type: T;
  readonly label: string;
  readonly catalogue: Catalogue;
  /** Choice lists that other new questions make. */
  readonly lists: readonly ChoiceList[];
  readonly onPick: (kind: NewKind) => void;
}

/** All that the interface knows of a kind of field. */
export interface KindFace<T extends FieldType> {
  readonly layout: KindLayout;
  readonly Control: ComponentType<FaceControlProps<T>>;
  /** Its value for reading, where that is more than its words. */
  readonly Value?: ComponentType<FaceValueProps<T>>;
  /** What it says of itself behind its name: the rest of the field's sentence. */
  readonly Settings?: ComponentType<SettingsProps<T>>;
  /** What of its settings matters where a column of a spreadsheet becomes it; the rest is set up later. */
  readonly InColumn?: ComponentType<InColumnProps<T>>;
  /** What is asked when a question of the kind is added, where its settings cannot wait. */
  readonly Picker?: ComponentType<PickerProps<T>>;
  /** Not offered for a new question: it is set up with its register. */
  readonly onlyInSetUp?: true;
}
