import {
  boundsOf,
  inOrder,
  pointsOf,
  polar,
  px,
  seatRows,
  treads,
  type Area,
  type AreaKind,
  type Stairs,
  type Venue,
} from '@idle-satchel/core';
import { memo, useMemo } from 'react';

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

/** An area by its hatch; one whose seats are drawn as rows shows only how its floor rises. */
export const AreaShape = memo(function AreaShape({ area }: { area: Area }) {
  const { kind, outline, rake } = area;
  const { min, max } = boundsOf(outline);
  const look = LOOK[kind];
  const [cx, cy] = [px((min[0] + max[0]) / 2), px((min[1] + max[1]) / 2)];
  return (
    <>
      {seatRows(area).length === 0 && (
        <polygon
          points={pointsOf(outline)}
          fill={look.fill}
          stroke={look.stroke}
          strokeDasharray={look.dash}
          strokeWidth={1.1}
        />
      )}
      {rake && <Arrow x={cx} y={cy} towards={rake.towards} />}
    </>
  );
});

/** The rows of all seats in one path: what is drawn in a thousand pieces is slow to move. */
export const SeatRows = memo(function SeatRows({ areas }: { areas: Venue['areas'] }) {
  const rows = useMemo(
    () =>
      inOrder(areas)
        .flatMap(([, area]) => seatRows(area))
        .map(row => `M${pointsOf(row)}Z`)
        .join(''),
    [areas],
  );
  return rows === '' ? null : <path d={rows} fill="none" stroke="var(--rule)" strokeWidth={1.2} />;
});

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

/** Stairs: treads across their longer side. */
export const StairsShape = memo(function StairsShape({ stairs }: { stairs: Stairs }) {
  return (
    <g>
      <polygon points={pointsOf(stairs.outline)} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.1} />
      <path
        d={treads(stairs)
          .map(([a, b]) => `M${px(a[0])},${px(a[1])}L${px(b[0])},${px(b[1])}`)
          .join('')}
        stroke="var(--faint)"
        strokeWidth={0.8}
        fill="none"
      />
    </g>
  );
});
