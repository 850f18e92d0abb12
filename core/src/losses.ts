/** What an edit takes away of what a person made or wants: such edits are never made by one key. */
import type { Bundle, Kinds, Link, Plan } from './documents/index.js';
import type { MapOf } from './foundations/index.js';

type Edited = Pick<Bundle, 'plan' | 'venue' | 'kinds'>;

/** In words, one for each thing; empty for an edit that only adds or changes. */
export function lossesOf(before: Edited, after: Edited): string[] {
  const { plan } = before;
  const labelOf = (device: string | undefined): string => plan.devices?.[device ?? '']?.label ?? 'the house';
  const lead = ({ from, to }: Link): string => `${labelOf(from.device)} → ${labelOf(to.device)}`;
  const mark = (id: string): string => before.venue.marks?.[id]?.label ?? 'a mark';
  const gone = <T>(of: (plan: Plan) => MapOf<T> | undefined, words: (record: T) => string): string[] =>
    missing(of(plan), of(after.plan)).map(words);
  return [
    ...gone(
      ({ devices }) => devices,
      ({ label }) => `${label} is taken out`,
    ),
    ...unplugged(before, after.plan).map(link => `${lead(link)} is unplugged`),
    ...gone(
      ({ outputs }) => outputs,
      ({ label }) => `“${label}” is dropped`,
    ),
    ...gone(
      ({ runningOrder }) => runningOrder,
      ({ label }) => `“${label}” is dropped`,
    ),
    ...gone(
      ({ shots }) => shots,
      shot => `the shot of ${mark(shot.mark)} is dropped`,
    ),
    ...gone(
      ({ assignments }) => assignments,
      () => 'somebody is taken off a role',
    ),
    ...gone(
      ({ ticks }) => ticks,
      ({ by }) => `a tick of ${by} is taken back`,
    ),
    ...gone(
      ({ venueChanges }) => venueChanges,
      ({ path }) => `the change of ${path} here is dropped`,
    ),
    ...missing(before.venue.guesses, after.venue.guesses).map(({ label }) => `${label} is no guess any more`),
    ...changed(plan.outputs, after.plan.outputs).flatMap(([was, is]) =>
      (is.isolated ?? 0) < (was.isolated ?? 0) ? [`“${was.label}” has fewer cameras recorded apart`] : [],
    ),
    ...changed(plan.shots, after.plan.shots).flatMap(([was, is]) =>
      was.camera !== undefined && is.camera === undefined
        ? [`${labelOf(was.camera)} no longer takes ${mark(was.mark)}`]
        : [],
    ),
  ];
}

/** Records that are no longer there. */
const missing = <T>(before: MapOf<T> | undefined = {}, after: MapOf<T> | undefined = {}): T[] =>
  Object.entries(before).flatMap(([id, record]) => (Object.hasOwn(after, id) ? [] : [record]));

/** Records that are another now, as they were and as they are. */
const changed = <T>(before: MapOf<T> | undefined = {}, after: MapOf<T> | undefined = {}): [T, T][] =>
  Object.entries(before).flatMap(([id, record]): [T, T][] => {
    const next = after[id];
    return next === undefined || next === record ? [] : [[record, next]];
  });

/**
 * Leads whose far end is no longer reached from where they began, over adapters and the like that came in, or turned
 * round. What a device is fed from may change without anything being lost.
 */
function unplugged({ plan, kinds }: Edited, after: Plan): Link[] {
  const touched = [
    ...missing(plan.links, after.links).map(link => ({ was: link, fed: false })),
    ...changed(plan.links, after.links).map(([was]) => ({ was, fed: carriesPower(was, plan, kinds) })),
  ];
  // Of a device that is taken out that is said, not each of its leads.
  const stands = ({ from, to }: Link): boolean =>
    [from.device, to.device].every(id => id === undefined || after.devices?.[id] !== undefined);
  return touched.flatMap(({ was, fed }) =>
    fed || !stands(was) || stillJoined(was, plan, after) ? [] : [was],
  );
}

function stillJoined({ from, to }: Link, { devices }: Plan, { links }: Plan): boolean {
  const leads = Object.values(links ?? {});
  const reaches = (start: string | undefined, goal: string | undefined): boolean => {
    if (start === undefined || goal === undefined) return false;
    const seen = new Set([start]);
    // A set that grows while it is walked: each device is looked at once.
    for (const device of seen) {
      if (device !== start && devices?.[device]) continue;
      for (const each of leads) if (each.from.device === device && each.to.device) seen.add(each.to.device);
    }
    return start !== goal && seen.has(goal);
  };
  return reaches(from.device, to.device) || reaches(to.device, from.device);
}

function carriesPower({ from, to }: Link, { devices }: Plan, { kinds }: Kinds): boolean {
  if (from.socket !== undefined) return true;
  const port = kinds[devices?.[to.device ?? '']?.kind ?? '']?.ports?.[to.port ?? ''];
  return port?.carries === 'power';
}
