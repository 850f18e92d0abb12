/** Moving a box beside its reckoned place: a preview at most once a frame, one edit on release. */
import type { DeviceBox, Point } from '@idle-satchel/core';
import { useCallback, useState, type PointerEvent, type RefObject } from 'react';
import { useOpenEvent } from '../../../store/hooks.js';
import { usePointerDrag } from '../../../ui/pointer-drag.js';

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
  const begin = usePointerDrag();
  const [moving, setMoving] = useState<Moving>();

  const nudge = useCallback(
    ({ id, label, nudge: before = [0, 0] }: DeviceBox, by: readonly [number, number]): void => {
      const value: Point = [before[0] + by[0], before[1] + by[1]];
      const home = value[0] === 0 && value[1] === 0;
      store.editPlan(
        `Move ${label} on the schematic`,
        plan => plan.set('devices', id, 'nudge', home ? undefined : value),
        `draw ${id}`,
      );
    },
    [store],
  );

  const grab = useCallback(
    (box: DeviceBox, event: PointerEvent<SVGElement>): void => {
      if (event.button !== 0) return;
      ui.select(box.id);
      const surface = event.currentTarget.ownerSVGElement;
      const scale = world.current?.getScreenCTM()?.a ?? 1;
      // What the house offers is not in the plan yet, so there is nothing to keep its nudge with.
      if (!surface || box.offered) return;
      const { clientX, clientY } = event;
      const byAt = (where: { readonly clientX: number; readonly clientY: number }) =>
        [stepped((where.clientX - clientX) / scale), stepped((where.clientY - clientY) / scale)] as const;
      let shown: readonly [number, number] = [0, 0];
      begin(event, {
        holder: surface,
        move: moved => {
          const by = byAt(moved);
          if (by[0] === shown[0] && by[1] === shown[1]) return;
          shown = by;
          setMoving({ id: box.id, by });
        },
        drop: dropped => {
          const by = byAt(dropped);
          setMoving(undefined);
          if (by[0] !== 0 || by[1] !== 0) nudge(box, by);
        },
        cancel: () => setMoving(undefined),
      });
    },
    [world, ui, begin, nudge],
  );
  return { moving, grab, nudge };
}
