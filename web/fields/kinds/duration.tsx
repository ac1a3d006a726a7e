import type { FieldTypeOf } from '#core/values/index.ts';
import { type KindFace, LINE } from '../controls/face.ts';
import { Box } from '../controls/typed.tsx';

export const durationFace: KindFace<FieldTypeOf<'duration'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} placeholder="7:30" />,
};
