import { geoGraticule, geoMercator, geoPath } from 'd3-geo';
import { Minus, Plus } from 'lucide-react';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useMemo, useRef, useState } from 'react';
import { feature } from 'topojson-client';
import land from 'world-atlas/land-50m.json';
import type { Position } from '#core/values/index.ts';

interface Props {
  /** What the chart is, and what its keys do, for those who do not see it. */
  readonly label: string;
  /** Where a mark is set. */
  readonly at: Position | null;
  /** A place is pointed to; where nothing comes of that, the keys move the chart itself. */
  readonly onPoint?: ((place: Position) => void) | undefined;
  /** Where it opens, and how near, where no mark is set. */
  readonly start?: { readonly centre: Position; readonly zoom: number } | undefined;
  /** What lies on it: `placeOf` says where a place is on the drawing, null where it is not on it. */
  readonly children?: ((placeOf: (place: Position) => Place | null) => ReactNode) | undefined;
}

/** Where something lies on the drawing, as style has it. */
export interface Place {
  readonly left: string;
  readonly top: string;
}

const WIDTH = 560;
const HEIGHT = 300;
/** Zoom steps: each doubles the scale; step 0 shows the world in the width. */
const MOST_ZOOM = 17;
/** Where a mark is set already, or is set by a key, the chart opens so near. */
const NEAR = 7;
/** Mercator's limit, as web charts draw it. */
const MOST_LATITUDE = 85;
/** Pixels the mark moves with an arrow key. */
const STEP = 8;
/** And those the chart itself moves, where there is no mark. */
const WIDE_STEP = 60;
const EARTH_METRES = 40_075_016;

const coasts = feature(land, land.objects.land);
const WORLD = { centre: { latitude: 30, longitude: 0 }, zoom: 0 };

const projectionOf = (centre: Position, zoom: number) =>
  geoMercator()
    .center([centre.longitude, centre.latitude])
    .scale((WIDTH / (2 * Math.PI)) * 2 ** zoom)
    .translate([WIDTH / 2, HEIGHT / 2]);

/** Degrees between the lines of the grid: about four across the chart, of a round number. */
const gridStep = (zoom: number): number => {
  const wanted = 360 / 2 ** zoom / 4;
  const rounds = [30, 15, 10, 5, 2, 1, 0.5, 0.2, 0.1, 0.05, 0.02, 0.01, 0.005, 0.002, 0.001];
  return rounds.find((round) => round <= wanted) ?? 0.0005;
};

/** The longest round distance that fits a sixth of the width, in metres. */
const scaleBar = (metresPerPixel: number): { metres: number; pixels: number } => {
  const most = (metresPerPixel * WIDTH) / 6;
  const power = 10 ** Math.floor(Math.log10(most));
  const metres = ([5, 2, 1].find((each) => each * power <= most) ?? 1) * power;
  return { metres, pixels: metres / metresPerPixel };
};

const within = (place: Position): Position => ({
  latitude: Math.max(-MOST_LATITUDE, Math.min(MOST_LATITUDE, place.latitude)),
  longitude: ((((place.longitude + 180) % 360) + 360) % 360) - 180,
});

/**
 * A chart to point to a place on: coasts of the world (Natural Earth, public domain), a grid of degrees and a scale. It
 * ships with the application and asks no service. Dragging moves the chart, a click or the arrow keys set the mark.
 */
