/** What happens when a source of power fails: what goes dark, what carries on and by what, and what stays on air. */
import { createAssessor, type Assessment } from '../assess.js';
import type { Bundle, Plan } from '../documents/index.js';
import { inOrder, type Figure } from '../foundations/index.js';
import { feedsWithout, type Feed, type Lost } from '../stations/power/feeding.js';
import { kindDoes } from '../stations/signal/functions.js';

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
  return sourcesOf(assessment).flatMap((source): Failure[] => {
    const feeds = feedsWithout(assessment.signal.wiring, source.lost);
    const touched = Object.entries(power.feeds).filter(
      ([id, feed]) => !sameFeed(feed, feeds[id]) && feed.source !== 'not known',
    );
    if (touched.length === 0) return [];
    const dark = touched.filter(([id]) => !feeds[id]).map(([id]) => id);
    // What only hands on is no loss in itself.
    const worked = dark.filter(id => power.devices[id] && id !== source.record);
    const label = (id: string): string => assessment.signal.wiring.devices[id]?.label ?? id;
    return [
      {
        ...{ key: source.key, sort: source.sort, record: source.record, label: source.label },
        dark: worked.map(label),
        carriedOn: touched.flatMap(([id]) => carriedBy(id, feeds, assessment)),
        unknown:
          source.sort === 'building'
            ? Object.entries(power.feeds)
                .filter(
                  ([id, { source }]) =>
                    source === 'not known' && assessment.signal.wiring.devices[id]?.resident,
                )
                .map(([id]) => label(id))
            : [],
        ...onAirOf(bundle, assessment, assess(without(bundle, dark))),
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

const sameFeed = (a: Feed, b: Feed | undefined): boolean =>
  b !== undefined && a.source === b.source && a.from === b.from && a.link === b.link;

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

/** The bundle with some devices gone from its plan, and every lead of theirs. */
function without(bundle: Bundle, gone: readonly string[]): Bundle {
  const dead = new Set(gone);
  const { devices = {}, links = {} } = bundle.plan;
  const plan: Plan = {
    ...bundle.plan,
    devices: Object.fromEntries(Object.entries(devices).filter(([id]) => !dead.has(id))),
    links: Object.fromEntries(
      Object.entries(links).filter(
        ([, { from, to }]) => !dead.has(from.device ?? '') && !dead.has(to.device ?? ''),
      ),
    ),
  };
  return { ...bundle, plan };
}

/** Outputs that are fed, and led to a line where they are sent, before and after; cameras whose picture comes to somewhere. */
function onAirOf({ plan }: Bundle, before: Assessment, after: Assessment): Pick<Failure, 'stays' | 'lost'> {
  const isOn = ({ signal, stream }: Assessment, id: string): boolean => {
    const device = plan.outputs?.[id]?.device;
    const line = stream.streams[id]?.line;
    return (
      typeof signal.outputs[id]?.fedBy.value === 'string' &&
      (device === undefined || signal.wiring.devices[device] !== undefined) &&
      (line === undefined || line.value !== null)
    );
  };
  const all = [
    ...inOrder(plan.outputs).flatMap(([id, { label }]) =>
      isOn(before, id) ? [{ label, on: isOn(after, id) }] : [],
    ),
    ...inOrder(before.signal.wiring.devices).flatMap(([id, { label }]) =>
      kindDoes(before.signal.wiring.kindOf(id), 'sees') && reaches(before, id)
        ? [{ label, on: reaches(after, id) }]
        : [],
    ),
  ];
  const labels = (on: boolean): string[] => all.filter(each => each.on === on).map(({ label }) => label);
  return { stays: labels(true), lost: labels(false) };
}

const reaches = ({ signal }: Assessment, camera: string): boolean =>
  typeof signal.sources[camera]?.input.value === 'string';
