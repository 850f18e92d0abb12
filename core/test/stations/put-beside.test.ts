/** Leads made shorter by moving what is at one end; what comes first where nothing feeds an output; what goes with a device. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fixesFor } from '../../src/fixes.js';
import { goneWith } from '../../src/stations/device-edits.js';
import { putBeside } from '../../src/stations/runs/put-beside.js';
import { edited, friday, remove, set } from './edited.js';

const beside = (lead: string, ...patch: Parameters<typeof edited>) => {
  const bundle = edited(...patch);
  const { ground, signal } = assess(bundle);
  const { kinds, shelf, claims, rules, plan } = bundle;
  const { devices, links, printed } = plan;
  const seen = { devices, links, printed, kinds, shelf, claims, rules, innards: {}, ground, signal };
  return [...putBeside(seen, lead)].map(({ label }) => label);
};

describe('what is at the end of a lead that is too long', () => {
  it('is put beside what is at the other, however it is carried', () => {
    const labels = beside('linksound', set('/devices/deskrack1/place/at', [15, 12]));
    expect(labels.slice(0, 2)).toEqual([
      'Put DESK RACK beside HOUSE DESK, north of it',
      'Put DESK RACK beside HOUSE DESK, south of it',
    ]);
    // The desk belongs to the house, and stays.
    expect(labels.filter(label => label.startsWith('Put HOUSE DESK'))).toEqual([]);
  });

  it('stays where it is beside it already, where it looks, and on another floor', () => {
    expect(beside('linksound', set('/devices/deskrack1/place/at', [5.3, 13.56]))).toEqual([]);
    expect(beside('linksound', set('/devices/deskrack1/place/at', [5.3, 13.54]))).not.toEqual([]);
    expect(beside('linkside1')).toEqual([]);
    expect(beside('linkscree', set('/devices/deskrack1/place/level', 'gallery01'))).toEqual([]);
  });
});

describe('an output that nothing feeds', () => {
  it('is taken from the recorder that was wired for it before the switcher', () => {
    const bundle = edited(remove('/outputs/outrecord1/device'));
    const snag = assess(bundle).snags.find(
      ({ rule, subjects }) => rule === 'signal.output-unfed' && subjects[0] === 'outrecord1',
    );
    expect(fixesFor(snag?.id ?? '', bundle)[0]?.label).toBe('Take it from RECORDER');
  });
});

describe('a device that is taken out', () => {
  it('takes leads and what is in it along, and leaves shots without a camera', () => {
    expect(goneWith(friday.plan, 'camnorth1')).toMatch(/^, with .*C2 BATTERY.*, 2 leads; .* no camera now$/);
    expect(goneWith(friday.plan, 'screennor')).toBe(', with 2 leads');
    expect(goneWith({ ...friday.plan, links: {} }, 'screennor')).toBe('');
  });
});
