import { findDecimal } from '#core/base/index.ts';
import { FILE_SORTS, type FieldTypeOf, type FileSort } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { NumberSettings, WorkedOutSettings } from './given-settings.tsx';
import { NewChoiceList } from './new-choice-list.tsx';
import type { SettingsProps } from './settings.ts';
import { TextPart, without } from './text-part.tsx';

/** What a kind says of itself behind its name: the rest of the field's sentence. */
export const KindSettings = (props: SettingsProps) => {
  const { type, n, what, fixed, onType } = props;
  switch (type.kind) {
    case 'number':
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
          <Limits {...props} type={type} />
        </>
      );
    case 'money':
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
          <Limits {...props} type={type} />
        </>
      );
    case 'percent':
      return (
        <>
          {' with '}
          <Decimals
            {...props}
            decimals={type.decimals}
            most={4}
            onDecimals={(decimals) => onType({ ...type, decimals })}
          />
          <Limits {...props} type={type} />
        </>
      );
    case 'text':
      return (
        <>
          {' of at most '}
          <TextPart
            text={String(type.longest ?? 500)}
            shown={`${type.longest ?? 500} characters`}
            what={`length of ${what} ${n}`}
            onText={(text) => {
              const longest = Number(text);
              if (Number.isInteger(longest) && longest > 0 && longest <= 500) onType({ kind: 'text', longest });
            }}
          />
        </>
      );
    case 'choice':
    case 'choices':
      return <FromList {...props} type={type} />;
    case 'link':
    case 'links':
      return <ToRegister {...props} type={type} />;
    case 'files':
      return (
        <>
          {': '}
          <Part text={SORT_WORDS[type.sort]} what={`sort of files of ${what} ${n}`}>
            {(close) => (
              <PickOne<FileSort>
                options={FILE_SORTS.map((sort) => ({ value: sort, label: SORT_WORDS[sort] }))}
                chosen={type.sort}
                onPick={(sort) => {
                  onType({ ...type, sort });
                  close();
                }}
              />
            )}
          </Part>
          {', at most '}
          <TextPart
            text={String(type.most)}
            shown={String(type.most)}
            what={`number of files of ${what} ${n}`}
            onText={(text) => {
              const most = Number(text);
              if (Number.isInteger(most) && most > 0 && most <= 50) onType({ ...type, most });
            }}
          />
        </>
      );
    case 'code':
      return <CodeSettings {...props} type={type} />;
    case 'running_number':
      return <NumberSettings {...props} type={type} />;
    case 'rows':
      return (
        <>
          {', each called a '}
          <TextPart
            text={type.singular}
            shown={type.singular.toLowerCase()}
            what={`name of a row of ${what} ${n}`}
            onText={(singular) => onType({ ...type, singular })}
          />
          {', many '}
          <TextPart
            text={type.plural}
            shown={type.plural.toLowerCase()}
            what={`name of the rows of ${what} ${n}`}
            onText={(plural) => onType({ ...type, plural })}
          />
        </>
      );
    case 'worked_out':
      return <WorkedOutSettings {...props} type={type} />;
    default:
      return null;
  }
};

const SORT_WORDS: { readonly [K in FileSort]: string } = {
  photos: 'photos',
  videos: 'videos',
  documents: 'documents',
  any: 'photos, videos and documents',
};

const sayDecimals = (decimals: number): string =>
  decimals === 0 ? 'no decimals' : decimals === 1 ? 'one decimal' : `${decimals} decimals`;

const Decimals = ({
  what,
  n,
  fixed,
  decimals,
  most,
  onDecimals,
}: SettingsProps & { decimals: number; most: number; onDecimals: (decimals: number) => void }) =>
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

const Limits = ({
  what,
  n,
  type,
  onType,
}: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'number' | 'money' | 'percent'> }) => {
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

const FromList = ({
  type,
  n,
  what,
  fixed,
  label,
  place,
  onType,
}: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'choice' | 'choices'> }) => {
  const list = place.lists.find((each) => each.key === type.list);
  return (
    <>
      {' from '}
      {fixed ? (
        <span className="font-semibold text-ink">{list?.label}</span>
      ) : (
        <Part text={list?.label ?? 'a list'} what={`choice list of ${what} ${n}`}>
          {(close) => (
            <PickOne
              options={place.lists.map((each) => ({ value: each.key, label: each.label }))}
              chosen={type.list}
              onPick={(key) => {
                onType({ ...type, list: key });
                close();
              }}
            />
          )}
        </Part>
      )}
      {!fixed && type.list === '' && (
        <>
          {' '}
          <NewChoiceList
            label={label}
            taken={new Set(place.lists.map((each) => each.key))}
            onMake={(made) => {
              place.onList(made);
              onType({ ...type, list: made.key });
            }}
          />
        </>
      )}
    </>
  );
};

const ToRegister = ({
  type,
  n,
  what,
  fixed,
  place,
  onType,
}: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'link' | 'links'> }) => {
  const target = place.registers.find((each) => each.key === type.register);
  return (
    <>
      {' in '}
      {fixed ? (
        <span className="font-semibold text-ink">{target?.plural}</span>
      ) : (
        <Part text={target?.plural ?? 'a register'} what={`register of ${what} ${n}`}>
          {(close) => (
            <PickOne
              options={place.registers.map((each) => ({ value: each.key, label: each.plural }))}
              chosen={type.register}
              onPick={(key) => {
                onType({ ...type, register: key });
                close();
              }}
            />
          )}
        </Part>
      )}
      {target && (
        <>
          {', there called '}
          <TextPart
            text={type.back?.label ?? ''}
            shown={type.back?.label ?? 'by this register’s name'}
            what={`name from the other side of ${what} ${n}`}
            onText={(label) =>
              onType(
                label === ''
                  ? { kind: type.kind, register: type.register }
                  : { ...type, back: { key: backKey(label), label } },
              )
            }
          />
        </>
      )}
    </>
  );
};

const backKey = (label: string): string =>
  label
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 44) || 'back';

const SCHEMES = { gtin: 'a GTIN (bar code)', iban: 'an IBAN', pattern: 'a pattern' } as const;

const CodeSettings = ({ type, n, what, onType }: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'code'> }) => (
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
