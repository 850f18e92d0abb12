/** Past what a shot is seen: walls and pillars, heads, furniture and what hangs. */
import { constant, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures/sight.js';
import { pastSolids, solidsBetween } from './past-solids.js';
import type { Sight } from './result.js';
import type { Placed } from './shot.js';
import { hiddenShare, overHeads, seatsBetween } from './sight.js';

/** `wanted` is the frame width and `lowest` the lowest point wanted, m. */
export function sightOf(
  id: string,
  placed: Placed,
  wanted: Figure,
  { lowest, waist }: { readonly lowest: Figure; readonly waist: Figure | undefined },
): Sight {
  const { at, mark, place, run, lens, face, areas, rules, blockers } = placed;
  const line = { run, lens: { ...lens, name: 'hL' }, target: taken('hT', waist ?? lowest) };
  const seats = seatsBetween(areas, at, mark.at);
  const standing = overHeads(id, seats, line, 'standingHead', rules);
  const between = solidsBetween(areas, { at, level: place.level }, { at: mark.at, level: mark.level });
  const solids = pastSolids(id, between, run, { lens, lowest, face });
  const inTheWay = hiddenShare(at, mark.at, numberOf(wanted) ?? 1, blockers);
  const hidden = figures.hidden.found([id], inTheWay.share * 100, [taken('frame', wanted)]);
  const middle = 'a wall or pillar stands before the middle of the frame';
  return {
    hidden,
    sight: figures.sight.calc(
      [id],
      [constant('middle', inTheWay.middle, '', middle), taken('hidden', hidden)],
    ),
    waist,
    overSeated: overHeads(id, seats, line, 'seatedHead', rules).clear,
    overStanding: standing.clear,
    hiddenBy: inTheWay.by,
    block: standing.block,
    pastSolids: solids.clear,
    solid: solids.by,
  };
}
