/** Roles that the design asks for, and who is put on them. */
import type { SkillName } from '../../documents/index.js';
import { inOrder, LEAD_ROLE } from '../../foundations/index.js';
import { carriedBy, movesAbout, WORKED_WORDS, workedByHand } from '../equipment.js';
import { kindDoes, showsWords, switches } from '../signal/functions.js';
import type { PlanWiring } from '../signal/index.js';
import { roleFilled } from './figures.js';
import type { HandsReads, RoleResult, Roles } from './result.js';

interface Wanted {
  readonly key: string;
  readonly label: string;
  readonly skill: SkillName;
  readonly why: string;
}

/** Roles follow from the design: lead always, operators per operated camera, the rest by what is there. */
export function rolesWanted({
  devices,
  outputs,
  wiring,
}: Pick<HandsReads, 'devices' | 'outputs'> & { readonly wiring: PlanWiring }): readonly Wanted[] {
  const all = inOrder(devices);
  const isCamera = (id: string) => kindDoes(wiring.kindOf(id), 'sees');
  const streams = Object.values(outputs ?? {}).some(output => output.kind === 'stream');
  const roles: Wanted[] = [{ key: LEAD_ROLE, label: 'Lead', skill: 'lead', why: 'always one' }];
  if (all.some(([id]) => switches(wiring, id))) {
    roles.push({ key: 'mixer', label: 'Vision mixer', skill: 'mixing', why: 'there is a switcher' });
  }
  for (const [id, device] of all) {
    if (!workedByHand(device.worked) || !isCamera(id)) continue;
    roles.push({
      key: `camera ${id}`,
      label: `Camera operator, ${device.label}`,
      skill: 'camera',
      why: `${device.label} is worked ${WORKED_WORDS[device.worked ?? 'operated']}`,
    });
    if (movesAbout(device.worked) && (device.worked === 'crane' || isTethered(id, devices, wiring))) {
      roles.push({
        key: `helper ${id}`,
        label: `${device.worked === 'crane' ? 'Crane watcher' : 'Cable helper'}, ${device.label}`,
        skill: 'floor',
        why:
          device.worked === 'crane'
            ? 'somebody keeps people out of its sweep'
            : 'somebody pays out and takes in the lead of a camera that is carried about',
      });
    }
  }
  const remote = all.filter(([id, device]) => device.worked === 'remote' && isCamera(id));
  for (let i = 0; i < remote.length; i += 3) {
    roles.push({
      key: `remote ${i / 3 + 1}`,
      label: 'Remote-camera operator',
      skill: 'camera',
      why: `${remote
        .slice(i, i + 3)
        .map(([, device]) => device.label)
        .join(', ')} worked by remote`,
    });
  }
  if (all.some(([id]) => showsWords(wiring, id))) {
    roles.push({
      key: 'graphics',
      label: 'Graphics and words',
      skill: 'graphics',
      why: 'a computer shows words',
    });
  }
  if (streams) {
    roles.push({ key: 'sound', label: 'Stream sound', skill: 'sound', why: 'a stream is wanted' });
    roles.push({ key: 'monitor', label: 'Stream watcher', skill: 'stream', why: 'a stream is wanted' });
  }
  roles.push({ key: 'floor', label: 'Floor', skill: 'floor', why: 'speakers, microphones, doors' });
  return roles;
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

/** Each role with whoever is put on it. */
export function rolesOf({
  wanted,
  assignments,
  people,
}: {
  readonly wanted: readonly Wanted[];
  readonly assignments: HandsReads['assignments'];
  readonly people: HandsReads['hands']['people'];
}): Roles {
  const roles: Record<string, RoleResult> = {};
  for (const role of wanted) {
    const assignment = inOrder(assignments).find(([, each]) => each.role === role.key);
    const person = assignment?.[1].person;
    const known = person !== undefined && Object.hasOwn(people, person);
    roles[role.key] = {
      ...role,
      person: known ? person : undefined,
      assignment: assignment?.[0],
      filled: roleFilled.found([role.key], known, [], {
        method: known ? 'a person is put on it' : 'nobody is put on it',
      }),
    };
  }
  return roles;
}
