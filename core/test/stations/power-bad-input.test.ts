/** Power of plans that nobody would make, and that people make: a clear answer, no hang and no figure that is no number. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Kind } from '../../src/documents/index.js';
import { BUNDLE_FORMAT, BundleFile, faultsOf } from '../../src/documents/index.js';
import { failuresOf } from '../../src/failures/index.js';
import { applyPatch, isFigure, numberOf, type Json, type Operation } from '../../src/foundations/index.js';
import { supplyTree } from '../../src/supply-tree/index.js';
import { friday } from './edited.js';

const add = (path: string, value: Json): Operation => ({ op: 'add', path, value });
const plug = (id: string, from: Json, to: [string, string]): Operation =>
  add(`/links/${id}`, { from, to: { device: to[0], port: to[1] } });
const strip = (id: string): Operation =>
  add(`/devices/${id}`, { order: 'zz', label: id.toUpperCase(), kind: 'stripfour', place: { at: [12, 13] } });
const edited = (...patch: readonly Operation[]): Bundle => ({
  ...friday,
  plan: applyPatch(friday.plan, patch),
});

/** Every figure of Power, wherever it stands. */
function* figuresIn(of: unknown): Generator<{ value: unknown }> {
  if (isFigure(of)) yield of;
  else if (typeof of === 'object' && of !== null)
    for (const each of Object.values(of)) yield* figuresIn(each);
}

function sound(bundle: Bundle): ReturnType<typeof assess> {
  const assessment = assess(bundle);
  for (const { value } of figuresIn({ ...assessment.power }))
    if (typeof value === 'number') expect(value).not.toBeNaN();
  expect(Array.isArray(assessment.snags)).toBe(true);
  supplyTree(assessment, { system: 'metric', zone: 'UTC' });
  failuresOf(bundle, assessment);
  return assessment;
}

describe('power', () => {
  it('of strips in a ring is fed by nothing', () => {
    const { power, snags } = sound(
      edited(
        ...['ringone1', 'ringtwo2'].map(strip),
        plug('feedring1', { device: 'ringtwo2', port: 'outlet01' }, ['ringone1', 'mainsin01']),
        plug('feedring2', { device: 'ringone1', port: 'outlet01' }, ['ringtwo2', 'mainsin01']),
        plug('feedlamp1', { device: 'ringone1', port: 'outlet02' }, ['lampone01', 'mainsin01']),
        { op: 'remove', path: `/links/${lampLead()}` },
      ),
    );
    expect([power.feeds.ringone1, power.feeds.lampone01]).toEqual([undefined, undefined]);
    expect(snags.some(({ id }) => id.includes('power.unpowered') && id.includes('lampone01'))).toBe(true);
  });

  it('of a strip plugged into itself is fed by nothing', () => {
    const { power } = sound(
      edited(
        strip('ownstrip1'),
        plug('feedown01', { device: 'ownstrip1', port: 'outlet01' }, ['ownstrip1', 'mainsin01']),
      ),
    );
    expect(power.feeds.ownstrip1).toBeUndefined();
  });

  it('of a converter that feeds itself, beside the mains or without, is that of its load', () => {
    const kinds = withKind('converter', {
      label: 'Converter',
      family: 'converter',
      supply: { efficiency: 0.9, standing: 1 },
      power: { running: 2 },
      ports: {
        dcin00001: {
          order: '1',
          label: 'in',
          direction: 'in',
          connector: 'DC locking',
          carries: 'power',
          volts: { low: 9, high: 16 },
        },
        dcout0001: {
          order: '2',
          label: 'out',
          direction: 'out',
          connector: 'DC locking',
          carries: 'power',
          volts: { low: 12, high: 12 },
        },
      },
    });
    const { plan } = edited(
      add('/devices/converte1', {
        order: 'zz',
        label: 'CONVERTER',
        kind: 'converter',
        place: { at: [12, 13] },
      }),
      plug('feeditsel', { device: 'converte1', port: 'dcout0001' }, ['converte1', 'dcin00001']),
    );
    const { power } = sound({ ...friday, kinds, plan });
    expect(power.feeds.converte1).toBeUndefined();
  });

  it('of a lead with a plug on both ends between two sockets of the wall, or of two outlets, draws nothing', () => {
    sound(
      edited(
        add('/links/twoplugs1', { from: { socket: 'sktnorth1' }, to: { socket: 'sktvestr1' } }),
        add('/links/twoplugs2', {
          from: { device: 'striprac1', port: 'outlet07' },
          to: { device: 'striprac1', port: 'outlet08' },
        }),
        add('/links/twoplugs3', {
          from: { socket: 'nosuchone' },
          to: { device: 'nothing01', port: 'nowhere01' },
        }),
      ),
    );
  });

  it('of a battery worn to nothing lasts no minute', () => {
    const shelf = {
      items: { ...friday.shelf.items, itembat01: { ...friday.shelf.items.itembat01, cycles: 2500 } },
    } as Bundle['shelf'];
    const { power } = sound({ ...friday, shelf });
    expect(numberOf(power.batteries.battnorth?.usable)).toBe(0);
    expect(numberOf(power.batteries.battnorth?.minutes)).toBe(0);
  });

  it('in air too cold for a battery says when it stops, and a battery of no charge is refused with its field', () => {
    const cold = edited(
      add('/temperatures', { airone001: { order: '1', at: friday.plan.start, celsius: -21 } }),
    );
    expect(numberOf(sound(cold).power.batteries.battnorth?.minutes)).toBe(0);
    const { battplate } = friday.kinds.kinds;
    const empty = withKind('battplate', {
      ...battplate,
      battery: { ...battplate?.battery, volts: 0, ampHours: 0 },
    } as Kind);
    const faults = faultsOf(BundleFile, JSON.parse(JSON.stringify({ ...fileOf(friday), kinds: empty })));
    expect(faults.map(({ path }) => path)).toEqual([
      '/kinds/kinds/battplate/battery/volts',
      '/kinds/kinds/battplate/battery/ampHours',
    ]);
  });

  it('of three thousand devices on strips of strips is added up all the same', () => {
    const count = 3000 - Object.keys(friday.plan.devices ?? {}).length;
    const patch = Array.from({ length: count }, (_, i): Operation[] => {
      const [before, port] =
        i === 0
          ? [undefined, '']
          : [`many${String(Math.floor((i - 1) / 4)).padStart(5, '0')}`, `outlet0${((i - 1) % 4) + 1}`];
      return [
        strip(`many${String(i).padStart(5, '0')}`),
        plug(
          `feed${String(i).padStart(5, '0')}`,
          before === undefined ? { socket: 'sktnorth1' } : { device: before, port },
          [`many${String(i).padStart(5, '0')}`, 'mainsin01'],
        ),
      ];
    }).flat();
    const { power } = assess(edited(...patch));
    expect(Object.keys(power.strips).length).toBeGreaterThan(count - 1);
    expect(power.feeds[`many${String(count - 1).padStart(5, '0')}`]?.source).toBe('mains');
  });
});

const lampLead = (): string =>
  Object.entries(friday.plan.links ?? {}).find(
    ([, { to }]) => to.device === 'lampone01' && to.port === 'mainsin01',
  )?.[0] ?? '';

const withKind = (id: string, kind: Kind): Bundle['kinds'] => ({
  ...friday.kinds,
  kinds: { ...friday.kinds.kinds, [id]: kind },
});

const fileOf = (bundle: Bundle): object => ({ format: BUNDLE_FORMAT, version: 1, ...bundle });
