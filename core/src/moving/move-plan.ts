/** Taking a plan to another venue: what answers to what, and where everything stands there. */
import type {
  Area,
  Device,
  Guess,
  Mark,
  Plan,
  Resident,
  Venue,
  VenueChange,
  VenuePin,
} from '../documents/index.js';
import {
  applyPatch,
  boundsOf,
  boxMiddle,
  contains,
  distance,
  idFrom,
  inOrder,
  orderAfter,
  ordersFor,
  inPillar,
  type Json,
  type Operation,
  type Point,
  type Polygon,
} from '../foundations/index.js';
import { answersOf, matchVenues, usedOf, type Answers } from './match.js';

export interface Move {
  readonly plan: Plan;
  /** The venue as the plan sees it now. */
  readonly from: Venue;
  readonly to: Venue;
  readonly pin: VenuePin;
  /** What each thing the plan uses is in the other venue, by map and id; absent = nothing answers to it there. */
  readonly answers: Answers;
}

/** A device within this distance of a matched mark keeps its place to it, m. */
const NEAR_MARK = 3;
const rounded = (metres: number): number => Math.round(metres * 100) / 100 + 0;

/**
 * The operations on a plan that move it: pinned to the other venue, references changed to what answers to them.
 * Marks that nothing answers to come along as the event's own; leads keep the sockets they had, so that it can be
 * told which are missing. House gear that nothing answers to is ours to bring. What stands on a desk, a gallery or a stage stands there again; everything else keeps its
 * place to a mark near it, or its share of the room, and is listed as guessed. Nothing is lost, and one undo takes
 * it all back.
 */
export function movedPlan({ plan, from, to, pin, answers }: Move): Operation[] {
  const replaced = (path: string, value: Json): Operation => ({ op: 'replace', path, value });
  const patch: Operation[] = [replaced('/venue', { ...pin })];
  if (to.zone !== undefined && to.zone !== plan.zone) patch.push(replaced('/zone', to.zone));
  const guesses: Omit<Guess, 'order'>[] = [];
  const changes: Record<string, VenueChange> = {};
  const change = (path: string, value: unknown): void => void (changes[idFrom(path)] = { path, value });

  const share = byShare(from.outline, to.outline);
  const inRoom = (at: Point): Point => nearestInRoom(to, at);
  let order: string | undefined = inOrder(to.marks).at(-1)?.[1].order;
  for (const id of usedOf(plan, from).marks) {
    const mark = from.marks?.[id];
    if (answers.marks[id] !== undefined || !mark) continue;
    const { light: _light, level: _level, ...rest } = mark;
    order = orderAfter(order);
    const record: Mark = { ...rest, order, at: inRoom(share(mark.at)) };
    // A mark of the other venue may have this id by chance; what the plan refers to must be the one that came along.
    change(`/marks/${ownMark(to, id)}`, record);
    guesses.push({ label: `place of ${mark.label}`.slice(0, 80), path: `/marks/${ownMark(to, id)}/at` });
  }
  const markThere = (id: string): string => answers.marks[id] ?? ownMark(to, id);

  for (const map of ['shots', 'runningOrder'] as const) {
    for (const [id, { mark }] of inOrder<{ mark?: string }>(plan[map])) {
      if (mark !== undefined && markThere(mark) !== mark)
        patch.push(replaced(`/${map}/${id}/mark`, markThere(mark)));
    }
  }
  for (const [id, link] of Object.entries(plan.links ?? {})) {
    for (const side of ['from', 'to'] as const) {
      for (const [field, map] of [
        ['socket', 'sockets'],
        ['networkSocket', 'networkSockets'],
      ] as const) {
        const answer = answers[map][link[side][field] ?? ''];
        if (answer !== undefined) patch.push(replaced(`/links/${id}/${side}/${field}`, answer));
      }
    }
  }
  for (const [id, device] of inOrder(plan.devices)) {
    const { place, house } = device;
    if (house !== undefined) {
      const there = answers.houseLines[house] ?? answers.residents[house];
      const resident = to.residents?.[answers.residents[house] ?? ''];
      // What that house has not is ours to bring.
      if (there !== undefined) patch.push(replaced(`/devices/${id}/house`, there));
      else {
        patch.push({ op: 'remove', path: `/devices/${id}/house` });
        if (device.resident) patch.push({ op: 'remove', path: `/devices/${id}/resident` });
      }
      if (resident) {
        patch.push({ op: 'add', path: `/devices/${id}/place`, value: { ...standsAt(resident) } });
        continue;
      }
    }
    const table = from.areas?.[place?.on ?? ''];
    if (table) {
      patch.push({
        op: 'add',
        path: `/devices/${id}/place`,
        value: onThere(place, table, to, at => inRoom(share(at))),
      });
      continue;
    }
    if (!place?.at) continue;
    const there = placeThere(device, place.at, { plan, from, to, pin, answers }, share);
    patch.push(replaced(`/devices/${id}/place/at`, inRoom(there.at)));
    if (place.level !== undefined && there.level === undefined) {
      patch.push({ op: 'remove', path: `/devices/${id}/place/level` });
    } else if (there.level !== undefined && there.level !== place.level) {
      patch.push(replaced(`/devices/${id}/place/level`, there.level));
    }
    if (!there.sure) guesses.push({ label: `place of ${device.label}`.slice(0, 80) });
  }

  const orders = ordersFor(guesses.length);
  guesses.forEach((guess, i) =>
    change(`/guesses/${idFrom(`moved ${guess.label} ${i}`)}`, { order: orders[i] ?? '', ...guess }),
  );
  patch.push({
    op: plan.venueChanges ? 'replace' : 'add',
    path: '/venueChanges',
    value: changes as unknown as Json,
  });
  return patch;
}

