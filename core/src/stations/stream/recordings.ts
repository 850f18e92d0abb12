/** Disk that each recording needs, and has. */
import type { Kind, Output } from '../../documents/index.js';
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { RecordingOutput } from './result.js';

const NO_RECORDER = 'no recorder is chosen for it';

export interface OnDisk {
  readonly output: Output;
  /** The recorder's kind, and what it writes. */
  readonly kind: string | undefined;
  readonly recording: Kind['recording'] | undefined;
  readonly live: Figure;
}

export function recordingOutput(id: string, { output, kind, recording, live }: OnDisk): RecordingOutput {
  if (!recording || kind === undefined) {
    return {
      perHour: figures.perHour.unknown([id], NO_RECORDER),
      needed: figures.diskNeeded.unknown([id], NO_RECORDER),
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
  const room = figures.diskRoom.calc(
    [id],
    [
      given('disk', recording.disk, 'GB', 'kinds', `${pointer}/disk`),
      constant('margin', 0.93, '×', 'filling margin'),
    ],
  );
  const fits = figures.diskFits.calc([id], [taken('needed', needed), taken('room', room)]);
  return { perHour, needed, room, fits };
}
