import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { SayContext } from '#core/expression/index.ts';
import { type CompiledForm, sayWay, type Way, type Ways, wayTaken } from '#core/form/index.ts';
import { valueContext } from '#core/register/index.ts';
import { compileRoute, recordValues, stepsEntered } from '#core/signoff/index.ts';
import { queries } from '../../data/queries.ts';
import { clockFor, type KnownWorkspace } from '../../data/workspace.ts';
import { Coming } from '../../ui/message.tsx';
import { useWays } from './use-ways.ts';
import { WaysMap } from './ways-map.tsx';

interface Props {
  readonly compiled: CompiledForm;
  readonly workspace: KnownWorkspace;
  /** Puts answers that take a way into the live form. */
  readonly onSample: (way: Way) => void;
}

const letter = (at: number): string =>
  at < 26 ? String.fromCharCode(65 + at) : `${letter(Math.floor(at / 26) - 1)}${letter(at % 26)}`;

/** So many of the newest records are asked which way they took. */
const NEWEST = 100;

/** Which way each of the newest records took; null until they are there. */
const useTaken = (compiled: CompiledForm, ways: readonly Way[], workspace: KnownWorkspace) => {
  const address = { filter: '', find: '', sort: '-number', columns: '', archived: 'no' as const };
  const { data } = useQuery(queries.list(compiled.register.key, address, NEWEST));
  return useMemo(() => {
    if (!data) return null;
    const clock = clockFor(workspace);
    return data.records.map(({ values }) => wayTaken(compiled, ways, values, clock));
  }, [data, compiled, ways, workspace]);
};

/** Who signs a record that went a way, as far as its sample answers tell; null where no route is published. */
const useSigning = (compiled: CompiledForm, workspace: KnownWorkspace): ((way: Way) => string) | null => {
  const published = workspace.routes.find(({ route }) => route.register === compiled.register.key);
  const roles = new Map(workspace.roles.map((role) => [role.key, role]));
  const route = published ? compileRoute(published.route, compiled.catalogue, roles) : null;
  if (!route?.ok) return null;
  return (way) => {
    const steps = stepsEntered(route.value, recordValues(way.sample, clockFor(workspace)));
    return steps.map((at) => route.value.route.steps[at]?.label ?? '').join(', ') || 'nobody';
  };
};

/** The ways through a form: a map of its pages, and a table of what leads where. */
export const WaysFace = ({ compiled, workspace, onSample }: Props) => {
  const [chosen, setChosen] = useState(0);
  const found = useWays(compiled.form, workspace);
  return found ? <Found {...{ compiled, workspace, onSample, found, chosen, setChosen }} /> : <Coming />;
};

interface FoundProps extends Props {
  readonly found: Ways;
  readonly chosen: number;
  readonly setChosen: (at: number) => void;
}

const Found = ({ compiled, workspace, onSample, found, chosen, setChosen }: FoundProps) => {
  const { ways, more } = found;
  const taken = useTaken(compiled, ways, workspace);
  const signing = useSigning(compiled, workspace);
  const way = ways[chosen] ?? ways[0];
  const context: SayContext = { vocabulary: compiled.vocabulary, values: valueContext(compiled.catalogue) };
  const clock = clockFor(workspace);
  const says = (each: Way): string => sayWay(compiled, each, ways, context, clock).join(', ') || 'always';
  return (
    <>
      <p className="mb-2 text-ink-2">
        {ways.length === 1 ? 'One way through.' : `${ways.length}${more ? ' and more' : ''} ways through.`}
      </p>
      {compiled.pages.length > 1 && <WaysMap compiled={compiled} context={context} ways={ways} chosen={way} />}
      <div className="mt-3 overflow-x-auto">
        <table className="list-table" aria-label="Ways">
          <thead>
            <tr>
              <th scope="col">Way</th>
              <th scope="col">What leads there</th>
              <th scope="col">Pages</th>
              <th scope="col" className="num">
                Questions
              </th>
              {taken !== null && taken.length > 0 && (
                <th scope="col" className="num">
                  Of the last {taken.length} records
                </th>
              )}
              {signing && <th scope="col">Sign-off</th>}
            </tr>
          </thead>
          <tbody>
            {ways.map((each, at) => (
              <tr key={`${each.pages.join()} ${each.asked.join()}`} aria-current={each === way}>
                <td>
                  <button
                    type="button"
                    className="part"
                    aria-label={`Way ${letter(at)}, show it`}
                    aria-pressed={each === way}
                    onClick={() => setChosen(at)}
                  >
                    {letter(at)}
                  </button>
                </td>
                <td className="whitespace-normal!">{says(each)}</td>
                <td>{each.pages.map((page) => page + 1).join(', ')}</td>
                <td className="num">{each.asked.length}</td>
                {taken !== null && taken.length > 0 && (
                  <td className="num">{taken.filter((way) => way === each).length}</td>
                )}
                {signing && <td className="whitespace-normal!">{signing(each)}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {way && (
        <p className="mt-3 text-ink-2">
          <button type="button" className="btn" onClick={() => onSample(way)}>
            Fill in way {letter(ways.indexOf(way))} for me
          </button>{' '}
          puts sample answers that take this way into the live form
        </p>
      )}
    </>
  );
};
