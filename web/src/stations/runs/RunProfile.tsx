import { numberOf, runProfile, showText, type RunResult } from '@idle-satchel/core';
import { useEvent, usePlan, useReading } from '../../store/hooks.js';

const WIDTH = 460;
const HEIGHT = 128;
const EDGE = { left: 8, right: 10, top: 26, bottom: 22 };

/** The chosen lead unrolled: metres of lead along, height upwards; joints, ramps, doors, and where its reach ends. */
export function RunProfilePicture({ id, run }: { id: string; run: RunResult }) {
  const reading = useReading();
  const link = usePlan(plan => plan.links?.[id]);
  const { places, venue } = useEvent(({ assessment }) => assessment.ground);
  const { shelf, kinds } = useEvent(({ bundle }) => bundle);
  const heightOf = (device: string | undefined): number =>
    device === undefined ? 0.3 : (numberOf(places[device]?.elevation) ?? 0);
  const profile = runProfile(run, [heightOf(link?.from.device), heightOf(link?.to.device)], {
    venue,
    shelf,
    kinds,
  });
  if (!profile) return null;
  const { line, marks, wanted, cable, limit, highest } = profile;
  const most = Math.max(wanted, cable ?? 0, limit !== undefined && limit < wanted * 1.6 ? limit : 0);
  const x = (metres: number): number => EDGE.left + (metres / most) * (WIDTH - EDGE.left - EDGE.right);
  const y = (height: number): number =>
    HEIGHT - EDGE.bottom - (height / highest) * (HEIGHT - EDGE.top - EDGE.bottom);
  const ticks = [...Array(Math.floor(most / step(most)) + 1).keys()].map(i => i * step(most));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full my-1"
      role="img"
      aria-label={`Profile: ${marks.map(({ label }) => label).join(', ') || 'no crossing, no joint'}`}
    >
      <line x1={EDGE.left} x2={WIDTH - EDGE.right} y1={y(0)} y2={y(0)} stroke="var(--rule)" />
      {ticks.map(metres => (
        <g key={metres}>
          <line x1={x(metres)} x2={x(metres)} y1={y(0)} y2={y(0) + 4} stroke="var(--faint)" />
          {metres > 0 && metres < most * 0.97 && (
            <text x={x(metres)} y={y(0) + 16} fontSize={11} textAnchor="middle" fill="var(--faint-word)">
              {showText(metres, 'm', reading).replace(/\.00 /, ' ')}
            </text>
          )}
        </g>
      ))}
      {cable !== undefined && cable > wanted && (
        <line
          x1={x(wanted)}
          x2={x(cable)}
          y1={y(line.at(-1)?.[1] ?? 0)}
          y2={y(line.at(-1)?.[1] ?? 0)}
          stroke="var(--faint)"
          strokeDasharray="2 3"
        />
      )}
      <polyline
        points={line.map(([along, height]) => `${x(along)},${y(height)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      {marks.map(({ along, kind }, i) => (
        <path
          key={i}
          d={MARKS[kind](x(along), y(0))}
          fill="var(--paper)"
          stroke="var(--brass)"
          strokeWidth={1.4}
        />
      ))}
      {limit !== undefined && limit <= most && (
        <g>
          <line
            x1={x(limit)}
            x2={x(limit)}
            y1={EDGE.top - 12}
            y2={y(0)}
            stroke="var(--madder)"
            strokeDasharray="5 3"
          />
          <text
            x={x(limit) + (limit > most / 2 ? -4 : 4)}
            y={EDGE.top - 14}
            fontSize={11}
            textAnchor={limit > most / 2 ? 'end' : 'start'}
            fill="var(--color-stop)"
          >
            carries {showText(limit, 'm', reading)}
          </text>
        </g>
      )}
    </svg>
  );
}

const MARKS = {
  ramp: (x: number, y: number) => `M${x - 8} ${y}h16l-4 -6h-8z`,
  door: (x: number, y: number) => `M${x - 5} ${y}v-9h10v9z`,
  joint: (x: number, y: number) => `M${x - 4} ${y - 12}h8v8h-8z`,
  gallery: (x: number, y: number) => `M${x} ${y}l4 -5h-8z`,
} as const;

/** Round steps, at most eight of them. */
const step = (most: number): number => [1, 2, 5, 10, 20, 50, 100].find(each => most / each <= 8) ?? 200;
