/** A kind as a form edits it: flat, in the order of its ports; and the kind that comes of it. */
import type {
  Along,
  Bus,
  Carries,
  Connector,
  Family,
  Function,
  Inside,
  Kind,
  Level,
  Port,
  PortEnds,
} from '../documents/index.js';
import { cableDraft, cableFrom, EMPTY_CABLE, type CableDraft } from './cable.js';
import { idFrom, inOrder, ordersFor } from '../foundations/index.js';

export interface PortDraft {
  /** Absent for a new port. */
  readonly id: string | undefined;
  readonly label: string;
  readonly direction: Port['direction'];
  readonly connector: Connector;
  readonly carries: Carries;
  readonly ends: PortEnds | '';
  /** Length of the lead of its own, m. */
  readonly ownLead: number | undefined;
  readonly scaled: boolean;
  readonly group: string;
  readonly level: Level | '';
  readonly gives: readonly Bus[];
  /** Of an inlet or outlet: volts from – to, and the most watts. */
  readonly voltsLow: number | undefined;
  readonly voltsHigh: number | undefined;
  readonly watts: number | undefined;
  /** How much of a strip its mains adapter covers, m. */
  readonly adapterWidth: number | undefined;
  readonly poweredBy: readonly Along[];
  readonly powers: readonly Along[];
}

export const INSIDE_NUMBERS = [
  'mixes',
  'keyers',
  'boxes',
  'stills',
  'clips',
  'tracks',
  'channels',
  'encoder',
  'webcam',
] as const;

export interface KindDraft {
  readonly label: string;
  readonly family: Family;
  readonly weight: number | undefined;
  readonly watts: number | undefined;
  /** As it stands or lies in use, m. */
  readonly width: number | undefined;
  readonly depth: number | undefined;
  readonly height: number | undefined;
  /** What one costs to buy. */
  readonly price: number | undefined;
  /** Of a battery inside, Wh, and whether it is topped up while another feed is there. */
  readonly innerWattHours: number | undefined;
  readonly topsUp: boolean;
  /** Room on a disk, GB. */
  readonly storage: number | undefined;
  /** What it does besides what its family does. */
  readonly does: readonly Function[];
  readonly cable: CableDraft;
  readonly ports: readonly PortDraft[];
  /** What a switcher has inside, by name; absent where it has none. */
  readonly inside: Readonly<Partial<Record<(typeof INSIDE_NUMBERS)[number], number | undefined>>>;
}

export const EMPTY_PORT: PortDraft = {
  id: undefined,
  label: '',
  direction: 'in',
  connector: 'HDMI A',
  carries: 'video',
  ends: '',
  ownLead: undefined,
  scaled: false,
  group: '',
  level: '',
  gives: [],
  voltsLow: undefined,
  voltsHigh: undefined,
  watts: undefined,
  adapterWidth: undefined,
  poweredBy: [],
  powers: [],
};

export const draftOf = ({
  label,
  family,
  weight,
  size,
  power,
  price,
  inner,
  storage,
  does,
  cable,
  ports,
  inside,
}: Kind): KindDraft => ({
  label,
  family,
  weight,
  watts: power?.running,
  width: size?.width,
  depth: size?.depth,
  height: size?.height,
  price,
  innerWattHours: inner?.wattHours,
  topsUp: inner?.topsUp === true,
  storage,
  does: does ?? [],
  cable: cable ? cableDraft(cable) : EMPTY_CABLE,
  ports: inOrder(ports).map(([id, port]) => ({
    id,
    label: port.label,
    direction: port.direction,
    connector: port.connector,
    carries: port.carries,
    ends: port.ends ?? '',
    ownLead: port.ownLead,
    scaled: port.scaled === true,
    group: port.group ?? '',
    level: port.level ?? '',
    gives: port.gives ?? [],
    voltsLow: port.volts?.low,
    voltsHigh: port.volts?.high,
    watts: port.watts,
    adapterWidth: port.adapter?.width,
    poweredBy: port.poweredBy ?? [],
    powers: port.powers ?? [],
  })),
  inside: Object.fromEntries(
    INSIDE_NUMBERS.flatMap(name => (inside?.[name] === undefined ? [] : [[name, inside[name]]])),
  ),
});

