/** What each device takes: watts in each of its states, and the current that these are at its own volts. */
import type { DrawingState, PowerNeed, PowerState, Supply } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../foundations/index.js';
import type { Feed, Feeding } from './feeding.js';
import * as figures from './figures/index.js';
import { MEAN, meteredFactor, readingTerms, summaryOf, type Accepted, type Metered } from './measured.js';
import type { DeviceLoad } from './result.js';

/** Power factor where none is known. */
const DEFAULT_FACTOR = 0.9;

export type Loads = Readonly<Record<string, DeviceLoad>>;

/** The volts at which a device draws: of mains with a power factor, else direct; or why nobody can say. */
export type AtVolts =
  { readonly volts: Term; readonly mains: boolean } | { readonly why: string; readonly volts?: undefined };

export interface DeviceFed {
  readonly kind: string;
  readonly power: PowerNeed;
  /** What was measured of it and counts. */
  readonly metered: Metered;
  readonly at: AtVolts;
  readonly feed: { readonly feed: Feed; readonly through: string | undefined } | undefined;
}

export function deviceLoad(id: string, of: DeviceFed): DeviceLoad {
  const { kind, power, metered, at, feed } = of;
  const pointer = `/kinds/${kind}/power`;
  const { running, standby, peak } = power;
  const watts = workingWatts(id, of);
  const standbyWatts = stateWatts(figures.standbyWatts, id, metered.standby, 'standby', standby, pointer);
  const peakWatts = stateWatts(figures.peakWatts, id, metered.peak, 'peak', peak, pointer);
  return {
    watts,
    amps: ampsOf(figures.deviceAmps, id, watts, at, factorOf(of, 'working')),
    ...(running === undefined &&
      !metered.working && {
        least: standbyWatts
          ? figures.leastWatts.calc([id], [taken('standby', standbyWatts)])
          : figures.leastWatts.calc([id], [constant('standby', 0, 'W', 'nobody has measured it')]),
      }),
    ...(standbyWatts && {
      standbyWatts,
      standbyAmps: ampsOf(figures.standbyAmps, id, standbyWatts, at, factorOf(of, 'standby')),
    }),
    ...(peakWatts && {
      peakWatts,
      peakAmps: ampsOf(figures.peakAmps, id, peakWatts, at, factorOf(of, 'peak')),
    }),
    fedBy: fedByOf(id, feed),
  };
}

/** Watts while it works: as measured, else as its kind says, else the most that its rating plate allows. */
function workingWatts(
  id: string,
  { kind, power: { running, plate }, metered: { working } }: DeviceFed,
): Figure {
  const pointer = `/kinds/${kind}/power`;
  if (working) return figures.deviceWatts.calc([id], readingTerms(working), MEAN);
  if (running !== undefined)
    return figures.deviceWatts.calc([id], [given('running', running, 'W', 'kinds', `${pointer}/running`)]);
  return plate === undefined
    ? figures.deviceWatts.unknown([id], 'nobody has measured what it takes')
    : figures.deviceWatts.calc([id], [given('plate', plate, 'W', 'kinds', `${pointer}/plate`)], {
        formula: 'plate',
        rule: 'not measured: the most that its rating plate allows',
      });
}

/** Watts in another state, where anybody knows them. */
function stateWatts(
  figure: typeof figures.standbyWatts | typeof figures.peakWatts,
  id: string,
  readings: readonly Accepted[] | undefined,
  name: 'standby' | 'peak',
  stated: number | undefined,
  pointer: string,
): Figure | undefined {
  if (readings) return figure.calc([id], readingTerms(readings), MEAN);
  return stated === undefined
    ? undefined
    : figure.calc([id], [given(name, stated, 'W', 'kinds', `${pointer}/${name}`)]);
}

/** Power factor in a state: as measured, else as its kind says of it, else as that says of its work. */
function factorOf(
  { kind, power, metered }: Pick<DeviceFed, 'kind' | 'power' | 'metered'>,
  state: DrawingState,
): Term {
  const measured = meteredFactor(metered[state]);
  if (measured) return measured;
  const { factor, standbyFactor, peakFactor } = power;
  const own = { working: undefined, standby: standbyFactor, peak: peakFactor }[state];
  const pointer = `/kinds/${kind}/power/${own === undefined ? 'factor' : `${state}Factor`}`;
  const stated = own ?? factor;
  return stated === undefined
    ? constant('pf', DEFAULT_FACTOR, '', 'power factor where none is known')
    : given('pf', stated, '', 'kinds', pointer);
}

type AmpsFigure = typeof figures.deviceAmps | typeof figures.standbyAmps | typeof figures.peakAmps;

/** Current for some watts: over volts and power factor on mains, over volts of direct current. */
function ampsOf(figure: AmpsFigure, id: string, watts: Figure, at: AtVolts, factor: Term): Figure {
  const P = taken('P', watts);
  if (!at.volts) return figure.unknown([id], at.why, [P]);
  return at.mains
    ? figure.calc([id], [P, at.volts, factor])
    : figure.calc([id], [P, at.volts], { formula: 'P / V' });
}

function fedByOf(id: string, feed: DeviceFed['feed']): Figure {
  return feed
    ? figures.deviceFedBy.found([id], feed.feed.source, [], howFed(feed))
    : figures.deviceFedBy.unknown([id], 'no socket and no battery feeds it');
}

/** By which way it is fed, where that is along a lead of signals. */
const howFed = ({ feed: { along }, through }: NonNullable<DeviceFed['feed']>): { method?: string } =>
  along === undefined
    ? {}
    : {
        method:
          along === 'partner' ? `through its pair from ${through ?? ''}` : `${along} from ${through ?? ''}`,
      };

