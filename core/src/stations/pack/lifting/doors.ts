/** Whether a case goes through the narrowest and the lowest door of the way in. */
import type { Facts, Kinds } from '../../../documents/index.js';
import { constant, declare, DEFINITION, given, type Figure } from '../../../foundations/index.js';

export const doorLeft = declare({
  key: 'pack.cases.*.door.doorLeft',
  label: 'Left at the door, as it stands',
  unit: 'm',
  basis: DEFINITION,
  formula: 'min(door - side, lintel - tall)',
});
export const doorTilted = declare({
  key: 'pack.cases.*.door.doorTilted',
  label: 'Left at the door, laid on a side',
  unit: 'm',
  basis: DEFINITION,
  formula: 'min(door - side, lintel - tall)',
  limits: { raises: 'pack.door', risk: { below: 0 } },
});

export interface AtDoor {
  readonly doorLeft: Figure;
  readonly doorTilted: Figure;
}

/** Upright, and laid as it passes best; undefined where no door of the way was measured. */
export function atDoor(
  id: string,
  kind: Kinds['kinds'][string] | undefined,
  way: Facts['way'],
): AtDoor | undefined {
  const { width: door, height: lintel } = way ?? {};
  if (door === undefined || lintel === undefined) return undefined;
  const { width, depth, height } = kind?.size ?? {};
  if (width === undefined || depth === undefined || height === undefined) {
    const why = 'how large it is outside was not measured';
    return { doorLeft: doorLeft.unknown([id], why), doorTilted: doorTilted.unknown([id], why) };
  }
  const doors = [
    given('door', door, 'm', 'venue', '/facts/way/width'),
    given('lintel', lintel, 'm', 'venue', '/facts/way/height'),
  ];
  const [least = 0, next = 0] = [width, depth, height].toSorted((a, b) => a - b);
  const [side, tall] = door < lintel ? [least, next] : [next, least];
  return {
    doorLeft: doorLeft.calc(
      [id],
      [
        ...doors,
        constant('side', Math.min(width, depth), 'm', 'its narrow side'),
        constant('tall', height, 'm', 'its height'),
      ],
    ),
    doorTilted: doorTilted.calc(
      [id],
      [...doors, constant('side', side, 'm', 'one of its sides'), constant('tall', tall, 'm', 'another')],
    ),
  };
}
