/** A hand on the plan: a pointer that presses, moves and lets go, and keys, over a plan that is drawn to scale. */
import { PLAN_SCALE, type Point } from '@idle-satchel/core';
import { act, fireEvent, renderHook } from '@testing-library/react';
import type { PointerEvent as Pressed } from 'react';
import { afterEach, beforeEach, vi } from 'vitest';
import { passes, server, store } from './friday-open.js';
import { Opened } from './rendered.js';

/** Pixels of the screen to the metre, and where the floor begins there. */
export const PIXELS = 20;
/** A plan drawn at 25 units a metre, shown at four fifths of its size. */
const matrix = { a: PLAN_SCALE / PIXELS };
export const world = { current: { getScreenCTM: () => ({ inverse: () => matrix }) } } as unknown as {
  current: SVGGElement;
};
const held = (): Element => document.createElement('button');

let frames: (() => void)[] = [];
/** A browser’s frames and points, before each test of a file. */
export function hasHands(): void {
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
}

/** Presses on an element; then moves, drops and takes away by hand. */
export function pressed(begin: (event: Pressed) => void, at: Point, button = 0) {
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

export const key = (name: string, of: object = {}): void =>
  void act(() => fireEvent.keyDown(document.body, { key: name, ...of }));
export const hook = <T,>(use: () => T): T => renderHook(use, { wrapper: Opened }).result.current;
/** Edits that are made, though not sent yet. */
export const made = (): number => store.get().waiting;
/** What was sent, once there was time for it. */
export async function sent(): Promise<string[]> {
  await act(() => passes(5000));
  return server.sent.map(({ label }) => label);
}
