import { boundsOf, polar, type Area, type AreaKind, type Stairs } from '@idle-satchel/core';
import { memo } from 'react';
import { pointsOf, px } from './viewport.js';

const LOOK: Readonly<Record<AreaKind, { fill: string; stroke: string; dash?: string }>> = {
  seating: { fill: 'none', stroke: 'var(--rule)' },
  raised: { fill: 'none', stroke: 'var(--ink)' },
  gallery: { fill: 'none', stroke: 'var(--faint)', dash: '8 3 2 3' },
  'keep-clear': { fill: 'url(#hatch-clear)', stroke: 'none' },
  'no-film': { fill: 'url(#hatch-nofilm)', stroke: 'var(--madder)', dash: '5 3' },
  cameras: { fill: 'url(#hatch-cameras)', stroke: 'var(--slate)', dash: '2 3' },
  desk: { fill: 'var(--shade)', stroke: 'var(--ink)' },
  obstacle: { fill: 'var(--shade)', stroke: 'var(--faint)' },
};

/** Length of an arrow that shows where a floor rises, px. */
const ARROW = 22;

/** An area by its hatch; seats as rows when they stand square to the page. */
export const AreaShape = memo(function AreaShape({ area }: { area: Area }) {
  const { kind, outline, rowSpacing, rake } = area;
  const { min, max } = boundsOf(outline);
  const look = LOOK[kind];
  const [cx, cy] = [px((min[0] + max[0]) / 2), px((min[1] + max[1]) / 2)];
  const square =
    outline.length === 4 && outline.every(([x, y]) => atEdge(x, min[0], max[0]) && atEdge(y, min[1], max[1]));
  const rows =
    kind === 'seating' && rowSpacing && square
      ? Array.from(
          // A block just one row deep is one row, whatever a float makes of the division.
          { length: Math.floor((max[0] - min[0]) / rowSpacing + 1e-6) },
          (_, i) => min[0] + (i + 0.3) * rowSpacing,
        )
      : [];
  return (
    <g>
      {rows.length === 0 && (
        <polygon
          points={pointsOf(outline)}
          fill={look.fill}
          stroke={look.stroke}
          strokeDasharray={look.dash}
          strokeWidth={1.1}
        />
      )}
      {rows.map(x => (
        <rect
          key={x}
          x={px(x)}
          y={px(min[1])}
          width={px(0.42)}
          height={px(max[1] - min[1])}
          fill="none"
          stroke="var(--rule)"
          strokeWidth={1.2}
        />
      ))}
      {rake && <Arrow x={cx} y={cy} towards={rake.towards} />}
    </g>
  );
});

const atEdge = (value: number, low: number, high: number): boolean =>
  Math.abs(value - low) < 1e-6 || Math.abs(value - high) < 1e-6;

/** An arrow up a slope. */
function Arrow({ x, y, towards }: { x: number; y: number; towards: number }) {
  const [ex, ey] = polar([x, y], towards, ARROW);
  const [lx, ly] = polar([ex, ey], towards + 150, 7);
  const [rx, ry] = polar([ex, ey], towards - 150, 7);
  return (
    <path
      d={`M${x},${y}L${ex},${ey}M${lx},${ly}L${ex},${ey}L${rx},${ry}`}
      stroke="var(--faint)"
      strokeWidth={1.4}
      fill="none"
    />
  );
}

/** Distance between two treads as drawn, m. */
const TREAD = 0.3;

/** Stairs: treads across their longer side. */
export const StairsShape = memo(function StairsShape({ stairs }: { stairs: Stairs }) {
  const { min, max } = boundsOf(stairs.outline);
  const alongX = max[0] - min[0] > max[1] - min[1];
  const [from, to] = alongX ? [min[0], max[0]] : [min[1], max[1]];
  const treads = Array.from(
    { length: Math.min(60, Math.max(0, Math.ceil((to - from) / TREAD) - 1)) },
    (_, i) => from + (i + 1) * TREAD,
  );
  return (
    <g>
      <polygon points={pointsOf(stairs.outline)} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.1} />
      <path
        d={treads
          .map(at =>
            alongX ? `M${px(at)},${px(min[1])}V${px(max[1])}` : `M${px(min[0])},${px(at)}H${px(max[0])}`,
          )
          .join('')}
        stroke="var(--faint)"
        strokeWidth={0.8}
        fill="none"
      />
    </g>
  );
});
