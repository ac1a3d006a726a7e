import { linkHorizontal } from 'd3-shape';
import type { WhoSignsAnswer } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { groupsOf, type Route } from '#core/signoff/index.ts';
import { useWorkspace } from '../../data/workspace.ts';

const BOX = { width: 118, height: 62 };
const GAP = { x: 46, y: 14 };
const START = 104;
const END = 34;
/** Drawn smaller than this part of its size nothing could be read: then it is moved along. */
const LEAST_SCALE = 0.8;
/** The band of all records is at most so thick. */
const THICKEST = 18;

type Walk = NonNullable<WhoSignsAnswer['walk']>;
type Step = Walk['steps'][number];

interface Props {
  readonly route: Route;
  readonly walk: Walk;
  /** How many of how many of the newest records enter each step. */
  readonly entered: readonly number[];
  readonly of: number;
}

const curve = linkHorizontal<unknown, readonly [number, number]>();
const line = (from: readonly [number, number], to: readonly [number, number]): string =>
  curve({ source: [...from], target: [...to] }) ?? '';

const colours = (step: Step): string => {
  switch (step.status) {
    case 'signs':
      return 'fill-kelp-wash stroke-kelp';
    case 'perhaps':
      return 'fill-sheet stroke-straw';
    case 'skipped':
      return 'fill-paper stroke-rule-strong';
    case 'stuck':
      return 'fill-brick-wash stroke-brick';
  }
};

/** The name of who would sign, or how many could. */
const sayPeople = (step: Step): string => {
  const all = [...step.people, ...step.last_resort];
  if (step.status === 'skipped') return 'not needed';
  if (all.length === 0) return 'nobody';
  const [first = ''] = all;
  return step.needed > 1
    ? `${step.needed} of ${all.length}`
    : all.length === 1
      ? first
      : `${first} or ${all.length - 1} more`;
};

const cut = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

/** A record walking the route, as people are on that day: the thread is this one, the band the newest records. */
export const RoutePicture = ({ route, walk, entered, of }: Props) => {
  const { workspace } = useWorkspace();
  const groups = groupsOf(route.steps);
  const tallest = Math.max(...groups.map((group) => group.length));
  const height = tallest * (BOX.height + GAP.y) + 24;
  const middle = height / 2;
  const x = (group: number): number => START + GAP.x + group * (BOX.width + GAP.x);
  const y = (group: readonly number[], at: number): number =>
    middle - (group.length * (BOX.height + GAP.y) - GAP.y) / 2 + at * (BOX.height + GAP.y);
  const endX = x(groups.length);
  const width = endX + END * 2 + 40;
  const day = (moment: string): string => showMoment(moment, workspace.zone, workspace.locale).split(',')[0] ?? '';
  const isEntered = ({ status }: Step): boolean => status !== 'skipped';
  const stops = groups.flatMap((group, column) =>
    group.map((step, row) => ({ step, column, row, at: [x(column), y(group, row) + BOX.height / 2] as const })),
  );
  const places = (column: number): readonly (readonly [number, number])[] =>
    column < 0
      ? [[START, middle]]
      : stops
          .filter((stop) => stop.column === column && isEntered(walk.steps[stop.step] as Step))
          .map(({ at }) => [at[0] + BOX.width, at[1]] as const);
  const from = (column: number): readonly (readonly [number, number])[] => {
    for (let before = column - 1; before >= -1; before--) {
      const found = places(before);
      if (found.length > 0) return found;
    }
    return [[START, middle]];
  };
  return (
    <figure>
      <div className="overflow-x-auto">
        <svg
          viewBox={`0 0 ${width} ${height}`}
          role="img"
          aria-label={`${walk.number} walks the route: ${walk.steps
            .filter(isEntered)
            .map((step) => `${step.label}: ${sayPeople(step)}`)
            .join('; ')}`}
          style={{ minWidth: width * LEAST_SCALE, maxWidth: width }}
          className="w-full"
        >
          {stops.map(({ step, column, at }) =>
            from(column).map((source) => (
              <path
                key={`band ${step} ${source.join()}`}
                d={line(source, at)}
                className="fill-none stroke-rule-strong"
                strokeWidth={of === 0 ? 1 : Math.max(1, ((entered[step] ?? 0) / of) * THICKEST)}
              />
            )),
          )}
          {stops
            .filter(({ step }) => isEntered(walk.steps[step] as Step))
            .flatMap(({ step, column, at }) =>
              from(column).map((source) => (
                <path
                  key={`thread ${step} ${source.join()}`}
                  d={line(source, at)}
                  className="fill-none stroke-iolite"
                  strokeWidth={2.5}
                />
              )),
            )}
          {from(groups.length).map((source) => (
            <path
              key={`end ${source.join()}`}
              d={line(source, [endX, middle])}
              className="fill-none stroke-iolite"
              strokeWidth={2.5}
            />
          ))}
          <g>
            <text x={0} y={middle - 26} className="fill-ink text-[12px] font-semibold">
              {cut(walk.sender, 15)}
            </text>
            <rect
              x={0}
              y={middle - 14}
              width={START - 10}
              height={26}
              rx={3}
              className="fill-sheet stroke-iolite-deep"
            />
            <text x={8} y={middle + 4} className="fill-ink font-mono text-[11px]">
              {walk.number}
            </text>
            <text x={0} y={middle + 30} className="fill-ink-2 text-[12px]">
              {walk.amount}
            </text>
          </g>
          {stops.map(({ step, at }) => {
            const said = walk.steps[step] as Step;
            return (
              <g key={step} transform={`translate(${at[0]} ${at[1] - BOX.height / 2})`}>
                <rect
                  width={BOX.width}
                  height={BOX.height}
                  rx={4}
                  className={colours(said)}
                  strokeDasharray={said.status === 'signs' || said.status === 'stuck' ? undefined : '4 3'}
                />
                <text x={8} y={18} className="fill-ink text-[12px] font-semibold">
                  {cut(sayPeople(said), 17)}
                </text>
                <text x={8} y={34} className="fill-ink-2 text-[11.5px]">
                  {cut(said.label, 18)}
                </text>
                <text x={8} y={50} className="fill-ink-2 text-[11.5px]">
                  {said.status === 'perhaps' ? 'perhaps' : said.due && isEntered(said) ? `by ${day(said.due)}` : ''}
                </text>
                <title>{`${said.label}: ${[...said.people, ...said.last_resort].join(', ') || 'nobody'}`}</title>
              </g>
            );
          })}
          <g transform={`translate(${endX} ${middle})`}>
            <circle cx={END} r={END} className="fill-ink" />
            <text x={END} y={4} textAnchor="middle" className="fill-sheet text-[11.5px] font-semibold">
              Approved
            </text>
          </g>
        </svg>
      </div>
      <figcaption className="text-[13px] text-ink-2">
        Thread: this one. Band: the newest {of}.{!walk.takes && ' This route does not take this record.'}
      </figcaption>
    </figure>
  );
};
