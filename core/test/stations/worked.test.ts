/**
 * Worked numbers of Brief, Stream, Power, Racks, Pack, Hands and Day. They were worked out outside this program from the
 * formulas that are named beside them and the plain inputs of the demo event, with one input changed at a time.
 */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, figureAt, type Operation, type Value } from '../../src/foundations/index.js';
import { friday, remove, set } from './edited.js';

type Part = 'plan' | 'venue' | 'kinds' | 'shelf' | 'rules';
type Row = readonly [what: string, path: string, expected: Value, ...changes: (readonly [Part, Operation])[]];

const changed = (changes: readonly (readonly [Part, Operation])[]): Bundle =>
  changes.reduce<Bundle>(
    (bundle, [part, operation]) => ({ ...bundle, [part]: applyPatch(bundle[part], [operation]) }),
    friday,
  );

const agrees = (rows: readonly Row[]): void => {
  it.each(rows.map(row => [row[0], row] as const))('%s', (_, [, path, expected, ...changes]) => {
    const value = figureAt(assess(changed(changes)), path)?.value;
    if (typeof expected === 'number') expect(value).toBeCloseTo(expected, 9);
    else expect(value).toEqual(expected);
  });
};

describe('Brief: items follow one another from the start back and forth', () => {
  agrees([
    ['phases before the doors', 'brief.before', 75 + 25 + 40 + 30],
    ['the end: 19:30 and 95 minutes live', 'brief.end', '2026-12-04T21:05:00.000Z'],
    ['rigging begins 170 min before', 'brief.items.itemrig001.begins', '2026-12-04T16:40:00.000Z'],
    [
      'a rehearsal 20 min longer begins the day earlier',
      'brief.items.itemrig001.begins',
      '2026-12-04T16:20:00.000Z',
      ['plan', set('/runningOrder/itemrehea1/minutes', 60)],
    ],
    ['outputs that are wanted', 'brief.outputsWanted', 3],
  ]);
});

describe('Stream: half of the worst upload, shared; (video + audio) × 1.08', () => {
  const threeQuarters = ['rules', set('/uploadHeadroom', 'threeQuarters')] as const;
  agrees([
    ['the budget in the school of a half', 'stream.budget', 3.15],
    ['the budget in the school of three quarters', 'stream.budget', 4.725, threeQuarters],
    ['video that fits the budget', 'stream.streams.outstream1.videoRate', 2756.6666666666665],
    ['the line: (2756.67 + 160) × 1.08', 'stream.streams.outstream1.lineRate', 3.15],
    ['the next size needs (4000 + 160) × 1.08', 'stream.streams.outstream1.nextNeeds', 4.4928],
    ['data of 95 min at 3.15 Mb/s', 'stream.streams.outstream1.data', 2.244375],
    ['an hour of 4 × 45 Mb/s: Mb/s × 0.45', 'stream.recordings.outrecord1.perHour', 81],
    ['what 95 min of it need', 'stream.recordings.outrecord1.needed', 128.25],
    ['room on a disk of 500 GB, filled to 93 %', 'stream.recordings.outrecord1.room', 465],
    [
      'one isolated camera beside the programme',
      'stream.recordings.outrecord1.perHour',
      40.5,
      ['plan', set('/outputs/outrecord1/isolated', 1)],
    ],
  ]);
});

describe('Power: I = P / (V · pf), ΔV = 2·L·I·ρ/A with copper at 75 °C', () => {
  const full = ['rules', set('/mainsLoad', 'full')] as const;
  const cycles = (count: number) => ['shelf', set('/items/itembat01/cycles', count)] as const;
  agrees([
    ['29 W on a plate of 14.4 V, whatever the power factor', 'power.devices.camnorth1.amps', 29 / 14.4],
    ['9 W at power factor 0.6', 'power.devices.camside01.amps', 9 / 138],
    [
      'at the usual 0.9 where no power factor is known',
      'power.devices.camside01.amps',
      9 / 207,
      ['kinds', remove('/kinds/camcompac/power/factor')],
    ],
    ['at 120 V', 'power.devices.camside01.amps', 9 / 72, ['venue', set('/volts', 120)]],
    ['others on the circuit: 900 W at 0.8', 'power.circuits.circnorth.other', 900 / 184],
    ['ours 1.25 times in the school of 80 %', 'power.circuits.circnorth.counted', 5.464975845410628],
    ['ours once in the school of the full load', 'power.circuits.circnorth.counted', 5.35024154589372, full],
    ['left for ours: (16 − 5.465) / 1.25', 'power.circuits.circnorth.left', 8.428019323671498],
    ['left for ours: 16 − 5.350', 'power.circuits.circnorth.left', 10.64975845410628, full],
    ['share of a breaker of 13 A', 'power.circuits.circvestr.share', 86.46878483835006],
    ['25 m of 2.5 mm² for 14 W', 'power.drops.feedwide1.drop', 0.018878386893509767],
    ['5 m of 1.5 mm² for 95 W', 'power.drops.feedscree.drop', 0.028467408807673452],
    ['battery: 14.4 V · 6.8 Ah, 105 cycles, 15 % kept', 'power.batteries.battnorth.usable', 79.736256],
    ['a new one: 83.2 Wh', 'power.batteries.battnorth.usable', 83.232, cycles(0)],
    ['a new one: 172.2 min', 'power.batteries.battnorth.minutes', 172.2041379310345, cycles(0)],
    ['after 700 cycles: 0.72 of it', 'power.batteries.battnorth.usable', 59.92704, cycles(700)],
    ['with 30 % kept', 'power.batteries.battnorth.usable', 65.665152, ['rules', set('/batteryReserve', 30)]],
    ['all that the mains feed', 'power.total', 14 + 9 + 18 + 22 + 20 + 25 + 60 + 95 + 60 + 60 + 29],
  ]);
});

