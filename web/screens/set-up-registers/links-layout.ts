import {
  forceCollide,
  forceLink,
  forceManyBody,
  forceSimulation,
  forceX,
  forceY,
  type SimulationNodeDatum,
} from 'd3-force';
import { type Catalogue, pointersTo, type Register } from '#core/register/index.ts';

/** Places in a drawing, in its units: to the right and down. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A register's box, by its middle. */
export interface PlacedBox extends Point {
  readonly register: Register;
}

/** A link, or several between the same two, with the words of the fields they stand for. */
export interface PlacedLine {
  readonly source: string;
  readonly target: string;
  /** As an SVG path has it. */
  readonly path: string;
  readonly words: string;
  /** The middle of the words' foot. */
  readonly label: Point;
}

/** What is drawn, and the part of the drawing that holds it all. */
export interface Layout {
  readonly boxes: readonly PlacedBox[];
  readonly lines: readonly PlacedLine[];
  readonly view: Area;
}

export interface Area extends Point {
  readonly width: number;
  readonly height: number;
}

export const BOX = { width: 172, height: 46 };
export const LABEL_HEIGHT = 14;
/** Between two boxes: room for a line and its words. */
const GAP = { x: 54, y: 44 };
const MARGIN = 16;
const LETTER = 6.1;

interface Arrow {
  readonly source: string;
  readonly target: string;
  readonly labels: readonly string[];
}

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

interface Node extends SimulationNodeDatum {
  readonly register: Register;
  x: number;
  y: number;
}

/** Boxes that lie over each other, or too near, are pushed apart the shorter way, until none do. */
const pushApart = (nodes: readonly Node[]): void => {
  for (let pass = 0, moved = true; moved && pass < 2000; pass++) {
    moved = false;
    nodes.forEach((a, i) => {
      for (const b of nodes.slice(i + 1)) {
        const x = BOX.width + GAP.x - Math.abs(a.x - b.x);
        const y = BOX.height + GAP.y - Math.abs(a.y - b.y);
        if (x <= 0 || y <= 0) continue;
        moved = true;
        // A little more than needed, so that rounding leaves nothing to push.
        const along = y <= x ? 'y' : 'x';
        const by = (Math.min(x, y) / 2 + 0.5) * (a[along] <= b[along] ? -1 : 1);
        a[along] += by;
        b[along] -= by;
      }
    });
  }
};

/** Places that keep boxes apart and linked ones near. From the same registers always the same picture. */
const place = (registers: readonly Register[], arrows: readonly Arrow[]): PlacedBox[] => {
  const nodes = registers.map((register, i): Node => {
    const angle = (2 * Math.PI * i) / registers.length;
    return { register, x: 330 * Math.cos(angle), y: 190 * Math.sin(angle) };
  });
  const links = arrows
    .filter((arrow) => arrow.source !== arrow.target)
    .map(({ source, target }) => ({ source, target }));
  forceSimulation(nodes)
    .force(
      'link',
      forceLink<Node, { source: string; target: string }>(links)
        .id((node) => node.register.key)
        .distance(210)
        .strength(0.3),
    )
    .force('apart', forceManyBody().strength(-2600))
    .force('room', forceCollide(112))
    .force('wide', forceX(0).strength(0.06))
    .force('flat', forceY(0).strength(0.16))
    .stop()
    .tick(400);
  pushApart(nodes);
  return nodes.map(({ register, x, y }) => ({ register, x, y }));
};

/** Where a line from outside meets a box's edge. */
const edgeOf = (from: Point, to: Point): Point => {
  const [dx, dy] = [from.x - to.x, from.y - to.y];
  const scale = Math.min(
    dx === 0 ? Number.POSITIVE_INFINITY : (BOX.width / 2 + 5) / Math.abs(dx),
    dy === 0 ? Number.POSITIVE_INFINITY : (BOX.height / 2 + 5) / Math.abs(dy),
  );
  return { x: to.x + dx * scale, y: to.y + dy * scale };
};

