/** How long a lead within a rack is. */
import { constant, type Figure } from '../../foundations/index.js';
import { wayBetween, type InRack } from '../in-rack/inner.js';
import * as figures from './figures.js';

/** Laced along the rails at right angles, with a loop that lets the deeper of both be drawn out while it is plugged. */
const LACED = 'across + up + back + 2 * deep';

/** From what is on the rails to what else is, m. */
export function laced(id: string, from: InRack, to: InRack): Figure {
  const { across, up, back, deep, guessed } = wayBetween(from, to);
  const deeper = guessed ? 'a depth was not measured: half of the case' : 'the deeper of both';
  return figures.runLength.calc(
    [id],
    [
      constant('across', across, 'm', 'between the middles of both, across the rack'),
      constant('up', up, 'm', 'between them, up the rack'),
      constant('back', back, 'm', 'between their rears, front to back'),
      constant('deep', deep, 'm', deeper),
    ],
    { formula: LACED, rule: 'along the rails, and a loop to draw the deeper one out while it is plugged' },
  );
}
