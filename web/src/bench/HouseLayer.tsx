import { inOrder, polar, type HouseScreen, type Point, type Venue } from '@idle-satchel/core';
import { memo } from 'react';
import type { Group } from './groups.js';
import { pointsOf, px } from './viewport.js';

/** What belongs to the house besides walls and furniture: lines, screens, gear, lamps, points, readings, notes. */
export const HouseLayer = memo(function HouseLayer({
  venue,
  faint,
}: {
  venue: Venue;
  faint: ReadonlySet<Group>;
}) {
  const clear = (group: Group): boolean => !faint.has(group);
  return (
    <>
      <g data-layer="lines" data-lit={clear('lines')}>
        {inOrder(venue.houseLines).map(([id, { ends }]) => (
          <g key={id}>
            <polyline
              points={pointsOf(ends)}
              stroke="var(--slate)"
              strokeWidth={1.3}
              strokeDasharray="1 3 6 3"
              fill="none"
            />
            {[ends[0], ends.at(-1)].map(
              (end, i) =>
                end && <circle key={i} cx={px(end[0])} cy={px(end[1])} r={2.6} fill="var(--slate)" />,
            )}
          </g>
        ))}
      </g>
      <g data-layer="house" data-lit={clear('house')}>
        {inOrder(venue.screens).map(([id, screen]) => (
          <polyline key={id} points={pointsOf(edgeOf(screen))} stroke="var(--ink)" strokeWidth={4} />
        ))}
        {inOrder(venue.residents).map(([id, { at }]) => (
          <path
            key={id}
            d={`M${px(at[0]) - 5},${px(at[1]) + 5}v-7l5,-4l5,4v7z`}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
        {inOrder(venue.lamps).map(([id, { at }]) => (
          <path
            key={id}
            d={`M${px(at[0]) - 4},${px(at[1]) - 4}l8,8m0,-8l-8,8m4,-10v12m6,-6h-12`}
            stroke="var(--ochre)"
            strokeWidth={1.2}
          />
        ))}
        {inOrder(venue.ceilingPoints).map(([id, { at }]) => (
          <path
            key={id}
            d={`M${px(at[0]) - 5},${px(at[1]) - 4}h10l-5,9z`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
      </g>
      <g data-layer="light" data-lit={clear('marks')}>
        {inOrder(venue.lightReadings).map(([id, { at }]) => (
          <circle
            key={id}
            cx={px(at[0])}
            cy={px(at[1])}
            r={3}
            fill="none"
            stroke="var(--ochre)"
            strokeWidth={1.3}
          />
        ))}
      </g>
      <g data-layer="notes" data-lit={clear('notes')}>
        {inOrder(venue.mobileReadings).map(([id, { at }]) => (
          <path
            key={id}
            d={`M${px(at[0]) - 6},${px(at[1]) + 4}v-3m4,3v-6m4,6v-9`}
            stroke="var(--slate)"
            strokeWidth={2}
          />
        ))}
        {inOrder(venue.notes).map(([id, { at, picture }]) => (
          <path
            key={id}
            d={`M${px(at[0])},${px(at[1])}l-5,-6v-7h10v7z`}
            fill={picture ? 'var(--slate)' : 'var(--tape)'}
            stroke="var(--slate)"
            strokeWidth={1.2}
          />
        ))}
      </g>
    </>
  );
});

/** A screen's two ends, square to where it faces. */
function edgeOf({ at, width, facing }: HouseScreen): Point[] {
  return [polar(at, facing + 90, width / 2), polar(at, facing - 90, width / 2)];
}
