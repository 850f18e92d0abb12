/** What fails with what, stand-by supplies and what is charged afterwards – by hand. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { chargeList } from '../src/charge-list/index.js';
import type { Bundle, Kind } from '../src/documents/index.js';
import { failuresOf } from '../src/failures/index.js';
import { carriedOnWords } from '../src/failures/words.js';
import { applyPatch, numberOf, type Json, type Operation } from '../src/foundations/index.js';
import { STAND_BY } from './measured-kinds.js';
import { friday } from './stations/edited.js';

const add = (path: string, value: Json): Operation => ({ op: 'add', path, value });
const edited = (...patch: readonly Operation[]): Bundle => ({
  ...friday,
  plan: applyPatch(friday.plan, patch),
  kinds: { ...friday.kinds, kinds: { ...friday.kinds.kinds, standbyla: STAND_BY } },
});
const failures = (bundle: Bundle) =>
  Object.fromEntries(failuresOf(bundle, assess(bundle)).map(failure => [failure.key, failure]));

/** A stand-by supply between the strip of the desk and what hangs on it there. */
const plug = (id: string, from: [string, string], to: [string, string]): Operation =>
  add(`/links/${id}`, { from: { device: from[0], port: from[1] }, to: { device: to[0], port: to[1] } });
const onStandby = (...fed: readonly string[]): Bundle =>
  edited(
    add('/devices/standby01', {
      order: 'zz',
      label: 'STAND-BY',
      kind: 'standbyla',
      place: { inside: 'deskrack1' },
    }),
    plug('feedstand', ['striprac1', 'outlet07'], ['standby01', 'mainsin01']),
    ...fed.flatMap((device, i): Operation[] => {
      const old = Object.entries(friday.plan.links ?? {}).find(
        ([, { to, from }]) => to.device === device && from.device === 'striprac1',
      );
      const port = old?.[1].to.port ?? '';
      return [
        ...(old ? [{ op: 'remove', path: `/links/${old[0]}` } as const] : []),
        plug(`feed0000${i}`, ['standby01', `outlet00${i + 1}`], [device, port]),
      ];
    }),
  );

describe('what fails', () => {
  it('with a circuit takes what hangs on it, and leaves the rest on air', () => {
    const { 'circuit circnorth': north, 'circuit circsouth': south } = failures(friday);
    expect(north?.dark).toEqual(['AISLE SCREEN']);
    expect(north?.lost).toEqual(['North aisle screen']);
    expect(north?.stays).toContain('Public stream');
    // Switcher and router hang on the other: nothing goes out, though two cameras run on.
    expect(south?.stays).toEqual([]);
    expect(south?.dark).toContain('SWITCHER');
    expect(south?.carriedOn.map(({ label, by }) => [label, by])).toEqual([['WORDS', 'its own battery']]);
  });

  it('with all the mains leaves what has a battery; of what the house has nobody knows', () => {
    const all = failures(friday).building;
    expect(all?.dark).not.toContain('C2 NORTH');
    expect(all?.unknown).toEqual(['HOUSE DESK']);
    const [words] = all?.carriedOn ?? [];
    // 55 Wh less 15 % over 60 W.
    expect(words && carriedOnWords(words, { system: 'metric', zone: 'UTC' })).toBe(
      'WORDS by its own battery, 47 min',
    );
  });

  it('with the only battery of a camera takes that camera alone', () => {
    const battery = failures(friday)['device battnorth'];
    expect([battery?.dark, battery?.lost]).toEqual([['C2 NORTH'], ['C2 NORTH']]);
  });

  it('behind a stand-by supply goes on when the strip before it fails, and dark when that itself does', () => {
    const found = failures(onStandby('switcher1', 'recorder1'));
    const strip = found['device striprac1'];
    expect(strip?.dark).not.toContain('SWITCHER');
    expect(strip?.carriedOn.map(({ label, by }) => `${label} ${by}`)).toContain('SWITCHER STAND-BY');
    expect(strip?.stays).toContain('Recording');
    // The router hangs on the strip.
    expect(strip?.lost).toContain('Public stream');
    expect(found['device standby01']?.dark).toEqual(['SWITCHER', 'RECORDER']);
  });

  it('is nothing where a second feed takes over', () => {
    const second = edited(
      add('/links/second001', {
        from: { socket: 'sktnorth1' },
        to: { device: 'camside01', port: 'mainsin01' },
      }),
    );
    const vestry = failures(second)['circuit circvestr'];
    expect(vestry?.carriedOn).toEqual([{ label: 'C3 SIDE', by: 'another socket' }]);
    expect(vestry?.stays).toContain('C3 SIDE');
  });
});

