import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import type { RoutesAnswer } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Stamp, TabMark } from '../../ui/marks.tsx';
import { Problems } from '../../ui/message.tsx';
import { NoRegister } from '../../ui/no-register.tsx';
import { newRoute } from './editing.ts';

/** Set-up: for each register the routes its records go by, and what is on its way. */
export const SetUpRoutesScreen = () => {
  const { workspace } = useWorkspace();
  const { data } = useSuspenseQuery(queries.routes());
  return (
    <div className="overflow-auto p-6">
      <h1 className="head-rule">Sign-off routes</h1>
      <p className="my-2 max-w-2xl text-ink-2">
        Who signs the records of a register, when, and by when. Of several routes on one register the first that takes a
        record counts.
      </p>
      {workspace.registers.length === 0 && <NoRegister says="A route says who signs the records of a register." />}
      <ul>
        {workspace.registers.map((register) => (
          <li key={register.key} className="ruled py-3">
            <OneRegister
              register={register}
              routes={data.routes.filter((each) => each.register === register.key)}
              keys={data.routes.map(({ key }) => key)}
            />
          </li>
        ))}
      </ul>
    </div>
  );
};

interface Props {
  readonly register: Register;
  readonly routes: RoutesAnswer['routes'];
  readonly keys: readonly string[];
}

const OneRegister = ({ register, routes, keys }: Props) => {
  const { workspace } = useWorkspace();
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: (route: Route) => call('keepRoute', { params: { key: route.key }, body: route }),
    onSuccess: async ({ route }) => {
      await readAnew('routes');
      navigate(`/set-up/routes/${route.key}`);
    },
  });
  const add = (): void => {
    const route = newRoute(register, workspace, keys);
    if (route) begin.mutate(route);
  };
  return (
    <section aria-label={`Routes of ${register.plural}`} className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
      <TabMark mark={register.mark} name={register.plural} />
      <span className="w-36 font-semibold">{register.plural}</span>
      <ul className="grow">
        {routes.map((route) => (
          <li key={route.key} className="flex flex-wrap items-baseline gap-3 py-0.5">
            <Link className="part" to={`/set-up/routes/${route.key}`}>
              {route.label}
            </Link>
            {route.version === null ? (
              <Stamp kind="draft">Not in force</Stamp>
            ) : (
              <span className="text-[13px] text-ink-2">version {route.version}</span>
            )}
            {route.draft && route.version !== null && <Stamp kind="draft">Draft</Stamp>}
            <span className="text-[13px] text-ink-2">
              {route.running > 0 && `${route.running} on their way`}
              {route.older > 0 && route.version !== null && `, ${route.older} by older versions`}
            </span>
          </li>
        ))}
        {routes.length === 0 && <li className="text-ink-2">are signed by nobody.</li>}
      </ul>
      <button type="button" className="part" disabled={begin.isPending} onClick={add}>
        {routes.length === 0 ? 'Give them a route' : 'Another route'}
      </button>
      <Problems error={begin.error} />
    </section>
  );
};
