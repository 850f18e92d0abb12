/** Leads with unlike ends: what they go into, and what stock, plans and lists make of them. */
import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Cable, Item } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { leadLabels } from '../../src/labels/index.js';
import { libraryKinds } from '../../src/library/index.js';
import { connectTheRest, cutAll } from '../../src/searches/index.js';
import { chainJoins, joinsPorts, leadOf, type PortFace } from '../../src/stations/signal/lead-ends.js';
import { foundBy } from '../searches/solver.js';
import { edited, friday, remove, set } from './edited.js';

const face = (connector: PortFace['connector'], more: Partial<PortFace> = {}): PortFace => ({
  connector,
  direction: 'out',
  carries: 'video',
  ...more,
});
const input = (connector: PortFace['connector'], more: Partial<PortFace> = {}): PortFace =>
  face(connector, { direction: 'in', ...more });
const cable = (connector: Cable['connector'], more: Partial<Cable> = {}): Cable => ({
  make: 'hdmi-plain',
  length: 2,
  connector,
  ...more,
});
const CTOA = cable('HDMI C', { far: { connector: 'HDMI A' } });

describe('a lead', () => {
  it.each<[words: string, Cable, PortFace, PortFace, boolean]>([
    ['with like ends', cable('HDMI A'), face('HDMI A'), input('HDMI A'), true],
    ['with like ends, of another connector', cable('HDMI A'), face('HDMI C'), input('HDMI A'), false],
    ['with unlike ends', CTOA, face('HDMI C'), input('HDMI A'), true],
    ['turned round', CTOA, face('HDMI A'), input('HDMI C'), true],
    ['that may not be turned', { ...CTOA, directed: true }, face('HDMI A'), input('HDMI C'), false],
    ['that need not be turned', { ...CTOA, directed: true }, face('HDMI C'), input('HDMI A'), true],
    ['into a plug', cable('USB-C'), face('USB-C'), input('USB-C', { ends: 'plug' }), false],
    [
      'with a socket, into a plug',
      cable('USB-C', { far: { connector: 'USB-C', ends: 'socket' } }),
      face('USB-C'),
      input('USB-C', { ends: 'plug' }),
      true,
    ],
    [
      'from pins to holes, as XLR is by custom',
      cable('XLR'),
      face('XLR', { carries: 'audio' }),
      input('XLR', { carries: 'audio' }),
      true,
    ],
    [
      'from pins to pins',
      cable('XLR'),
      face('XLR', { carries: 'audio' }),
      input('XLR', { carries: 'audio', ends: 'pins' }),
      false,
    ],
    [
      'with holes at both ends, from pins to pins',
      cable('XLR', { ends: 'holes', far: { connector: 'XLR', ends: 'holes' } }),
      face('XLR', { carries: 'audio' }),
      input('XLR', { carries: 'audio', ends: 'pins' }),
      true,
    ],
    [
      'of three contacts, into the socket of a plug of two',
      cable('TRS 6.35'),
      face('TS 6.35'),
      input('TRS 6.35'),
      true,
    ],
    [
      'of mains, from an outlet to the plug of a cord',
      cable('mains'),
      face('mains', { carries: 'power' }),
      input('mains', { carries: 'power' }),
      true,
    ],
    [
      'of mains, to an inlet',
      cable('mains', { far: { connector: 'IEC C13' } }),
      face('mains', { carries: 'power' }),
      input('IEC C13', { carries: 'power' }),
      true,
    ],
  ])('%s', (_, of, from, to, joins) => {
    expect(joinsPorts(leadOf(of), from, to)).toBe(joins);
    // By itself it is a chain of one.
    expect(chainJoins([leadOf(of)], from, to)).toBe(joins);
  });

  it('joined to others joins what the ends of the chain go into, in any turn of each', () => {
    const sound = { carries: 'audio' } as const;
    const [xlr, jack] = [cable('XLR'), cable('XLR', { far: { connector: 'TRS 6.35' } })].map(leadOf);
    if (!xlr || !jack) throw new Error('two leads');
    const [out, into] = [face('XLR', sound), input('TRS 6.35', sound)];
    expect(chainJoins([xlr, xlr, jack], out, into)).toBe(true);
    expect(chainJoins([jack, xlr], out, into)).toBe(false);
    expect(chainJoins([xlr, jack, jack], out, into)).toBe(false);
    expect(chainJoins([], out, into)).toBe(false);
  });

  it('joins the same two ports whichever of its ends is named first', () => {
    const ends = fc.constantFrom('HDMI A', 'HDMI C', 'USB-A', 'USB-C', 'XLR', 'TRS 3.5' as const);
    fc.assert(
      fc.property(ends, ends, ends, ends, (a, b, from, to) => {
        const contact = (end: string, pins: 'pins' | 'holes'): NonNullable<Cable['ends']> =>
          end === 'XLR' ? pins : 'plug';
        const [one, other] = [contact(a, 'holes'), contact(b, 'pins')];
        const lead = leadOf(cable(a, { ends: one, far: { connector: b, ends: other } }));
        const turned = leadOf(cable(b, { ends: other, far: { connector: a, ends: one } }));
        expect(joinsPorts(turned, face(from), input(to))).toBe(joinsPorts(lead, face(from), input(to)));
      }),
    );
  });
});