describe('Racks: watts inside, what a case gives off by itself, what it weighs', () => {
  agrees([
    ['mounted watts', 'racks.racks.deskrack1.heat', 85],
    ['through four open units: 5.8 · 4^1.5', 'racks.racks.deskrack1.passive', 46.4],
    [
      'through six: 5.8 · 6^1.5',
      'racks.racks.deskrack1.passive',
      85.2422430488546,
      ['kinds', set('/kinds/rackcase4/rackCase/units', 6)],
    ],
    ['what is in it', 'racks.racks.deskrack1.load', 11.6],
    ['with the empty case of 6.4 kg', 'racks.racks.deskrack1.weight', 18],
  ]);
});

describe('Pack: what is taken, and tape by the roll', () => {
  agrees([
    ['all that is packed, kg, two cases of 9.5 and 2.3 included', 'pack.weight', 78.1 + 11.8],
    ['67.3 m on rolls of 50 m', 'pack.tapeRolls', 2],
    ['nothing is missing', 'pack.missing', 0],
    [
      'one camera heavier by 1.1 kg',
      'pack.weight',
      79.2 + 11.8,
      ['kinds', set('/kinds/camfourth/weight', 2.2)],
    ],
  ]);
});

describe('Hands: work shared, and the call', () => {
  const onFloor = Number(assess(friday).runs.totalOnFloor.value);
  const work = 2 * 12 + 1 * 8 + onFloor / 4 + 21 * 2 + 3 * 5;
  agrees([
    ['minutes of work', 'hands.work', work],
    ['shared by seven, with 15 min of power and lines', 'hands.rigging', work / 7 + 15],
    [
      'a camera locked that was operated: 4 min less',
      'hands.work',
      work - 4,
      ['plan', set('/devices/camwide01/worked', 'locked')],
    ],
    // Lead, director, mixer, two operators, words, sound, watcher, network, floor.
    ['roles of this design', 'hands.wanted', 10],
    ['crew inside: seven, one of whom watches the stream too', 'hands.inside', 7],
    ['the call: rigging and checking as planned', 'hands.call', '2026-12-04T16:40:00.000Z'],
    [
      'the call: as long as the work takes where less is planned',
      'hands.call',
      // 19:30 less some 32 min of rigging, 40 of rehearsal and 30 of waiting.
      new Date(Date.parse('2026-12-04T19:30:00Z') - (work / 7 + 15 + 70) * 60_000).toISOString(),
      ['plan', set('/runningOrder/itemrig001/minutes', 1)],
      ['plan', set('/runningOrder/itemcheck1/minutes', 1)],
    ],
  ]);
});

describe('Day: ready for the doors', () => {
  const { checks } = assess(friday).day;
  const moments = ['Pack out', 'Rig', 'Plug in', 'Line check', 'Before doors'];
  const early = Object.entries(checks).filter(([, { moment }]) => moments.includes(moment));
  const ticked = (ids: readonly string[]): Bundle => ({
    ...friday,
    plan: {
      ...friday.plan,
      ticks: Object.fromEntries(
        ids.map((check, i) => [
          `tick${String(i).padStart(6, '0')}`,
          { check, by: 'Petra Lund', at: '2026-12-04T18:00:00Z', value: 20 },
        ]),
      ),
    },
  });
  it('is said once every check up to “Before doors” is ticked, and not with one left', () => {
    const ids = early.map(([id]) => id);
    expect(ids).toHaveLength(36 + 2 + 1 + 14 + 10 + 8 + 2);
    expect(assess(ticked(ids)).day.readyForDoors.value).toBe(true);
    for (const left of [ids[0], ids[50], ids.at(-1)]) {
      expect(assess(ticked(ids.filter(id => id !== left))).day.readyForDoors.value).toBe(false);
    }
  });
});
