/** What can run out of a switcher, a recorder, a network: used, there and spare, counted by hand over the demo. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { mainSwitcher } from '../../src/stations/signal/resources.js';
import { assessed, edited, friday, number, remove, set } from './edited.js';

type Counts = ReturnType<typeof assess>['signal']['countables'];

/** Used, there, spare. */
const of = (counts: Counts, device: string, what: keyof Counts[string]): readonly number[] | undefined => {
  const count = counts[device]?.[what];
  return count && [count.used, count.have, count.spare].map(number);
};
const counted = (...patch: Operation[]): Counts => assessed(...patch).signal.countables;
const withKinds = (...patch: Operation[]): Bundle => ({ ...friday, kinds: applyPatch(friday.kinds, patch) });
const SWITCHER = '/kinds/switchcom';

describe('the switcher of the demo', () => {
  const now = counted();
  it.each([
    ['inputs', 4, 4, 0],
    ['outputs', 2, 4, 2],
    ['mixes', 1, 1, 0],
    ['aux', 0, 2, 2],
    ['keyers', 0, 2, 2],
    ['boxes', 0, 1, 1],
    ['stills', 0, 20, 20],
    // Three cameras apart, recorded in the switcher, since the recorder has one track.
    ['tracks', 3, 5, 2],
    ['channels', 1, 6, 5],
  ] as const)('%s: %d of %d, %d spare', (what, used, have, spare) => {
    expect(of(now, 'switcher1', what)).toEqual([used, have, spare]);
  });

  it('has no pictures of a multiview until an output gives one', () => {
    expect(of(now, 'switcher1', 'tiles')).toBeUndefined();
    const view = counted(set('/devices/switcher1/buses', { hdmiout02: { bus: 'multiview' } }));
    // Four inputs, the programme and the preview, on as many as the output says.
    const tiles = friday.kinds.kinds.switchcom?.ports?.hdmiout02?.tiles ?? 4;
    expect(of(view, 'switcher1', 'tiles')).toEqual([6, tiles, tiles - 6]);
  });

  it('counts a socket once something is plugged into it', () => {
    expect(of(counted(remove('/links/linkword1')), 'switcher1', 'inputs')).toEqual([3, 4, 1]);
    expect(of(counted(remove('/links/linkscree')), 'switcher1', 'outputs')).toEqual([1, 4, 3]);
    expect(of(counted(remove('/links/linksound')), 'switcher1', 'channels')).toEqual([0, 6, 6]);
  });

  it('counts outputs that give one input, of those that can', () => {
    const aux = counted(set('/devices/switcher1/buses', { hdmiout02: { bus: 'aux', source: 'hdmiin01' } }));
    expect(of(aux, 'switcher1', 'aux')).toEqual([1, 2, 1]);
  });

  it('makes one programme unless its kind says more; a clean one is the same', () => {
    const clean = counted(set('/devices/switcher1/buses', { hdmiout02: { bus: 'clean' } }));
    expect(of(clean, 'switcher1', 'mixes')).toEqual([1, 1, 0]);
    const second = counted(
      set('/outputs/outscreen1/programme', 'second programme'),
      set('/outputs/outscreen1/device', 'switcher1'),
    );
    expect(of(second, 'switcher1', 'mixes')).toEqual([2, 1, -1]);
    const two = assess(withKinds(set(`${SWITCHER}/inside/mixes`, 2))).signal.countables;
    expect(of(two, 'switcher1', 'mixes')).toEqual([1, 2, 1]);
  });

  it('says nothing of what its kind has not and nobody needs', () => {
    expect(of(now, 'switcher1', 'clips')).toBeUndefined();
    const none = assess(withKinds(remove(`${SWITCHER}/inside/keyers`))).signal.countables;
    expect(of(none, 'switcher1', 'keyers')).toBeUndefined();
  });
});

describe('recorders', () => {
  it('record what comes to them, and cameras apart where they have tracks for it', () => {
    expect(of(counted(), 'recorder1', 'tracks')).toEqual([1, 1, 0]);
    const many = assess(withKinds(set('/kinds/recordhdm/recording/tracks', 5))).signal.countables;
    expect(of(many, 'recorder1', 'tracks')).toEqual([4, 5, 1]);
    expect(of(many, 'switcher1', 'tracks')).toEqual([0, 5, 5]);
  });

  it('record no cameras apart where none are asked for', () => {
    const whole = counted(remove('/outputs/outrecord1/isolated'));
    expect(of(whole, 'switcher1', 'tracks')).toEqual([0, 5, 5]);
  });
});

describe('the network', () => {
  it('has sockets in use of those that there are', () => {
    expect(of(counted(), 'router001', 'network')).toEqual([2, 3, 1]);
    expect(of(counted(), 'netswitc1', 'network')).toEqual([2, 8, 6]);
    expect(of(counted(remove('/links/linkstrea')), 'netswitc1', 'network')?.[0]).toBe(1);
  });
});

describe('what the house keeps spare', () => {
  const keeping = (percent: number): Counts =>
    assess({ ...friday, rules: { ...friday.rules, keptSpare: percent } }).signal.countables;
  it('is a share of what there is, taken off what is spare, and told only where it keeps any', () => {
    expect(counted().switcher1?.outputs?.beyondKept).toBeUndefined();
    // Two of four are spare, a quarter of four is kept.
    expect(number(keeping(25).switcher1?.outputs?.beyondKept)).toBeCloseTo(1, 9);
    expect(number(keeping(50).switcher1?.inputs?.beyondKept)).toBeCloseTo(-2, 9);
  });
});

describe('the switcher that layouts are made in', () => {
  const main = (...patch: Operation[]): string | undefined => {
    const bundle = edited(...patch);
    const { signal } = assess(bundle);
    const fed = Object.fromEntries(
      Object.entries(signal.outputs).map(([id, { switcher }]) => [id, { switcher }]),
    ) as unknown as Parameters<typeof mainSwitcher>[0]['fed'];
    return mainSwitcher({ wiring: signal.wiring, outputs: bundle.plan.outputs, fed });
  };

  it('is that of the stream, else the first there is', () => {
    expect(main()).toBe('switcher1');
    expect(main(set('/outputs', {}))).toBe('switcher1');
    expect(main(remove('/devices/switcher1'), set('/links', {}))).toBeUndefined();
  });
});
