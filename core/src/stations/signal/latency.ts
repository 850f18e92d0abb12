/** Latency and lip sync: how late pictures and sound come to each output, and the delay that brings them together. */
import type { DelayAt, Kind, Output, Shot } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  videoOf,
  type Figure,
  type MapOf,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../shots/framing.js';
import * as figures from './figures.js';
import { kindDoes } from './functions.js';
import type { PlanWiring } from './result.js';
import { waysInto } from './ways.js';

/** One source as it comes to one output. */
export interface Sync {
  /** From the lens to where sound meets it, less what sound that is embedded before takes on its way there, ms. */
  readonly video: Figure;
  /** Pictures less sound: above zero the sound is early, ms. */
  readonly offset: Figure;
  readonly verdict: Figure;
}

export interface OutputSync {
  /** From the desk to where sound meets the pictures, with the delay that is set there, ms. */
  readonly sound: Figure;
  readonly sources: Readonly<Record<string, Sync>>;
  /** The delay to set there; below zero the pictures must be delayed instead, ms. */
  readonly delay: Figure;
  /** The device in which it is set, by house rule: where sound and pictures meet, or the sound desk. */
  readonly at: string | undefined;
}

/** Typical delay of pictures in frames and ms, and of sound in ms, until it is measured. */
const TYPICAL: Readonly<Partial<Record<Kind['family'], { frames?: number; ms?: number; sound?: number }>>> = {
  camera: { frames: 2 },
  computer: { frames: 1 },
  switcher: { frames: 1 },
  converter: { ms: 0.5 },
  extender: { ms: 0.5 },
  'wireless link': { frames: 1.5 },
  capture: { frames: 2 },
  screen: { ms: 40 },
  'audio desk': { sound: 1.5 },
  'audio interface': { sound: 7.5 },
  microphone: { sound: 0 },
};
/** A converter with a scaler takes longer, frames. */
const SCALER = { frames: 1.5 } as const;

/** What a device adds to pictures, ms: as measured, else as its kind says, else as is typical. */
export function pictureDelay(wiring: PlanWiring, id: string, house: VideoFormat): Term {
  const device = wiring.devices[id];
  const kind = wiring.kindOf(id);
  const { over, under } = videoOf(device?.format ?? house).frames;
  const frame = (1000 * under) / over;
  const label = device?.label ?? id;
  if (device?.pictureDelay !== undefined) {
    return given('adds', device.pictureDelay, 'ms', 'plan', `/devices/${id}/pictureDelay`);
  }
  if (device && kind?.pictureDelay !== undefined) {
    return given('adds', kind.pictureDelay, 'ms', 'kinds', `/kinds/${device.kind}/pictureDelay`);
  }
  const scales = Object.values(kind?.ports ?? {}).some(port => port.direction === 'in' && port.scaled);
  const usual = kind?.family === 'converter' && scales ? SCALER : (TYPICAL[kind?.family ?? 'tool'] ?? {});
  const { frames = 0, ms = 0 } = usual as { frames?: number; ms?: number };
  const words = frames > 0 ? `typical ${frames} frames of ${frame.toFixed(1)} ms` : 'typical';
  return constant('adds', frames * frame + ms, 'ms', `${label}: ${words}, until it is measured`);
}

function soundDelay(wiring: PlanWiring, id: string): Term {
  const kind = wiring.kindOf(id);
  if (kind?.soundDelay !== undefined) {
    return given(
      'adds',
      kind.soundDelay,
      'ms',
      'kinds',
      `/kinds/${wiring.devices[id]?.kind ?? ''}/soundDelay`,
    );
  }
  const family = kind?.family ?? 'tool';
  const label = wiring.devices[id]?.label ?? id;
  return constant('adds', TYPICAL[family]?.sound ?? 0, 'ms', `${label}: typical, until it is measured`);
}

