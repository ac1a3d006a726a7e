import { useMutation } from '@tanstack/react-query';
import { hiddenFrom } from '#core/access/index.ts';
import type { PassedOn } from '#core/form/index.ts';
import { call } from './client.ts';
import { queryClient } from './queries.ts';
import { useMe, useWorkspace } from './workspace.ts';

/** Hides what a form fills into a register from those it is hidden from elsewhere; nothing for whoever may not give rights. */
export const useHideThere = (register: string): ((passed: PassedOn) => void) | undefined => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const hide = useMutation({
    mutationFn: ({ readers, into }: PassedOn) =>
      call('carryOut', {
        body: { version: workspace.version, roles: readers.map((role) => hiddenFrom(role, register, into)) },
      }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['workspace'] }),
  });
  return me.sets_up.includes('people') ? hide.mutate : undefined;
};
