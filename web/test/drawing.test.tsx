// @vitest-environment happy-dom
/** Drawing in the venue: corner by corner, by clicks, typed lengths and keys. */
import type { Point } from '@idle-satchel/core';
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { lastGhostAt } from '../src/bench/drafting/ghost.js';
import { useDrawing } from '../src/bench/drafting/use-drawing.js';
import { store } from './friday-open.js';
import { hasHands, key, made, PIXELS, sent, world } from './hands.js';
import { drawsFriday, Opened, ui } from './rendered.js';

drawsFriday();
hasHands();

describe('drawing', () => {
  const screen = ([x, y]: Point) => ({ clientX: x * PIXELS, clientY: y * PIXELS, buttons: 0 });
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