/** The camera whose shot shows lips largest. */
function tightest(shots: MapOf<Shot> | undefined, cameras: readonly string[]): string | undefined {
  const rank = (size: Shot['size']): number =>
    TIGHT_TO_WIDE.includes(size) ? TIGHT_TO_WIDE.indexOf(size) : TIGHT_TO_WIDE.length;
  const own = inOrder(shots)
    .filter(([, { camera }]) => camera !== undefined && cameras.includes(camera))
    .sort(([, a], [, b]) => rank(a.size) - rank(b.size));
  return own[0]?.[1].camera ?? cameras[0];
}

/** Sound may be so much early and late before it shows (EBU R37), ms. */
const EARLY = 40;
const LATE = 60;

/** Where sound early or late is fair, noticeable and unacceptable. */
const BOUNDS: readonly Term[] = [
  constant('goodEarly', EARLY, 'ms', 'EBU R37'),
  constant('goodLate', LATE, 'ms', 'EBU R37'),
  constant('seenEarly', 45, 'ms', 'ITU-R BT.1359-1, noticeable'),
  constant('seenLate', 125, 'ms', 'ITU-R BT.1359-1, noticeable'),
  constant('badEarly', 90, 'ms', 'ITU-R BT.1359-1, unacceptable'),
  constant('badLate', 185, 'ms', 'ITU-R BT.1359-1, unacceptable'),
];

/** What delays are worked out from. */
interface SyncReads {
  readonly wiring: PlanWiring;
  readonly shots: MapOf<Shot> | undefined;
  readonly house: VideoFormat;
  readonly delayAt: DelayAt | undefined;
}

/** How every output but a screen in the room has pictures and sound together. */
export function latencyOf({
  outputs,
  ...reads
}: SyncReads & { readonly outputs: MapOf<Output> | undefined }): Readonly<Record<string, OutputSync>> {
  const { wiring } = reads;
  const desk = inOrder(wiring.devices).find(([id]) => wiring.kindOf(id)?.family === 'audio desk')?.[0];
  return Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, OutputSync][] =>
      kind === 'screen' || device === undefined || !wiring.devices[device]
        ? []
        : [[id, syncOf(id, device, desk, reads)]],
    ),
  );
}

/** Every camera whose pictures come to a device, with the devices on its way. */
function camerasInto(
  wiring: PlanWiring,
  device: string,
): readonly { readonly id: string; readonly way: readonly string[] }[] {
  const wayFrom = waysInto(wiring, device, ['video']);
  return inOrder(wiring.devices).flatMap(([id]) => {
    const way = kindDoes(wiring.kindOf(id), 'sees') ? wayFrom(id) : undefined;
    return way ? [{ id, way }] : [];
  });
}

function syncOf(
  output: string,
  device: string,
  desk: string | undefined,
  { wiring, shots, house, delayAt = 'meeting' }: SyncReads,
): OutputSync {
  const cameras = camerasInto(wiring, device);
  const soundWay = desk === undefined ? undefined : waysInto(wiring, device, ['audio', 'video'])(desk);
  // From where both run in one lead, they stay together.
  const meeting = soundWay?.find(each => cameras.some(({ way }) => way.includes(each)));
  const at = delayAt === 'desk' && meeting !== undefined ? desk : meeting;
  const met = soundWay && meeting !== undefined ? { way: soundWay, meeting } : undefined;
  const sound = met
    ? soundAfter(output, wiring, upTo(met.way, meeting))
    : figures.soundLate.unknown([output], 'no sound desk leads there');
  const sources = Object.fromEntries(
    cameras.map(({ id, way }): [string, Sync] => {
      const ids: [string, string] = [output, id];
      const video = pictureAfter(ids, way, met, each => pictureDelay(wiring, each, house));
      const offset = figures.soundOffset.calc(ids, [taken('video', video), taken('sound', sound)]);
      return [
        id,
        { video, offset, verdict: figures.soundVerdict.calc(ids, [taken('early', offset), ...BOUNDS]) },
      ];
    }),
  );
  const first = tightest(
    shots,
    cameras.map(({ id }) => id),
  );
  const set = wiring.devices[at ?? '']?.soundDelay ?? 0;
  return { sound, sources, delay: delayFor(output, sound, sources, first, set), at };
}

