/** What follows from the design – pack list, checks, racks, roles, sheets – whatever the design is. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../../src/assess.js';
import { chapelBundle } from '../../src/demo/index.js';
import type { Bundle, Plan } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { cutList } from '../../src/sheets/cut-list.js';
import { packList } from '../../src/sheets/pack-list.js';
import { assignPatch } from '../../src/stations/hands/assign.js';
import { edited, friday, number, set } from './edited.js';

const fridayNow = assess(friday);

/** The demo plan with some of its devices, links and assignments taken away. */
const thinned: fc.Arbitrary<Bundle> = fc
  .tuple(
    fc.subarray(Object.keys(friday.plan.devices ?? {})),
    fc.subarray(Object.keys(friday.plan.links ?? {})),
    fc.subarray(Object.keys(friday.plan.assignments ?? {})),
  )
  .map(([devices, links, assignments]) => {
    const part = <T>(map: Readonly<Record<string, T>> | undefined, ids: string[]): Record<string, T> =>
      Object.fromEntries(Object.entries(map ?? {}).filter(([id]) => ids.includes(id)));
    const plan: Plan = {
      ...friday.plan,
      devices: part(friday.plan.devices, devices),
      links: part(friday.plan.links, links),
      assignments: part(friday.plan.assignments, assignments),
    };
    return { ...friday, plan };
  });

const always = (check: (assessment: Assessment, bundle: Bundle) => void): void =>
  fc.assert(
    fc.property(thinned, bundle => check(assess(bundle), bundle)),
    { numRuns: 25 },
  );

describe('the pack list', () => {
  it('holds everything that is taken, once, and counts it', () => {
    always(({ pack, runs }, { plan }) => {
      const taken = Object.entries(plan.devices ?? {}).filter(
        ([, { resident, kind }]) => !resident && !friday.kinds.kinds[kind]?.vehicle,
      );
      for (const [id, device] of taken) expect(pack.lines[id]?.purpose).toBe(device.label);
      // A lead that comes with its device is no line of its own.
      const cables = Object.entries(runs.runs).filter(([, { ownLead }]) => !ownLead);
      for (const [id] of cables) expect(pack.lines[id]?.group).toBe('Cables');
      const stands = taken.filter(([, { support }]) => support !== undefined);
      for (const [id, device] of stands) expect(pack.lines[`stand ${id}`]?.purpose).toBe(device.label);
      const floor = Object.values(pack.lines).filter(line => line.group === 'Floor');
      expect(Object.keys(pack.lines)).toHaveLength(
        taken.length + stands.length + cables.length + floor.length,
      );
      const counted = Object.values(pack.lines).reduce((sum, line) => sum + line.count, 0);
      expect(pack.pieces.value).toBe(counted);
      const tagged = Object.values(pack.lines).flatMap(line =>
        line.group === 'Floor' ? [] : (line.item ?? []),
      );
      expect(new Set(tagged).size).toBe(tagged.length);
    });
  });

  it('leaves with the house what belongs to it', () => {
    expect(fridayNow.pack.lines.audiodes1).toBeUndefined();
  });

  it('takes tape by the roll of 50 m and ramps by pieces of 0.9 m', () => {
    always(({ pack, runs }) => {
      expect(number(pack.tapeRolls)).toBe(Math.ceil(number(runs.taped) / 50));
      expect(number(pack.rampPieces)).toBe(Math.ceil(number(runs.ramped) / 0.9));
    });
  });

  it('says in which case a thing travels', () => {
    expect(fridayNow.pack.lines.recorder1?.inside).toBe('DESK RACK');
    expect(fridayNow.pack.lines.camwide01?.inside).toBe('CAMERA CASE');
    expect(fridayNow.pack.lines['stand camwide01']?.inside).toBe('CAR');
  });
});

describe('runs', () => {
  it('cross the floor only between places, and then add up', () => {
    always(({ runs }) => {
      for (const run of Object.values(runs.runs)) {
        // In a rack as it is laced there; elsewhere straight from one to the other with half a metre to spare.
        if (!run.crosses)
          expect(number(run.length)).toBeGreaterThanOrEqual(run.rack === undefined ? 0.5 * 1.05 - 1e-9 : 0);
        else if (run.length.value !== null) {
          const bare =
            number(run.onFloor) +
            number(run.between) +
            number(run.rises) +
            number(run.tails) +
            number(run.overhead);
          expect(number(run.length)).toBeCloseTo(bare * 1.05, 9);
        }
        if (run.items.length > 0)
          expect(number(run.cableLength) + run.cord).toBeGreaterThanOrEqual(number(run.length));
      }
    });
  });

  it('take more slack when the house wants more', () => {
    const more = assess({ ...friday, rules: { ...friday.rules, slack: 20 } });
    for (const [id, run] of Object.entries(fridayNow.runs.runs)) {
      // In a rack it is the loop behind each thing that is to spare.
      const laced = run.length.working?.formula?.includes('deep') === true;
      const wanted = !laced ? (number(run.length) / 1.05) * 1.2 : number(run.length);
      expect(number(more.runs.runs[id]?.length)).toBeCloseTo(wanted, 9);
    }
  });
});

