/** What is kept with a thing: its checks on the day, its sheets, and where it travels when it comes off its case. */
import { describe, expect, it } from 'vitest';
import { assemblyFrom } from '../../src/assemblies/index.js';
import { assess } from '../../src/assess.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { buttonRows } from '../../src/sheets/button-sheet.js';
import { cameraCards } from '../../src/sheets/camera-cards.js';
import type { Kind } from '../../src/documents/index.js';
import { usualKnobs } from '../../src/knobs.js';
import { SHEETS } from '../../src/sheets/all.js';
import { newestSettings } from '../../src/stations/day/settings.js';
import { friday, set } from './edited.js';

const file = (order: string, label: string, version: number) => ({
  ...{ order, label, version, file: `file${order}`, name: `${label}-${version}.bin`, bytes: 2048 },
});
const SETTINGS = {
  one000001: file('1', 'Set-up', 1),
  two000001: file('2', 'Macros', 1),
  one000002: file('3', 'Set-up', 2),
};

const edited = (...patch: Operation[]) => ({ ...friday, plan: applyPatch(friday.plan, patch) });
const checksOf = (...patch: Operation[]): string[] =>
  Object.values(assess(edited(...patch)).day.checks).map(({ moment, label }) => `${moment}: ${label}`);

const KNOBS = {
  knobone001: { order: '1', knob: 'Gain', to: '12 dB' },
  knobtwo001: { order: '2', knob: 'Clean output', to: 'on' },
};

describe('knobs and menus', () => {
  const bundle = edited(set('/devices/camwide01/knobs', KNOBS));

  it('are checked one by one, anew with each value', () => {
    const before = checksOf();
    const wanted = (...patch: Operation[]) => checksOf(...patch).filter(each => !before.includes(each));
    expect(wanted(set('/devices/camwide01/knobs', KNOBS))).toEqual([
      'Line check: C1 WIDE: Gain at 12 dB',
      'Line check: C1 WIDE: Clean output at on',
    ]);
    const idsOf = (to: string) =>
      Object.keys(
        assess(edited(set('/devices/camwide01/knobs', { knobone001: { ...KNOBS.knobone001, to } }))).day
          .checks,
      );
    expect(idsOf('12 dB').filter(id => !idsOf('9 dB').includes(id))).toHaveLength(1);
  });

  it('stand on the card of all, and on that of the camera', () => {
    const assessment = assess(bundle);
    const [section] = SHEETS['knob-card'](bundle, assessment).sections;
    expect(section?.rows.map(row => [row[1], row[3], row[4]])).toEqual([
      ['C1 WIDE', 'Gain', '12 dB'],
      ['C1 WIDE', 'Clean output', 'on'],
    ]);
    const card = cameraCards(bundle, assessment).find(({ id }) => id === 'camwide01');
    expect(card?.lines).toContainEqual(['Clean output', 'on']);
  });

  it('are offered by what a thing does', () => {
    const kind = (does: Kind['does']) => ({ label: 'X', family: 'tool', does }) as Kind;
    expect(usualKnobs(kind(['encodes']))[0]).toBe('Video bit rate');
    expect(usualKnobs({ label: 'X', family: 'camera' })).toContain('Clean output');
    expect(usualKnobs({ label: 'X', family: 'tape' })).toEqual([]);
    expect(usualKnobs(undefined)).toEqual([]);
    const both = usualKnobs(kind(['hears', 'mixes sound']));
    expect(both.filter(each => each === 'Gain')).toHaveLength(1);
  });
});

