/** How deep things are in a rack: what is left behind one, to what it meets, before it, and what two share. */
import type { Kinds } from '../../documents/index.js';
import { constant, given, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { CaseKind } from '../in-rack/box.js';
import { mountOf, type Held } from '../in-rack/held.js';
import type { RackItem } from './result.js';
import {
  depthOf,
  isRear,
  meeting,
  onPlate,
  PANEL,
  plugDepth,
  spacesOf,
  UNIT,
  widthOf,
} from '../in-rack/units.js';

/** Figures of depth of a thing on the rails; nothing off them. */
export function depthsOf(
  rackId: string,
  own: Held,
  held: readonly Held[],
  of: CaseKind,
): Pick<RackItem, 'behind' | 'room' | 'before' | 'shared'> {
  const ids: [string, string] = [rackId, own.id];
  if (own.how === 'tray') return { room: roomOf(ids, own, of, isRear(mountOf(own, held) ?? own)) };
  if (own.how !== 'rails') return {};
  const others = held.filter(
    each => each.id !== own.id && each.how === 'rails' && meeting(own, each).units > 0,
  );
  const behind = behindOf(
    ids,
    withLoad(own, held),
    others.filter(each => isRear(each) !== isRear(own)).flatMap(each => withLoad(each, held)),
    of,
  );
  const shared = sharedOf(
    ids,
    own,
    others.filter(each => isRear(each) === isRear(own)),
  );
  const before = beforeOf(ids, own, of);
  return {
    ...(behind && { behind }),
    room: roomOf(ids, own, of, isRear(own)),
    ...(before && { before }),
    ...(shared && { shared }),
  };
}

export const depthTerm = ({ device, kind }: Held, name = 'item'): Term =>
  kind?.rack
    ? given(name, kind.rack.depth, 'm', 'kinds', `/kinds/${device.kind}/rack/depth`)
    : given(name, kind?.size?.depth, 'm', 'kinds', `/kinds/${device.kind}/size/depth`);
const plugsTerm = ({ device, kind }: Held): Term =>
  kind?.rack?.plugs === undefined
    ? constant('plugs', plugDepth(kind), 'm', `plugs of ${device.label}`)
    : given('plugs', kind.rack.plugs, 'm', 'kinds', `/kinds/${device.kind}/rack/plugs`);
const bodyTerms = (held: Held): Term[] => [depthTerm(held), plugsTerm(held)];

/** How deep the case is, or how far its rails are apart where somebody has measured that. */
export const caseTerm = ({ kind, rack }: CaseKind, field: 'depth' | 'rails'): Term => {
  const own = rack[field] === undefined ? 'depth' : field;
  return given('depth', rack[own], 'm', 'kinds', `/kinds/${kind}/rackCase/${own}`);
};

/** What the frame swings by towards its shell, where it has shock mounts; what hangs on the rear rails reaches inwards. */
export const swayTerms = ({ kind, rack }: CaseKind, inwards = false): Term[] =>
  rack.sway === undefined || inwards
    ? []
    : [given('sway', rack.sway, 'm', 'kinds', `/kinds/${kind}/rackCase/sway`)];

/** What is left behind one thing in the case. */
function roomOf(ids: [string, string], own: Held, of: CaseKind, rear: boolean): Figure {
  if (depthOf(own.kind) === undefined) return figures.itemRoom.unknown(ids, 'its depth was not measured');
  return figures.itemRoom.calc(ids, [
    caseTerm(of, rear ? 'rails' : 'depth'),
    ...bodyTerms(own),
    ...swayTerms(of, rear),
  ]);
}

/** A thing on the rails, and what lies on it where it is a tray. */
const withLoad = (own: Held, held: readonly Held[]): readonly [Held, ...Held[]] => [
  own,
  ...held.filter(({ how, carrier }) => how === 'tray' && carrier === own.id),
];

/** Of things that one behind another must pass, the one that reaches farthest back. */
function deepestOf([first, ...more]: readonly [Held, ...Held[]]): Held {
  const reach = ({ kind }: Held): number => (depthOf(kind) ?? 0) + plugDepth(kind);
  return more.reduce((a, b) => (reach(b) > reach(a) ? b : a), first);
}

/**
 * What is left between a thing and the deepest one on the other rails of its units, each with what lies on it;
 * undefined where nothing is there. Unknown where the depth of one of them is.
 */
function behindOf(
  ids: [string, string],
  own: readonly [Held, ...Held[]],
  meets: readonly Held[],
  of: CaseKind,
): Figure | undefined {
  const [first, ...more] = meets;
  if (!first) return undefined;
  const unmeasured = [...own, ...meets].find(({ kind }) => depthOf(kind) === undefined);
  if (unmeasured)
    return figures.itemBehind.unknown(ids, `the depth of ${unmeasured.device.label} was not measured`);
  return figures.itemBehind.calc(ids, [
    caseTerm(of, 'rails'),
    ...bodyTerms(deepestOf(own)),
    ...bodyTerms(deepestOf([first, ...more])),
  ]);
}

/** What is left under a lid before what stands out; undefined where nobody knows one of them. */
function beforeOf(ids: [string, string], { device, kind }: Held, of: CaseKind): Figure | undefined {
  if (of.rack.front === undefined || kind?.rack?.front === undefined) return undefined;
  return figures.itemBefore.calc(ids, [
    given('room', of.rack.front, 'm', 'kinds', `/kinds/${of.kind}/rackCase/front`),
    given('item', kind.rack.front, 'm', 'kinds', `/kinds/${device.kind}/rack/front`),
    ...swayTerms(of),
  ]);
}

/** Anything with a face is at least so deep, m. */
const AT_LEAST = 0.01;

/** What a thing has in common with another on its rails: the largest; undefined where that is nothing. */
function sharedOf(ids: [string, string], own: Held, others: readonly Held[]): Figure | undefined {
  const volume = (other: Held): number => {
    const { units, width } = meeting(own, other);
    return units * width * Math.min(depthOf(own.kind) ?? 1, depthOf(other.kind) ?? 1);
  };
  // Of two in one place, the one with the later id is told.
  const [first, ...more] = others.filter(({ id }) => id < ids[1]);
  if (!first) return undefined;
  const other = more.reduce((a, b) => (volume(b) > volume(a) ? b : a), first);
  const { units, width } = meeting(own, other);
  const deep = [own, other].flatMap(each => (depthOf(each.kind) === undefined ? [] : [depthTerm(each)]));
  return figures.itemShared.calc(ids, [
    constant('litres', 1000, '', 'litres in a cubic metre'),
    constant('wide', width * PANEL, 'm', `in common with ${other.device.label}`),
    constant('high', units * UNIT, 'm', `${units} U`),
    ...(deep.length > 0 ? deep : [constant('item', AT_LEAST, 'm', 'its depth was not measured: at least')]),
  ]);
}

/** Rack units of what is mounted, each once for both rails, by the whole width. */
export function unitTerms(held: readonly Held[], kinds: Kinds['kinds']): Term[] {
  const counted: Held[] = [];
  return held.flatMap(own => {
    const spaces = spacesOf(own);
    if (spaces.length === 0) return [];
    const [from, to] = widthOf(own);
    // What is beside or behind something that was counted takes no more of the height.
    const taken = (unit: number): boolean => counted.some(each => spacesOf(each).includes(unit));
    const free = spaces.filter(unit => !taken(unit)).length;
    counted.push(own);
    const { label, kind } = own.device;
    if (free < spaces.length)
      return [constant('item', free, 'U', `${label}, ${to - from < 1 ? 'beside' : 'behind'} others`)];
    const units = kinds[kind]?.rack?.units;
    return units === undefined
      ? [
          constant(
            'item',
            free,
            'U',
            onPlate(own) ? 'in a plate with a cut-out' : 'on a shelf, by its height',
          ),
        ]
      : [given('item', units, 'U', 'kinds', `/kinds/${kind}/rack/units`)];
  });
}
