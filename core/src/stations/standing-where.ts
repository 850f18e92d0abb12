/**
 * What hangs on where a few things stand, apart from everything else: cameras beside the mix, modems of the mobile network,
 * and what somebody works at.
 */
import type { Kinds } from '../documents/index.js';
import { distance, inOrder, type MapOf, type Point } from '../foundations/index.js';
import type { Equipment } from './equipment.js';
import type { GroundResult, PlaceResult } from './ground/index.js';
import { deviceDoes, isModem, kindDoes, switches } from './signal/functions.js';

/** The few things whose places count, by their ids; they stay the same while anything is moved about. */
export interface WhoCounts {
  readonly mixes: readonly string[];
  readonly cameras: readonly string[];
  readonly modems: readonly string[];
  /** Things that somebody works at while it is live. */
  readonly worked: readonly string[];
}

export function whoCounts({
  devices,
  kinds,
}: {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
}): WhoCounts {
  const kindOf = (id = '') => kinds.kinds[devices?.[id]?.kind ?? ''];
  const things = { devices: devices ?? {}, kindOf };
  const all = inOrder(devices).map(([id]) => id);
  return {
    mixes: all.filter(id => switches(things, id)),
    cameras: all.filter(id => kindDoes(kindOf(id), 'sees')),
    modems: all.filter(id => isModem(kindOf(id))),
    worked: all.filter(
      id =>
        switches(things, id) ||
        deviceDoes(things, id, 'controls') ||
        WORKED_AT.some(does => kindDoes(kindOf(id), does)),
    ),
  };
}

const WORKED_AT = ['sees', 'plays', 'mixes sound'] as const;

interface Standing {
  readonly who: WhoCounts;
  readonly places: GroundResult['places'];
}

/** So near to whoever mixes an operator hears and sees them without any line, m. */
const WITHIN_REACH = 2.5;

const isNear = (a: PlaceResult | undefined, b: PlaceResult | undefined): boolean =>
  a?.at !== undefined && b?.at !== undefined && a.level === b.level && distance(a.at, b.at) <= WITHIN_REACH;

/** Ids of the cameras that stand within 2.5 m of a mix, on the same floor. */
export function camerasBesideMixer({ who, places }: Standing): readonly string[] {
  const mixes = who.mixes.map(id => places[id]);
  return who.cameras.filter(id => {
    const camera = places[id];
    return mixes.some(mix => isNear(camera, mix));
  });
}

/** Where each thing with a modem on the mobile network stands. */
export const modemsAt = ({ who, places }: Standing): Readonly<Record<string, Point>> =>
  Object.fromEntries(
    who.modems.flatMap((id): [string, Point][] => {
      const at = places[id]?.at;
      return at ? [[id, at]] : [];
    }),
  );

/** Where each thing stands that somebody works at, and on which gallery. */
export const workPlaces = ({
  who,
  places,
}: Standing): Readonly<Record<string, { readonly at: Point; readonly level: string | undefined }>> =>
  Object.fromEntries(
    who.worked.flatMap(id => {
      const { at, level } = places[id] ?? {};
      return at ? [[id, { at, level }]] : [];
    }),
  );
