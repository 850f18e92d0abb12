/** Supplies and batteries at their outlets: what each gives, and what arrives at the end of a lead of direct current. */
import type { Kind, Port, Supply } from '../../documents/index.js';
import { constant, given, taken, type Term } from '../../foundations/index.js';
import { COPPER } from './copper.js';
import * as figures from './figures/index.js';
import type { DeviceLoad, OutletLoad, SupplyOut } from './result.js';

export interface SupplyGiving {
  readonly kind: string;
  readonly supply: Supply | undefined;
  readonly outs: readonly DeviceLoad[];
  /** Its outlets, and the leads that are plugged into them. */
  readonly outlets: number;
  readonly plugs: readonly string[];
}

/** What a supply gives to all that hangs on it, against what its outlets give together. */
export function supplyOut(id: string, { kind, supply, outs, outlets, plugs }: SupplyGiving): SupplyOut {
  const watts = figures.supplyWatts.calc(
    [id],
    outs.map(load => taken('load', load.watts)),
  );
  return {
    watts,
    amps: figures.supplyAmps.calc(
      [id],
      outs.map(load => taken('load', load.amps)),
    ),
    ...(outlets > 0 && {
      free: figures.supplyFree.calc(
        [id],
        [
          constant('outlets', outlets, 'pieces', 'its outlets for power'),
          ...plugs.map(lead => constant('plug', lead, '', 'plugged in')),
        ],
      ),
    }),
    ...(supply?.together !== undefined && {
      share: figures.supplyShare.calc(
        [id],
        [
          taken('watts', watts),
          given('together', supply.together, 'W', 'kinds', `/kinds/${kind}/supply/together`),
        ],
      ),
    }),
  };
}

export interface AtOutlet {
  readonly load: DeviceLoad;
  readonly power: Kind['power'];
  /** Where the current comes out, and the kind that it is of. */
  readonly outlet: Port;
  readonly outletPointer: string;
  /** Where it goes in. */
  readonly inlet: Port | undefined;
  readonly inletPointer: string;
  /** Lowest volts of the source: of a battery that is nearly empty. */
  readonly lowest: Term | undefined;
}

/** What one outlet gives, and, where the lead is known, what is left at its end. */
export function outletLoad(id: string, of: AtOutlet): OutletLoad {
  const { load, outlet, outletPointer, inlet, inletPointer } = of;
  const share =
    outlet.watts === undefined
      ? undefined
      : figures.outletShare.calc(
          [id],
          [taken('watts', load.watts), given('gives', outlet.watts, 'W', 'kinds', `${outletPointer}/watts`)],
        );
  const lead = [
    [outlet, outletPointer],
    [inlet, inletPointer],
  ] as const;
  const [port, pointer] =
    lead.find(([each]) => each?.section !== undefined && each.ownLead !== undefined) ?? [];
  if (!port || !of.lowest) return { ...(share && { share }) };
  const resistance = figures.leadResistance.calc(
    [id],
    [
      constant('rho', COPPER, 'Ω·mm²/m', 'copper at 75 °C'),
      given('L', port.ownLead, 'm', 'kinds', `${pointer ?? ''}/ownLead`),
      given('A', port.section, 'mm²', 'kinds', `${pointer ?? ''}/section`),
    ],
  );
  return { ...(share && { share }), resistance, ...arriving(id, of, of.lowest, taken('R', resistance)) };
}

/** Volts at the end of a lead, by how its load draws; none where the load collapses. */
function arriving(
  id: string,
  { load, power, outlet, outletPointer, inlet, inletPointer }: AtOutlet,
  lowest: Term,
  R: Term,
): Omit<OutletLoad, 'share' | 'resistance'> {
  const Vs = { ...lowest, name: 'Vs' };
  const P = taken('P', load.watts);
  const draws = power?.draws ?? 'power';
  const nominal: Term = { ...lowest, name: 'Vn' };
  const volts =
    draws === 'power'
      ? figures.arrivingVolts.calc([id], [Vs, P, R])
      : draws === 'current'
        ? figures.arrivingVolts.calc([id], [Vs, taken('I', load.amps), R], { formula: 'Vs - I * R' })
        : figures.arrivingVolts.calc([id], [Vs, P, R, nominal], {
            formula: 'Vs * (Vn^2 / P) / (Vn^2 / P + R)',
          });
  const amps = figures.arrivingAmps.calc([id], [Vs, taken('V', volts), R]);
  const fuse =
    outlet.fuse === undefined
      ? undefined
      : figures.fuseShare.calc(
          [id],
          [taken('I', amps), given('fuse', outlet.fuse, 'A', 'kinds', `${outletPointer}/fuse`)],
        );
  const least = inlet?.volts?.low;
  return {
    volts,
    amps,
    ...(draws === 'power' && { holds: figures.arrivingHolds.calc([id], [Vs, R, P]) }),
    ...(fuse && { fuse }),
    spare:
      least === undefined
        ? figures.arrivingSpare.unknown([id], 'its least volts are not known', [taken('V', volts)])
        : figures.arrivingSpare.calc(
            [id],
            [taken('V', volts), given('least', least, 'V', 'kinds', `${inletPointer}/volts/low`)],
          ),
  };
}
