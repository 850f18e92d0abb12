/** Work that the design asks for before the rehearsal: power first, then one source at a time, each proven before the next. */
import type { Output } from '../../../documents/index.js';
import {
  constant,
  inOrder,
  listed,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type SkillName,
  type Term,
} from '../../../foundations/index.js';
import { carriedBy, workedByHand, type Equipment } from '../../equipment.js';
import { PER_LINK, PER_LINK_WORDS } from '../../runs/plugging.js';
import type { RunsResult } from '../../runs/index.js';
import { isSent, kindDoes, switches } from '../../signal/functions.js';
import type { PlanWiring } from '../../signal/index.js';
import { lasting, STRIKE_PART, TAPING, type Timed } from './durations.js';
import * as figures from './figures.js';
import type { Task, Tasks } from './result.js';

export interface TaskReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly wiring: PlanWiring;
  readonly runs: RunsResult['runs'];
  readonly looms: RunsResult['looms'];
  readonly ramps: RunsResult['ramps'];
  /** Leads that arrive plugged. */
  readonly plugged: Readonly<Record<string, unknown>>;
  /** Minutes of one person to carry everything in; unknown where the way was not surveyed: then it is no task. */
  readonly carrying: Figure;
}

/** Carrying is shared out in pieces of about so many minutes, among at most so many people at once. */
const CARRYING_PIECE = 8;
const CARRYING_PIECES = 6;

/** What a task is, without what follows from its name. */
interface Asked {
  readonly label: string;
  readonly parts: readonly Term[];
  readonly formula?: string;
  readonly skill?: SkillName;
  readonly seats?: number;
  readonly adults?: boolean;
  readonly ladder?: boolean;
  readonly after: readonly string[];
  readonly device?: string;
  /** What it is called to undo it, where it is undone; and the part of its time, where that is another. */
  readonly undone?: string;
  readonly undonePart?: number;
}

const taskOf = (key: string, { label, parts, formula, after, ...asked }: Asked): Task => ({
  label,
  usual: figures.taskUsual.calc([key], parts, formula === undefined ? {} : { formula }),
  ...{ skill: asked.skill, seats: asked.seats ?? 1, adults: asked.adults ?? false },
  ...{ ladder: asked.ladder ?? false, after, device: asked.device },
  undone:
    asked.undone === undefined ? undefined : { label: asked.undone, part: asked.undonePart ?? STRIKE_PART },
});

/** The thing around a thing that stands by itself: what is in a rack is plugged in at the rack. */
function standsBy(id: string, devices: TaskReads['devices']): string {
  const passed = new Set([id]);
  for (let at = id; ;) {
    const next = carriedBy(devices?.[at]?.place);
    if (next === undefined || passed.has(next) || !devices?.[next]) return at;
    passed.add(next);
    at = next;
  }
}

/** Every lead with what it goes into. */
const leadsOf = (
  devices: TaskReads['devices'],
  wiring: PlanWiring,
): { id: string; from: string | undefined; to: string }[] =>
  inOrder(devices).flatMap(([device]) =>
    wiring.into(device).map(([id, { from }]) => ({ id, from: from.device, to: device })),
  );

