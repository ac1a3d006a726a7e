import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { RoutesAnswer } from '#contract/index.ts';
import { compileRoute, type Route, routeSchema, stepsOfRoles } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { BlindSpots } from '../../fields/set-up/blind-spots.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { PublishProblems } from '../../ui/publish-problems.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { EditingNotice, UndoButtons, useEditing } from '../../ui/undo.tsx';
import { knownOf, newStep } from './editing.ts';
import { LiveRoute } from './live-route.tsx';
import { MovesDialog } from './moves-dialog.tsx';
import { RouteRules, Takes } from './route-rules.tsx';
import { StepSentence } from './step-sentence.tsx';
import { TrialDialog } from './trial-dialog.tsx';
import { VersionsFace } from './versions-face.tsx';

/** A route in set-up: its sentences at the left, a record walking it and who signs at the right. */
export const SetUpRouteScreen = () => {
  const { key = '' } = useParams();
  return <Opened key={key} routeKey={key} />;
};

const Opened = ({ routeKey }: { routeKey: string }) => {
  const { workspace } = useWorkspace();
  const { data: routes, isFetchedAfterMount: isListed } = useQuery({ ...queries.routes(), staleTime: 0 });
  const hasDraft = routes?.routes.some(({ key, draft }) => key === routeKey && draft) ?? false;
  const { data: draft, isFetchedAfterMount } = useQuery({ ...queries.routeDraft(routeKey), enabled: hasDraft });
  const isReady = isListed && (isFetchedAfterMount || !hasDraft);
  // What is kept or published meanwhile must not begin the editor anew.
  const start = useRef<Route | undefined>(undefined);
  if (isReady)
    start.current ??=
      (hasDraft ? draft?.route : undefined) ?? workspace.routes.find((each) => each.route.key === routeKey)?.route;
  if (!isReady && !start.current) return <Coming />;
  if (!start.current) return <Empty title="There is no such route." />;
  return routes ? <Editor start={start.current} routes={routes} /> : <Coming />;
};

/** Keeps each state of the route on the server as its draft, the newest wins. */
const useKeptRoute = (route: Route, start: Route) => {
  const [kept, setKept] = useState(start);
  const keep = useMutation({
    mutationFn: (next: Route) => call('keepRoute', { params: { key: next.key }, body: next }),
    onSuccess: (_, next) => {
      setKept(next);
      void readAnew('routes');
    },
  });
  const { mutate, isPending } = keep;
  const refused = keep.isError && keep.variables === route;
  useEffect(() => {
    if (route === kept || isPending || refused) return;
    const timer = setTimeout(() => mutate(route), 250);
    return () => clearTimeout(timer);
  }, [route, kept, isPending, refused, mutate]);
  return { kept: route === kept, error: refused ? keep.error : null };
};

