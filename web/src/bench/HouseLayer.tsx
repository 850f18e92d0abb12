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

const there = ([x, y]: Point): string => `translate(${px(x)} ${px(y)})`;

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
          <polyline key={id} points={pointsOf(screenEdge(screen))} stroke="var(--ink)" strokeWidth={4} />
        ))}
        {inOrder(venue.residents).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.residents}
            transform={there(at)}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
        {inOrder(venue.lamps).map(([id, { at }]) => (
          <path key={id} d={SIGNS.lamps} transform={there(at)} stroke="var(--ochre)" strokeWidth={1.2} />
        ))}
        {inOrder(venue.ceilingPoints).map(([id, { at }]) => (
          <path
            key={id}
            d={SIGNS.ceilingPoints}
            transform={there(at)}
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
            transform={there(at)}
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
            transform={there(at)}
            stroke="var(--slate)"
            strokeWidth={2}
          />
        ))}
        {inOrder(venue.notes).map(([id, { at, picture }]) => (
          <path
            key={id}
            d={SIGNS.notes}
            transform={there(at)}
            fill={picture ? 'var(--slate)' : 'var(--tape)'}
            stroke="var(--slate)"
            strokeWidth={1.2}
          />
        ))}
      </g>
    </>
  );
});
