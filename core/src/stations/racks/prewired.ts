/** What a rack that stays wired saves on the day, against what its case and fittings weigh. */
import type { Kind } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { CaseKind } from '../in-rack/box.js';
import type { Held } from '../in-rack/held.js';
import { PER_LINK, PER_LINK_WORDS } from '../runs/plugging.js';
import type { InnerLink } from './inner-links.js';

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
  {
    leads,
    weights,
  }: { readonly leads: readonly InnerLink[]; readonly weights: Readonly<Record<string, Figure>> },
): Prewired {
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
