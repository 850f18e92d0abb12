/** What can be drawn in a venue, as layers of a drawing: by which name each goes out, and what a layer may become. */
import { AREA_KIND_NAMES, PART_MAPS, type Part, type PartMap } from '../drafting/index.js';

/** What the shapes of a layer become: the walls, parts of a map, or areas of a kind. */
export type Target = 'outline' | Exclude<PartMap, 'areas'> | `areas ${(typeof AREA_KIND_NAMES)[number]}`;

export const TARGETS: readonly Target[] = [
  'outline',
  ...AREA_KIND_NAMES.map(kind => `areas ${kind}` as const),
  ...PART_MAPS.filter((map): map is Exclude<PartMap, 'areas'> => map !== 'areas'),
];

/** `areas keep-clear` → `AREAS-KEEP-CLEAR`: a layer name that every drawing program takes. */
export const layerOf = (target: Target): string =>
  target
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .replaceAll(' ', '-')
    .toUpperCase();

export const targetOf = ({ map, record }: Part): Target =>
  map === 'areas' ? (`areas ${String(record.kind)}` as Target) : map;

/** Words in a layer's name that say what it is, the more telling first. */
const TELLING: readonly (readonly [RegExp, Target])[] = [
  [/stair|step/i, 'stairs'],
  [/column|pillar|post/i, 'pillars'],
  [/door|exit|window|opening/i, 'doors'],
  [/inner.*wall|partition/i, 'walls'],
  [/wall|outline|building|boundary/i, 'outline'],
  [/seat|pew|chair|bench/i, 'areas seating'],
  [/galler|balcon|loft/i, 'areas gallery'],
  [/stage|platform|chancel|dais/i, 'areas raised'],
  [/network|data|rj45/i, 'networkSockets'],
  [/socket|outlet|power/i, 'sockets'],
  [/lamp|light/i, 'lamps'],
  [/furniture|table/i, 'areas obstacle'],
];

/** What a layer is likely to be, by its name; undefined = leave it out. */
export function guessTarget(layer: string): Target | undefined {
  const own = TARGETS.find(target => layerOf(target) === layer.toUpperCase());
  return own ?? TELLING.find(([word]) => word.test(layer))?.[1];
}
