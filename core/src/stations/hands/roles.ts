/** Roles that the design asks for, and where and when each is done. */
import { inOrder, LEAD_ROLE, listed, type MapOf, type SkillName } from '../../foundations/index.js';
import { carriedBy, movesAbout, WORKED_WORDS, workedByHand, type Equipment } from '../equipment.js';
import { inReturn } from '../signal/camera-lines.js';
import { deviceDoes, isSent, kindDoes, showsWords, switches } from '../signal/functions.js';
import type { PlanWiring, SignalResult } from '../signal/index.js';
import { onNetwork } from '../signal/network.js';
import { onwards } from '../signal/switching.js';
import type { Job } from './attention.js';
import type { HandsReads, RoleDone } from './result.js';

/** A role that the design asks for, before anybody is put on it. */
export interface Wanted {
  readonly key: string;
  readonly label: string;
  readonly skill: SkillName;
  readonly why: string;
  readonly where: string;
  readonly when: string;
  readonly done: RoleDone;
  /** Keys of roles whose person does this too until somebody else is put on it, the first that has one. */
  readonly fallsTo: readonly string[];
}

const LIVE = 'while it is live';
const IN_ROOM = 'in the room';

/** Cameras that one person steers from a controller. */
const REMOTE_EACH = 3;

const done = (jobs: readonly Job[], rest: Partial<RoleDone> = {}): RoleDone => ({
  jobs,
  cameras: [],
  at: undefined,
  bothHands: false,
  unsaid: false,
  ...rest,
});

interface Asking {
  readonly wiring: PlanWiring;
  readonly devices: readonly (readonly [id: string, device: Equipment])[];
  readonly cameras: readonly (readonly [id: string, device: Equipment])[];
  /** Switchers that are worked by themselves, first the one whose mix is sent, or else comes out somewhere. */
  readonly mixes: readonly (readonly [id: string, device: Equipment])[];
  readonly streams: boolean;
}

/** Roles follow from the design: lead always, the rest by what is there and what is wanted of it. */
export function rolesWanted({
  devices,
  outputs,
  wiring,
  views,
  fed,
}: Pick<HandsReads, 'devices' | 'outputs'> & {
  readonly wiring: PlanWiring;
  readonly views: SignalResult['views'];
  readonly fed: SignalResult['outputs'];
}): readonly Wanted[] {
  const all = inOrder(devices);
  const asking: Asking = {
    wiring,
    devices: all,
    cameras: all.filter(([id]) => kindDoes(wiring.kindOf(id), 'sees')),
    mixes: mixesOf(all, { outputs, wiring, views, fed }),
    streams: Object.values(outputs ?? {}).some(output => output.kind === 'stream'),
  };
  return [
    {
      ...{ key: LEAD_ROLE, label: 'Lead', skill: 'lead', why: 'always one' },
      ...{ where: IN_ROOM, when: 'from the call to the last case', done: done([]), fallsTo: [] },
    },
    ...mixRoles(asking),
    ...asking.cameras.flatMap(([id, device]) => cameraRoles(id, device, asking, devices)),
    ...remoteRoles(asking),
    ...screenRoles(asking),
    ...streamRoles(asking),
    {
      ...{ key: 'floor', label: 'Floor', skill: 'floor', why: 'speakers, microphones, doors' },
      ...{ where: IN_ROOM, when: 'from doors to the end', done: done([], { unsaid: true }), fallsTo: [] },
    },
  ];
}

/** Switchers that are mixed apart from each other; where nothing is plugged in yet, the first there is. */
function mixesOf(
  devices: Asking['devices'],
  {
    outputs,
    wiring,
    views,
    fed,
  }: Pick<HandsReads, 'outputs'> & Pick<SignalResult, 'wiring' | 'views'> & { fed: SignalResult['outputs'] },
): Asking['mixes'] {
  const mixing = new Set(
    Object.values(views).flatMap(each => (each.viewer === 'mixer' ? [each.device] : [])),
  );
  const mixes = devices.filter(([id]) => mixing.has(id));
  if (mixes.length === 0) return devices.filter(([id]) => switches(wiring, id)).slice(0, 1);
  const feeding = inOrder(outputs).flatMap(([id, output]) => {
    const switcher = fed[id]?.switcher;
    return mixing.has(switcher) ? [{ switcher, sent: isSent(output) }] : [];
  });
  const main = (feeding.find(({ sent }) => sent) ?? feeding[0])?.switcher;
  return [...mixes.filter(([id]) => id === main), ...mixes.filter(([id]) => id !== main)];
}

