/** Disk that each recording needs, and has. */
import type { Kind, Output } from '../../documents/index.js';
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import { disksOf } from '../signal/disks.js';
import type { PlanWiring } from '../signal/index.js';
import * as figures from './figures.js';
import type { RecordingOutput } from './result.js';

export interface PluggedDisk {
  readonly label: string;
  readonly kind: string;
  /** Room on it, GB, where its kind says so. */
  readonly storage: number | undefined;
}

/** The first disk that is plugged into a device. */
export function pluggedDisk({
  wiring,
  device,
}: {
  readonly wiring: PlanWiring;
  readonly device: string;
}): PluggedDisk | undefined {
  const [disk] = disksOf(wiring, device);
  const plugged = wiring.devices[disk ?? ''];
  return plugged && { label: plugged.label, kind: plugged.kind, storage: wiring.kindOf(disk)?.storage };
}

const NO_RECORDER = 'no recorder is chosen for it';

export interface OnDisk {
  readonly output: Output;
  /** The recorder's kind, and what it writes. */
  readonly kind: string | undefined;
  readonly recording: Kind['recording'] | undefined;
  /** A disk that is plugged into it. */
  readonly plugged: PluggedDisk | undefined;
  readonly live: Figure;
}

export function recordingOutput(
  id: string,
  { output, kind, recording, plugged, live }: OnDisk,
): RecordingOutput {
  if (!recording || kind === undefined) {
    return {
      perHour: figures.perHour.unknown([id], NO_RECORDER),
      needed: figures.diskNeeded.unknown([id], NO_RECORDER),
      // No recorder is another snag’s concern.
      disk: undefined,
      room: figures.diskRoom.unknown([id], NO_RECORDER),
      fits: figures.diskFits.unknown([id], NO_RECORDER),
    };
  }
  const pointer = `/kinds/${kind}/recording`;
  const perHour = figures.perHour.calc(
    [id],
    [
      given('rate', recording.rate, 'Mb/s', 'kinds', `${pointer}/rate`),
      output.isolated === undefined
        ? constant('tracks', 1, 'pieces', 'programme only')
        : constant('tracks', 1 + output.isolated, 'pieces', 'programme and isolated cameras'),
      constant('hour', 3600, 's', 'an hour'),
    ],
  );
  const needed = figures.diskNeeded.calc(
    [id],
    [taken('per_hour', perHour), taken('live', live), constant('hour', 60, 'min', 'an hour')],
  );
  const { disk, room } = diskOf(id, { recording, pointer, plugged });
  const fits =
    room.value === null
      ? figures.diskFits.unknown([id], room.why ?? '')
      : figures.diskFits.calc([id], [taken('needed', needed), taken('room', room)]);
  return { perHour, needed, disk, room, fits };
}

/** The disk that a recording is written on, and the room there is: fitted, else plugged in. */
function diskOf(
  id: string,
  {
    recording,
    pointer,
    plugged,
  }: Pick<OnDisk, 'plugged'> & {
    readonly recording: NonNullable<Kind['recording']>;
    readonly pointer: string;
  },
): { readonly disk: Figure; readonly room: Figure } {
  const margin = constant('margin', 0.93, '×', 'filling margin');
  if (recording.disk !== undefined) {
    const fitted = given('disk', recording.disk, 'GB', 'kinds', `${pointer}/disk`);
    return {
      disk: figures.diskUsed.found([id], 'a disk that is fitted', [fitted]),
      room: figures.diskRoom.calc([id], [fitted, margin]),
    };
  }
  if (!plugged) {
    const why = 'no disk is fitted, and none is plugged in';
    return { disk: figures.diskUsed.unknown([id], why), room: figures.diskRoom.unknown([id], why) };
  }
  return {
    disk: figures.diskUsed.found([id], plugged.label),
    room:
      plugged.storage === undefined
        ? figures.diskRoom.unknown([id], `nobody says how much room is on ${plugged.label}`)
        : figures.diskRoom.calc(
            [id],
            [given('disk', plugged.storage, 'GB', 'kinds', `/kinds/${plugged.kind}/storage`), margin],
          ),
  };
}