/** A plan that was made at one venue, at another, with whatever answers to what it uses by name or kind. */
export function planAt(plan: Plan, from: Venue, to: Venue, pin: VenuePin): Plan {
  const answers = answersOf(matchVenues(plan, from, to));
  return applyPatch(plan, movedPlan({ plan, from, to, pin, answers }));
}

/** What stands on a table or desk of one venue: on what is like it in the other, else where that would be. */
function onThere(
  place: Device['place'],
  table: Area,
  to: Venue,
  there: (at: Point) => Point,
): Exclude<Device['place'], undefined> & Json {
  const alike = inOrder(to.areas).filter(([, { kind }]) => kind === table.kind);
  const [on] = alike.find(([, { label }]) => label === table.label) ?? alike[0] ?? [];
  const { on: _on, at, ...rest } = place ?? {};
  return on === undefined ? { ...rest, at: there(at ?? boxMiddle(table.outline)) } : { ...rest, on };
}

/** Where gear of the house stands, as the place of a device. */
const standsAt = ({ at, height, facing }: Resident): { at: Point; height?: number; facing?: number } => ({
  at,
  ...(height !== undefined && { height }),
  ...(facing !== undefined && { facing }),
});

/** Id under which a mark comes along: its own, unless the other venue has a mark of that id. */
const ownMark = (to: Venue, id: string): string => (to.marks?.[id] ? idFrom(`moved mark ${id}`) : id);

/** Maps a point by its share of one outline's extent to the same share of another's. */
function byShare(from: Polygon, to: Polygon): (at: Point) => Point {
  const [a, b] = [boundsOf(from), boundsOf(to)];
  const along = (value: number, axis: 0 | 1): number => {
    const extent = a.max[axis] - a.min[axis] || 1;
    return rounded(b.min[axis] + ((value - a.min[axis]) / extent) * (b.max[axis] - b.min[axis]));
  };
  return ([x, y]) => [along(x, 0), along(y, 1)];
}

interface There {
  readonly at: Point;
  readonly level: string | undefined;
  /** It stands on something that answers to what it stood on. */
  readonly sure: boolean;
}

/** Kinds of areas that things are put on, the most telling first. */
const STANDS_ON: readonly Area['kind'][] = ['desk', 'cameras', 'raised'];

function placeThere(device: Device, at: Point, move: Move, share: (at: Point) => Point): There {
  const { from, to, answers } = move;
  const level = answers.areas[device.place?.level ?? ''];
  const gallery = from.areas?.[device.place?.level ?? ''];
  const galleryThere = level === undefined ? undefined : to.areas?.[level];
  if (gallery && galleryThere) {
    return { at: byShare(gallery.outline, galleryThere.outline)(at), level, sure: true };
  }
  for (const kind of gallery ? [] : STANDS_ON) {
    const stood = inOrder(from.areas).find(
      ([, each]) => each.kind === kind && contains(each.outline, at),
    )?.[1];
    const alike = inOrder(to.areas).filter(([, each]) => each.kind === kind);
    const there = alike.find(([, each]) => each.label === stood?.label)?.[1] ?? alike[0]?.[1];
    if (stood && there)
      return { at: byShare(stood.outline, there.outline)(at), level: undefined, sure: true };
  }
  const [near] = Object.entries(from.marks ?? {})
    .flatMap(([id, mark]) => {
      const answer = to.marks?.[answers.marks[id] ?? ''];
      const away = distance(mark.at, at);
      return answer && away <= NEAR_MARK ? [{ mark, answer, away }] : [];
    })
    .sort((a, b) => a.away - b.away);
  const point: Point = near
    ? [
        rounded(near.answer.at[0] + at[0] - near.mark.at[0]),
        rounded(near.answer.at[1] + at[1] - near.mark.at[1]),
      ]
    : share(at);
  return { at: point, level: undefined, sure: false };
}

/** The point itself where one can stand there, else the nearest place inside the walls and out of the pillars. */
function nearestInRoom(venue: Venue, at: Point): Point {
  const free = (point: Point): boolean =>
    contains(venue.outline, point) && !inOrder(venue.pillars).some(([, pillar]) => inPillar(pillar, point));
  if (free(at)) return at;
  const { min, max } = boundsOf(venue.outline);
  const far = Math.hypot(max[0] - min[0], max[1] - min[1]) + Math.hypot(at[0] - min[0], at[1] - min[1]);
  for (let ring = 0.2; ring <= far; ring += 0.2) {
    for (let turn = 0; turn < 24; turn++) {
      const angle = (turn * Math.PI) / 12;
      const point: Point = [rounded(at[0] + Math.cos(angle) * ring), rounded(at[1] + Math.sin(angle) * ring)];
      if (free(point)) return point;
    }
  }
  return at;
}
