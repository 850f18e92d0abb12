/**
 * What a set of poses is worth together, in points. Model:
 *
 * - At each moment a camera that is worked by hand or by remote takes one shot; a locked one takes every shot that
 *   lies in its frame. A shot is worth its points times its quality; a second camera on it adds a share of that, most
 *   for a vital shot. Who takes what is the best assignment.
 * - Each camera that stands in the picture of another takes 0.4 off what that shot is worth there.
 * - Two cameras that see a shot from less than 30° apart lose most of what the second is worth; a conversation seen
 *   from both sides of its axis costs points, and so do cable, disturbance and each camera.
 * - Stands may not overlap.
 */
import { angleBetween, direction, distance, type Point } from '../../foundations/index.js';
import { workedByHand } from '../../stations/equipment.js';
import { footprintOf } from '../../stations/floor-taken.js';
import type { Body } from '../../stations/shots/bodies.js';
import { Appraisal, Outlook } from '../../stations/shots/appraisal.js';
import { assign } from './assignment.js';
import type { Demand, WantedShot } from './demands.js';
import { CREW_IN_SHOT, isSeen, pictureOf, worthwhile, type Means, type Scene, type Pose } from './poses.js';

/** Of what a second camera is worth, the share that is lost where it sees a shot from nearly the same side. */
export const SAME_SIDE = 0.8;
/** Nearly the same side, degrees. */
export const APART = 30;
/** Points for two cameras on both sides of a conversation. */
const ACROSS_AXIS = 0.5;
/** People within this distance who face each other are in conversation, m and degrees. */
const CONVERSATION = { distance: 5, facing: 60 } as const;

/** A pose with the means that takes it. */
export interface Cast {
  readonly pose: Pose;
  readonly means: Means;
}

/** Who takes a shot at a moment. */
export interface Service {
  readonly shot: number;
  /** Index of the cast. */
  readonly by: number;
  readonly quality: number;
  /** It is the second camera on it. */
  readonly second: boolean;
  readonly points: number;
}

/** Qualities of a camera, or of the best of several places taken together. */
export interface Row {
  readonly quality: ArrayLike<number>;
  /** It takes all shots at once. */
  readonly locked: boolean;
}

/** The best assignment of cameras to shots at every moment; `services` collects who takes what. */
export function served(
  rows: readonly Row[],
  moments: readonly (readonly Demand[])[],
  shots: readonly Pick<WantedShot, 'second'>[],
  services?: Service[],
): number {
  let sum = 0;
  for (const moment of moments) sum += servedAt(rows, moment, shots, services);
  return sum;
}

function servedAt(
  rows: readonly Row[],
  moment: readonly Demand[],
  shots: readonly Pick<WantedShot, 'second'>[],
  services?: Service[],
): number {
  const [only] = moment;
  if (moment.length === 1 && only) return servedAlone(rows, only, shots[only.shot]?.second ?? 0, services);
  const columns = moment.flatMap(demand => [
    { demand, second: false, share: 1 },
    { demand, second: true, share: shots[demand.shot]?.second ?? 0 },
  ]);
  const takers = rows.flatMap(
    ({ quality, locked }, by): { by: number; only?: number; quality: ArrayLike<number> }[] =>
      locked
        ? moment.flatMap(({ shot }) => ((quality[shot] ?? 0) > 0 ? [{ by, only: shot, quality }] : []))
        : [{ by, quality }],
  );
  const score = takers.map(({ only: shot, quality }) =>
    columns.map(({ demand, share }) =>
      shot !== undefined && shot !== demand.shot ? 0 : demand.points * (quality[demand.shot] ?? 0) * share,
    ),
  );
  let sum = 0;
  assign(score).forEach((column, i) => {
    const [taken, taker] = [columns[column], takers[i]];
    if (!taken || !taker) return;
    const points = score[i]?.[column] ?? 0;
    sum += points;
    const { shot } = taken.demand;
    services?.push({ shot, by: taker.by, quality: taker.quality[shot] ?? 0, second: taken.second, points });
  });
  return sum;
}

/** A shot at a time of its own: the best camera takes it, and the next best is the second. */
function servedAlone(
  rows: readonly Row[],
  { shot, points }: Demand,
  share: number,
  services?: Service[],
): number {
  let [best, next, bestBy, nextBy] = [0, 0, -1, -1];
  rows.forEach(({ quality }, by) => {
    const q = quality[shot] ?? 0;
    if (q > best) [next, nextBy, best, bestBy] = [best, bestBy, q, by];
    else if (q > next) [next, nextBy] = [q, by];
  });
  if (bestBy < 0) return 0;
  services?.push({ shot, by: bestBy, quality: best, second: false, points: points * best });
  if (nextBy < 0) return points * best;
  services?.push({ shot, by: nextBy, quality: next, second: true, points: points * next * share });
  return points * (best + share * next);
}

/** Two marks whose people face each other. */
type Conversation = readonly [Point, Point];

export function conversationsIn(shots: readonly WantedShot[]): Conversation[] {
  const marks = [...new Set(shots.map(({ subject }) => subject.mark))];
  return marks.flatMap((a, i) =>
    marks.slice(i + 1).flatMap((b): Conversation[] => {
      const faces = (from: typeof a, to: typeof a): boolean =>
        angleBetween(from.facing, direction(from.at, to.at)) <= CONVERSATION.facing;
      const near = distance(a.at, b.at) <= CONVERSATION.distance;
      return near && faces(a, b) && faces(b, a) ? [[a.at, b.at]] : [];
    }),
  );
}

