/** What is handed on in the large set-ups: talkback in returns, and the mix of one switcher to another. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { CONTROL_ROOM } from './control-room.js';
import { FLY_CASE } from './fly-case.js';
import { staged, toldOf, type SetUp } from './stage.js';

describe('talkback in the return of a control room', () => {
  const toldWith = (more: Partial<SetUp>): string[] => {
    const bundle = staged({ ...CONTROL_ROOM, ...more });
    return toldOf(assess(bundle).snags, bundle).filter(told => /loop|unheard/.test(told));
  };
  const stripped = {
    devices: [
      ...CONTROL_ROOM.devices,
      ['deembed01', 'DE-EMBEDDER', 'deembedsd', { inside: 'deskrack1' }] as const,
    ],
  };
  it('howls where it comes back into the mix, and not past a de-embedder', () => {
    expect(toldWith({ leads: [...CONTROL_ROOM.leads, 'splitretu.sdioutp04 > switcher1.sdiin005'] })).toEqual([
      'stop signal.loop · splitretu>switcher1 · splitretu · switcher1',
    ]);
    const past = ['splitretu.sdioutp04 > deembed01.sdiin0001', 'deembed01.sdiout001 > switcher1.sdiin005'];
    expect(
      toldWith({ ...stripped, leads: [...CONTROL_ROOM.leads, ...past] }).filter(told =>
        told.startsWith('stop'),
      ),
    ).toEqual([]);
  });

  it('is missing at a camera where a de-embedder stands before it', () => {
    const leads = CONTROL_ROOM.leads.map(lead =>
      lead === 'splitretu.sdioutp03 > patchbay2.patchin03'
        ? 'splitretu.sdioutp03 > deembed01.sdiin0001'
        : lead,
    );
    expect(toldWith({ ...stripped, leads: [...leads, 'deembed01.sdiout001 > patchbay2.patchin03'] })).toEqual(
      ['note hands.unheard · tally · camcarry1', 'risk hands.unheard · talkback · camcarry1'],
    );
  });
});

describe('a switcher that only takes what another one mixes', () => {
  const seen = (lead?: string): boolean => {
    const bundle = staged(lead === undefined ? FLY_CASE : { ...FLY_CASE, leads: [...FLY_CASE.leads, lead] });
    return toldOf(assess(bundle).snags, bundle).some(told => told.includes('mixer · subtracks'));
  };
  it('is mixed by nobody, until a second picture comes to it', () => {
    expect(seen()).toBe(false);
    expect(seen('substream.hdmiout02 > subtracks.hdmiin02')).toBe(true);
  });
});