const Chart = ({ label, at, onPoint, start = WORLD, children }: Props) => {
  const [centre, setCentre] = useState(at ?? start.centre);
  const [zoom, setZoom] = useState(at ? NEAR : start.zoom);
  const drag = useRef<{ x: number; y: number; from: Position; moved: boolean } | null>(null);
  const projection = projectionOf(centre, zoom);
  const step = gridStep(zoom);
  const drawn = useMemo(() => {
    const shown = projectionOf(centre, zoom);
    // Lines of the whole world, close to each other, would take minutes to draw: those that are seen are drawn.
    const [west = -180, north = 90] = shown.invert?.([0, 0]) ?? [];
    const [east = 180, south = -90] = shown.invert?.([WIDTH, HEIGHT]) ?? [];
    const seen = geoGraticule()
      .extent([
        [Math.floor(west / step) * step, Math.max(-MOST_LATITUDE, Math.floor(south / step) * step)],
        [Math.ceil(east / step) * step, Math.min(MOST_LATITUDE, Math.ceil(north / step) * step)],
      ])
      .step([step, step]);
    const path = geoPath(
      shown.clipExtent([
        [-1, -1],
        [WIDTH + 1, HEIGHT + 1],
      ]),
    );
    return { coasts: path(coasts) ?? '', grid: path(seen()) ?? '' };
  }, [centre, zoom, step]);
  const placeAt = (x: number, y: number): Position | null => {
    const found = projection.invert?.([x, y]);
    return found ? within({ latitude: found[1], longitude: found[0] }) : null;
  };
  const toDrawing = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * WIDTH,
      y: ((event.clientY - box.top) / box.height) * HEIGHT,
    };
  };
  const mark = at ? projection([at.longitude, at.latitude]) : null;
  const onKey = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (event.key === '+' || event.key === '-') setZoom(clampZoom(zoom + (event.key === '+' ? 1 : -1)));
    const [right = 0, down = 0] = by ?? [];
    if (!by) return;
    event.preventDefault();
    const [x, y] = mark ?? [WIDTH / 2, HEIGHT / 2];
    const far = onPoint ? STEP : WIDE_STEP;
    const place = placeAt(x + right * far, y + down * far);
    if (!place) return;
    if (!onPoint) {
      setCentre(place);
      return;
    }
    onPoint(place);
    if (x < STEP || y < STEP || x > WIDTH - STEP || y > HEIGHT - STEP) setCentre(place);
  };
  const metres = (EARTH_METRES * Math.cos((centre.latitude * Math.PI) / 180)) / (WIDTH * 2 ** zoom);
  const bar = scaleBar(metres);
  return (
    <div
      className={`relative mt-2 ${children ? 'max-w-[min(1100px,calc((100dvh-21rem)*1.86))] min-w-72' : 'max-w-[560px]'}`}
    >
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="application"
        aria-label={label}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it is worked with the arrow keys
        tabIndex={0}
        className="block w-full touch-none border border-edge bg-haze-wash"
        onKeyDown={onKey}
        onPointerDown={(event) => {
          drag.current = { ...toDrawing(event), from: centre, moved: false };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          const start = drag.current;
          if (!start) return;
          const { x, y } = toDrawing(event);
          if (!start.moved && Math.hypot(x - start.x, y - start.y) < 4) return;
          start.moved = true;
          const place = projectionOf(start.from, zoom).invert?.([WIDTH / 2 + start.x - x, HEIGHT / 2 + start.y - y]);
          if (place) setCentre(within({ latitude: place[1], longitude: place[0] }));
        }}
        onPointerUp={(event) => {
          const { x, y } = toDrawing(event);
          const place = drag.current?.moved ? null : placeAt(x, y);
          drag.current = null;
          if (place) onPoint?.(place);
        }}
      >
        <path d={drawn.coasts} className="fill-paper stroke-ink-3" strokeWidth={0.8} />
        <path d={drawn.grid} className="fill-none stroke-rule-strong" strokeWidth={0.6} />
        {mark && (
          <g transform={`translate(${mark[0]} ${mark[1]})`} className="stroke-iolite-deep" strokeWidth={2}>
            <circle r={7} className="fill-iolite-wash" />
            <path d="M-12 0H12M0 -12V12" />
          </g>
        )}
        <g transform={`translate(12 ${HEIGHT - 12})`} className="fill-ink text-[12px]">
          <path d={`M0 -5V0H${bar.pixels}V-5`} className="fill-none stroke-ink" />
          <text x={bar.pixels + 6}>{bar.metres >= 1000 ? `${bar.metres / 1000} km` : `${bar.metres} m`}</text>
        </g>
      </svg>
      {children && (
        <div className="pointer-events-none absolute inset-0 overflow-hidden">
          {children((place) => {
            const point = projection([place.longitude, place.latitude]);
            const isOn = point && point[0] >= 0 && point[0] <= WIDTH && point[1] >= 0 && point[1] <= HEIGHT;
            return isOn ? { left: `${(point[0] / WIDTH) * 100}%`, top: `${(point[1] / HEIGHT) * 100}%` } : null;
          })}
        </div>
      )}
      <span className="absolute right-2 top-2 flex flex-col gap-1">
        <button type="button" className="btn px-1.5!" aria-label="Nearer" onClick={() => setZoom(clampZoom(zoom + 1))}>
          <Plus size={15} aria-hidden="true" />
        </button>
        <button type="button" className="btn px-1.5!" aria-label="Farther" onClick={() => setZoom(clampZoom(zoom - 1))}>
          <Minus size={15} aria-hidden="true" />
        </button>
      </span>
    </div>
  );
};

const clampZoom = (zoom: number): number => Math.max(0, Math.min(MOST_ZOOM, zoom));

export default Chart;
