/** The supply tree: what feeds what, from the building and from batteries down to every inlet, as it is drawn. */
import type { Assessment } from '../assess.js';
import type { MainsSystem, SocketControl } from '../documents/index.js';
import { inOrder, numberOf, showText, type Figure, type Reading } from '../foundations/index.js';

export type NodeSort =
  'building' | 'residual' | 'circuit' | 'socket' | 'strip' | 'supply' | 'battery' | 'device' | 'unfed';

/** One line of the tree. */
export interface SupplyNode {
  /** Its place in the tree, which nothing else has. */
  readonly key: string;
  /** The record that it is: a device, socket, circuit; undefined for what only gathers others. */
  readonly record: string | undefined;
  readonly sort: NodeSort;
  readonly label: string;
  /** What else switches it, or how it is fed where that is along a lead of signals. */
  readonly mark: string | undefined;
  readonly amps: string | undefined;
  readonly watts: string | undefined;
  /** Volts lost on the way to it, or minutes that a battery lasts. */
  readonly lost: string | undefined;
  /** What it is judged by, its load against its limit as a rule, and what that says. */
  readonly judged: Figure | undefined;
  readonly verdict: string | undefined;
  /** How thick its branch is drawn, px. */
  readonly weight: number;
  /** Whether something can be plugged into it. */
  readonly takes: boolean;
  /** Whether it can be plugged in elsewhere. */
  readonly moves: boolean;
  readonly children: readonly SupplyNode[];
}

/** How a load stands to its limit, in words; undefined where nobody knows. */
export function shareWords(percent: number | undefined): string | undefined {
  if (percent === undefined) return undefined;
  if (percent > 100) return 'over its limit';
  if (percent > 80) return 'near its limit';
  if (percent > 50) return 'over half of its limit';
  return percent === 0 ? 'nothing on it' : 'well within its limit';
}

/** How long a battery lasts beyond the end of the event, in words. */
function marginWords(margin: Figure): string | undefined {
  const minutes = numberOf(margin);
  if (minutes === undefined) return undefined;
  return minutes < 0 ? `${Math.round(-minutes)} min too short` : `${Math.floor(minutes)} min to spare`;
}

/** Volts lost on the way, to a tenth of a per cent; nothing where there is nothing to tell. */
function lostWords(lost: Figure | undefined): string | undefined {
  const percent = numberOf(lost);
  return percent === undefined || percent < 0.05 ? undefined : `${percent.toFixed(1)} %`;
}

const SYSTEM_WORDS: Readonly<Record<MainsSystem, string>> = {
  'one phase': 'one phase',
  'three phases': 'three phases',
  'split 120/240': 'split, 120/240 V',
  'two legs of 120/208': 'two legs of 120/208 V',
};

const CONTROL_WORDS: Readonly<Record<SocketControl, string>> = {
  dimmed: 'dimmed',
  timed: 'on a timer',
  'light switch': 'goes off with the lights',
};

/** Thickness of a branch by its current, px: 1 for nothing, 7 for 16 A and more. */
const weightOf = (amps: Figure | undefined): number =>
  1 + Math.min(6, Math.sqrt(Math.max(0, numberOf(amps) ?? 0)) * 1.5);

type Seen = Pick<Assessment, 'power' | 'ground' | 'signal'>;

/** The roots of the tree: the building, each battery, what runs on what is inside it, and what nothing feeds. */
export function supplyTree(seen: Seen, reading: Reading): readonly SupplyNode[] {
  const builder = new Builder(seen, reading);
  return [builder.building(), ...builder.batteries(), ...builder.others()].filter(
    node => node.children.length > 0 || (node.sort !== 'unfed' && node.sort !== 'building'),
  );
}

class Builder {
  private readonly children = new Map<string, string[]>();

  constructor(
    private readonly seen: Seen,
    private readonly reading: Reading,
  ) {
    for (const [device] of inOrder(seen.signal.wiring.devices)) {
      const from = seen.power.feeds[device]?.from;
      if (from !== undefined) this.children.set(from, [...(this.children.get(from) ?? []), device]);
    }
  }

  private readonly shown = (figure: Figure | undefined): string | undefined =>
    figure && (figure.value === null ? '?' : showText(figure.value, figure.unit, this.reading));

  private node(
    of: Pick<SupplyNode, 'key' | 'sort' | 'label'> &
      Partial<SupplyNode> & { readonly flow?: Figure | undefined },
  ): SupplyNode {
    const { flow, ...more } = of;
    return {
      ...{ record: undefined, mark: undefined, lost: undefined, judged: undefined, children: [] },
      ...{ takes: false, moves: false, watts: undefined },
      amps: this.shown(flow),
      weight: weightOf(flow),
      verdict: shareWords(numberOf(of.judged)),
      ...more,
    };
  }

  building(): SupplyNode {
    const { power, ground } = this.seen;
    const { venue } = ground;
    const { system = 'one phase', circuits, residuals } = venue;
    const circuitsOf = (residual: string | undefined): SupplyNode[] =>
      inOrder(circuits).flatMap(([id, circuit]) =>
        circuit.residual === residual || (residual === undefined && !residuals?.[circuit.residual ?? ''])
          ? [this.circuit(id)]
          : [],
      );
    const behind = inOrder(residuals).map(([id, { label, trip }]) =>
      this.node({
        key: `residual ${id}`,
        ...{ record: id, sort: 'residual' as const, label: `${label}, ${trip} mA` },
        lost: this.shown(power.residuals[id]?.leakage),
        judged: power.residuals[id]?.share,
        children: circuitsOf(id),
      }),
    );
    const loose = inOrder(venue.sockets).flatMap(([id, { circuit }]) =>
      circuits?.[circuit ?? ''] ? [] : [this.socket(id)],
    );
    return this.node({
      ...{ key: 'building', sort: 'building' as const },
      label: venue.generator === undefined ? 'Main switch' : 'Generator',
      mark: `${venue.volts} V, ${SYSTEM_WORDS[system]}`,
      watts: this.shown(power.building.generator),
      judged: power.building.generatorShare,
      children: [...behind, ...circuitsOf(undefined), ...loose],
    });
  }

