import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { showMoment } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { isOver, queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Progress } from './progress.tsx';
import { sayRows } from './say-rows.ts';

/** What runs into a list just now: it goes on also when its window was closed. */
export const RunningImports = ({ register }: { register: Register }) => {
  const { workspace } = useWorkspace();
  const rights = workspace.rights[register.key];
  const { data } = useQuery({
    ...queries.imports(register.key),
    enabled: rights?.add === true || rights?.change === true,
  });
  const running = data?.imports.filter(({ job, phase }) => phase !== 'looking' && !isOver(job)) ?? [];
  if (running.length === 0) return null;
  return (
    <section aria-label="Spreadsheets on their way in" className="border-b border-rule bg-paper px-5 py-2.5">
      {running.map((each) => (
        <Progress key={each.id} state={each} />
      ))}
    </section>
  );
};

/** The spreadsheets one brought in of late, what became of them, and the way to undo them. */
export const RecentImports = ({ into }: { into: string | null }) => {
  const { workspace, catalogue } = useWorkspace();
  const { data } = useQuery(queries.imports(into));
  const all = data?.imports ?? [];
  if (all.length === 0) return null;
  return (
    <section aria-labelledby="brought-in" className="mt-6">
      <h2 id="brought-in" className="head-rule">
        Brought of late
      </h2>
      <ul>
        {all.map((each) => (
          <li key={each.id} className="ruled">
            <Link className="flex flex-wrap gap-x-3 px-2 py-2 hover:bg-iolite-wash" to={`/bring-in/${each.id}`}>
              <span className="font-semibold text-iolite-deep">{each.name}</span>
              <span className="text-ink-2">
                {showMoment(each.begun_at, workspace.zone, workspace.locale)}
                {each.phase === 'looking'
                  ? ': not brought in yet, go on with it'
                  : `, ${catalogue.registers.get(each.register ?? '')?.plural ?? 'a register that is no longer there'}: ${sayRows(each, workspace.locale)}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
};
