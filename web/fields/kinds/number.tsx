import { type FieldTypeOf, isCurrency, readLimit, sayLimit } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { TextPart, without } from '../../ui/text-part.tsx';
import { type InColumnProps, type KindFace, LINE, type SettingsProps } from '../controls/face.ts';
import { Amount } from '../controls/typed.tsx';

/** What of a number matters for a column: how fine it is, and what it counts. */
const CountedColumn = ({ type, n, what, onType }: InColumnProps<FieldTypeOf<'number'>>) => (
  <>
    {' with '}
    <Decimals
      what={what}
      n={n}
      fixed={false}
      decimals={type.decimals}
      most={6}
      onDecimals={(decimals) => onType({ ...type, decimals })}
    />
    {' in '}
    <TextPart
      what={`unit of ${what}`}
      text={type.unit ?? ''}
      shown={type.unit ?? 'no unit'}
      onText={(unit) => onType(without(type, 'unit', unit.slice(0, 20)))}
    />
  </>
);

const CurrencyPart = ({
  currency,
  what,
  onCurrency,
}: {
  currency: string;
  what: string;
  onCurrency: (currency: string) => void;
}) => (
  <TextPart
    text={currency}
    shown={currency}
    what={what}
    refuse={(text) =>
      isCurrency(text.toUpperCase()) ? null : 'Write the three letters of a currency in use, such as GBP (ISO 4217).'
    }
    onText={(typed) => onCurrency(typed.toUpperCase())}
  />
);

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

/** A part of the sentence that is a limit, written as values of the field are. */
const Limit = ({
  which,
  what,
  n,
  type,
  place,
  onType,
}: SettingsProps<FieldTypeOf<'number' | 'money' | 'percent'>> & { which: 'least' | 'most' }) => {
  const { values } = place.context;
  const said = type[which] === undefined ? '' : sayLimit(type, type[which], values);
  return (
    <TextPart
      text={said}
      shown={said || 'any'}
      what={`${which} of ${what} ${n}`}
      refuse={(text) => (readLimit(type, text, values) === null ? 'Write a number as the field’s values are.' : null)}
      onText={(text) => onType(without(type, which, readLimit(type, text, values) ?? ''))}
    />
  );
};

const Limits = (props: SettingsProps<FieldTypeOf<'number' | 'money' | 'percent'>>) => (
  <>
    {', from '}
    <Limit {...props} which="least" />
    {' to '}
    <Limit {...props} which="most" />
  </>
);

export const numberFace: KindFace<FieldTypeOf<'number'>> = {
  layout: LINE,
  InColumn: CountedColumn,
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
  InColumn: ({ type, what, onType }) => (
    <>
      {' in '}
      <CurrencyPart
        currency={type.currency}
        what={`currency of ${what}`}
        onCurrency={(currency) => onType({ ...type, currency })}
      />
    </>
  ),
  Control: (props) => <Amount {...props} suffix={props.compact ? undefined : props.type.currency} />,
  Settings: (props) => {
    const { type, n, what, fixed, onType } = props;
    return (
      <>
        {' in '}
        {fixed ? (
          type.currency
        ) : (
          <CurrencyPart
            currency={type.currency}
            what={`currency of ${what} ${n}`}
            onCurrency={(currency) => onType({ ...type, currency })}
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
