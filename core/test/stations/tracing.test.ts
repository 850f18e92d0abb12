/** What can be plugged where and why not, what hangs on what, what the house offers, and the lists of Signal. */
import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { saturdayPlan, weekendVenues } from '../../src/demo/index.js';
import { faultsOf, Plan, type Bundle } from '../../src/documents/index.js';
import { applyPatch, inOrder } from '../../src/foundations/index.js';
import { applyFix } from '../../src/fixes.js';
import { formatCard, inputList, patchList } from '../../src/sheets/signal-lists.js';
import { fitOf, portCalled, portsOf } from '../../src/stations/signal/plug.js';
import { houseOffers, takeHousePatch } from '../../src/stations/signal/house.js';
import { longestOf, traceOf } from '../../src/stations/signal/trace.js';
import { connect } from '../../src/stations/signal/connect.js';
import { assessed, edited, friday, number, remove, set } from './edited.js';

const reads = (bundle: Bundle) => {
  const { signal, rules } = assess(bundle);
  return { signal, links: bundle.plan.links, outputs: bundle.plan.outputs, format: rules.format };
};
const saturday: Bundle = (() => {
  const plan = saturdayPlan();
  return { ...friday, plan, venue: weekendVenues[plan.venue.id] ?? friday.venue };
})();

describe('a trace', () => {
  it('of an output has every lead behind it, with the time that pictures take to each', () => {
    const trace = traceOf('outrecord1', reads(friday));
    expect([...(trace?.links ?? [])].sort()).toEqual([
      'linknort1',
      'linkrecor',
      'linkside1',
      'linkwide1',
      'linkword1',
    ]);
    const last = trace?.hops.find(({ link }) => link === 'linkrecor');
    expect([last?.format?.value, last?.adds, last?.since]).toEqual(['1080p25', 40, 120]);
    expect(trace && longestOf(trace)).toBe(120);
  });

  it('of a source says where it ends', () => {
    expect(traceOf('camwide01', reads(friday))?.outputs).toEqual(['outstream1', 'outrecord1', 'outscreen1']);
    expect(traceOf('laptopcal', reads(saturday))?.outputs.length).toBe(4);
  });

  it('of a lead says which outputs go black and which sources are lost without it', () => {
    const wide = traceOf('linkwide1', reads(friday));
    expect([wide?.outputs, wide?.lost]).toEqual([[], ['camwide01']]);
    expect(traceOf('linkscree', reads(friday))?.outputs).toEqual(['outscreen1']);
  });

  it('goes round a ring once, and knows nothing of what is not there', () => {
    const ring = edited(
      set('/devices/scaler001', {
        order: 'zz',
        label: 'SCALER',
        kind: 'scalerhdm',
        place: { inside: 'deskrack1' },
      }),
      set('/links/linkring1', {
        from: { device: 'switcher1', port: 'hdmiout03' },
        to: { device: 'scaler001', port: 'hdmiin001' },
      }),
      set('/links/linkword1', {
        from: { device: 'scaler001', port: 'hdmiout01' },
        to: { device: 'switcher1', port: 'hdmiin04' },
      }),
    );
    const trace = traceOf('outrecord1', reads(ring));
    expect(trace?.links.has('linkring1')).toBe(true);
    expect(traceOf('nothing01', reads(friday))).toBeUndefined();
  });
});