export function tasksOf(reads: TaskReads): Tasks {
  const { devices, wiring, outputs } = reads;
  if (inOrder(devices).length === 0) return {};
  const asked = new Map<string, Asked>();
  const put = (key: string, task: Asked): string => {
    asked.set(key, task);
    return key;
  };
  const cameras = inOrder(devices).filter(([id]) => kindDoes(wiring.kindOf(id), 'sees'));
  const carried = carryIn(reads, put);
  const rigged = new Map(
    cameras.flatMap(([id, { label, worked, resident }]) =>
      resident
        ? []
        : [
            [
              id,
              put(`rig ${id}`, {
                ...{ label: `Rig ${label}`, undone: `Take ${label} down` },
                parts: [lasting('part', workedByHand(worked) ? 'operated' : 'locked')],
                ...{ skill: 'camera', after: carried, device: id },
              }),
            ] as const,
          ],
    ),
  );
  const laid = lay(reads, carried, put);
  ramp(reads, laid, put);
  const connected = connect(reads, { carried, rigged, laid }, put);
  const power = put('power', {
    ...{ label: 'Power up', parts: [lasting('part', 'powerUp')], adults: true },
    ...{ undone: 'Power down', undonePart: 1 },
    after: [...carried, ...rigged.values(), ...new Set(laid.values()), ...connected],
  });
  const one = (
    key: string,
    label: string,
    timed: Timed,
    skill: SkillName,
    after: readonly string[],
  ): string => put(key, { label, parts: [lasting('part', timed)], skill, after });
  const set = cameras.map(([id, { label }]) =>
    put(`set ${id}`, {
      ...{ label: `Formats of ${label}`, parts: [lasting('part', 'formats')], skill: 'camera' },
      ...{ after: [power], device: id },
    }),
  );
  const mixed = inOrder(devices).some(([id]) => switches(wiring, id));
  const check = put('line check', {
    ...{ label: 'Line check, one source at a time', parts: [lasting('part', 'lineCheck')] },
    ...(mixed && { skill: 'mixing' as const }),
    ...{ seats: 2, after: set.length > 0 ? set : [power] },
  });
  const white = cameras.map(([id, { label }]) =>
    put(`white ${id}`, {
      ...{ label: `White balance of ${label}`, parts: [lasting('part', 'white')], skill: 'camera' },
      ...{ after: [check], device: id },
    }),
  );
  const all = Object.values(outputs ?? {});
  const sent = all.some(isSent);
  // Where nothing is sent or recorded, sound is the room’s own.
  const heard = sent || all.some(({ kind }) => kind === 'recording');
  const sound = heard ? [one('sound check', 'Sound check', 'sound', 'sound', [check])] : [];
  const sync =
    heard && cameras.length > 0
      ? [one('sync', 'Sound and picture meet', 'sync', mixed ? 'mixing' : 'stream', [...sound, ...white])]
      : [];
  if (all.some(({ kind }) => kind === 'recording'))
    one('record test', 'Record, and play it back', 'recording', mixed ? 'mixing' : 'stream', [check]);
  if (sent) {
    const line = one('speed test', 'Speed of the line', 'speedTest', 'stream', [power]);
    one('private stream', 'A stream that nobody is told of', 'privateStream', 'stream', [
      ...[check, line],
      ...[...white, ...sound, ...sync],
    ]);
  }
  return Object.fromEntries([...asked].map(([key, task]) => [key, taskOf(key, task)]));
}

type Put = (key: string, task: Asked) => string;

/** Everything from the vehicle to the room, in pieces that several people take on. */
function carryIn({ carrying }: TaskReads, put: Put): string[] {
  const minutes = numberOf(carrying);
  if (minutes === undefined || minutes <= 0) return [];
  const count = Math.min(CARRYING_PIECES, Math.max(1, Math.ceil(minutes / CARRYING_PIECE)));
  return Array.from({ length: count }, (_, i) =>
    put(`carry ${i + 1}`, {
      label: count === 1 ? 'Carry in' : `Carry in, ${i + 1} of ${count}`,
      parts: [taken('carrying', carrying), constant('pieces', count, 'pieces', 'shared out among people')],
      ...{ formula: 'carrying / pieces', skill: 'loading', after: [] },
      ...{ undone: count === 1 ? 'Carry out' : `Carry out, ${i + 1} of ${count}`, undonePart: 1 },
    }),
  );
}

/** Leads that cross the floor: those of a loom are laid and taped as one. By lead, the laying of it. */
function lay({ runs, looms }: TaskReads, carried: readonly string[], put: Put): ReadonlyMap<string, string> {
  const inLoom = new Map(
    Object.entries(looms).flatMap(([loom, { members }]) => members.map(id => [id, loom] as const)),
  );
  const groups = new Map<string, string[]>();
  for (const [id, { crosses, onFloor }] of Object.entries(runs)) {
    if (!crosses || !numberOf(onFloor)) continue;
    const group = inLoom.get(id) ?? id;
    groups.set(group, [...(groups.get(group) ?? []), id]);
  }
  const laid = new Map<string, string>();
  for (const [group, members] of groups) {
    const own = members.flatMap(id => runs[id] ?? []);
    const hangs = own.some(isHung);
    const leads = listed(own.map(({ number }) => number));
    const key = put(`lay ${group}`, {
      label: `Lay ${leads}${own.length > 1 ? ' as one loom' : ''}`,
      undone: `Take up ${leads}`,
      ...layingOf(
        own.map(({ onFloor }) => onFloor),
        looms[group]?.together,
      ),
      ...{ ladder: hangs, adults: hangs, after: carried },
      // One at each end of what climbs or hangs.
      seats: own.some(({ aloft }) => aloft.size > 0) ? 2 : 1,
    });
    for (const id of members) laid.set(id, key);
  }
  return laid;
}