/** How much of two areas lies over each other. */
export const overlap = (a: Area, b: Area): number =>
  Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y));

export const boxArea = ({ x, y }: Point): Area => ({ x: x - BOX.width / 2, y: y - BOX.height / 2, ...BOX });

/** What some words take up, by the middle of their foot. */
export const wordsArea = ({ x, y }: Point, words: string): Area => {
  const width = words.length * LETTER + 6;
  return { x: x - width / 2, y: y - LABEL_HEIGHT + 3, width, height: LABEL_HEIGHT };
};

/** Nearer to where a line begins first: in the middle, the words of lines that cross would lie on each other. */
const ALONG = [0.36, 0.5, 0.28, 0.6, 0.2, 0.7, 0.44, 0.8];

/** The place of a line's words: the first along it where they lie on nothing, or else on the least. */
const labelOf = (from: Point, to: Point, words: string, taken: readonly Area[]): Point => {
  const places = ALONG.flatMap((part) => {
    const at = { x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part };
    return [
      { x: at.x, y: at.y - 4 },
      { x: at.x, y: at.y + LABEL_HEIGHT },
    ];
  });
  const over = (at: Point): number => taken.reduce((sum, each) => sum + overlap(wordsArea(at, words), each), 0);
  const ranked = places.map((at, i) => ({ at, i, on: over(at) }));
  return ranked.toSorted((a, b) => a.on - b.on || a.i - b.i)[0]?.at ?? from;
};

/** So far apart are the two lines between registers that link to each other. */
const TWO_WAYS = 9;

/** The line of a link, with where it begins and ends: of a register to itself a loop at its right side. */
const lineOf = ({ source, target }: Arrow, boxes: ReadonlyMap<string, Point>, isTwoWay: boolean) => {
  const [from, to] = [boxes.get(source) ?? { x: 0, y: 0 }, boxes.get(target) ?? { x: 0, y: 0 }];
  if (source === target) {
    const [x, y] = [from.x + BOX.width / 2 + 4, from.y];
    return {
      path: `M${x},${y - 12} c34,-14 34,38 0,24`,
      start: { x: x + 30, y: y - 18 },
      end: { x: x + 30, y: y + 18 },
    };
  }
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const aside = isTwoWay ? TWO_WAYS : 0;
  const [ox, oy] = [(-(to.y - from.y) / length) * aside, ((to.x - from.x) / length) * aside];
  const shift = ({ x, y }: Point): Point => ({ x: x + ox, y: y + oy });
  const [start, end] = [shift(edgeOf(to, from)), shift(edgeOf(from, to))];
  return { path: `M${start.x},${start.y} L${end.x},${end.y}`, start, end };
};

const around = (areas: readonly Area[]): Area => {
  const x = Math.min(...areas.map((area) => area.x)) - MARGIN;
  const y = Math.min(...areas.map((area) => area.y)) - MARGIN;
  return {
    x,
    y,
    width: Math.max(...areas.map((area) => area.x + area.width)) + MARGIN - x,
    height: Math.max(...areas.map((area) => area.y + area.height)) + MARGIN - y,
  };
};

/** All registers and what links them, placed so that no box lies over another and every line has its words. */
export const layOut = (catalogue: Catalogue): Layout => {
  const arrows = arrowsOf(catalogue).filter(({ source }) => catalogue.registers.has(source));
  const boxes = place([...catalogue.registers.values()], arrows);
  const byKey = new Map(boxes.map((box) => [box.register.key, box]));
  const taken = boxes.map(boxArea);
  const lines = arrows.map((arrow): PlacedLine => {
    const { source, target, labels } = arrow;
    const isTwoWay = arrows.some((each) => each.source === target && each.target === source && source !== target);
    const { path, start, end } = lineOf(arrow, byKey, isTwoWay);
    const words = labels.join(', ').toLowerCase();
    const label = labelOf(start, end, words, taken);
    taken.push(wordsArea(label, words));
    return { source, target, path, words, label };
  });
  return { boxes, lines, view: around(taken) };
};
