import { useState } from 'react';
import type { FieldTypeOf } from '#core/values/index.ts';
import { TextPart, without } from '../../ui/text-part.tsx';
import { type KindFace, LINE, type SettingsProps } from '../controls/face.ts';
import { GivenByProgram } from '../controls/given.tsx';
import { ConditionEditor } from '../rules/condition-editor.tsx';

/** What a running number says of itself. */
const SeriesSettings = ({ type, n, what, place, onType }: SettingsProps<FieldTypeOf<'running_number'>>) => {
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
      {type.when === undefined && !writing ? (
        <button type="button" className="part" onClick={() => setWriting(true)}>
          on storing
        </button>
      ) : (
        <>
          {'when '}
          <ConditionEditor
            text={type.when ?? ''}
            context={place.context}
            mood="is"
            far={false}
            mayBeEmpty
            onChange={(when) => {
              setWriting(false);
              onType(without(type, 'when', when));
            }}
          />
        </>
      )}
    </>
  );
};

export const runningNumberFace: KindFace<FieldTypeOf<'running_number'>> = {
  layout: LINE,
  Control: GivenByProgram,
  Settings: SeriesSettings,
  onlyInSetUp: true,
};
