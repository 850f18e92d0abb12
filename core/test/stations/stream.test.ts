/** The ladder of sizes against the measured upload, data, and disk – each by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { fixesFor } from '../../src/fixes.js';
import { applyPatch } from '../../src/foundations/index.js';
import { LADDER } from '../../src/stations/stream/ladder.js';
import { between } from '../arbitraries.js';
import { edited, friday, number, remove, set } from './edited.js';

const measured = (ups: readonly number[], rules: object = {}): Assessment => {
  const uploads = Object.fromEntries(
    ups.map((up, i) => [`uptest${String(i).padStart(3, '0')}`, { at: '2026-11-20T19:30:00Z', up }]),
  );
  return assess({ ...friday, venue: { ...friday.venue, uploads }, rules: { ...friday.rules, ...rules } });
};

describe('the best size', () => {
  // Line rate of a rung: (lowest video rate + 160) · 1.08 kb/s; half the upload must reach it.
  it.each([
    [33, '1080p30'], // no larger than what is mixed, 1080p25
    [9.0, '1080p30'], // 4160 · 1.08 = 4.49 ≤ 4.5
    [8.9, '720p30'],
    [6.3, '720p30'],
    [5.7, '540p'], // 2660 · 1.08 = 2.87 > 2.85
    [2.1, '360p'], // 960 · 1.08 = 1.04 ≤ 1.05
    [2.0, '160p'],
    [0.2, '160p'],
  ])('for %d Mb/s measured is %s', (up, rung) => {
    expect(measured([up]).stream.streams.outstream1?.rung.value).toBe(rung);
  });

  it('goes by the worst test, not the last or the mean', () => {
    const { worstUpload, budget } = measured([40, 6.3, 22]).stream;
    expect(worstUpload.value).toBe(6.3);
    expect(number(budget)).toBeCloseTo(3.15, 12);
  });

  it('is not known without a test, which is a snag', () => {
    const { stream, snags } = measured([]);
    expect(stream.streams.outstream1?.rung).toMatchObject({
      value: null,
      why: 'no upload was measured here',
    });
    expect(snags.some(snag => snag.rule === 'stream.upload-unmeasured')).toBe(true);
  });

  it('never asks more of the line than the budget, unless chosen by hand or nothing fits', () => {
    fc.assert(
      fc.property(fc.array(between(1.5, 120), { minLength: 1, maxLength: 5 }), ups => {
        const { streams, budget } = measured(ups).stream;
        const stream = streams.outstream1;
        expect(number(stream?.lineRate)).toBeLessThanOrEqual(number(budget) + 1e-6);
        expect(stream?.fits.value).toBe(true);
        const [, rates] = LADDER.find(([rung]) => rung === stream?.rung.value) ?? [];
        expect(number(stream?.videoRate)).toBeGreaterThanOrEqual(rates?.low ?? Infinity);
        expect(number(stream?.videoRate)).toBeLessThanOrEqual(rates?.high ?? 0);
      }),
      { numRuns: 40 },
    );
  });

  it('is never worse on a better line', () => {
    const place = (up: number): number =>
      LADDER.findIndex(([rung]) => rung === measured([up]).stream.streams.outstream1?.rung.value);
    fc.assert(
      fc.property(between(0.5, 60), between(0, 20), (up, more) => {
        expect(place(up + more)).toBeLessThanOrEqual(place(up));
      }),
      { numRuns: 40 },
    );
  });
});

describe('a size chosen by hand', () => {
  it('stays, and is a stop when the line cannot carry it', () => {
    const { stream, snags } = assess(edited(set('/outputs/outstream1/rung', '1080p30')));
    expect(stream.streams.outstream1?.rung.value).toBe('1080p30');
    // (4000 + 160) · 1.08 = 4.4928 Mb/s against 3.15.
    expect(number(stream.streams.outstream1?.lineRate)).toBeCloseTo(4.4928, 9);
    expect(stream.streams.outstream1?.fits.value).toBe(false);
    expect(snags.find(snag => snag.rule === 'stream.rung-too-high')?.outputs).toEqual(['outstream1']);
  });
});

describe('data and disk', () => {
  it('count live minutes only', () => {
    const short = assess(edited(remove('/runningOrder/itemsolo01')));
    const minutes = number(short.brief.phases.live);
    expect(minutes).toBe(83);
    // 3.15 Mb/s · 83 · 60 s / 8000 = 1.96 GB.
    expect(number(short.stream.streams.outstream1?.data)).toBeCloseTo((3.15 * 83 * 60) / 8000, 6);
    expect(number(short.stream.recordings.outrecord1?.needed)).toBeCloseTo((81 * 83) / 60, 6);
  });

  it('need no tracks for cameras that are not recorded apart', () => {
    const { recordings } = assess(edited(remove('/outputs/outrecord1/isolated'))).stream;
    expect(number(recordings.outrecord1?.perHour)).toBeCloseTo(45 * 0.45, 9);
  });

  it('say when no recorder is chosen', () => {
    const { recordings } = assess(edited(remove('/outputs/outrecord1/device'))).stream;
    expect(recordings.outrecord1?.room.why).toBe('no recorder is chosen for it');
  });
});

describe('the age and hour of upload tests', () => {
  const found = (ats: readonly string[]): (readonly string[])[] => {
    const uploads = Object.fromEntries(
      ats.map((at, i) => [`uptest${String(i).padStart(3, '0')}`, { at, up: 9 }]),
    );
    return assess({ ...friday, venue: { ...friday.venue, uploads } })
      .snags.filter(snag => snag.rule === 'stream.upload-old')
      .map(({ severity, title }) => [severity, title]);
  };

  // The event is on Friday 2026-12-04 at 19:30 UTC.
  it.each([
    ['the Friday before at about the hour', ['2026-11-27T18:00:00Z'], []],
    ['a Friday in summer time, an hour off', ['2026-10-16T18:35:00Z'], []],
    ['one old and one new test', ['2026-01-02T19:30:00Z', '2026-11-27T19:00:00Z'], []],
    [
      'a Tuesday morning only',
      ['2026-12-01T10:00:00Z'],
      [['note', 'No upload was ever measured here at this hour of the week.']],
    ],
    [
      'a test of 91 days before',
      ['2026-09-04T19:00:00Z'],
      [['risk', 'The newest upload test will be 91 days old at the event.']],
    ],
    [
      'a test of just 90 days before, on that Saturday',
      ['2026-09-05T19:30:00Z'],
      [['note', 'No upload was ever measured here at this hour of the week.']],
    ],
  ])('with %s', (_, ats, snags) => {
    expect(found(ats)).toEqual(snags);
  });

  it('do not matter where nothing is streamed', () => {
    const { snags } = assess(edited(remove('/outputs/outstream1'), set('/start', '2028-01-01T00:00:00Z')));
    expect(snags.some(snag => snag.rule === 'stream.upload-old')).toBe(false);
  });
});

describe('a recording', () => {
  const onSwitcher = set('/outputs/outrecord1/device', 'switcher1');
  const disk = set('/devices/diskusb01', {
    order: 'zz',
    label: 'DISK',
    kind: 'diskusb01',
    place: { inside: 'switcher1' },
  });
  const plug = set('/links/linkdisk1', {
    from: { device: 'switcher1', port: 'usbdisk01' },
    to: { device: 'diskusb01', port: 'usbplug01' },
  });
  const stops = (bundle: Bundle): string[] =>
    assess(bundle).snags.flatMap(({ rule }) => (rule === 'stream.no-disk' ? [rule] : []));

  it('wants a disk in a recorder that has none fitted, and has the room that is on it', () => {
    expect(stops(edited(onSwitcher))).toEqual(['stream.no-disk']);
    // A disk in the case is not plugged in yet.
    expect(stops(edited(onSwitcher, disk))).toEqual(['stream.no-disk']);
    const plugged = edited(onSwitcher, disk, plug);
    expect(stops(plugged)).toEqual([]);
    const { outrecord1 } = assess(plugged).stream.recordings;
    expect([outrecord1?.disk?.value, number(outrecord1?.room)]).toEqual(['DISK', 930]);
  });

  it('is on the disk that is fitted, whatever is plugged in', () => {
    const { outrecord1 } = assess(edited(disk)).stream.recordings;
    expect([outrecord1?.disk?.value, number(outrecord1?.room)]).toEqual(['a disk that is fitted', 465]);
  });

  it('is plugged in by its fix', () => {
    const bundle = edited(onSwitcher);
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'stream.no-disk');
    const [fix] = fixesFor(snag?.id ?? '', bundle);
    expect(fix?.label).toBe('Plug “Disk, USB, 1 TB” in');
    expect(stops({ ...bundle, plan: applyPatch(bundle.plan, fix?.changes[0]?.patch ?? []) })).toEqual([]);
  });
});

describe('a stream over the mobile network', () => {
  const mobile = (readings: readonly (readonly [x: number, up: number])[]) => {
    const patch = [
      set('/devices/bonded001', { order: 'zz', label: 'BONDED', kind: 'bondedbel', place: { at: [4, 9] } }),
      set('/outputs/outstream1/device', 'bonded001'),
    ];
    const mobileReadings = Object.fromEntries(
      readings.map(([x, up], i) => [
        `reading0${i}`,
        { order: String(i), label: 'r', at: [x, 9] as const, up, taken: '2026-12-01T19:00:00Z' },
      ]),
    );
    const bundle = edited(...patch);
    const { stream, snags } = assess({
      ...bundle,
      venue: {
        ...bundle.venue,
        mobileReadings: mobileReadings,
      },
    });
    const unmeasured = snags.filter(({ rule }) => rule === 'stream.upload-unmeasured');
    return { stream: stream.streams.outstream1, unmeasured: unmeasured.map(({ subjects }) => subjects) };
  };

  it('is judged by the worst reading within 15 m of its modem, never by the line of the house', () => {
    const { stream, unmeasured } = mobile([
      [4, 9],
      [18.9, 6],
      [19.1, 1],
    ]);
    expect([number(stream?.upload), number(stream?.budget)]).toEqual([6, 3]);
    expect(stream?.line.value).toBe('the mobile network by BONDED');
    expect(unmeasured).toEqual([]);
  });

  it('is not known where nobody measured, which is a snag of its own', () => {
    const { stream, unmeasured } = mobile([[19.1, 9]]);
    expect(stream?.rung).toMatchObject({
      value: null,
      why: 'the mobile network was not measured where BONDED stands',
    });
    expect(unmeasured).toEqual([['outstream1']]);
  });
});
