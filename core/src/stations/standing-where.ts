/** What hangs on where a few things stand, apart from everything else: cameras beside the mix, modems of the mobile network. */
import type { Kinds } from '../documents/index.js';
import { distance, inOrder, type MapOf, type Point } from '../foundations/index.js';
import type { Equipment } from './equipment.js';
import type { GroundResult } from './ground/index.js';
import { kindDoes, switches } from './signal/functions.js';

interface Standing {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly places: GroundResult['places'];
}

/** So near to whoever mixes an operator hears and sees them without any line, m. */
const WITHIN_REACH = 2.5;

/** Ids of the cameras that stand within 2.5 m of a mix, on the same floor. */
export function camerasBesideMixer({ devices, kinds, places }: Standing): readonly string[] {
  const things = {
    devices: devices ?? {},
    kindOf: (id?: string) => kinds.kinds[devices?.[id ?? '']?.kind ?? ''],
  };
  const all = inOrder(devices);
  const mixes = all.flatMap(([id]) => (switches(things, id) ? (places[id] ?? []) : []));
  return all.flatMap(([id]) => {
    const { at, level } = places[id] ?? {};
    if (!at || !kindDoes(things.kindOf(id), 'sees')) return [];
    const near = (mix: { at: Point | undefined; level: string | undefined }): boolean =>
      mix.at !== undefined && mix.level === level && distance(mix.at, at) <= WITHIN_REACH;
    return mixes.some(near) ? [id] : [];
  });
}

/** Where each thing with a modem on the mobile network stands. */
export const modemsAt = ({ devices, kinds, places }: Standing): Readonly<Record<string, Point>> =>
  Object.fromEntries(
    inOrder(devices).flatMap(([id, { kind }]): [string, Point][] => {
      const at = places[id]?.at;
      const isModem = Object.values(kinds.kinds[kind]?.ports ?? {}).some(({ mobile }) => mobile === true);
      return at && isModem ? [[id, at]] : [];
    }),
  );
