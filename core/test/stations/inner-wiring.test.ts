import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { innerWiring } from '../../src/sheets/inner-wiring.js';
import { edited, friday, number, remove, set } from './edited.js';

const U = 0.04445;
const lengthOf = (lead: string, ...patch: Parameters<typeof edited>): number =>
  number(assess(edited(...patch)).runs.runs[lead]?.length);
const depth = (kind: string): number => friday.kinds.kinds[kind]?.rack?.depth ?? NaN;

describe('a lead within a rack', () => {
  it('goes along the rails, with twice the depth of the deeper thing to spare', () => {
    // Router and network switch are front panels one unit apart, both of the whole width.
    const { kind: a = '' } = friday.plan.devices?.['router001'] ?? {};
    const { kind: b = '' } = friday.plan.devices?.['netswitc1'] ?? {};
    const [deepA, deepB] = [depth(a), depth(b)];
    const wanted = U + Math.abs(deepA - deepB) + 2 * Math.max(deepA, deepB);
    expect(lengthOf('linkswitc')).toBeCloseTo(wanted, 9);
  });

  it('is longer by each unit between them, and no house slack is added', () => {
    const near = lengthOf('linkswitc');
    const far = lengthOf('linkswitc', set('/devices/netswitc1/place/unit', 4));
    const from = friday.plan.devices?.['router001']?.place?.unit ?? 0;
    const before = Math.abs((friday.plan.devices?.['netswitc1']?.place?.unit ?? 0) - from);
    expect(far - near).toBeCloseTo((Math.abs(4 - from) - before) * U, 9);
  });

  it('is the figure of the house where one of them is off the rails', () => {
    expect(lengthOf('linkswitc', remove('/devices/netswitc1/place/unit'))).toBeCloseTo(0.5 * 1.05, 9);
  });

  it('is what was measured, where somebody did', () => {
    expect(lengthOf('linkswitc', set('/links/linkswitc/measured', 1.3))).toBe(1.3);
  });

  it('stands on the inner wiring list with the side that it is laced along', () => {
    const { sections, columns } = innerWiring(friday.plan, assess(friday));
    const laced = columns.findIndex(({ label }) => label === 'Laced');
    const rows = sections.flatMap(({ rows }) => rows);
    expect(rows.length).toBeGreaterThan(5);
    for (const row of rows) expect(row[laced]).toBe(row[4]?.startsWith('mains') === true ? 'left' : 'right');
    // What crosses the floor is not on it.
    expect(rows.some(row => row.join(' ').includes('C1'))).toBe(false);
  });
});
