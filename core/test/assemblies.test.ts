/** Assemblies: a wired case saved, put into another plan, and brought up to a newer version. */
import { describe, expect, it } from 'vitest';
import {
  assemblyDifferences,
  assemblyFrom,
  insertAssemblyPatch,
  insideOf,
  markedAs,
  saveAssemblyPatch,
  updateAssemblyPatch,
} from '../src/assemblies/index.js';
import { assess } from '../src/assess.js';
import { faultsOf, Kinds, Plan, type Assembly } from '../src/documents/index.js';
import { applyPatch, inOrder } from '../src/foundations/index.js';
import { schematicGraph, withClosed } from '../src/schematic/index.js';
import { sundayPlan } from '../src/demo/index.js';
import { friday, number, remove, set } from './stations/edited.js';

const { kinds, plan } = friday;
const rack = assemblyFrom(plan, 'deskrack1', 'Desk rack', 1, kinds.kinds);
const known = applyPatch(kinds, saveAssemblyPatch('assembly01', rack, undefined));
const marked = applyPatch(plan, markedAs(plan, 'deskrack1', 'assembly01', 1));

describe('a case that is saved', () => {
  it('holds everything in it, the leads among them, and every port to the outside', () => {
    const inside = insideOf(plan.devices, 'deskrack1');
    expect(Object.keys(rack.parts).sort()).toEqual([...inside].sort());
    expect(inOrder(rack.links)).toHaveLength(
      inOrder(plan.links).filter(
        ([, { from, to }]) => inside.includes(from.device ?? '') && inside.includes(to.device ?? ''),
      ).length,
    );
    const outside = Object.values(rack.outside).map(({ part, port }) => `${part}.${port}`);
    expect(outside).toContain('switcher1.hdmiin01');
    expect(outside).not.toContain('switcher1.hdmiin04');
    expect(outside).toContain('striprac1.mainsin01');
  });

  it('is a document that is valid, and so is the plan that it is marked in', () => {
    expect(faultsOf(Kinds, known)).toEqual([]);
    expect(faultsOf(Plan, marked)).toEqual([]);
  });
});

describe('some pieces of a case', () => {
  const leftOut = new Set(['recorder1', 'laptopwor']);
  const some = assemblyFrom(plan, 'deskrack1', 'Desk rack', 1, kinds.kinds, leftOut);
  const partly = applyPatch(plan, markedAs(plan, 'deskrack1', 'assembly01', 1, leftOut));

  it('are saved without the rest, whose ports are to the outside then', () => {
    expect(Object.keys(some.parts)).toHaveLength(Object.keys(rack.parts).length - 2);
    expect(Object.values(some.outside).map(({ part, port }) => `${part}.${port}`)).toContain(
      'switcher1.hdmiin04',
    );
  });

  it('leave the rest where it is when they are brought up to date', () => {
    expect(assemblyDifferences(partly, 'deskrack1', some).map(({ words }) => words)).toEqual([
      'without RECORDER, which stays',
      'without WORDS, which stays',
    ]);
    expect(applyPatch(partly, updateAssemblyPatch(partly, 'deskrack1', some)).devices).toEqual(
      partly.devices,
    );
  });
});

describe('an assembly in another plan', () => {
  const other = sundayPlan();
  const { carrier, patch } = insertAssemblyPatch('assembly01', rack, other, 'seed', {
    at: [4, 17],
    height: 0.8,
  });
  const after = applyPatch(other, patch);

  it('brings its devices with ids of their own, its leads, and items that are not in use there', () => {
    expect(faultsOf(Plan, after)).toEqual([]);
    expect(insideOf(after.devices, carrier)).toHaveLength(Object.keys(rack.parts).length);
    const { signal } = assess({ ...friday, kinds: known, plan: after });
    const words = inOrder(after.devices).find(([, { label }]) => label === 'WORDS')?.[0] ?? '';
    expect(signal.sources[words]?.input.value).toBe('HDMI in 4');
    expect(after.devices?.[carrier]).toMatchObject({
      assembly: { id: 'assembly01', version: 1 },
      place: { at: [4, 17] },
    });
  });

  it('can be put in twice', () => {
    const twice = applyPatch(after, insertAssemblyPatch('assembly01', rack, after, 'again').patch);
    const items = inOrder(twice.devices).flatMap(([, { item }]) => item ?? []);
    expect(new Set(items).size).toBe(items.length);
  });
});

