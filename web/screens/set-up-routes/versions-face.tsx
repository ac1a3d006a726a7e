import { useQuery } from '@tanstack/react-query';
import { compareRoutes, type Route } from '#core/signoff/index.ts';
import { queries } from '../../data/queries.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { VersionItem } from '../../ui/version-item.tsx';
import type { Known } from './editing.ts';

interface Props {
  readonly route: Route;
  readonly known: Known;
  /** The route as it was goes on as the draft. */
  readonly onTake: (route: Route) => void;
}

/** Every version of the route, how much is on its way by it, what is different in it from the one at hand, and the way back. */
export const VersionsFace = ({ route, known, onTake }: Props) => {
  const { data, error } = useQuery({ ...queries.routeVersions(route.key), staleTime: 0 });
  const { register, catalogue, context, workspace, people } = known;
  const names = {
    role: (key: string) => workspace.roles.find((role) => role.key === key)?.label ?? key,
    person: (id: string) => people.find((person) => person.id === id)?.name ?? 'somebody who is no more',
  };
  return (
    <section aria-label="Versions of the route" className="bg-sheet px-6 py-5 lg:overflow-auto">
      <h2 className="head-rule">Versions</h2>
      <p className="text-ink-2">
        What is different here is said from the version to the route as it stands at the left now.
      </p>
      <Problems error={error} />
      {!data && !error && <Coming />}
      <ol>
        {data?.versions.map(({ route: earlier, running, ...version }) => (
          <VersionItem
            key={version.version}
            {...version}
            changes={compareRoutes(earlier, route, { register, catalogue, context, names })}
            mark={running > 0 ? `${running} on their way` : null}
            onTake={() => onTake(earlier)}
          />
        ))}
      </ol>
    </section>
  );
};
