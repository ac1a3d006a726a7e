import type { ReactNode } from 'react';
import { valueContext } from '#core/register/index.ts';
import { behaviourOf, type FieldKindName, type FieldTypeOf } from '#core/values/index.ts';
import type {
  AnyControlProps,
  AnyValueProps,
  InColumnProps,
  KindFace,
  KindLayout,
  PickerProps,
  SettingsProps,
} from '../controls/face.ts';
import { choiceFace, choicesFace } from './choice.tsx';
import { codeFace } from './code.tsx';
import { addressFace, emailFace, phoneFace, webFace } from './contact.tsx';
import { durationFace } from './duration.tsx';
import { filesFace } from './files.tsx';
import { linkFace, linksFace, personFace } from './link.tsx';
import { moneyFace, numberFace, percentFace } from './number.tsx';
import { positionFace } from './position.tsx';
import { rowsFace } from './rows.tsx';
import { runningNumberFace } from './running-number.tsx';
import { dateFace, momentFace, timeFace, yesNoFace } from './simple.tsx';
import { spanFace } from './span.tsx';
import { formattedFace, longTextFace, textFace } from './text.tsx';
import { workedOutFace } from './worked-out.tsx';

/** The face of every kind, a line each; a new kind does not compile without one. */
const FACES: { readonly [K in FieldKindName]: KindFace<FieldTypeOf<K>> } = {
  text: textFace,
  long_text: longTextFace,
  formatted: formattedFace,
  number: numberFace,
  money: moneyFace,
  percent: percentFace,
  yes_no: yesNoFace,
  date: dateFace,
  time: timeFace,
  moment: momentFace,
  duration: durationFace,
  span: spanFace,
  choice: choiceFace,
  choices: choicesFace,
  link: linkFace,
  links: linksFace,
  rows: rowsFace,
  person: personFace,
  email: emailFace,
  phone: phoneFace,
  web: webFace,
  address: addressFace,
  position: positionFace,
  files: filesFace,
  code: codeFace,
  running_number: runningNumberFace,
  worked_out: workedOutFace,
};

const faceOf = <K extends FieldKindName>(kind: K): KindFace<FieldTypeOf<K>> => FACES[kind];

/** How a kind lies on the screen. */
export const layoutOf = (kind: FieldKindName): KindLayout => faceOf(kind).layout;

/** Whether a question of a kind can be added to a form without setting up its register. */
export const isOffered = (kind: FieldKindName): boolean => !faceOf(kind).onlyInSetUp;

const controlOf = <K extends FieldKindName>(kind: K, type: FieldTypeOf<K>, props: AnyControlProps): ReactNode => {
  const { Control, layout } = faceOf(kind);
  const control = <Control {...props} type={type} compact={props.compact ?? false} control={FieldControl} />;
  return props.compact && layout.inGrid ? <div className={layout.inGrid}>{control}</div> : control;
};

/** The control that fits a field's kind. */
export const FieldControl = (props: AnyControlProps): ReactNode =>
  controlOf(props.field.type.kind, props.field.type, props);

const shownOf = <K extends FieldKindName>(kind: K, type: FieldTypeOf<K>, props: AnyValueProps): ReactNode => {
  const { Value } = faceOf(kind);
  const shown = behaviourOf(type).show(props.value, valueContext(props.reading.catalogue));
  return Value ? <Value {...props} type={type} shown={shown} one={OneValue} /> : shown;
};

/** One value for reading: links lead on, choices stand on their wash, files show what they are. */
export const OneValue = (props: AnyValueProps): ReactNode => shownOf(props.field.type.kind, props.field.type, props);

const settingsOf = <K extends FieldKindName>(kind: K, type: FieldTypeOf<K>, props: SettingsProps): ReactNode => {
  const { Settings } = faceOf(kind);
  return Settings ? <Settings {...props} type={type} /> : null;
};

/** What a kind says of itself behind its name: the rest of the field's sentence. */
export const KindSettings = (props: SettingsProps): ReactNode => settingsOf(props.type.kind, props.type, props);

const inColumnOf = <K extends FieldKindName>(kind: K, type: FieldTypeOf<K>, props: InColumnProps): ReactNode => {
  const { InColumn } = faceOf(kind);
  return InColumn ? <InColumn {...props} type={type} /> : null;
};

/** What a kind says of itself where a column of a spreadsheet becomes it. */
export const KindInColumn = (props: InColumnProps): ReactNode => inColumnOf(props.type.kind, props.type, props);

const pickerOf = <K extends FieldKindName>(
  kind: K,
  type: FieldTypeOf<K>,
  props: Omit<PickerProps<unknown>, 'type'>,
): ReactNode => {
  const { Picker } = faceOf(kind);
  return Picker ? <Picker {...props} type={type} /> : null;
};

/** Whether a kind's settings are asked for before a question of it stands. */
export const asksMore = (kind: FieldKindName): boolean => faceOf(kind).Picker !== undefined;

/** Asks for the settings of a new question's kind. */
export const TypePicker = (props: PickerProps<SettingsProps['type']>): ReactNode =>
  pickerOf(props.type.kind, props.type, props);