describe('a stand-by supply', () => {
  it('carries on for what Peukert leaves of half its charge at 20 °C, over its efficiency', () => {
    const bundle = onStandby('switcher1');
    const { standbys, devices } = assess(bundle).power;
    const own = standbys.standby01;
    const watts = numberOf(devices.switcher1?.watts) ?? NaN;
    // t = ½·H·(C/(I·H))^1.2 at I = P/(η·V), 0.96 of it at 20 °C.
    const amps = watts / 0.8 / 12;
    const hours = 0.5 * Math.min(20 * (9 / (amps * 20)) ** 1.2, 9 / amps) * 0.96;
    expect(numberOf(own?.minutes)).toBeCloseTo(60 * hours, 6);
    expect(numberOf(own?.voltAmps)).toBeCloseTo(230 * (numberOf(devices.switcher1?.amps) ?? NaN), 9);
  });

  it('of which nobody knows the efficiency says so', () => {
    const bundle = onStandby('switcher1');
    const { supply: _supply, ...plain } = STAND_BY;
    const kinds = { ...bundle.kinds.kinds, standbyla: plain };
    const own = assess({ ...bundle, kinds: { ...bundle.kinds, kinds } }).power.standbys.standby01;
    expect(own?.minutes.why).toBe('nobody knows its efficiency');
  });

  it('stops above what it gives, and is named behind a generator', () => {
    const snags = (voltAmps: number, generator?: number) => {
      const bundle = onStandby('switcher1', 'recorder1');
      const { battery } = STAND_BY;
      const kinds = battery && {
        ...bundle.kinds.kinds,
        standbyla: { ...STAND_BY, battery: { ...battery, voltAmps } },
      };
      const venue = { ...bundle.venue, ...(generator !== undefined && { generator }) };
      return assess({ ...bundle, venue, kinds: { ...bundle.kinds, kinds: kinds ?? {} } })
        .snags.filter(({ id }) => id.startsWith('power.standby'))
        .map(({ severity }) => severity);
    };
    const bundle = onStandby('switcher1', 'recorder1');
    const most = numberOf(assess(bundle).power.standbys.standby01?.voltAmps) ?? NaN;
    expect([snags(most), snags(most - 0.01)]).toEqual([[], ['stop']]);
    expect(snags(300, 6000)).toEqual(['note']);
  });
});

describe('the charge list', () => {
  it('puts back what was taken, each in its share of the minutes from empty', () => {
    const assessment = assess(friday);
    const { lines, minutes, watts, outlets } = chargeList(friday, assessment);
    // It was run down to what is kept back: 85 % of 180 min.
    const charged = { battery: 'BAT 01', place: 'C2 BATTERY', taken: 85, minutes: 153 };
    expect(lines).toEqual([{ ...charged, charger: 'CHG 01', from: 0, to: 153 }]);
    expect([minutes, watts, outlets]).toEqual([153, 110, 1]);
    const { itemchg01: _charger, ...items } = friday.shelf.items;
    const without = chargeList({ ...friday, shelf: { items } }, assessment);
    expect(without).toEqual({
      ...{ lines: [{ ...charged, charger: undefined }], minutes: undefined, watts: 0, outlets: 0 },
    });
  });

  it('takes the bay that is free first, the longest before the shorter', () => {
    const shelf = {
      items: {
        ...friday.shelf.items,
        itemchg01: { tape: 'CHG 01', kind: 'chargeone', state: 'ready' as const },
      },
    };
    const one: Kind = {
      label: 'Charger of one',
      family: 'supply',
      power: { running: 60 },
      charger: { connector: 'battery plate', bays: 1 },
    };
    const kinds = { ...friday.kinds, kinds: { ...friday.kinds.kinds, chargeone: one } };
    const changed = {
      change0001: { battery: 'battnorth', item: 'itembat02', after: -30 },
    };
    const bundle = { ...friday, kinds, shelf, plan: { ...friday.plan, batteryChanges: changed } };
    const { lines, minutes, watts, outlets } = chargeList(bundle, assess(bundle));
    const [first, second] = lines;
    // BAT 02 gave 95 + … min of the live part, BAT 01 the 65 min before.
    expect([first?.battery, second?.battery]).toEqual(['BAT 02', 'BAT 01']);
    expect([first?.from, second?.from]).toEqual([0, first?.minutes]);
    expect(minutes).toBeCloseTo((first?.minutes ?? 0) + (second?.minutes ?? 0), 9);
    expect([watts, outlets]).toEqual([60, 1]);
  });
});
