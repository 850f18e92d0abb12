/** What happens when a source of power fails: what goes dark, what carries on and by what, and what stays on air. */
import { createAssessor, type Assessment, type Assessor } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, type Figure } from '../foundations/index.js';
import { feedsAfter, onAirOf, without, type OnAir } from '../on-air/index.js';
import type { Feed, Lost } from '../stations/power/feeding.js';

export type FailureSort = 'building' | 'residual' | 'circuit' | 'strip' | 'supply' | 'battery';

/** Something that carries on by another feed. */
export interface CarriedOn {
  readonly label: string;
  /** What feeds it then: `its own battery`, the battery or supply, or `another socket`. */
  readonly by: string;
  /** For how long; absent where that is as long as the mains last. */
  readonly minutes?: Figure;
}

export interface Failure {
  readonly key: string;
  readonly sort: FailureSort;
  readonly record: string | undefined;
  readonly label: string;
  /** Devices of ours that go dark. */
  readonly dark: readonly string[];
  readonly carriedOn: readonly CarriedOn[];
  /** Devices of the house of which nobody knows how they are fed. */
  readonly unknown: readonly string[];
  /** Outputs and cameras that stay on air, and those that are lost. */
  readonly stays: readonly string[];
  readonly lost: readonly string[];
}

/** Each source of power on which something of ours hangs, the largest first, with what its failure does. */
export function failuresOf(bundle: Bundle, assessment: Assessment): readonly Failure[] {
  const { power } = assessment;
  // With a memory of its own: what does not hang on what is lost is not worked out anew.
  const assess = createAssessor();
  const before = onAirOf(bundle, assessment);
  return sourcesOf(assessment).flatMap((source): Failure[] => {
    const { feeds, touched } = feedsAfter(assessment, source.lost);
    if (touched.length === 0) return [];
    const dark = touched.filter(id => !feeds[id]);
    // What only hands on is no loss in itself.
    const worked = dark.filter(id => power.devices[id] && id !== source.record);
    const label = (id: string): string => assessment.signal.wiring.devices[id]?.label ?? id;
    return [
      {
        ...{ key: source.key, sort: source.sort, record: source.record, label: source.label },
        dark: worked.map(label),
        carriedOn: touched.flatMap(id => carriedBy(id, feeds, assessment)),
        unknown:
          source.sort === 'building'
            ? Object.entries(power.feeds)
                .filter(
                  ([id, { source }]) =>
                    source === 'not known' && assessment.signal.wiring.devices[id]?.resident,
                )
                .map(([id]) => label(id))
            : [],
        ...told(bundle, assessment, before, afterwards(bundle, dark, assess)),
      },
    ];
  });
}

interface SourceOfPower extends Pick<Failure, 'key' | 'sort' | 'record' | 'label'> {
  readonly lost: Lost;
}

/** What can fail: the building, its residual-current devices and circuits, strips, supplies and batteries. */
function sourcesOf({ ground, power, signal }: Assessment): readonly SourceOfPower[] {
  const { venue } = ground;
  const sockets = inOrder(venue.sockets);
  const none: ReadonlySet<string> = new Set();
  const behind = (is: (circuit: string | undefined) => boolean): Lost => ({
    sockets: new Set(sockets.filter(([, { circuit }]) => is(circuit)).map(([id]) => id)),
    devices: none,
  });
  const feeding = new Set(Object.values(power.feeds).map(({ from }) => from));
  return [
    {
      ...{ key: 'building', sort: 'building', record: undefined, label: 'All the mains' },
      lost: behind(() => true),
    },
    ...inOrder(venue.residuals).map(([id, { label }]): SourceOfPower => ({
      ...{ key: `residual ${id}`, sort: 'residual', record: id, label },
      lost: behind(circuit => venue.circuits?.[circuit ?? '']?.residual === id),
    })),
    ...inOrder(venue.circuits).map(([id, { label }]): SourceOfPower => ({
      ...{ key: `circuit ${id}`, sort: 'circuit', record: id, label },
      lost: behind(circuit => circuit === id),
    })),
    ...inOrder(signal.wiring.devices).flatMap(([id, { label }]): SourceOfPower[] => {
      const kind = signal.wiring.kindOf(id);
      const sort =
        kind?.family === 'strip' ? 'strip' : kind?.battery ? 'battery' : kind?.supply ? 'supply' : undefined;
      if (sort === undefined || !feeding.has(id)) return [];
      return [
        { key: `device ${id}`, sort, record: id, label, lost: { sockets: none, devices: new Set([id]) } },
      ];
    }),
  ];
}

/** How a device is fed in place of what it has lost; none where it is dark, or fed by what feeds it now. */
function carriedBy(id: string, feeds: Readonly<Record<string, Feed>>, assessment: Assessment): CarriedOn[] {
  const { power, signal } = assessment;
  const feed = feeds[id];
  if (!feed) return [];
  const label = signal.wiring.devices[id]?.label ?? id;
  if (feed.source === 'inner battery' && feed.from === undefined) {
    const minutes = power.inners[id]?.alone;
    return [{ label, by: 'its own battery', ...(minutes && { minutes }) }];
  }
  if (feed.source === 'mains') return [{ label, by: 'another socket' }];
  const root = rootOf(id, feeds);
  // The battery itself goes on; it is told with what hangs on it.
  if (root === id) return [];
  const minutes =
    power.standbys[root]?.minutes ?? power.batteries[root]?.minutes ?? power.inners[root]?.alone;
  return [{ label, by: signal.wiring.devices[root]?.label ?? root, ...(minutes && { minutes }) }];
}

function rootOf(id: string, feeds: Readonly<Record<string, Feed>>): string {
  const from = feeds[id]?.from;
  return from === undefined ? id : rootOf(from, feeds);
}

const afterwards = (bundle: Bundle, dark: readonly string[], assess: Assessor): OnAir => {
  const left = without(bundle, dark);
  return onAirOf(left, assess(left));
};

/** By their names, what was on air before and is or is not afterwards. */
function told(
  { plan }: Bundle,
  { signal }: Assessment,
  before: OnAir,
  after: OnAir,
): Pick<Failure, 'stays' | 'lost'> {
  const all = [
    ...inOrder(plan.outputs).flatMap(([id, { label }]) =>
      before.outputs.has(id) ? [{ label, on: after.outputs.has(id) }] : [],
    ),
    ...inOrder(signal.wiring.devices).flatMap(([id, { label }]) =>
      before.cameras.has(id) ? [{ label, on: after.cameras.has(id) }] : [],
    ),
  ];
  const labels = (on: boolean): string[] => all.filter(each => each.on === on).map(({ label }) => label);
  return { stays: labels(true), lost: labels(false) };
}
