/** What each device adds to pictures and to sound on their way. */
import type { Kind } from '../../documents/index.js';
import { constant, given, videoOf, type Term, type VideoFormat } from '../../foundations/index.js';
import type { PlanWiring } from './result.js';

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

/** What a device adds to sound, ms: as its kind says, else as is typical. */
export function soundDelay(wiring: PlanWiring, id: string): Term {
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
