import type { FieldTypeOf } from '#core/values/index.ts';
import { Box } from '../ui/controls/typed.tsx';
import { type KindFace, LINE } from './face.ts';

export const durationFace: KindFace<FieldTypeOf<'duration'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} placeholder="7:30" />,
};