describe('what goes with what in a case', () => {
  const said = applyPatch(plan, [
    set('/devices/router001/beside', 'netswitc1'),
    set('/devices/recorder1/ridesWith', 'switcher1'),
    set('/devices/switcher1/ridesWith', 'casecam01'),
    set('/devices/deskrack1/liftedBy', ['callumdrey']),
  ]);
  const saved = assemblyFrom(said, 'deskrack1', 'Desk rack', 1, kinds.kinds);

  it('is said of its parts, and of nothing that is not in it; who lifts it belongs to the event', () => {
    expect(saved.parts.router001?.beside).toBe('netswitc1');
    expect(saved.parts.switcher1?.ridesWith).toBeUndefined();
    expect(saved.parts.deskrack1?.liftedBy).toBeUndefined();
  });

  it('is said of the same parts where it is put in', () => {
    const sunday = sundayPlan();
    const { patch } = insertAssemblyPatch('assembly01', saved, sunday, 'seed');
    const devices = applyPatch(sunday, patch).devices ?? {};
    const idOf = (part: string) => Object.keys(devices).find(id => devices[id]?.part === part) ?? '';
    expect(devices[idOf('router001')]?.beside).toBe(idOf('netswitc1'));
    expect(devices[idOf('recorder1')]?.ridesWith).toBe(idOf('switcher1'));
    expect(devices[idOf('desktray1')]?.place).toEqual({ inside: idOf('deskrack1'), unit: 3 });
    expect(devices[idOf('switcher1')]?.place).toEqual({
      inside: idOf('deskrack1'),
      on: idOf('desktray1'),
    });
  });

  it('of a part that a newer version adds is said of what is there', () => {
    const before = applyPatch(plan, [remove('/devices/router001')]);
    const difference = assemblyDifferences(before, 'deskrack1', saved).find(
      ({ words }) => words === 'with ROUTER',
    );
    const added = applyPatch(before, difference?.patch ?? []).devices ?? {};
    expect(Object.values(added).find(({ part }) => part === 'router001')?.beside).toBe('netswitc1');
  });
});

describe('a newer version', () => {
  const changedPlan = applyPatch(marked, [
    set('/devices/monitor01', {
      order: 'zz',
      label: 'MONITOR',
      kind: 'monitor24',
      place: { inside: 'deskrack1' },
    }),
    set('/links/linkmonit', {
      from: { device: 'switcher1', port: 'hdmiout03' },
      to: { device: 'monitor01', port: 'hdmiin001' },
    }),
    remove('/links/linkrecor'),
    remove('/links/feedrecor'),
    remove('/devices/recorder1'),
    set('/devices/switcher1/soundDelay', 119),
    set('/devices/switcher1/settings', {
      setup00001: { order: '1', label: 'Set-up', version: 1, file: 'file00000001', name: 'a.bin', bytes: 9 },
    }),
    set('/devices/router001/comesOff', true),
  ]);
  const newer: Assembly = assemblyFrom(changedPlan, 'deskrack1', 'Desk rack', 2, kinds.kinds);
  const withNewer = { ...known, assemblies: { assembly01: newer } };

  it('is told with its differences, and a plan brought up to it has none left', () => {
    expect(assemblyDifferences(marked, 'deskrack1', rack)).toEqual([]);
    const words = assemblyDifferences(marked, 'deskrack1', newer).map(each => each.words);
    expect(words).toEqual([
      'without RECORDER',
      'SWITCHER: another delay of sound',
      'SWITCHER: another settings file',
      'ROUTER: another way to travel',
      'with MONITOR',
      'SWITCHER into MONITOR',
    ]);
    const snag = assess({ ...friday, kinds: withNewer, plan: marked }).snags.find(
      ({ rule }) => rule === 'signal.assembly-old',
    );
    expect(snag?.title).toBe('DESK RACK is version 1 of its assembly; version 2 exists.');
    const updated = applyPatch(marked, updateAssemblyPatch(marked, 'deskrack1', newer));
    expect(faultsOf(Plan, updated)).toEqual([]);
    expect(assemblyDifferences(updated, 'deskrack1', newer)).toEqual([]);
    expect(
      assess({ ...friday, kinds: withNewer, plan: updated }).snags.filter(
        ({ rule }) => rule === 'signal.assembly-old',
      ),
    ).toEqual([]);
  });
});

