/** The compartments of a case, and things as boxes in them. */
import type { Hold, Travel } from '../documents/index.js';
import type { Box, Space } from './boxes.js';

const MM = 1000;
/** A thing is never taken for smaller than it is, nor a case for larger; what is off by a rounding is neither. */
const up = (metres: number): number => Math.ceil(metres * MM - 1e-6);
const down = (metres: number): number => Math.floor(metres * MM + 1e-6);

/** Compartments from the lowest layer, front to rear, then left to right; each carries what the whole case does. */
export function spacesOf(hold: Hold): Space[] {
  const { width, depth, height, load, foam = 0, tiers = 1, across = 1, along = 1 } = hold;
  const space: Space = {
    // Foam is before the first and after each.
    sides: [down(width / across - foam), down(depth / along - foam), down(height / tiers - foam)],
    load,
  };
  return Array.from({ length: tiers * across * along }, () => space);
}

/** The corner of a compartment in its case, m. */
export function cornerOf(
  { width, depth, height, tiers = 1, across = 1, along = 1 }: Hold,
  space: number,
): readonly [x: number, y: number, z: number] {
  const tier = Math.floor(space / (across * along));
  const row = Math.floor(space / across) % along;
  return [((space % across) * width) / across, (row * depth) / along, (tier * height) / tiers];
}

/** A thing as a box, with the foam around it. */
export const boxFor = (
  { width, depth, height }: { readonly width: number; readonly depth: number; readonly height: number },
  { foam = 0 }: Pick<Hold, 'foam'>,
  kg: number,
  travel: Travel | undefined,
): Box => ({
  sides: [up(width + foam), up(depth + foam), up(height + foam)],
  kg,
  upright: travel?.upright === true,
  top: travel?.top === true,
});
