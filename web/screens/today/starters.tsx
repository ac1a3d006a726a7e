import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { Problems } from '../../ui/message.tsx';

/** What an empty workspace begins with: a first register of one's own, or a set that is there already. */
export const Starters = () => {
  const { data } = useQuery(queries.starters());
  const take = useMutation({
    mutationFn: (key: string) => call('useStarter', { params: { key } }),
    onSuccess: () => queryClient.invalidateQueries(),
  });
  return (
    <div className="text-left text-ink">
      <p>
        Begin with what is kept here: plots, loans, bookings.{' '}
        <Link className="part" to="/set-up/registers/new">
          Make the first register
        </Link>
      </p>
      <h3 className="mt-5 border-b border-rule-strong pb-1 font-bold">
        Or begin with a set, and change it as you like
      </h3>
      <Problems error={take.error} />
      <ul>
        {data?.starters.map(({ key, name, registers, forms }) => (
          <li key={key} className="ruled flex items-start gap-4 py-3">
            <span className="grow">
              <span className="block font-semibold">{name}</span>
              <span className="block text-ink-2">Registers: {registers.join(', ')}.</span>
              <span className="block text-ink-2">Forms: {forms.join(', ')}.</span>
            </span>
            <button
              type="button"
              className="btn shrink-0"
              aria-label={`Begin with it: ${name}`}
              disabled={take.isPending}
              onClick={() => take.mutate(key)}
            >
              Begin with it
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
};
