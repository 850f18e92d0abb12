/** A rack of the plan as a problem: what may be moved in it, what is joined to what, and what each height costs. */
import { assess, type Assessment } from '../../assess.js';
import type { Across, Bundle, Device } from '../../documents/index.js';
import { listed, numberOf } from '../../foundations/index.js';
import { heldByRack, type Held } from '../../stations/in-rack/held.js';
import { depthOf, isRear, plugDepth, unitsOf } from '../../stations/in-rack/units.js';
import { railsApart } from '../../stations/in-rack/box.js';
import { loadedOf } from '../../stations/racks/balance.js';
import { WARMEST } from '../../stations/racks/reached.js';
import { OptionError } from '../search.js';
import type { ArrangeProblem, Lanes, Placed, Thing } from './problem.js';

/** How much each of what counts weighs; each is in units of height, so that equals count alike. */
export interface Aims {
  /** Heavy low: the height of the centre of gravity of all that is moved. */
  readonly low: number;
  /** Cool: the share of the warmth of others that rises into each thing. */
  readonly cool: number;
  /** Short: how far a lead climbs, on the average. */
  readonly short: number;
  /** Reach: how high what is worked by hand is, on the average. */
  readonly reach: number;
}

/** Something that is placed, with all that lies on or in it. */
export interface Movable {
  readonly id: string;
  readonly device: Device;
  readonly own: Held;
  readonly with: readonly Held[];
}

export interface ArrangeTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly rack: string;
  readonly label: string;
  readonly things: readonly Movable[];
  /** Those of them that lie loose in the rack now. */
  readonly loose: readonly string[];
  /** Labels of what was not weighed, and counts as nothing. */
  readonly unweighed: readonly string[];
  readonly problemFor: (aims: Aims, among?: ReadonlySet<string>) => ArrangeProblem;
}

/** How many things one rack may have to be arranged: their sets are counted in the bits of a number. */
export const MOST_THINGS = 30;

/** The rack that is asked for, else the one with the most on its rails. Throws `OptionError` for what is no rack. */
export function arrangeTask(bundle: Bundle, asked: string | undefined): ArrangeTask | undefined {
  const { plan, kinds } = bundle;
  const held = heldByRack({ devices: plan.devices, kinds: kinds.kinds });
  if (asked !== undefined && !held[asked])
    throw new OptionError('/rack', `${plan.devices?.[asked]?.label ?? asked} is no rack case of this event`);
  const rack =
    asked ??
    Object.keys(held).sort((a, b) => onRails(held[b] ?? []).length - onRails(held[a] ?? []).length)[0];
  if (rack === undefined) return undefined;
  const all = held[rack] ?? [];
  const own = all.filter(
    each => each.how === 'rails' || (each.how === 'loose' && each.kind?.rack !== undefined),
  );
  if (own.length > MOST_THINGS)
    throw new OptionError(
      '/rack',
      `there are ${own.length} things in it; at most ${MOST_THINGS} are arranged`,
    );
  const assessment = assess(bundle);
  const things = own.map((each): Movable => {
    const on = all.filter(other => other.id !== each.id && carriedBy(each.id, other, all));
    return { id: each.id, device: plan.devices?.[each.id] as Device, own: each, with: on };
  });
  const weights = Object.fromEntries(
    Object.entries(assessment.racks.racks[rack]?.items ?? {}).map(([id, { weight }]) => [id, weight]),
  );
  const weighed = (id: string): boolean => numberOf(weights[id]) !== undefined;
  return {
    bundle,
    assessment,
    rack,
    label: plan.devices?.[rack]?.label ?? '',
    things,
    loose: own.filter(({ how }) => how === 'loose').map(({ id }) => id),
    unweighed: things
      .flatMap(({ own: mount, with: on }) => [mount, ...on])
      .filter(({ id }) => !weighed(id))
      .map(({ device }) => device.label),
    problemFor: (aims, among) => {
      const chosen = among ? things.filter(({ id }) => among.has(id)) : things;
      return problemOf(chosen, { bundle, assessment, rack, all, weights }, aims);
    },
  };
}

const onRails = (held: readonly Held[]): readonly Held[] => held.filter(({ how }) => how === 'rails');

/** Whether a thing lies on or in another, however deep. */
function carriedBy(mount: string, { carrier }: Held, all: readonly Held[]): boolean {
  const seen = new Set<string>();
  for (let at = carrier; at !== undefined && !seen.has(at);) {
    if (at === mount) return true;
    seen.add(at);
    at = all.find(({ id }) => id === at)?.carrier;
  }
  return false;
}

interface Known {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly rack: string;
  readonly all: readonly Held[];
  readonly weights: Parameters<typeof loadedOf>[1];
}

