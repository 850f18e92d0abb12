/** What is wanted of all cameras together: each shot, in each item of the running order that it is wanted in. */
import type { Importance, Plan, Shot } from '../../documents/index.js';
import { inOrder, type Figure } from '../../foundations/index.js';
import type { GroundResult } from '../../stations/ground/index.js';
import { subjectOf, type Subject } from '../../stations/shots/appraisal.js';

/** Points a shot is worth when it is served as well as can be. */
const POINTS: Readonly<Record<Importance, number>> = { vital: 3, wanted: 2, nice: 1 };

/** What a second camera on a shot is worth, as a share of the first: one may cut to it, and fall back on it. */
const SECOND: Readonly<Record<Importance, number>> = { vital: 0.4, wanted: 0.2, nice: 0.1 };

export interface WantedShot {
  readonly id: string;
  readonly label: string;
  readonly subject: Subject;
  readonly size: Shot['size'];
  readonly points: number;
  readonly second: number;
  /** It should be covered twice. */
  readonly twice: boolean;
}

/** A shot at some moment, and the points it is worth there. */
export interface Demand {
  /** Index of the shot. */
  readonly shot: number;
  readonly points: number;
}

export interface Wanted {
  readonly shots: readonly WantedShot[];
  /** What is wanted at the same time: one list for each item of the running order, and for each shot without any. */
  readonly moments: readonly (readonly Demand[])[];
}

/** A shot's points are shared evenly among the items it is wanted in; items that are gone do not count. */
export function wantedOf(
  plan: Pick<Plan, 'shots' | 'runningOrder'>,
  ground: GroundResult,
  light: Readonly<Record<string, Figure>>,
): Wanted {
  const shots: WantedShot[] = [];
  const moments = new Map<string, Demand[]>();
  for (const [id, shot] of inOrder(plan.shots)) {
    const subject = subjectOf(
      id,
      shot,
      ground.venue.marks?.[shot.mark],
      ground.marks[shot.mark],
      light[shot.mark],
    );
    if (!subject) continue;
    const { importance = 'wanted' } = shot;
    const items = (shot.items ?? []).filter(item => plan.runningOrder?.[item]);
    const names = items.length > 0 ? items : [`alone ${id}`];
    for (const name of names) {
      const demand = { shot: shots.length, points: POINTS[importance] / names.length };
      moments.set(name, [...(moments.get(name) ?? []), demand]);
    }
    shots.push({
      id,
      label: `${subject.mark.label}, ${shot.size}`,
      subject,
      size: shot.size,
      points: POINTS[importance],
      second: SECOND[importance],
      twice: importance === 'vital',
    });
  }
  return { shots, moments: [...moments.values()] };
}