export interface SupplyFed extends Omit<DeviceFed, 'power'> {
  readonly power: PowerNeed | undefined;
  readonly supply: Supply;
  /** What hangs on it and takes something. */
  readonly outs: readonly DeviceLoad[];
}

/**
 * Load of a supply: what hangs on it over its efficiency, what it takes besides, and what it needs for its own work.
 * With a table by load what it takes besides is in the table.
 */
export function supplyLoad(id: string, of: SupplyFed): DeviceLoad {
  const { kind, power, metered, supply, outs, at, feed } = of;
  const pointer = `/kinds/${kind}/supply`;
  const out = outs.map(({ watts }) => taken('out', watts));
  const sum = outs.reduce((watts, each) => watts + (numberOf(each.watts) ?? 0), 0);
  // What nobody measured of its own work makes the whole unknown, as it does of any device.
  const own = power && workOf(power, metered.working, `/kinds/${kind}/power`);
  const stands = supply.standing !== undefined && !tableOf(supply);
  const terms = [
    ...out,
    ...(own ? [own] : []),
    efficiencyOf(supply, sum, pointer),
    ...(stands ? [given('standing', supply.standing, 'W', 'kinds', `${pointer}/standing`)] : []),
  ];
  const formula = ['sum(out) / eta', ...(own ? ['running'] : []), ...(stands ? ['standing'] : [])].join(
    ' + ',
  );
  const watts = figures.deviceWatts.calc([id], terms, {
    formula,
    rule: 'all that hangs on it at work',
  });
  const factor = factorOf({ kind, power: power ?? {}, metered: {} }, 'working');
  return {
    watts,
    amps: ampsOf(figures.deviceAmps, id, watts, at, factor),
    kept: figures.deviceKept.calc([id], [taken('taken', watts), ...out]),
    fedBy: fedByOf(id, feed),
  };
}

/**
 * What a supply takes for its own work: as measured with nothing on its outlets, as its kind says, else what its plate
 * allows; a term without a value where nobody knows.
 */
function workOf({ running, plate }: PowerNeed, measured: Metered['working'], pointer: string): Term {
  const summary = summaryOf(measured?.map(({ watts }) => watts) ?? []);
  if (summary) return constant('running', summary.mean, 'W', `mean of ${summary.n} that were measured`);
  return running === undefined && plate !== undefined
    ? given('running', plate, 'W', 'kinds', `${pointer}/plate`)
    : given('running', running, 'W', 'kinds', `${pointer}/running`);
}

function efficiencyOf(supply: Supply, out: number, pointer: string): Term {
  const table = tableOf(supply);
  if (table) return constant('eta', efficiencyAt(table, out), '', 'by its load, between two that are stated');
  return supply.efficiency === undefined
    ? constant('eta', 1, '', 'efficiency not known: what it loses is not counted')
    : given('eta', supply.efficiency, '', 'kinds', `${pointer}/efficiency`);
}

/** Efficiency at some loads, W, the least first. */
export type ByLoad = readonly (readonly [watts: number, efficiency: number])[];

/** The efficiencies by load that a supply states; undefined where it states none, or not what its full load is. */
export function tableOf({ together, atTenth, atHalf, atFull }: Supply): ByLoad | undefined {
  if (together === undefined) return undefined;
  const stated = (
    [
      [0.1, atTenth],
      [0.5, atHalf],
      [1, atFull],
    ] as const
  ).flatMap(([share, efficiency]) =>
    efficiency === undefined ? [] : [[share * together, efficiency] as const],
  );
  return stated.length > 0 ? stated : undefined;
}

/** Efficiency at a load, W: on the straight line between two entries, and the nearest of them beyond the ends. */
export function efficiencyAt(table: ByLoad, watts: number): number {
  const next = table.findIndex(([at]) => at >= watts);
  const above = table[next] ?? table.at(-1);
  const below = table[next - 1] ?? above;
  if (!above || !below || above === below || next < 0) return above?.[1] ?? 1;
  return below[1] + ((watts - below[0]) / (above[0] - below[0])) * (above[1] - below[1]);
}

/** Watts that a supply takes for what comes out of it, W. */
export function suppliedWatts({ supply, own }: SupplyAtWork, out: number): number {
  const table = tableOf(supply);
  if (table) return (out > 0 ? out / efficiencyAt(table, out) : 0) + own;
  return out / (supply.efficiency ?? 1) + (supply.standing ?? 0) + own;
}

export interface SupplyAtWork {
  readonly supply: Supply;
  /** What it needs for its own work then, W. */
  readonly own: number;
}

/** Terms of one name for a figure of each of some devices; those that need no power have none. */
export const loadTerms = (name: string, of: 'watts' | 'amps', ids: readonly string[], loads: Loads): Term[] =>
  ids.flatMap(id => (loads[id] ? [taken(name, loads[id][of])] : []));

/** The figure of a load in a state: of its usual work where its kind says nothing of that state; none when it is off. */
export function figureIn(
  load: DeviceLoad | undefined,
  state: PowerState,
  of: 'watts' | 'amps',
): Figure | undefined {
  if (!load || state === 'off') return undefined;
  const [standby, peak] =
    of === 'watts' ? [load.standbyWatts, load.peakWatts] : [load.standbyAmps, load.peakAmps];
  return (state === 'standby' ? standby : state === 'peak' ? peak : undefined) ?? load[of];
}

export interface AllLoads {
  readonly loads: Loads;
  readonly outlets: Feeding['outlets'];
}

/** What all of it takes at work: of what hangs on a supply the supply alone. */
export const totalOf = ({ loads, outlets }: AllLoads): Figure =>
  figures.powerTotal.calc(
    [],
    loadTerms(
      'load',
      'watts',
      Object.keys(loads).filter(id => !loads[outlets[id]?.device ?? '']?.kept),
      loads,
    ),
  );
