import type { FieldTypeOf } from '#core/values/index.ts';
import { AddressBoxes } from '../controls/address.tsx';
import { GROUP, type KindFace, LINE } from '../controls/face.ts';
import { Box } from '../controls/typed.tsx';

export const emailFace: KindFace<FieldTypeOf<'email'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} inputMode="email" />,
  Value: ({ shown }) => (
    <a className="part" href={`mailto:${encodeURIComponent(shown).replace('%40', '@')}`}>
      {shown}
    </a>
  ),
};

export const phoneFace: KindFace<FieldTypeOf<'phone'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} input="tel" />,
  Value: ({ value, shown }) => (
    <a className="part" href={`tel:${typeof value === 'string' ? value : ''}`}>
      {shown}
    </a>
  ),
  Settings: ({ type, n, what, onType }) => {
    const said = type.short ? 'and short ones such as 112' : 'whole ones only';
    return (
      <>
        {', '}
        <button
          type="button"
          className="part"
          aria-label={`which numbers ${what} ${n} takes: ${said}`}
          onClick={() => onType({ kind: 'phone', ...(type.short ? {} : { short: true }) })}
        >
          {said}
        </button>
      </>
    );
  },
};

export const webFace: KindFace<FieldTypeOf<'web'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} inputMode="url" placeholder="https://" />,
  Value: ({ value, shown }) => (
    <a className="part" href={typeof value === 'string' ? value : ''} target="_blank" rel="noreferrer noopener">
      {shown}
    </a>
  ),
};

export const addressFace: KindFace<FieldTypeOf<'address'>> = {
  layout: GROUP,
  Control: AddressBoxes,
  Value: ({ shown }) => <span className="whitespace-pre-line">{shown.split(', ').join('\n')}</span>,
};
