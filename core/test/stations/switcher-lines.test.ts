/** What works a switcher without buttons: what counts as that, and what does not. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, severityOf, type Operation } from '../../src/foundations/index.js';
import { friday, remove, set } from './snag-tables.js';

const NETWORK_ONLY = {
  ...friday,
  kinds: applyPatch(friday.kinds, [set('/kinds/switchcom/inside/control', 'network')]),
};
const worked = (bundle: typeof friday, ...changes: Operation[]) =>
  assess({ ...bundle, plan: applyPatch(bundle.plan, changes) }).signal.switchers.switcher1;
const added = (kind: string, ...leads: readonly [port: string, to: string, at: string][]): Operation[] => [
  set('/devices/controls1', { order: 'zz', label: 'MIX CONTROL', kind, place: { inside: 'deskrack1' } }),
  ...leads.map(([port, to, at], i) =>
    set(`/links/linkctrl${i}`, { from: { device: to, port: at }, to: { device: 'controls1', port } }),
  ),
];
const NAME = 'MIX CONTROL';

describe('a switcher that is worked over the network', () => {
  it.each([
    ['a computer beside it on the network', 'laptopcom', 'usbnet001', NAME],
    ['a deck that steers cameras alone', 'controlpt', 'network01', undefined],
    ['lamps that are told of over the network', 'tallybox1', 'network01', NAME],
  ])('with %s', (_, kind, port, value) => {
    const figure = worked(NETWORK_ONLY, ...added(kind, [port, 'netswitc1', 'netport05']));
    expect([figure?.value, figure && severityOf(figure)]).toEqual(
      value === undefined ? [null, 'risk'] : [value, undefined],
    );
  });

  it('is worked by nothing where a computer is only near, or its own lead to the network is gone', () => {
    expect(worked(NETWORK_ONLY, ...added('laptopcom'))?.why).toMatch(/^no computer or panel/);
    const on = added('laptopcom', ['usbnet001', 'netswitc1', 'netport05']);
    expect(worked(NETWORK_ONLY, ...on, remove('/links/linkstrea'))?.value).toBeNull();
  });

  it('asks nothing of one that lies in its case, or has buttons, or of which that is not known', () => {
    const inputs = Object.entries(friday.plan.links ?? {}).filter(
      ([, { to }]) => to.device === 'switcher1' && to.port?.startsWith('hdmiin'),
    );
    expect(worked(NETWORK_ONLY, ...inputs.map(([id]) => remove(`/links/${id}`)))).toBeUndefined();
    expect(worked(friday)).toBeUndefined();
    const unknown = applyPatch(friday.kinds, [remove('/kinds/switchcom/inside/control')]);
    expect(worked({ ...friday, kinds: unknown })).toBeUndefined();
  });
});
