import {
  crossingMarks,
  crossingWords,
  pointsOf,
  px,
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
  lettering,
}: {
  shown: readonly (readonly [string, RunResult])[];
  world: RefObject<SVGGElement | null>;
  /** How much larger signs and letters are than on a large screen. */
  lettering: number;
}) {
  const selected = useUi(state => state.selected);
  const run = shown.find(([id]) => id === selected)?.[1];
  return (
    <>
      <Crossings shown={shown} />
      <Tapes runs={shown} size={TAPE * lettering} />
      {selected !== undefined && run && <Chosen id={selected} run={run} world={world} />}
    </>
  );
}

/** A ramp or a frame to go over, at a place on the plan. */
const crossingShape = (kind: 'aisle' | 'door', x: number, y: number): string =>
  kind === 'aisle' ? `M${x - 9} ${y + 4}h18l-4 -8h-10z` : `M${x - 6} ${y + 5}v-10h12v10`;

/** Every aisle that leads go under a ramp in, and every door they go over, once however many they are. */
function Crossings({ shown }: { shown: readonly (readonly [string, RunResult])[] }) {
  const venue = useEvent(state => state.assessment.ground.venue);
  const marks = useMemo(
    () =>
      new Map(
        shown.flatMap(([, run]) => crossingMarks(run, venue).map(mark => [mark.zone.id, mark] as const)),
      ),
    [shown, venue],
  );
  return [...marks.values()].map(({ zone, at: [x, y] }) => (
    <path
      key={zone.id}
      d={crossingShape(zone.kind, px(x), px(y))}
      fill="var(--paper)"
      stroke="var(--ink)"
      strokeWidth={1.2}
      pointerEvents="none"
    />
  ));
}

/** The number of each lead on its own line, as on the tape at its ends; none lies on another. */
function Tapes({ runs, size }: { runs: readonly (readonly [string, RunResult])[]; size: number }) {
  const places = useEvent(state => state.assessment.ground.places);
  const placed = useMemo(() => {
    const taped = runs
      .map(([id, { number, points }]) => ({ id, number, points }))
      .sort((a, b) => b.points.length - a.points.length);
    // Names of things that stand there are not to be written over.
    const taken = Object.values(places).flatMap(({ at }) =>
      at ? [{ x: px(at[0]) - 26, y: px(at[1]) - 20, width: 52, height: 32 }] : [],
    );
    const everywhere = { x: -1e6, y: -1e6, width: 2e6, height: 2e6 };
    return runTapes(taped, size, taken, everywhere);
  }, [places, runs, size]);
  return placed.map(({ key, text, at: { x, y } }) => (
    <g key={key} pointerEvents="none">
      <rect
        x={x - size * (text.length * 0.32 + 0.24)}
        y={y - size * 0.62}
        width={size * (text.length * 0.64 + 0.48)}
        height={size * 1.24}
        fill="var(--tape)"
        stroke="var(--ink)"
        strokeWidth={0.7}
      />
      <text
        x={x}
        y={y + size * 0.36}
        fontSize={size}
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
            d={crossingShape(zone.kind, px(x), px(y))}
            fill="var(--paper)"
            stroke="var(--brass)"
            strokeWidth={1.6}
          />
          <text
            className="over"
            x={px(x)}
            y={px(y) - 12}
            fontSize={11.5}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {crossingWords(zone)}
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
