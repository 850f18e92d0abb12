/** What can be added: what is free stands first, and says by its tape what would be taken. */
import { describe, expect, it } from 'vitest';
import type { Bundle, Item } from '../../src/documents/index.js';
import { addDevicePatch, gearOffers } from '../../src/index.js';
import { friday } from './edited.js';

const kind = friday.plan.devices?.camnorth1?.kind ?? '';
const item = (tape: string, of: Partial<Item> = {}): Item => ({ tape, kind, state: 'ready', ...of });
const with_ = (items: Record<string, Item>, claimed: Record<string, string> = {}): Bundle => ({
  ...friday,
  shelf: { items },
  claims: {
    claims: Object.fromEntries(
      Object.entries(claimed).map(([of, event], i) => [
        `claim0000${i}`,
        { item: of, event, from: '2026-12-04T10:00:00Z', to: '2026-12-04T22:00:00Z' },
      ]),
    ),
  },
  plan: { ...friday.plan, devices: {} },
});
const cameras = (bundle: Bundle) => gearOffers(bundle, ({ optics }) => optics !== undefined);
const wordsOf = (bundle: Bundle) => cameras(bundle).find(each => each.kind === kind)?.words;

describe('kinds to add', () => {
  it('are those that fit, what is owned before what is not', () => {
    const offers = cameras(with_({ camera0001: item('CAM 1') }));
    expect(offers[0]).toMatchObject({ kind, words: 'CAM 1', owned: true });
    expect(offers.slice(1).every(({ owned, words }) => !owned && words === 'not on the shelf')).toBe(true);
    expect(offers.every(({ of }) => of.optics)).toBe(true);
  });

  it('tell what is free, and where the rest is', () => {
    const two = { camera0001: item('CAM 1'), camera0002: item('CAM 2') };
    expect(wordsOf(with_(two))).toBe('CAM 1 and 1 more');
    expect(wordsOf(with_(two, { camera0001: 'Choir' }))).toBe('CAM 2');
    expect(wordsOf(with_(two, { camera0001: 'Choir', camera0002: 'Fair' }))).toBe(
      'at “Choir” and “Fair” then',
    );
    expect(wordsOf(with_({ camera0001: item('CAM 1', { state: 'in repair' }) }))).toBe('all in use');
  });

  it('are added with the item that is free, rather than with one that another event has', () => {
    const bundle = with_({ camera0001: item('CAM 1'), camera0002: item('CAM 2') }, { camera0001: 'Choir' });
    const [edit] = addDevicePatch(bundle, 'newcamera1', { label: 'C1', kind });
    expect(edit).toMatchObject({ value: { item: 'camera0002' } });
  });
});
