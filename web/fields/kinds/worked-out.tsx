import { useState } from 'react';
import {
  behaviourOf,
  type FieldTypeOf,
  GIVEN_KINDS,
  givenOfKind,
  type OutcomeType,
  wordOf,
} from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { type KindFace, LINE, type SettingsProps } from '../controls/face.ts';
import { GivenByProgram } from '../controls/given.tsx';
import { FormulaEditor } from '../rules/formula-editor.tsx';

/** What is most often worked out comes first. */
const OFFERED = GIVEN_KINDS.filter((kind) => !('list' in givenOfKind(kind, ''))).toSorted(
  (a, b) => Number(b === 'money') - Number(a === 'money'),
);

/** What a worked-out field says of itself: its kind, and the formula it comes from. */
const WorkedOutSettings = ({ type, n, what, place, onType }: SettingsProps<FieldTypeOf<'worked_out'>>) => {
  const [writing, setWriting] = useState(type.formula === '');
  return (
    <>
      {' as '}
      <Part text={wordOf(type.gives.kind)} what={`kind of the outcome of ${what} ${n}`}>
        {(close) => (
          <PickOne<OutcomeType['kind']>
            options={OFFERED.map((kind) => ({ value: kind, label: wordOf(kind) }))}
            chosen={type.gives.kind}
            onPick={(kind) => {
              onType({ ...type, gives: givenOfKind(kind, place.currency) });
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

export const workedOutFace: KindFace<FieldTypeOf<'worked_out'>> = {
  layout: LINE,
  Control: GivenByProgram,
  Settings: WorkedOutSettings,
  InColumn: (props) => <WorkedOutSettings {...props} fixed={false} />,
  onlyInSetUp: true,
};
