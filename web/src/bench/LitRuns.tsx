import {
  crossingMarks,
  pointsOf,
  px,
  runNumbers,
  runTapes,
  type Point,
  type RunResult,
  type Waypoint,
} from '@idle-satchel/core';
import { useMemo, type RefObject } from 'react';
import { useEvent, usePlan, useUi } from '../store/hooks.js';
import { usePinning } from './use-pinning.js';

const TAPE = 10.5;

/** What lies on the lit leads: their numbers, and of the chosen one its ramps, doors and pins. */
export default function LitRuns({
  shown,
  world,
}: {
  shown: readonly (readonly [string, RunResult])[];
  world: RefObject<SVGGElement | null>;
}) {
  const selected = useUi(state => state.selected);
  const run = shown.find(([id]) => id === selected)?.[1];
  return (
    <>
      <Tapes runs={shown} />
      {selected !== undefined && run && <Chosen id={selected} run={run} world={world} />}
    </>
  );
}

/** The number of each lead on its own line, as on the tape at its ends; none lies on another. */
function Tapes({ runs }: { runs: readonly (readonly [string, RunResult])[] }) {
  const all = useEvent(state => state.assessment.runs.runs);
  const places = useEvent(state => state.assessment.ground.places);
  const placed = useMemo(() => {
    const numbers = runNumbers(all);
    const taped = runs
      .map(([id, { points }]) => ({ id, number: numbers.get(id) ?? '', points }))
      .sort((a, b) => b.points.length - a.points.length);
    // Names of things that stand there are not to be written over.
    const taken = Object.values(places).flatMap(({ at }) =>
      at ? [{ x: px(at[0]) - 26, y: px(at[1]) - 20, width: 52, height: 32 }] : [],
    );
    const everywhere = { x: -1e6, y: -1e6, width: 2e6, height: 2e6 };
    return runTapes(taped, TAPE, taken, everywhere);
  }, [all, places, runs]);
  return placed.map(({ key, text, at: { x, y } }) => (
    <g key={key} pointerEvents="none">
      <rect
        x={x - text.length * 3.4 - 2.5}
        y={y - 6.5}
        width={text.length * 6.8 + 5}
        height={13}
        fill="var(--tape)"
        stroke="var(--ink)"
        strokeWidth={0.7}
      />
      <text
        x={x}
        y={y + 3.8}
        fontSize={TAPE}
        fontWeight={600}
        textAnchor="middle"
        fill="var(--ink)"
        className="font-tape"
      >
        {text}
      </text>
    </g>
  ));
}

/** The chosen lead: its ramps and doors, and its pins; it is pulled where it shall go. */
function Chosen({ id, run, world }: { id: string; run: RunResult; world: RefObject<SVGGElement | null> }) {
  const venue = useEvent(state => state.assessment.ground.venue);
  const pins = usePlan(plan => plan.links?.[id]?.way?.pins);
  const pinning = usePinning(id, run, world);
  return (
    <g>
      <polyline
        points={pointsOf(run.points)}
        stroke="transparent"
        strokeWidth={14}
        className="handle"
        data-lead={id}
        {...pinning.onLine}
      />
      {crossingMarks(run, venue).map(({ zone, at: [x, y] }) => (
        <g key={zone.id} pointerEvents="none">
          <path
            d={
              zone.kind === 'aisle'
                ? `M${px(x) - 9} ${px(y) + 4}h18l-4 -8h-10z`
                : `M${px(x) - 6} ${px(y) + 5}v-10h12v10`
            }
            fill="var(--paper)"
            stroke="var(--brass)"
            strokeWidth={1.6}
          />
          <text className="over" x={px(x) + 12} y={px(y) + 4} fontSize={11.5} fill="var(--ink)">
            {zone.kind === 'aisle' ? `ramp over ${zone.label}` : `overhead at ${zone.label}`}
          </text>
        </g>
      ))}
      {pins?.map((pin: Waypoint, i: number) => (
        <PinHandle key={i} at={pin.at} label={`Pin ${i + 1} of the lead`} {...pinning.onPin(i)} />
      ))}
    </g>
  );
}

function PinHandle({
  at: [x, y],
  label,
  ...handlers
}: { at: Point; label: string } & ReturnType<ReturnType<typeof usePinning>['onPin']>) {
  return (
    <g
      className="handle"
      role="button"
      tabIndex={0}
      aria-label={`${label}, ${x.toFixed(1)} m east, ${y.toFixed(1)} m south; arrows move it, Delete takes it out`}
      {...handlers}
    >
      <circle className="halo" cx={px(x)} cy={px(y)} r={11} />
      <path
        d={`M${px(x)} ${px(y) - 6}l6 6l-6 6l-6 -6z`}
        fill="var(--paper)"
        stroke="var(--brass)"
        strokeWidth={2}
      />
    </g>
  );
}