/** A port from its draft; what the form does not show is kept from the port it began as. */
function portFrom(draft: PortDraft, order: string, before: Port | undefined): Port {
  const {
    ends: _e,
    ownLead: _o,
    scaled: _s,
    group: _g,
    level: _l,
    gives: _v,
    volts: _u,
    watts: _w,
    adapter,
    poweredBy: _b,
    powers: _p,
    ...rest
  } = before ?? ({} as Partial<Port>);
  const { direction, connector, carries, ends, ownLead, scaled, group, level, gives } = draft;
  const { voltsLow, voltsHigh, watts, adapterWidth, poweredBy, powers } = draft;
  const isPower = carries === 'power';
  const [low, high] = [voltsLow ?? voltsHigh, voltsHigh ?? voltsLow];
  const { width: _d, ...given } = adapter ?? {};
  const ownAdapter = { ...given, ...(adapterWidth !== undefined && { width: adapterWidth }) };
  return {
    ...rest,
    order,
    label: draft.label.trim(),
    direction,
    connector,
    carries,
    ...(ends !== '' && { ends }),
    ...((ends === 'plug' || connector === 'mains') && ownLead !== undefined && { ownLead }),
    ...(scaled && { scaled }),
    ...(group.trim() !== '' && { group: group.trim() }),
    ...(level !== '' && { level }),
    ...(gives.length > 0 && { gives: [...gives] }),
    ...(isPower && low !== undefined && high !== undefined && { volts: { low, high } }),
    ...(isPower && watts !== undefined && { watts }),
    ...(isPower && Object.keys(ownAdapter).length > 0 && { adapter: ownAdapter }),
    ...(!isPower && poweredBy.length > 0 && { poweredBy: [...poweredBy] }),
    ...(!isPower && powers.length > 0 && { powers: [...powers] }),
  };
}

/** The ports of a draft; those that are new are given ids of their own. */
function portsFrom({ label, ports }: KindDraft, known: Kind['ports']): Record<string, Port> {
  const orders = ordersFor(ports.length);
  const taken = new Set(ports.flatMap(({ id }) => id ?? []));
  return Object.fromEntries(
    ports.map((draft, i) => {
      let id = draft.id;
      for (let n = 0; id === undefined; n++) {
        const candidate = idFrom(`${label}/${draft.label}/${i}/${n}`);
        if (!taken.has(candidate)) id = candidate;
      }
      taken.add(id);
      return [id, portFrom(draft, orders[i] ?? '', known?.[id])];
    }),
  );
}

const sizeFrom = ({ width, depth, height }: KindDraft): NonNullable<Kind['size']> => ({
  ...(width !== undefined && { width }),
  ...(depth !== undefined && { depth }),
  ...(height !== undefined && { height }),
});

/** A kind from a draft; what the form does not show is kept from the kind it began as. */
export function kindFrom(draft: KindDraft, before: Kind | undefined): Kind {
  const { label, family, weight, watts, price, innerWattHours, topsUp, storage, does, inside } = draft;
  const {
    weight: _w,
    price: _p,
    size: _s,
    inner: _i,
    storage: _r,
    does: _d,
    cable: _c,
    power,
    ports: known,
    inside: inner,
    ...kept
  } = before ?? { label, family };
  const [size, made, cable] = [sizeFrom(draft), portsFrom(draft, known), cableFrom(draft.cable)];
  const { mixes = 1, ...numbers } = inside;
  const next: Inside = {
    ...(inner?.control !== undefined && { control: inner.control }),
    mixes,
    ...Object.fromEntries(Object.entries(numbers).filter(([, value]) => value !== undefined)),
  };
  return {
    ...kept,
    label: label.trim(),
    family,
    ...(weight !== undefined && { weight }),
    ...(price !== undefined && { price }),
    ...(Object.keys(size).length > 0 && { size }),
    ...(watts !== undefined && { power: { ...power, running: watts } }),
    ...(innerWattHours !== undefined && {
      inner: { wattHours: innerWattHours, ...(topsUp && { topsUp }) },
    }),
    ...(storage !== undefined && { storage }),
    ...(does.length > 0 && { does: [...does] }),
    ...(family === 'cable' && cable && { cable }),
    ...(Object.keys(made).length > 0 && { ports: made }),
    ...(family === 'switcher' && { inside: next }),
  };
}
