/** Sets of shots by format: what people usually want of an interview, a panel, a ceremony … */
import type { Importance, Plan, Shot, ShotSize } from '../../documents/index.js';
import { inOrder, newId, orderAfter, type Operation } from '../../foundations/index.js';

interface Wanted {
  readonly size: ShotSize;
  readonly importance: Importance;
}
const vital = (size: ShotSize): Wanted => ({ size, importance: 'vital' });
const wanted = (size: ShotSize): Wanted => ({ size, importance: 'wanted' });
const nice = (size: ShotSize): Wanted => ({ size, importance: 'nice' });

export const SHOT_SETS: Readonly<Record<string, readonly Wanted[]>> = {
  interview: [vital('pair'), wanted('chest up'), wanted('head and shoulders'), nice('whole area')],
  panel: [vital('panel'), wanted('pair'), wanted('chest up'), nice('whole area')],
  ceremony: [vital('whole area'), vital('waist up'), wanted('pair'), nice('full figure')],
  concert: [vital('whole area'), wanted('full figure'), wanted('waist up'), nice('head and shoulders')],
  'talk with slides': [vital('waist up'), wanted('full figure'), nice('whole area')],
  'table from above': [vital('from above'), wanted('waist up')],
};

/** Adds the shots of a set that a mark is not yet wanted in, for nobody yet; `items` are those it is wanted in. */
export function shotSetPatch(plan: Plan, set: string, mark: string): Operation[] {
  const shots = inOrder(plan.shots);
  const own = new Set(shots.flatMap(([, shot]) => (shot.mark === mark ? [shot.size] : [])));
  const items = inOrder(plan.runningOrder).flatMap(([id, item]) => (item.mark === mark ? [id] : []));
  let order = shots.at(-1)?.[1].order;
  const added = (SHOT_SETS[set] ?? [])
    .filter(({ size }) => !own.has(size))
    .map(({ size, importance }): Operation => {
      order = orderAfter(order);
      const value: Shot = { order, mark, size, importance, ...(items.length > 0 && { items }) };
      return { op: 'add', path: `/shots/${newId()}`, value: { ...value } };
    });
  return plan.shots ? added : [{ op: 'add', path: '/shots', value: {} }, ...added];
}
