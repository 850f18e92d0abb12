import { pointsOf, px } from '@idle-satchel/core';
import { useSyncExternalStore } from 'react';

import { ghost as channel } from './ghost.js';

/** The outline of what is being moved, drawn or measured, with its measures. */
export function GhostLayer({ lettering }: { lettering: number }) {
  const ghost = useSyncExternalStore(channel.subscribe, channel.get);
  if (!ghost) return null;
  return (
    <g pointerEvents="none" stroke="var(--brass)" strokeWidth={1.8 * lettering} fill="none">
      {ghost.shapes.map(({ points, closed }, i) => {
        const [only] = points;
        if (points.length === 1 && only)
          return <circle key={i} cx={px(only[0])} cy={px(only[1])} r={7 * lettering} />;
        return closed ? (
          <polygon key={i} points={pointsOf(points)} fill="var(--brass)" fillOpacity={0.08} />
        ) : (
          <polyline key={i} points={pointsOf(points)} />
        );
      })}
      <text
        className="over"
        x={px(ghost.at[0]) + 12 * lettering}
        y={px(ghost.at[1]) - 12 * lettering}
        fontSize={13 * lettering}
        fontWeight={600}
        fill="var(--ink)"
      >
        {ghost.words}
      </text>
    </g>
  );
}
