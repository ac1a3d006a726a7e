import type { FieldTypeOf } from '#core/values/index.ts';
import { YesNo } from '../controls/choose.tsx';
import { DayBox } from '../controls/day.tsx';
import { GROUP, type KindFace, LINE } from '../controls/face.ts';
import { Box } from '../controls/typed.tsx';

export const yesNoFace: KindFace<FieldTypeOf<'yes_no'>> = { layout: GROUP, Control: YesNo };
export const dateFace: KindFace<FieldTypeOf<'date'>> = {
  layout: { ...LINE, inGrid: 'min-w-36' },
  Control: (props) => <DayBox {...props} />,
};
export const timeFace: KindFace<FieldTypeOf<'time'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} placeholder="10:40" />,
};
export const momentFace: KindFace<FieldTypeOf<'moment'>> = {
  layout: { ...LINE, inGrid: 'min-w-48' },
  Control: (props) => <DayBox {...props} withTime />,
};
