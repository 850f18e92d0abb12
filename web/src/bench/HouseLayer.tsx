import {
  inOrder,
  polar,
  showText,
  type HouseScreen,
  type Point,
  type Reading,
  type Venue,
} from '@idle-satchel/core';
import { memo } from 'react';
import type { Group } from './groups.js';
import { pointsOf, px } from './viewport.js';

/** What belongs to the house besides walls and furniture: lines, screens, gear, lamps, points, readings, notes. */
export const HouseLayer = memo(function HouseLayer({
  venue,
  reading,
  lit,
  faint,
}: {
  venue: Venue;
  reading: Reading;
  /** Names are written only when the ground is what is looked at. */
  lit: boolean;
  faint: ReadonlySet<Group>;
}) {
  const named = (group: Group): boolean => lit && !faint.has(group);
  return (
    <>
      <g data-layer="lines" data-lit={named('lines')}>
        {inOrder(venue.houseLines).map(([id, { ends, label, condition }]) => (
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
            {named('lines') && (
              <Words at={between(ends)} above>
                {condition === 'good' ? label : `${label} · ${condition}`}
              </Words>
            )}
          </g>
        ))}
      </g>
      <g data-layer="house" data-lit={named('house')}>
        {inOrder(venue.screens).map(([id, screen]) => (
          <g key={id}>
            <polyline points={pointsOf(edgeOf(screen))} stroke="var(--ink)" strokeWidth={4} />
            {named('house') && (
              <Words
                at={screen.at}
              >{`${screen.label}${screen.refresh ? ` · ${screen.refresh} Hz` : ''}`}</Words>
            )}
          </g>
        ))}
        {inOrder(venue.residents).map(([id, { at, label }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0]) - 5},${px(at[1]) + 5}v-7l5,-4l5,4v7z`}
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth={1.3}
            />
            {named('house') && <Words at={at}>{label}</Words>}
          </g>
        ))}
        {inOrder(venue.lamps).map(([id, { at, label, kind }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0]) - 4},${px(at[1]) - 4}l8,8m0,-8l-8,8m4,-10v12m6,-6h-12`}
              stroke="var(--ochre)"
              strokeWidth={1.2}
            />
            {named('house') && <Words at={at}>{kind === 'daylight' ? `daylight · ${label}` : label}</Words>}
          </g>
        ))}
        {inOrder(venue.ceilingPoints).map(([id, { at, label, load }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0]) - 5},${px(at[1]) - 4}h10l-5,9z`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={1.3}
            />
            {named('house') && (
              <Words
                at={at}
              >{`${label} · ${load === undefined ? 'load unknown' : showText(load, 'kg', reading)}`}</Words>
            )}
          </g>
        ))}
      </g>
      <g data-layer="light" data-lit={named('marks')}>
        {inOrder(venue.lightReadings).map(([id, { at, lux }]) => (
          <g key={id}>
            <circle cx={px(at[0])} cy={px(at[1])} r={3} fill="none" stroke="var(--ochre)" strokeWidth={1.3} />
            {named('marks') && <Words at={at}>{showText(lux, 'lx', reading)}</Words>}
          </g>
        ))}
      </g>
      <g data-layer="notes" data-lit={named('notes')}>
        {inOrder(venue.mobileReadings).map(([id, { at, label, up }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0]) - 6},${px(at[1]) + 4}v-3m4,3v-6m4,6v-9`}
              stroke="var(--slate)"
              strokeWidth={2}
            />
            {named('notes') && <Words at={at}>{`${label} ${showText(up, 'Mb/s', reading)} up`}</Words>}
          </g>
        ))}
        {inOrder(venue.notes).map(([id, { at, label, picture }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0])},${px(at[1])}l-5,-6v-7h10v7z`}
              fill={picture ? 'var(--slate)' : 'var(--tape)'}
              stroke="var(--slate)"
              strokeWidth={1.2}
            />
            {named('notes') && <Words at={at}>{picture ? `${label} · picture` : label}</Words>}
          </g>
        ))}
      </g>
    </>
  );
});

const between = (points: readonly Point[]): Point => {
  const [a = [0, 0], b = a] = points as Point[];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
};

/** A screen's two ends, square to where it faces. */
function edgeOf({ at, width, facing }: HouseScreen): Point[] {
  return [polar(at, facing + 90, width / 2), polar(at, facing - 90, width / 2)];
}

function Words({ at, above = false, children }: { at: Point; above?: boolean; children: string }) {
  return (
    <text
      className="over"
      x={px(at[0]) + (above ? 0 : 9)}
      y={px(at[1]) + (above ? -5 : 4)}
      textAnchor={above ? 'middle' : 'start'}
      fontSize={11.5}
      fill="var(--faint-word)"
    >
      {children}
    </text>
  );
}
