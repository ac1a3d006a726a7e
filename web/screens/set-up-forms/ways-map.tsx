import { linkHorizontal } from 'd3-shape';
import { findCondition, type SayContext, sayCondition } from '#core/expression/index.ts';
import type { CompiledForm, Way } from '#core/form/index.ts';

const BOX = { width: 150, height: 58 };
/** Between the boxes, wide enough for what leads on to stand beside its ribbon. */
const GAP = { x: 120, y: 34 };
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

/** As many words as stand beside a ribbon, in lines; the whole is told when it is pointed at. */
const LINE = 19;
const inLines = (text: string): string[] => {
  const lines: string[] = [''];
  for (const word of text.split(' ')) {
    const last = lines.at(-1) ?? '';
    if (last !== '' && `${last} ${word}`.length > LINE) lines.push(word);
    else lines[lines.length - 1] = `${last} ${word}`.trim();
  }
  return lines.length > 2 ? [lines[0] ?? '', `${(lines[1] ?? '').slice(0, LINE - 1)}…`] : lines;
};

/** What leads from a page on to another, or to the end, in words; '' where nothing decides. */
const sayEdge = ({ pages }: CompiledForm, from: number, to: number, context: SayContext): string => {
  const onward = pages[from]?.onward ?? [];
  if (onward.length === 0) return pages[from]?.otherwise === from + 1 ? '' : 'always';
  const said = onward
    .filter((each) => each.to === to)
    .map(({ condition }) => {
      const found = findCondition(condition.expr);
      return found ? sayCondition(found, 'is', context) : condition.text;
    });
  return said.length > 0 ? said.join(', or ') : 'otherwise';
};

interface Props {
  readonly compiled: CompiledForm;
  readonly context: SayContext;
  readonly ways: readonly Way[];
  readonly chosen: Way | undefined;
}

/** The pages of a form and the ways through them, as ribbons that are the wider the more ways use them. */
export const WaysMap = ({ compiled, context, ways, chosen }: Props) => {
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
        {[...edges.keys()].map((step) => {
          const [from = 0, to = 0] = step.split(' ').map(Number);
          const [a, b] = [places[from], places[to]];
          const said = sayEdge(compiled, from, to, context);
          if (!a || !b || said === '') return null;
          // Beside the middle of its ribbon, on the side where no box is: above where that rises to the next page or runs
          // level, else below.
          const lines = inLines(said);
          const [level, falls] = [a.y === b.y, b.y > a.y];
          const passes = !level && !falls && to - from > 1 && to < pages.length;
          const x = (a.x + BOX.width + b.x) / 2 + (level ? 0 : passes ? 10 : -10);
          const middle = (a.y + b.y + BOX.height) / 2;
          const y = falls || passes ? middle + 18 : middle - 12 - 12 * (lines.length - 1);
          return (
            <text
              key={step}
              x={x}
              y={y}
              textAnchor={level ? 'middle' : passes ? 'start' : 'end'}
              // Where a long ribbon of another page passes, the words still stand out.
              className="fill-ink-2 stroke-paper stroke-4 text-[10.5px] [paint-order:stroke]"
            >
              <title>{said}</title>
              {lines.map((line, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a line is its place
                <tspan key={i} x={x} dy={i === 0 ? 0 : 12}>
                  {line}
                </tspan>
              ))}
            </text>
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
