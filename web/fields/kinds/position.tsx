import { type FieldTypeOf, positionOf } from '#core/values/index.ts';
import { type KindFace, LINE } from '../controls/face.ts';
import { PositionBox } from '../controls/position.tsx';
import { Box } from '../controls/typed.tsx';

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
