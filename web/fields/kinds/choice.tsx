import { type FieldTypeOf, textsOf } from '#core/values/index.ts';
import { choiceAbove } from '../../state/use-question.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { PickPart } from '../../ui/pick-parts.tsx';
import { ChoiceChip } from '../controls/choice.tsx';
import { ChooseMany, ChooseOne } from '../controls/choose.tsx';
import {
  type FaceValueProps,
  GROUP,
  type InColumnProps,
  type KindFace,
  type PickerProps,
  type SettingsProps,
} from '../controls/face.ts';
import { ListMaker, NewChoiceList } from '../controls/new-choice-list.tsx';
import { Box } from '../controls/typed.tsx';

const FromList = ({ type, n, what, fixed, label, place, onType }: SettingsProps<FieldTypeOf<'choice' | 'choices'>>) => {
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

/** The list a column chooses from: one of what stands in it, or one that is there. */
const FromColumn = ({ type, what, place, made, onType }: InColumnProps<FieldTypeOf<'choice' | 'choices'>>) => {
  const list = place.lists.find(({ key }) => key === type.list);
  const spellings = made.get(type.list);
  return (
    <>
      {' from '}
      <PickPart
        what={`choice list of ${what}`}
        text={list ? (spellings === undefined ? list.label : `a new list of ${list.choices.length}`) : '…'}
        options={[
          { value: '', label: 'a new list of what stands here' },
          ...place.lists.filter(({ key }) => !made.has(key)).map(({ key, label }) => ({ value: key, label })),
        ]}
        chosen={spellings === undefined ? type.list : ''}
        onPick={(key) => onType({ ...type, list: key })}
      />
      {spellings && `, ${spellings}`}
    </>
  );
};

/** Picks the list a new question chooses from, or makes one. */
const ListPicker = ({ type, label, catalogue, lists, onPick }: PickerProps<FieldTypeOf<'choice' | 'choices'>>) => {
  const known = [...catalogue.choiceLists.values(), ...lists];
  return (
    <div className="grid gap-2">
      <PickOne
        options={known.map(({ key, label: called }) => ({ value: key, label: called }))}
        chosen={null}
        onPick={(list) => onPick({ type: { ...type, list }, list: null })}
      />
      <p className="border-t border-rule pt-2 text-ink-2">or a new list:</p>
      <ListMaker
        label={label}
        taken={new Set(known.map(({ key }) => key))}
        onMake={(list) => onPick({ type: { ...type, list: list.key }, list })}
      />
    </div>
  );
};

const choiceIn = ({ type, reading }: FaceValueProps<FieldTypeOf<'choice' | 'choices'>>, code: unknown) =>
  reading.catalogue.choiceLists.get(type.list)?.choices.find((each) => each.code === code);

export const choiceFace: KindFace<FieldTypeOf<'choice'>> = {
  layout: { ...GROUP, inGrid: 'min-w-32' },
  Control: (props) => <ChooseOne {...props} list={props.type.list} under={choiceAbove(props.field, props.entry)} />,
  Value: (props) => <ChoiceChip choice={choiceIn(props, props.value)} code={props.shown} />,
  Settings: FromList,
  InColumn: FromColumn,
  Picker: ListPicker,
};

export const choicesFace: KindFace<FieldTypeOf<'choices'>> = {
  layout: { ...GROUP, inGrid: 'min-w-40' },
  Control: (props) => (props.compact ? <Box {...props} /> : <ChooseMany {...props} list={props.type.list} />),
  Value: (props) =>
    textsOf(props.value).map((code, i) => (
      <span key={code}>
        {i > 0 && ', '}
        <ChoiceChip choice={choiceIn(props, code)} code={code} />
      </span>
    )),
  Settings: FromList,
  InColumn: FromColumn,
  Picker: ListPicker,
};
