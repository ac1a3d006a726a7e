import type { FieldKindName } from '#core/values/index.ts';

/** How a kind lies on the screen, in a form and on a record's page. */
interface KindLayout {
  /** Its control is a group of several: the label is tied to the group. */
  readonly group: boolean;
  /** Its control needs the whole width: the label stands above it. */
  readonly wideControl: boolean;
  /** Its value needs the whole width below the label when it is read. */
  readonly wideValue: boolean;
}

const LINE: KindLayout = { group: false, wideControl: false, wideValue: false };
const GROUP: KindLayout = { ...LINE, group: true };

/** Every kind's layout; a new kind does not compile without one. */
export const KIND_LAYOUTS: { readonly [K in FieldKindName]: KindLayout } = {
  text: LINE,
  long_text: LINE,
  formatted: { ...LINE, wideValue: true },
  number: LINE,
  money: LINE,
  percent: LINE,
  yes_no: GROUP,
  date: LINE,
  time: LINE,
  moment: LINE,
  duration: LINE,
  choice: GROUP,
  choices: GROUP,
  link: LINE,
  links: LINE,
  rows: { group: true, wideControl: true, wideValue: true },
  person: LINE,
  email: LINE,
  phone: LINE,
  web: LINE,
  address: GROUP,
  position: LINE,
  files: { ...LINE, wideValue: true },
  code: LINE,
  running_number: LINE,
  worked_out: LINE,
};