/** Whether some of a lead hangs between points of one height: by a ladder. What climbs to a gallery is handed up. */
const isHung = ({ aloft, floors }: RunsResult['runs'][string]): boolean =>
  [...aloft].some(segment => floors[segment] === floors[segment + 1]);

/** What lies together is laid and taped once. */
function layingOf(
  lengths: readonly Figure[],
  together: Figure | undefined,
): Pick<Asked, 'parts' | 'formula'> {
  const [longest, ...others] = lengths.toSorted((a, b) => (numberOf(b) ?? 0) - (numberOf(a) ?? 0));
  if (!longest) return { parts: [] };
  if (others.length === 0) return { parts: [taken('longest', longest), TAPING], formula: 'longest / taping' };
  return {
    parts: [
      taken('longest', longest),
      ...others.map(each => taken('other', each)),
      ...others.flatMap(() => (together ? [taken('together', together)] : [])),
      TAPING,
    ],
    formula: '(longest + max(sum(other), sum(together)) - sum(together)) / taping',
  };
}

/** Ramps, each over leads that lie there. */
function ramp({ runs, ramps }: TaskReads, laid: ReadonlyMap<string, string>, put: Put): void {
  ramps.forEach(({ aisle, label }, i) => {
    const under = [...laid].filter(([id]) => runs[id]?.crossings.some(zone => zone.id === aisle));
    put(`ramp ${aisle} ${i + 1}`, {
      ...{
        label: `Ramp over ${label}`,
        parts: [lasting('part', 'ramp')],
        undone: `Take up the ramp over ${label}`,
      },
      after: [...new Set(under.map(([, laying]) => laying))],
    });
  });
}

/**
 * Leads are plugged in at what stands by itself at their far end: those that stay in it at any time, and those that arrive
 * once they are laid and what they come from stands.
 */
function connect(
  { devices, wiring, runs, plugged }: TaskReads,
  {
    carried,
    rigged,
    laid,
  }: Readonly<Record<'rigged' | 'laid', ReadonlyMap<string, string>>> & {
    readonly carried: readonly string[];
  },
  put: Put,
): string[] {
  const groups = new Map<string, { inner: string[]; arriving: ReturnType<typeof leadsOf> }>();
  for (const lead of leadsOf(devices, wiring)) {
    if (!runs[lead.id] || plugged[lead.id] !== undefined) continue;
    const at = standsBy(lead.to, devices);
    const group = groups.get(at) ?? { inner: [], arriving: [] };
    groups.set(at, group);
    if (lead.from !== undefined && standsBy(lead.from, devices) === at) group.inner.push(lead.id);
    else group.arriving.push(lead);
  }
  const named = (at: string): string => devices?.[at]?.label ?? at;
  const task = (at: string, label: string, leads: number, after: readonly string[]): Asked => ({
    ...{ label, undone: `Unplug at ${named(at)}` },
    parts: [
      constant('leads', leads, 'pieces', 'leads that are plugged in here'),
      constant('each', PER_LINK, 'min', PER_LINK_WORDS),
    ],
    ...{ formula: 'leads * each', device: at, after },
  });
  return [...groups].flatMap(([at, { inner, arriving }]) => {
    const ends = arriving.flatMap(({ from, to }) => [from, to]).flatMap(id => rigged.get(id ?? '') ?? []);
    const after = [...new Set([...carried, ...ends, ...arriving.flatMap(({ id }) => laid.get(id) ?? [])])];
    return [
      ...(inner.length > 0 ? [put(`wire ${at}`, task(at, `Wire ${named(at)}`, inner.length, carried))] : []),
      ...(arriving.length > 0
        ? [put(`connect ${at}`, task(at, `Plug in at ${named(at)}`, arriving.length, after))]
        : []),
    ];
  });
}
