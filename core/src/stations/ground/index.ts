/** Ground: the venue for this event, and where on it every device stands. */
import type { Area, Device, Place, Rules, Venue, VenueChange } from '../../documents/index.js';
import {
  area,
  blocker,
  boundsOf,
  calc,
  clearWidth,
  constant,
  floorAt,
  found,
  given,
  inOrder,
  pillarBlocker,
  taken,
  unknown,
  wallBlocker,
  type Blocker,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
} from '../../foundations/index.js';
import type { Station } from '../station.js';
import { aisleNarrow } from './snags/aisle-narrow.js';
import { changeMisfit } from './snags/change-misfit.js';
import { exitBlocked } from './snags/exit-blocked.js';
import { galleryWithoutStairs } from './snags/gallery-without-stairs.js';
import { guessed } from './snags/guessed.js';
import { lightUnmeasured } from './snags/light-unmeasured.js';
import { markInPillar } from './snags/mark-in-pillar.js';
import { outlineCrossed } from './snags/outline-crossed.js';
import { placeOutside } from './snags/place-outside.js';
import { socketWithoutCircuit } from './snags/socket-without-circuit.js';
import { unitsSlip } from './snags/units-slip.js';
import { applyVenueChanges } from './venue-changes.js';

export interface GroundReads {
  readonly sharedVenue: Venue;
  readonly venueChanges: MapOf<VenueChange> | undefined;
  readonly devices: MapOf<Device> | undefined;
  readonly rules: Rules;
}

export interface PlaceResult {
  /** Where it stands, or undefined when it has no place yet. */
  readonly at: Point | undefined;
  readonly level: string | undefined;
  /** Height of the floor there and of the device itself above the venue's zero level. */
  readonly floor: Figure;
  readonly elevation: Figure;
  /** The device that carries it: itself, or the outermost one it is inside of. */
  readonly carrier: string;
}

export interface MarkResult {
  readonly floor: Figure;
  /** Height of the face above the zero level. */
  readonly elevation: Figure;
  readonly light: Figure;
}

export interface GroundResult {
  readonly venue: Venue;
  readonly misfits: readonly string[];
  readonly blockers: readonly Blocker[];
  readonly length: Figure;
  readonly width: Figure;
  readonly floorArea: Figure;
  readonly dimensions: Readonly<Record<string, { length: Figure }>>;
  readonly aisles: Readonly<Record<string, { width: Figure; wideEnough: Figure }>>;
  readonly marks: Readonly<Record<string, MarkResult>>;
  readonly places: Readonly<Record<string, PlaceResult>>;
}

const NO_AREAS: NonNullable<Venue['areas']> = {};
/** Height of what stands on a table, until a height is entered, m. */
export const TABLE_HEIGHT = 0.75;

function compute({ sharedVenue, venueChanges, devices, rules }: GroundReads, memo: Memo): GroundResult {
  const { venue, misfits } = memo.once('venue', [sharedVenue, venueChanges], () =>
    applyVenueChanges(sharedVenue, venueChanges),
  );
  const areas = venue.areas ?? NO_AREAS;
  const extent = memo.once('extent', [venue.outline], () => extentOf(venue.outline));
  return {
    venue,
    misfits,
    blockers: memo.once('blockers', [venue.outline, venue.walls, venue.pillars], () => [
      blocker('walls', 'wall', venue.outline),
      ...inOrder(venue.walls).map(([id, wall]) => wallBlocker(id, wall)),
      ...inOrder(venue.pillars).map(([id, pillar]) => pillarBlocker(id, pillar)),
    ]),
    ...extent,
    dimensions: memo.each(
      'dimensions',
      inOrder(venue.dimensions),
      dimension => [dimension],
      (dimension, id) => ({
        length: calc('m', 'to - from', [
          given('to', dimension.to, 'm', 'venue', `/dimensions/${id}/to`),
          given('from', dimension.from, 'm', 'venue', `/dimensions/${id}/from`),
        ]),
      }),
    ),
    aisles: memo.each(
      'aisles',
      inOrder(areas).filter(([, each]) => each.kind === 'keep-clear'),
      each => [each, rules.aisleWidth],
      (each, id) => aisleOf(each, id, rules),
    ),
    marks: memo.each(
      'marks',
      inOrder(venue.marks),
      mark => [mark, areas],
      (mark, id) => {
        const floor = floorFigure(areas, mark.at, mark.level);
        return {
          floor,
          elevation: calc('m', 'floor + height', [
            taken('floor', floor, `ground.marks.${id}.floor`),
            given('height', mark.height, 'm', 'venue', `/marks/${id}/height`),
          ]),
          light:
            mark.light === undefined
              ? unknown('lx', 'light not measured')
              : calc('lx', 'reading', [given('reading', mark.light, 'lx', 'venue', `/marks/${id}/light`)]),
        };
      },
    ),
    places: memo.each(
      'places',
      inOrder(devices),
      (_, id) => [areas, ...chainOf(devices ?? {}, id).map(link => link.device.place)],
      (_, id) => placeOf(devices ?? {}, id, areas),
    ),
  };
}

