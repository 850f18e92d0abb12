import {
  inOrder,
  pointsOf,
  px,
  screenEdge,
  SIGNS,
  type Group,
  type Point,
  type Venue,
} from '@idle-satchel/core';
import { memo } from 'react';

/** Where a sign stands, as large as the letters around it. */
export const signAt = ([x, y]: Point, lettering: number): string =>
  `translate(${px(x)} ${px(y)}) scale(${lettering})`;

/** What belongs to the house besides walls and furniture: lines, screens, gear, lamps, points, readings, notes. */
export const HouseLayer = memo(function HouseLayer({
  venue,
  faint,
  lettering,
}: {
  venue: Venue;
  lettering: number;
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
          <polyline key={id} points={pointsOf(screenEdge(screen))} stroke="var(--ink)" strokeWidth={4} />
        ))}
        {inOrder(venue.residents).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.residents}
            transform={signAt(at, lettering)}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
        {inOrder(venue.lamps).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.lamps}
            transform={signAt(at, lettering)}
            stroke="var(--ochre)"
            strokeWidth={1.2}
          />
        ))}
        {inOrder(venue.ceilingPoints).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.ceilingPoints}
            transform={signAt(at, lettering)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
      </g>
      <g data-layer="light" data-lit={clear('marks')}>
        {inOrder(venue.lightReadings).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.lightReadings}
            transform={signAt(at, lettering)}
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
            d={SIGNS.mobileReadings}
            transform={signAt(at, lettering)}
            stroke="var(--slate)"
            strokeWidth={2}
          />
        ))}
        {inOrder(venue.notes).map(([id, { at, picture }]) => (
          <path
            key={id}
            d={SIGNS.notes}
            transform={signAt(at, lettering)}
            fill={picture ? 'var(--slate)' : 'var(--tape)'}
            stroke="var(--slate)"
            strokeWidth={1.2}
          />
        ))}
      </g>
    </>
  );
});
