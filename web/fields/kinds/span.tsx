import type { FieldTypeOf } from '#core/values/index.ts';
import { type KindFace, LINE } from '../controls/face.ts';
import { SpanBox } from '../controls/span.tsx';

export const spanFace: KindFace<FieldTypeOf<'span'>> = {
  layout: { ...LINE, inGrid: 'min-w-52' },
  Control: (props) => <SpanBox {...props} nights={props.type.nights} />,
  Settings: ({ type, n, what, fixed, onType }) => {
    const said = type.nights ? 'nights, the last day being the day of leaving' : 'days, the last one too';
    return (
      <>
        {', counting '}
        {fixed ? (
          said
        ) : (
          <button
            type="button"
            className="part"
            aria-label={`what ${what} ${n} counts: ${said}`}
            onClick={() => onType({ ...type, nights: !type.nights })}
          >
            {said}
          </button>
        )}
      </>
    );
  },
};
