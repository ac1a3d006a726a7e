import type { FieldTypeOf } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { type KindFace, LINE, type SettingsProps } from '../controls/face.ts';
import { Box } from '../controls/typed.tsx';

const SCHEMES = { gtin: 'a GTIN (bar code)', iban: 'an IBAN', pattern: 'a pattern' } as const;

const CodeSettings = ({ type, n, what, onType }: SettingsProps<FieldTypeOf<'code'>>) => (
  <>
    {' as '}
    <Part text={SCHEMES[type.scheme]} what={`check of ${what} ${n}`}>
      {(close) => (
        <PickOne<keyof typeof SCHEMES>
          options={[
            { value: 'gtin', label: SCHEMES.gtin },
            { value: 'iban', label: SCHEMES.iban },
            { value: 'pattern', label: SCHEMES.pattern },
          ]}
          chosen={type.scheme}
          onPick={(scheme) => {
            onType(
              scheme === 'pattern'
                ? { kind: 'code', scheme, pattern: '[A-Z]{2}-[0-9]{4}', example: 'AB-1234' }
                : { kind: 'code', scheme },
            );
            close();
          }}
        />
      )}
    </Part>
    {type.scheme === 'pattern' && (
      <>
        {' '}
        <TextPart
          text={type.pattern}
          shown={type.pattern}
          what={`pattern of ${what} ${n}`}
          onText={(pattern) => onType({ ...type, pattern })}
        />
        {' such as '}
        <TextPart
          text={type.example}
          shown={type.example || '…'}
          what={`example of ${what} ${n}`}
          onText={(example) => onType({ ...type, example })}
        />
      </>
    )}
  </>
);

export const codeFace: KindFace<FieldTypeOf<'code'>> = {
  layout: LINE,
  Control: (props) => <Box {...props} mono />,
  Value: ({ shown }) => <span className="font-mono">{shown}</span>,
  Settings: CodeSettings,
  onlyInSetUp: true,
};
