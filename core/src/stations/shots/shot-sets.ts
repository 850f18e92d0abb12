/** Sets of shots by format: what people usually want of an interview, a panel, a ceremony … */
import type { Importance, Plan, ShotSize } from '../../documents/index.js';
import { inOrder, newId, orderAfter, type Operation } from '../../foundations/index.js';
import { editPlan } from '../../edits.js';

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
  return editPlan(plan).each(SHOT_SETS[set] ?? [], (edit, { size, importance }) => {
    if (own.has(size)) return;
    order = orderAfter(order);
    edit.put('shots', newId(), { order, mark, size, importance, ...(items.length > 0 && { items }) });
  }).patch;
}
