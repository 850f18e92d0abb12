// @vitest-environment happy-dom
/** Hands on the plan: dragging, nudging, pinning and drawing, from what the pointer and the keys do to the edit. */
import { PLAN_SCALE, type Point } from '@idle-satchel/core';
import { act, fireEvent, renderHook } from '@testing-library/react';
import type { PointerEvent as Pressed } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ghost, lastGhostAt } from '../src/bench/drafting/ghost.js';
import { useDrawing } from '../src/bench/drafting/use-drawing.js';
import { usePartNudging } from '../src/bench/drafting/use-part-nudging.js';
import { usePull } from '../src/bench/drafting/use-pull.js';
import { useDrag } from '../src/bench/use-drag.js';
import { useDeviceNudging } from '../src/bench/use-nudging.js';
import { usePinning } from '../src/bench/use-pinning.js';
import { fitScale, floorUnder, letteringFor } from '../src/bench/viewport.js';
import { usePointerDrag } from '../src/ui/pointer-drag.js';
import { keyName } from '../src/ui/shortcuts.js';
import { camera, passes, server, store } from './friday-open.js';
import { drawsFriday, Opened, ui } from './rendered.js';

drawsFriday();

/** Pixels of the screen to the metre, and where the floor begins there. */
const PIXELS = 20;
/** A plan drawn at 25 units a metre, shown at four fifths of its size. */
const matrix = { a: PLAN_SCALE / PIXELS };
const world = { current: { getScreenCTM: () => ({ inverse: () => matrix }) } } as unknown as {
  current: SVGGElement;
};
const held = (): Element => document.createElement('button');

let frames: (() => void)[] = [];
beforeEach(() => {
  frames = [];
  vi.stubGlobal('requestAnimationFrame', (act: () => void) => frames.push(act));
  vi.stubGlobal('cancelAnimationFrame', (at: number) => void frames.splice(at - 1, 1, () => undefined));
  vi.stubGlobal(
    'DOMPoint',
    class {
      constructor(
        readonly x: number,
        readonly y: number,
      ) {}
      matrixTransform({ a }: { a: number }) {
        return { x: this.x * a, y: this.y * a };
      }
    },
  );
});
afterEach(() => vi.restoreAllMocks());

/** Presses on an element; then moves, drops and takes away by hand. */
function pressed(begin: (event: Pressed) => void, at: Point, button = 0) {
  const element = held();
  element.setPointerCapture = () => undefined;
  document.body.append(element);
  const where = ([x, y]: Point) => ({ clientX: x * PIXELS, clientY: y * PIXELS, pointerId: 1 });
  const fire = (name: string, of: object): void =>
    act(() => void element.dispatchEvent(new PointerEvent(name, { bubbles: true, ...of })));
  const event = { ...where(at), button, currentTarget: element, target: element, stopPropagation: vi.fn() };
  act(() => begin(event as unknown as Pressed));
  return {
    move: (to: Point): void => {
      fire('pointermove', where(to));
      for (const each of frames.splice(0)) act(() => each());
    },
    moveUnseen: (to: Point): void => fire('pointermove', where(to)),
    drop: (to: Point): void => fire('pointerup', where(to)),
    cancel: (): void => fire('pointercancel', { pointerId: 1 }),
    other: (to: Point): void => fire('pointerup', { ...where(to), pointerId: 2 }),
  };
}

const key = (name: string, of: object = {}): void =>
  void act(() => fireEvent.keyDown(document.body, { key: name, ...of }));
const hook = <T,>(use: () => T): T => renderHook(use, { wrapper: Opened }).result.current;
/** Edits that are made, though not sent yet. */
const made = (): number => store.get().waiting;
/** What was sent, once there was time for it. */
async function sent(): Promise<string[]> {
  await act(() => passes(5000));
  return server.sent.map(({ label }) => label);
}

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

describe('nudging a camera', () => {
  beforeEach(() => ui.select('camnorth1'));
  const nudges = (active = true): void => void hook(() => useDeviceNudging(active));

  it.each([
    ['ArrowLeft', {}, [10.3, 1.9]],
    ['ArrowRight', {}, [10.5, 1.9]],
    ['ArrowUp', {}, [10.4, 1.8]],
    ['ArrowDown', {}, [10.4, 2]],
    ['ArrowRight', { shiftKey: true }, [11.4, 1.9]],
    ['ArrowDown', { shiftKey: true }, [10.4, 2.9]],
  ] as const)('%s %o puts it at %o', (name, of, at) => {
    nudges();
    key(name, of);
    expect(camera()?.place?.at).toEqual(at);
  });

  it('turns it by five degrees from where it points', () => {
    nudges();
    const aim = Number(store.get().assessment.shots.cameras.camnorth1?.aim.value);
    key('r');
    expect(camera()?.place?.facing).toBe(Math.round(aim + 5));
    key('r', { shiftKey: true });
    key('r', { shiftKey: true });
    expect(camera()?.place?.facing).toBe(Math.round(aim + 5) - 10);
  });

  it('is one edit for quick ones', async () => {
    nudges();
    key('ArrowRight');
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.6, 1.9]);
    expect(await sent()).toEqual(['Move C2 NORTH']);
  });

  it('does nothing where the ground is worked on, nothing is selected, or something is drawn', () => {
    nudges(false);
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
    nudges();
    ui.select(undefined);
    key('ArrowRight');
    ui.select('camnorth1');
    ui.set({ tool: { kind: 'measure', ends: [] } });
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
  });

  it('leaves keys to whoever types', () => {
    nudges();
    const input = document.createElement('input');
    document.body.append(input);
    act(() => void fireEvent.keyDown(input, { key: 'ArrowRight' }));
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
    input.remove();
  });
});

