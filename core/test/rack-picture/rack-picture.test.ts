/** A rack to scale: where things are drawn, and where they go that are dropped or stepped, by hand and by property. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  freePlace,
  placeDropped,
  placeStepped,
  placeTurned,
  RACK_VIEWS,
  rackLayout,
  rackPicture,
  rackShowing,
  troubleOf,
  type RackViewName,
} from '../../src/rack-picture/index.js';
import { racked, RACK_KINDS } from '../racked.js';

const U = 0.04445;
const PANEL = 0.4826;
const rack = racked([
  ['boxlow001', 'boxlow001', { unit: 1 }],
  ['boxrear01', 'boxlow001', { unit: 3, rear: true }],
  ['halfright', 'halfright', { unit: 2, across: 'right' }],
  ['trayone01', 'trayone01', { unit: 5 }],
  ['smallone1', 'smallbox1', { on: 'trayone01' }],
  ['smalltwo1', 'smallbox1', {}],
]);
const ID = 'casetest1';
const picture = rackPicture(rack, [RACK_VIEWS]);
const at = (id: string, view: RackViewName) => {
  const found = picture.things.find(each => each.id === id && each.view === view);
  const own = picture.views.find(({ name }) => name === view);
  if (!found || !own) throw new Error(`${id} is not drawn from the ${view}`);
  return { ...found, left: found.x - own.x, top: found.y - own.y };
};

const near = (value: number): unknown => expect.closeTo(value, 9);

describe('the picture of a rack', () => {
  it('has the lowest unit at the bottom, and left and right changed from the rear', () => {
    const half = at('halfright', 'front');
    expect([half.left, half.width]).toEqual([near(PANEL / 2), near(PANEL / 2)]);
    expect([half.top, half.height]).toEqual([near(6 * U), near(U)]);
    const back = at('halfright', 'rear');
    expect([back.left, back.back, half.back]).toEqual([expect.closeTo(0, 9), true, false]);
    expect([at('boxrear01', 'rear').back, at('boxrear01', 'front').back]).toEqual([false, true]);
  });

  it('has the depth of each thing in section, from its own rails, and its plugs behind it', () => {
    const [front, rear] = [at('boxlow001', 'side'), at('boxrear01', 'side')];
    expect([front.left, front.width]).toEqual([expect.closeTo(0, 9), expect.closeTo(0.3, 9)]);
    expect(front.plugs?.width).toBeCloseTo(0.07, 9);
    // The rear rails are 0.5 m from the front ones.
    expect([rear.left, rear.width]).toEqual([expect.closeTo(0.2, 9), expect.closeTo(0.3, 9)]);
    expect((rear.plugs?.x ?? 0) - (rear.x - rear.left)).toBeCloseTo(0.13, 9);
  });

  it('has what lies on a tray after the tray, at the foot of it, and nothing that is loose', () => {
    const ids = picture.things.filter(({ view }) => view === 'front').map(({ id }) => id);
    expect(ids.indexOf('smallone1')).toBeGreaterThan(ids.indexOf('trayone01'));
    expect(ids).not.toContain('smalltwo1');
    const [tray, box] = [at('trayone01', 'front'), at('smallone1', 'front')];
    expect(box.y + box.height).toBeCloseTo(tray.y + tray.height, 9);
  });

  it('fits a sheet of any shape, with no two views over each other', () => {
    const side = fc.integer({ min: 100, max: 3000 });
    fc.assert(
      fc.property(side, side, (width, height) => {
        const { picture, scale } = rackLayout(rack, { width, height });
        expect(picture.width * scale).toBeLessThanOrEqual(width + 1e-6);
        expect(picture.height * scale).toBeLessThanOrEqual(height + 1e-6);
        for (const a of picture.views)
          for (const b of picture.views) {
            const apart =
              a.x + a.width <= b.x ||
              b.x + b.width <= a.x ||
              a.y + picture.rack <= b.y ||
              b.y + picture.rack <= a.y;
            expect(a === b || apart).toBe(true);
          }
      }),
    );
  });

  it('is of the rack that is selected or holds what is, the inner one of two', () => {
    const inner = racked([['boxlow001', 'boxlow001', { unit: 1 }]]);
    const racks = { outer: rack, inner };
    const shown = (selected: string | undefined) => rackShowing(racks, selected)?.[0];
    expect([undefined, 'inner', 'boxlow001', 'boxrear01'].map(shown)).toEqual([
      'outer',
      'inner',
      'inner',
      'outer',
    ]);
    expect(rackShowing({}, 'inner')).toBeUndefined();
  });

  it('says how bad the worst figure of a thing is', () => {
    const crowded = racked([
      ['halfleft1', 'halfleft1', { unit: 1 }],
      ['halfright', 'halfright', { unit: 1 }],
    ]);
    expect(Object.values(crowded.items).map(troubleOf)).toEqual([undefined, 'stop']);
  });
});

describe('a thing that is moved', () => {
  const dropped = (id: string, view: RackViewName, [left, top]: readonly [number, number]) => {
    const own = picture.views.find(({ name }) => name === view);
    const width = at('boxlow001', 'front').width * (id.startsWith('half') ? 0.5 : 1);
    return placeDropped(ID, rack, picture, id, { x: (own?.x ?? 0) + left, y: (own?.y ?? 0) + top, width });
  };

  it('goes to the nearest unit of the rails in view', () => {
    expect(dropped('boxlow001', 'front', [0, 2.4 * U])).toEqual({ inside: ID, unit: 6 });
    expect(dropped('boxlow001', 'front', [0, 2.6 * U])).toEqual({ inside: ID, unit: 5 });
    expect(dropped('boxlow001', 'rear', [0, 0])).toEqual({ inside: ID, unit: 8, rear: true });
    expect(dropped('boxlow001', 'front', [0, -5])).toEqual({ inside: ID, unit: 8 });
  });

  it('that is narrow goes left, middle or right as seen from the front', () => {
    expect(dropped('halfright', 'front', [0, 7 * U])).toEqual({ inside: ID, unit: 1 });
    expect(dropped('halfright', 'front', [PANEL / 4, 7 * U])).toEqual({
      inside: ID,
      unit: 1,
      across: 'middle',
    });
    expect(dropped('halfright', 'rear', [0, 7 * U])).toEqual({
      inside: ID,
      unit: 1,
      rear: true,
      across: 'right',
    });
  });

  it('without ears goes onto the tray it is dropped at; below the rails everything is loose', () => {
    expect(dropped('smalltwo1', 'front', [0, 3 * U])).toEqual({ inside: ID, on: 'trayone01' });
    expect(dropped('smalltwo1', 'front', [0, 0])).toEqual({ inside: ID, unit: 8 });
    expect(dropped('boxlow001', 'front', [0, 8 * U])).toEqual({ inside: ID });
  });

  it('stays where it is drawn when it is dropped there', () => {
    for (const id of ['boxlow001', 'halfright', 'boxrear01']) {
      const { x, y, width } = at(id, id === 'boxrear01' ? 'rear' : 'front');
      const place = placeDropped(ID, rack, picture, id, { x, y, width });
      const item = rack.items[id];
      expect([place?.unit, place?.rear === true, place?.across ?? 'left']).toEqual([
        item?.unit,
        item?.rear,
        item?.across ?? 'left',
      ]);
    }
  });

  it('steps one unit or one place across, out at the bottom, and no farther than the top', () => {
    const step = (id: string, by: readonly [number, number]) => placeStepped(ID, rack, id, by);
    expect(step('boxlow001', [0, -1])).toEqual({ inside: ID, unit: 2 });
    expect(step('boxlow001', [0, 1])).toEqual({ inside: ID });
    expect(step('halfright', [-1, 0])).toEqual({ inside: ID, unit: 2, across: 'middle' });
    expect(step('halfright', [1, 0])).toBeUndefined();
    expect(step('boxlow001', [1, 0])).toBeUndefined();
    expect(step('smalltwo1', [0, -1])).toEqual({ inside: ID, unit: 1 });
    const top = racked([['boxlow001', 'boxlow001', { unit: 8 }]]);
    expect(placeStepped(ID, top, 'boxlow001', [0, -1])).toBeUndefined();
  });

  it('turns to the other rails and back', () => {
    expect(placeTurned(ID, rack, 'boxrear01')).toEqual({ inside: ID, unit: 3 });
    expect(placeTurned(ID, rack, 'halfright')).toEqual({ inside: ID, unit: 2, rear: true, across: 'right' });
    expect(placeTurned(ID, rack, 'smallone1')).toBeUndefined();
  });

  it('that is new comes to the lowest free units, or lies loose where there are none', () => {
    expect(freePlace(ID, rack, RACK_KINDS.trayone01 ?? {})).toEqual({ inside: ID, unit: 3 });
    expect(freePlace(ID, rack, RACK_KINDS.drawerone ?? {})).toEqual({ inside: ID, unit: 3 });
    const full = racked(
      Array.from({ length: 8 }, (_, i) => [`boxlow00${i + 1}`, 'boxlow001', { unit: i + 1 }]),
    );
    expect(freePlace(ID, full, RACK_KINDS.trayone01 ?? {})).toEqual({ inside: ID });
  });
});
