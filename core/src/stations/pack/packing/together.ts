/** What rides in one case: what is in a thing with that, and what somebody said belongs together. */
import type { Device } from '../../../documents/index.js';
import { inOrder, type MapOf } from '../../../foundations/index.js';

type Riding = Pick<Device, 'order' | 'ridesWith'> & {
  readonly place?: Pick<NonNullable<Device['place']>, 'inside'>;
};

/** For each thing that rides with others the id of one of them, the same for all that ride together. */
export function ridesTogether(devices: MapOf<Riding> | undefined): ReadonlyMap<string, string> {
  const over = new Map<string, string>();
  const root = (id: string): string => {
    let at = id;
    for (let up = over.get(at); up !== undefined; up = over.get(at)) at = up;
    return at;
  };
  const join = (a: string, b: string): void => {
    const [one, other] = [root(a), root(b)];
    if (one !== other) over.set(one, other);
  };
  const joined = new Set<string>();
  for (const [id, { place, ridesWith }] of inOrder(devices))
    for (const other of [place?.inside, ridesWith])
      if (other !== undefined && devices?.[other]) {
        join(id, other);
        joined.add(id).add(other);
      }
  return new Map([...joined].map(id => [id, root(id)]));
}