describe('settings files', () => {
  it('of each the newest counts, whatever the order in which they were kept', () => {
    expect(newestSettings(SETTINGS).map(({ label, version }) => [label, version])).toEqual([
      ['Set-up', 2],
      ['Macros', 1],
    ]);
    expect(
      newestSettings({ b00000001: file('1', 'Set-up', 2), a00000001: file('2', 'Set-up', 1) }),
    ).toMatchObject([{ version: 2 }]);
    expect(newestSettings(undefined)).toEqual([]);
  });

  it('are loaded and confirmed, each version anew, and printed', () => {
    const before = checksOf();
    const wanted = checksOf(set('/devices/switcher1/settings', SETTINGS)).filter(
      each => !before.includes(each),
    );
    expect(wanted).toEqual([
      'Plug in: SWITCHER has “Set-up”, version 2, loaded and confirmed',
      'Plug in: SWITCHER has “Macros”, version 1, loaded and confirmed',
    ]);
    const idsOf = (version: number) =>
      Object.keys(
        assess(edited(set('/devices/switcher1/settings', { one000001: file('1', 'Set-up', version) }))).day
          .checks,
      );
    expect(idsOf(1).filter(id => !idsOf(2).includes(id))).toHaveLength(1);
    const bundle = edited(set('/devices/switcher1/settings', SETTINGS));
    const [section] = SHEETS['settings-card'](bundle, assess(bundle)).sections;
    expect(section?.rows.map(row => row.slice(3))).toEqual([
      ['SWITCHER', 'Set-up', '2', 'Set-up-2.bin', '2 kB'],
      ['SWITCHER', 'Macros', '1', 'Macros-1.bin', '2 kB'],
    ]);
  });

  it('go with their case as an assembly', () => {
    const { plan } = edited(set('/devices/switcher1/settings', SETTINGS));
    expect(assemblyFrom(plan, 'deskrack1', 'Rack', 1, friday.kinds.kinds).parts.switcher1?.settings).toEqual(
      SETTINGS,
    );
  });
});

describe('what comes off for travel', () => {
  const off = set('/devices/router001/comesOff', true);

  it('goes on again, comes off before the way home, and travels by itself', () => {
    const before = checksOf();
    expect(checksOf(off).filter(each => !before.includes(each))).toEqual([
      'Rig: ROUTER of DESK RACK is on again',
      'Count back in: ROUTER of DESK RACK is off',
    ]);
    const { travels, cases } = assess(edited(off)).pack;
    expect(travels.router001).toEqual([]);
    const weights = [cases.deskrack1?.weight, assess(friday).pack.cases.deskrack1?.weight].map(each =>
      Number(each?.value),
    );
    expect((weights[1] ?? 0) - (weights[0] ?? 0)).toBeCloseTo(
      friday.kinds.kinds[friday.plan.devices?.router001?.kind ?? '']?.weight ?? NaN,
      9,
    );
  });

  it('unless it was put into another case', () => {
    const put = set('/packed/putrouter1', { line: 'router001', in: 'casecam01' });
    expect(assess(edited(off, put)).pack.travels.router001?.[0]).toBe('casecam01');
  });
});

describe('when it arrives', () => {
  it('is looked at as was said', () => {
    const looks = set('/devices/deskrack1/afterTransport', {
      look00001: { order: '1', look: 'all cards sit' },
    });
    expect(checksOf(looks)).toContain('Rig: DESK RACK: all cards sit');
  });
});

describe('the button sheet', () => {
  it('has a row for each line, and goes on below where it is too long', () => {
    expect(buttonRows('C1 WIDE | CAM 2\r\n\n WORDS ')).toEqual([['C1 WIDE', 'CAM 2'], ['WORDS']]);
    expect(buttonRows(Array.from({ length: 9 }, (_, i) => String(i)).join('|'))).toEqual([
      ['0', '1', '2', '3', '4', '5', '6', '7'],
      ['8'],
    ]);
  });

  it('is of those things that have buttons', () => {
    const bundle = edited(
      set('/devices/switcher1/buttons', 'C1 WIDE | BLACK'),
      set('/devices/recorder1/buttons', ' '),
    );
    expect(SHEETS['button-sheet'](bundle, assess(bundle)).sections).toMatchObject([
      { heading: 'SWITCHER', rows: [['C1 WIDE', 'BLACK', '', '', '', '', '', '']] },
    ]);
  });
});
