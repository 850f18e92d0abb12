import { doorLeaf, pointsOf, px, type Door, type DoorLeaf } from '@idle-satchel/core';
import { memo } from 'react';

/** A door with its leaf and the quarter it sweeps, an opening as a gap, a window as a double line. */
export const DoorShape = memo(function DoorShape({ door }: { door: Door }) {
  const [a = [0, 0], b = [0, 0]] = door.jambs;
  const leaf = doorLeaf(door);
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
      {leaf && <Leaf leaf={leaf} />}
    </g>
  );
});

/** The leaf stood open at a right angle, and its way there. */
function Leaf({ leaf: { hung, open, shut, width, clockwise } }: { leaf: DoorLeaf }) {
  const radius = px(width);
  return (
    <path
      d={`M${px(hung[0])},${px(hung[1])}L${px(open[0])},${px(open[1])}M${px(shut[0])},${px(shut[1])}A${radius},${radius} 0 0 ${clockwise ? 1 : 0} ${px(open[0])},${px(open[1])}`}
      stroke="var(--faint)"
      strokeWidth={1}
      fill="none"
    />
  );
}
