/** Drawers that are pulled out: the room they need before the rack, and how it stands then. */
import { constant, given, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './balance-figures.js';
import type { CaseKind } from '../in-rack/box.js';
import type { Held } from '../in-rack/held.js';
import { isRear } from '../in-rack/units.js';
import type { RackBalance, RackItem } from './result.js';
import { loadOn } from './trays.js';

/** Of a drawer on the rails; nothing of other things. */
export function drawerOf(
  rackId: string,
  own: Held,
  held: readonly Held[],
  {
    of,
    outside,
    balance,
    weights,
  }: {
    readonly of: CaseKind;
    /** How deep the case is outside, m. */
    readonly outside: number | undefined;
    readonly balance: RackBalance;
    readonly weights: Readonly<Record<string, Figure>>;
  },
): Pick<RackItem, 'comesOut' | 'openTip'> {
  const { rack } = own.kind ?? {};
  if (own.how !== 'rails' || rack?.fitting !== 'drawer') return {};
  const ids: [string, string] = [rackId, own.id];
  const out = given('out', rack.depth, 'm', 'kinds', `/kinds/${own.device.kind}/rack/depth`);
  const comesOut = figures.comesOut.calc(ids, [out]);
  const moved = [own, ...loadOn(own.id, held)];
  const unweighed = moved.find(({ id }) => numberOf(weights[id]) === undefined);
  if (unweighed)
    return { comesOut, openTip: figures.openTip.unknown(ids, `${unweighed.device.label} was not weighed`) };
  if (outside === undefined || numberOf(balance.mass) === undefined)
    return { comesOut, openTip: figures.openTip.unknown(ids, `how ${of.label} stands is not known`) };
  const edge = (outside - (of.rack.feetAlong ?? outside)) / 2;
  const rear = isRear(own);
  return {
    comesOut,
    openTip: figures.openTip.calc(
      ids,
      [
        constant('outside', outside, 'm', 'from its front to its rear'),
        constant('edge', edge, 'm', `from its ${rear ? 'rear' : 'front'} to the feet there`),
        taken('along', balance.along),
        out,
        ...moved.flatMap(({ id }) => (weights[id] ? [taken('drawer', weights[id])] : [])),
        taken('mass', balance.mass),
        taken('centre', balance.centre),
      ],
      {
        formula: `atan((${rear ? 'outside - along' : 'along'} - edge - out * sum(drawer) / mass) / centre)`,
        rule: 'pulled out by its whole depth; below 10° it does not stand by itself',
      },
    ),
  };
}
