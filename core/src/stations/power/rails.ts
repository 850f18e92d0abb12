/** Supplies and batteries at their outlets: what each gives, and what arrives at the end of a lead of direct current. */
import type { Kind, Port, Supply } from '../../documents/index.js';
import { constant, given, taken, type Term } from '../../foundations/index.js';
import { COPPER } from './copper.js';
import * as figures from './figures/index.js';
import { fuseOf, roundPlugOf, usbOf, type LeadPart } from './outlet-plugs.js';
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
  /** Leads in the outlets of its device, the one to here among them. */
  readonly inUse: number;
  /** Where it goes in. */
  readonly inlet: Port | undefined;
  readonly inletPointer: string;
  /** Cables of the stock between them, as far as they are cut. */
  readonly cables: readonly LeadPart[];
  /** Lowest volts of the source: of a battery that is nearly empty. */
  readonly lowest: Term | undefined;
}

/** What one outlet gives, and, where the lead is known, what is left at its end. */
export function outletLoad(id: string, of: AtOutlet): OutletLoad {
  const { load } = of;
  const { gives, ...usb } = usbOf(id, of, givesOf(of));
  const share =
    gives && figures.outletShare.calc([id], [taken('watts', load.watts), { ...gives, name: 'gives' }]);
  const plug = roundPlugOf(id, of);
  const known = { ...(share && { share }), ...usb, ...(plug && { plug }), ...fuseOf(id, of) };
  const resistance = resistanceOf(id, of);
  if (!resistance || !of.lowest) return known;
  return { ...known, resistance, ...arriving(id, of, of.lowest, taken('R', resistance)) };
}

/** Most that an outlet gives, W, with as many others of its device in use as are; undefined where it does not say. */
function givesOf({ outlet, outletPointer, inUse }: AtOutlet): Term | undefined {
  const field =
    inUse > 2 && outlet.wattsOfMore !== undefined
      ? 'wattsOfMore'
      : inUse > 1 && outlet.wattsOfTwo !== undefined
        ? 'wattsOfTwo'
        : 'watts';
  const watts = outlet[field];
  return watts === undefined ? undefined : given('gives', watts, 'W', 'kinds', `${outletPointer}/${field}`);
}

/** Resistance of all the leads to a device, there and back; undefined where the copper or length of one is not known. */
function resistanceOf(id: string, of: AtOutlet): OutletLoad['resistance'] {
  const own = (port: Port | undefined, pointer: string): readonly LeadPart[] =>
    port?.ownLead === undefined ? [] : [{ length: port.ownLead, section: port.section, pointer }];
  const parts = [...own(of.outlet, of.outletPointer), ...of.cables, ...own(of.inlet, of.inletPointer)];
  if (parts.length === 0 || parts.some(({ section }) => section === undefined)) return undefined;
  const one = parts.length === 1;
  const terms = parts.flatMap(({ length, section, pointer }, i): Term[] => [
    given(
      one ? 'L' : `L${i}`,
      length,
      'm',
      'kinds',
      `${pointer}/${pointer.endsWith('cable') ? 'length' : 'ownLead'}`,
    ),
    given(one ? 'A' : `A${i}`, section, 'mm²', 'kinds', `${pointer}/section`),
  ]);
  const rho = constant('rho', COPPER, 'Ω·mm²/m', 'copper at 75 °C');
  return figures.leadResistance.calc(
    [id],
    [rho, ...terms],
    one ? {} : { formula: `2 * rho * (${parts.map((_, i) => `L${i} / A${i}`).join(' + ')})` },
  );
}

/** Volts at the end of a lead, by how its load draws; none where the load collapses. */
function arriving(
  id: string,
  { load, power, outlet, outletPointer, inlet, inletPointer }: AtOutlet,
  lowest: Term,
  R: Term,
): Pick<OutletLoad, 'volts' | 'amps' | 'holds' | 'fuse' | 'spare'> {
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
