import { useQuery } from '@tanstack/react-query';
import { showMoment } from '#core/base/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';

/** What was done to the workspace itself of late: who looked as whom, who gave whom which roles. */
export const LookedAt = () => {
  const { workspace } = useWorkspace();
  const { data } = useQuery(queries.workspaceHistory());
  if (!data || data.events.length === 0) return null;
  return (
    <section aria-labelledby="workspace-history" className="mt-6">
      <h2 id="workspace-history" className="head-rule">
        History of the workspace
      </h2>
      <ul>
        {data.events.map(({ id, at, by, says }) => (
          <li key={id} className="ruled py-1 text-[13px]">
            <span className="text-ink-2">{showMoment(at, workspace.zone, workspace.locale)}</span> {by} {says}.
          </li>
        ))}
      </ul>
    </section>
  );
};
