/** Panels at the back of a rack, or an open back: what each takes and gives, tried on the plan. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import { backOfRack, runSearch, type BackWay } from '../../src/searches/index.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { friday, number, set } from '../stations/edited.js';

const means = { solve: undefined as never, now: () => performance.now() };
const asked = async (bundle: Bundle) => {
  const { answer, offers } = await runSearch(backOfRack, bundle, {}, means);
  const way = (id: BackWay['id']) => answer.ways.find(each => each.id === id);
  return { answer, offers, panel: way('panel'), open: way('open') };
};
const edited = (...patch: Operation[]): Bundle => ({ ...friday, plan: applyPatch(friday.plan, patch) });

describe('the back of a rack', () => {
  it('costs half a minute for each lead whose socket must be found, and a unit for eight of a kind', async () => {
    const { answer, panel, open } = await asked(friday);
    // Four of HDMI, one of sound, a line, mains: panels for the first five.
    expect([answer.leads, answer.without]).toEqual([7, 2]);
    expect(panel).toMatchObject({ units: 2, minutes: 7 * 2 + 2 / 2, price: 95 + 85, lacks: undefined });
    expect(open).toMatchObject({ units: 0, minutes: 7 * 2.5, price: 0 });
  });

  it('is as warm as the plan is with the panels, and without', async () => {
    const { offers, panel, open } = await asked(friday);
    const risen = (bundle: Bundle) => number(assess(bundle).racks.racks.deskrack1?.air.rise);
    expect(open?.rise).toBe(risen(friday));
    const [offer] = offers;
    if (!offer) throw new Error('panels are offered');
    const after = applyFix(friday, offer);
    expect(panel?.rise).toBe(risen(after));
    // Less of the rear is open.
    expect(panel?.rise).toBeGreaterThan(open?.rise ?? Infinity);
    expect(
      Object.values(after.plan.devices ?? {}).filter(({ label }) => label.startsWith('PANEL')),
    ).toHaveLength(2);
  });

  it('has no panels where the rear rails are full, and says so', async () => {
    const full = edited(
      ...[1, 3, 4].map(unit =>
        set(`/devices/blankone${unit}`, {
          ...{ order: `zz${unit}`, label: `BLANK ${unit}`, kind: 'rakblank1' },
          place: { inside: 'deskrack1', unit, rear: true },
        }),
      ),
    );
    const { panel, open, offers } = await asked(full);
    expect(panel?.lacks).toBe('it wants 2 U at the rear, and 0 are free there');
    // Opened, the blanks are gone.
    expect(offers.map(({ id }) => id)).toEqual(['open']);
    expect(open?.rise).toBeLessThan(number(assess(full).racks.racks.deskrack1?.air.rise) ?? 0);
  });

  it('of an event without a rack is nothing', async () => {
    expect((await asked(edited(set('/devices', {}), set('/links', {})))).answer).toMatchObject({
      leads: 0,
      ways: [],
    });
    await expect(runSearch(backOfRack, friday, { rack: 'casecam01' }, means)).rejects.toThrow(
      '/rack: names no rack',
    );
  });
});
