/** Whether the hours of the venue are enough. */
import { given, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';

/** Minutes that people are called before the venue opens; undefined where nobody has said when it does. */
export const beforeOpenOf = ({
  call,
  open,
}: {
  readonly call: Figure;
  readonly open: string | undefined;
}): Figure | undefined =>
  open === undefined
    ? undefined
    : figures.beforeOpen.calc(
        [],
        [taken('call', call), given('open', open, 'instant', 'plan', '/hours/open')],
      );

/** Minutes that everything is struck after the venue is locked; undefined where nobody has said when it is. */
export const afterLockedOf = ({
  leave,
  locked,
}: {
  readonly leave: Figure;
  readonly locked: string | undefined;
}): Figure | undefined =>
  locked === undefined
    ? undefined
    : figures.afterLocked.calc(
        [],
        [given('locked', locked, 'instant', 'plan', '/hours/locked'), taken('leave', leave)],
      );
