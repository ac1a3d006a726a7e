import {
  forceCenter,
  forceCollide,
  forceLink,
  forceManyBody,
  forceSimulation,
  forceX,
  forceY,
  type SimulationNodeDatum,
} from 'd3-force';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { type Catalogue, pointersTo, type Register } from '#core/register/index.ts';

interface Box extends SimulationNodeDatum {
  readonly register: Register;
}

interface Arrow {
  readonly source: string;
  readonly target: string;
  readonly labels: readonly string[];
}

const WIDTH = 1040;
const HEIGHT = 560;
const BOX = { width: 172, height: 46 };

/** The links between registers, those of rows included, one arrow for each pair with the fields it stands for. */
const arrowsOf = (catalogue: Catalogue): Arrow[] => {
  const arrows = new Map<string, { source: string; target: string; labels: string[] }>();
  for (const target of catalogue.registers.keys())
    for (const pointer of pointersTo(target, catalogue)) {
      const source = pointer.from.split('.')[0] ?? '';
      const known = arrows.get(`${source} ${target}`) ?? { source, target, labels: [] };
      known.labels.push(pointer.field.label);
      arrows.set(`${source} ${target}`, known);
    }
  return [...arrows.values()];
};

/** Places that keep boxes apart and linked ones near. From the same registers always the same picture. */
const place = (catalogue: Catalogue, arrows: readonly Arrow[]): ReadonlyMap<string, Box> => {
  const registers = [...catalogue.registers.values()];
  const boxes = registers.map((register, i): Box => {
    const angle = (2 * Math.PI * i) / registers.length;
    return { register, x: WIDTH / 2 + 330 * Math.cos(angle), y: HEIGHT / 2 + 190 * Math.sin(angle) };
  });
  const links = arrows
    .filter((arrow) => arrow.source !== arrow.target)
    .map(({ source, target }) => ({ source, target }));
  forceSimulation(boxes)
    .force(
      'link',
      forceLink<Box, { source: string; target: string }>(links)
        .id((box) => box.register.key)
        .distance(210)
        .strength(0.3),
    )
    .force('apart', forceManyBody().strength(-2600))
    .force('room', forceCollide(112))
    .force('wide', forceX(WIDTH / 2).strength(0.06))
    .force('flat', forceY(HEIGHT / 2).strength(0.16))
    .force('middle', forceCenter(WIDTH / 2, HEIGHT / 2))
    .stop()
    .tick(400);
  for (const box of boxes) {
    box.x = Math.max(BOX.width / 2 + 8, Math.min(WIDTH - BOX.width / 2 - 8, box.x ?? 0));
    box.y = Math.max(BOX.height / 2 + 14, Math.min(HEIGHT - BOX.height / 2 - 14, box.y ?? 0));
  }
  return new Map(boxes.map((box) => [box.register.key, box]));
};

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Where a line from outside meets a box's edge. */
const edgeOf = (from: Point, to: Point): Point => {
  const [dx, dy] = [from.x - to.x, from.y - to.y];
  const scale = Math.min(
    dx === 0 ? Number.POSITIVE_INFINITY : (BOX.width / 2 + 5) / Math.abs(dx),
    dy === 0 ? Number.POSITIVE_INFINITY : (BOX.height / 2 + 5) / Math.abs(dy),
  );
  return { x: to.x + dx * scale, y: to.y + dy * scale };
};

const pointOf = (box: Box | undefined): Point => ({ x: box?.x ?? 0, y: box?.y ?? 0 });

/** All registers and what links them; a click, or Enter, opens one. */
export const LinksPicture = ({ catalogue }: { catalogue: Catalogue }) => {
  const navigate = useNavigate();
  const { arrows, boxes } = useMemo(() => {
    const found = arrowsOf(catalogue);
    return { arrows: found, boxes: place(catalogue, found) };
  }, [catalogue]);
  return (
    <svg aria-label="Registers and their links" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="mt-3 w-full max-w-6xl">
      <defs>
        <marker
          id="arrow"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto-start-reverse"
        >
          <path d="M0,0 L8,4 L0,8 Z" fill="var(--edge)" />
        </marker>
      </defs>
      {arrows.map(({ source, target, labels }) => {
        if (source === target) return null;
        const [from, to] = [pointOf(boxes.get(source)), pointOf(boxes.get(target))];
        const [start, end] = [edgeOf(to, from), edgeOf(from, to)];
        // Nearer to where it begins: in the middle, the words of lines that cross would lie on each other.
        const middle = { x: start.x + (end.x - start.x) * 0.36, y: start.y + (end.y - start.y) * 0.36 };
        return (
          <g key={`${source} ${target}`}>
            <line
              x1={start.x}
              y1={start.y}
              x2={end.x}
              y2={end.y}
              stroke="var(--edge)"
              strokeWidth={1.3}
              markerEnd="url(#arrow)"
            />
            <text
              x={middle.x}
              y={middle.y - 4}
              textAnchor="middle"
              fontSize={11.5}
              fill="var(--ink-2)"
              stroke="var(--sheet)"
              strokeWidth={4}
              paintOrder="stroke"
            >
              {labels.join(', ').toLowerCase()}
            </text>
          </g>
        );
      })}
      {[...boxes.values()].map(({ register, x = 0, y = 0 }) => (
        // biome-ignore lint/a11y/useSemanticElements: a link inside a drawing, which has no button of its own
        <g
          key={register.key}
          role="link"
          tabIndex={0}
          aria-label={`${register.mark} ${register.plural} ${register.fields.length} fields`}
          className="cursor-pointer outline-offset-2"
          transform={`translate(${x - BOX.width / 2}, ${y - BOX.height / 2})`}
          onClick={() => navigate(`/set-up/registers/${register.key}`)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') navigate(`/set-up/registers/${register.key}`);
          }}
        >
          <rect width={BOX.width} height={BOX.height} rx={3} fill="var(--paper)" stroke="var(--edge)" />
          <line x1={0} x2={BOX.width} y1={BOX.height} y2={BOX.height} stroke="var(--edge)" strokeWidth={3} />
          <text x={10} y={20} fontSize={11} fill="var(--ink-2)">
            <tspan fontWeight={600} fontFamily="var(--font-mono)">
              {register.mark}
            </tspan>
            <tspan x={44} fontSize={14} fontWeight={650} fill="var(--iolite-deep)">
              {` ${register.plural}`}
            </tspan>
            <tspan x={10} y={37} fontSize={11.5}>
              {` ${register.fields.length} fields`}
            </tspan>
          </text>
        </g>
      ))}
    </svg>
  );
};
