import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Catalogue } from '#core/register/index.ts';
import { BOX, layOut } from './links-layout.ts';

/** All registers and what links them; a click, or Enter, opens one. */
export const LinksPicture = ({ catalogue }: { catalogue: Catalogue }) => {
  const navigate = useNavigate();
  const { boxes, lines, view } = useMemo(() => layOut(catalogue), [catalogue]);
  return (
    <svg
      aria-label="Registers and their links"
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      // Drawn much smaller than it is, its words could not be read.
      style={{ width: view.width, minWidth: view.width * 0.8 }}
      className="mt-3 max-w-full"
    >
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
      {lines.map(({ source, target, path }) => (
        <path
          key={`${source} ${target}`}
          d={path}
          fill="none"
          stroke="var(--edge)"
          strokeWidth={1.3}
          markerEnd="url(#arrow)"
        />
      ))}
      {boxes.map(({ register, x, y }) => (
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
      {lines.map(({ source, target, words, label }) => (
        <text
          key={`${source} ${target}`}
          x={label.x}
          y={label.y}
          textAnchor="middle"
          fontSize={11.5}
          fill="var(--ink-2)"
          stroke="var(--sheet)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {words}
        </text>
      ))}
    </svg>
  );
};
