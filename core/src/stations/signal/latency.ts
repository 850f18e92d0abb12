/** Latency and lip sync: how late pictures and sound come to each output, and the delay that brings them together. */
import type { DelayAt, Output, Shot } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../shots/framing.js';
import { pictureDelay, soundDelay } from './delays.js';
import * as figures from './figures.js';
import { kindDoes, switches } from './functions.js';
import type { PlanWiring } from './result.js';
import { speechInto } from './sound.js';
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
  /** From the desk or microphone to where sound meets the pictures, with the delay that is set for it, ms. */
  readonly sound: Figure;
  readonly sources: Readonly<Record<string, Sync>>;
  /** The delay to set there; below zero the pictures must be delayed instead, ms. */
  readonly delay: Figure;
  /** The device in which it is set: where sound and pictures meet or, by house rule, the sound desk. */
  readonly at: string | undefined;
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
export const latencyOf = ({
  outputs,
  ...reads
}: SyncReads & { readonly outputs: MapOf<Output> | undefined }): Readonly<Record<string, OutputSync>> =>
  Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, OutputSync][] =>
      kind === 'screen' || device === undefined || !reads.wiring.devices[device]
        ? []
        : [[id, syncOf(id, device, reads)]],
    ),
  );

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
  { wiring, shots, house, delayAt = 'meeting' }: SyncReads,
): OutputSync {
  const cameras = camerasInto(wiring, device);
  const heard = speechInto(wiring, device);
  const way = heard === undefined ? undefined : waysInto(wiring, device, ['audio', 'video'])(heard);
  // From where both run in one lead, they stay together.
  const meeting = way?.find(each => cameras.some(({ way: pictured }) => pictured.includes(each)));
  const met = way && meeting !== undefined ? { way, meeting } : undefined;
  const at = met && delayedIn(wiring, met, delayAt);
  const sound = met
    ? soundAfter(output, wiring, upTo(met.way, meeting), upTo(met.way, at))
    : figures.soundLate.unknown([output], 'no microphone or sound desk leads there');
  const sources = Object.fromEntries(
    cameras.map(({ id, way: pictured }): [string, Sync] => {
      const ids: [string, string] = [output, id];
      const video = pictureAfter(ids, pictured, met, wiring, house);
      return [id, { video, ...verdictOf(ids, video, sound) }];
    }),
  );
  const first = tightest(
    shots,
    cameras.map(({ id }) => id),
  );
  const set = wiring.devices[at ?? '']?.soundDelay ?? 0;
  return { sound, sources, delay: delayFor(output, sound, sources, first, set), at };
}

/** Pictures less sound, and whether that shows; unknown with what is missing. */
function verdictOf(
  ids: [output: string, camera: string],
  video: Figure,
  sound: Figure,
): Pick<Sync, 'offset' | 'verdict'> {
  if (sound.value === null) {
    const why = sound.why ?? '';
    return { offset: figures.soundOffset.unknown(ids, why), verdict: figures.soundVerdict.unknown(ids, why) };
  }
  const offset = figures.soundOffset.calc(ids, [taken('video', video), taken('sound', sound)]);
  return { offset, verdict: figures.soundVerdict.calc(ids, [taken('early', offset), ...BOUNDS]) };
}

/** A way of sound, and the first device on it that a camera's picture comes to as well. */
interface Met {
  readonly way: readonly string[];
  readonly meeting: string;
}

/**
 * The device in which sound is delayed: where it meets the pictures, or the desk by house rule. A camera delays no
 * sound by itself: what comes in by one is delayed in the desk before it, else in the next mixer after it.
 */
function delayedIn(wiring: PlanWiring, { way, meeting }: Met, delayAt: DelayAt): string {
  const [desk = meeting] = way;
  const isDesk = kindDoes(wiring.kindOf(desk), 'mixes sound');
  if (delayAt === 'desk' && isDesk) return desk;
  if (!isCamera(wiring, meeting)) return meeting;
  return isDesk
    ? desk
    : (way.slice(way.indexOf(meeting) + 1).find(each => switches(wiring, each)) ?? meeting);
}

/** Something that sees and does not mix: sound that comes into it runs on with its picture. */
const isCamera = (wiring: PlanWiring, id: string): boolean =>
  kindDoes(wiring.kindOf(id), 'sees') && !switches(wiring, id);

/** A way as far as one of its devices, that included; whole where it does not come there. */
const upTo = (way: readonly string[], end: string | undefined): readonly string[] =>
  end === undefined || !way.includes(end) ? way : way.slice(0, way.indexOf(end) + 1);

/** What the devices on its way add to sound until it meets pictures, and the delays that are set for it, ms. */
function soundAfter(
  output: string,
  wiring: PlanWiring,
  toMeeting: readonly string[],
  toDelay: readonly string[],
): Figure {
  const longer = toDelay.length > toMeeting.length ? toDelay : toMeeting;
  const set = longer.flatMap(each => {
    const delay = wiring.devices[each]?.soundDelay;
    return delay === undefined ? [] : [given('set', delay, 'ms', 'plan', `/devices/${each}/soundDelay`)];
  });
  return figures.soundLate.calc(
    [output],
    [
      ...toMeeting.map(each => soundDelay(wiring, each)),
      ...(set.length > 0 ? set : [constant('set', 0, 'ms', 'no delay is set')]),
    ],
  );
}

/**
 * What the devices on its way add to a picture until sound meets it, ms. Sound that was embedded before goes through
 * boxes with other pictures until it meets those of this camera, and through the one where it does: what they add to
 * it is taken off, so that cameras of one output differ by what is on their own ways alone. A camera keeps the sound
 * that comes into it with its picture.
 */
function pictureAfter(
  ids: [output: string, camera: string],
  way: readonly string[],
  sound: Met | undefined,
  wiring: PlanWiring,
  house: VideoFormat,
): Figure {
  const meets = sound?.way.find(each => way.includes(each));
  const from = sound ? sound.way.indexOf(sound.meeting) + (isCamera(wiring, sound.meeting) ? 0 : 1) : 0;
  const along = sound && meets !== undefined ? sound.way.slice(from, sound.way.indexOf(meets) + 1) : [];
  const delay = (each: string): Term => pictureDelay(wiring, each, house);
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
    return figures.soundDelay.unknown(
      [output],
      first === undefined ? 'no camera leads there' : (sound.why ?? ''),
    );
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