/** Who calls, who works each mix, and who sets the exposure of cameras from afar. */
function mixRoles({ mixes, cameras, wiring }: Asking): Wanted[] {
  const [main] = mixes;
  if (!main) return [];
  const [id, { label }] = main;
  const operated = cameras.filter(([, { worked }]) => workedByHand(worked)).map(([, each]) => each.label);
  const shaded = cameras.filter(([camera]) => inReturn(wiring, camera)).map(([, each]) => each.label);
  const roles: Wanted[] = [];
  if (operated.length > 0)
    roles.push({
      ...{ key: 'caller', label: 'Director', skill: 'mixing', why: `calls ${listed(operated)}` },
      ...{ where: label, when: LIVE, done: done(['call'], { at: id }), fallsTo: ['mixer', LEAD_ROLE] },
    });
  roles.push({
    ...{ key: 'mixer', label: 'Vision mixer', skill: 'mixing', why: `${label} is mixed by somebody` },
    ...{ where: label, when: LIVE, done: done(['cut'], { at: id }), fallsTo: [] },
  });
  for (const [other, { label: name }] of mixes.slice(1))
    roles.push({
      ...{ key: `mixer ${other}`, label: `Vision mixer, ${name}`, skill: 'mixing' },
      ...{ where: name, when: LIVE, why: `${name} is a mix of its own` },
      ...{ done: done([], { at: other, unsaid: true }), fallsTo: [] },
    });
  if (shaded.length > 1)
    roles.push({
      ...{ key: 'shading', label: 'Shading', skill: 'camera' },
      why: `sets the exposure of ${listed(shaded)} over their return`,
      ...{ where: label, when: `from the line check, and ${LIVE}` },
      ...{ done: done([], { at: id, unsaid: true }), fallsTo: ['caller', 'mixer', LEAD_ROLE] },
    });
  return roles;
}

/** Whoever works a camera by hand, and whoever goes with one that moves about. */
function cameraRoles(
  id: string,
  { label, worked }: Equipment,
  { wiring }: Asking,
  devices: MapOf<Equipment> | undefined,
): Wanted[] {
  if (!workedByHand(worked)) return [];
  const moves = movesAbout(worked);
  const operator: Wanted = {
    key: `camera ${id}`,
    ...{ label: `Camera operator, ${label}`, skill: 'camera' },
    why: `${label} is worked ${WORKED_WORDS[worked ?? 'operated']}`,
    ...{ where: label, when: LIVE },
    done: moves
      ? done([], { at: id, cameras: [id], bothHands: true })
      : done(['reframe'], { at: id, cameras: [id] }),
    fallsTo: [],
  };
  if (!moves || (worked !== 'crane' && !isTethered(id, devices, wiring))) return [operator];
  const [name, why] =
    worked === 'crane'
      ? ['Crane watcher', 'somebody keeps people out of its sweep']
      : ['Cable helper', 'somebody pays out and takes in the lead of a camera that is carried about'];
  return [
    operator,
    {
      ...{ key: `helper ${id}`, label: `${name}, ${label}`, skill: 'floor', why },
      ...{ where: `beside ${label}`, when: LIVE },
      ...{ done: done([], { at: id, bothHands: true }), fallsTo: [] },
    },
  ];
}

function remoteRoles({ cameras, wiring, mixes }: Asking): Wanted[] {
  const remote = cameras.filter(([, { worked }]) => worked === 'remote');
  const roles: Wanted[] = [];
  for (let i = 0; i < remote.length; i += REMOTE_EACH) {
    const own = remote.slice(i, i + REMOTE_EACH);
    const ids = own.map(([id]) => id);
    const controller = onNetwork(wiring, ids[0] ?? '', each => deviceDoes(wiring, each, 'controls'));
    roles.push({
      ...{ key: `remote ${i / REMOTE_EACH + 1}`, label: 'Remote-camera operator', skill: 'camera' },
      why: `${own.map(([, { label }]) => label).join(', ')} worked by remote`,
      ...{ where: wiring.devices[controller ?? '']?.label ?? mixes[0]?.[1].label ?? IN_ROOM, when: LIVE },
      done: done(['reframe'], { at: controller ?? mixes[0]?.[0], cameras: ids }),
      fallsTo: [],
    });
  }
  return roles;
}

