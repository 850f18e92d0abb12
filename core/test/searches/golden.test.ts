/** What every search finds in the demo events, as text held against a file that people can read and compare. */
import { describe, expect, it } from 'vitest';
import { chapelBundle, fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { SEARCHES } from '../../src/searches/commands.js';
import { EVENTS, saturday } from '../events.js';
import { edited, remove, set } from '../stations/edited.js';
import { highsSolver } from './solver.js';

const solve = highsSolver();

const friday = fridayBundle();
/** A starter kit before any lead is plugged in. */
const unplugged = (kit: string): Bundle => {
  const bundle = EVENTS.find(([name]) => name === kit)?.[1] ?? friday;
  return { ...bundle, plan: applyPatch(bundle.plan, [set('/links', {})]) };
};
const POSITIONS = { grid: 1 };
const CASES: readonly (readonly [event: string, name: string, bundle: Bundle, options: object])[] = [
  ['friday', 'positions', friday, POSITIONS],
  ['friday', 'desk', friday, {}],
  ['friday', 'cut', friday, {}],
  ['friday', 'ways-out', friday, { link: 'linknort1' }],
  // The demo is connected throughout: three of its leads are pulled out.
  [
    'friday-pulled',
    'connect',
    edited(remove('/links/linkside1'), remove('/links/linkwide1'), remove('/links/feedside1')),
    {},
  ],
  ['chapel', 'positions', chapelBundle(), POSITIONS],
  ['chapel', 'desk', chapelBundle(), {}],
  ['chapel', 'cut', chapelBundle(), {}],
  // Two switchers, a hall with a gallery, a shelf of many lengths.
  ['saturday', 'desk', saturday, {}],
  ['saturday', 'cut', saturday, {}],
  ['friday-unplugged', 'connect', edited(set('/links', {})), {}],
  ['friday-sound', 'ways-out', friday, { link: 'linksound' }],
  ['friday-screen', 'ways-out', friday, { link: 'linkscree' }],
  ['friday', 'balance', friday, {}],
  ['saturday', 'balance', saturday, {}],
  ['chapel', 'balance', chapelBundle(), {}],
  ['kitcompact-unplugged', 'connect', unplugged('kitcompact'), {}],
  ['kitfibre04-unplugged', 'connect', unplugged('kitfibre04'), {}],
];

/** Numbers to six digits: what another machine rounds otherwise in the last place is no other answer. */
const toSix = (_key: string, value: unknown): unknown =>
  typeof value === 'number' && !Number.isInteger(value) ? Number(value.toPrecision(6)) : value;

describe('what is found', () => {
  it.each(CASES)('%s: %s is what it was', async (event, name, bundle, options) => {
    const command = SEARCHES[name];
    if (!command) throw new Error(`no search is called ${name}`);
    const found = await command.run(bundle, options, { solve, now: () => 0 });
    const text = `${JSON.stringify(found, toSix, 1)}\n`;
    await expect(text).toMatchFileSnapshot(`golden/${event}-${name}.txt`);
  });
});
