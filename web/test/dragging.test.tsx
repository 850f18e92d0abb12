// @vitest-environment happy-dom
/** Dragging: from what the pointer does to the one edit on release. */
import type { Point } from '@idle-satchel/core';
import { renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useDrag } from '../src/bench/use-drag.js';
import { fitScale, floorUnder, letteringFor } from '../src/bench/viewport.js';
import { usePointerDrag } from '../src/ui/pointer-drag.js';
import { camera } from './friday-open.js';
import { hasHands, hook, made, PIXELS, pressed, sent, world } from './hands.js';
import { drawsFriday, ui } from './rendered.js';

drawsFriday();
hasHands();

describe('the floor under the screen', () => {
  it('is where a pointer is on it, in metres', () => {
    const floor = floorUnder(world.current);
    expect(floor?.at({ clientX: 40, clientY: 60 })).toEqual([2, 3]);
    expect(floor?.perPixel).toBeCloseTo(0.05, 12);
    expect(floorUnder(null)).toBeUndefined();
  });
});

describe('a drag', () => {
  const drag = (of: Partial<Parameters<ReturnType<typeof usePointerDrag>>[1]> = {}) => {
    const heard = { move: vi.fn(), drop: vi.fn(), cancel: vi.fn() };
    const begin = hook(usePointerDrag);
    return { heard, hand: pressed(event => begin(event, { ...heard, ...of }), [1, 1]) };
  };

  it('is a click until the pointer has moved more than three pixels', () => {
    const { heard, hand } = drag();
    hand.move([1 + 3 / PIXELS, 1]);
    expect(heard.move).not.toHaveBeenCalled();
    hand.drop([1 + 3 / PIXELS, 1]);
    expect(heard.drop.mock.calls[0]?.[1]).toBe(false);
  });

  it('is heard once a frame, of where the pointer came to last', () => {
    const { heard, hand } = drag();
    hand.moveUnseen([2, 1]);
    hand.moveUnseen([3, 1]);
    expect(heard.move).not.toHaveBeenCalled();
    hand.move([4, 1]);
    expect(heard.move).toHaveBeenCalledTimes(1);
    expect((heard.move.mock.calls[0]?.[0] as PointerEvent).clientX).toBe(4 * PIXELS);
    hand.drop([5, 1]);
    expect(heard.drop.mock.calls[0]?.[1]).toBe(true);
  });

  it('hears nothing more once it is let go, and nothing of another pointer', () => {
    const { heard, hand } = drag();
    hand.move([2, 1]);
    hand.other([9, 9]);
    expect(heard.drop).not.toHaveBeenCalled();
    hand.drop([3, 1]);
    hand.move([4, 1]);
    hand.cancel();
    expect(heard.move).toHaveBeenCalledTimes(1);
    expect(heard.drop).toHaveBeenCalledTimes(1);
    expect(heard.cancel).not.toHaveBeenCalled();
  });

  it('that is taken from the hand has not happened', () => {
    const { heard, hand } = drag();
    hand.move([2, 1]);
    hand.cancel();
    hand.drop([3, 1]);
    expect(heard.cancel).toHaveBeenCalledTimes(1);
    expect(heard.drop).not.toHaveBeenCalled();
  });

  it('is cancelled when what was dragged goes, and when another begins', () => {
    const { result, unmount } = renderHook(usePointerDrag);
    const [first, second] = [vi.fn(), vi.fn()];
    const none = { move: vi.fn(), drop: vi.fn() };
    pressed(event => result.current(event, { ...none, cancel: first }), [1, 1]);
    pressed(event => result.current(event, { ...none, cancel: second }), [1, 1]);
    expect(first).toHaveBeenCalledTimes(1);
    expect(second).not.toHaveBeenCalled();
    unmount();
    expect(second).toHaveBeenCalledTimes(1);
  });
});

describe('dragging a camera', () => {
  const AT: Point = [10.4, 1.9];
  const grab = (button = 0) =>
    pressed(hook(() => useDrag('camnorth1', 'C2 NORTH', AT, world)).onPointerDown, AT, button);

  it('previews it on its way and is one edit where it is let go, to five centimetres', async () => {
    const hand = grab();
    expect(ui.get().selected).toBe('camnorth1');
    hand.move([11.42, 2.93]);
    expect(camera()?.place?.at).toEqual([11.4, 2.95]);
    expect(made()).toBe(0);
    hand.drop([12.02, 3.08]);
    expect(camera()?.place?.at).toEqual([12, 3.1]);
    expect(await sent()).toEqual(['Move C2 NORTH']);
  });

  it('leaves it where it was when it is let go there, or taken from the hand', () => {
    const hand = grab();
    hand.move([12, 3]);
    hand.drop(AT);
    expect(camera()?.place?.at).toEqual(AT);
    const again = grab();
    again.move([12, 3]);
    again.cancel();
    expect(camera()?.place?.at).toEqual(AT);
    expect(made()).toBe(0);
  });

  it('wants the main button', () => {
    const hand = grab(2);
    hand.move([12, 3]);
    hand.drop([12, 3]);
    expect(camera()?.place?.at).toEqual(AT);
  });
});

describe('the whole of a venue in a picture', () => {
  const outline: Point[] = [
    [0, 0],
    [20, 0],
    [20, 10],
    [0, 10],
  ];
  const none = { left: 0, right: 0, top: 0, bottom: 0 };
  it('is as large as the narrower side allows, within bounds', () => {
    // 20 m at 25 units a metre are 500: half of it in 250 px.
    expect(fitScale(outline, { width: 250, height: 4000 }, none)).toBeCloseTo(0.5, 12);
    expect(fitScale(outline, { width: 4000, height: 125 }, none)).toBeCloseTo(0.5, 12);
    expect(fitScale(outline, { width: 40_000, height: 40_000 }, none)).toBe(3);
    expect(fitScale(outline, { width: 10, height: 10 }, none)).toBe(0.15);
    expect(fitScale(outline, { width: 270, height: 4000 }, { ...none, left: 15, right: 5 })).toBeCloseTo(
      0.5,
      12,
    );
  });

  it('has letters of one size on the screen', () => {
    expect(letteringFor(outline, { width: 250, height: 4000 }, none)).toBeCloseTo(2, 12);
    expect(letteringFor(outline, { width: 50, height: 4000 }, none)).toBe(2.2);
    expect(letteringFor(outline, { width: 40_000, height: 40_000 }, none)).toBe(0.45);
  });
});
