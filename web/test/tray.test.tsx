// @vitest-environment happy-dom
/** What is not on the plan yet: put down with a key, pulled onto it by hand, kept where it is let go beside it. */
import { act, fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import Tray from '../src/bench/Tray.js';
import { camera, passes, store } from './friday-open.js';
import { hasHands, PIXELS, world } from './hands.js';
import { draw, drawsFriday, ui } from './rendered.js';

drawsFriday();
hasHands();

const PLAN = { left: 0, top: 0, right: 20 * PIXELS, bottom: 15 * PIXELS } as DOMRect;

/** The tray over a plan of 20 by 15 m, with one camera that has no place. */
function chip(): HTMLElement {
  store.editPlan('Lose it', plan => plan.drop('devices', 'camnorth1', 'place'));
  draw(
    <section aria-label="Plan">
      <Tray world={world} />
    </section>,
  );
  screen.getByRole('region', { name: 'Plan' }).getBoundingClientRect = () => PLAN;
  const button = screen.getByRole('button', { name: 'C2 NORTH' });
  button.setPointerCapture = () => undefined;
  return button;
}

const at = (x: number, y: number) => ({ clientX: x * PIXELS, clientY: y * PIXELS, pointerId: 1, button: 0 });
function pull(button: HTMLElement, x: number, y: number): void {
  fireEvent.pointerDown(button, at(1, 1));
  act(() => void button.dispatchEvent(new PointerEvent('pointermove', at(x, y))));
  act(() => void button.dispatchEvent(new PointerEvent('pointerup', at(x, y))));
}

describe('what is not on the plan', () => {
  beforeEach(() => ui.select(undefined));

  it('is put where new gear stands with a key, and selected', async () => {
    fireEvent.click(chip(), { detail: 0 });
    await passes(0);
    expect(camera()?.place).toMatchObject({ height: 1.5 });
    expect(camera()?.place?.at).toHaveLength(2);
    expect(ui.get().selected).toBe('camnorth1');
  });

  it('is pulled to where it is let go, to five centimetres', () => {
    pull(chip(), 7.52, 3.01);
    expect(camera()?.place?.at).toEqual([7.5, 3]);
    expect(ui.get().selected).toBe('camnorth1');
    expect(screen.queryByRole('region', { name: 'Not on the plan yet' })).toBeNull();
  });

  it('stays in the tray when it is let go beside the plan', () => {
    pull(chip(), 20.1, 3);
    expect(camera()?.place).toBeUndefined();
    expect(screen.getByRole('button', { name: 'C2 NORTH' })).toBeTruthy();
  });
});