function problemOf(
  things: readonly Movable[],
  { bundle: { plan, kinds }, assessment, rack, all, weights }: Known,
  aims: Aims,
): ArrangeProblem {
  const space = kinds.kinds[plan.devices?.[rack]?.kind ?? '']?.rackCase;
  const units = space?.units ?? 0;
  const items = assessment.racks.racks[rack]?.items ?? {};
  const loaded = loadedOf(all, weights);
  const kg = things.map(({ id }) => loaded.get(id) ?? numberOf(weights[id]) ?? 0);
  const watts = things.map(each =>
    [each.own, ...each.with].reduce((sum, { id }) => sum + (numberOf(items[id]?.watts) ?? 0), 0),
  );
  const minds = things.map((each, i) => ((watts[i] ?? 0) > 0 ? tender(each) : 0));
  const share = shareOf(kg);
  const [warm, tenderness] = [shareOf(watts), shareOf(minds)];
  const reached = things.filter(({ own }) => own.kind?.rack?.reach === true).length;
  const pairs = pairsIn(things, plan.links);
  const index = new Map(things.map(({ id }, i) => [id, i]));
  return {
    units,
    things: things.map((each, i): Thing => {
      const reach = each.own.kind?.rack?.reach === true;
      return {
        units: unitsOf(each.own),
        lanes: lanesOf(each),
        rear: goesRear(each),
        fixed: staysPut(each) ? placeNow(each) : undefined,
        height: aims.low * share(i) - (reach ? aims.reach / reached : 0),
        warms: (aims.cool * units * warm(i)) / 2,
        minds: tenderness(i),
      };
    }),
    links: pairs.map(([a, b]) => [a, b, aims.short / pairs.length] as const),
    apart: space ? apartIn(things, railsApart(space)) : [],
    touching: things.flatMap(({ device }, i): (readonly [number, number])[] => {
      const other = index.get(device.beside ?? '');
      return other === undefined || other === i ? [] : [[i, other]];
    }),
  };
}

/** How much a thing minds warm air: twice as much where its air may be half as much above that of a room. */
const tender = ({ own, with: on }: Movable): number => {
  const most = Math.min(...[own, ...on].map(({ kind }) => kind?.warmest ?? WARMEST));
  return 1 / Math.max(5, most - 20);
};

const shareOf = (values: readonly number[]): ((i: number) => number) => {
  const sum = values.reduce((a, b) => a + b, 0);
  return i => (sum > 0 ? (values[i] ?? 0) / sum : 0);
};

const LANES: Readonly<Record<string, Lanes>> = { whole: 1, half: 2, third: 3 };
const lanesOf = ({ own }: Movable): Lanes => LANES[own.kind?.rack?.width ?? 'whole'] ?? 1;

/** Places across by lanes. */
const ACROSS: Readonly<Record<Lanes, readonly Across[]>> = {
  1: ['left'],
  2: ['left', 'right'],
  3: ['left', 'middle', 'right'],
};
export const acrossOf = (lanes: Lanes, lane: number): Across => ACROSS[lanes][lane] ?? 'left';

/** Fan units stay where they are, since the way of the air hangs on them; so does what somebody said stays. */
const staysPut = ({ own, device }: Movable): boolean =>
  own.how === 'rails' && (device.stays === true || own.kind?.rack?.fitting === 'fan unit');

const placeNow = (each: Movable): Placed => ({
  unit: each.device.place?.unit ?? 1,
  lane: Math.max(0, ACROSS[lanesOf(each)].indexOf(each.device.place?.across ?? 'left')),
});

/** What is worked by hand comes to the front, unless it stays where it is. */
const goesRear = (each: Movable): boolean =>
  isRear(each.own) && (each.own.kind?.rack?.reach !== true || staysPut(each));

/** Pairs of things that a lead joins, once for each lead; what lies on a tray is joined as the tray. */
function pairsIn(things: readonly Movable[], links: Bundle['plan']['links']): (readonly [number, number])[] {
  const at = new Map(things.flatMap((each, i) => [each.own, ...each.with].map(({ id }) => [id, i] as const)));
  return Object.values(links ?? {}).flatMap(({ from, to }): (readonly [number, number])[] => {
    const [a, b] = [at.get(from.device ?? ''), at.get(to.device ?? '')];
    return a === undefined || b === undefined || a === b ? [] : [[a, b]];
  });
}

/** Pairs on opposite rails that are too deep for one unit; where a depth is not known, nothing is said. */
function apartIn(things: readonly Movable[], rails: number): (readonly [number, number])[] {
  const deep = things.map(({ own, with: on }) =>
    Math.max(...[own, ...on].map(({ kind }) => (depthOf(kind) ?? 0) + plugDepth(kind))),
  );
  return things.flatMap((a, i) =>
    things.flatMap((b, j): (readonly [number, number])[] =>
      j > i && goesRear(a) !== goesRear(b) && (deep[i] ?? 0) + (deep[j] ?? 0) > rails + 1e-9 ? [[i, j]] : [],
    ),
  );
}

/** Why nothing fits, in words; what cannot be counted is named. */
export function whyNone({ units, things }: ArrangeProblem): string {
  const rails = [false, true].flatMap(rear => {
    const wanted = things
      .filter(each => each.rear === rear)
      .reduce((sum, { units: high, lanes }) => sum + high / lanes, 0);
    return wanted > units
      ? [`${rear ? 'rear' : 'front'} rails want ${Math.ceil(wanted)} U of ${units} U`]
      : [];
  });
  if (rails.length > 0) return `The ${listed(rails)}.`;
  const said = [
    ...(things.some(({ fixed }) => fixed) ? ['what stays where it is'] : []),
    'what must touch',
    'how deep front and rear things are',
  ];
  return `No order keeps to ${listed(said)}.`;
}