describe('power', () => {
  it('loads circuits with just what hangs on them', () => {
    always(({ power }, { venue }) => {
      const sockets = Object.values(power.sockets).reduce((sum, socket) => sum + number(socket.watts), 0);
      const fed = Object.values(power.devices).filter(device => device.fedBy.value === 'mains');
      expect(sockets).toBeCloseTo(
        fed.reduce((sum, device) => sum + number(device.watts), 0),
        9,
      );
      for (const [id, circuit] of Object.entries(power.circuits)) {
        const own = Object.entries(venue.sockets ?? {}).filter(([, socket]) => socket.circuit === id);
        const amps = own.reduce((sum, [socket]) => sum + number(power.sockets[socket]?.amps), 0);
        expect(number(circuit.ours)).toBeCloseTo(amps, 9);
      }
    });
  });

  it('turns watts to amps by voltage and power factor', () => {
    // WORDS: a laptop supply on 230 V; amps · volts · factor gives its watts again.
    for (const [id, device] of Object.entries(fridayNow.power.devices)) {
      const factor = friday.kinds.kinds[friday.plan.devices?.[id]?.kind ?? '']?.power?.factor ?? 0.9;
      if (device.fedBy.value === 'mains')
        expect(number(device.amps) * 230 * factor).toBeCloseTo(number(device.watts), 9);
    }
  });

  it('draws twice the amps at half the voltage', () => {
    const half = assess({ ...friday, venue: { ...friday.venue, volts: 115 } });
    for (const [id, socket] of Object.entries(fridayNow.power.sockets))
      expect(number(half.power.sockets[id]?.amps)).toBeCloseTo(2 * number(socket.amps), 9);
  });
});

describe('a rack', () => {
  it('weighs its case and what is in it, and keeps count of its units', () => {
    always(({ racks }, { kinds, plan }) => {
      for (const [id, rack] of Object.entries(racks.racks)) {
        const weights = Object.values(rack.items).map(item => number(item.weight));
        const known = weights.filter(weight => !Number.isNaN(weight)).reduce((a, b) => a + b, 0);
        expect(number(rack.load)).toBeCloseTo(known, 9);
        const empty = kinds.kinds[plan.devices?.[id]?.kind ?? '']?.weight ?? 0;
        expect(number(rack.weight)).toBeCloseTo(known + empty, 9);
        expect(number(rack.have)).toBe(number(rack.used) + number(rack.spare));
        expect(number(rack.heat)).toBeLessThanOrEqual(number(rack.watts) + 1e-9);
      }
    });
  });

  it('loses heat through one open face by 5.8 · U^1.5', () => {
    expect(number(fridayNow.racks.racks.deskrack1?.passive)).toBeCloseTo(5.8 * 8, 9);
  });
});

