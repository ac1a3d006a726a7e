import { useMutation } from '@tanstack/react-query';
import type { RouteSummary } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { BlindSpots } from '../../ui/blind-spots.tsx';
import { ConditionEditor } from '../../ui/condition-editor.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Problems } from '../../ui/message.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { UndoButtons, useEditing } from '../../ui/undo.tsx';

/** Set-up: for each register, who signs its records and when, as sentences. */
export const SetUpRoutesScreen = () => {
  const { workspace } = useWorkspace();
  return (
    <div className="overflow-auto p-6">
      <h1 className="head-rule">Sign-off routes</h1>
      <ul>
        {workspace.registers.map((register) => {
          const found = workspace.routes.find((each) => each.route.register === register.key);
          return (
            <li key={`${register.key} ${found?.version ?? 0}`} className="ruled py-3">
              <RouteEditor register={register} published={found ?? null} />
            </li>
          );
        })}
      </ul>
    </div>
  );
};

const RouteEditor = ({ register, published }: { register: Register; published: RouteSummary | null }) => {
  const { workspace, catalogue } = useWorkspace();
  const editing = useEditing<Route | null>(published?.route ?? null);
  const { now: route } = editing;
  const setRoute = (next: Route): void => editing.edit(() => next);
  const put = useMutation({
    mutationFn: (next: Route) => call('putRoute', { params: { key: next.key }, body: next }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['workspace'] }),
  });
  const signers = workspace.roles.filter((role) => role.sets_up.length === 0);
  const setup = workspace.roles.find((role) => role.sets_up.length > 0);
  const context: SayContext = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  const begin = () => {
    const [first] = signers;
    if (first && setup)
      setRoute({
        key: register.key,
        label: register.plural,
        register: register.key,
        steps: [{ label: first.label, role: first.key, condition: null }],
        last_resort: setup.key,
      });
  };
  const asked = workspace.forms.flatMap(({ form }) =>
    form.register === register.key ? form.questions.map((question) => question.field) : [],
  );
  const changed = route !== null && route !== published?.route;
  return (
    <section aria-label={`Route of ${register.plural}`}>
      <p className="flex items-center gap-3">
        <TabMark mark={register.mark} name={register.plural} />
        <span className="font-semibold">{register.plural}</span>
        {!route && <span className="text-ink-2">are signed by nobody.</span>}
        {!route && (
          <button type="button" className="part" onClick={begin}>
            Give them a route
          </button>
        )}
        {editing.past.length + editing.future.length > 0 && <UndoButtons editing={editing} />}
        {published && <span className="ml-auto text-xs text-ink-2">version {published.version}</span>}
      </p>
      {route && (
        <ol className="mt-1 pl-12">
          {route.steps.map((step, at) => {
            const change = (next: typeof step) => setRoute({ ...route, steps: route.steps.with(at, next) });
            return (
              // A step is known by its place in the route.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              <li key={at} className="py-0.5">
                {at + 1}. The{' '}
                <Part text={step.label} what="signer">
                  {(close) => (
                    <PickOne
                      options={signers.map((role) => ({ value: role.key, label: role.label }))}
                      chosen={step.role}
                      onPick={(key) => {
                        const role = signers.find((each) => each.key === key);
                        if (role) change({ ...step, role: role.key, label: role.label });
                        close();
                      }}
                    />
                  )}
                </Part>{' '}
                signs {step.condition === null ? 'every one, or only when ' : 'when '}
                <ConditionEditor
                  text={step.condition ?? ''}
                  context={context}
                  mood="is"
                  mayBeEmpty
                  onChange={(text) => change({ ...step, condition: text === '' ? null : text })}
                />
                .
              </li>
            );
          })}
        </ol>
      )}
      {changed && (
        <div className="pl-12">
          <BlindSpots register={register} asked={asked} senders={[]} changes={false} steps={route.steps} />
        </div>
      )}
      {changed && (
        <p className="mt-2 pl-12">
          <button type="button" className="btn btn-go" disabled={put.isPending} onClick={() => put.mutate(route)}>
            Publish the route
          </button>
        </p>
      )}
      <Problems error={put.error} />
    </section>
  );
};
