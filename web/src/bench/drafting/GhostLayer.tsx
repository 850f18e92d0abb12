import { pointsOf, px, type Point } from '@idle-satchel/core';
import { memo, useSyncExternalStore } from 'react';
import { ghost as channel, ghostWords, type GhostShape } from './ghost.js';

/** The outline of what is being moved, drawn or measured, with its measures. */
export default function GhostLayer({ lettering }: { lettering: number }) {
  const ghost = useSyncExternalStore(channel.subscribe, channel.get);
  if (!ghost) return null;
  const { shapes, at, shift: [x, y] = [0, 0] } = ghost;
  return (
    <g className="will-change-transform" style={{ transform: `translate(${px(x)}px, ${px(y)}px)` }}>
      <Shapes shapes={shapes} lettering={lettering} />
      <Words at={at} lettering={lettering} />
    </g>
  );
}

const Shapes = memo(function Shapes({
  shapes,
  lettering,
}: {
  shapes: readonly GhostShape[];
  lettering: number;
}) {
  return (
    <g stroke="var(--brass)" strokeWidth={1.8 * lettering} fill="none">
      {shapes.map(({ points, closed }, i) => {
        const [only] = points;
        if (points.length === 1 && only)
          return <circle key={i} cx={px(only[0])} cy={px(only[1])} r={7 * lettering} />;
        return closed ? (
          <polygon key={i} points={pointsOf(points)} fill="var(--brass)" fillOpacity={0.08} />
        ) : (
          <polyline key={i} points={pointsOf(points)} />
        );
      })}
    </g>
  );
});

const Words = memo(function Words({ at, lettering }: { at: Point; lettering: number }) {
  const words = useSyncExternalStore(ghostWords.subscribe, ghostWords.get);
  return (
    <text
      className="over"
      x={px(at[0]) + 12 * lettering}
      y={px(at[1]) - 12 * lettering}
      fontSize={13 * lettering}
      fontWeight={600}
      fill="var(--ink)"
    >
      {words}
    </text>
  );
});
