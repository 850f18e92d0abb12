/** Roles that the design asks for, where and when each is done, and who is put on them. */
import type { SkillName } from '../../documents/index.js';
import { inOrder, LEAD_ROLE, listed, type MapOf } from '../../foundations/index.js';
import { carriedBy, movesAbout, WORKED_WORDS, workedByHand, type Equipment } from '../equipment.js';
import { inReturn } from '../signal/camera-lines.js';
import { deviceDoes, kindDoes, showsWords } from '../signal/functions.js';
import type { PlanWiring, SignalResult } from '../signal/index.js';
import { onNetwork } from '../signal/network.js';
import { onwards } from '../signal/switching.js';
import type { Job } from './attention.js';
import { roleFilled } from './figures.js';
import type { HandsReads, RoleDone, RoleResult, Roles } from './result.js';

interface Wanted {
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
  /** Switchers that somebody works by themselves, the one whose mix is sent or comes first at the head. */
  readonly mixes: readonly (readonly [id: string, device: Equipment])[];
  readonly streams: boolean;
}

/** Roles follow from the design: lead always, the rest by what is there and what is wanted of it. */
export function rolesWanted({
  devices,
  outputs,
  wiring,
  views,
}: Pick<HandsReads, 'devices' | 'outputs'> & {
  readonly wiring: PlanWiring;
  readonly views: SignalResult['views'];
}): readonly Wanted[] {
  const all = inOrder(devices);
  const mixing = new Set(
    Object.values(views).flatMap(each => (each.viewer === 'mixer' ? [each.device] : [])),
  );
  const asking: Asking = {
    wiring,
    devices: all,
    cameras: all.filter(([id]) => kindDoes(wiring.kindOf(id), 'sees')),
    mixes: all.filter(([id]) => mixing.has(id)),
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
    done: moves ? done([], { at: id, bothHands: true }) : done(['reframe'], { at: id, cameras: [id] }),
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

/** Each role with whoever is put on it, or does it besides another one. */
export function rolesOf({
  wanted,
  assignments,
  people,
}: {
  readonly wanted: readonly Wanted[];
  readonly assignments: HandsReads['assignments'];
  readonly people: HandsReads['hands']['people'];
}): Roles {
  const assigned = new Map(
    inOrder(assignments)
      .toReversed()
      .map(([id, { role, person }]) => [role, { id, person }] as const),
  );
  const known = (key: string): string | undefined => {
    const person = assigned.get(key)?.person;
    return person !== undefined && Object.hasOwn(people, person) ? person : undefined;
  };
  const labels = new Map(wanted.map(({ key, label }) => [key, label]));
  return Object.fromEntries(
    wanted.map(({ fallsTo, ...role }): [string, RoleResult] => {
      const own = known(role.key);
      const next = fallsTo.filter(key => labels.has(key));
      // Where nobody does any of them yet, whoever will do the first does this too: one is missing, not two.
      const besides = own === undefined ? (next.find(known) ?? next[0]) : undefined;
      const person = own ?? (besides === undefined ? undefined : known(besides));
      return [
        role.key,
        {
          ...role,
          person,
          besides: besides === undefined ? undefined : labels.get(besides),
          assignment: assigned.get(role.key)?.id,
          filled: roleFilled.found([role.key], (person ?? besides) !== undefined, [], {
            method:
              own !== undefined
                ? 'a person is put on it'
                : besides === undefined
                  ? 'nobody is put on it'
                  : `falls to ${labels.get(besides) ?? besides} until somebody else is put on it`,
          }),
        },
      ];
    }),
  );
}
