/** Latency and lip sync: how late pictures and sound come to each output, and the delay that brings them together. */
import type { DelayAt, Format, Kind, Output, Rules, Shot } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  inOrder,
  numberOf,
  taken,
  unknown,
  videoOf,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../shots/framing.js';
import type { PlanWiring } from './index.js';
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
export function pictureDelay(wiring: PlanWiring, id: string, house: Format): Term {
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

/** How every output but a screen in the room has pictures and sound together. */
export function latencyOf(
  wiring: PlanWiring,
  outputs: MapOf<Output> | undefined,
  shots: MapOf<Shot> | undefined,
  { format: house, delayAt = 'meeting' }: Pick<Rules, 'format' | 'delayAt'>,
): Record<string, OutputSync> {
  const desk = inOrder(wiring.devices).find(([id]) => wiring.kindOf(id)?.family === 'audio desk')?.[0];
  return Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, OutputSync][] =>
      kind === 'screen' || device === undefined || !wiring.devices[device]
        ? []
        : [[id, syncOf(id, device, desk, wiring, shots, house, delayAt)]],
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
    const way = wiring.kindOf(id)?.family === 'camera' ? wayFrom(id) : undefined;
    return way ? [{ id, way }] : [];
  });
}

function syncOf(
  output: string,
  device: string,
  desk: string | undefined,
  wiring: PlanWiring,
  shots: MapOf<Shot> | undefined,
  house: Format,
  delayAt: DelayAt,
): OutputSync {
  const path = `signal.latency.${output}`;
  const cameras = camerasInto(wiring, device);
  const soundWay = desk === undefined ? undefined : waysInto(wiring, device, ['audio', 'video'])(desk);
  // From where both run in one lead, they stay together.
  const meeting = soundWay?.find(each => cameras.some(({ way }) => way.includes(each)));
  const at = delayAt === 'desk' && meeting !== undefined ? desk : meeting;
  const until = (way: readonly string[], end = meeting): readonly string[] =>
    end === undefined || !way.includes(end) ? way : way.slice(0, way.indexOf(end) + 1);
  const set = soundWay
    ? until(soundWay).flatMap(each => {
        const delay = wiring.devices[each]?.soundDelay;
        return delay === undefined ? [] : [given('set', delay, 'ms', 'plan', `/devices/${each}/soundDelay`)];
      })
    : [];
  const sound =
    soundWay && meeting !== undefined
      ? calc('ms', 'sum(adds) + sum(set)', [
          ...until(soundWay).map(each => soundDelay(wiring, each)),
          ...(set.length > 0 ? set : [constant('set', 0, 'ms', 'no delay is set')]),
        ])
      : unknown('ms', 'no sound desk leads there');
  const sources = Object.fromEntries(
    cameras.map(({ id, way }): [string, Sync] => {
      const own = `${path}.sources.${id}`;
      // Sound that was embedded before goes through boxes with other pictures until it meets those of this camera.
      const meets = soundWay?.find(each => way.includes(each));
      const along =
        soundWay && meeting !== undefined && meets !== undefined
          ? soundWay.slice(soundWay.indexOf(meeting) + 1, soundWay.indexOf(meets))
          : [];
      const adds = until(way, meets).map(each => pictureDelay(wiring, each, house));
      const video =
        along.length === 0
          ? calc('ms', 'sum(adds)', adds)
          : calc('ms', 'sum(adds) - sum(along)', [
              ...adds,
              ...along.map(each => ({ ...pictureDelay(wiring, each, house), name: 'along' })),
            ]);
      const offset = calc('ms', 'video - sound', [
        taken('video', video, `${own}.video`),
        taken('sound', sound, `${path}.sound`),
      ]);
      return [id, { video, offset, verdict: verdictOf(own, offset) }];
    }),
  );
  const first = tightest(
    shots,
    cameras.map(({ id }) => id),
  );
  return {
    sound,
    sources,
    delay: delayFor(path, sound, sources, first, wiring.devices[at ?? '']?.soundDelay ?? 0),
    at,
  };
}

/** How much early or late sound shows: EBU R37 and ITU-R BT.1359-1. */
const verdictOf = (path: string, offset: Figure): Figure =>
  calc(
    '',
    "early > 90 or early < -185 ? 'unacceptable' : early > 45 or early < -125 ? 'noticeable' : early > 40 or early < -60 ? 'fair' : 'good'",
    [taken('early', offset, `${path}.offset`)],
    {
      source:
        'EBU R37 (40 ms early, 60 ms late); ITU-R BT.1359-1 (45 / 125 noticeable, 90 / 185 unacceptable)',
    },
  );

/**
 * The delay for the tightest shot, raised until no camera is more than 40 ms early, as long as the tightest shot is no
 * more than 60 ms late by it.
 */
function delayFor(
  path: string,
  sound: Figure,
  sources: Readonly<Record<string, Sync>>,
  first: string | undefined,
  set: number,
): Figure {
  const tight = sources[first ?? '']?.video;
  if (first === undefined || !tight || numberOf(sound) === undefined) {
    return unknown('ms', 'there is no camera or no sound to bring together');
  }
  return calc(
    'ms',
    'max(tight, min(max(video) - early, tight + late)) - (sound - set)',
    [
      taken('tight', tight, `${path}.sources.${first}.video`),
      ...Object.entries(sources).map(([id, { video }]) =>
        taken('video', video, `${path}.sources.${id}.video`),
      ),
      taken('sound', sound, `${path}.sound`),
      constant('set', set, 'ms', 'delay that is set there now'),
      constant('early', EARLY, 'ms', 'sound may be early'),
      constant('late', LATE, 'ms', 'and late'),
    ],
    { rule: 'for the tightest shot, raised until no camera is more than 40 ms early', source: 'EBU R37' },
  );
}

/** A screen in the room beside the speaker may be so late, ms. */
export const SCREEN_LATE = 100;

/** How late the pictures of each camera are on each screen in the room, ms. */
export function screensOf(
  wiring: PlanWiring,
  outputs: MapOf<Output> | undefined,
  house: Format,
): Record<string, { readonly late: Figure }> {
  return Object.fromEntries(
    inOrder(outputs).flatMap(([id, { kind, device }]): [string, { late: Figure }][] => {
      if (kind !== 'screen' || device === undefined) return [];
      const ways = camerasInto(wiring, device).map(({ way }) =>
        way.map(each => pictureDelay(wiring, each, house)),
      );
      const total = (terms: readonly Term[]): number =>
        terms.reduce((sum, { value }) => sum + Number(value), 0);
      const slowest = ways.sort((a, b) => total(b) - total(a))[0];
      return [
        [id, { late: slowest ? calc('ms', 'sum(adds)', slowest) : found(0, 'ms', 'no camera leads to it') }],
      ];
    }),
  );
}