describe('ports', () => {
  const { wiring, leads } = assess(friday).signal;
  const ports = portsOf(wiring);
  const stock = { ...friday, wiring, leads };
  const port = (text: string) => {
    const found = portCalled(text, ports);
    if (!found) throw new Error(text);
    return found;
  };
  const fit = (from: string, to: string) => fitOf(port(from), port(to), stock);

  it('are called by their code, by their words, or by both', () => {
    const one = port('SWITCHER · HDMI monitor');
    expect(port(one.code)).toBe(one);
    expect(port(`${one.code} ${one.words}`)).toBe(one);
    expect(new Set(ports.map(({ code }) => code)).size).toBe(ports.length);
    expect(portCalled('99.1', ports)).toBeUndefined();
  });

  it.each([
    ['C1 WIDE · HDMI out', 'SWITCHER · HDMI in 1', 'taken: C1 WIDE is plugged in there'],
    ['HOUSE DESK · bus 5', 'SWITCHER · HDMI in 1', 'it carries pictures, not sound'],
    ['SWITCHER · HDMI monitor', 'RECORDER · HDMI loop', 'it is an output too'],
    ['SWITCHER · HDMI in 1', 'RECORDER · HDMI in', 'SWITCHER · HDMI in 1 is an input'],
    ['SWITCHER · USB webcam', 'SWITCHER · USB webcam', 'it is the same port'],
  ])('%s does not go into %s: %s', (from, to, why) => {
    expect(fit(from, to)).toEqual({ fits: false, why });
  });

  it('that fit are those that can be joined without a stop of plugs or ways', () => {
    const bare = edited(set('/links', {}));
    const own = assess(bare).signal.wiring;
    const all = portsOf(own);
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.constantFrom(...all), (from, to) => {
        const told = fitOf(from, to, { ...bare, wiring: own, leads });
        if (!told.fits) return;
        const joint = {
          from: from.end,
          fromPort: from.port,
          to: to.end,
          toPort: to.port,
          seed: 'seed',
          hasLinks: true,
        };
        const connection = connect(joint, { ...bare, wiring: own, leads });
        expect(connection?.adapter).toBe(told.adapter !== undefined);
        const after = assess(applyFix(bare, connection ?? { changes: [] })).signal.links;
        for (const { mates, faces } of Object.values(after))
          expect([mates.value, faces.value]).toEqual([true, 'yes']);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the house', () => {
  const { venue } = assess(saturday).ground;
  const asked = { devices: undefined, kinds: friday.kinds, units: 'metric' } as const;

  it('offers what is not used yet, and what is broken never', () => {
    expect(
      houseOffers(venue, { ...asked, devices: saturday.plan.devices }).map(({ label }) => label),
    ).toEqual(['house desk, mixer shelf', 'loudspeaker N', 'loudspeaker S']);
    expect(houseOffers(venue, asked).map(({ label }) => label)).toContain('projector line');
    const broken = {
      houseLines: Object.fromEntries(
        inOrder(venue.houseLines).map(([id, line]) => [id, { ...line, condition: 'broken' as const }]),
      ),
    };
    expect(houseOffers(broken, asked)).toEqual([]);
  });

  it('gives its gear as devices that stay, with a kind where none is known', () => {
    const [desk, offer] = houseOffers(venue, asked);
    if (!desk || !offer) throw new Error('no offer');
    const changes = takeHousePatch('houseline', offer, friday.plan, { version: 1, kinds: {} });
    expect(changes.map(({ document }) => document)).toEqual(['kinds', 'plan']);
    const plan = applyPatch(friday.plan, changes[1]?.patch ?? []);
    expect(plan.devices?.houseline).toMatchObject({ resident: true, house: offer.id });
    expect(faultsOf(Plan, plan)).toEqual([]);
    // The desk is drawn as an area: it stands there, and is offered no more.
    const [, change] = takeHousePatch('housedesk', desk, friday.plan, { version: 1, kinds: {} });
    const { devices } = applyPatch(friday.plan, change?.patch ?? []);
    expect(devices?.housedesk).toMatchObject({
      kind: 'audiodesk',
      resident: true,
      place: { on: 'deskhall1' },
    });
    expect(houseOffers(venue, { ...asked, devices }).map(({ id }) => id)).not.toContain('deskhall1');
  });

  it('gives gear of the kind that somebody saw it to be, else of the usual one', () => {
    const camera = { order: '1', label: 'balcony camera', what: 'camera', at: [1, 1] } as const;
    const kindOf = (more: object) =>
      houseOffers({ residents: { rescamera: { ...camera, ...more } } }, asked).map(({ kind, of }) => [
        kind,
        of.label,
      ]);
    expect(kindOf({ kind: 'camoneinc' })).toEqual([['camoneinc', 'Camera, 1-inch, 24–360 eq.']]);
    expect(kindOf({})[0]?.[0]).toBe('campanpoe');
    expect(kindOf({ what: 'other' })).toEqual([]);
    expect(kindOf({ what: 'other', kind: 'monitor24' })[0]?.[0]).toBe('monitor24');
    expect(kindOf({ kind: 'nosuchkind' })).toEqual([]);
  });

  it('lets a lead run to each end of its line where that is', () => {
    const { runs } = assess(saturday).runs;
    const [into, out] = ['near end of projector line', 'far end of projector line'].map(label =>
      Object.values(runs).find(run => run.from === label || run.to === label),
    );
    expect(number(into?.length)).toBeLessThan(5);
    expect(number(out?.length)).toBeLessThan(6);
  });
});

describe('sound that is embedded at the stage', () => {
  it('goes through the boxes of its own picture, and those are taken off for the other cameras', () => {
    // C1 by a scaler (60 ms); sound comes into C2’s way at an embedder before a second scaler, 60 ms too.
    const box = (id: string, kind: string) =>
      set(`/devices/${id}`, { order: 'zz', label: id, kind, place: { inside: 'deskrack1' } });
    const plug = (id: string, from: [string, string], to: [string, string]) =>
      set(`/links/${id}`, { from: { device: from[0], port: from[1] }, to: { device: to[0], port: to[1] } });
    const { signal } = assessed(
      remove('/links/linksound'),
      box('embedder1', 'embedsdi1'),
      box('scaler001', 'scalersdi'),
      plug('linknort1', ['camnorth1', 'hdmiout01'], ['embedder1', 'sdiin0001']),
      plug('linksnd01', ['audiodes1', 'xlrout001'], ['embedder1', 'audioin01']),
      plug('linknort2', ['embedder1', 'sdiout001'], ['scaler001', 'sdiin0001']),
      plug('linknort3', ['scaler001', 'sdiout001'], ['switcher1', 'hdmiin02']),
    );
    const sources = signal.latency.outstream1?.sources;
    // North: camera 80 + embedder 0.5 − desk 1.5; wide: camera 80 + switcher 40, less the scaler 60 and the switcher 40 that sound goes through, less desk 1.5.
    expect(number(sources?.camnorth1?.offset)).toBeCloseTo(79, 9);
    expect(number(sources?.camwide01?.offset)).toBeCloseTo(18.5, 9);
  });
});

describe('lists', () => {
  const assessment = assess(saturday);

  it('have every input of the switcher, what it shows, and its tape', () => {
    const switcher = inputList(saturday.plan, assessment).sections.find(
      ({ heading }) => heading === 'SWITCHER',
    );
    expect(switcher?.rows.map(([input, shows]) => `${input}: ${shows}`)).toEqual([
      'HDMI in 1: P1 PANEL',
      'HDMI in 2: P2 LECTERN',
      'HDMI in 3: SLIDES',
      'HDMI in 4: CLIPS',
      'HDMI in 5: CALL',
      'HDMI in 6: GUEST VIEW',
      'audio in: SOUND DESK',
    ]);
  });

  it('have every lead of signals once, and no lead of mains', () => {
    const rows = patchList(saturday.plan, assessment).sections.flatMap(section => section.rows);
    const leads = inOrder(saturday.plan.links).filter(
      ([, { to }]) => assessment.signal.wiring.portOf(to)?.carries !== 'power',
    );
    expect(rows).toHaveLength(leads.length);
    // What is plugged straight in, or goes over the air, has no number.
    const numbers = rows.flatMap(([label]) => (label === '–' ? [] : [label]));
    expect(new Set(numbers).size).toBe(numbers.length);
    expect(numbers.length).toBeGreaterThan(20);
  });

  it('say what each device is set to in the words of its menu, and what outputs give', () => {
    const rows = formatCard(saturday.plan, assessment).sections.flatMap(section => section.rows);
    expect(rows).toContainEqual([
      'SLIDES',
      '1080p25',
      '1920 × 1080 at 25 Hz, progressive',
      'same picture on both screens off',
    ]);
    expect(rows).toContainEqual(['SWITCHER', '', 'HDMI out 2 gives: second programme', '']);
  });
});
