/** What of a plan can be plugged in elsewhere: loads, strips, sockets and circuits, and the leads that it would take. */
import type { Assessment } from '../../assess.js';
import type { Bundle, End, Kind, Link } from '../../documents/index.js';
import { inOrder, numberOf } from '../../foundations/index.js';
import { momentsOf, type Moment } from '../../stations/power/moments.js';
import { endAt } from '../../stations/runs/ends.js';
import { routedRun } from '../../stations/runs/routed.js';
import { plugWidth } from '../../stations/power/seating.js';
import { clashOf, goesInWall } from '../../stations/signal/port-fit.js';
import { neededOf } from './needed.js';
import type { BalanceProblem, Load, Pair, Socket, Strip } from './problem.js';

/** A problem, and what its parts are in the plan. */
export interface BalanceTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly problem: BalanceProblem;
  /** The mains lead of each load, and of each strip. */
  readonly loadLinks: readonly (readonly [id: string, link: Link])[];
  readonly stripLinks: readonly (readonly [id: string, link: Link])[];
  /** What pairs are called that are to hang on one circuit, or on two. */
  readonly pairLabels: readonly string[];
  readonly circuitLabels: readonly string[];
  /** What sockets and strips are called. */
  readonly pointLabels: readonly string[];
  /** Things that take mains of which nobody knows how much. */
  readonly unknown: readonly string[];
}

export function balanceTask(bundle: Bundle, assessment: Assessment): BalanceTask {
  const { ground, power, signal } = assessment;
  const { wiring } = signal;
  const circuits = inOrder(ground.venue.circuits);
  const walls = inOrder(ground.venue.sockets).flatMap(([id, { label, circuit: on, outlets, amps }]) => {
    const circuit = circuits.findIndex(([each]) => each === on);
    return circuit >= 0 ? [{ id, label, socket: { id, outlets, amps, circuit } satisfies Socket }] : [];
  });
  const wallOf = (socket: string | undefined): number => walls.findIndex(({ id }) => id === socket);
  const plugs = inOrder(bundle.plan.links).filter(([, { to }]) => {
    const port = wiring.portOf(to);
    return port?.carries === 'power' && port.connector === 'mains';
  });
  const isStrip = (device: string | undefined): boolean => wiring.kindOf(device ?? '')?.family === 'strip';
  const stripLinks = plugs.filter(
    ([, { from, to }]) =>
      isStrip(to.device) &&
      wallOf(from.socket) >= 0 &&
      ratingOf(wiring.kindOf(to.device ?? '')) !== undefined,
  );
  const stripOf = (device: string | undefined): number =>
    stripLinks.findIndex(([, { to }]) => to.device === device);
  const pointOf = ({ socket, device }: End): number => {
    if (socket !== undefined) return wallOf(socket);
    const strip = stripOf(device);
    return strip < 0 ? -1 : walls.length + strip;
  };
  const loadLinks = plugs.filter(([, { from, to }]) => stripOf(to.device) < 0 && pointOf(from) >= 0);
  const wallEnds = walls.map(({ id }): End => ({ socket: id }));
  const stripEnds = stripLinks.map(([, { to }]): End => {
    const [port] =
      inOrder(wiring.kindOf(to.device ?? '')?.ports).filter(([, each]) => isOutlet(each))[0] ?? [];
    return { ...(to.device !== undefined && { device: to.device }), ...(port !== undefined && { port }) };
  });
  /**
   * What travels plugged stays there, and so does a second plug of what is fed by its first; where nobody knows how long
   * a lead would be, it is no other place.
   */
  const metresOf = (id: string, link: Link, ends: readonly End[], now: number): number[] => {
    const stays = signal.plugged[id] !== undefined || power.feeds[link.to.device ?? '']?.link !== id;
    return ends.map((end, at) => {
      if (at === now) return numberOf(assessment.runs.runs[id]?.length) ?? 0;
      return stays ? Infinity : metresTo(link, end, assessment);
    });
  };
  const needed = neededOf(
    momentsOfDay(bundle, assessment),
    loadLinks.map(([id]) => power.through[id] ?? []),
    circuits.map(([id]) => id),
  );
  const loads = loadLinks.map(([id, link], i): Load => {
    const now = pointOf(link.from);
    return {
      ...{ id, now, metres: metresOf(id, link, [...wallEnds, ...stripEnds], now) },
      amps: needed.map(({ amps }) => amps[i] ?? 0),
      counts: needed.map(({ counts }) => counts[i] ?? 0),
      ...widthOf(plugWidth(wiring.portOf(link.to))),
    };
  });
  const strips = stripLinks.map(([id, link]): Strip => {
    const now = wallOf(link.from.socket);
    return {
      id,
      ...(ratingOf(wiring.kindOf(link.to.device ?? '')) ?? NOTHING),
      metres: metresOf(id, link, wallEnds, now),
      now,
    };
  });
  const paired = pairsIn(bundle, assessment, loadLinks);
  return {
    ...{ bundle, assessment, loadLinks, stripLinks },
    problem: {
      ...{ loads, strips, pairs: paired.map(({ pair }) => pair) },
      sockets: walls.map(({ socket }) => socket),
      circuits: circuits.map(([id], c) => ({ id, left: needed.map(({ room }) => room[c] ?? 0) })),
    },
    pairLabels: paired.map(({ label }) => label),
    circuitLabels: circuits.map(([, { label }]) => label),
    pointLabels: [
      ...walls.map(({ label }) => `socket ${label}`),
      ...stripLinks.map(([, { to }]) => wiring.devices[to.device ?? '']?.label ?? 'a strip'),
    ],
    unknown: unknownOn(
      loadLinks.map(([id]) => id),
      assessment,
    ),
  };
}

