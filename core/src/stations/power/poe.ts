/** Power over network cable (IEEE 802.3): classes at both ends, what the cable takes, and the budget of a switch. */
import type { Along, Port } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures/index.js';
import type { DeviceLoad, PoeLoad } from './result.js';

/** Watts of each class at the source and at the device, 0 … 8 (IEEE 802.3-2022, tables 33-1 and 145-1). */
export const POE_CLASSES: readonly (readonly [source: number, device: number])[] = [
  [15.4, 12.95],
  [4, 3.84],
  [7, 6.49],
  [15.4, 12.95],
  [30, 25.5],
  [45, 40],
  [60, 51],
  [75, 62],
  [90, 71.3],
];

/** Class as which a device is counted that does not say which it is: none was signed, or the highest of its type. */
const CLASS_OF_TYPE: Readonly<Partial<Record<Along, number>>> = { 'PoE af': 0, 'PoE at': 4 };
/** Classes from which on all four pairs carry current. */
const FOUR_PAIRS = 5;
/** Resistance there and back of a metre of cable, Ω: 12.5 Ω over 100 m by two pairs, half of it by four. */
const TWO_PAIRS_OHM = 0.125;

/** Least volts at the source, by class. */
const leastVolts = (poeClass: number): number => (poeClass <= 3 ? 44 : poeClass <= 6 ? 50 : 52);

/** The class that a device is counted as at a source, given what it takes; undefined where nobody knows. */
export function poeClassOf(
  { poeClass, poweredBy = [] }: Pick<Port, 'poeClass' | 'poweredBy'>,
  watts: number | undefined,
): number | undefined {
  if (poeClass !== undefined) return poeClass;
  const type = poweredBy.find(each => each.startsWith('PoE'));
  if (type === undefined) return undefined;
  const known = CLASS_OF_TYPE[type];
  if (known !== undefined || watts === undefined) return known;
  const least = POE_CLASSES.findIndex(([, device], i) => i >= FOUR_PAIRS && device >= watts);
  return least < 0 ? 8 : least;
}

export interface PoeFed {
  readonly port: Port;
  readonly pointer: string;
  readonly load: DeviceLoad;
  /** Length of its cable, where it is known. */
  readonly cable: Figure | undefined;
}

/** One device that is fed over its network cable. */
export function poeLoad(id: string, { port, pointer, load, cable }: PoeFed): PoeLoad | undefined {
  const poeClass = poeClassOf(port, numberOf(load.watts));
  const own = POE_CLASSES[poeClass ?? -1];
  if (poeClass === undefined || !own) return undefined;
  const classTerm: Term =
    port.poeClass === undefined
      ? constant('signed', poeClass, '', `${port.poweredBy?.join(', ') ?? ''}: its class is not stated`)
      : given('signed', poeClass, '', 'kinds', `${pointer}/poeClass`);
  const atClass = figures.poeClass.calc([id], [classTerm]);
  const counted = figures.poeCounted.found([id], own[0], [taken('signed', atClass)]);
  const gets = figures.poeGets.found([id], own[1], [taken('signed', atClass)]);
  return {
    poeClass: atClass,
    ...{ counted, gets },
    share: figures.poeShare.calc([id], [taken('watts', load.watts), taken('gets', gets)]),
    ...(cable && {
      source: figures.poeSource.calc(
        [id],
        [
          constant('Vs', leastVolts(poeClass), 'V', 'least volts of the source'),
          taken('P', load.watts),
          constant(
            'r',
            poeClass >= FOUR_PAIRS ? TWO_PAIRS_OHM / 2 : TWO_PAIRS_OHM,
            'Ω/m',
            poeClass >= FOUR_PAIRS ? 'four pairs, there and back' : 'two pairs, there and back',
          ),
          taken('L', cable),
        ],
      ),
    }),
  };
}

export interface PoeBudget {
  readonly kind: string;
  /** What it gives over all its ports together, W. */
  readonly together: number | undefined;
  readonly fed: readonly PoeLoad[];
}

/** What a switch counts for all that it feeds, against its budget. */
export function poeBudget(id: string, { kind, together, fed }: PoeBudget) {
  const counted = figures.poeAll.calc(
    [id],
    fed.map(each => taken('counted', each.counted)),
  );
  return {
    counted,
    share:
      together === undefined
        ? figures.poeBudgetShare.unknown([id], 'its budget is not known: it is in its data sheet')
        : figures.poeBudgetShare.calc(
            [id],
            [
              taken('counted', counted),
              given('budget', together, 'W', 'kinds', `/kinds/${kind}/supply/together`),
            ],
          ),
  };
}