/** The demo, with leads from HDMI D to HDMI A on the shelf. */
const withLeads = (bundle: Bundle, kinds: readonly string[]): Bundle => ({
  ...bundle,
  kinds: {
    ...bundle.kinds,
    kinds: {
      ...bundle.kinds.kinds,
      ...Object.fromEntries(kinds.map(kind => [kind, libraryKinds[kind] ?? friday.kinds.kinds.camside01])),
    } as Bundle['kinds']['kinds'],
  },
  shelf: {
    ...bundle.shelf,
    items: {
      ...bundle.shelf.items,
      ...Object.fromEntries(
        kinds.map((kind, i): [string, Item] => [`itemlead${i}`, { kind, tape: `D${i}`, state: 'ready' }]),
      ),
    },
  },
});
const missing = (bundle: Bundle): string[] =>
  assess(bundle).snags.flatMap(({ rule, subjects: [id = ''] }) =>
    id === 'linkside1' && (rule === 'signal.connector-mismatch' || rule === 'runs.no-cable') ? [rule] : [],
  );
const short = set('/links/linkside1/measured', 4.9);

describe('a small socket and a large one', () => {
  it('want an adapter while the house has no lead between them, and none once it has', () => {
    expect(missing(edited(short))).toEqual(['signal.connector-mismatch']);
    expect(missing(withLeads(edited(short), ['hdmidta5m']))).toEqual([]);
  });

  it('want a longer lead where the one of the house is too short', () => {
    expect(missing(withLeads(edited(short), ['hdmidta2m']))).toEqual(['runs.no-cable']);
    expect(missing(withLeads(edited(set('/links/linkside1/measured', 2)), ['hdmidta2m']))).toEqual([]);
  });

  it('are joined by that lead, which lists and labels name by its ends', () => {
    const bundle = withLeads(edited(short), ['hdmidta5m']);
    const assessment = assess(bundle);
    const run = assessment.runs.runs.linkside1;
    expect([run?.items, run?.makeWords]).toEqual([['itemlead0'], 'HDMI D to HDMI A']);
    const labels = leadLabels(bundle.plan, assessment).filter(({ link }) => link === 'linkside1');
    expect(labels.map(({ cable: words }) => words)).toEqual(Array(2).fill('D0 · 5.00 m · HDMI D to HDMI A'));
    const { label, purpose } = assessment.pack.lines.linkside1 ?? {};
    expect([label, purpose]).toEqual(['HDMI cable, D to A, 5 m', run?.label]);
  });

  it('are wanted by name where nothing is long enough', () => {
    const { pack } = assess(withLeads(edited(short), ['hdmidta2m']));
    expect(pack.lines.linkside1?.label).toBe('Cable, HDMI D to HDMI A, 5 m');
  });
});

describe('searches', () => {
  it('cut the lead with unlike ends for what wants it, and no other', async () => {
    const bundle = withLeads(edited(short), ['hdmidta5m', 'hdmicta5m']);
    const { answer } = await foundBy(cutAll, bundle, {});
    const items = answer.cuts.filter(({ items: own }) => own.some(item => item.startsWith('itemlead')));
    expect(items.map(({ link, items: own }) => [link, own])).toEqual([['linkside1', ['itemlead0']]]);
  });

  it('connect by it what the house has a lead for, and by an adapter beyond that', async () => {
    const bare = withLeads(edited(remove('/links/linkside1')), ['hdmidta5m']);
    const { answer } = await foundBy(connectTheRest, bare, {});
    const own = answer.proposals.find(({ id }) => id === 'source camside01');
    expect([own?.via, own?.owned]).toEqual(['lead HDMI D to HDMI A', true]);
    const after = assess({ ...bare, plan: applyPatch(bare.plan, own?.patch ?? []) });
    expect(after.snags.some(({ rule }) => rule === 'signal.connector-mismatch')).toBe(false);
    const without = await foundBy(connectTheRest, edited(remove('/links/linkside1')), {});
    const adapter = without.answer.proposals.find(({ id }) => id === 'source camside01');
    expect(adapter?.via).toContain('Adapter, HDMI D plug to HDMI A socket');
  });
});
