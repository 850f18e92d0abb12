/** Devices without where they stand: what everything but the floor plan needs to know of them. */
import type { Device, Place } from '../documents/index.js';
import { inOrder, type MapOf, type Memo } from '../foundations/index.js';

/** A device, with its place only as far as it is one in a case. */
export interface Equipment extends Omit<Device, 'place'> {
  readonly place?: Pick<Place, 'inside' | 'unit'>;
}

/**
 * The devices as equipment; it stays the same object while they are only moved about, so that wiring, cases and
 * roles rest.
 */
export const equipmentOf = (devices: MapOf<Device> | undefined, memo: Memo): MapOf<Equipment> | undefined =>
  devices &&
  memo.each(
    'equipment',
    inOrder(devices),
    device => [device],
    ({ place, ...device }): Equipment =>
      place?.inside === undefined
        ? device
        : {
            ...device,
            place: { inside: place.inside, ...(place.unit === undefined ? {} : { unit: place.unit }) },
          },
  );
