/** The swap problem of a plan: positions on batteries, moments at which they can be changed, and what is on the shelf. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Kind } from '../../documents/index.js';
import { inOrder, minutesBetween } from '../../foundations/index.js';
import { freeItems } from '../../stations/equipment.js';
import { cellOf } from '../../stations/power/battery/cell.js';
import { canChange, changingOf, outletOf } from '../../stations/power/battery/changing.js';
import { airOf, type Air } from '../../stations/air-temperature.js';
import { leftAt, shareTaken, type Draw } from '../../stations/power/battery/discharge.js';
import { dayOf, type Service } from '../../stations/power/battery/services.js';
import type { Timeline } from '../../stations/power/timeline.js';
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
  const since = sinceWhen(bundle, timeline);
  const steps = stepsOf(known, timeline, since);
  const air = airOf(bundle.plan.temperatures, bundle.plan.start);
  const there = known.map(({ id }) => serviceAt(power.services[id], since));
  const stock = stockOf(known, bundle);
  const pieces = known.map(seat => piecesOf(seat, steps, bundle, assessment));
  return {
    bundle,
    assessment,
    grid: steps.map(({ from, to }) => ({ from, to, watts: 0 })),
    problem: {
      positions: known.map(({ id, label }, p): SwapPosition => {
        const item = there[p]?.item ?? bundle.plan.devices?.[id]?.item ?? id;
        const now = stock.findIndex(each => each.id === item);
        return {
          ...{ id, label, pieces: pieces[p] ?? [] },
          now: now < 0 ? undefined : now,
          underWay: since > -Infinity,
        };
      }),
      batteries: stock.map(({ id, label, kind }): SwapBattery => ({
        ...{ id, label, left: leftIn(id, power, since) },
        takes: known.map((seat, p) => {
          if (outletOf(kind) !== outletOf(seat.kind)) return undefined;
          const { item, factor = 1 } = there[p] ?? {};
          // What drew more than was planned goes on to, with whatever battery.
          const counts = id === (item ?? seat.id) ? factor : Math.max(1, factor);
          return (pieces[p] ?? []).map(piece => taken({ kind, id, seat, piece, steps, counts, air }, bundle));
        }),
      })),
      steps: steps.length,
    },
    unknown: unknown.map(({ label }) => label),
  };
}

/** Minutes after the start from which on can be planned: the last that is known to have happened. */
function sinceWhen({ plan }: Bundle, timeline: Timeline): number {
  const day = dayOf(timeline);
  const known = [
    ...inOrder(plan.chargeReadings).map(([, { at }]) => at),
    ...inOrder(plan.batteryChanges).flatMap(([, { done }]) => done ?? []),
  ];
  const times = known.map(at => minutesBetween(plan.start, at));
  return Math.max(-Infinity, ...times.filter(at => day && at >= day.from && at <= day.to));
}

/** The day from then on while anything is drawn, in steps. */
function stepsOf(seats: readonly Seat[], timeline: Timeline, since: number): readonly Step[] {
  const last = Math.max(-1, ...seats.map(({ watts }) => watts.findLastIndex(each => each > 0)));
  const first = Math.min(
    ...seats.map(({ watts }) => watts.findIndex(each => each > 0)).filter(at => at >= 0),
    timeline.length,
  );
  // A step may end where something changes, or where somebody may use a long time that is free.
  return timeline.slice(first, last + 1).flatMap(({ from, to }, i) => {
    const begin = Math.max(from, since);
    const parts = Math.max(0, Math.ceil((to - begin) / STEP));
    const each = (to - begin) / parts;
    return Array.from({ length: parts }, (_, part) => ({
      from: begin + part * each,
      to: begin + (part + 1) * each,
      k: first + i,
    }));
  });
}

const serviceAt = (services: readonly Service[] | undefined, at: number): Service | undefined =>
  services?.findLast(({ from }) => from <= at);

/** Share of what a battery gives that is left in it at a time, wherever it was before. */
function leftIn(battery: string, { services }: Assessment['power'], at: number): number {
  const before = Object.entries(services)
    .flatMap(([id, own]) => own.filter(({ item, from }) => (item ?? id) === battery && from <= at))
    .toSorted((a, b) => a.from - b.from)
    .at(-1);
  return at === -Infinity || !before ? 1 : (leftAt(before.curve, at) ?? 1);
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
  const changing = changingOf(seat.id, {
    ...{ wiring: signal.wiring, feeds: power.feeds },
    ...{ shotsWanted: bundle.plan.shots, cameras: shots.shots },
  });
  const free = ({ k, from, to }: Step): boolean => canChange(changing, power.timeline[k] ?? {}, to - from);
  const pieces: number[][] = [];
  steps.forEach((step, i) => {
    const before = steps[i - 1];
    if (before === undefined || free(step) || free(before)) pieces.push([i]);
    else pieces.at(-1)?.push(i);
  });
  return pieces;
}

/** The batteries in the plan, and those on the shelf that go where one of them is. */
function stockOf(seats: readonly Seat[], { plan, shelf, kinds, claims }: Bundle) {
  const planned = seats.map(({ id, label, kind }) => {
    const item = plan.devices?.[id]?.item;
    return { id: item ?? id, label: shelf.items[item ?? '']?.tape ?? label, kind };
  });
  const spare = Object.entries(kinds.kinds)
    .filter(([, kind]) => kind.battery && seats.some(seat => outletOf(kind) === outletOf(seat.kind)))
    .flatMap(([id, kind]) =>
      freeItems(shelf, id, plan.devices, claims).map(item => ({
        id: item,
        label: shelf.items[item]?.tape ?? item,
        kind,
      })),
    );
  return [...planned, ...spare];
}

interface Taking {
  readonly kind: Kind;
  /** The item that the battery is. */
  readonly id: string;
  readonly seat: Seat;
  readonly piece: readonly number[];
  readonly steps: readonly Step[];
  /** What is drawn for each watt that was planned. */
  readonly counts: number;
  readonly air: Air;
}

/** Share of what a battery gives that a piece of a position takes. */
function taken({ kind, id, seat, piece, steps, counts, air }: Taking, { shelf, rules }: Bundle): number {
  const cell = cellOf({
    ...(kind.battery && { battery: kind.battery }),
    known: shelf.items[id],
    reserve: rules.batteryReserve,
  });
  const draws = piece.flatMap((i): Draw[] => {
    const step = steps[i];
    return step ? [{ from: step.from, to: step.to, watts: (seat.watts[step.k] ?? 0) * counts }] : [];
  });
  return shareTaken(cell, draws, air);
}
