/** What the set-ups show besides what they say: offsets by camera, streams on their lines, calls. By hand calculation. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { number } from '../stations/edited.js';
import { FLY_CASE } from './fly-case.js';
import { HYBRID } from './more.js';
import { INTERVIEW } from './nine-to-eighteen.js';
import { ONE_PERSON, TRAVELLING } from './one-to-six.js';
import { staged, type SetUp } from './stage.js';

const shown = (setUp: SetUp) => {
  const bundle = staged(setUp);
  const { signal, stream } = assess(bundle);
  const [output = ''] = Object.keys(bundle.plan.outputs ?? {});
  const sync = signal.latency[output];
  return {
    sound: Object.values(signal.sound).map(({ from }) => from.value),
    offsets: Object.fromEntries(
      Object.entries(sync?.sources ?? {}).map(([id, { offset }]) => [id, number(offset)]),
    ),
    delay: [number(sync?.delay), sync?.at],
    streams: Object.values(stream.streams),
    taken: number(stream.taken),
    outputs: Object.values(signal.outputs),
  };
};

describe('sound through a camera', () => {
  it('is late by what is before the camera, and against the others by the difference of the cameras', () => {
    // The preamplifier takes 7.5 ms. At 24 frames a second the face camera takes two of them like the one above,
    // whose picture also goes through the window cutter, half a frame: 20 ms.
    const { sound, offsets, delay } = shown(ONE_PERSON);
    expect(sound).toEqual(['BOOM']);
    expect(offsets.camface01).toBeCloseTo(-7.5, 9);
    expect(offsets.camover01).toBeCloseTo(12.5, 9);
    expect(delay).toEqual([-7.5, 'switcher1']);
  });

  it('is delayed in the desk before it, and leaves each camera what its own picture takes beside that one', () => {
    const { offsets, delay } = shown(TRAVELLING);
    // Three cameras of two frames each, the desk 1.5 ms.
    expect(offsets).toEqual({ camone001: -1.5, camtwo001: -1.5, camthree1: -1.5 });
    expect(delay).toEqual([-1.5, 'housedesk']);
    const slow = { ...TRAVELLING, devices: TRAVELLING.devices.map(late('camtwo001', 130)) };
    // 130 − 80 (the camera that sound comes through) − 1.5.
    expect(shown(slow).offsets.camtwo001).toBeCloseTo(48.5, 9);
  });

  const late =
    (id: string, pictureDelay: number) =>
    (device: SetUp['devices'][number]): SetUp['devices'][number] => {
      const [own, label, kind, place, more] = device;
      return own === id ? [own, label, kind, place, { ...more, pictureDelay }] : device;
    };

  it('of a boom in the mixer is early by the pictures, most with the camera on the air', () => {
    // Two frames in the camera, one in the switcher, and two more over the air.
    expect(shown(INTERVIEW).offsets).toMatchObject({ camone001: 120, camroams1: 200 });
  });
});

describe('what leaves a place', () => {
  it('is summed on its line', () => {
    const { streams, taken } = shown(FLY_CASE);
    // 40 Mb/s measured, half of it to be trusted, for two; 1080p30 goes up to 6000 kb/s: (6000 + 160) · 1.08.
    expect(streams.map(({ share }) => number(share))).toEqual([10, 10]);
    expect(streams.map(({ others }) => number(others))).toEqual([6.6528, 6.6528]);
    expect(taken).toBeCloseTo(13.3056, 9);
  });

  it('may be a call, which gets the mix and has a line of its own kind', () => {
    const { outputs, streams } = shown(HYBRID);
    expect(outputs.at(-1)?.gets.value).toBe('programme');
    expect(streams.map(({ line, rung }) => [line.value, rung.value])).toEqual([
      ['the line of the house', '1080p30'],
    ]);
  });
});