/** Metres of lead from an outlet to what a lead ends at, as leads are routed; infinite where the plug does not fit. */
function metresTo(link: Link, from: End, { ground, runs, rules, signal }: Assessment): number {
  const { wiring, leads } = signal;
  const socket = ground.venue.sockets?.[from.socket ?? ''];
  const out = from.device === undefined ? undefined : wiring.portOf(from);
  const into = wiring.portOf(link.to);
  const fits =
    into !== undefined && (out ? !clashOf(out, into, leads) : goesInWall(socket ?? {}, into, leads));
  if (!fits) return Infinity;
  const reads = { devices: wiring.devices, ground };
  const asked = { from, to: link.to };
  const { figures } = routedRun('asked', {
    ...{ link: asked, from: endAt(from, reads), to: endAt(link.to, reads), wiring, arrives: undefined },
    within: undefined,
    ...{ laying: runs.laying, known: leads, outlet: socket, slack: rules.slack },
  });
  return numberOf(figures.length) ?? Infinity;
}

/** Pairs that are to hang on one circuit, or on two, by the loads through which they draw. */
function pairsIn(
  { plan }: Bundle,
  { power, signal: { wiring } }: Assessment,
  loadLinks: BalanceTask['loadLinks'],
): readonly { readonly pair: Pair; readonly label: string }[] {
  const loadOf = (device: string | undefined): number => {
    if (device === undefined) return -1;
    const at = loadLinks.findIndex(([, { to }]) => to.device === device);
    return at >= 0 ? at : loadOf(power.feeds[device]?.from);
  };
  return inOrder(plan.fedTogether).flatMap(([, { one, other, apart = false }]) => {
    const pair: Pair = { loads: [loadOf(one), loadOf(other)], apart };
    const [a, b] = [one, other].map(device => wiring.devices[device]?.label ?? 'a device');
    // Two behind one plug are together whatever is wanted.
    if (pair.loads.includes(-1) || pair.loads[0] === pair.loads[1]) return [];
    return [{ pair, label: `${a ?? ''} and ${b ?? ''} hang on ${apart ? 'two circuits' : 'one circuit'}` }];
  });
}

/** What a strip of a kind has to give; undefined where nobody knows what it is rated for. */
function ratingOf(kind: Kind | undefined): Pick<Strip, 'outlets' | 'amps' | 'pitch'> | undefined {
  const { amps, ports, pitch } = kind ?? {};
  const outlets = inOrder(ports).filter(([, port]) => isOutlet(port)).length;
  return amps === undefined || outlets === 0
    ? undefined
    : { outlets, amps, ...(pitch !== undefined && { pitch }) };
}

const widthOf = (width: number | undefined): Pick<Load, 'width'> => (width === undefined ? {} : { width });

const NOTHING = { outlets: 0, amps: 0 };

const isOutlet = ({
  carries,
  direction,
}: {
  readonly carries: string;
  readonly direction: string;
}): boolean => carries === 'power' && direction === 'out';

const momentsOfDay = (
  { plan, rules }: Bundle,
  { brief, ground: { venue }, power }: Assessment,
): readonly Moment[] =>
  momentsOf({
    ...{ timeline: power.timeline, states: power.states, demands: power.drawn },
    ...{ circuits: venue.circuits, volts: venue.volts, school: rules.mainsLoad },
    ...{ start: String(brief.start.value), zone: plan.zone },
  });

/** Names of what draws through some mains leads, feeds nothing further, and of which nobody knows how much. */
function unknownOn(links: readonly string[], { power, signal }: Assessment): string[] {
  const feeders = new Set(Object.values(power.feeds).map(({ from }) => from));
  const unknown = links
    .flatMap(link => power.through[link] ?? [])
    .filter(device => !feeders.has(device) && !power.devices[device]);
  return unknown.map(device => signal.wiring.devices[device]?.label ?? device).sort();
}