describe('roles', () => {
  it('follow the design: one operator for each operated camera, one for three remote ones', () => {
    const count = (assessment: Assessment, start: string): number =>
      Object.keys(assessment.hands.roles).filter(key => key.startsWith(start)).length;
    expect(count(fridayNow, 'camera ')).toBe(2);
    const cameras = ['camwide01', 'camnorth1', 'camside01'];
    const remote = assess(edited(...cameras.map(id => set(`/devices/${id}/worked`, 'remote'))));
    expect(count(remote, 'camera ')).toBe(0);
    expect(count(remote, 'remote ')).toBe(1);
    const fourth = edited(
      ...cameras.map(id => set(`/devices/${id}/worked`, 'remote')),
      set('/devices/camfourt1', { order: '9', label: 'C4', kind: 'camoneinc', worked: 'remote' }),
    );
    expect(count(assess(fourth), 'remote ')).toBe(2);
  });

  it('are filled by people who are known, and counted', () => {
    always(({ hands }, { plan }) => {
      const roles = Object.values(hands.roles);
      expect(hands.wanted.value).toBe(roles.length);
      expect(hands.filled.value).toBe(roles.filter(role => role.person ?? role.besides).length);
      expect(number(hands.people)).toBeLessThanOrEqual(number(hands.filled));
      for (const role of roles)
        if (role.assignment) expect(plan.assignments?.[role.assignment]?.role).toBe(role.key);
    });
  });

  it('are given to somebody else in one edit, and nobody is put on one twice', () => {
    const [first = '', second = ''] = Object.keys(friday.hands.people);
    const put = (bundle: Bundle, person: string): Bundle => {
      const role = assess(bundle).hands.roles.monitor;
      if (!role) throw new Error('no role of a stream watcher');
      return { ...bundle, plan: applyPatch(bundle.plan, assignPatch(bundle.plan.assignments, role, person)) };
    };
    const swapped = put(put(friday, first), second);
    expect(assess(swapped).hands.roles.monitor?.person).toBe(second);
    const on = Object.values(swapped.plan.assignments ?? {}).filter(each => each.role === 'monitor');
    expect(on).toHaveLength(1);
    const { assignments: _none, ...bare } = friday.plan;
    expect(assess(put({ ...friday, plan: bare }, first)).hands.roles.monitor?.person).toBe(first);
  });

  it('call people early enough for the work that few hands have', () => {
    const [person] = Object.keys(friday.hands.people);
    const alone = assess(edited(set('/assignments', { assignone: { role: 'lead', person } })));
    // 118 min of work for one, 15 min to power up and check, then 40 and 30 min: 203 min before the start.
    expect(number(alone.hands.rigging)).toBeCloseTo(number(alone.hands.work) + 15, 9);
    expect(String(alone.hands.call.value) <= String(fridayNow.hands.call.value)).toBe(true);
    expect(number(alone.hands.rigging)).toBeGreaterThan(number(fridayNow.hands.rigging));
  });
});

describe('the checks of the day', () => {
  it('keep their ids whatever else changes, so that ticks stay where they were put', () => {
    always(({ day }) => {
      for (const id of Object.keys(day.checks)) {
        const before = fridayNow.day.checks[id];
        if (before) expect(day.checks[id]?.moment).toBe(before.moment);
      }
    });
  });

  it('are counted done when ticked, and doors open only when all before them are', () => {
    const before = ['Pack out', 'Rig', 'Plug in', 'Line check', 'Before doors'];
    const ticks = Object.entries(fridayNow.day.checks)
      .filter(([, check]) => before.includes(check.moment))
      .map(([check, { unit, atLeast }], i) => [
        `tick${String(i).padStart(5, '0')}`,
        {
          check,
          by: 'Odile Marsh',
          at: '2026-12-04T17:00:00Z',
          ...(unit ? { value: Math.ceil((atLeast?.value ?? 0) + 1) } : {}),
        },
      ]);
    const { day } = assess(edited(set('/ticks', Object.fromEntries(ticks))));
    expect(day.done.value).toBe(ticks.length);
    expect(day.readyForDoors.value).toBe(true);
    const [, ...missingOne] = ticks;
    const short = assess(edited(set('/ticks', Object.fromEntries(missingOne))));
    expect(short.day.readyForDoors.value).toBe(false);
  });

  it('count back in what was packed out', () => {
    always(({ day }) => {
      const of = (moment: string): string[] =>
        Object.values(day.checks)
          .filter(check => check.moment === moment)
          .map(check => check.label);
      expect(of('Count back in')).toEqual(of('Pack out'));
    });
  });
});

describe('sheets', () => {
  it('list every lead with its number, length and cable', () => {
    always((assessment, { plan }) => {
      const sheet = cutList(plan, assessment);
      const rows = sheet.sections.flatMap(section => section.rows);
      expect(rows).toHaveLength(Object.keys(assessment.runs.runs).length);
      expect(new Set(rows.map(([no]) => no)).size).toBe(rows.length);
      for (const row of rows) expect(row).toHaveLength(sheet.columns.length);
    });
  });

  it('say WANTED where nothing is set aside', () => {
    const bare = assess({ ...friday, shelf: { items: {} } });
    const rows = cutList(friday.plan, bare).sections.flatMap(section => section.rows);
    expect(new Set(rows.map(row => row[6]))).toEqual(new Set(['WANTED', 'its own lead']));
    const packed = packList(friday.plan, bare).sections.flatMap(section => section.rows);
    expect(packed.every(row => row[1] === 'WANTED')).toBe(true);
  });

  it('are in feet and inches where the house measures so', () => {
    const chapel = chapelBundle();
    const sheet = cutList(chapel.plan, assess(chapel));
    const lengths = sheet.sections.flatMap(section => section.rows.map(row => row[4] ?? ''));
    expect(lengths.length).toBeGreaterThan(0);
    for (const length of lengths.filter(Boolean)) expect(length).toMatch(/′|″|ft|in/);
    expect(sheet.about).toContain(chapel.plan.label);
  });
});
