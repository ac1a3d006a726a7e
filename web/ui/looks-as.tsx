import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { call } from '../data/client.ts';
import { queryClient } from '../data/queries.ts';
import { useMe } from '../data/workspace.ts';

/** Begins to look as somebody else, or ends it: everything that is known here is somebody else's from then on. */
export const useLookingAs = () => {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (person: string | null) =>
      person === null ? call('lookAsOneself') : call('lookAs', { body: { person } }),
    onSuccess: async (_, person) => {
      navigate(person === null ? '/set-up/people' : '/');
      await queryClient.resetQueries();
    },
  });
};

/** The head of the frame in which one looks as another person: who that is, and the way back. */
export const LooksAs = () => {
  const me = useMe();
  const looking = useLookingAs();
  if (me.looked_as_by === null) return null;
  return (
    <p
      role="status"
      className="flex min-h-10 flex-wrap items-center gap-x-3 bg-straw-wash px-4 py-1 font-semibold print:hidden"
    >
      <span>You see everything as {me.name} does. Nothing can be written here, and it is noted that you looked.</span>
      <button type="button" className="btn" disabled={looking.isPending} onClick={() => looking.mutate(null)}>
        Look as {me.looked_as_by} again
      </button>
    </p>
  );
};
