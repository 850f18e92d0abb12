/** Work that the design asks for before the rehearsal: power first, then one source at a time, each proven before the next. */
import type { Break, LearnedPaces } from '../../../documents/index.js';
import { constant, given, inOrder, numberOf, taken, type SkillName } from '../../../foundations/index.js';
import { workedByHand } from '../../equipment.js';
import { isSent, kindDoes, switches } from '../../signal/functions.js';
import type { Asked, Put, TaskReads } from './asked-work.js';
import { lasting, paceTerms, spreadOf, STRIKE_PART, type Timed } from './durations.js';
import * as figures from './figures.js';
import { connect, lay, ramp } from './leads.js';
import type { Task, Tasks } from './result.js';

/** Carrying is shared out in pieces of about so many minutes, among at most so many people at once. */
const CARRYING_PIECE = 8;
const CARRYING_PIECES = 6;

/** As the figure of a task is declared. */
const PLAIN = figures.taskUsual.formula ?? '';

function taskOf(
  key: string,
  { label, sort, parts, formula = PLAIN, after, ...asked }: Asked,
  paces: LearnedPaces | undefined,
): Task {
  const pace = paceTerms(paces, sort);
  return {
    ...{ label, sort, ...spreadOf(paces, sort) },
    usual: figures.taskUsual.calc([key], [...parts, ...pace], {
      formula: pace.length > 0 ? `(${formula}) * pace` : formula,
    }),
    everybody: asked.everybody ?? false,
    ...{ skill: asked.skill, seats: asked.seats ?? 1, adults: asked.adults ?? false },
    ...{ ladder: asked.ladder ?? false, after, device: asked.device },
    undone:
      asked.undone === undefined ? undefined : { label: asked.undone, part: asked.undonePart ?? STRIKE_PART },
  };
}

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
                ...timed(workedByHand(worked) ? 'operated' : 'locked'),
                ...{ skill: 'camera', after: carried, device: id },
              }),
            ] as const,
          ],
    ),
  );
  const laid = lay(reads, carried, put);
  ramp(reads, laid, put);
  const connected = connect(reads, { carried, rigged, laid }, put);
  const rigging = [...carried, ...rigged.values(), ...new Set(laid.values()), ...connected];
  const power = put('power', {
    ...{ label: 'Power up', ...timed('powerUp'), adults: true },
    ...{ undone: 'Power down', undonePart: 1 },
    after: [...rigging, ...pause(reads, 'once everything is rigged', rigging, put)],
  });
  const one = (key: string, label: string, sort: Timed, skill: SkillName, after: readonly string[]): string =>
    put(key, { label, ...timed(sort), skill, after });
  const set = cameras.map(([id, { label }]) =>
    put(`set ${id}`, {
      ...{ label: `Formats of ${label}`, ...timed('formats'), skill: 'camera' },
      ...{ after: [power], device: id },
    }),
  );
  const mixed = inOrder(devices).some(([id]) => switches(wiring, id));
  const check = put('line check', {
    ...{ label: 'Line check, one source at a time', ...timed('lineCheck') },
    ...(mixed && { skill: 'mixing' as const }),
    ...{ seats: 2, after: set.length > 0 ? set : [power] },
  });
  const white = cameras.map(([id, { label }]) =>
    put(`white ${id}`, {
      ...{ label: `White balance of ${label}`, ...timed('white'), skill: 'camera' },
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
  pause(reads, 'once everything is checked', [...asked.keys()], put);
  return Object.fromEntries([...asked].map(([key, task]) => [key, taskOf(key, task, reads.paces)]));
}

/** What takes as long as one of its sort does. */
const timed = (sort: Timed): Pick<Asked, 'sort' | 'parts'> => ({ sort, parts: [lasting('part', sort)] });

/** Breaks that everybody has at one place of the work. */
const pause = ({ breaks }: TaskReads, place: Break['at'], after: readonly string[], put: Put): string[] =>
  inOrder(breaks).flatMap(([id, { label, minutes, at }]) =>
    at === place
      ? [
          put(`break ${id}`, {
            ...{ label, sort: 'meal', everybody: true, after },
            parts: [given('part', minutes, 'min', 'plan', `/breaks/${id}/minutes`)],
          }),
        ]
      : [],
  );

/** Everything from the vehicle to the room, in pieces that several people take on. */
function carryIn({ carrying }: TaskReads, put: Put): string[] {
  const minutes = numberOf(carrying);
  if (minutes === undefined || minutes <= 0) return [];
  const count = Math.min(CARRYING_PIECES, Math.max(1, Math.ceil(minutes / CARRYING_PIECE)));
  return Array.from({ length: count }, (_, i) =>
    put(`carry ${i + 1}`, {
      ...{ label: count === 1 ? 'Carry in' : `Carry in, ${i + 1} of ${count}`, sort: 'carrying' },
      parts: [taken('carrying', carrying), constant('pieces', count, 'pieces', 'shared out among people')],
      ...{ formula: 'carrying / pieces', skill: 'loading', after: [] },
      ...{ undone: count === 1 ? 'Carry out' : `Carry out, ${i + 1} of ${count}`, undonePart: 1 },
    }),
  );
}