describe('names of keys', () => {
  it.each([
    [{ key: 'U', shiftKey: true }, 'Shift+u'],
    [{ key: 'u' }, 'u'],
    [{ key: 'z', ctrlKey: true }, 'Ctrl+z'],
    [{ key: 'z', metaKey: true }, 'Ctrl+z'],
    [{ key: 'Z', ctrlKey: true, shiftKey: true }, 'Ctrl+Shift+z'],
    [{ key: 'ArrowLeft', shiftKey: true }, 'Shift+ArrowLeft'],
    // A sign that is typed with Shift is its own key.
    [{ key: '?', shiftKey: true }, '?'],
    [{ key: 'Enter', shiftKey: true }, 'Enter'],
  ])('%o is %s', (of, name) => {
    expect(keyName(new KeyboardEvent('keydown', of))).toBe(name);
  });
});

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
    act(() =>
      pinning()
        .onPin(0)
        .onKeyDown(event as never),
    );
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

describe('nudging a part of the venue', () => {
  const MARK = '/marks/marktable';
  const at = (): Point | undefined => store.get().assessment.ground.venue.marks?.marktable?.at;
  beforeEach(() => {
    hook(usePartNudging);
    ui.set({ parts: [MARK] });
  });

  it('moves what is picked by a tenth of a metre or a whole one', () => {
    const [x = NaN, y = NaN] = at() ?? [];
    key('ArrowRight');
    expect(at()?.[0]).toBeCloseTo(x + 0.1, 9);
    key('ArrowUp', { shiftKey: true });
    expect(at()?.[1]).toBeCloseTo(y - 1, 9);
  });

  it('takes it out with Delete, and nothing with nothing picked', () => {
    ui.set({ parts: [] });
    key('Delete');
    expect(at()).toBeDefined();
    ui.set({ parts: [MARK] });
    key('Delete');
    expect(at()).toBeUndefined();
    expect(ui.get().parts).toEqual([]);
  });
});

describe('drawing', () => {
  const screen = ([x, y]: Point) => ({ clientX: x * PIXELS, clientY: y * PIXELS });
  const drawing = () => renderHook(() => useDrawing(world), { wrapper: Opened }).result;
  const tool = () => ui.get().tool;
  const corners = (): readonly Point[] => {
    const now = tool();
    return now?.kind === 'draw' ? now.corners : now?.kind === 'measure' ? now.ends : [];
  };
  const marks = (): number => Object.keys(store.get().assessment.ground.venue.marks ?? {}).length;

  it('is nothing without a tool in hand', () => {
    expect(drawing().current).toBeUndefined();
  });

  it('puts a mark down with one click, and picks it', async () => {
    const before = marks();
    ui.set({ tool: { kind: 'draw', name: 'mark', corners: [] } });
    const of = drawing();
    act(() => of.current?.onClick(screen([12, 6])));
    expect(marks()).toBe(before + 1);
    expect(tool()).toBeUndefined();
    expect(ui.get().parts[0]).toMatch(/^\/marks\//);
    expect(await sent()).toEqual(['Draw mark']);
  });

  it('draws a wall corner by corner, and finishes with as many as it needs', () => {
    const walls = (): number => Object.keys(store.get().assessment.ground.venue.walls ?? {}).length;
    const before = walls();
    ui.set({ tool: { kind: 'draw', name: 'wall', corners: [] } });
    const of = drawing();
    act(() => of.current?.onClick(screen([12, 6])));
    expect(corners()).toHaveLength(1);
    // The same corner again is no corner.
    act(() => of.current?.onClick(screen([12, 6])));
    expect(corners()).toHaveLength(1);
    act(() => of.current?.typed(3, 0));
    expect(corners()[1]?.[0]).toBeCloseTo((corners()[0]?.[0] ?? NaN) + 3, 9);
    act(() => of.current?.finish());
    expect(walls()).toBe(before + 1);
  });

  it('is given up where it has too few corners, or by hand', () => {
    ui.set({ tool: { kind: 'draw', name: 'wall', corners: [] } });
    const of = drawing();
    act(() => of.current?.onClick(screen([12, 6])));
    act(() => of.current?.finish());
    expect(tool()).toBeUndefined();
    expect(made()).toBe(0);
    ui.set({ tool: { kind: 'measure', ends: [] } });
    const again = drawing();
    act(() => again.current?.cancel());
    expect(tool()).toBeUndefined();
  });

  it('measures between two ends, and begins again with a third', () => {
    ui.set({ tool: { kind: 'measure', ends: [] } });
    const of = drawing();
    for (const at of [
      [12, 6],
      [15, 10],
    ] as const)
      act(() => of.current?.onClick(screen(at)));
    expect(corners()).toHaveLength(2);
    act(() => of.current?.onClick(screen([16, 6])));
    expect(corners()).toHaveLength(1);
  });

  it('goes by keys: arrows move the loose end, Space adds a corner, Backspace takes it back', () => {
    ui.set({ tool: { kind: 'draw', name: 'wall', corners: [] } });
    const of = drawing();
    act(() => of.current?.onPointerMove(screen([12, 6])));
    const from = lastGhostAt() ?? [NaN, NaN];
    key('ArrowRight', { shiftKey: true });
    expect(lastGhostAt()?.[0]).toBeCloseTo(from[0] + 1, 9);
    key(' ');
    expect(corners()).toHaveLength(1);
    key('ArrowDown');
    expect(lastGhostAt()?.[1]).toBeGreaterThan(from[1]);
    key(' ');
    key('Backspace');
    expect(corners()).toHaveLength(1);
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