describe('a closed assembly on the schematic', () => {
  const bundle = { ...friday, kinds: known, plan: marked };
  const graph = schematicGraph(bundle, assess(bundle));

  it('is one box, whose pins are ports of its parts, and opens', () => {
    const closed = withClosed(graph, bundle, new Set());
    const box = closed.boxes.find(({ id }) => id === 'deskrack1');
    expect(closed.boxes.some(({ id }) => id === 'switcher1')).toBe(false);
    expect(box?.pins.find(({ end }) => end.device === 'switcher1' && end.port === 'hdmiin01')?.label).toBe(
      'SWITCHER · HDMI in 1',
    );
    const wide = closed.wires.find(({ id }) => id === 'linkwide1');
    expect(wide?.to).toEqual({ box: 'deskrack1', port: 'switcher1.hdmiin01' });
    expect(closed.wires.some(({ id }) => id === 'linkword1')).toBe(false);
    expect(withClosed(graph, bundle, new Set(['deskrack1']))).toEqual(graph);
  });
});

describe('a case that arrives wired', () => {
  const saved = (more: Parameters<typeof applyPatch>[1] = []) => {
    const after = applyPatch(marked, more);
    return assess({ ...friday, kinds: known, plan: after });
  };
  const loose = assess(friday);
  const whole = saved();
  const inner = Object.keys(whole.signal.plugged);
  const plugChecks = ({ day }: typeof whole) =>
    Object.values(day.checks).filter(({ moment }) => moment === 'Plug in');

  it('has every lead that was saved with it plugged, and no other', () => {
    expect(inner).toHaveLength(Object.keys(rack.links).length);
    expect(new Set(Object.values(whole.signal.plugged))).toEqual(new Set(['deskrack1']));
    expect(loose.signal.plugged).toEqual({});
    // One that was plugged in since is work, and so is one whose end was taken out of the case.
    const another = set('/links/linkextra', {
      from: { device: 'netswitc1', port: 'netport03' },
      to: { device: 'laptopwor', port: 'usbnet001' },
    });
    expect(saved([another]).signal.plugged).not.toHaveProperty('linkextra');
    const out = saved([set('/devices/laptopwor/place', { at: [5, 12] })]).signal.plugged;
    expect(Object.keys(out).length).toBeLessThan(inner.length);
  });

  it('wants no cables of the stock for them, and no minutes on the day, which is shown', () => {
    const runs = inner.filter(id => whole.runs.runs[id]);
    expect(runs.length).toBeGreaterThan(3);
    for (const id of runs) expect(whole.runs.runs[id]).toMatchObject({ ownLead: true, items: [] });
    // 1.5 min to connect a lead, 0.5 to inspect it.
    expect(number(whole.hands.saved)).toBe(2 * runs.length);
    expect(number(loose.hands.work) - number(whole.hands.work)).toBeCloseTo(2 * runs.length, 9);
    expect(number(loose.hands.saved)).toBe(0);
  });

  it('is looked at once after its journey, in place of every plug', () => {
    const [first, ...rest] = plugChecks(whole);
    expect(first?.label).toBe('Everything in DESK RACK is still plugged after its journey');
    expect(first?.detail).toBe(`${inner.length} leads inside`);
    expect(rest.length).toBeLessThan(plugChecks(loose).length);
    expect(plugChecks(loose).some(({ label }) => label.includes('still plugged'))).toBe(false);
  });
});
