/** Latency and lip sync of set-ups, by hand calculation; limits of EBU R37 and ITU-R BT.1359-1. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import type { Operation } from '../../src/foundations/index.js';
import { assessed, edited, number, remove, set } from './edited.js';

const plug = (from: string, fromPort: string, to: string, toPort: string): object => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
const format = (value: string): Operation[] => [set('/rules', { format: value })];
const late = (id: string, ms: number): Operation => set(`/devices/${id}/pictureDelay`, ms);
/** Something in the lead of C1. */
const inLead = (kind: string): Operation[] => [
  set('/devices/inlead001', { order: 'zz1', label: 'IN LEAD', kind, place: { inside: 'deskrack1' } }),
  set('/links/linkwide1', plug('camwide01', 'hdmiout01', 'inlead001', 'hdmiin001')),
  set('/links/linkwide2', plug('inlead001', 'hdmiout01', 'switcher1', 'hdmiin01')),
];
const syncOf = (patch: readonly Operation[], output = 'outstream1') =>
  assessed(...patch).signal.latency[output];

// At 25 frames a second one is 40 ms: two in a camera, one in the switcher; the desk takes 1.5 ms.
const SET_UPS: readonly (readonly [what: string, patch: Operation[], video: number, offset: number])[] = [
  ['at 25 frames a second', [], 120, 118.5],
  ['at 50', format('1080p50'), 60, 58.5],
  ['at 30', format('1080p30'), 100, 98.5],
  [
    'at 59.94 in camera and switcher',
    ['camwide01', 'switcher1'].map(id => set(`/devices/${id}/format`, '1080p59.94')),
    50.05,
    48.55,
  ],
  [
    'interlaced at 50 fields',
    ['camwide01', 'switcher1'].map(id => set(`/devices/${id}/format`, '1080i50')),
    120,
    118.5,
  ],
  ['with a scaler in the lead, 1.5 frames', inLead('scalerhdm'), 180, 178.5],
  ['with a camera that was measured', [late('camwide01', 33)], 73, 71.5],
  ['with a switcher that was measured', [late('switcher1', 5)], 85, 83.5],
  ['with a delay of 119 ms', [set('/devices/switcher1/soundDelay', 119)], 120, -0.5],
  ['with a delay of 200 ms', [set('/devices/switcher1/soundDelay', 200)], 120, -81.5],
];

describe('the offset of sound', () => {
  it.each(SET_UPS)('%s', (_, patch, video, offset) => {
    const { camwide01: camera } = syncOf(patch)?.sources ?? {};
    expect(number(camera?.video)).toBeCloseTo(video, 2);
    expect(number(camera?.offset)).toBeCloseTo(offset, 2);
  });

  it('does not grow where pictures and sound run in one lead: a recorder after the switcher adds to both', () => {
    const { camwide01: camera } = syncOf([], 'outrecord1')?.sources ?? {};
    expect(number(camera?.offset)).toBeCloseTo(118.5, 9);
  });

  it('is not known without a desk that leads there', () => {
    const { sound, delay } = syncOf([remove('/links/linksound')]) ?? {};
    expect([sound?.value, delay?.value]).toEqual([null, null]);
  });

  it.each([
    [0, 'unacceptable'],
    [28, 'unacceptable'],
    [29, 'noticeable'],
    [73, 'noticeable'],
    [74, 'fair'],
    [79, 'good'],
    [178, 'good'],
    [179, 'fair'],
    [244, 'noticeable'],
    [304, 'unacceptable'],
  ] as const)('with a delay of %i ms is %s', (ms, verdict) => {
    // 118.5 ms early without any.
    const camera = syncOf([set('/devices/switcher1/soundDelay', ms)])?.sources.camwide01;
    expect(camera?.verdict.value).toBe(verdict);
  });
});

