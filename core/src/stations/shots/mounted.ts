/** What a support or whoever carries a camera bears: the camera, its lens, and everything fixed to it. */
import type { Device, Kinds } from '../../documents/index.js';
import { given, inOrder, type MapOf, type Term } from '../../foundations/index.js';
import { carriedBy, type Equipment } from '../equipment.js';

export interface Mounted {
  /** Weights of the camera and of everything with it, as far as they are known, kg. */
  readonly weights: readonly Term[];
  /** What was not weighed. */
  readonly unweighed: readonly string[];
  /** Weights of what is worn by whoever works it, kg. */
  readonly worn: readonly Term[];
}

export const UNWEIGHED: Mounted = { weights: [], unweighed: [], worn: [] };

/** A thing that goes with another one, fixed to it or worn by whoever works that. */
export interface CarriedThing extends Pick<Equipment, 'kind' | 'label'> {
  readonly worn: boolean;
}

/** What goes with each device that has anything, by that. */
export function carriedThings({
  equipment,
  kinds,
}: {
  readonly equipment: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
}): Readonly<Record<string, readonly CarriedThing[]>> {
  const things: Record<string, CarriedThing[]> = {};
  for (const [id, device] of inOrder(equipment)) {
    const { kind, label } = device;
    const met = new Set([id]);
    let worn = false;
    // What is on something that is on a camera is on the camera as well.
    for (let at: Equipment | undefined = device; at;) {
      worn ||= at.place?.worn === true || kinds[at.kind]?.family === 'talkback';
      const on = carriedBy(at.place);
      if (on === undefined || met.has(on)) break;
      met.add(on);
      (things[on] ??= []).push({ kind, label, worn });
      at = equipment?.[on];
    }
  }
  return things;
}

/** The weights that a camera stands or is carried with. */
export function mountedWith({
  device: { kind, lens, label },
  things = [],
  kinds,
}: {
  readonly device: Pick<Device, 'kind' | 'lens' | 'label'>;
  readonly things: readonly CarriedThing[] | undefined;
  readonly kinds: Kinds['kinds'];
}): Mounted {
  const parts = [
    { kind, label },
    ...(lens === undefined ? [] : [{ kind: lens, label: `the lens of ${label}` }]),
    ...things.filter(({ worn }) => !worn),
  ];
  const weightsOf = (of: readonly Pick<Equipment, 'kind'>[]): Term[] =>
    of.flatMap(part => {
      const weight = kinds[part.kind]?.weight;
      return weight === undefined
        ? []
        : [given('weight', weight, 'kg', 'kinds', `/kinds/${part.kind}/weight`)];
    });
  return {
    weights: weightsOf(parts),
    worn: weightsOf(things.filter(({ worn }) => worn)),
    unweighed: parts.flatMap(part => (kinds[part.kind]?.weight === undefined ? [part.label] : [])),
  };
}
