import { linkHorizontal } from 'd3-shape';
import { useState } from 'react';
import type { SayContext } from '#core/expression/index.ts';
import { type CompiledForm, sayWay, type Way } from '#core/form/index.ts';
import { valueContext } from '#core/register/index.ts';
import { clockFor, type KnownWorkspace } from '../../data/workspace.ts';
import { Coming } from '../../ui/message.tsx';
import { useWays } from './use-ways.ts';

interface Props {
  readonly compiled: CompiledForm;
  readonly workspace: KnownWorkspace;
  /** Puts answers that take a way into the live form. */
  readonly onSample: (way: Way) => void;
}

const letter = (at: number): string =>
  at < 26 ? String.fromCharCode(65 + at) : `${letter(Math.floor(at / 26) - 1)}${letter(at % 26)}`;

/** The ways through a form: a map of its pages, and a table of what leads where. */
export const WaysFace = ({ compiled, workspace, onSample }: Props) => {
  const [chosen, setChosen] = useState(0);
  const found = useWays(compiled.form, workspace);
  if (!found) return <Coming />;
  const { ways, more } = found;
  const way = ways[chosen] ?? ways[0];
  const context: SayContext = { vocabulary: compiled.vocabulary, values: valueContext(compiled.catalogue) };
  const clock = clockFor(workspace);
  const says = (each: Way): string => sayWay(compiled, each, ways, context, clock).join(', ') || 'always';
  return (
    <>
      <p className="mb-2 text-ink-2">
        {ways.length === 1 ? 'One way through.' : `${ways.length}${more ? ' and more' : ''} ways through.`}
      </p>
      {compiled.pages.length > 1 && <WaysMap compiled={compiled} ways={ways} chosen={way} />}
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

const BOX = { width: 140, height: 58 };
const GAP = { x: 34, y: 26 };
/** The words in the boxes are not drawn smaller than this part of their size. */
const LEAST_SCALE = 0.85;
const THICKEST = 16;

interface Place {
  readonly x: number;
  readonly y: number;
}

/**
 * Where each page and the end stand: in their order from left to right; the pages that every way passes on one line,
 * the others above and below it in turn, so that no ribbon runs behind a box.
 */
const placesOf = (pages: number, ways: readonly Way[]): Place[] => {
  let above = false;
  return Array.from({ length: pages + 1 }, (_, at) => {
    const always = at === pages || ways.every((way) => way.pages.includes(at));
    if (!always) above = !above;
    const row = always ? 1 : above ? 0 : 2;
    return { x: at * (BOX.width + GAP.x), y: (row * (BOX.height + GAP.y)) / 1.4 };
  });
};

const WaysMap = ({
  compiled,
  ways,
  chosen,
}: {
  compiled: CompiledForm;
  ways: readonly Way[];
  chosen: Way | undefined;
}) => {
  const { pages, questions } = compiled;
  const edges = new Map<string, number>();
  const stepsOf = (way: Way): string[] => way.pages.map((from, i) => `${from} ${way.pages[i + 1] ?? pages.length}`);
  for (const step of ways.flatMap(stepsOf)) edges.set(step, (edges.get(step) ?? 0) + 1);
  const places = placesOf(pages.length, ways);
  const own = new Set(chosen ? stepsOf(chosen) : []);
  const top = Math.min(...places.map(({ y }) => y));
  const height = Math.max(...places.map(({ y }) => y)) + BOX.height - top;
  const width = Math.max(...places.map(({ x }) => x)) + 60;
  const link = linkHorizontal<{ source: [number, number]; target: [number, number] }, [number, number]>();
  const through = (at: number) => ways.filter((way) => way.pages.includes(at)).length;
  const sometimes = (at: number) =>
    questions.filter(({ key, page, hidden }) => {
      const there = ways.filter((way) => way.pages.includes(at));
      return page === at && !hidden && there.some((way) => !way.asked.includes(key));
    }).length;
  const end = places[pages.length] ?? { x: 0, y: 0 };
  return (
    // A long form's map scrolls rather than shrinks.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by the keyboard
    <section tabIndex={0} aria-label="Map of the ways" className="overflow-x-auto border border-rule-strong bg-paper">
      <svg
        viewBox={`-10 ${top - 10} ${width + 20} ${height + 20}`}
        className="w-full"
        style={{ maxHeight: 300, minWidth: width * LEAST_SCALE }}
        role="img"
        aria-label={`A map of ${pages.length} pages and ${ways.length} ways through them; the table below says the same`}
      >
        {[...edges]
          .toSorted(([a], [b]) => Number(own.has(a)) - Number(own.has(b)))
          .map(([step, count]) => {
            const [from = 0, to = 0] = step.split(' ').map(Number);
            const [a, b] = [places[from], places[to]];
            if (!a || !b) return null;
            const path = link({
              source: [a.x + BOX.width, a.y + BOX.height / 2],
              target: [b.x, b.y + BOX.height / 2],
            });
            return (
              <path
                key={step}
                d={path ?? ''}
                className={`fill-none ${own.has(step) ? 'stroke-iolite' : 'stroke-rule-strong'}`}
                strokeWidth={Math.max(2, (THICKEST * count) / ways.length)}
              />
            );
          })}
        {pages.map(({ page }, at) => {
          const { x, y } = places[at] ?? { x: 0, y: 0 };
          const count = questions.filter((each) => each.page === at && !each.hidden).length;
          const some = sometimes(at);
          const here = chosen?.pages.includes(at);
          return (
            <g key={page.key} transform={`translate(${x} ${y})`}>
              <rect
                width={BOX.width}
                height={BOX.height}
                rx={3}
                className={here ? 'fill-iolite-wash stroke-iolite' : 'fill-sheet stroke-ink'}
              />
              <text x={10} y={19} className="fill-ink text-[12px] font-semibold">
                {at + 1}. {page.label.length > 19 ? `${page.label.slice(0, 18)}…` : page.label}
              </text>
              <text x={10} y={35} className="fill-ink-2 text-[11px]">
                {count} {count === 1 ? 'question' : 'questions'}
                {some > 0 && `, ${some} sometimes`}
              </text>
              <text x={10} y={50} className="fill-ink-2 text-[11px]">
                {through(at) === ways.length ? `all ${ways.length} ways` : `${through(at)} of ${ways.length} ways`}
              </text>
            </g>
          );
        })}
        <circle cx={end.x + 26} cy={end.y + BOX.height / 2} r={26} className="fill-ink" />
        <text
          x={end.x + 26}
          y={end.y + BOX.height / 2 + 4}
          textAnchor="middle"
          className="fill-sheet text-[12px] font-semibold"
        >
          Send
        </text>
      </svg>
    </section>
  );
};
