/** What the building feeds all at once: residual-current devices, phases and their neutral, and a generator. */
import type { Kind, MainsSystem, OtherLoad, PhaseNumber, Residual, Venue } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  type Figure,
  type Term,
} from '../../foundations/index.js';
import * as figures from './figures/index.js';
import { neutralOf, WITH_HARMONICS, type PhaseCurrent } from './neutral.js';
import type { BuildingLoad, CircuitLoad, ResidualLoad } from './result.js';
import type { Timeline } from './timeline.js';
import { termsIn, worstStretch, type Drawing } from './worst.js';

/** Standing current to earth of a device with a mains adapter, where nobody knows it, mA. */
const LEAKAGE = 0.5;
/** Share of the trip of a residual-current device that standing leakage may take (IEC 60364-5-53). */
const STANDING_SHARE = 0.3;

export interface BehindResidual {
  readonly residual: Residual;
  /** Devices of ours behind it that draw from the mains themselves, with their kinds. */
  readonly devices: readonly (readonly [id: string, kindId: string, kind: Kind | undefined])[];
}

/** What leaks to earth behind a residual-current device while nothing is wrong. */
export function residualLoad(id: string, { residual, devices }: BehindResidual): ResidualLoad {
  const leakage = figures.residualLeakage.calc(
    [id],
    devices.map(([, kindId, kind]) =>
      kind?.power?.leakage === undefined
        ? constant('leak', LEAKAGE, 'mA', `${kind?.label ?? 'a device'}: not known, as of an adapter`)
        : given('leak', kind.power.leakage, 'mA', 'kinds', `/kinds/${kindId}/power/leakage`),
    ),
  );
  return {
    leakage,
    share: figures.residualShare.calc(
      [id],
      [
        taken('leakage', leakage),
        constant('standing', STANDING_SHARE, '', 'of its trip, IEC 60364-5-53'),
        given('trip', residual.trip, 'mA', 'venue', `/residuals/${id}/trip`),
      ],
    ),
  };
}

export interface Building {
  readonly venue: Pick<Venue, 'system' | 'circuits' | 'generator' | 'volts'>;
  readonly circuits: Readonly<Record<string, CircuitLoad>>;
  /** Devices of ours by circuit. */
  readonly ours: Readonly<Record<string, readonly string[]>>;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
}

/** Phases and neutral at the most of each circuit, and what a generator carries at its worst minute. */
export function buildingLoad({ venue, circuits, ours, timeline, drawing }: Building): BuildingLoad {
  const { system = 'one phase', generator } = venue;
  const all = Object.values(ours).flat();
  return {
    ...(system !== 'one phase' && phasesOf(system, venue.circuits, circuits, ours, drawing)),
    ...(generator !== undefined && generatorOf(generator, venue.volts, all, timeline, drawing)),
  };
}

function phasesOf(
  system: MainsSystem,
  known: Venue['circuits'],
  circuits: Building['circuits'],
  ours: Building['ours'],
  drawing: Drawing,
): Pick<BuildingLoad, 'phases' | 'neutral' | 'neutralMost'> {
  const phases: Record<string, Figure> = {};
  const currents: Partial<Record<PhaseNumber, PhaseCurrent>> = {};
  for (const [id, { phase }] of inOrder(known)) {
    const load = circuits[id];
    if (phase === undefined || !load) continue;
    const terms = inOrder(known).flatMap(([other, each]): Term[] => {
      const on = circuits[other];
      return each.phase === phase && on ? [taken('circuit', on.ours), taken('circuit', on.other)] : [];
    });
    phases[phase] = figures.phaseAmps.calc([phase], terms);
    const own = inOrder(known).filter(([, each]) => each.phase === phase);
    const devices = own.flatMap(([other]) => ours[other] ?? []);
    const others = own.flatMap(([, each]) => inOrder(each.others).map(([, other]) => other));
    currents[phase] = { amps: numberOf(phases[phase]) ?? NaN, factor: factorOf(devices, others, drawing) };
  }
  const terms = Object.entries(phases).map(([phase, amps]) => taken(`phase${phase}`, amps));
  const neutral = neutralOf(system, currents);
  const most = Math.max(0, ...Object.values(currents).map(({ amps }) => amps));
  return {
    phases,
    neutral: Number.isNaN(neutral)
      ? figures.neutralAmps.unknown([], 'nobody has measured all that hangs on the phases', terms)
      : figures.neutralAmps.found([], neutral, terms),
    neutralMost: figures.neutralMost.calc(
      [],
      [
        constant('fullest', most, 'A', 'the fullest phase'),
        constant('third', WITH_HARMONICS, '', 'third harmonics of adapters without correction add up'),
      ],
    ),
  };
}

/** Power factor of our devices and of what others have together: watts over volt-amperes; 1 of nothing. */
function factorOf(devices: readonly string[], others: readonly OtherLoad[], { loads }: Drawing): number {
  const parts = [
    ...others.map(({ watts, factor }) => [watts, factor] as const),
    ...devices.flatMap(id => {
      const load = loads[id];
      const pf = load?.amps.working.terms.find(term => term.name === 'pf')?.value;
      return load ? [[numberOf(load.watts) ?? 0, typeof pf === 'number' ? pf : 1] as const] : [];
    }),
  ];
  const watts = parts.reduce((sum, [each]) => sum + each, 0);
  const voltAmps = parts.reduce((sum, [each, factor]) => sum + each / factor, 0);
  return voltAmps > 0 ? watts / voltAmps : 1;
}

/** A generator is loaded to seven tenths of what it gives. */
const GENERATOR_SHARE = 0.7;

function generatorOf(
  voltAmps: number,
  volts: number,
  devices: readonly string[],
  timeline: Timeline,
  drawing: Drawing,
): Pick<BuildingLoad, 'generator' | 'generatorShare'> {
  const k = worstStretch(timeline.length, at =>
    devices.reduce((sum, id) => sum + (drawing.demands[id]?.amps[at] ?? 0), 0),
  );
  const generator = figures.generatorLoad.calc(
    [],
    [given('V', volts, 'V', 'venue', '/volts'), ...termsIn('load', 'amps', devices, drawing, k)],
  );
  return {
    generator,
    generatorShare: figures.generatorShare.calc(
      [],
      [
        taken('load', generator),
        given('gives', voltAmps, 'VA', 'venue', '/generator'),
        constant('most', GENERATOR_SHARE, '', 'a generator is loaded to seven tenths'),
      ],
    ),
  };
}
