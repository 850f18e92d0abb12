/** Getting ready: the work before the rehearsal and after the end, its schedule, and when people must come. */
import { inOrder, type Figure, type Parts } from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import { kindDoes } from '../signal/functions.js';
import { callOf, crewHoursOf, riggingOf, savedBy, takenBy, workOf } from './call-time.js';
import { afterLockedOf, beforeOpenOf } from './hours.js';
import type { HandsReads } from './result.js';
import { scheduleOf, struckOf } from './tasks/schedule.js';
import { strikeOf, strikingOf } from './tasks/strike.js';
import { tasksOf } from './tasks/tasks.js';

/** What it hangs on of who is there. */
interface There {
  readonly people: () => Figure;
  readonly wanted: () => Figure;
  readonly filled: () => Figure;
  readonly onDuty: () => readonly string[];
  readonly leave: () => Figure;
}

/** Makers of these results; each part is worked out when it is read. */
export function gettingReady(
  reads: HandsReads,
  parts: Parts,
  { people, wanted, filled, onDuty, leave }: There,
) {
  const { brief } = reads;
  const devices = () => reads.devices;
  const wiring = () => reads.signal.wiring;
  const cameras = () => inOrder(devices()).filter(([id]) => kindDoes(wiring().kindOf(id), 'sees'));
  const operated = () => cameras().filter(([, { worked }]) => workedByHand(worked)).length;
  const breaks = () => reads.breaks;
  const paces = () => reads.rules.paces;
  const arriving = () => pluggedLeads(reads.signal.plugged, reads.runs.runs);
  const work = parts.part(
    'work',
    {
      operated,
      locked: () => cameras().length - operated(),
      floor: () => reads.runs.totalOnFloor,
      ramps: () => aislesCrossed(reads.runs.runs),
      links: () => Object.keys(reads.runs.runs).length - arriving(),
      carrying: () => reads.carried.work,
      paces,
    },
    workOf,
  );
  const rigging = parts.part('rigging', { work, people, breaks, paces }, riggingOf);
  const tasks = parts.part(
    'tasks',
    {
      ...{ devices, outputs: () => reads.outputs, wiring, carrying: () => reads.carried.work },
      ...{ runs: () => reads.runs.runs, looms: () => reads.runs.looms, ramps: () => reads.runs.ramps },
      ...{ plugged: () => reads.signal.plugged, breaks, paces },
    },
    tasksOf,
  );
  const schedule = parts.part('schedule', { tasks, onDuty, schedule: () => reads.schedule }, scheduleOf);
  const taken = parts.part('getting ready', { rigging, schedule }, takenBy);
  const start = () => brief.start;
  const phases = () => brief.phases;
  const call = parts.part('call', { rigging: taken, start, phases }, callOf);
  const strike = parts.part('strike', { tasks, paces }, strikeOf);
  const struck = parts.part('struck', { tasks: strike, onDuty, schedule: () => reads.schedule }, struckOf);
  return {
    ...{ work, rigging, tasks, schedule, strike, struck, call },
    saved: parts.part('saved', { links: arriving }, savedBy),
    crewHours: parts.part('crew hours', { people, wanted, filled, rigging: taken, phases }, crewHoursOf),
    striking: parts.part('striking', { strike, people }, strikingOf),
    beforeOpen: parts.part('before open', { call, open: () => reads.hours?.open }, beforeOpenOf),
    afterLocked: parts.part('after locked', { leave, locked: () => reads.hours?.locked }, afterLockedOf),
  };
}

/** How many leads arrive plugged. */
const pluggedLeads = (plugged: HandsReads['signal']['plugged'], runs: HandsReads['runs']['runs']): number =>
  Object.keys(plugged).filter(id => runs[id] !== undefined).length;

/** How many clear aisles leads cross. */
const aislesCrossed = (runs: HandsReads['runs']['runs']): number =>
  new Set(
    Object.values(runs).flatMap(({ crossings }) =>
      crossings.flatMap(({ kind, id }) => (kind === 'aisle' ? [id] : [])),
    ),
  ).size;
