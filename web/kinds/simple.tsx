import type { FieldTypeOf } from '#core/values/index.ts';
import { YesNo } from '../ui/controls/choose.tsx';
import { DayBox } from '../ui/controls/day.tsx';
import { Box } from '../ui/controls/typed.tsx';
import { GROUP, type KindFace, LINE } from './face.ts';

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
