import type { CsvState } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Refused, sayRows } from './import-progress.tsx';

const OUTCOMES = {
  added: 'would be added',
  changed: 'would change',
  unchanged: 'is so already',
  refused: 'is refused',
} as const;

/** What bringing rows in would do, and the first of them as they would come out. */
export const Plan = ({
  plan,
  columns,
  register,
  what,
}: {
  plan: CsvState;
  columns: readonly (string | null)[];
  register: Register;
  /** What would do this. */
  what: string;
}) => {
  const { workspace } = useWorkspace();
  const labels = register.fields.filter((field) => columns.includes(field.key)).map((field) => field.label);
  return (
    <section aria-label="What it would do" className="mt-4 border border-rule-strong bg-paper p-4">
      <h2>
        {what} would do this: {sayRows(plan, workspace.locale)}
      </h2>
      {plan.refused_count > 0 && (
        <>
          <p className="wrong mt-1">
            {plan.refused_count === 1 ? 'One row is' : `${plan.refused_count} rows are`} refused. Mend it, and look
            again:
          </p>
          <Refused state={plan} />
        </>
      )}
      <div className="mt-2 overflow-x-auto">
        <table className="list-table" aria-label="The first rows">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Outcome</th>
              {labels.map((label) => (
                <th key={label} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plan.sample.map(({ line, outcome, cells, refused_cells: refused }) => (
              <tr key={line}>
                <td>{line}</td>
                <td className={outcome === 'refused' ? 'wrong' : ''}>{OUTCOMES[outcome]}</td>
                {cells.map((cell, i) => (
                  <td key={labels[i]} className={refused.includes(i) ? 'wrong' : ''}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
};
