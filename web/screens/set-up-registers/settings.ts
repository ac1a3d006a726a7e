import type { SayContext } from '#core/expression/index.ts';
import type { ChoiceList, Register } from '#core/register/index.ts';
import type { FieldType } from '#core/values/index.ts';

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
export interface SettingsProps {
  readonly type: FieldType;
  readonly n: number;
  readonly what: string;
  readonly fixed: boolean;
  readonly label: string;
  readonly place: SettingsPlace;
  readonly onType: (type: FieldType) => void;
}