/** A way as far as one of its devices, that included; whole where it does not come there. */
const upTo = (way: readonly string[], end: string | undefined): readonly string[] =>
  end === undefined || !way.includes(end) ? way : way.slice(0, way.indexOf(end) + 1);

/** What the devices on its way add to sound, and the delays that are set in them, ms. */
function soundAfter(output: string, wiring: PlanWiring, way: readonly string[]): Figure {
  const set = way.flatMap(each => {
    const delay = wiring.devices[each]?.soundDelay;
    return delay === undefined ? [] : [given('set', delay, 'ms', 'plan', `/devices/${each}/soundDelay`)];
  });
  return figures.soundLate.calc(
    [output],
    [
      ...way.map(each => soundDelay(wiring, each)),
      ...(set.length > 0 ? set : [constant('set', 0, 'ms', 'no delay is set')]),
    ],
  );
}

/**
 * What the devices on its way add to a picture until sound meets it, ms. Sound that was embedded before goes through
 * boxes with other pictures until it meets those of this camera, and through the one where it does: what they add to
 * it is taken off, so that cameras of one output differ by what is on their own ways alone.
 */
function pictureAfter(
  ids: [output: string, camera: string],
  way: readonly string[],
  sound: { readonly way: readonly string[]; readonly meeting: string } | undefined,
  delay: (device: string) => Term,
): Figure {
  const meets = sound?.way.find(each => way.includes(each));
  const along =
    sound && meets !== undefined
      ? sound.way.slice(sound.way.indexOf(sound.meeting) + 1, sound.way.indexOf(meets) + 1)
      : [];
  const adds = upTo(way, meets ?? sound?.meeting).map(delay);
  if (along.length === 0) return figures.pictureLate.calc(ids, adds);
  const taken = along.map(each => ({ ...delay(each), name: 'along' }));
  return figures.pictureLate.calc(ids, [...adds, ...taken], { formula: 'sum(adds) - sum(along)' });
}

/**
 * The delay for the tightest shot, raised until no camera is more than 40 ms early, as long as the tightest shot is no
 * more than 60 ms late by it.
 */
function delayFor(
  output: string,
  sound: Figure,
  sources: Readonly<Record<string, Sync>>,
  first: string | undefined,
  set: number,
): Figure {
  const tight = sources[first ?? '']?.video;
  if (first === undefined || !tight || numberOf(sound) === undefined) {
    return figures.soundDelay.unknown([output], 'there is no camera or no sound to bring together');
  }
  return figures.soundDelay.calc(
    [output],
    [
      taken('tight', tight),
      ...Object.values(sources).map(({ video }) => taken('video', video)),
      taken('sound', sound),
      constant('set', set, 'ms', 'delay that is set there now'),
      constant('early', EARLY, 'ms', 'sound may be early'),
      constant('late', LATE, 'ms', 'and late'),
    ],
  );
}

/** How late the pictures of the slowest camera are on each screen in the room, ms. */
export function screensOf({
  wiring,
  outputs,
  house,
}: {
  readonly wiring: PlanWiring;
  readonly outputs: MapOf<Output> | undefined;
  readonly house: VideoFormat;
}): Readonly<Record<string, { readonly late: Figure }>> {
  const total = (terms: readonly Term[]): number => terms.reduce((sum, { value }) => sum + Number(value), 0);
  return Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, { late: Figure }][] => {
      if (kind !== 'screen' || device === undefined) return [];
      const ways = camerasInto(wiring, device).map(({ way }) =>
        way.map(each => pictureDelay(wiring, each, house)),
      );
      const slowest = ways.sort((a, b) => total(b) - total(a))[0];
      const late = slowest
        ? figures.screenLate.calc([id], slowest)
        : figures.screenLate.found([id], 0, [], { method: 'no camera leads to it' });
      return [[id, { late }]];
    }),
  );
}
