import { boundsOf, inOrder, showText, type AreaKind, type Reading, type Venue } from '@idle-satchel/core';
import { memo } from 'react';
import { pointsOf, px } from './viewport.js';

const AREA: Readonly<Record<AreaKind, { fill: string; stroke: string; dash?: string }>> = {
  seating: { fill: 'none', stroke: 'var(--rule)' },
  raised: { fill: 'none', stroke: 'var(--ink)' },
  gallery: { fill: 'none', stroke: 'var(--faint)', dash: '8 3 2 3' },
  'keep-clear': { fill: 'url(#hatch-clear)', stroke: 'none' },
  'no-film': { fill: 'url(#hatch-nofilm)', stroke: 'var(--madder)', dash: '5 3' },
  cameras: { fill: 'none', stroke: 'var(--slate)', dash: '2 3' },
  desk: { fill: 'var(--shade)', stroke: 'var(--ink)' },
  obstacle: { fill: 'var(--shade)', stroke: 'var(--faint)' },
};

/** Walls, pillars, areas by hatch and word, doors, marks and dimension lines of the venue as this event sees it. */
export const GroundLayer = memo(function GroundLayer({
  venue,
  reading,
  lit,
}: {
  venue: Venue;
  reading: Reading;
  lit: boolean;
}) {
  const { min, max } = boundsOf(venue.outline);
  return (
    <g data-layer="ground" data-lit="true">
      {inOrder(venue.areas).map(([id, area]) => (
        <AreaShape key={id} area={area} words={lit || area.kind !== 'desk'} />
      ))}
      <polygon
        points={pointsOf(venue.outline)}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={3.2}
        strokeLinejoin="miter"
      />
      {inOrder(venue.doors).map(([id, { jambs, label, kind }]) => {
        const [a = [0, 0], b = [0, 0]] = jambs;
        const alongX = Math.abs(a[0] - b[0]) > Math.abs(a[1] - b[1]);
        const below = a[1] > (min[1] + max[1]) / 2;
        return (
          <g key={id}>
            <polyline points={pointsOf([a, b])} stroke="var(--paper)" strokeWidth={5} />
            <polyline
              points={pointsOf([a, b])}
              stroke="var(--faint)"
              strokeWidth={1}
              strokeDasharray={kind === 'inner' ? '3 3' : undefined}
            />
            <text
              x={px((a[0] + b[0]) / 2)}
              y={px((a[1] + b[1]) / 2) + (below ? 15 : -7)}
              textAnchor="middle"
              fontSize={11.5}
              fill="var(--faint-word)"
            >
              {alongX ? label : ''}
            </text>
          </g>
        );
      })}
      {inOrder(venue.pillars).map(([id, { at, size, round, label }]) => (
        <g key={id}>
          {round ? (
            <circle cx={px(at[0])} cy={px(at[1])} r={px(size / 2)} fill="var(--ink)" />
          ) : (
            <rect
              x={px(at[0] - size / 2)}
              y={px(at[1] - size / 2)}
              width={px(size)}
              height={px(size)}
              fill="var(--ink)"
            />
          )}
          {lit && (
            <text x={px(at[0])} y={px(at[1]) + 4} textAnchor="middle" fontSize={10} fill="var(--paper)">
              {label}
            </text>
          )}
        </g>
      ))}
      {inOrder(venue.marks).map(([id, { at, label }]) => (
        <g key={id}>
          <path
            d={`M${px(at[0]) - 5},${px(at[1])}l5,-5l5,5l-5,5Z`}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
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
        </g>
      ))}
      <DimensionLines venue={venue} reading={reading} />
      <g fill="var(--faint-word)" stroke="none" fontSize={12}>
        <path
          d={`M${px(min[0])},${px(max[1]) + 32}h${px(5)}m0,-4v8m${-px(5)},-8v8`}
          stroke="var(--faint)"
          fill="none"
        />
        <text x={px(min[0] + 5) + 8} y={px(max[1]) + 36}>
          {reading.system === 'metric' ? '5 m' : showText(5, 'm', reading)} · N ▲
        </text>
      </g>
    </g>
  );
});

