/** How long each battery lasts along the day, and whether it outlasts the event. */
import type { Battery, Phase } from '../../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { BatteryLife } from '../result.js';
import { lasts, type Timeline } from '../timeline.js';
import { termsIn, worstStretch, type Drawing } from '../worst.js';
import { cellOf, type CellOf } from './cell.js';
import { airAt, type Air } from '../../air-temperature.js';
import { coldFactor } from './cold.js';
import { minutesFor, runDown, type Draw, type Point } from './discharge.js';
import { chemistryOf, healthTerms } from './health.js';
import type { Service } from './services.js';

export interface BatteryInUse extends CellOf {
  readonly kind: string;
  readonly item: string | undefined;
  /** What draws on it: itself, where it supplies what hangs on it. */
  readonly draws: readonly string[];
  /** What of that it carries, where others on its plate carry the rest. */
  readonly share: number | undefined;
  readonly drawing: Drawing;
  /** What they draw together in each stretch, W. */
  readonly watts: readonly number[];
  readonly timeline: Timeline;
  readonly air: Air;
  readonly start: string;
  /** Where others take its place, or it was read: each with what it has. */
  readonly served: readonly Service[] | undefined;
}

/** A battery along the day: its figures, and the charge that is left by time. */
export interface BatteryDay {
  readonly life: Omit<BatteryLife, 'dark' | 'margin'>;
  readonly curve: readonly Point[];
  /** What is drawn of it in each stretch, W. */
  readonly watts: readonly number[];
  /** It, and those that take its place, each while it is there. */
  readonly services: readonly Service[];
}

/** What some devices draw together in each stretch, W; NaN where nobody knows. */
export const wattsOf = ({
  draws,
  share = 1,
  drawing,
  timeline,
}: Pick<BatteryInUse, 'draws' | 'share' | 'drawing' | 'timeline'>): readonly number[] =>
  timeline.map(
    (_, k) => share * draws.reduce((sum, device) => sum + (drawing.demands[device]?.watts[k] ?? 0), 0),
  );

export function batteryLife(id: string, of: BatteryInUse): BatteryDay {
  const { draws, drawing, timeline, start, battery, kind, watts } = of;
  const most = worstStretch(timeline.length, k => watts[k] ?? 0);
  const usable = usableOf(id, of);
  const health = healthTerms(of.item ?? '', of);
  const all = termsIn('load', 'watts', draws, drawing, most);
  const load =
    of.share === undefined
      ? figures.batteryLoad.calc([id], all)
      : figures.batteryLoad.calc(
          [id],
          [...all, constant('share', of.share, '', 'of all that the batteries on its plate hold')],
          { formula: 'share * sum(load)' },
        );
  const run = emptyAt(of);
  const terms = [taken('usable', usable), taken('load', load)];
  const why = Number.isNaN(numberOf(load) ?? NaN)
    ? 'nobody has measured all that hangs on it'
    : run.on === undefined
      ? 'nothing draws on it'
      : undefined;
  const minutes =
    why !== undefined || run.on === undefined
      ? figures.batteryMinutes.unknown([id], why ?? '', terms)
      : figures.batteryMinutes.found([id], run.empty - run.on, terms);
  const ends =
    why === undefined && run.on !== undefined && Number.isFinite(run.empty)
      ? figures.batteryEnds.calc(
          [id],
          [
            given('start', start, 'instant', 'plan', '/start'),
            constant('on', run.on, 'min', 'when it is first drawn upon'),
            taken('runtime', minutes),
          ],
        )
      : figures.batteryEnds.unknown([id], why ?? 'never');
  return {
    watts,
    curve: run.services.flatMap(({ curve }) => curve),
    services: run.services,
    life: {
      health: figures.batteryHealth.calc([id], health.terms, { formula: `100 * (${health.formula})` }),
      usable,
      load,
      ...(battery && ampsOf(id, kind, battery, load)),
      minutes,
      ends,
      phases: energyOf(id, watts, timeline),
      ...(run.gap !== undefined && { gap: figures.batteryGap.found([id], run.gap, [taken('ends', ends)]) }),
    },
  };
}

/** What is drawn of a battery in each phase of the day, Wh. */
function energyOf(id: string, watts: readonly number[], timeline: Timeline): BatteryLife['phases'] {
  const drawn = new Map<Phase, number>();
  for (const [k, stretch] of timeline.entries()) {
    const { phase } = stretch;
    if (phase !== undefined)
      drawn.set(phase, (drawn.get(phase) ?? 0) + ((watts[k] ?? 0) * lasts(stretch)) / 60);
  }
  return Object.fromEntries(
    [...drawn].map(([phase, wattHours]) => [
      phase,
      Number.isNaN(wattHours)
        ? figures.batteryEnergy.unknown([id, phase], 'nobody has measured all that hangs on it')
        : figures.batteryEnergy.found([id, phase], wattHours),
    ]),
  );
}

