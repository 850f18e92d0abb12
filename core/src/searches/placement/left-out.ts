/** Why a set of positions has no place for a camera. */
import { counted, showText, type Reading } from '../../foundations/index.js';
import type { Best, Pool } from './branch-and-bound.js';
import type { Prepared } from './prepare.js';
import type { Score } from './score.js';

export interface LeftOut {
  /** The camera, or what was insisted on. */
  readonly label: string;
  /** In words that follow “CLOSE:”. */
  readonly why: string;
}

const PLAIN: Reading = { system: 'metric', zone: 'UTC' };

/** The cameras that may be put up and are not among `devices`, with the reasons; `pools`: what was looked through. */
export function leftOut(
  prepared: Prepared,
  { casts }: Pick<Best, 'casts'>,
  devices: readonly string[],
  pools: readonly Pool[],
  score: Score,
): LeftOut[] {
  const { options, bundle, nowhere, fixed } = prepared;
  const wishes = unmet(prepared);
  if (wishes.length > 0 && casts.length <= fixed) return wishes;
  return options.cameras.flatMap((id): LeftOut[] => {
    const label = bundle.plan.devices?.[id]?.label;
    const own = (pool: Pool): boolean => pool.task === undefined && pool.means.devices.includes(id);
    const all = prepared.pools.find(own);
    if (label === undefined || !all || devices.includes(id)) return [];
    const why = nowhere.get(all.means) ?? whyNot(pools.find(own) ?? all);
    return [{ label, why }];
  });

  function whyNot({ means, poses }: Pool): string {
    if (poses.length === 0) return 'this way does without the places that it could take';
    const free = poses.filter(pose =>
      casts.every(other => score.betweenTwo(other, { pose, means }) < Infinity),
    );
    if (free.length === 0) return 'the others stand wherever it could';
    if (casts.length - fixed >= options.count)
      return options.count === 1
        ? 'only one camera is asked for'
        : `only ${options.count} cameras are asked for`;
    const without = score.best(casts);
    let [adds, costs] = [-Infinity, 0];
    for (const pose of free) {
      const gain = score.gain(without, pose);
      if (gain > adds - costs) [adds, costs] = [gain + pose.cost, pose.cost];
    }
    const points = (value: number): string => showText(value, '', PLAIN);
    return adds <= 0
      ? 'the others show already all that it could'
      : `it would add ${points(adds)} points at most, and cost ${points(costs)} by its cable and by the seats that it disturbs`;
  }
}

/** What was insisted on and cannot be had. */
function unmet({ options, pools }: Prepared): LeftOut[] {
  const { insisted, count } = options;
  if (insisted.length > count) {
    const why = `there are ${insisted.length} of them, and at most ${counted(count, 'camera is', 'cameras are')} put up`;
    return [{ label: 'Places where one is wanted', why }];
  }
  return insisted.flatMap((_, i) => {
    const could = pools.some(({ task, poses }) => task === `insisted ${i}` && poses.length > 0);
    if (could) return [];
    return [{ label: 'A place where one is wanted', why: 'no camera can serve any of the shots from there' }];
  });
}
