import type { FieldTypeOf } from '#core/values/index.ts';
import { TextPart } from '../../ui/text-part.tsx';
import { type KindFace, LINE } from '../controls/face.ts';
import { FormattedBox, FormattedText } from '../controls/formatted.tsx';
import { Box, LongBox } from '../controls/typed.tsx';

const LONGEST = 500;

export const textFace: KindFace<FieldTypeOf<'text'>> = {
  layout: { ...LINE, inGrid: 'min-w-44' },
  Control: Box,
  Settings: ({ type, n, what, onType }) => (
    <>
      {' of at most '}
      <TextPart
        text={String(type.longest ?? LONGEST)}
        shown={`${type.longest ?? LONGEST} characters`}
        what={`length of ${what} ${n}`}
        onText={(text) => {
          const longest = Number(text);
          if (Number.isInteger(longest) && longest > 0 && longest <= LONGEST) onType({ kind: 'text', longest });
        }}
      />
    </>
  ),
};

export const longTextFace: KindFace<FieldTypeOf<'long_text'>> = {
  layout: { ...LINE, inGrid: 'min-w-48' },
  Control: (props) => (props.compact ? <Box {...props} /> : <LongBox {...props} />),
};

export const formattedFace: KindFace<FieldTypeOf<'formatted'>> = {
  layout: { ...LINE, wideValue: true },
  Control: (props) => (props.compact ? <Box {...props} /> : <FormattedBox {...props} />),
  Value: ({ value }) => <FormattedText text={typeof value === 'string' ? value : ''} />,
};
