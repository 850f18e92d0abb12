/** The swap problem of a plan: positions on batteries, moments at which they can be changed, and what is on the shelf. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Kind } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { freeItems } from '../../stations/equipment.js';
import { airOf, type Air } from '../../stations/power/battery/cold.js';
import { shareTaken, type Draw } from '../../stations/power/battery/discharge.js';
import { cellOf } from '../../stations/power/battery/life.js';
import type { SwapBattery, SwapPosition, SwapProblem } from './problem.js';

export interface SwapTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly problem: SwapProblem;
  /** The grid of the day: from – to of each step, minutes after the start. */
  readonly grid: readonly Draw[];
  /** Positions of which nobody knows the watts, or when anything is on. */
  readonly unknown: readonly string[];
}

/** Longest that a step of the grid is in which a battery can be changed, min. */
const STEP = 30;
/** Minutes that a thing is reckoned to be off for a change, where nobody knows. */
const RESTART = 5;

interface Seat {
  readonly id: string;
  readonly label: string;
  readonly kind: Kind;
  readonly watts: readonly number[];
}

export function swapTask(bundle: Bundle, assessment: Assessment): SwapTask {
  const { power, signal } = assessment;
  const { timeline } = power;
  const dated = timeline.every(({ from, to }) => Number.isFinite(from) && Number.isFinite(to));
  const seats = inOrder(signal.wiring.devices).flatMap(([id, { label }]): Seat[] => {
    const kind = signal.wiring.kindOf(id);
    const watts = power.demands[id];
    return kind?.battery && watts && watts.some(each => each !== 0) ? [{ id, label, kind, watts }] : [];
  });
  const unknown = seats.filter(({ watts }) => !dated || watts.some(Number.isNaN));
  const known = seats.filter(seat => !unknown.includes(seat));
  const last = Math.max(-1, ...known.map(({ watts }) => watts.findLastIndex(each => each > 0)));
  const first = Math.min(
    ...known.map(({ watts }) => watts.findIndex(each => each > 0)).filter(at => at >= 0),
    timeline.length,
  );
  // A step may end where something changes, or where somebody may use a long time that is free.
  const steps = timeline.slice(first, last + 1).flatMap((stretch, i) => {
    const parts = Math.max(1, Math.ceil((stretch.to - stretch.from) / STEP));
    const each = (stretch.to - stretch.from) / parts;
    return Array.from({ length: parts }, (_, part) => ({
      from: stretch.from + part * each,
      to: stretch.from + (part + 1) * each,
      k: first + i,
    }));
  });
  const air = airOf(bundle.plan.temperatures, String(assessment.brief.start.value));
  const positions = known.map((seat): SwapPosition => ({
    ...{ id: seat.id, label: seat.label },
    pieces: piecesOf(seat, steps, bundle, assessment),
    now: undefined,
  }));
  const stock = stockOf(known, bundle);
  const batteries = stock.map(({ id, label, kind }): SwapBattery => ({
    ...{ id, label },
    takes: known.map((seat, p) =>
      fits(kind, seat.kind)
        ? (positions[p]?.pieces ?? []).map(piece => taken(kind, id, seat, piece, steps, bundle, air))
        : undefined,
    ),
  }));
  return {
    bundle,
    assessment,
    grid: steps.map(({ from, to }) => ({ from, to, watts: 0 })),
    problem: {
      positions: positions.map(position => {
        const item = bundle.plan.devices?.[position.id]?.item;
        const now = batteries.findIndex(({ id }) => id === item);
        return { ...position, now: now < 0 ? undefined : now };
      }),
      batteries,
      steps: steps.length,
    },
    unknown: unknown.map(({ label }) => label),
  };
}

interface Step {
  readonly from: number;
  readonly to: number;
  /** The stretch of the day that it is part of. */
  readonly k: number;
}

/** Steps of the day between two moments at which the battery of a position can be changed. */
function piecesOf(
  seat: Seat,
  steps: readonly Step[],
  bundle: Bundle,
  { power, signal, shots }: Assessment,
): readonly (readonly number[])[] {
  const drawing = inOrder(signal.wiring.devices).flatMap(([id]) =>
    power.feeds[id]?.from === seat.id ? [[id, signal.wiring.kindOf(id)] as const] : [],
  );
  const wanted = (device: string, k: number): boolean => {
    const { phase, item } = power.timeline[k] ?? {};
    if (phase !== 'live') return false;
    const own = inOrder(bundle.plan.shots).filter(([id]) => shots.shots[id]?.camera === device);
    // Of what is no camera, or has a shot at a time of its own, nobody knows when it is not wanted.
    return own.length === 0 || own.some(([, { items }]) => !items || items.includes(item ?? ''));
  };
  const free = (k: number, minutes: number): boolean =>
    drawing.every(
      ([device, kind]) =>
        kind?.power?.hotSwap === true ||
        kind?.inner !== undefined ||
        (!wanted(device, k) && minutes >= (kind?.power?.restart ?? RESTART)),
    );
  const pieces: number[][] = [];
  steps.forEach((step, i) => {
    const before = steps[i - 1];
    const changes =
      before === undefined || free(step.k, step.to - step.from) || free(before.k, before.to - before.from);
    if (changes) pieces.push([i]);
    else pieces.at(-1)?.push(i);
  });
  return pieces;
}

/** Whether a battery goes where another one is. */
function fits(battery: Kind, seat: Kind): boolean {
  const connector = (kind: Kind): string | undefined =>
    Object.values(kind.ports ?? {}).find(
      ({ carries, direction }) => carries === 'power' && direction === 'out',
    )?.connector;
  return connector(battery) === connector(seat);
}

/** The batteries in the plan, and those on the shelf that go where one of them is. */
function stockOf(seats: readonly Seat[], { plan, shelf, kinds, claims }: Bundle) {
  const planned = seats.map(({ id, label, kind }) => {
    const item = plan.devices?.[id]?.item;
    return { id: item ?? id, label: shelf.items[item ?? '']?.tape ?? label, kind };
  });
  const spare = Object.entries(kinds.kinds)
    .filter(([, kind]) => kind.battery && seats.some(seat => fits(kind, seat.kind)))
    .flatMap(([id, kind]) =>
      freeItems(shelf, id, plan.devices, claims).map(item => ({
        id: item,
        label: shelf.items[item]?.tape ?? item,
        kind,
      })),
    );
  return [...planned, ...spare];
}

/** Share of what a battery gives that a piece of a position takes. */
function taken(
  kind: Kind,
  item: string,
  seat: Seat,
  piece: readonly number[],
  steps: readonly Step[],
  { shelf, rules }: Bundle,
  air: Air,
): number {
  const cell = cellOf({
    ...(kind.battery && { battery: kind.battery }),
    known: shelf.items[item],
    reserve: rules.batteryReserve,
  });
  const draws = piece.flatMap((i): Draw[] => {
    const step = steps[i];
    return step ? [{ from: step.from, to: step.to, watts: seat.watts[step.k] ?? 0 }] : [];
  });
  return shareTaken(cell, draws, air);
}
