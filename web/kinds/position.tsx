import { type FieldTypeOf, positionOf } from '#core/values/index.ts';
import { PositionBox } from '../ui/controls/position.tsx';
import { Box } from '../ui/controls/typed.tsx';
import { type KindFace, LINE } from './face.ts';

export const positionFace: KindFace<FieldTypeOf<'position'>> = {
  layout: LINE,
  Control: (props) =>
    props.compact ? <Box {...props} placeholder="latitude, longitude" /> : <PositionBox {...props} />,
  Value: ({ value, shown }) => {
    const at = positionOf(value);
    return at ? (
      <a className="part" href={`geo:${at.latitude},${at.longitude}`}>
        {shown}
      </a>
    ) : null;
  },
};
