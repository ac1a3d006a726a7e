import { useMutation, useQuery } from '@tanstack/react-query';
import { showMoment } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew, readRecordsAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';

/** Fields that were taken out of the register, each of which can come back with what it held. */
export const SetAsideFields = ({ register }: { register: Register }) => {
  const { workspace } = useWorkspace();
  const { data } = useQuery(queries.setAside(register.key));
  const back = useMutation({
    mutationFn: (id: string) => call('carryOut', { body: { version: workspace.version, bring_back: [id] } }),
    onSuccess: async () => {
      await readAnew('set-aside');
      await readRecordsAnew(register.key);
      await readAnew('workspace');
    },
  });
  const fields = data?.fields ?? [];
  const rowsLabel = (key: string) =>
    register.fields.find((each) => each.key === key)?.label ?? 'rows that are set aside';
  if (fields.length === 0) return null;
  return (
    <section aria-label="Set aside" className="mt-6">
      <h2 className="head-rule">Set aside</h2>
      <ul>
        {fields.map((field) => (
          <li key={field.id} className="ruled flex items-baseline gap-3 py-1.5">
            <span className="font-semibold">{field.label}</span>
            {field.rows !== null && <span className="text-ink-2">of {rowsLabel(field.rows)}</span>}
            <span className="text-ink-2">{showMoment(field.at, workspace.zone, workspace.locale)}</span>
            <button
              type="button"
              className="btn btn-quiet ml-auto"
              disabled={back.isPending}
              onClick={() => back.mutate(field.id)}
            >
              Bring {field.label} back
            </button>
          </li>
        ))}
      </ul>
      <Problems error={back.error} />
    </section>
  );
};
