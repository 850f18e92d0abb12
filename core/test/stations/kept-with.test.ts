/** What is kept with a thing: its checks on the day, its sheets, and where it travels when it comes off its case. */
import { describe, expect, it } from 'vitest';
import { assemblyFrom } from '../../src/assemblies/index.js';
import { assess } from '../../src/assess.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { buttonRows } from '../../src/sheets/button-sheet.js';
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
    expect(buttonRows('CAM 1 | CAM 2\r\n\n WORDS ')).toEqual([['CAM 1', 'CAM 2'], ['WORDS']]);
    expect(buttonRows(Array.from({ length: 9 }, (_, i) => String(i)).join('|'))).toEqual([
      ['0', '1', '2', '3', '4', '5', '6', '7'],
      ['8'],
    ]);
  });

  it('is of those things that have buttons', () => {
    const bundle = edited(
      set('/devices/switcher1/buttons', 'CAM 1 | BLACK'),
      set('/devices/recorder1/buttons', ' '),
    );
    expect(SHEETS['button-sheet'](bundle, assess(bundle)).sections).toMatchObject([
      { heading: 'SWITCHER', rows: [['CAM 1', 'BLACK', '', '', '', '', '', '']] },
    ]);
  });
});
