/** Moving a box beside its reckoned place: a preview at most once a frame, one edit on release. */
import type { DeviceBox, Point } from '@idle-satchel/core';
import { useState, type PointerEvent, type RefObject } from 'react';
import { useOpenEvent } from '../../../store/hooks.js';

/** Steps of a nudge, px of the drawing: leads stay apart from each other. */
const STEP = 6;
const stepped = (value: number): number => Math.round(value / STEP) * STEP;

export interface Moving {
  readonly id: string;
  readonly by: readonly [number, number];
}

export function useBoxDrag(world: RefObject<SVGGElement | null>): {
  moving: Moving | undefined;
  grab: (box: DeviceBox, event: PointerEvent<SVGElement>) => void;
  nudge: (box: DeviceBox, by: readonly [number, number]) => void;
} {
  const { store, ui } = useOpenEvent();
  const [moving, setMoving] = useState<Moving>();

  const nudge = ({ id, label, nudge: before = [0, 0] }: DeviceBox, by: readonly [number, number]): void => {
    const value: Point = [before[0] + by[0], before[1] + by[1]];
    const home = value[0] === 0 && value[1] === 0;
    store.editPlan(
      `Move ${label} on the schematic`,
      plan => plan.set('devices', id, 'nudge', home ? undefined : value),
      `draw ${id}`,
    );
  };

  const grab = (box: DeviceBox, event: PointerEvent<SVGElement>): void => {
    if (event.button !== 0) return;
    ui.select(box.id);
    const surface = event.currentTarget.ownerSVGElement;
    const scale = world.current?.getScreenCTM()?.a ?? 1;
    // What the house offers is not in the plan yet, so there is nothing to keep its nudge with.
    if (!surface || box.offered) return;
    const { clientX, clientY } = event;
    let by: readonly [number, number] = [0, 0];
    let frame = 0;
    const move = (moved: globalThis.PointerEvent): void => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        const next = [
          stepped((moved.clientX - clientX) / scale),
          stepped((moved.clientY - clientY) / scale),
        ] as const;
        if (next[0] === by[0] && next[1] === by[1]) return;
        by = next;
        setMoving({ id: box.id, by });
      });
    };
    const end = (): void => {
      cancelAnimationFrame(frame);
      surface.removeEventListener('pointermove', move);
      surface.removeEventListener('pointerup', end);
      surface.removeEventListener('pointercancel', end);
      setMoving(undefined);
      if (by[0] !== 0 || by[1] !== 0) nudge(box, by);
    };
    surface.setPointerCapture(event.pointerId);
    surface.addEventListener('pointermove', move);
    surface.addEventListener('pointerup', end);
    surface.addEventListener('pointercancel', end);
  };
  return { moving, grab, nudge };
}
