/** Sound: from which desks and microphones it comes to each output, and where the same comes together with itself. */
import type { Output } from '../../documents/index.js';
import { inOrder, listed, type Figure, type MapOf } from '../../foundations/index.js';
import { soundFrom, soundTwice } from './figures.js';
import { deviceDoes, kindDoes, switches } from './functions.js';
import type { PlanWiring } from './result.js';
import { leadsThrough, type Lead } from './switching.js';

export interface OutputSound {
  /** Desks, microphones and players that lead there; else a camera that is alone and hears; null where nothing does. */
  readonly from: Figure;
  /** Where sound comes in by a socket of its own and with a picture as well, and what is heard twice or apart by it. */
  readonly twice: Figure;
  /** The two are the same sound, and not two mixes. */
  readonly same: boolean;
}

type Sort = 'desk' | 'microphone' | 'player';
const SORTS: readonly Sort[] = ['desk', 'microphone', 'player'];

/** What sort of sound begins in a device; undefined where none does, or none but what a camera hears. */
function soundBegun(wiring: PlanWiring, id: string): Sort | undefined {
  const kind = wiring.kindOf(id);
  if (!kind) return undefined;
  if (kind.family === 'microphone') return 'microphone';
  if (kindDoes(kind, 'mixes sound') && !switches(wiring, id)) return 'desk';
  const { tasks } = wiring.devices[id] ?? {};
  const plays = kind.family === 'computer' ? tasks?.some(isHeard) : deviceDoes(wiring, id, 'plays');
  return plays ? 'player' : undefined;
}

const isHeard = (task: string): boolean => task === 'clips' || task === 'call';

/** Leads of sound, by themselves or with a picture, that come into a device. */
const heardIn = (wiring: PlanWiring, id: string): Lead[] =>
  wiring.into(id).filter(([, { from }]) => {
    const carries = wiring.portOf(from)?.carries;
    return carries === 'audio' || carries === 'video';
  });

interface Behind {
  readonly begun: ReadonlyMap<string, Sort>;
  readonly passed: ReadonlySet<string>;
  readonly all: readonly Lead[];
}

/**
 * Devices in which sound begins that runs through some leads, with the sort of each; those that it passes, and all the
 * leads by which it comes. `end` is not passed: what comes out of it and back is a loop, and told as one.
 */
function soundBehind(wiring: PlanWiring, leads: readonly Lead[], end: string): Behind {
  const begun = new Map<string, Sort>();
  const passed = new Set<string>();
  const seen = new Set(leads.map(([id]) => id));
  const open = [...leads];
  for (const [, { from }] of open) {
    const { device, port = '' } = from;
    if (device === undefined || device === end) continue;
    const sort = soundBegun(wiring, device);
    if (sort) begun.set(device, sort);
    // What a desk mixes is one sound, whatever it is mixed of.
    if (sort === 'desk') continue;
    passed.add(device);
    for (const before of heardIn(wiring, device)) {
      if (seen.has(before[0]) || !leadsThrough(wiring, device, before[1].to.port ?? '', port)) continue;
      seen.add(before[0]);
      open.push(before);
    }
  }
  return { begun, passed, all: open };
}

/** The devices in which sound for a device begins: desks before microphones before players, in the order of the plan. */
function soundInto(
  wiring: PlanWiring,
  device: string,
  { begun } = soundBehind(wiring, heardIn(wiring, device), device),
): readonly (readonly [id: string, sort: Sort])[] {
  const own = soundBegun(wiring, device);
  const sorts = own ? new Map([...begun, [device, own]]) : begun;
  return inOrder(wiring.devices)
    .flatMap(([id]): [string, Sort][] => {
      const sort = sorts.get(id);
      return sort ? [[id, sort]] : [];
    })
    .sort(([, a], [, b]) => SORTS.indexOf(a) - SORTS.indexOf(b));
}

