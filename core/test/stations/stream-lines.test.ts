/** What several streams take of one line, where none leads, and how large a picture is worth sending – each by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { inOrder, type Operation } from '../../src/foundations/index.js';
import { LADDER } from '../../src/stations/stream/ladder.js';
import { between } from '../arbitraries.js';
import { edited, number, set } from './edited.js';

const SECOND = 'outstream2';
const second = (more: object = {}): Operation =>
  set(`/outputs/${SECOND}`, {
    order: 'zz',
    label: 'Second stream',
    kind: 'stream',
    device: 'switcher1',
    ...more,
  });
const measured = (bundle: Bundle, up: number): Bundle => ({
  ...bundle,
  venue: { ...bundle.venue, uploads: { uptest001: { at: '2026-11-27T19:30:00Z', up } } },
});
const streamsOf = (up: number, ...patch: Operation[]) => assess(measured(edited(...patch), up)).stream;
const told = (rule: string, ...patch: Operation[]) =>
  assess(edited(...patch)).snags.flatMap(snag =>
    snag.rule === rule ? [[snag.severity, ...snag.subjects]] : [],
  );

describe('two streams over one line', () => {
  it('halve the budget, where neither has a size', () => {
    const { streams, taken } = streamsOf(18, second());
    // 9 Mb/s: 4.5 each, and (4000 + 160) · 1.08 = 4.4928 is the least of 1080p30.
    for (const id of ['outstream1', SECOND])
      expect([number(streams[id]?.share), streams[id]?.rung.value, streams[id]?.fits.value]).toEqual([
        4.5,
        '1080p30',
        true,
      ]);
    expect(number(taken)).toBeCloseTo(9, 9);
    expect(number(streams[SECOND]?.others)).toBeCloseTo(4.5, 9);
  });

  it('share what sizes leave: the least of each, and half of the rest', () => {
    const { streams } = streamsOf(16, second({ rung: '720p30' }));
    // (2500 + 160) · 1.08 = 2.8728; 8 − 2.8728 = 5.1272; half of it 2.5636.
    expect(number(streams[SECOND]?.share)).toBeCloseTo(5.4364, 9);
    expect(number(streams.outstream1?.share)).toBeCloseTo(2.5636, 9);
    expect(streams.outstream1?.rung.value).toBe('540p');
    // 720p30 goes up to 4000 kb/s, no further: (4000 + 160) · 1.08.
    expect(number(streams[SECOND]?.lineRate)).toBeCloseTo(4.4928, 9);
  });

  it('are each a stop where both sizes are more than the budget carries together', () => {
    const both = [second({ rung: '1080p30' }), set('/outputs/outstream1/rung', '1080p30')];
    // 2 · 4.4928 = 8.9856 Mb/s.
    const fits = (up: number) => Object.values(streamsOf(up, ...both).streams).map(each => each.fits.value);
    expect(fits(2 * 8.9857)).toEqual([true, true]);
    expect(fits(2 * 8.9855)).toEqual([false, false]);
    expect(told('stream.rung-too-high', ...both)).toEqual([
      ['stop', 'outstream1'],
      ['stop', SECOND],
    ]);
  });

  it('never take more than the budget between them, while no size is chosen and the smallest fit', () => {
    fc.assert(
      fc.property(between(1, 120), fc.integer({ min: 1, max: 4 }), (up, count) => {
        const more = Array.from({ length: count }, (_, i) =>
          set(`/outputs/outmore00${i}`, {
            order: `zz${i}`,
            label: `M${i}`,
            kind: 'stream',
            device: 'switcher1',
          }),
        );
        const { streams, budget, taken } = streamsOf(up, ...more);
        const smallest = Object.values(streams).every(({ rung }) => rung.value === '160p');
        if (!smallest) expect(number(taken)).toBeLessThanOrEqual(number(budget) + 1e-6);
        expect(new Set(Object.values(streams).map(({ rung }) => rung.value)).size).toBe(1);
      }),
      { numRuns: 30 },
    );
  });

  it('have a budget each where one goes over the mobile network', () => {
    const bonded = set('/devices/bonded001', {
      order: 'zz',
      label: 'BONDED',
      kind: 'bondedbel',
      place: { at: [4, 9] },
    });
    const { streams } = streamsOf(18, bonded, second({ device: 'bonded001' }));
    expect([streams.outstream1?.others, streams.outstream1?.share, streams[SECOND]?.others]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe('what is to be sent', () => {
  const { links } = edited().plan;
  const wired = inOrder(links).flatMap(([id, { from, to }]) =>
    from.networkSocket !== undefined || to.networkSocket !== undefined ? [id] : [],
  );
  const unwired = wired.map((id): Operation => ({ op: 'remove', path: `/links/${id}` }));

  it('is a stop without a line, and of no size that could be said', () => {
    expect(wired.length).toBeGreaterThan(0);
    expect(told('stream.no-line')).toEqual([]);
    expect(told('stream.no-line', ...unwired)).toEqual([['stop', 'outstream1', 'switcher1']]);
    const { streams } = streamsOf(18, ...unwired);
    expect(streams.outstream1?.rung).toMatchObject({
      value: null,
      why: 'no lead or air leads from it to a line',
    });
  });

  it('is judged by the line of the house before a device is chosen, and is no stop', () => {
    const { streams } = streamsOf(18, second({ device: undefined }));
    expect(number(streams[SECOND]?.share)).toBe(4.5);
    expect(streams[SECOND]?.line).toMatchObject({ value: null, why: 'no device is chosen for it' });
  });

  const rung = (...patch: Operation[]) => streamsOf(200, ...patch).streams.outstream1?.rung.value;
  const works = (format: string) => set('/devices/switcher1/format', format);
  it.each([
    ['1080p25', '1080p30'],
    ['1080i50', '1080p30'],
    ['1080p50', '1080p60'],
    ['720p50', '720p60'],
    // Its encoder sends 1080 lines, whatever is mixed.
    ['2160p50', '1080p60'],
  ])('of %s is no larger and no faster than %s, however good the line', (format, best) => {
    expect(rung(works(format))).toBe(best);
  });

  it('is of no larger picture than a webcam output gives', () => {
    const lines = (webcam: number) => {
      const bundle = edited(
        set('/devices/laptopsnd', {
          order: 'zz',
          label: 'SENDS',
          kind: 'laptopcal',
          tasks: ['encode'],
          place: { inside: 'deskrack1' },
        }),
        set('/links/linkusb01', {
          from: { device: 'switcher1', port: 'usbwebcam' },
          to: { device: 'laptopsnd', port: 'usbvideo1' },
        }),
        set('/outputs/outstream1/device', 'laptopsnd'),
      );
      const own = bundle.kinds.kinds.switchcom;
      if (!own?.inside) throw new Error('the switcher of the demo has nothing inside');
      const kinds = { ...bundle.kinds.kinds, switchcom: { ...own, inside: { ...own.inside, webcam } } };
      return assess({ ...bundle, kinds: { ...bundle.kinds, kinds } }).signal.outputs.outstream1?.lines?.value;
    };
    expect([lines(1080), lines(720), lines(719)]).toEqual([1080, 720, 719]);
  });

  it('has no next size to hope for, where no larger picture comes', () => {
    expect(streamsOf(200).streams.outstream1?.nextNeeds.why).toBe('no larger picture comes to what sends it');
    // 720p30 at 6.3 Mb/s; 1080p30, the next that 1080p25 is worth, is two rungs up: 720p60 is not worth it.
    expect(number(streamsOf(6.3).streams.outstream1?.nextNeeds)).toBeCloseTo(4.4928, 9);
    expect(LADDER.map(([each]) => each).indexOf('720p60')).toBe(4);
  });
});

describe('a call', () => {
  const call = (...tasks: string[]): Operation[] => [
    set('/devices/laptopcl1', {
      order: 'zz',
      label: 'CALL',
      kind: 'laptopcal',
      tasks,
      place: { inside: 'deskrack1' },
    }),
    set('/links/linkcall1', {
      from: { device: 'switcher1', port: 'usbwebcam' },
      to: { device: 'laptopcl1', port: 'usbvideo1' },
    }),
    set('/outputs/outcall01', { order: 'zz', label: 'Call', kind: 'call', device: 'laptopcl1' }),
  ];

  it('is an output of its own: fed, sent over its line, no larger and faster than calls are', () => {
    const { signal, stream } = assess(measured(edited(...call('call'), works50), 200));
    expect(signal.outputs.outcall01?.gets.value).toBe('programme');
    expect(stream.streams.outcall01?.rung.value).toBeNull();
    expect(stream.streams.outcall01?.unled).toBe(true);
  });
  const works50 = set('/devices/switcher1/format', '1080p50');

  it('is sent at 1080p30 at most', () => {
    const led = set('/links/linkcall2', {
      from: { networkSocket: 'netdesk01' },
      to: { device: 'laptopcl1', port: 'network01' },
    });
    const { streams } = assess(measured(edited(...call('call'), works50, led), 200)).stream;
    expect([streams.outcall01?.rung.value, streams.outstream1?.rung.value]).toEqual(['1080p30', '1080p60']);
  });
});
