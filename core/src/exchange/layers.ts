/** What can be drawn in a venue, as layers of a drawing: by which name each goes out, and what a layer may become. */
import type { DoorKind } from '../documents/index.js';
import { AREA_KIND_NAMES, PART_MAPS, type Part, type PartMap } from '../drafting/index.js';

const DOOR_KIND_NAMES = ['inner', 'exit', 'fire', 'opening', 'window'] as const satisfies readonly DoorKind[];

type PlainMap = Exclude<PartMap, 'areas' | 'doors'>;

/** What the shapes of a layer become: the walls, parts of a map, or areas and doors of a kind. */
export type Target =
  | 'outline'
  | PlainMap
  | `areas ${(typeof AREA_KIND_NAMES)[number]}`
  | `doors ${(typeof DOOR_KIND_NAMES)[number]}`;

export const TARGETS: readonly Target[] = [
  'outline',
  ...DOOR_KIND_NAMES.map(kind => `doors ${kind}` as const),
  ...AREA_KIND_NAMES.map(kind => `areas ${kind}` as const),
  ...PART_MAPS.filter((map): map is PlainMap => map !== 'areas' && map !== 'doors'),
];

/** `areas keep-clear` → `AREAS-KEEP-CLEAR`: a layer name that every drawing program takes. */
export const layerOf = (target: Target): string =>
  target
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .replaceAll(' ', '-')
    .toUpperCase();

export const targetOf = ({ map, record }: Part): Target =>
  map === 'areas' || map === 'doors' ? (`${map} ${String(record.kind)}` as Target) : map;

/** Words in a layer's name that say what it is, the more telling first. */
const TELLING: readonly (readonly [RegExp, Target])[] = [
  [/stair|step/i, 'stairs'],
  [/column|pillar|post/i, 'pillars'],
  [/fire.*(exit|door)|(exit|door).*fire/i, 'doors fire'],
  [/exit/i, 'doors exit'],
  [/window|glaz/i, 'doors window'],
  [/opening/i, 'doors opening'],
  [/door/i, 'doors inner'],
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