/** The desk, else the microphone, from which speech comes to a device. */
export const speechInto = (wiring: PlanWiring, device: string): string | undefined =>
  soundInto(wiring, device).find(([, sort]) => sort !== 'player')?.[0];

/** The sound of every output that has any. */
export const soundOf = ({
  wiring,
  outputs,
}: {
  readonly wiring: PlanWiring;
  readonly outputs: MapOf<Output> | undefined;
}): Readonly<Record<string, OutputSound>> =>
  Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, OutputSound][] =>
      kind === 'screen' || device === undefined || !wiring.devices[device]
        ? []
        : [[id, outputSound(id, wiring, device)]],
    ),
  );

function outputSound(id: string, wiring: PlanWiring, device: string): OutputSound {
  const name = (each: string): string => wiring.devices[each]?.label ?? each;
  const behind = soundBehind(wiring, heardIn(wiring, device), device);
  const { passed, all } = behind;
  const origins = soundInto(wiring, device, behind);
  const meeting = meetingIn(wiring, [device, ...passed], all);
  return {
    from: soundFrom.said(
      [id],
      origins.length > 0
        ? { value: listed(origins.map(([each]) => name(each))) }
        : heardAlone(wiring, [device, ...passed]),
    ),
    twice: meeting
      ? soundTwice.found([id], `${listed(meeting.heard.map(name))} in ${name(meeting.device)}`)
      : soundTwice.found([id], 'no'),
    same: meeting?.same ?? false,
  };
}

/** Where nothing else is heard: what mixes and hears by itself, or a camera that is alone and does. */
function heardAlone(wiring: PlanWiring, devices: readonly string[]): { value: string } | { why: string } {
  const cameras = devices.filter(each => kindDoes(wiring.kindOf(each), 'sees'));
  // What mixes and hears has its own sound; of several cameras none is the sound.
  const mixer = cameras.find(each => switches(wiring, each) && kindDoes(wiring.kindOf(each), 'hears'));
  const [first = '', another] = cameras;
  const only = mixer ?? first;
  if ((mixer !== undefined || another === undefined) && kindDoes(wiring.kindOf(only), 'hears'))
    return { value: `the microphone of ${wiring.devices[only]?.label ?? only}` };
  return {
    why:
      cameras.length > 0
        ? 'no microphone, desk or player leads there, so that it has what the cameras hear, if they do'
        : 'no microphone, desk or player leads there',
  };
}

interface Meeting {
  readonly device: string;
  readonly heard: readonly string[];
  readonly same: boolean;
}

/**
 * The first device into which a desk or microphone comes by a socket of sound and with a picture as well: it is heard
 * twice there, once later. Where one takes no more than one sound, two different ones are two mixes.
 */
function meetingIn(
  wiring: PlanWiring,
  devices: readonly string[],
  leads: readonly Lead[],
): Meeting | undefined {
  for (const device of devices) {
    const into = leads.filter(([, { to }]) => to.device === device);
    const alone = begunOf(wiring, into, 'audio', device);
    const pictured = begunOf(wiring, into, 'video', device);
    const both = alone.filter(each => pictured.includes(each));
    if (both.length > 0) return { device, heard: both, same: true };
    if (alone.length > 0 && pictured.length > 0 && !mixesSound(wiring, device))
      return { device, heard: [...alone, ...pictured], same: false };
  }
  return undefined;
}

/** Whether two sounds are brought together in a device, each with its fader. */
const mixesSound = (wiring: PlanWiring, id: string): boolean =>
  deviceDoes(wiring, id, 'mixes sound') || switches(wiring, id);

/** Desks and microphones behind those of some leads into a device that carry sound alone, or with a picture. */
function begunOf(
  wiring: PlanWiring,
  leads: readonly Lead[],
  carries: 'audio' | 'video',
  end: string,
): string[] {
  const own = leads.filter(([, { from }]) => wiring.portOf(from)?.carries === carries);
  return [...soundBehind(wiring, own, end).begun].flatMap(([id, sort]) => (sort === 'player' ? [] : [id]));
}
