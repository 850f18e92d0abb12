import { fix, inPlan } from '../../../edits.js';
import type { BatteryChange } from '../../../documents/index.js';
import { inOrder, type Severity } from '../../../foundations/index.js';
import { canChange, canChangeAt, changingOf, outletOf, type ChangingReads } from '../battery/changing.js';
import { usedIn } from '../battery/services.js';
import { powerRule, type PowerSeen } from '../result.js';
import { keptBack } from '../../ready.js';

interface Fault {
  readonly severity: Severity;
  readonly title: string;
  readonly advice: string;
}

/** A battery that cannot be put where it is planned to be put, or not then. */
export const batteryChange = powerRule({
  rule: 'power.battery-change',
  reads: seen => ({
    ...faultReads(seen),
    changes: seen.batteryChanges,
    batteries: seen.own.batteries,
  }),
  *find(seen) {
    for (const [id, change] of inOrder(seen.changes)) {
      const life = seen.batteries[change.battery];
      if (!life) continue;
      const fault = faultOf(id, change, seen);
      if (fault) yield { ...fault, subjects: [change.battery, id], because: [life.ends] };
    }
  },
  *fixes({ subjects: [battery = '', id = ''] }, seen) {
    const change = seen.batteryChanges?.[id];
    const changing = changingOf(battery, changingReads(seen));
    const free = seen.own.timeline.filter(each => canChange(changing, each, each.to - each.from));
    const moments = free
      .flatMap(({ from, to, label }) => [
        { at: from, words: `as “${label}” begins` },
        { at: to, words: `as “${label}” ends` },
      ])
      .filter(({ at }) => Number.isFinite(at) && at !== change?.after);
    const near = ({ at }: { at: number }): number => Math.abs(at - (change?.after ?? 0));
    for (const { at, words } of moments.toSorted((a, b) => near(a) - near(b)).slice(0, 2))
      yield fix(`Change it ${words}`, inPlan().put('batteryChanges', id, 'after', at));
    yield fix('Take the change out of the plan', inPlan().drop('batteryChanges', id));
  },
});

type Seen = Pick<PowerSeen, 'shelf' | 'kinds'> &
  Pick<PowerSeen['own'], 'services' | 'timeline' | 'demands'> &
  ChangingReads;

const faultReads = (seen: PowerSeen): Seen => {
  const { services, timeline, demands } = seen.own;
  return { ...{ services, timeline, demands, shelf: seen.shelf, kinds: seen.kinds }, ...changingReads(seen) };
};

/** What decides when a battery can be changed. */
export const changingReads = (seen: PowerSeen): ChangingReads => ({
  ...{ wiring: seen.signal.wiring, feeds: seen.own.feeds, shotsWanted: seen.shotsWanted },
  // Where nothing is changed, the rule rests while cameras are moved about.
  cameras: seen.batteryChanges ? seen.shots.shots : NO_SHOTS,
});

const NO_SHOTS: ChangingReads['cameras'] = {};

function faultOf(id: string, { battery, item, after, done }: BatteryChange, seen: Seen): Fault | undefined {
  const { shelf, kinds, wiring, timeline } = seen;
  const place = wiring.devices[battery]?.label ?? 'a battery';
  const put = shelf.items[item];
  const kind = kinds.kinds[put?.kind ?? ''];
  if (!put || !kind?.battery)
    return {
      severity: 'stop',
      title: `What is to take the place of ${place} is no battery of the shelf.`,
      advice: 'Choose another for this change.',
    };
  if (outletOf(kind) !== outletOf(wiring.kindOf(battery)))
    return {
      severity: 'stop',
      title: `${put.tape} does not go where ${place} is: its outlet is another.`,
      advice: 'Choose one with the same outlet.',
    };
  const elsewhere = alsoIn(id, battery, seen);
  if (elsewhere !== undefined)
    return {
      severity: 'stop',
      title: `${put.tape} would be in two places at once: ${place} and ${wiring.devices[elsewhere]?.label ?? 'another'}.`,
      advice: 'Choose another, or change it when the other place is done.',
    };
  const back = keptBack(put);
  if (back !== undefined)
    return {
      severity: 'risk',
      title: `${put.tape}, which is to take the place of ${place}, ${back}.`,
      advice: 'See that it is there and charged, or choose another.',
    };
  const changing = changingOf(battery, seen);
  if (done !== undefined || canChangeAt(changing, timeline, after)) return undefined;
  const cold = changing.drawing.find(([, each]) => each?.power?.hotSwap === false)?.[0];
  return cold === undefined
    ? {
        severity: 'risk',
        title: `${place} is to be changed while what hangs on it is on air.`,
        advice:
          'Whether it runs on while its battery is changed is not known: try it, and note it with its kind.',
      }
    : {
        severity: 'stop',
        title: `${wiring.devices[cold]?.label ?? 'What hangs on it'} goes dark when ${place} is changed while it is on air.`,
        advice: 'Change it when it is not wanted, or before the start.',
      };
}

/** Another place in which the battery of a change is drawn upon at the same time. */
function alsoIn(change: string, place: string, { services, timeline, demands }: Seen): string | undefined {
  const own = services[place]?.find(service => service.change === change);
  const used = own && usedIn(own, timeline, demands[place] ?? []);
  if (!used) return undefined;
  return Object.entries(services).find(
    ([id, all]) =>
      id !== place &&
      all.some(service => {
        const there = service.item === own.item && usedIn(service, timeline, demands[id] ?? []);
        return there && there.from < used.to && used.from < there.to;
      }),
  )?.[0];
}
