/** Load: of each device, and of all that is plugged into a strip or a wall socket. */
import type { Kind } from '../../documents/index.js';
import { constant, given, taken, type Figure, type Term } from '../../foundations/index.js';
import type { Feed } from './feeding.js';
import { atSocket, atStrip, deviceAmps, deviceFedBy, deviceWatts, powerTotal } from './figures.js';
import type { DeviceLoad, SocketLoad } from './result.js';

/** Power factor where none is known. */
const DEFAULT_FACTOR = 0.9;

export type Loads = Readonly<Record<string, DeviceLoad>>;

export interface DeviceFed {
  readonly kind: string;
  readonly power: NonNullable<Kind['power']>;
  readonly volts: number;
  readonly feed: { readonly feed: Feed; readonly through: string | undefined } | undefined;
}

export function deviceLoad(id: string, { kind, power, volts, feed }: DeviceFed): DeviceLoad {
  const pointer = `/kinds/${kind}/power`;
  const watts = deviceWatts.calc([id], [given('running', power.running, 'W', 'kinds', `${pointer}/running`)]);
  const factor =
    power.factor === undefined
      ? constant('pf', DEFAULT_FACTOR, '', 'power factor where none is known')
      : given('pf', power.factor, '', 'kinds', `${pointer}/factor`);
  return {
    watts,
    amps: deviceAmps.calc([id], [taken('P', watts), given('V', volts, 'V', 'venue', '/volts'), factor]),
    fedBy: feed
      ? deviceFedBy.found([id], feed.feed.source, [], howFed(feed))
      : deviceFedBy.unknown([id], 'no socket and no battery feeds it'),
  };
}

/** By which way it is fed, where that is along a lead of signals. */
const howFed = ({ feed: { along }, through }: NonNullable<DeviceFed['feed']>): { method?: string } =>
  along === undefined
    ? {}
    : {
        method:
          along === 'partner' ? `through its pair from ${through ?? ''}` : `${along} from ${through ?? ''}`,
      };

/** Terms of one name for a figure of each of some devices; those that need no power have none. */
export const loadTerms = (name: string, of: 'watts' | 'amps', ids: readonly string[], loads: Loads): Term[] =>
  ids.flatMap(id => (loads[id] ? [taken(name, loads[id][of])] : []));

export interface Plugged {
  /** What the strip or socket is rated for, A, and where that stands. */
  readonly amps: number;
  readonly kind?: string;
  readonly plugged: readonly string[] | undefined;
  readonly loads: Loads;
}

export const stripLoad = (id: string, { amps, kind = '', ...rest }: Plugged): SocketLoad =>
  loadAt(atStrip, id, given('rating', amps, 'A', 'kinds', `/kinds/${kind}/amps`), rest);

export const socketLoad = (id: string, { amps, ...rest }: Plugged): SocketLoad =>
  loadAt(atSocket, id, given('rating', amps, 'A', 'venue', `/sockets/${id}/amps`), rest);

function loadAt(
  figures: typeof atStrip | typeof atSocket,
  id: string,
  rating: Term,
  { plugged = [], loads }: Pick<Plugged, 'plugged' | 'loads'>,
): SocketLoad {
  const amps = figures.amps.calc([id], loadTerms('load', 'amps', plugged, loads));
  return {
    watts: figures.watts.calc([id], loadTerms('load', 'watts', plugged, loads)),
    amps,
    share: figures.share.calc([id], [taken('amps', amps), rating]),
  };
}

export const totalOf = ({ loads }: { readonly loads: Loads }): Figure =>
  powerTotal.calc([], loadTerms('load', 'watts', Object.keys(loads), loads));
