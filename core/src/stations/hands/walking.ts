/** Metres that somebody walks between the places at which they work, in one item. */
import { distance } from '../../foundations/index.js';
import type { RoleAsked } from './asked.js';
import { BY_MINUTE } from './asked.js';
import type { HandsReads } from './result.js';

export interface Walk {
  readonly least: number;
  /** Undefined where it is not known how often, or how far. */
  readonly most: number | undefined;
}

/** Two places this near are one: nobody walks, m. */
const WITHIN_REACH = 2.5;

interface Visit {
  readonly place: string;
  readonly least: number;
  readonly most: number | undefined;
}

const NOWHERE: Walk = { least: 0, most: 0 };

/**
 * At least once to each place at which something is done, by the shortest of the ways; at most there and back for
 * everything that is done elsewhere than at the busiest place, by the longest.
 */
export function walkOf(asked: readonly RoleAsked[], minutes: number, places: HandsReads['workPlaces']): Walk {
  const visits = visitsOf(asked, minutes);
  if (visits.length < 2) return NOWHERE;
  const ways = visits.flatMap((a, i) => visits.slice(i + 1).map(b => wayBetween(a.place, b.place, places)));
  if (ways.every(way => way === 0)) return NOWHERE;
  const surely = visits.filter(({ least }) => least > 0);
  const between = surely.flatMap((a, i) =>
    surely.slice(i + 1).map(b => wayBetween(a.place, b.place, places) ?? 0),
  );
  const least = between.length === 0 ? 0 : Math.min(...between) * (surely.length - 1);
  const longest = ways.reduce<number | undefined>(
    (most, way) => (most === undefined || way === undefined ? undefined : Math.max(most, way)),
    0,
  );
  const times = visits.map(({ most }) => most);
  if (longest === undefined || times.some(each => each === undefined)) return { least, most: undefined };
  const all = times.reduce<number>((sum, each) => sum + (each ?? 0), 0);
  const elsewhere = all - Math.max(...times.map(each => each ?? 0));
  // Where they stood when the item began is not known: one more.
  const walks = all === 0 ? 0 : Math.min(all - 1, 2 * elsewhere) + 1;
  return { least, most: Math.max(least, walks * longest) };
}

/** How often something is done at each place; jobs at one place count together. */
function visitsOf(asked: readonly RoleAsked[], minutes: number): Visit[] {
  const visits = new Map<string, Visit>();
  for (const { role, jobs } of asked) {
    const place = role.done.at;
    if (place === undefined || (jobs.length === 0 && !role.done.unsaid)) continue;
    let { least, most }: Omit<Visit, 'place'> = visits.get(place) ?? { least: 0, most: 0 };
    for (const each of jobs) {
      const times = BY_MINUTE.has(each.job) ? minutes : 1;
      least += each.least * times;
      most = most === undefined || each.most === undefined ? undefined : most + each.most * times;
    }
    if (role.done.unsaid) most = undefined;
    visits.set(place, { place, least, most });
  }
  return [...visits.values()].filter(({ most }) => most !== 0);
}

/** From one place to another, m; undefined where one has no place, or is on another level. */
function wayBetween(a: string, b: string, places: HandsReads['workPlaces']): number | undefined {
  const [from, to] = [places[a], places[b]];
  if (!from || !to || from.level !== to.level) return undefined;
  const metres = distance(from.at, to.at);
  return metres <= WITHIN_REACH ? 0 : metres;
}
