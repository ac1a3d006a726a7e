import { useState } from 'react';
import { findDecimal } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import type { ChoiceList, Register } from '#core/register/index.ts';
import {
  behaviourOf,
  FILE_SORTS,
  type FieldType,
  type FieldTypeOf,
  type FileSort,
  type GivenType,
  KIND_WORDS,
} from '#core/values/index.ts';
import { FormulaEditor } from '../../ui/formula-editor.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { NewChoiceList } from './new-choice-list.tsx';

/** What the settings of a field may refer to. */
export interface SettingsPlace {
  readonly currency: string;
  readonly registers: readonly Register[];
  readonly lists: readonly ChoiceList[];
  /** The names a formula here may use. */
  readonly context: SayContext;
  /** The names a formula in the rows of a field may use. */
  readonly rowContext: (field: string) => SayContext;
  /** The register's key, once it is stored. */
  readonly register: string | null;
  readonly onList: (list: ChoiceList) => void;
}

interface Props {
  readonly type: FieldType;
  readonly n: number;
  readonly what: string;
  readonly fixed: boolean;
  readonly label: string;
  readonly place: SettingsPlace;
  readonly onType: (type: FieldType) => void;
}

/** What a kind says of itself behind its name: the rest of the field's sentence. */
export const KindSettings = (props: Props) => {
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

const without = <T extends object, K extends string>(type: T, key: K, text: string): T =>
  text.trim() === '' ? { ...type, [key]: undefined } : { ...type, [key]: text.trim() };

interface TextPartProps {
  readonly text: string;
  readonly shown: string;
  readonly what: string;
  readonly onText: (text: string) => void;
}

/** A part of the sentence that is a short text. */
const TextPart = ({ text, shown, what, onText }: TextPartProps) => (
  <Part text={shown} what={what}>
    {(close) => (
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          event.stopPropagation();
          onText(String(new FormData(event.currentTarget).get('text') ?? '').trim());
          close();
        }}
      >
        <input className="box" name="text" defaultValue={text} aria-label={what} />
        <button type="submit" className="btn">
          Use
        </button>
      </form>
    )}
  </Part>
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
}: Props & { decimals: number; most: number; onDecimals: (decimals: number) => void }) =>
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
}: Omit<Props, 'type'> & { type: FieldTypeOf<'number' | 'money' | 'percent'> }) => {
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
}: Omit<Props, 'type'> & { type: FieldTypeOf<'choice' | 'choices'> }) => {
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
}: Omit<Props, 'type'> & { type: FieldTypeOf<'link' | 'links'> }) => {
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

const CodeSettings = ({ type, n, what, onType }: Omit<Props, 'type'> & { type: FieldTypeOf<'code'> }) => (
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

const NumberSettings = ({
  type,
  n,
  what,
  place,
  onType,
}: Omit<Props, 'type'> & { type: FieldTypeOf<'running_number'> }) => {
  const [writing, setWriting] = useState(false);
  return (
    <>
      {' beginning with '}
      <TextPart
        text={type.prefix}
        shown={type.prefix || 'nothing'}
        what={`prefix of ${what} ${n}`}
        onText={(prefix) => onType({ ...type, prefix })}
      />
      {', of '}
      <TextPart
        text={String(type.width)}
        shown={`${type.width} digits`}
        what={`digits of ${what} ${n}`}
        onText={(text) => {
          const width = Number(text);
          if (Number.isInteger(width) && width > 0 && width <= 12) onType({ ...type, width });
        }}
      />
      {', counted '}
      <button
        type="button"
        className="part"
        onClick={() => onType({ ...type, restart: type.restart === 'never' ? 'yearly' : 'never' })}
      >
        {type.restart === 'never' ? 'for ever' : 'anew each year'}
      </button>
      {', given '}
      <button type="button" className="part" onClick={() => setWriting(!writing)}>
        {type.when === undefined ? 'on storing' : `when ${type.when}`}
      </button>
      {writing && (
        <FormulaEditor
          text={type.when ?? ''}
          expected={{ kind: 'condition' }}
          context={place.context}
          mayBeEmpty
          onChange={(when) => {
            onType(without(type, 'when', when));
            setWriting(false);
          }}
          onCancel={() => setWriting(false)}
        />
      )}
    </>
  );
};

const GIVEN: readonly GivenType['kind'][] = ['money', 'number', 'percent', 'text', 'date', 'yes_no', 'moment', 'time'];

const givenOf = (kind: GivenType['kind'], currency: string): GivenType => {
  switch (kind) {
    case 'money':
      return { kind, currency };
    case 'number':
      return { kind, decimals: 2 };
    case 'percent':
      return { kind, decimals: 1 };
    case 'choice':
      return { kind, list: '' };
    default:
      return { kind };
  }
};

const WorkedOutSettings = ({
  type,
  n,
  what,
  place,
  onType,
}: Omit<Props, 'type'> & { type: FieldTypeOf<'worked_out'> }) => {
  const [writing, setWriting] = useState(type.formula === '');
  return (
    <>
      {' as '}
      <Part text={KIND_WORDS[type.gives.kind]} what={`kind of the outcome of ${what} ${n}`}>
        {(close) => (
          <PickOne<GivenType['kind']>
            options={GIVEN.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
            chosen={type.gives.kind}
            onPick={(kind) => {
              onType({ ...type, gives: givenOf(kind, place.currency) });
              close();
            }}
          />
        )}
      </Part>
      {' from '}
      {writing ? (
        <FormulaEditor
          text={type.formula}
          expected={{ kind: 'value', type: behaviourOf(type.gives).value }}
          context={place.context}
          refuse={(reason) => (reason ? `This cannot be worked out so, as ${reason}.` : null)}
          onChange={(formula) => {
            onType({ ...type, formula });
            setWriting(false);
          }}
          onCancel={() => setWriting(false)}
        />
      ) : (
        <button type="button" className="part font-mono text-[13px]!" onClick={() => setWriting(true)}>
          {type.formula || '…'}
        </button>
      )}
    </>
  );
};
