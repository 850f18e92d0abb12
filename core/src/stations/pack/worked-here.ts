/** Whether things worked at the venue before. */
import type { Tried, Venue } from '../../documents/index.js';
import { inOrder, type Figure, type MapOf } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import { workedHere } from './figures.js';

/** What a note at the venue is of: the thing that is planned, its kind, or another thing of that. */
type Noted = 'itself' | 'its kind' | 'another';

export interface TriedHere {
  readonly tried: Tried;
  readonly of: Noted;
}

/** The newest note of the thing itself, else the newest of its kind that names no thing, else of another of it. */
export function triedHere(
  tried: Venue['tried'],
  { kind, item }: Pick<Equipment, 'kind' | 'item'>,
): TriedHere | undefined {
  const notes = inOrder(tried)
    .flatMap(([, each]) => (each.kind === kind ? [each] : []))
    .reverse()
    .sort((a, b) => b.on.localeCompare(a.on));
  const by = (of: Noted, is: (each: Tried) => boolean): TriedHere | undefined => {
    const found = notes.find(is);
    return found && { tried: found, of };
  };
  return (
    by('itself', each => each.item !== undefined && each.item === item) ??
    by('its kind', each => each.item === undefined) ??
    by('another', () => true)
  );
}

const NOTED_OF: Readonly<Record<Noted, string>> = {
  itself: 'noted of this thing',
  'its kind': 'noted of its kind',
  another: 'noted of another of its kind',
};

/** Of every device of which something was noted: whether it worked. */
export const workedHereOf = ({
  devices,
  tried,
}: {
  readonly devices: MapOf<Equipment> | undefined;
  readonly tried: Venue['tried'];
}): Readonly<Record<string, Figure>> =>
  Object.fromEntries(
    inOrder(devices).flatMap(([id, device]): [string, Figure][] => {
      const here = device.resident ? undefined : triedHere(tried, device);
      if (!here) return [];
      const { on, works, what } = here.tried;
      const method = `${NOTED_OF[here.of]} on ${on}${what === undefined ? '' : `: ${what}`}`;
      return [[id, workedHere.found([id], works ? 'worked' : 'did not work', [], { method })]];
    }),
  );
