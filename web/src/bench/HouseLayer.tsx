import {
  inOrder,
  pointsOf,
  px,
  screenEdge,
  signsPath,
  type Group,
  type Point,
  type Venue,
} from '@idle-satchel/core';
import { memo } from 'react';

type SignedMap = 'residents' | 'lamps' | 'ceilingPoints' | 'lightReadings' | 'mobileReadings';

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
  const signs = (map: SignedMap): string =>
    signsPath(
      map,
      inOrder<{ at: Point }>(venue[map]).map(([, { at }]) => at),
      lettering,
    );
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
        <path d={signs('residents')} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.3 * lettering} />
        <path d={signs('lamps')} stroke="var(--ochre)" strokeWidth={1.2 * lettering} />
        <path d={signs('ceilingPoints')} fill="none" stroke="var(--ink)" strokeWidth={1.3 * lettering} />
      </g>
      <g data-layer="light" data-lit={clear('marks')}>
        <path d={signs('lightReadings')} fill="none" stroke="var(--ochre)" strokeWidth={1.3 * lettering} />
      </g>
      <g data-layer="notes" data-lit={clear('notes')}>
        <path d={signs('mobileReadings')} stroke="var(--slate)" strokeWidth={2 * lettering} />
        {inOrder(venue.notes).map(([id, { at, picture }]) => (
          <path
            key={id}
            d={signsPath('notes', [at], lettering)}
            fill={picture ? 'var(--slate)' : 'var(--tape)'}
            stroke="var(--slate)"
            strokeWidth={1.2 * lettering}
          />
        ))}
      </g>
    </>
  );
});
