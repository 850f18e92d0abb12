/** In what each line of the checklist travels: the case that it was put into, else the rack or case that it is in. */
import type { Kinds, PackedLine } from '../../../documents/index.js';
import { inOrder, type MapOf } from '../../../foundations/index.js';
import type { Equipment } from '../../equipment.js';
import type { PackLines } from '../result.js';

type MaybeKind = Kinds['kinds'][string] | undefined;

/** Whether things are packed in it. */
export const isCaseKind = (kind: MaybeKind): boolean =>
  kind?.rackCase !== undefined || kind?.hold !== undefined;
/** Whether things travel in it: a case, or a vehicle. */
const carriesOnTheWay = (kind: MaybeKind): boolean => isCaseKind(kind) || kind?.vehicle !== undefined;

export interface TravelReads {
  readonly lines: PackLines;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
  readonly packed: MapOf<PackedLine> | undefined;
}

/**
 * For each line the cases and the vehicle around it, the nearest first. A thing in a thing goes with that, unless it
 * comes off for travel; what always goes with another goes where that goes; a case in a case as well; one that is in
 * itself is in nothing.
 */
export function travelsIn({
  lines,
  devices,
  kinds,
  packed,
}: TravelReads): Readonly<Record<string, readonly string[]>> {
  const isCase = (id: string): boolean => carriesOnTheWay(kinds[devices?.[id]?.kind ?? '']);
  const put = new Map(
    inOrder(packed).flatMap(([, { line, in: to }]) => (isCase(to) ? [[line, to] as const] : [])),
  );
  const lineOf = new Map(Object.entries(lines).map(([id, { item }]) => [item, id]));
  const around = (id: string): string | undefined => {
    const { goesWith } = lines[id] ?? {};
    // A thing that goes with another goes where that goes; nothing goes with itself, by whatever way round.
    const partner = goesWith === undefined ? undefined : lineOf.get(goesWith);
    if (partner !== undefined) return put.get(id) ?? around(partner);
    const { comesOff, place } = devices?.[id] ?? {};
    return put.get(id) ?? (comesOff === true ? undefined : place?.inside);
  };
  return Object.fromEntries(
    Object.keys(lines).map(id => {
      const passed = new Set([id]);
      for (let at = around(id); at !== undefined; at = around(at)) {
        if (passed.has(at)) return [id, at === id ? [] : [...passed].slice(1).filter(isCase)];
        passed.add(at);
      }
      return [id, [...passed].slice(1).filter(isCase)];
    }),
  );
}
