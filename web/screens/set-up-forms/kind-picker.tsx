import { useState } from 'react';
import type { Catalogue, ChoiceList } from '#core/register/index.ts';
import { type FieldKindName, KIND_NAMES, typeOfKind, wordOf } from '#core/values/index.ts';
import type { NewKind } from '../../fields/controls/face.ts';
import { asksMore, isOffered, TypePicker } from '../../fields/kinds/index.tsx';
import { PickOne } from '../../ui/part.tsx';

interface Props {
  readonly label: string;
  readonly chosen: FieldKindName;
  readonly catalogue: Catalogue;
  /** Choice lists that other new questions make. */
  readonly lists: readonly ChoiceList[];
  readonly onPick: (kind: NewKind) => void;
}

const OFFERED = KIND_NAMES.filter(isOffered);

/** Picks what a new question holds: the kind, and then the list, the register or the questions of each row. */
export const KindPicker = ({ chosen, ...props }: Props) => {
  const [asked, setAsked] = useState<FieldKindName | null>(null);
  const begun = (kind: FieldKindName) => typeOfKind(kind, props.catalogue.currency);
  if (asked) return <TypePicker {...props} type={begun(asked)} />;
  return (
    <PickOne
      options={OFFERED.map((kind) => ({ value: kind, label: wordOf(kind) }))}
      chosen={OFFERED.find((kind) => kind === chosen) ?? null}
      onPick={(kind) => {
        if (asksMore(kind)) setAsked(kind);
        else props.onPick({ type: begun(kind), list: null });
      }}
    />
  );
};
