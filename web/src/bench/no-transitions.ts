/**
 * Takes the place of `d3-transition`, which `d3-zoom` asks to end whatever moves before it moves the picture itself.
 * Here pictures follow the hand at once and nothing is ever under way, so that its package need not be fetched.
 */
import { selection } from 'd3-selection';

Object.assign(selection.prototype, {
  interrupt<T>(this: T): T {
    return this;
  },
});

export const interrupt = (): void => undefined;
