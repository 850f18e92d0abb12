import { boundsOf, inOrder, type Area, type Pillar, type Reading, type Venue } from '@idle-satchel/core';
import { memo } from 'react';
import { AreaShape, StairsShape } from './AreaShape.js';
import { DimensionLines } from './DimensionLines.js';
import { DoorShape } from './DoorShape.js';
import { groupOfArea, type Group } from './groups.js';
import { HouseLayer } from './HouseLayer.js';
import { pointsOf, px } from './viewport.js';

const NONE: ReadonlySet<Group> = new Set();

/** Walls, pillars, areas by hatch and word, doors, marks and dimension lines of the venue as this event sees it. */
export const GroundLayer = memo(function GroundLayer({
  venue,
  reading,
  lit,
  faint = NONE,
}: {
  venue: Venue;
  reading: Reading;
  lit: boolean;
  /** Groups that are drawn faintly, without their words. */
  faint?: ReadonlySet<Group>;
}) {
  const { min, max } = boundsOf(venue.outline);
  const clear = (group: Group): boolean => !faint.has(group);
  const words = ({ kind }: Area): boolean => clear(groupOfArea(kind)) && (lit || kind !== 'desk');
  return (
    <>
      {(['seats', 'floors', 'bounds'] as const).map(group => (
        <g key={group} data-layer={group} data-lit={clear(group)}>
          {inOrder(venue.areas).map(([id, area]) =>
            groupOfArea(area.kind) === group ? <AreaShape key={id} area={area} words={words(area)} /> : null,
          )}
          {group === 'floors' &&
            inOrder(venue.stairs).map(([id, stairs]) => (
              <StairsShape key={id} stairs={stairs} words={lit && clear(group)} />
            ))}
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
          <DoorShape
            key={id}
            door={door}
            below={(door.jambs[0]?.[1] ?? 0) > (min[1] + max[1]) / 2}
            words={clear('walls')}
          />
        ))}
        {inOrder(venue.pillars).map(([id, pillar]) => (
          <PillarShape key={id} pillar={pillar} words={lit && clear('walls')} />
        ))}
      </g>
      <HouseLayer venue={venue} reading={reading} lit={lit} faint={faint} />
      <g data-layer="marks" data-lit={clear('marks')}>
        {inOrder(venue.marks).map(([id, { at, label }]) => (
          <g key={id}>
            <path
              d={`M${px(at[0]) - 5},${px(at[1])}l5,-5l5,5l-5,5Z`}
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth={1.6}
            />
            {clear('marks') && (
              <text
                x={px(at[0]) + 9}
                y={px(at[1]) - 7}
                fontSize={13}
                fontWeight={600}
                fill="var(--ink)"
                className="over"
              >
                {label}
              </text>
            )}
          </g>
        ))}
      </g>
      <g data-layer="dimensions" data-lit={clear('walls')}>
        <DimensionLines venue={venue} reading={reading} />
      </g>
    </>
  );
});

const PillarShape = memo(function PillarShape({ pillar, words }: { pillar: Pillar; words: boolean }) {
  const { at, size, round, turn, label } = pillar;
  const [x, y] = [px(at[0]), px(at[1])];
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
      {words && (
        <text x={x} y={y + 4} textAnchor="middle" fontSize={10} fill="var(--paper)">
          {label}
        </text>
      )}
    </g>
  );
});
