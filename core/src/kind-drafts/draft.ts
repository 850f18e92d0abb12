/** A kind as a form edits it: flat, in the order of its ports; and the kind that comes of it. */
import type {
  Bus,
  Carries,
  Connector,
  Family,
  Inside,
  Kind,
  Level,
  Port,
  PortEnds,
} from '../documents/index.js';
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
};

export const draftOf = ({ label, family, weight, size, power, price, ports, inside }: Kind): KindDraft => ({
  label,
  family,
  weight,
  watts: power?.running,
  width: size?.width,
  depth: size?.depth,
  height: size?.height,
  price,
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
  })),
  inside: Object.fromEntries(
    INSIDE_NUMBERS.flatMap(name => (inside?.[name] === undefined ? [] : [[name, inside[name]]])),
  ),
});

/** A kind from a draft; what the form does not show is kept from the kind it began as. */
export function kindFrom(
  { label, family, weight, watts, width, depth, height, price, ports, inside }: KindDraft,
  before: Kind | undefined,
): Kind {
  const {
    weight: _w,
    price: _p,
    size: _s,
    power,
    ports: known,
    inside: inner,
    ...kept
  } = before ?? { label, family };
  const size = {
    ...(width !== undefined && { width }),
    ...(depth !== undefined && { depth }),
    ...(height !== undefined && { height }),
  };
  const orders = ordersFor(ports.length);
  const taken = new Set(ports.flatMap(({ id }) => id ?? []));
  const made = ports.map((draft, i): [string, Port] => {
    let id = draft.id;
    for (let n = 0; id === undefined; n++) {
      const candidate = idFrom(`${label}/${draft.label}/${i}/${n}`);
      if (!taken.has(candidate)) id = candidate;
    }
    taken.add(id);
    const {
      ends: _e,
      ownLead: _o,
      scaled: _s,
      group: _g,
      level: _l,
      gives: _v,
      ...rest
    } = known?.[id] ?? ({} as Partial<Port>);
    const { direction, connector, carries, ends, ownLead, scaled, group, level, gives } = draft;
    return [
      id,
      {
        ...rest,
        order: orders[i] ?? '',
        label: draft.label.trim(),
        direction,
        connector,
        carries,
        ...(ends !== '' && { ends }),
        ...(ends === 'plug' && ownLead !== undefined && { ownLead }),
        ...(scaled && { scaled }),
        ...(group.trim() !== '' && { group: group.trim() }),
        ...(level !== '' && { level }),
        ...(gives.length > 0 && { gives: [...gives] }),
      },
    ];
  });
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
    ...(made.length > 0 && { ports: Object.fromEntries(made) }),
    ...(family === 'switcher' && { inside: next }),
  };
}
