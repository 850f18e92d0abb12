import {
  crossingMarks,
  crossingWords,
  pointsOf,
  px,
  numberWithDrop,
  runTapes,
  type Point,
  type RunResult,
  type Waypoint,
} from '@idle-satchel/core';
import { useMemo, type RefObject } from 'react';
import { useEvent, usePlan, useReading, useUi } from '../store/hooks.js';
import { placeWords } from './place-words.js';
import { useNames } from './StandingNames.js';
import { usePinning } from './use-pinning.js';

const TAPE = 11;

/** What lies on the lit leads: their numbers, and of the chosen one its ramps, doors and pins. */
export default function LitRuns({
  shown,
  dropped,
  world,
  lettering,
}: {
  shown: readonly (readonly [string, RunResult])[];
  /** What is lost on each stands beside its number. */
  dropped: boolean;
  world: RefObject<SVGGElement | null>;
  /** How much larger signs and letters are than on a large screen. */
  lettering: number;
}) {
  const selected = useUi(state => state.selected);
  const run = shown.find(([id]) => id === selected)?.[1];
  return (
    <>
      <Crossings shown={shown} lettering={lettering} />
      <Tapes runs={shown} dropped={dropped} lettering={lettering} />
      {selected !== undefined && run && (
        <Chosen id={selected} run={run} world={world} lettering={lettering} />
      )}
    </>
  );
}

/** A ramp or a frame to go over, at a place on the plan. */
const crossingShape = (kind: 'aisle' | 'door', x: number, y: number, k: number): string =>
  kind === 'aisle'
    ? `M${x - 9 * k} ${y + 4 * k}h${18 * k}l${-4 * k} ${-8 * k}h${-10 * k}z`
    : `M${x - 6 * k} ${y + 5 * k}v${-10 * k}h${12 * k}v${10 * k}`;

/** Every aisle that leads go under a ramp in, and every door they go over, once however many they are. */
function Crossings({
  shown,
  lettering,
}: {
  shown: readonly (readonly [string, RunResult])[];
  lettering: number;
}) {
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
      d={crossingShape(zone.kind, px(x), px(y), lettering)}
      fill="var(--paper)"
      stroke="var(--ink)"
      strokeWidth={1.2 * lettering}
      pointerEvents="none"
    />
  ));
}

/** The number of each lead on its own line, as on the tape at its ends; none lies on another. */
function Tapes({
  runs,
  dropped,
  lettering,
}: {
  runs: readonly (readonly [string, RunResult])[];
  dropped: boolean;
  lettering: number;
}) {
  const drops = useEvent(state => (dropped ? state.assessment.power.drops : undefined));
  const size = TAPE * lettering;
  const places = useEvent(state => state.assessment.ground.places);
  const venue = useEvent(state => state.assessment.ground.venue);
  const names = useNames();
  const placed = useMemo(() => {
    const taped = runs
      .map(([id, { number, points }]) => ({
        ...{ id, points },
        number: numberWithDrop(number, drops?.[id]?.drop),
      }))
      .sort((a, b) => b.points.length - a.points.length);
    const signAt = ([right, down]: Point) => ({
      x: px(right) - 8 * lettering,
      y: px(down) - 8 * lettering,
      width: 16 * lettering,
      height: 16 * lettering,
    });
    // Names of things that stand there are not to be written over, nor sockets where their load is shown.
    const sockets = dropped ? Object.values(venue.sockets ?? {}).map(({ at }) => signAt(at)) : [];
    const taken = Object.entries(places).flatMap(([id, { at }]) => {
      const [right, down] = names.get(id) ?? [0, 0];
      if (!at) return [];
      const [x, y] = [px(at[0]), px(at[1])];
      const half = 30 * lettering;
      const name = {
        x: x + right * lettering - half,
        y: y + (down - 8) * lettering,
        width: 2 * half,
        height: 16 * lettering,
      };
      return [signAt(at), name];
    });
    const everywhere = { x: -1e6, y: -1e6, width: 2e6, height: 2e6 };
    return runTapes(taped, size, [...sockets, ...taken], everywhere);
  }, [places, venue, dropped, names, runs, drops, size, lettering]);
  return placed.map(({ key, text, at: { x, y } }) => (
    <g key={key} pointerEvents="none">
      <rect
        x={x - size * (text.length * 0.32 + 0.24)}
        y={y - size * 0.62}
        width={size * (text.length * 0.64 + 0.48)}
        height={size * 1.24}
        fill="var(--tape)"
        stroke="var(--ink)"
        strokeWidth={0.7 * lettering}
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
function Chosen({
  id,
  run,
  world,
  lettering,
}: {
  id: string;
  run: RunResult;
  world: RefObject<SVGGElement | null>;
  lettering: number;
}) {
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
            d={crossingShape(zone.kind, px(x), px(y), lettering)}
            fill="var(--paper)"
            stroke="var(--brass)"
            strokeWidth={1.6 * lettering}
          />
          <text
            className="over"
            x={px(x)}
            y={px(y) - 12 * lettering}
            fontSize={11.5 * lettering}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {crossingWords(zone)}
          </text>
        </g>
      ))}
      {pins?.map((pin: Waypoint, i: number) => (
        <PinHandle
          key={i}
          at={pin.at}
          label={`Pin ${i + 1} of the lead`}
          lettering={lettering}
          {...pinning.onPin(i)}
        />
      ))}
    </g>
  );
}

function PinHandle({
  at: [x, y],
  label,
  lettering: k,
  ...handlers
}: { at: Point; label: string; lettering: number } & ReturnType<ReturnType<typeof usePinning>['onPin']>) {
  const reading = useReading();
  return (
    <g
      className="handle"
      role="button"
      tabIndex={0}
      aria-label={`${label}, ${placeWords([x, y], reading)}; arrows move it, Delete takes it out`}
      {...handlers}
    >
      <circle className="halo" cx={px(x)} cy={px(y)} r={11 * k} />
      <path
        d={`M${px(x)} ${px(y) - 6 * k}l${6 * k} ${6 * k}l${-6 * k} ${6 * k}l${-6 * k} ${-6 * k}z`}
        fill="var(--paper)"
        stroke="var(--brass)"
        strokeWidth={2 * k}
      />
    </g>
  );
}
