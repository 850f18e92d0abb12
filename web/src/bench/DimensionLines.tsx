import { boundsOf, inOrder, px, scaleBar, showText, type Reading, type Venue } from '@idle-satchel/core';

/** Distance of the first dimension line from the wall, and from one to the next, px. */
const OFF = 26;
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

/** Dimension lines with ticks: those along x above the venue, those along y to its left; and a scale below it. */
export function DimensionLines({
  venue,
  reading,
  lettering: k,
}: {
  venue: Venue;
  reading: Reading;
  lettering: number;
}) {
  const { min, max } = boundsOf(venue.outline);
  const lanes = lanesOf(venue.dimensions);
  const bar = scaleBar(reading);
  return (
    <g stroke="var(--faint)" fill="var(--faint-word)" fontSize={12 * k}>
      {inOrder(venue.dimensions).map(([id, { axis, from, to }]) => {
        const words = showText(to - from, 'm', reading);
        const [a, b] = [px(from), px(to)];
        const off = (OFF + LANE * (lanes.get(id) ?? 0)) * k;
        if (axis === 'x') {
          const y = px(min[1]) - off;
          return (
            <g key={id}>
              <path
                d={`M${a},${y}H${b}M${a},${y - 5 * k}v${10 * k}M${b},${y - 5 * k}v${10 * k}`}
                fill="none"
              />
              <text stroke="none" x={(a + b) / 2} y={y - 6 * k} textAnchor="middle">
                {words}
              </text>
            </g>
          );
        }
        const x = px(min[0]) - off;
        return (
          <g key={id}>
            <path d={`M${x},${a}V${b}M${x - 5 * k},${a}h${10 * k}M${x - 5 * k},${b}h${10 * k}`} fill="none" />
            <text
              stroke="none"
              x={x - 7 * k}
              y={(a + b) / 2}
              textAnchor="middle"
              transform={`rotate(-90 ${x - 7 * k} ${(a + b) / 2})`}
            >
              {words}
            </text>
          </g>
        );
      })}
      <path
        d={`M${px(min[0])},${px(max[1]) + 34 * k}h${px(bar.metres)}m0,${-4 * k}v${8 * k}m${-px(bar.metres)},${-8 * k}v${8 * k}`}
        stroke="var(--faint)"
        fill="none"
      />
      <text stroke="none" x={px(min[0] + bar.metres) + 8 * k} y={px(max[1]) + 38 * k}>
        {bar.words} · N ▲
      </text>
    </g>
  );
}
