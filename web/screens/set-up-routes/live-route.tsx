import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { RoutesAnswer } from '#contract/index.ts';
import { showDate, today } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { type CompiledRoute, type MadeUp, madeUpParts, type Route } from '#core/signoff/index.ts';
import { whoSigns } from '../../data/route-queries.ts';
import { clockFor, useWorkspace } from '../../data/workspace.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { Part } from '../../ui/part.tsx';
import { PickPart } from '../../ui/pick-parts.tsx';
import { MadeUpParts } from './made-up.tsx';
import { RoutePicture } from './picture.tsx';
import { WhoSignsTable } from './who-signs-table.tsx';

interface Props {
  readonly route: Route;
  /** The same compiled, or null where something is wrong. */
  readonly compiled: CompiledRoute | null;
  readonly register: Register;
  readonly people: RoutesAnswer['people'];
  readonly onChange: (route: Route) => void;
}

/** What walks the route: a record that is stored (none: one on its way), or one that is made up. */
type Walking =
  | { readonly kind: 'stored'; readonly id?: string }
  | { readonly kind: 'made_up'; readonly values: MadeUp };

/** The live picture: a record walks the route, sent by somebody, as people are on a day; below it who signs what. */
export const LiveRoute = ({ route, compiled, register, people, onChange }: Props) => {
  const { workspace } = useWorkspace();
  const [walking, setWalking] = useState<Walking>({ kind: 'stored' });
  const [sender, setSender] = useState<string | undefined>();
  const [day, setDay] = useState<string | undefined>();
  const now = today(clockFor(workspace));
  const parts = compiled ? madeUpParts(compiled) : [];
  // What the route does not read any more is not asked of what was made up.
  const madeUp =
    walking.kind === 'made_up'
      ? Object.fromEntries(Object.entries(walking.values).filter(([key]) => parts.some(({ path }) => path === key)))
      : undefined;
  const { data, error } = useQuery({
    ...whoSigns(route.key, {
      route,
      ...(walking.kind === 'stored' && walking.id ? { record: walking.id } : {}),
      ...(madeUp ? { made_up: madeUp } : {}),
      ...(sender ? { sender } : {}),
      ...(day ? { day } : {}),
    }),
    enabled: compiled !== null,
  });
  const entered = data
    ? data.labels.map((_, at) =>
        data.rows.reduce((sum, { steps, count }) => (steps[at]?.status === 'skipped' ? sum : sum + count), 0),
      )
    : [];
  return (
    <section aria-label="The route, running" className="bg-sheet px-6 py-5 lg:overflow-auto">
      <p className="mb-3 text-ink-2">
        Live:{' '}
        <Part text={walking.kind === 'made_up' ? 'a made-up record' : (data?.walk?.number ?? 'a record')} what="record">
          {(close) => (
            <div className="grid gap-2">
              <label htmlFor="walking-record">A record of {register.plural}</label>
              <FindRecord
                id="walking-record"
                register={register}
                chosen={null}
                onChoose={(found) => {
                  setWalking({ kind: 'stored', ...(found ? { id: found.id } : {}) });
                  close();
                }}
              />
              {walking.kind === 'stored' ? (
                <button
                  type="button"
                  className="slip-row"
                  onClick={() => {
                    setWalking({ kind: 'made_up', values: data?.walk?.values ?? {} });
                    close();
                  }}
                >
                  or make one up
                </button>
              ) : (
                <button
                  type="button"
                  className="slip-row"
                  onClick={() => {
                    setWalking({ kind: 'stored' });
                    close();
                  }}
                >
                  or one on its way
                </button>
              )}
            </div>
          )}
        </Part>
        {compiled && walking.kind === 'made_up' && (
          <MadeUpParts
            compiled={compiled}
            values={walking.values}
            people={people}
            onChange={(values) => setWalking({ kind: 'made_up', values })}
          />
        )}
        , sent by{' '}
        <PickPart
          text={
            sender
              ? (people.find(({ id }) => id === sender)?.name ?? '')
              : walking.kind === 'made_up'
                ? 'nobody here'
                : (data?.walk?.sender ?? 'whoever sent it') || 'nobody here'
          }
          what="sender"
          options={[
            { value: '', label: walking.kind === 'made_up' ? 'nobody here' : 'whoever sent it' },
            ...people.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          chosen={sender ?? ''}
          onPick={(id) => setSender(id === '' ? undefined : id)}
        />
        , as people are on{' '}
        <Part text={showDate(day ?? now, workspace.locale)} what="day">
          {(close) => (
            <label className="grid gap-1">
              The day
              <input
                type="date"
                className="box"
                value={day ?? now}
                onChange={(event) => setDay(event.target.value === '' ? undefined : event.target.value)}
                onKeyDown={(event) => event.key === 'Enter' && close()}
              />
            </label>
          )}
        </Part>
      </p>
      {!compiled && <p className="wrong">Mend what is wrong at the left: then it runs again.</p>}
      <Problems error={error} />
      {!data && compiled && !error && <Coming />}
      {data?.walk ? (
        <RoutePicture route={route} walk={data.walk} entered={entered} of={data.of} />
      ) : (
        data && (
          <Empty title="There is no record yet that could walk it.">
            <Link className="part" to={`/registers/${register.key}`}>
              Add one to {register.plural}
            </Link>{' '}
            <button type="button" className="part" onClick={() => setWalking({ kind: 'made_up', values: {} })}>
              or make one up
            </button>
          </Empty>
        )
      )}
      {data && <WhoSignsTable route={route} answer={data} onChange={onChange} />}
    </section>
  );
};
