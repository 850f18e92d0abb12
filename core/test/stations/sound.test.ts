/** Where the sound of outputs comes from, that there is none, and that there are two. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { inOrder, type Operation } from '../../src/foundations/index.js';
import { edited, friday, remove, set } from './edited.js';

const { links } = friday.plan;
const linkOf = (from: string, to: string): string => {
  const found = inOrder(links).find(([, each]) => each.from.device === from && each.to.device === to);
  if (!found) throw new Error(`no lead from ${from} to ${to}`);
  return found[0];
};
const desk = linkOf('audiodes1', 'switcher1');
const without = remove(`/links/${desk}`);
const lead = (id: string, from: [string, string], to: [string, string]): Operation =>
  set(`/links/${id}`, { from: { device: from[0], port: from[1] }, to: { device: to[0], port: to[1] } });
const device = (id: string, label: string, kind: string, more: object = {}): Operation =>
  set(`/devices/${id}`, { order: `zz${id}`, label, kind, place: { inside: 'deskrack1' }, ...more });

const soundOf = (...patch: Operation[]) => {
  const { signal, snags } = assess(edited(...patch));
  const { from, twice, same } = signal.sound.outstream1 ?? {};
  return {
    from: from?.value ?? from?.why,
    twice: twice?.value,
    same,
    told: snags.flatMap(({ rule, subjects }) =>
      rule.startsWith('signal.sound-') && subjects[0] === 'outstream1' ? [rule] : [],
    ),
  };
};

describe('the sound of an output', () => {
  it('comes from the desk that leads there', () => {
    expect(soundOf()).toEqual({ from: 'HOUSE DESK', twice: 'no', same: false, told: [] });
  });

  it('is missing, where no lead of it comes, unless a camera is alone and hears', () => {
    const none = soundOf(without);
    expect([none.from, none.told]).toEqual([
      'no microphone, desk or player leads there, so that it has what the cameras hear, if they do',
      ['signal.sound-missing'],
    ]);
    const cameras = inOrder(links).filter(
      ([, { from, to }]) => to.device === 'switcher1' && (from.device?.startsWith('cam') ?? false),
    );
    expect(cameras.length).toBeGreaterThan(1);
    const alone = cameras.slice(1).map(([id]) => remove(`/links/${id}`));
    expect(soundOf(without, ...alone)).toMatchObject({ from: 'the microphone of C2 NORTH', told: [] });
  });

  it('is not looked for on a screen, nor told of where no picture comes either', () => {
    expect(Object.keys(assess(edited()).signal.sound).sort()).toEqual(['outrecord1', 'outstream1']);
    const into = inOrder(links).filter(([, { to }]) => to.device === 'switcher1');
    const { told } = soundOf(...into.map(([id]) => remove(`/links/${id}`)));
    expect(told).toEqual([]);
  });

  it('may be a microphone, or a computer that plays clips, but not one that shows slides', () => {
    const mic = [
      device('micboom01', 'BOOM', 'micboom01'),
      lead('linkboom1', ['micboom01', 'xlrout001'], ['switcher1', 'audioin01']),
    ];
    expect(soundOf(without, ...mic).from).toBe('BOOM');
    const laptop = inOrder(friday.plan.devices).find(
      ([id, { kind }]) =>
        friday.kinds.kinds[kind]?.family === 'computer' && id in (friday.plan.devices ?? {}),
    );
    const [id = ''] = laptop ?? [];
    const tasks = (...each: string[]) => set(`/devices/${id}/tasks`, each);
    expect(soundOf(without, tasks('clips')).from).toBe(laptop?.[1].label);
    expect(soundOf(without, tasks('captions')).told).toEqual(['signal.sound-missing']);
  });
});

describe('sound that comes twice', () => {
  const camera = (...more: Operation[]): Operation[] => [
    device('adaptsnd1', 'ADAPTER', 'adaptxltr'),
    lead('linksnd01', ['audiodes1', 'xlrout001'], ['adaptsnd1', 'xlrin0001']),
    lead('linksnd02', ['adaptsnd1', 'trsout001'], ['camnorth1', 'micin0001']),
    ...more,
  ];

  it('is told where the desk leads to the mixer and to a camera of it', () => {
    expect(soundOf(...camera())).toEqual({
      from: 'HOUSE DESK',
      twice: 'HOUSE DESK in SWITCHER',
      same: true,
      told: ['signal.sound-twice'],
    });
    expect(soundOf(...camera(without))).toMatchObject({ from: 'HOUSE DESK', twice: 'no', told: [] });
  });

  it('is no matter of two leads from one desk, left and right', () => {
    const right = lead('linksnd03', ['audiodes1', 'xlrout001'], ['switcher1', 'audioin02']);
    expect(soundOf(right)).toMatchObject({ twice: 'no', told: [] });
  });

  const encoder = (...more: Operation[]): Operation[] => [
    device('laptopsnd', 'SENDS', 'laptopcal', { tasks: ['encode'] }),
    device('usbsound9', 'SOUND BOX', 'usbsound1'),
    lead('linkusb01', ['switcher1', 'usbwebcam'], ['laptopsnd', 'usbvideo1']),
    lead('linkusb02', ['usbsound9', 'usbplug01'], ['laptopsnd', 'usbaudio1']),
    set('/outputs/outstream1/device', 'laptopsnd'),
    ...more,
  ];
  const other = [
    device('miclecter', 'LECTERN MIC', 'miclecter'),
    lead('linkmic01', ['miclecter', 'xlrout001'], ['usbsound9', 'xlrin0001']),
  ];

  it('is two mixes where something that takes one gets another by itself, and none where it mixes them', () => {
    expect(soundOf(...encoder(...other))).toEqual({
      from: 'HOUSE DESK and LECTERN MIC',
      twice: 'LECTERN MIC and HOUSE DESK in SENDS',
      same: false,
      told: ['signal.sound-twice'],
    });
    expect(soundOf(...encoder(...other, set('/devices/laptopsnd/tasks', ['encode', 'mix'])))).toMatchObject({
      twice: 'no',
      told: [],
    });
    expect(soundOf(...encoder())).toMatchObject({ twice: 'no', told: [] });
  });
});

describe('a check of sound', () => {
  const label = 'Sound heard in headphones on the recording or stream';
  const asked = (...patch: Operation[]) =>
    Object.values(assess(edited(...patch)).day.checks).some(check => check.label === label);
  it('is asked for while something is sent or recorded', () => {
    expect(asked()).toBe(true);
    expect(asked(remove('/outputs/outstream1'))).toBe(true);
    expect(asked(remove('/outputs/outstream1'), remove('/outputs/outrecord1'))).toBe(false);
  });
});
