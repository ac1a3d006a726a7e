import { useState } from 'react';
import { behaviourOf, type FieldTypeOf, KIND_WORDS, type OutcomeType } from '#core/values/index.ts';
import { FormulaEditor } from '../../ui/formula-editor.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import type { SettingsProps } from './settings.ts';
import { TextPart, without } from './text-part.tsx';

/** What a running number says of itself. */
export const NumberSettings = ({
  type,
  n,
  what,
  place,
  onType,
}: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'running_number'> }) => {
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
const GIVEN: readonly OutcomeType['kind'][] = [
  'money',
  'number',
  'percent',
  'text',
  'date',
  'yes_no',
  'moment',
  'duration',
  'time',
];

const givenOf = (kind: OutcomeType['kind'], currency: string): OutcomeType => {
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

/** What a worked-out field says of itself: its kind, and the formula it comes from. */
export const WorkedOutSettings = ({
  type,
  n,
  what,
  place,
  onType,
}: Omit<SettingsProps, 'type'> & { type: FieldTypeOf<'worked_out'> }) => {
  const [writing, setWriting] = useState(type.formula === '');
  return (
    <>
      {' as '}
      <Part text={KIND_WORDS[type.gives.kind]} what={`kind of the outcome of ${what} ${n}`}>
        {(close) => (
          <PickOne<OutcomeType['kind']>
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
