// @vitest-environment happy-dom
/** Leading leads by pins, and pulling parts of the venue. */
import type { Point } from '@idle-satchel/core';
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { ghost } from '../src/bench/drafting/ghost.js';
import { usePull } from '../src/bench/drafting/use-pull.js';
import { usePinning } from '../src/bench/use-pinning.js';
import { store } from './friday-open.js';
import { hasHands, hook, made, pressed, sent, world } from './hands.js';
import { drawsFriday, Opened } from './rendered.js';

drawsFriday();
hasHands();

describe('leading a lead by pins', () => {
  const pins = () => store.get().bundle.plan.links?.linknort1?.way?.pins;
  const run = () => {
    const found = store.get().assessment.runs.runs.linknort1;
    if (!found) throw new Error('no such lead');
    return found;
  };
  const pinning = () => hook(() => usePinning('linknort1', run(), world));
  const pinned = (...at: Point[]): void =>
    act(() =>
      store.editPlan('Pin', plan =>
        plan.put('links', 'linknort1', 'way', { pins: at.map(each => ({ at: each })) }),
      ),
    );

  it('puts a pin where the line is pulled to, to five centimetres', async () => {
    const hand = pressed(pinning().onLine.onPointerDown, run().points[1] ?? [0, 0]);
    hand.move([9.02, 8.03]);
    expect(pins()?.map(({ at }) => at)).toEqual([[9, 8.05]]);
    expect(made()).toBe(0);
    hand.drop([9.02, 8.03]);
    expect(pins()?.map(({ at }) => at)).toEqual([[9, 8.05]]);
    expect(await sent()).toEqual([expect.stringMatching(/^Lead .* another way$/)]);
  });

  it('leaves the line as it is when it is only clicked, or taken from the hand', () => {
    const at = run().points[1] ?? [0, 0];
    pressed(pinning().onLine.onPointerDown, at).drop(at);
    const hand = pressed(pinning().onLine.onPointerDown, at);
    hand.move([9, 8]);
    hand.cancel();
    expect(pins()).toBeUndefined();
  });

  it('moves one pin of several', () => {
    pinned([9, 8], [6, 12]);
    const hand = pressed(pinning().onPin(1).onPointerDown, [6, 12]);
    hand.move([5, 11]);
    hand.drop([5, 11]);
    expect(pins()?.map(({ at }) => at)).toEqual([
      [9, 8],
      [5, 11],
    ]);
  });

  const press = (name: string, of: object = {}): { stopped: boolean } => {
    const event = { key: name, shiftKey: false, preventDefault: vi.fn(), stopPropagation: vi.fn(), ...of };
    const pin = pinning().onPin(0);
    act(() => pin.onKeyDown(event as never));
    return { stopped: event.preventDefault.mock.calls.length > 0 };
  };

  it('moves it with the arrows, takes it out with Delete, and leaves other keys alone', () => {
    pinned([9, 8], [6, 12]);
    expect(press('ArrowLeft').stopped).toBe(true);
    expect(pins()?.[0]?.at).toEqual([8.9, 8]);
    press('ArrowDown', { shiftKey: true });
    expect(pins()?.[0]?.at).toEqual([8.9, 9]);
    expect(press('x').stopped).toBe(false);
    press('Delete');
    expect(pins()?.map(({ at }) => at)).toEqual([[6, 12]]);
    press('Backspace');
    expect(store.get().bundle.plan.links?.linknort1?.way).toBeUndefined();
  });
});

describe('pulling a part of the venue', () => {
  const pulled = (started = true) => {
    const heard = { show: vi.fn((at: Point) => ({ shapes: [], words: 'on its way', at })), drop: vi.fn() };
    const { result } = renderHook(() => usePull(world, () => (started ? heard : undefined)), {
      wrapper: Opened,
    });
    return { heard, result, hand: pressed(event => result.current.onPointerDown(event as never), [4, 4]) };
  };

  it('shows a ghost by how far the hand has come, and drops by that', () => {
    const { heard, hand, result } = pulled();
    hand.move([5, 6]);
    // Nine pixels of a twentieth of a metre draw.
    expect(heard.show).toHaveBeenCalledWith([1, 2], 9 * 0.05);
    expect(ghost.get()?.words).toBe('on its way');
    expect(result.current.justPulled()).toBe(false);
    hand.drop([6, 6]);
    expect(ghost.get()).toBeUndefined();
    expect(heard.drop).toHaveBeenCalledWith([2, 2], 9 * 0.05);
    expect(result.current.justPulled()).toBe(true);
  });

  it('drops nothing where it was only clicked, or taken from the hand', () => {
    const { heard, hand } = pulled();
    hand.drop([4, 4]);
    const again = pulled();
    again.hand.move([6, 6]);
    again.hand.cancel();
    expect(ghost.get()).toBeUndefined();
    expect([heard.drop, again.heard.drop].flatMap(({ mock }) => mock.calls)).toEqual([]);
  });

  it('begins nothing where there is nothing to pull', () => {
    const { heard, hand } = pulled(false);
    hand.move([6, 6]);
    expect(heard.show).not.toHaveBeenCalled();
  });
});
