/** What a rack that stays wired saves on the day, against what its case and fittings weigh. */
import type { Kind } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { CaseKind } from '../in-rack/box.js';
import type { Held } from '../in-rack/held.js';
import { makeOf } from '../runs/routed.js';
import { PER_LINK, PER_LINK_WORDS } from '../runs/plugging.js';
import type { PlanWiring } from '../signal/index.js';

export interface Prewired {
  readonly saves: Figure;
  readonly adds: Figure;
}

/** Minutes that its inner leads take where they are plugged on site, and kilos that would not come along loose. */
export function prewiredOf(
  id: string,
  of: CaseKind,
  outside: Kind | undefined,
  held: readonly Held[],
  { wiring, weights }: { readonly wiring: PlanWiring; readonly weights: Readonly<Record<string, Figure>> },
): Prewired {
  const within = new Set(held.map(each => each.id));
  const leads = held
    .flatMap(each => wiring.outOf(each.id))
    .filter(([, link]) => within.has(link.to.device ?? '') && makeOf(link, wiring) !== undefined);
  const fittings = held.filter(({ kind }) => kind?.rack?.fitting !== undefined);
  const unweighed = fittings.find(each => numberOf(weights[each.id]) === undefined);
  return {
    saves: figures.wiredSaves.calc(
      [id],
      [
        constant('links', leads.length, 'pieces', 'leads within it'),
        constant('per_link', PER_LINK, 'min', PER_LINK_WORDS),
      ],
    ),
    adds: unweighed
      ? figures.wiredAdds.unknown([id], `${unweighed.device.label} was not weighed`)
      : figures.wiredAdds.calc(
          [id],
          [
            given('empty', outside?.weight, 'kg', 'kinds', `/kinds/${of.kind}/weight`),
            ...fittings.flatMap(each =>
              weights[each.id] ? [taken('fitting', weights[each.id] as Figure)] : [],
            ),
          ],
        ),
  };
}
