import { useSuspenseQuery } from '@tanstack/react-query';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { FillIn, NO_START } from '../../fields/filling-in/fill-in.tsx';
import type { FillInPlaceProps } from '../../ui/from-above.ts';

/** A form filled in inside another one: what is stored is taken by the look-up it was opened from. */
const FillInPlace = ({ formKey, onStored, onCancel }: FillInPlaceProps) => {
  const { workspace } = useWorkspace();
  const { data } = useSuspenseQuery({ ...queries.form(formKey, null), staleTime: Number.POSITIVE_INFINITY, gcTime: 0 });
  return (
    <FillIn
      answer={data}
      workspace={workspace}
      beginning={NO_START}
      before={null}
      opened={{}}
      kept={null}
      onSent={({ sent }) => onStored(sent.id)}
      onLeave={onCancel}
      inPlace
    />
  );
};

export default FillInPlace;