const Editor = ({ start, routes }: { start: Route; routes: RoutesAnswer }) => {
  const { workspace, catalogue } = useWorkspace();
  const navigate = useNavigate();
  const editing = useEditing(start, { as: `route ${start.key}`, base: JSON.stringify(start), schema: routeSchema });
  const { now: route } = editing;
  const change = (next: Route): void => editing.edit(() => next);
  const [started] = useState(start);
  const draft = useKeptRoute(route, started);
  // What the server keeps, nothing else needs to.
  const { settle } = editing;
  useEffect(() => {
    if (draft.kept) settle(JSON.stringify(route));
  }, [draft.kept, route, settle]);
  const [trying, setTrying] = useState(false);
  const [moving, setMoving] = useState(false);
  const [past, setPast] = useState(false);
  const [said, setSaid] = useState('');
  const register = catalogue.registers.get(route.register);
  const roles = useMemo(() => new Map(workspace.roles.map((role) => [role.key, role])), [workspace.roles]);
  const compiled = useMemo(() => compileRoute(route, catalogue, roles), [route, catalogue, roles]);
  const state = routes.routes.find(({ key }) => key === route.key);
  const refresh = () => readAnew('workspace', 'routes');
  const publish = useMutation({
    // The newest state goes along: it may not be kept yet.
    mutationFn: (anyway: 'yes' | 'no') =>
      call('putRoute', { params: { key: route.key }, query: { anyway }, body: route }),
    onSuccess: async ({ version }) => {
      setSaid(`Version ${version} was published.`);
      await refresh();
    },
  });
  const withdraw = useMutation({
    mutationFn: () => call('withdrawRoute', { params: { key: route.key } }),
    onSuccess: async () => {
      setSaid('It was withdrawn: nothing more goes by it.');
      await refresh();
    },
  });
  const drop = useMutation({
    mutationFn: () => call('dropRouteDraft', { params: { key: route.key } }),
    onSuccess: async () => {
      await refresh();
      navigate('/set-up/routes');
    },
  });
  if (!register) return <Empty title="The register of this route is not there." />;
  const known = knownOf(workspace, catalogue, register, routes.people);
  const problems = compiled.ok ? [] : compiled.problems;
  const ofStep = (at: number): string[] =>
    problems.filter(({ path }) => path[0] === 'steps' && path[1] === at).map(({ detail }) => detail);
  const others = problems.filter(({ path }) => path[0] !== 'steps');
  const putStep = (at: number, step: Route['steps'][number]): void =>
    change({ ...route, steps: route.steps.with(at, step) });
  const asked = workspace.forms.flatMap(({ form }) =>
    form.register === register.key ? form.questions.map((question) => question.field) : [],
  );
  const signer = workspace.roles.find((role) => role.sets_up.length === 0) ?? workspace.roles[0];
  return (
    <>
      <header className="flex flex-wrap items-center gap-3 border-b border-rule-strong bg-sheet px-6 py-3">
        <div className="min-w-0 flex-1 basis-72">
          <h1>
            Sign-off of{' '}
            <TextPart
              text={route.label}
              shown={route.label}
              what="name"
              onText={(label) => label && change({ ...route, label })}
            />
          </h1>
          <p className="text-ink-2">
            <TabMark mark={register.mark} name={register.plural} /> {route.steps.length}{' '}
            {route.steps.length === 1 ? 'step' : 'steps'}.{' '}
            {state?.version ? `Version ${state.version} is published.` : 'Not in force.'}{' '}
            {state?.draft ? 'There is a draft.' : ''} {state && state.running > 0 && `${state.running} on their way. `}
            {state && state.older > 0 && state.version !== null && (
              <button type="button" className="part" onClick={() => setMoving(true)}>
                {state.older} go by older versions
              </button>
            )}
          </p>
        </div>
        <span className="text-[13px] text-ink-2" role="status">
          {said || (draft.kept ? 'kept' : 'keeping …')}
        </span>
        <UndoButtons editing={editing} />
        <button
          type="button"
          className={`btn ${past ? 'bg-iolite-wash! text-iolite-deep!' : ''}`}
          aria-pressed={past}
          onClick={() => setPast(!past)}
        >
          Versions
        </button>
        {state?.draft && (
          <button type="button" className="btn btn-quiet" onClick={() => drop.mutate()}>
            Throw the draft away
          </button>
        )}
        {state?.version != null && (
          <button type="button" className="btn btn-quiet" onClick={() => withdraw.mutate()}>
            Withdraw
          </button>
        )}
        <button type="button" className="btn" disabled={!compiled.ok} onClick={() => setTrying(true)}>
          Try on what is there
        </button>
        <button
          type="button"
          className="btn btn-go"
          disabled={!compiled.ok || publish.isPending}
          onClick={() => publish.mutate('no')}
        >
          Publish
        </button>
      </header>
      <EditingNotice editing={editing} />
      <div className="grid min-h-0 grow overflow-auto lg:grid-cols-[minmax(0,27rem)_minmax(0,1fr)]">
        <section aria-label="Outline of the route" className="border-r border-rule bg-paper px-6 py-5 lg:overflow-auto">
          <h2 className="head-rule">
            The steps{' '}
            <span className="text-[13px] font-normal text-ink-2">
              <Takes route={route} known={known} onChange={change} />
            </span>
          </h2>
          <ol>
            {route.steps.map((step, at) => (
              <StepSentence
                // A new step has no id yet: it is known by its place.
                key={step.id ?? at}
                step={step}
                at={at}
                last={at === route.steps.length - 1}
                known={known}
                problems={ofStep(at)}
                onChange={(next) => putStep(at, next)}
                onMove={(by) => {
                  const moved = route.steps[at + by];
                  if (moved) change({ ...route, steps: firstAlone(route.steps.with(at, moved).with(at + by, step)) });
                }}
                onRemove={
                  route.steps.length > 1
                    ? () => change({ ...route, steps: firstAlone(route.steps.toSpliced(at, 1)) })
                    : null
                }
              />
            ))}
          </ol>
          {signer && route.steps.length < 20 && (
            <p className="flex flex-wrap gap-3 py-2">
              <button
                type="button"
                className="part"
                onClick={() => change({ ...route, steps: [...route.steps, newStep(signer)] })}
              >
                then another step
              </button>
              <button
                type="button"
                className="part"
                onClick={() => change({ ...route, steps: [...route.steps, newStep(signer, true)] })}
              >
                a step side by side with the last
              </button>
            </p>
          )}
          <RouteRules route={route} known={known} onChange={change} />
          {others.map(({ detail }) => (
            <p key={detail} className="wrong">
              {detail}
            </p>
          ))}
          <Problems error={draft.error ?? withdraw.error ?? drop.error} />
          <PublishProblems error={publish.error} onAnyway={() => publish.mutate('yes')} />
          <BlindSpots register={register} asked={asked} senders={[]} changes={false} steps={stepsOfRoles(route)} />
        </section>
        {past ? (
          <VersionsFace route={route} known={known} onTake={change} />
        ) : (
          <LiveRoute
            route={route}
            compiled={compiled.ok ? compiled.value : null}
            register={register}
            people={routes.people}
            onChange={change}
          />
        )}
      </div>
      {trying && <TrialDialog route={route} onClose={() => setTrying(false)} />}
      {moving && <MovesDialog routeKey={route.key} register={register.key} onClose={() => setMoving(false)} />}
    </>
  );
};

/** The first step stands beside none. */
const firstAlone = (steps: Route['steps']): Route['steps'] =>
  steps.map((step, at) => (at === 0 && step.beside ? { ...step, beside: false } : step));
