/** Ground: the venue for this event, and where on it every device stands. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Venue } from '../../documents/index.js';
import type { Station } from '../station.js';
import { GROUND_FIGURES } from './figures.js';
import { hangsAloft } from '../floor-taken.js';
import { carrierOf, markOf, placeOf } from './places.js';
import type { GroundReads, GroundResult } from './result.js';
import { aisleOf, areaOf, blockersOf, dimensionOf, lengthOf, widthOf } from './room.js';
import { changedVenue } from './venue-changes.js';

export type * from './result.js';

const NO_AREAS: NonNullable<Venue['areas']> = {};

export const ground: Station<GroundReads, GroundResult> = {
  name: 'ground',
  figures: GROUND_FIGURES,
  compute(reads, parts) {
    const changed = parts.part(
      'venue',
      { sharedVenue: () => reads.sharedVenue, venueChanges: () => reads.venueChanges },
      changedVenue,
    );
    const venue = () => changed().venue;
    const areas = () => venue().areas ?? NO_AREAS;
    const outline = () => venue().outline;
    const { walls, pillars } = { walls: () => venue().walls, pillars: () => venue().pillars };
    return resultOf<GroundResult>({
      venue,
      misfits: () => changed().misfits,
      blockers: parts.part('blockers', { outline, walls, pillars }, blockersOf),
      length: parts.part('length', { outline }, lengthOf),
      width: parts.part('width', { outline }, widthOf),
      floorArea: parts.part('floor area', { outline }, areaOf),
      dimensions: parts.each(
        'dimensions',
        () => inOrder(venue().dimensions),
        (_, dimension) => ({ dimension }),
        dimensionOf,
      ),
      aisles: parts.each(
        'aisles',
        () => inOrder(areas()),
        (_, aisle) => (aisle.kind === 'keep-clear' ? { aisle, rule: reads.rules.aisleWidth } : undefined),
        aisleOf,
      ),
      marks: parts.each(
        'marks',
        () => inOrder(venue().marks),
        (_, mark) => ({ mark, areas: areas() }),
        markOf,
      ),
      places: parts.each(
        'places',
        () => inOrder(reads.devices),
        id => {
          const own = carrierOf(reads.devices ?? {}, id);
          const carrier = reads.devices?.[own.carrier];
          const hangs = carrier !== undefined && hangsAloft(carrier, reads.kinds.kinds[carrier.kind]);
          return { ...own, areas: areas(), hangs };
        },
        placeOf,
      ),
    });
  },
};
