/** Names on a plan: never over one another or over a sign, never off the paper, the important ones first. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  around,
  inside,
  placeNames,
  widthOf,
  type Box,
  type PlacedName,
  type WantedName,
} from '../../src/plan-picture/place-names.js';

const ROOM: Box = { x: 0, y: 0, width: 400, height: 300 };
const boxOf = ({ text, size, bold, at }: PlacedName): Box => {
  const [long, high] = [widthOf(text, size, bold), size * 1.15];
  const [width, height] = at.upright ? [high, long] : [long, high];
  return { x: at.x - width / 2, y: at.y - height / 2, width, height };
};
const apart = (a: Box, b: Box): boolean =>
  a.x >= b.x + b.width || b.x >= a.x + a.width || a.y >= b.y + b.height || b.y >= a.y + a.height;

const label = fc.record({
  text: fc.stringMatching(/^[a-z ]{3,24}$/),
  size: fc.constantFrom(10, 11.5, 13),
  x: fc.integer({ min: 0, max: 400 }),
  y: fc.integer({ min: 0, max: 300 }),
  boxed: fc.boolean(),
});

describe('names', () => {
  it('keep off each other, off the signs and on the paper', () => {
    fc.assert(
      fc.property(fc.array(label, { maxLength: 40 }), labels => {
        const signs = labels
          .filter(each => !each.boxed)
          .map(({ x, y }) => ({ x: x - 5, y: y - 5, width: 10, height: 10 }));
        const wanted = labels.map(({ text, size, x, y, boxed }, i): WantedName => ({
          key: String(i),
          text,
          size,
          spots: boxed ? inside({ x, y, width: 80, height: 40 }) : around(x, y, 5),
        }));
        const boxes = placeNames(wanted, signs, ROOM).map(boxOf);
        boxes.forEach((box, i) => {
          for (const other of [...boxes.slice(i + 1), ...signs]) expect(apart(box, other)).toBe(true);
          expect(box.x >= 0 && box.y >= 0 && box.x + box.width <= 400 && box.y + box.height <= 300).toBe(
            true,
          );
        });
      }),
    );
  });

  it('are placed in the order given, and the last is left out where there is no room', () => {
    const want = (key: string): WantedName => ({
      key,
      text: 'the same place',
      size: 12,
      spots: () => [{ x: 100, y: 100 }],
    });
    expect(placeNames([want('first'), want('second')], [], ROOM).map(({ key }) => key)).toEqual(['first']);
  });

  it('run up the page in a narrow box, and stand beside one that is too small', () => {
    const [tall] = placeNames(
      [{ key: 'a', text: 'gallery', size: 12, spots: inside({ x: 50, y: 50, width: 20, height: 120 }) }],
      [],
      ROOM,
    );
    expect(tall?.at).toEqual({ x: 60, y: 110, upright: true });
    const [beside] = placeNames(
      [{ key: 'a', text: 'a long name', size: 12, spots: inside({ x: 50, y: 50, width: 10, height: 10 }) }],
      [],
      ROOM,
    );
    expect(beside?.at.upright ?? false).toBe(false);
    expect(beside?.at.y).toBeLessThan(50);
  });
});
