/** What the house has and a plan may use: installed lines, and gear that stays. */
import type { Device, Kind, Kinds, Plan, Resident, Venue } from '../../documents/index.js';
import {
  contains,
  inOrder,
  inWords,
  orderAfter,
  type DocumentPatch,
  type MapOf,
  type Polygon,
  type UnitSystem,
} from '../../foundations/index.js';
import { libraryKinds } from '../../library/index.js';
import { lineKind } from '../../library/house.js';
import { editPlan, inKinds } from '../../edits.js';

export interface HouseOffer {
  /** The record of the venue. */
  readonly id: string;
  readonly label: string;
  /** What is to be known before one relies on it. */
  readonly about: string;
  readonly kind: string;
  readonly of: Kind;
  readonly device: Omit<Device, 'order'>;
}

const RESIDENT_KINDS: Readonly<Partial<Record<Resident['what'], string>>> = {
  camera: 'campanpoe',
  desk: 'audiodesk',
  loudspeaker: 'loudspea1',
  microphone: 'miclecter',
};

/** The desk, lines that work, and gear that carries signals, as far as the plan does not use them yet. */
export function houseOffers(
  { houseLines, residents, areas }: Pick<Venue, 'houseLines' | 'residents' | 'areas'>,
  {
    devices,
    kinds,
    units,
  }: {
    readonly devices: MapOf<Pick<Device, 'order' | 'house' | 'kind' | 'place'>> | undefined;
    readonly kinds: Kinds;
    readonly units: UnitSystem;
  },
): HouseOffer[] {
  const used = new Set(inOrder(devices).map(([, { house }]) => house));
  const offer = (
    id: string,
    label: string,
    about: string,
    kind: string | undefined,
    { place, house = id }: { place?: Device['place']; house?: string | null } = {},
  ): HouseOffer[] => {
    const of = kinds.kinds[kind ?? ''] ?? libraryKinds[kind ?? ''];
    if (kind === undefined || !of || used.has(id)) return [];
    const device = {
      label: label.toUpperCase().slice(0, 40),
      kind,
      resident: true,
      ...(house !== null && { house }),
      ...(place && { place }),
    };
    return [{ id, label, about, kind, of, device }];
  };
  const stands = ([outline, id]: readonly [Polygon, string], place: Device['place']): boolean =>
    place?.on === id || (place?.at !== undefined && contains(outline, place.at));
  /** A desk that is drawn as an area, with nothing named that stands there, and none of the plan’s on it yet. */
  const desks = inOrder(areas).filter(
    ([id, { kind, outline }]) =>
      kind === 'desk' &&
      !inOrder(residents).some(([, { what, at }]) => what === 'desk' && contains(outline, at)) &&
      !inOrder(devices).some(
        ([, { kind: of, place }]) => kinds.kinds[of]?.family === 'audio desk' && stands([outline, id], place),
      ),
  );
  return [
    ...desks.flatMap(([id, { label, top, card }]) =>
      offer(
        id,
        /desk/i.test(label) ? `house ${label}` : `house desk, ${label}`,
        card?.buses === undefined
          ? 'the audio desk of the house'
          : `the audio desk of the house, ${card.buses}`,
        RESIDENT_KINDS.desk,
        // An area is no piece of gear: what stands there is the desk.
        { place: { on: id, ...(top !== undefined && { height: top }) }, house: null },
      ),
    ),
    ...inOrder(houseLines).flatMap(([id, { label, make, length, condition, tag }]) =>
      condition === 'broken'
        ? []
        : offer(
            id,
            label,
            [inWords(length, 'm', units), condition, ...(tag === undefined ? [] : [`marked ${tag}`])].join(
              ', ',
            ),
            lineKind(make),
          ),
    ),
    ...inOrder(residents).flatMap(([id, { label, what, kind = RESIDENT_KINDS[what], at, height, facing }]) =>
      offer(id, label, 'belongs to the house', kind, {
        place: {
          at,
          ...(height !== undefined && { height }),
          ...(facing !== undefined && { facing }),
        },
      }),
    ),
  ];
}

/** The edit that brings one into the plan, with its kind where the organisation does not know that yet. */
export function takeHousePatch(
  id: string,
  { kind, of, device }: HouseOffer,
  plan: Plan,
  kinds: Kinds,
): DocumentPatch[] {
  const order = orderAfter(inOrder(plan.devices).at(-1)?.[1].order);
  return [
    ...(kinds.kinds[kind] ? [] : [inKinds().put('kinds', kind, of).change]),
    editPlan(plan).put('devices', id, { order, ...device }).change,
  ];
}