function AreaShape({
  area: { kind, outline, label, rowSpacing },
  words: named,
}: {
  area: NonNullable<Venue['areas']>[string];
  words: boolean;
}) {
  const { min, max } = boundsOf(outline);
  const look = AREA[kind];
  const middle = kind === 'gallery' ? 0.2 : 0.5;
  const [cx, cy] = [px((min[0] + max[0]) / 2), px(min[1] + (max[1] - min[1]) * middle)];
  const tall = max[1] - min[1] > (max[0] - min[0]) * 1.5;
  const rows =
    kind === 'seating' && rowSpacing
      ? Array.from(
          // A block just one row deep is one row, whatever a float makes of the division.
          { length: Math.floor((max[0] - min[0]) / rowSpacing + 1e-6) },
          (_, i) => min[0] + (i + 0.3) * rowSpacing,
        )
      : [];
  const words =
    kind === 'no-film' ? `no film · ${label}` : kind === 'keep-clear' ? `keep clear · ${label}` : label;
  return (
    <g>
      {rows.length === 0 && (
        <polygon
          points={pointsOf(outline)}
          fill={look.fill}
          stroke={look.stroke}
          strokeDasharray={look.dash}
          strokeWidth={1.1}
        />
      )}
      {rows.map(x => (
        <rect
          key={x}
          x={px(x)}
          y={px(min[1])}
          width={px(0.42)}
          height={px(max[1] - min[1])}
          fill="none"
          stroke="var(--rule)"
          strokeWidth={1.2}
        />
      ))}
      {kind !== 'seating' && named && (
        <text
          className="over"
          x={cx}
          y={kind === 'raised' ? px(max[1]) - 8 : kind === 'desk' ? px(min[1]) - 6 : cy + 4}
          textAnchor="middle"
          fontSize={11.5}
          fill="var(--faint-word)"
          transform={tall && kind !== 'raised' ? `rotate(-90 ${cx} ${cy})` : undefined}
        >
          {words}
        </text>
      )}
    </g>
  );
}

/** Distance of the first dimension line from the wall, and from one to the next, px. */
const OFF = 20;
const LANE = 24;

/** Which line each dimension goes on, counted outwards: the short ones near the wall, none over another. */
function lanesOf(dimensions: Venue['dimensions']): ReadonlyMap<string, number> {
  const lanes = new Map<string, number>();
  const taken: { axis: string; lane: number; from: number; to: number }[] = [];
  const byLength = [...inOrder(dimensions)].sort(([, a], [, b]) => a.to - a.from - (b.to - b.from));
  for (const [id, { axis, from, to }] of byLength) {
    let lane = 0;
    while (
      taken.some(
        each => each.axis === axis && each.lane === lane && each.from < to - 1e-6 && from < each.to - 1e-6,
      )
    )
      lane++;
    taken.push({ axis, lane, from, to });
    lanes.set(id, lane);
  }
  return lanes;
}

/** Dimension lines with ticks: those along x above the venue, those along y to its left. */
function DimensionLines({ venue, reading }: { venue: Venue; reading: Reading }) {
  const { min } = boundsOf(venue.outline);
  const lanes = lanesOf(venue.dimensions);
  return (
    <g stroke="var(--faint)" fill="var(--faint-word)" fontSize={12}>
      {inOrder(venue.dimensions).map(([id, { axis, from, to }]) => {
        const words = showText(to - from, 'm', reading);
        const [a, b] = [px(from), px(to)];
        const off = OFF + LANE * (lanes.get(id) ?? 0);
        if (axis === 'x') {
          const y = px(min[1]) - off;
          return (
            <g key={id}>
              <path d={`M${a},${y}H${b}M${a},${y - 5}v10M${b},${y - 5}v10`} fill="none" />
              <text stroke="none" x={(a + b) / 2} y={y - 6} textAnchor="middle">
                {words}
              </text>
            </g>
          );
        }
        const x = px(min[0]) - off;
        return (
          <g key={id}>
            <path d={`M${x},${a}V${b}M${x - 5},${a}h10M${x - 5},${b}h10`} fill="none" />
            <text
              stroke="none"
              x={x - 7}
              y={(a + b) / 2}
              textAnchor="middle"
              transform={`rotate(-90 ${x - 7} ${(a + b) / 2})`}
            >
              {words}
            </text>
          </g>
        );
      })}
    </g>
  );
}
