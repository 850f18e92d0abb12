import {
  groupOfArea,
  inOrder,
  pointsOf,
  px,
  signsPath,
  type Group,
  type Pillar,
  type PlacedName,
  type Reading,
  type Venue,
} from '@idle-satchel/core';
import { memo } from 'react';
import { AreaShape, SeatRows, StairsShape } from './AreaShape.js';
import { DimensionLines } from './DimensionLines.js';
import { DoorShape } from './DoorShape.js';
import { HouseLayer } from './HouseLayer.js';
import { LabelsLayer } from './LabelsLayer.js';

const NONE: ReadonlySet<Group> = new Set();

/**
 * Walls, pillars, areas by hatch and word, doors, marks, what belongs to the house, and dimension lines of the venue
 * as this event sees it.
 */
export const GroundLayer = memo(function GroundLayer({
  venue,
  reading,
  names,
  lettering,
  dimensions = true,
  faint = NONE,
}: {
  venue: Venue;
  reading: Reading;
  /** What is written on it, where it was placed: see `useGroundNames`. */
  names: readonly PlacedName[];
  /** Size of letters in the plan, 1 where it is shown at its own scale. */
  lettering: number;
  /** Whether the measured lengths are drawn around it. */
  dimensions?: boolean;
  /** Groups that are drawn faintly, without their words. */
  faint?: ReadonlySet<Group>;
}) {
  const clear = (group: Group): boolean => !faint.has(group);
  return (
    <>
      {(['seats', 'floors', 'bounds'] as const).map(group => (
        <g key={group} data-layer={group} data-lit={clear(group)}>
          {group === 'seats' && <SeatRows areas={venue.areas} />}
          {inOrder(venue.areas).map(([id, area]) =>
            groupOfArea(area.kind) === group ? <AreaShape key={id} area={area} /> : null,
          )}
          {group === 'floors' &&
            inOrder(venue.stairs).map(([id, stairs]) => <StairsShape key={id} stairs={stairs} />)}
        </g>
      ))}
      <g data-layer="ground" data-lit={clear('walls')}>
        <polygon
          points={pointsOf(venue.outline)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3.2}
          strokeLinejoin="miter"
        />
        {inOrder(venue.walls).map(([id, { line }]) => (
          <polyline
            key={id}
            points={pointsOf(line)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2.6}
            strokeLinejoin="miter"
          />
        ))}
        {inOrder(venue.doors).map(([id, door]) => (
          <DoorShape key={id} door={door} />
        ))}
        {inOrder(venue.pillars).map(([id, pillar]) => (
          <PillarShape key={id} pillar={pillar} lettering={clear('walls') ? lettering : 0} />
        ))}
      </g>
      <HouseLayer venue={venue} faint={faint} lettering={lettering} />
      <g data-layer="marks" data-lit={clear('marks')}>
        <path
          d={signsPath(
            'marks',
            inOrder(venue.marks).map(([, { at }]) => at),
            lettering,
          )}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={1.6 * lettering}
        />
      </g>
      <g data-layer="labels" data-lit="true">
        <LabelsLayer labels={names} />
      </g>
      {dimensions && (
        <g data-layer="dimensions" data-lit={clear('walls')}>
          <DimensionLines venue={venue} reading={reading} lettering={lettering} />
        </g>
      )}
    </>
  );
});

/** A pillar with its name on it where there is room. */
const PillarShape = memo(function PillarShape({ pillar, lettering }: { pillar: Pillar; lettering: number }) {
  const { at, size, round, turn, label } = pillar;
  const [x, y] = [px(at[0]), px(at[1])];
  const letters = Math.min(10 * lettering, (px(size) / Math.max(1, label.length)) * 1.5);
  return (
    <g>
      {round ? (
        <circle cx={x} cy={y} r={px(size / 2)} fill="var(--ink)" />
      ) : (
        <rect
          x={px(at[0] - size / 2)}
          y={px(at[1] - size / 2)}
          width={px(size)}
          height={px(size)}
          fill="var(--ink)"
          transform={turn ? `rotate(${turn} ${x} ${y})` : undefined}
        />
      )}
      {letters > 6 * lettering && lettering > 0 && (
        <text x={x} y={y + letters * 0.35} textAnchor="middle" fontSize={letters} fill="var(--paper)">
          {label}
        </text>
      )}
    </g>
  );
});
