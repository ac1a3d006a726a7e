import { findDecimal } from '#core/base/index.ts';
import type { FieldTypeOf } from '#core/values/index.ts';
import { Amount } from '../ui/controls/typed.tsx';
import { Part, PickOne } from '../ui/part.tsx';
import { TextPart, without } from '../ui/text-part.tsx';
import { type KindFace, LINE, type SettingsProps } from './face.ts';

const sayDecimals = (decimals: number): string =>
  decimals === 0 ? 'no decimals' : decimals === 1 ? 'one decimal' : `${decimals} decimals`;

const Decimals = ({
  what,
  n,
  fixed,
  decimals,
  most,
  onDecimals,
}: Pick<SettingsProps, 'what' | 'n' | 'fixed'> & {
  decimals: number;
  most: number;
  onDecimals: (decimals: number) => void;
}) =>
  fixed ? (
    sayDecimals(decimals)
  ) : (
    <Part text={sayDecimals(decimals)} what={`decimals of ${what} ${n}`}>
      {(close) => (
        <PickOne
          options={Array.from({ length: most + 1 }, (_, count) => ({
            value: String(count),
            label: sayDecimals(count),
          }))}
          chosen={String(decimals)}
          onPick={(count) => {
            onDecimals(Number(count));
            close();
          }}
        />
      )}
    </Part>
  );

const Limits = ({ what, n, type, onType }: SettingsProps<FieldTypeOf<'number' | 'money' | 'percent'>>) => {
  const put = (key: 'least' | 'most', text: string): void => {
    if (text === '' || findDecimal(text)) onType(without(type, key, text));
  };
  return (
    <>
      {', from '}
      <TextPart
        text={type.least ?? ''}
        shown={type.least ?? 'any'}
        what={`least of ${what} ${n}`}
        onText={(text) => put('least', text)}
      />
      {' to '}
      <TextPart
        text={type.most ?? ''}
        shown={type.most ?? 'any'}
        what={`most of ${what} ${n}`}
        onText={(text) => put('most', text)}
      />
    </>
  );
};

export const numberFace: KindFace<FieldTypeOf<'number'>> = {
  layout: LINE,
  Control: (props) => <Amount {...props} suffix={props.type.unit} />,
  Settings: (props) => {
    const { type, n, what, onType } = props;
    return (
      <>
        {' with '}
        <Decimals
          {...props}
          decimals={type.decimals}
          most={6}
          onDecimals={(decimals) => onType({ ...type, decimals })}
        />
        {' in '}
        <TextPart
          text={type.unit ?? ''}
          shown={type.unit || 'no unit'}
          what={`unit of ${what} ${n}`}
          onText={(unit) => onType(without(type, 'unit', unit))}
        />
        <Limits {...props} />
      </>
    );
  },
};

export const moneyFace: KindFace<FieldTypeOf<'money'>> = {
  layout: LINE,
  Control: (props) => <Amount {...props} suffix={props.compact ? undefined : props.type.currency} />,
  Settings: (props) => {
    const { type, n, what, fixed, onType } = props;
    return (
      <>
        {' in '}
        {fixed ? (
          type.currency
        ) : (
          <TextPart
            text={type.currency}
            shown={type.currency}
            what={`currency of ${what} ${n}`}
            onText={(currency) => onType({ ...type, currency: currency.toUpperCase() })}
          />
        )}
        <Limits {...props} />
      </>
    );
  },
};

export const percentFace: KindFace<FieldTypeOf<'percent'>> = {
  layout: LINE,
  Control: (props) => <Amount {...props} suffix="%" />,
  Settings: (props) => {
    const { type, onType } = props;
    return (
      <>
        {' with '}
        <Decimals
          {...props}
          decimals={type.decimals}
          most={4}
          onDecimals={(decimals) => onType({ ...type, decimals })}
        />
        <Limits {...props} />
      </>
    );
  },
};