/**
 * Whoever shows words, and whoever plays clips. A computer that only plays them is no reason for the first, and the own
 * one of whoever speaks for neither.
 */
function screenRoles({ devices, wiring }: Asking): Wanted[] {
  const showing = devices.filter(([id, { tasks }]) => showsWords(wiring, id) && !tasks?.includes('speaker'));
  const words = showing.filter(
    ([, { tasks }]) => tasks === undefined || tasks.some(each => each !== 'clips'),
  );
  const clips = [
    ...showing.filter(([, { tasks }]) => tasks?.includes('clips')),
    ...devices.filter(([id]) => isPlayer(wiring, id)),
  ];
  const roles: Wanted[] = [];
  if (words[0])
    roles.push({
      ...{ key: 'graphics', label: 'Graphics and words', skill: 'graphics', why: 'a computer shows words' },
      ...{ where: words[0][1].label, when: LIVE },
      ...{ done: done(['caption', 'slide'], { at: words[0][0] }), fallsTo: [] },
    });
  if (clips[0])
    roles.push({
      ...{ key: 'clips', label: 'Clip playback', skill: 'graphics' },
      why: `${listed(clips.map(([, { label }]) => label))} play${clips.length === 1 ? 's' : ''} clips`,
      ...{ where: clips[0][1].label, when: LIVE },
      ...{ done: done(['clip'], { at: clips[0][0] }), fallsTo: ['graphics', 'mixer', LEAD_ROLE] },
    });
  return roles;
}

/** A player that is no computer, and whose picture is plugged in. */
const isPlayer = (wiring: PlanWiring, id: string): boolean =>
  wiring.kindOf(id)?.family !== 'computer' &&
  kindDoes(wiring.kindOf(id), 'plays') &&
  onwards(wiring, id).length > 0;

function streamRoles({ streams, wiring, devices }: Asking): Wanted[] {
  if (!streams) return [];
  const desk = devices.find(([id]) => kindDoes(wiring.kindOf(id), 'mixes sound'));
  const network = devices.find(([id, { resident }]) => {
    const family = wiring.kindOf(id)?.family;
    return !resident && (family === 'router' || family === 'network switch');
  });
  return [
    {
      ...{ key: 'sound', label: 'Stream sound', skill: 'sound', why: 'a stream is wanted' },
      ...{ where: desk?.[1].label ?? 'with headphones', when: `from the sound check, and ${LIVE}` },
      ...{ done: done(['cue'], { at: desk?.[0] }), fallsTo: [] },
    },
    {
      ...{ key: 'monitor', label: 'Stream watcher', skill: 'stream', why: 'a stream is wanted' },
      ...{ where: 'wherever it is seen as guests see it', when: LIVE },
      ...{ done: done(['chat']), fallsTo: [] },
    },
    ...(network
      ? [
          {
            ...{ key: 'network', label: 'Network', skill: 'stream' as const },
            why: `the stream leaves over ${network[1].label}`,
            ...{ where: network[1].label, when: 'from the line check to the end' },
            ...{ done: done([]), fallsTo: ['monitor', 'mixer', LEAD_ROLE] },
          },
        ]
      : []),
  ];
}

/** Whether a lead goes from a camera, or from what it carries, to something that stays where it is. */
function isTethered(camera: string, devices: HandsReads['devices'], wiring: PlanWiring): boolean {
  const aboard = new Set([
    camera,
    ...inOrder(devices).flatMap(([id, { place }]) => (carriedBy(place) === camera ? [id] : [])),
  ]);
  return [...aboard].some(id =>
    [...wiring.into(id), ...wiring.outOf(id)].some(
      ([, { from, to }]) =>
        wiring.portOf(from.device === id ? from : to)?.connector !== 'air' &&
        ![from, to].every(({ device }) => aboard.has(device ?? '')),
    ),
  );
}
