/** Every limit of a declared figure, written down apart from the code, and where its value comes from. */
import type { Severity, Value } from '../src/foundations/index.js';

interface Limit {
  readonly key: string;
  readonly severity: Severity;
  readonly side: 'above' | 'below' | 'is';
  readonly value: Value;
  readonly from: string;
}

const limit = (key: string, severity: Severity, side: Limit['side'], value: Value, from: string): Limit => ({
  ...{ key, severity, side, value, from },
});

export const LIMITS: readonly Limit[] = [
  limit('brief.phases.live', 'risk', 'is', 0, 'without a live item nothing has a length'),
  limit('brief.outputsWanted', 'stop', 'is', 0, 'an event from which nothing comes out'),
  limit('ground.aisles.*.wideEnough', 'risk', 'is', false, 'narrower than the rule for clear aisles'),
  limit('stream.streams.*.fits', 'stop', 'is', false, 'beyond the share of the line the house rule allows'),
  limit('stream.recordings.*.fits', 'stop', 'is', false, 'a disk that is full ends the recording'),
  limit('runs.runs.*.excess', 'note', 'above', 10, 'a heap of cable to hide'),
  limit('runs.beside.*.mains', 'risk', 'above', 1, 'sound may cross mains, and lie beside it for a metre'),
  limit('runs.passages.*.wideEnough', 'stop', 'is', false, 'too little room for a wheelchair'),
  limit('hands.roles.*.filled', 'risk', 'is', false, 'a role without a person'),
  limit('hands.shared.*.apart', 'risk', 'above', 2.5, 'a few steps from one camera to the next'),
  limit('power.devices.*.fedBy', 'stop', 'is', null, 'a device that needs power must be fed'),
  limit('power.strips.*.share', 'stop', 'above', 100, 'a strip carries its rating and no more'),
  limit('power.sockets.*.share', 'stop', 'above', 100, 'a socket carries its rating and no more'),
  limit('power.circuits.*.share', 'stop', 'above', 100, 'a breaker carries its rating by the house rule'),
  limit('power.circuits.*.share', 'risk', 'above', 80, 'a fifth kept free for what nobody has counted'),
  limit('power.drops.*.drop', 'risk', 'above', 3, 'IEC 60364-5-52 annex G: 3 % for lighting'),
  limit('power.drops.*.drop', 'stop', 'above', 5, 'IEC 60364-5-52 annex G: 5 % for other uses'),
  limit('power.batteries.*.margin', 'stop', 'below', 0, 'empty before the end'),
  limit('power.batteries.*.margin', 'risk', 'below', 15, 'a quarter of an hour for what runs over'),
  limit(
    'racks.racks.*.weight',
    'note',
    'above',
    23,
    'the reference mass of the revised NIOSH lifting equation',
  ),
];