  private circuit(id: string): SupplyNode {
    const { power, ground } = this.seen;
    const load = power.circuits[id];
    const { label = id, amps = 0, phase, others } = ground.venue.circuits?.[id] ?? {};
    return this.node({
      key: `circuit ${id}`,
      ...{ record: id, sort: 'circuit' as const, label: `${label}, ${amps} A` },
      mark:
        [
          phase === undefined ? '' : `phase ${phase}`,
          ...inOrder(others).map(([, { label: other, from }]) =>
            from === undefined ? other : `${other} from ${from}`,
          ),
        ]
          .filter(Boolean)
          .join(' · ') || undefined,
      flow: load?.counted,
      judged: load?.share,
      children: inOrder(ground.venue.sockets).flatMap(([socket, { circuit }]) =>
        circuit === id ? [this.socket(socket)] : [],
      ),
    });
  }

  private socket(id: string): SupplyNode {
    const { power, ground, signal } = this.seen;
    const { label = id, amps = 0, control } = ground.venue.sockets?.[id] ?? {};
    const load = power.sockets[id];
    const plugged = inOrder(signal.wiring.devices).flatMap(([device]) => {
      const feed = power.feeds[device];
      return feed?.from === undefined && feed?.source === 'mains' && power.ends[device]?.socket === id
        ? [this.device(device)]
        : [];
    });
    return this.node({
      key: `socket ${id}`,
      ...{ record: id, sort: 'socket' as const, label: `Socket ${label}, ${amps} A`, takes: true },
      mark: control && CONTROL_WORDS[control],
      flow: load?.amps,
      watts: this.shown(load?.watts),
      judged: load?.share,
      children: plugged,
    });
  }

  /** A device and what hangs on it; each once, whatever a plan says. */
  private device(id: string): SupplyNode {
    const { power, signal } = this.seen;
    const kind = signal.wiring.kindOf(id);
    const load = power.devices[id];
    const feed = power.feeds[id];
    const strip = power.strips[id];
    const gives = Object.values(kind?.ports ?? {}).some(
      port => port.carries === 'power' && port.direction === 'out',
    );
    const battery = power.batteries[id];
    return this.node({
      key: `device ${id}`,
      record: id,
      sort: strip ? 'strip' : battery ? 'battery' : gives ? 'supply' : 'device',
      label: signal.wiring.devices[id]?.label ?? id,
      mark:
        feed?.along === undefined
          ? undefined
          : feed.along === 'partner'
            ? 'through its pair'
            : `by ${feed.along}`,
      flow: strip?.amps ?? battery?.amps ?? load?.amps,
      watts: this.shown(strip?.watts ?? battery?.load ?? load?.watts),
      lost: battery ? this.shown(battery.minutes) : lostWords(power.ends[id]?.lost),
      judged: strip?.share ?? battery?.margin,
      ...(battery && { verdict: marginWords(battery.margin) }),
      takes: gives,
      moves: feed?.link !== undefined && feed.along === undefined,
      children: (this.children.get(id) ?? []).map(child => this.device(child)),
    });
  }

  batteries(): SupplyNode[] {
    const { power, signal } = this.seen;
    return inOrder(signal.wiring.devices).flatMap(([id]) => {
      const feed = power.feeds[id];
      return feed?.source === 'battery' && feed.from === undefined ? [this.device(id)] : [];
    });
  }

  /** What runs on a battery inside, and what nothing feeds. */
  others(): SupplyNode[] {
    const { power, signal } = this.seen;
    const roots = (is: (device: string) => boolean): SupplyNode[] =>
      inOrder(signal.wiring.devices).flatMap(([id]) => (is(id) ? [{ ...this.device(id), moves: true }] : []));
    const inside = roots(
      id => power.feeds[id]?.source === 'inner battery' && power.feeds[id]?.from === undefined,
    );
    const unfed = roots(id => power.devices[id] !== undefined && power.feeds[id] === undefined);
    return [
      this.node({ key: 'inside', sort: 'unfed', label: 'On batteries inside', children: inside }),
      this.node({ key: 'unfed', sort: 'unfed', label: 'Fed by nothing', children: unfed }),
    ];
  }
}

/** A line of the tree as it is drawn: how deep it stands, and whether its branch and those before it go on below. */
export interface SupplyRow {
  readonly node: SupplyNode;
  readonly depth: number;
  /** Of each level before it, whether a further branch follows there. */
  readonly goesOn: readonly boolean[];
}

/** The tree line by line, without what is under closed branches. */
export function rowsOf(
  nodes: readonly SupplyNode[],
  closed: ReadonlySet<string>,
  before: readonly boolean[] = [],
): readonly SupplyRow[] {
  return nodes.flatMap((node, i) => {
    const goesOn = [...before, i < nodes.length - 1];
    const own = { node, depth: before.length, goesOn };
    return closed.has(node.key) ? [own] : [own, ...rowsOf(node.children, closed, goesOn)];
  });
}
