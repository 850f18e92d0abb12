import { distance, type Door, type Point } from '@idle-satchel/core';
import { memo } from 'react';
import { pointsOf, px } from './viewport.js';

/** A door with its leaf and the quarter it sweeps, an opening as a gap, a window as a double line. */
export const DoorShape = memo(function DoorShape({ door }: { door: Door }) {
  const [a = [0, 0], b = [0, 0]] = door.jambs;
  const isWindow = door.kind === 'window';
  return (
    <g>
      <polyline points={pointsOf([a, b])} stroke="var(--paper)" strokeWidth={5} />
      {door.kind !== 'opening' && (
        <polyline
          points={pointsOf([a, b])}
          stroke={isWindow ? 'var(--slate)' : 'var(--faint)'}
          strokeWidth={isWindow ? 3 : 1}
          strokeDasharray={door.kind === 'inner' ? '3 3' : undefined}
        />
      )}
      {isWindow && <polyline points={pointsOf([a, b])} stroke="var(--paper)" strokeWidth={1} />}
      {door.hinge && <Leaf door={door} a={a} b={b} />}
    </g>
  );
});

/** The leaf stood open at a right angle, and its way there. */
function Leaf({ door, a, b }: { door: Door; a: Point; b: Point }) {
  const width = distance(a, b);
  if (width === 0) return null;
  const [hung, free] = door.hinge === 'second' ? [b, a] : [a, b];
  // On a page with y down, the right hand of a → b is (−dy, dx).
  const side = door.opens === 'left' ? -1 : 1;
  const out: Point = [(-(b[1] - a[1]) / width) * side, ((b[0] - a[0]) / width) * side];
  const tip: Point = [hung[0] + out[0] * width, hung[1] + out[1] * width];
  const turn = (free[0] - hung[0]) * out[1] - (free[1] - hung[1]) * out[0] > 0 ? 1 : 0;
  const radius = px(width);
  return (
    <path
      d={`M${px(hung[0])},${px(hung[1])}L${px(tip[0])},${px(tip[1])}M${px(free[0])},${px(free[1])}A${radius},${radius} 0 0 ${turn} ${px(tip[0])},${px(tip[1])}`}
      stroke="var(--faint)"
      strokeWidth={1}
      fill="none"
    />
  );
}