describe('sound that is embedded into the lead of C1', () => {
  const embedder: Operation[] = [
    set('/devices/inlead001', {
      order: 'zz1',
      label: 'EMBEDDER',
      kind: 'embedsdi1',
      place: { inside: 'deskrack1' },
    }),
    set('/links/linkwide1', plug('camwide01', 'hdmiout01', 'inlead001', 'sdiin0001')),
    set('/links/linkwide2', plug('inlead001', 'sdiout001', 'switcher1', 'hdmiin01')),
    set('/links/linksound', plug('audiodes1', 'xlrout001', 'inlead001', 'audioin01')),
  ];
  const ms = fc.integer({ min: 0, max: 300 });

  it('goes on with its picture: cameras differ by their own ways alone', () => {
    fc.assert(
      fc.property(ms, ms, ms, ms, (first, second, box, mixer) => {
        const delays = [late('camwide01', first), late('camnorth1', second), late('inlead001', box)];
        const { sources, sound } = syncOf([...embedder, ...delays, late('switcher1', mixer)]) ?? {};
        const [c1, c2] = [number(sources?.camwide01?.offset), number(sources?.camnorth1?.offset)];
        expect(c1 - c2).toBeCloseTo(first + box - second, 9);
        // Sound and the picture of C1 meet in the embedder, after what that adds to the picture.
        expect(c1).toBeCloseTo(first + box - number(sound), 9);
      }),
      { numRuns: 30 },
    );
  });
});

describe('the delay to set', () => {
  it('brings the tightest shot together', () => {
    expect(number(syncOf([])?.delay)).toBeCloseTo(118.5, 9);
  });

  it('is raised for a slower camera, until the tightest shot is 60 ms late', () => {
    // C2 and C3 are the tightest, at 120 ms. C1 at 190: 150 would leave it 40 ms early, and the tightest 30 late.
    expect(number(syncOf([late('camwide01', 150)])?.delay)).toBeCloseTo(150 - 1.5, 9);
    // C1 at 240: 200 would leave the tightest 80 ms late, so 180.
    expect(number(syncOf([late('camwide01', 200)])?.delay)).toBeCloseTo(180 - 1.5, 9);
  });

  it('stays the same once it is set', () => {
    expect(number(syncOf([set('/devices/switcher1/soundDelay', 60)])?.delay)).toBeCloseTo(118.5, 9);
  });

  it('is set by the fix, which leaves nothing to hear', () => {
    const bundle = edited();
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'signal.lip-sync');
    const [fix] = fixesFor(snag?.id ?? '', bundle);
    expect(fix?.label).toBe('Set a delay of 119 ms for the sound in SWITCHER');
    const after = assess(applyFix(bundle, fix ?? { changes: [] }));
    expect(after.snags.filter(({ rule }) => rule === 'signal.lip-sync')).toEqual([]);
  });

  it('is below zero where sound is the slower, and is then not offered', () => {
    const patch = [...['camwide01', 'camnorth1', 'camside01', 'switcher1'].map(id => late(id, 0))];
    expect(number(syncOf(patch)?.delay)).toBeCloseTo(-1.5, 9);
  });
});

it('a screen in the room adds its own 40 ms, and is late beyond 100', () => {
  expect(number(assessed().signal.screens.outscreen1?.late)).toBeCloseTo(160, 9);
  const fast = assessed(...format('1080p60'));
  expect(number(fast.signal.screens.outscreen1?.late)).toBeCloseTo(90, 9);
  expect(fast.snags.filter(({ rule }) => rule === 'signal.screen-late')).toEqual([]);
});

describe('where the delay is set', () => {
  it('is where sound and pictures meet, or the desk, by house rule; what is set in either counts', () => {
    const at = (rules: object) => syncOf([set('/rules', rules)])?.at;
    expect(at({})).toBe('switcher1');
    expect(at({ delayAt: 'desk' })).toBe('audiodes1');
    const both = syncOf([set('/devices/switcher1/soundDelay', 60), set('/devices/audiodes1/soundDelay', 50)]);
    expect(number(both?.sources.camwide01?.offset)).toBeCloseTo(8.5, 9);
    const inDesk = syncOf([set('/rules', { delayAt: 'desk' }), set('/devices/audiodes1/soundDelay', 50)]);
    expect(number(inDesk?.delay)).toBeCloseTo(number(syncOf([])?.delay), 9);
  });
});
