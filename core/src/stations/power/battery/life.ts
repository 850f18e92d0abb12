/** How long each battery lasts along the day, and whether it outlasts the event. */
import type { Battery, Chemistry, InnerBattery, Item } from '../../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { BatteryLife } from '../result.js';
import type { Timeline } from '../timeline.js';
import { termsIn, worstStretch, type Drawing } from '../worst.js';
import { airAt, coldFactor, type Air } from './cold.js';
import { LEAD_ACID_SHARE, minutesFor, runDown, type Cell, type Draw, type Point } from './discharge.js';

export interface BatteryInUse {
  readonly kind: string;
  /** The battery that it is, or the one inside that it draws on. */
  readonly battery?: Battery;
  readonly inner?: InnerBattery;
  readonly item: string | undefined;
  /** Of the shelf: its charge cycles and health, where they are known. */
  readonly known: Pick<Item, 'cycles' | 'health'> | undefined;
  /** What draws on it: itself, where it supplies what hangs on it. */
  readonly draws: readonly string[];
  readonly drawing: Drawing;
  readonly timeline: Timeline;
  readonly air: Air;
  readonly reserve: number;
  readonly start: string;
}

/** A battery along the day: its figures, and the charge that is left by time. */
export interface BatteryDay {
  readonly life: Omit<BatteryLife, 'dark' | 'margin'>;
  readonly curve: readonly Point[];
  readonly cell: Cell;
  /** What is drawn of it in each stretch, W. */
  readonly watts: readonly number[];
}

/** What a cycle takes of a battery until its health is measured. */
const WORN_BY_CYCLE = 0.0004;

const healthOf = (known: BatteryInUse['known']): number =>
  known?.health === undefined ? 1 - WORN_BY_CYCLE * (known?.cycles ?? 0) : known.health / 100;

const chemistryOf = ({ battery, inner }: Pick<BatteryInUse, 'battery' | 'inner'>): Chemistry =>
  battery?.chemistry ?? inner?.chemistry ?? 'lithium-ion';

/** A battery as it is discharged. */
export function cellOf(of: Pick<BatteryInUse, 'battery' | 'inner' | 'known' | 'reserve'>): Cell {
  const { battery, inner, known, reserve } = of;
  const chemistry = chemistryOf(of);
  const rated = battery ? battery.volts * battery.ampHours : (inner?.wattHours ?? 0);
  const cell = { chemistry, holds: Math.max(0, rated * healthOf(known)) };
  if (chemistry !== 'lead-acid') return { ...cell, usable: 1 - reserve / 100 };
  return {
    ...cell,
    usable: LEAD_ACID_SHARE,
    ...(battery && {
      peukert: { volts: battery.volts, ampHours: battery.ampHours, hours: battery.hours ?? 20 },
    }),
  };
}

export function batteryLife(id: string, of: BatteryInUse): BatteryDay {
  const { draws, drawing, timeline, air, start, battery, kind } = of;
  const cell = cellOf(of);
  const watts = timeline.map((_, k) =>
    draws.reduce((sum, device) => sum + (drawing.demands[device]?.watts[k] ?? 0), 0),
  );
  const most = worstStretch(timeline.length, k => watts[k] ?? 0);
  const usable = usableOf(id, of);
  const load = figures.batteryLoad.calc([id], termsIn('load', 'watts', draws, drawing, most));
  const run = emptyAt(cell, timeline, watts, air);
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
    ...{ cell, watts },
    curve: run.curve,
    life: {
      usable,
      load,
      ...(battery && ampsOf(id, kind, battery, load)),
      minutes,
      ends,
    },
  };
}

/** What a battery gives. */
const usableOf = (id: string, of: BatteryInUse): Figure => {
  const { terms, formula } = usableTerms(of);
  return figures.batteryUsable.calc([id], terms, { formula });
};

/** What makes up what a battery gives at the temperature at the start, worn as it is, less what is kept back. */
export function usableTerms(of: Omit<BatteryInUse, 'draws' | 'drawing' | 'timeline' | 'start'>): {
  readonly terms: readonly Term[];
  readonly formula: string;
} {
  const { kind, battery, inner, item = '', known, air, reserve } = of;
  const chemistry = chemistryOf(of);
  const celsius = airAt(air, 0);
  const terms: Term[] = [
    ...(battery
      ? [
          given('V', battery.volts, 'V', 'kinds', `/kinds/${kind}/battery/volts`),
          given('Ah', battery.ampHours, 'Ah', 'kinds', `/kinds/${kind}/battery/ampHours`),
        ]
      : [given('Wh', inner?.wattHours ?? 0, 'Wh', 'kinds', `/kinds/${kind}/inner/wattHours`)]),
    known?.health !== undefined
      ? given('health', known.health, '%', 'shelf', `/items/${item}/health`)
      : known?.cycles === undefined
        ? constant('cycles', 0, '', 'charge cycles not logged')
        : given('cycles', known.cycles, '', 'shelf', `/items/${item}/cycles`),
    constant('cold', coldFactor(chemistry, celsius), '', `${chemistry} at ${Math.round(celsius)} °C`),
    ...(chemistry === 'lead-acid' ? [] : [given('reserve', reserve, '%', 'rules', '/batteryReserve')]),
  ];
  const parts = [
    battery ? 'V * Ah' : 'Wh',
    known?.health === undefined ? '(1 - 0.0004 * cycles)' : 'health / 100',
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
  readonly curve: readonly Point[];
}

/** When a battery is empty: within the day, or some time after if what was on last stays on. Minutes after the start. */
function emptyAt(cell: Cell, timeline: Timeline, watts: readonly number[], air: Air): Empty {
  const drawn: Draw[] = timeline.map(({ from, to }, k) => ({ from, to, watts: watts[k] ?? 0 }));
  const first = drawn.findIndex(draw => draw.watts > 0);
  const last = drawn.findLast(draw => draw.watts > 0);
  if (!last) return { on: undefined, empty: Infinity, curve: [] };
  if (!Number.isFinite(last.to)) {
    const minutes = minutesFor(cell, last.watts, 1, coldFactor(cell.chemistry, airAt(air, 0)));
    return {
      on: 0,
      empty: minutes,
      curve: [
        [0, 1],
        [minutes, 0],
      ],
    };
  }
  const day = drawn.slice(first, drawn.indexOf(last) + 1);
  const on = day[0]?.from ?? 0;
  const run = runDown(cell, day, air);
  if (run.empty !== undefined) return { on, empty: run.empty, curve: run.curve };
  const left = run.curve.at(-1)?.[1] ?? 1;
  const cold = coldFactor(cell.chemistry, airAt(air, last.to));
  return { on, empty: last.to + minutesFor(cell, last.watts, left, cold), curve: run.curve };
}
