/** The supply tree: everything that takes power stands in it once, and what is plugged in elsewhere hangs there. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
import { applyFix } from '../src/fixes.js';
import { applyPatch, type Operation } from '../src/foundations/index.js';
import {
  chargeDrawing,
  replug,
  rowsOf,
  statePatch,
  statesByPhase,
  supplyTree,
  type SupplyNode,
} from '../src/supply-tree/index.js';
import { EVENTS } from './events.js';

const READING = { system: 'metric', zone: 'Europe/London' } as const;
const friday = fridayBundle();
const before = assess(friday);
const treeOf = (bundle: Bundle) => supplyTree(assess(bundle), READING);
const flat = (nodes: readonly SupplyNode[]): SupplyNode[] =>
  nodes.flatMap(node => [node, ...flat(node.children)]);
const under = (bundle: Bundle, record: string): (string | undefined)[] =>
  flat(treeOf(bundle))
    .find(node => node.record === record)
    ?.children.map(child => child.record) ?? [];

describe.each(EVENTS)('the tree of %s', (_, bundle) => {
  const seen = assess(bundle);
  const nodes = flat(supplyTree(seen, READING));

  it('has everything that takes power once, and each line a place of its own', () => {
    const records = nodes.map(node => node.record);
    for (const device of Object.keys(seen.power.devices))
      expect(
        records.filter(each => each === device),
        device,
      ).toHaveLength(1);
    expect(new Set(nodes.map(({ key }) => key)).size).toBe(nodes.length);
  });
});

describe('the tree', () => {
  it('leads from the main switch over circuit, socket and strip to what hangs there', () => {
    expect(under(friday, 'circsouth')).toEqual(['sktwest01', 'sktdesk01']);
    expect(under(friday, 'sktdesk01')).toEqual(['striprac1']);
    expect(under(friday, 'striprac1')).toContain('switcher1');
    expect(under(friday, 'battnorth')).toEqual(['camnorth1']);
  });

  it('says what is judged: a battery by its margin, a circuit by its breaker', () => {
    const words = new Map(flat(treeOf(friday)).map(({ record, verdict }) => [record, verdict]));
    expect(words.get('battnorth')).toBe('25 min too short');
    expect(words.get('circvestr')).toBe('near its limit');
    expect(words.get('circsouth')).toBe('well within its limit');
  });

  it('shows no line below a branch that is closed', () => {
    const roots = treeOf(friday);
    const all = rowsOf(roots, new Set());
    expect(all).toHaveLength(flat(roots).length);
    const closed = rowsOf(roots, new Set(['building']));
    expect(closed.map(({ node }) => node.key)).toEqual(['building', 'device battnorth', 'device camnorth1']);
  });
});

describe('plugging in elsewhere', () => {
  it('feeds a lamp from the strip in place of the wall', () => {
    const { fix } = replug(friday, before, 'lampone01', 'striprac1');
    expect(fix?.label).toBe('Feed LAMP 1 from STRIP');
    const after = applyFix(friday, fix ?? { changes: [] });
    expect(under(after, 'striprac1')).toContain('lampone01');
    expect(under(after, 'sktvestr1')).not.toContain('lampone01');
    expect(assess(after).power.ends.lampone01?.socket).toBe('sktdesk01');
  });

  it('says why it cannot be', () => {
    expect(replug(friday, before, 'striprac1', 'striprac1').why).toBe('STRIP would feed itself');
    expect(replug(friday, before, 'battnorth', 'sktdesk01').why).toBe('C2 BATTERY has no inlet for power');
    expect(replug(friday, before, 'lampone01', 'battnorth').why).toBe('no free outlet there fits LAMP 1');
  });
});

describe('what a device does when', () => {
  const { devices, runningOrder } = friday.plan;
  const change = (patch: readonly Operation[]): Bundle => ({
    ...friday,
    plan: applyPatch(friday.plan, [...patch]),
  });
  const camera = (bundle: Bundle) => bundle.plan.devices?.camnorth1 ?? { order: '', label: '', kind: '' };

  it('is set for a phase and for an item, and taken back', () => {
    const rig = change(statePatch('camnorth1', camera(friday), { phase: 'rig' }, 'working'));
    expect(camera(rig).states).toEqual({ rig: 'working' });
    const item = change(statePatch('camnorth1', camera(friday), { item: 'itemsolo01' }, 'off'));
    expect(camera(item).states).toEqual({ items: { itemsolo01: { state: 'off' } } });
    expect(statePatch('camnorth1', camera(rig), { phase: 'rig' }, '')).toEqual([
      { op: 'remove', path: '/devices/camnorth1/states/rig' },
    ]);
    expect(statePatch('camnorth1', camera(friday), { phase: 'rig' }, '')).toEqual([]);
    // 75 minutes of rigging more, 12 of the soloist less.
    const minutes = (bundle: Bundle) => Number(assess(bundle).power.batteries.battnorth?.margin.value);
    expect(minutes(rig)).toBeCloseTo(minutes(friday) - 75, 6);
    expect(minutes(item)).toBeCloseTo(minutes(friday) + 12, 6);
  });

  it('is told phase by phase, and by item where a phase has several', () => {
    const load = before.power.devices.camnorth1;
    const lines = load ? statesByPhase(devices?.camnorth1 ?? {}, runningOrder, load) : [];
    expect(lines.map(({ label, usual, watts }) => [label, usual, watts]).slice(0, 3)).toEqual([
      ['Rig', 'off', '0 W'],
      ['Check', 'working', '29 W'],
      ['Rehearse', 'working', '29 W'],
    ]);
    expect(lines.filter(({ phase }) => phase === 'live')).toHaveLength(6);
  });
});

describe('the curve of charge', () => {
  const { power } = before;
  const of = {
    start: friday.plan.start,
    reading: READING,
    size: [420, 150],
    labelOf: (id: string) => id,
  } as const;

  it('runs from full at the first draw to empty, over the items of the day', () => {
    const drawing = chargeDrawing(power, of);
    expect(drawing?.lines.map(({ words }) => words)).toEqual(['battnorth · empty Fri 20:39 · lasts 164 min']);
    expect(drawing?.lines[0]?.path).toMatch(/^M[\d.]+ 4\.0L.* 146\.0$/);
    expect(drawing?.items).toHaveLength(power.timeline.length);
  });

  it('is not drawn without a running order', () => {
    const empty = assess({ ...friday, plan: { ...friday.plan, runningOrder: {} } }).power;
    expect(chargeDrawing(empty, of)).toBeUndefined();
  });
});