function extentOf(outline: readonly Point[]): Pick<GroundResult, 'length' | 'width' | 'floorArea'> {
  const { min, max } = boundsOf(outline);
  return {
    length: found(max[0] - min[0], 'm', 'extent of the walls from west to east'),
    width: found(max[1] - min[1], 'm', 'extent of the walls from north to south'),
    floorArea: found(area(outline), 'm²', 'area of the outline (shoelace formula)'),
  };
}

function aisleOf(aisle: Area, id: string, rules: Rules): { width: Figure; wideEnough: Figure } {
  const width = found(
    clearWidth(aisle),
    'm',
    aisle.walk
      ? 'extent across the way people walk'
      : 'narrowest distance between two parallel lines along its sides',
  );
  return {
    width,
    wideEnough: calc(
      '',
      'width >= rule - 0.001',
      [
        taken('width', width, `ground.aisles.${id}.width`),
        given('rule', rules.aisleWidth, 'm', 'rules', '/aisleWidth'),
      ],
      { rule: 'clear aisle width', source: 'the venue’s fire plan and local code decide' },
    ),
  };
}

function floorFigure(areas: NonNullable<Venue['areas']>, at: Point, level: string | undefined): Figure {
  return found(
    floorAt(areas, at, level),
    'm',
    'height of the highest raised floor there, or of the gallery named, along its rise where it is raked',
  );
}

interface ChainLink {
  readonly id: string;
  readonly device: Device;
}

/** A device and what it is inside of, outermost last; a ring of devices inside each other is cut. */
function chainOf(devices: MapOf<Device>, id: string): ChainLink[] {
  const chain: ChainLink[] = [];
  for (let next: string | undefined = id; next;) {
    const device: Device | undefined = devices[next];
    if (!device || chain.some(link => link.id === next)) break;
    chain.push({ id: next, device });
    next = device.place?.inside;
  }
  return chain;
}

function placeOf(devices: MapOf<Device>, id: string, areas: NonNullable<Venue['areas']>): PlaceResult {
  const carrier = chainOf(devices, id).at(-1) ?? { id, device: devices[id] as Device };
  const place: Place = carrier.device.place ?? {};
  if (!place.at) {
    const why = 'it has no place yet';
    return {
      at: undefined,
      level: undefined,
      floor: unknown('m', why),
      elevation: unknown('m', why),
      carrier: carrier.id,
    };
  }
  const floor = floorFigure(areas, place.at, place.level);
  const height =
    place.height === undefined
      ? constant('height', TABLE_HEIGHT, 'm', 'table height, until a height is entered')
      : given('height', place.height, 'm', 'plan', `/devices/${carrier.id}/place/height`);
  return {
    at: place.at,
    level: place.level,
    floor,
    elevation: calc('m', 'floor + height', [taken('floor', floor, `ground.places.${id}.floor`), height]),
    carrier: carrier.id,
  };
}

export const ground: Station<GroundReads, GroundResult> = {
  name: 'ground',
  rules: [
    ...[outlineCrossed, unitsSlip, changeMisfit, markInPillar, placeOutside, exitBlocked],
    ...[socketWithoutCircuit, aisleNarrow, galleryWithoutStairs, lightUnmeasured, guessed],
  ],
  compute,
};
