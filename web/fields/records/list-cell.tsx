import type { RecordAnswer } from '#contract/index.ts';
import { sayCell } from '#core/list/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { oneChosenFrom } from '#core/values/index.ts';
import { Found } from '../../ui/found.tsx';
import { ChoiceChip } from '../controls/choice.tsx';

interface Props {
  readonly field: Field;
  readonly record: RecordAnswer;
  readonly catalogue: Catalogue;
  /** Words that were looked for, marked where they stand. */
  readonly words?: readonly string[];
}

/** One value in a line of a list: plain words, a choice on its wash. */
export const ListCell = ({ field, record, catalogue, words = [] }: Props) => {
  const text = sayCell(field, record, catalogue);
  const found = <Found text={text} words={words} />;
  const list = oneChosenFrom(field.type)?.list;
  if (list === undefined || text === '') return found;
  const code = record.values[field.key];
  const choice = catalogue.choiceLists.get(list)?.choices.find((each) => each.code === code);
  return (
    <ChoiceChip choice={choice} code={text}>
      {found}
    </ChoiceChip>
  );
};
