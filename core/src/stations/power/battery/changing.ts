/** When the battery of a place can be changed. */
import type { Kind, Shot } from '../../../documents/index.js';
import { inOrder, type MapOf } from '../../../foundations/index.js';
import type { PlanWiring } from '../../signal/index.js';
import type { Feed } from '../feeding.js';
import type { Stretch, Timeline } from '../timeline.js';

export interface Changing {
  /** What hangs on the battery. */
  readonly drawing: readonly (readonly [id: string, kind: Kind | undefined])[];
  readonly shotsWanted: MapOf<Shot> | undefined;
  /** The camera of each shot. */
  readonly cameras: Readonly<Record<string, { readonly camera: string | undefined }>>;
}

export interface ChangingReads extends Pick<Changing, 'shotsWanted' | 'cameras'> {
  readonly wiring: PlanWiring;
  readonly feeds: Readonly<Record<string, Feed>>;
}

export const changingOf = (
  battery: string,
  { wiring, feeds, shotsWanted, cameras }: ChangingReads,
): Changing => ({
  drawing: inOrder(wiring.devices).flatMap(([id]) =>
    feeds[id]?.from === battery ? [[id, wiring.kindOf(id)] as const] : [],
  ),
  shotsWanted,
  cameras,
});

/** Minutes that a thing is reckoned to be off for a change, where nobody knows. */
const RESTART = 5;

/** Whether nothing that hangs on a battery is missed while that is changed, in so many minutes of a stretch of the day. */
export const canChange = (of: Changing, stretch: Pick<Stretch, 'phase' | 'item'>, minutes: number): boolean =>
  of.drawing.every(
    ([device, kind]) =>
      kind?.power?.hotSwap === true ||
      kind?.inner !== undefined ||
      (!isWanted(device, stretch, of) && minutes >= (kind?.power?.restart ?? RESTART)),
  );

/** The same at a moment, minutes after the start: what ends then or begins then may be used. */
export const canChangeAt = (of: Changing, timeline: Timeline, at: number): boolean => {
  const there = timeline.filter(({ from, to }) => from <= at && at <= to);
  return there.length === 0 || there.some(stretch => canChange(of, stretch, stretch.to - stretch.from));
};

/** Whether a device is on air: live, and of a camera that has shots, if one of them is wanted then. */
function isWanted(
  device: string,
  { phase, item }: Pick<Stretch, 'phase' | 'item'>,
  { shotsWanted, cameras }: Changing,
): boolean {
  if (phase !== 'live') return false;
  const own = inOrder(shotsWanted).filter(([id]) => cameras[id]?.camera === device);
  // Of what is no camera, or has a shot at a time of its own, nobody knows when it is not wanted.
  return own.length === 0 || own.some(([, { items }]) => !items || items.includes(item ?? ''));
}

/** The connector of what a battery gives: batteries of one connector go in each other’s place. */
export const outletOf = (battery: Kind | undefined): string | undefined =>
  Object.values(battery?.ports ?? {}).find(
    ({ carries, direction }) => carries === 'power' && direction === 'out',
  )?.connector;
