/** The two ends of leads: what each of them goes into, and which leads join two ports. */
import type { Cable, Connector, Kinds, Port, Shelf, Socket } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { isReady } from '../ready.js';

type Contact = NonNullable<Cable['ends']>;

export interface LeadEnd {
  readonly connector: Connector;
  readonly contact: Contact;
}

/** Both ends of a lead, and whether it works from the first to the second only. */
export interface Lead {
  readonly near: LeadEnd;
  readonly far: LeadEnd;
  readonly directed: boolean;
}

/** What an end must know of the port it goes into. */
export type PortFace = Pick<Port, 'connector' | 'direction' | 'carries' | 'ends'>;

/** Connectors of which outputs have pins and inputs have holes, by custom; those that give power have holes. */
const PINNED: ReadonlySet<Connector> = new Set(['XLR', 'XLR 4-pin']);

export const isPinned = (connector: Connector): boolean => PINNED.has(connector);

/** A plug of two contacts goes into the socket of three; a small one of three into that of four. */
const SOCKET_OF: Readonly<Partial<Record<Connector, Connector>>> = {
  'TS 6.35': 'TRS 6.35',
  'TRRS 3.5': 'TRS 3.5',
};

/** Whether the plug of one goes into the socket of the other. */
export const isSameSocket = (a: Connector, b: Connector): boolean =>
  (SOCKET_OF[a] ?? a) === (SOCKET_OF[b] ?? b);

/** A wall socket of the venue, as a lead sees it. */
export const wallSocket = ({ connector = 'mains' }: Partial<Pick<Socket, 'connector'>>): PortFace => ({
  connector,
  direction: 'out',
  carries: 'power',
});

/** Pins or holes of a port with such contacts; undefined where it goes both ways. */
export function contactsOf({ ends, direction, carries }: PortFace): 'pins' | 'holes' | undefined {
  if (ends === 'pins' || ends === 'holes') return ends;
  if (direction === 'both') return undefined;
  return (direction === 'out') === (carries !== 'power') ? 'pins' : 'holes';
}

/** The ends of a cable. Where it does not say, they are plugs, but a mains lead ends in a socket and XLR in either. */
export function leadOf({ connector, ends, far, directed = false }: Cable): Lead {
  const other = far?.connector ?? connector;
  const like = other === connector;
  const first = PINNED.has(connector) ? 'holes' : 'plug';
  const last = PINNED.has(other) ? 'pins' : like && connector === 'mains' ? 'socket' : 'plug';
  return {
    near: { connector, contact: ends ?? first },
    far: { connector: other, contact: far?.ends ?? last },
    directed,
  };
}

/** Whether a cable is the usual one of its connector, which is joined to others of its sort. */
export const isPlain = ({ ends, far }: Cable): boolean => ends === undefined && far === undefined;

/** Whether an end of a lead goes into a port. A mains port of a device is the plug of its own cord. */
export function goesInto({ connector, contact }: LeadEnd, port: PortFace): boolean {
  if (!isSameSocket(connector, port.connector)) return false;
  if (PINNED.has(connector)) {
    const own = contactsOf(port);
    return own === undefined || (contact !== 'plug' && contact !== 'socket' && contact !== own);
  }
  const isPlug = connector === 'mains' ? port.direction === 'in' : port.ends === 'plug';
  return isPlug === (contact === 'socket');
}

/** Whether a lead joins two ports, turned round where it may be. */
export const joinsPorts = ({ near, far, directed }: Lead, from: PortFace, to: PortFace): boolean =>
  (goesInto(near, from) && goesInto(far, to)) || (!directed && goesInto(far, from) && goesInto(near, to));

/** Whether leads joined to each other in this order join two ports, each turned round where it may be. */
export function chainJoins(leads: readonly Lead[], from: PortFace, to: PortFace): boolean {
  // What the far end of the chain so far may be; the first one is to go into the port it comes out of.
  let ends: LeadEnd[] = [];
  for (const [i, lead] of leads.entries()) {
    const ways: readonly (readonly [LeadEnd, LeadEnd])[] = [
      [lead.near, lead.far],
      ...(lead.directed ? [] : [[lead.far, lead.near] as const]),
    ];
    ends = ways.flatMap(([begins, goesOn]) =>
      i === 0
        ? goesInto(begins, from)
          ? [goesOn]
          : []
        : ends.some(end => meets(end, begins))
          ? [goesOn]
          : [],
    );
  }
  return ends.some(end => goesInto(end, to));
}

/** Whether two ends of leads can be joined; two plugs by a joiner, pins only by holes. */
const meets = (a: LeadEnd, b: LeadEnd): boolean =>
  isSameSocket(a.connector, b.connector) && (PINNED.has(a.connector) ? a.contact !== b.contact : true);

/** `HDMI C to HDMI A`; undefined for a lead of one connector. */
export const endsWords = (near: PortConnector, far: PortConnector): string | undefined =>
  isSameSocket(near.connector, far.connector) ? undefined : `${near.connector} to ${far.connector}`;
type PortConnector = Pick<Port, 'connector'>;

/** A lead that does what a plain one with two like plugs cannot, with the kinds of cable that are such. */
export interface SpecialLead extends Lead {
  readonly kinds: readonly string[];
}

/** Those that the house has: what it does not own is missing, as an adapter would be. */
export class OwnedLeads {
  private readonly leads: readonly SpecialLead[];

  constructor({ kinds, shelf }: { readonly kinds: Kinds; readonly shelf: Shelf }) {
    const distinct = new Map<string, SpecialLead>();
    const owned = new Set(Object.values(shelf.items).flatMap(item => (isReady(item) ? [item.kind] : [])));
    for (const [kind, { cable }] of inOrder(kinds.kinds)) {
      if (!cable || isPlain(cable) || !owned.has(kind)) continue;
      const lead = leadOf(cable);
      const key = JSON.stringify(lead);
      distinct.set(key, { ...lead, kinds: [...(distinct.get(key)?.kinds ?? []), kind] });
    }
    this.leads = [...distinct.values()];
  }

  /** Those that join two ports. */
  between(from: PortFace, to: PortFace): readonly SpecialLead[] {
    return this.leads.filter(lead => joinsPorts(lead, from, to));
  }

  /** Whether one of them joins two ports. */
  join(from: PortFace, to: PortFace): boolean {
    return this.leads.some(lead => joinsPorts(lead, from, to));
  }
}