/** What a battery gives. */
const usableOf = (id: string, of: BatteryInUse): Figure => {
  const { terms, formula } = usableTerms(of);
  return figures.batteryUsable.calc([id], terms, { formula });
};

/** What makes up what a battery gives at the temperature at the start, worn as it is, less what is kept back. */
export function usableTerms(
  of: Pick<BatteryInUse, 'kind' | 'battery' | 'inner' | 'item' | 'known' | 'air' | 'reserve'>,
): {
  readonly terms: readonly Term[];
  readonly formula: string;
} {
  const { kind, battery, inner, item = '', air, reserve } = of;
  const health = healthTerms(item, of);
  const chemistry = chemistryOf(of);
  const celsius = airAt(air, 0);
  const terms: Term[] = [
    ...(battery
      ? [
          given('V', battery.volts, 'V', 'kinds', `/kinds/${kind}/battery/volts`),
          given('Ah', battery.ampHours, 'Ah', 'kinds', `/kinds/${kind}/battery/ampHours`),
        ]
      : [given('Wh', inner?.wattHours ?? 0, 'Wh', 'kinds', `/kinds/${kind}/inner/wattHours`)]),
    ...health.terms,
    constant('cold', coldFactor(chemistry, celsius), '', `${chemistry} at ${Math.round(celsius)} °C`),
    ...(chemistry === 'lead-acid' ? [] : [given('reserve', reserve, '%', 'rules', '/batteryReserve')]),
  ];
  const parts = [
    battery ? 'V * Ah' : 'Wh',
    `(${health.formula})`,
    'cold',
    chemistry === 'lead-acid' ? '0.5' : '(1 - reserve / 100)',
  ];
  return { terms, formula: parts.join(' * ') };
}

/** Highest current: at the lowest volts where they are known. */
function ampsOf(
  id: string,
  kind: string,
  { volts, least, maxAmps }: Battery,
  load: Figure,
): Pick<BatteryLife, 'amps' | 'share'> {
  const amps = figures.batteryAmps.calc(
    [id],
    [
      taken('load', load),
      least === undefined
        ? given('V', volts, 'V', 'kinds', `/kinds/${kind}/battery/volts`)
        : given('V', least, 'V', 'kinds', `/kinds/${kind}/battery/least`),
    ],
  );
  const limit = given('limit', maxAmps, 'A', 'kinds', `/kinds/${kind}/battery/maxAmps`);
  return { amps, share: figures.batteryShare.calc([id], [taken('amps', amps), limit]) };
}

interface Empty {
  /** When it is first drawn upon; absent = never. */
  readonly on: number | undefined;
  /** When it is empty if what is on last stays on; infinite = never. */
  readonly empty: number;
  /** Minutes from then to the change that it does not last to. */
  readonly gap?: number;
  readonly services: readonly Service[];
}

/**
 * When a battery, and whatever takes its place, is first empty: within the day, or some time after if what was on
 * last stays on. Minutes after the start.
 */
function emptyAt(of: BatteryInUse): Empty {
  const { timeline, watts, air, item, served } = of;
  const cell = cellOf(of);
  const drawn: Draw[] = timeline.map(({ from, to }, k) => ({ from, to, watts: watts[k] ?? 0 }));
  const first = drawn.findIndex(draw => draw.watts > 0);
  const last = drawn.findLast(draw => draw.watts > 0);
  if (!last) return { on: undefined, empty: Infinity, services: [] };
  const alone = { item, cell, before: 0, factor: 1, taken: 0 };
  if (!Number.isFinite(last.to)) {
    const minutes = minutesFor(cell, last.watts, 1, coldFactor(cell.chemistry, airAt(air, 0)));
    const curve: Point[] = [
      [0, 1],
      [minutes, 0],
    ];
    return { on: 0, empty: minutes, services: [{ ...alone, from: 0, to: Infinity, curve }] };
  }
  const day = drawn.slice(first, drawn.indexOf(last) + 1);
  const on = day[0]?.from ?? 0;
  const services = served ?? [{ ...alone, from: -Infinity, to: Infinity, ...runDown(cell, day, air) }];
  const short = services.find(service => service.empty !== undefined);
  if (short?.empty !== undefined) {
    const gap = short.to - short.empty;
    return { on, empty: short.empty, services, ...(Number.isFinite(gap) && { gap }) };
  }
  const left = services.at(-1);
  return { on, empty: last.to + (left ? minutesLeft(left, last, air) : 0), services };
}

/** Minutes for which a battery would go on after the last of what is drawn of it. */
function minutesLeft({ cell, taken: gone, factor }: Service, { to, watts }: Draw, air: Air): number {
  const cold = coldFactor(cell.chemistry, airAt(air, to));
  return minutesFor(cell, watts * factor, 1 - gone / cell.usable, cold);
}
