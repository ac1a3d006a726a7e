import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { ImportState } from '#contract/index.ts';
import { joinWords } from '#core/base/index.ts';
import type { ImportPlan } from '#core/spreadsheet/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { Progress } from '../../fields/bringing/progress.tsx';
import { Problems } from '../../ui/message.tsx';
import type { Importing } from './use-import.ts';

interface TwinsProps {
  readonly twins: NonNullable<NonNullable<ImportState['found']>['would']>['twins'];
  readonly register: string;
}

/** Rows that look like others, or like records that are there: told before they are made, and kept out by nobody. */
const Twins = ({ twins: { inside, there }, register }: TwinsProps) => {
  const { workspace } = useWorkspace();
  const say = ({ rows, like }: TwinsProps['twins']['inside'], others: string): string => {
    const named = joinWords(
      like.map((each) => `“${each}”`),
      'and',
    );
    return `${rows.toLocaleString(workspace.locale)} ${rows === 1 ? 'row looks' : 'rows look'} like ${others}, as ${named}. `;
  };
  if (inside.rows + there.rows === 0) return null;
  return (
    <p className="text-straw">
      {inside.rows > 0 && say(inside, 'one before them in the file')}
      {there.rows > 0 && say(there, `one of the ${register} that are there`)}
    </p>
  );
};

/** Whether somebody mended cells or rows by hand: that is lost with the file. */
const isMended = ({ mends }: ImportPlan): boolean => Object.values(mends).some((each) => each.length > 0);

/** What carrying it out would make, what stays out, and the button that does it. */
export const BringInFoot = ({ importing }: { importing: Importing }) => {
  const { state, plan, isLooking, change } = importing;
  const { workspace, catalogue } = useWorkspace();
  const me = useMe();
  const navigate = useNavigate();
  const carryOut = useMutation({
    mutationFn: () => call('carryOutImport', { params: { id: state.id }, body: { revision: state.revision } }),
    onSuccess: (next) => {
      queryClient.setQueryData(queries.importState(state.id).queryKey, next);
      void readAnew('workspace');
    },
  });
  const drop = useMutation({
    mutationFn: () => call('dropImport', { params: { id: state.id } }),
    onSuccess: () => navigate(-1),
  });
  const [asksFirst, setAsksFirst] = useState(false);
  if (!plan) return null;
  const would = state.found?.would ?? null;
  const said = (count: number) => count.toLocaleString(workspace.locale);
  const register = catalogue.registers.get(plan.into ?? '');
  const makes = state.found?.makes ?? [];
  const canForm = me.sets_up.includes('forms');
  const isSetup = me.sets_up.length > 0;
  const does = would === null ? 0 : would.add + would.change;
  return (
    <footer className="flex items-center gap-x-6 max-md:flex-wrap gap-y-2 border-t-2 border-ink bg-sheet px-5 py-3">
      <div className="min-w-0 flex-1">
        {isLooking && !isOver(state.job) && state.job.total !== null && state.job.total > 2_000 ? (
          <Progress state={state} />
        ) : isLooking ? (
          <p role="status" className="text-ink-2">
            Looking through it …
          </p>
        ) : (
          would && (
            <>
              <p role="status">
                {makes.length > 0 ? `${plan.made ? 'Makes' : 'Adds'} ${joinWords(makes, 'and')}` : 'Adds nothing'}
                {would.change > 0 && `, changes ${said(would.change)}`}
                {would.unchanged > 0 && `, ${said(would.unchanged)} are so already`}
                {canForm && (
                  <>
                    , and{' '}
                    <button
                      type="button"
                      className="part"
                      aria-pressed={plan.form}
                      onClick={() => change({ form: !plan.form })}
                    >
                      {plan.form ? 'a form that asks for them, as a draft' : 'no form yet'}
                    </button>
                  </>
                )}
                .
              </p>
              {(would.goes.length > 0 || (plan.as_they_stand && isSetup)) && (
                <p>
                  {would.goes.length > 0 &&
                    `${joinWords(
                      would.goes.map(({ to, records }) => `${said(records)} ${records === 1 ? 'goes' : 'go'} to ${to}`),
                      'and',
                    )} for approval. `}
                  {isSetup && (
                    <button
                      type="button"
                      className="part"
                      aria-pressed={plan.as_they_stand}
                      onClick={() => change({ as_they_stand: !plan.as_they_stand })}
                    >
                      {plan.as_they_stand
                        ? 'They come in as they stand: nobody is asked to sign them'
                        : 'They go round like any other record'}
                    </button>
                  )}
                </p>
              )}
              <Twins twins={would.twins} register={register?.plural ?? plan.made?.plural ?? ''} />
              <p className="text-[13.5px] text-ink-2">
                {would.out > 0 &&
                  `${would.out === 1 ? 'One row stays out and is' : `${said(would.out)} rows stay out and are`} kept as a file with a column “Why”. `}
                All of it can be undone in one step.
              </p>
            </>
          )
        )}
        <Problems error={carryOut.error ?? drop.error ?? importing.error} />
      </div>
      {asksFirst ? (
        <span role="alert" className="flex flex-wrap items-center gap-2">
          What you mended here is lost with it.
          <button type="button" className="btn" disabled={drop.isPending} onClick={() => drop.mutate()}>
            Throw it away
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setAsksFirst(false)}>
            Go on with it
          </button>
        </span>
      ) : (
        <button
          type="button"
          className="btn btn-quiet"
          disabled={drop.isPending}
          onClick={() => (isMended(plan) ? setAsksFirst(true) : drop.mutate())}
        >
          Throw it away
        </button>
      )}
      <button
        type="button"
        className="btn btn-go"
        disabled={isLooking || carryOut.isPending || (does === 0 && plan.made === null)}
        onClick={() => carryOut.mutate()}
      >
        {carryOut.isPending
          ? 'Beginning …'
          : plan.made
            ? `Make ${plan.made.plural}`
            : `Bring into ${register?.plural ?? ''}`}
      </button>
    </footer>
  );
};