/** What a set of poses is worth with all that they do to each other. */
export class Score {
  private readonly conversations: readonly Conversation[];

  constructor(private readonly scene: Scene) {
    this.conversations = conversationsIn(scene.wanted.shots);
  }

  /** Points, or −∞ where two stands overlap; `services` collects who takes what. */
  of(casts: readonly Cast[], services?: Service[]): number {
    const { shots, moments } = this.scene.wanted;
    let costs = 0;
    for (const [i, a] of casts.entries()) {
      costs += a.pose.cost;
      for (const b of casts.slice(i + 1)) {
        const cost = this.betweenTwo(a, b);
        if (cost === Infinity) return -Infinity;
        costs += cost;
      }
    }
    const rows = casts.map((cast, i): Row => ({
      locked: cast.means.worked === 'locked',
      quality: this.qualityBeside(
        cast,
        casts.filter((_, j) => j !== i),
      ),
    }));
    return served(rows, moments, shots, services) - costs;
  }

  /** The best quality of each shot that some cameras give, and the next best. */
  best(casts: readonly Cast[]): { readonly first: number[]; readonly second: number[] } {
    const first = new Array<number>(this.scene.wanted.shots.length).fill(0);
    const second = first.slice();
    for (const { pose } of casts) {
      pose.quality.forEach((q, i) => {
        if (q > (first[i] ?? 0)) [second[i], first[i]] = [first[i] ?? 0, q];
        else if (q > (second[i] ?? 0)) second[i] = q;
      });
    }
    return { first, second };
  }

  /** Points a pose would add to that, were every shot at a time of its own. */
  gain(
    { first, second }: ReturnType<Score['best']>,
    { quality, cost }: { readonly quality: ArrayLike<number>; readonly cost: number },
  ): number {
    const { shots } = this.scene.wanted;
    let sum = -cost;
    for (let i = 0; i < shots.length; i++) {
      const { points, second: share } = shots[i] as WantedShot;
      const [q, one, two] = [quality[i] as number, first[i] as number, second[i] as number];
      if (q > one) sum += points * (q - one + share * (one - two));
      else if (q > two) sum += points * share * (q - two);
    }
    return sum;
  }

  /** How many of some bodies stand in the picture of a shot. */
  private crewIn({ pose, means }: Cast, shot: number, bodies: readonly Body[]): number {
    const { subject } = this.scene.wanted.shots[shot] as WantedShot;
    const picture = pictureFrom(pose, subject, means, this.scene);
    return bodies.filter(body => isSeen(picture, body, this.scene.blocking)).length;
  }

  /** Qualities of a pose with some others in its pictures. */
  qualityBeside(cast: Cast, others: readonly Cast[]): readonly number[] {
    const { quality } = cast.pose;
    if (others.length === 0) return quality;
    const bodies = others.map(bodyOf);
    return quality.map((q, shot) =>
      q === 0 ? 0 : worthwhile(q * (1 - CREW_IN_SHOT * this.crewIn(cast, shot, bodies))),
    );
  }

  /** Points that two poses cost each other; infinite where their stands overlap. */
  betweenTwo(a: Cast, b: Cast): number {
    const apart = (footprintOf(a.means.worked) + footprintOf(b.means.worked)) / 2;
    const [from, to] = [a.pose.at, b.pose.at];
    if (
      a.pose.level === b.pose.level &&
      Math.max(Math.abs(from[0] - to[0]), Math.abs(from[1] - to[1])) < apart
    ) {
      return Infinity;
    }
    let cost = 0;
    this.scene.wanted.shots.forEach(({ second, points }, i) => {
      const both = Math.min(a.pose.quality[i] as number, b.pose.quality[i] as number);
      if (both === 0) return;
      const off = angleBetween(a.pose.bearings[i] ?? 0, b.pose.bearings[i] ?? 0);
      if (off < APART) cost += SAME_SIDE * second * points * both;
    });
    for (const [p, q] of this.conversations) {
      const side = ([x, y]: Point): number => (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]);
      if (side(from) * side(to) < 0) cost += ACROSS_AXIS;
    }
    return cost;
  }
}

/** A camera with who works it, as others see it. */
function bodyOf({ pose, means }: Cast): Body {
  const worked = workedByHand(means.worked);
  return {
    id: '',
    label: '',
    at: pose.at,
    floor: pose.floor,
    width: 0.5,
    legs: !worked,
    operator: worked,
    top: pose.floor + (worked ? Math.max(pose.height, 1.8) : pose.height),
  };
}

const pictures = new WeakMap<Pose, Map<WantedShot['subject'], ReturnType<typeof pictureOf>>>();

function pictureFrom(pose: Pose, subject: WantedShot['subject'], { lens }: Means, scene: Scene) {
  const known = pictures.get(pose) ?? new Map<WantedShot['subject'], ReturnType<typeof pictureOf>>();
  pictures.set(pose, known);
  let picture = known.get(subject);
  if (!picture) {
    const height = pose.floor + pose.height;
    const view = new Outlook(pose.at, pose.level, subject, [], {});
    const shot = new Appraisal(pose.at, height, view, subject, lens, scene.rules, pose.frame?.focal);
    picture = pictureOf(pose, height, subject, shot, lens, pose.frame?.aim);
    known.set(subject, picture);
  }
  return picture;
}
