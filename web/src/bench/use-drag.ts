/** Dragging a device on the plan: a preview at most once a frame, one edit on release. */
import { inPlan, type DocumentPatch, type Point } from '@idle-satchel/core';
import type { PointerEvent as Pressed, RefObject } from 'react';
import { useOpenEvent } from '../store/hooks.js';
import { usePointerDrag } from '../ui/pointer-drag.js';
import { floorUnder, hold, snapped, type OnScreen } from './viewport.js';

/** What takes hold of a device that stands at a place. */
export function useDrag(
  id: string,
  label: string,
  at: Point,
  world: RefObject<SVGGElement | null>,
): { readonly onPointerDown: (event: Pressed) => void } {
  const { store, ui } = useOpenEvent();
  const begin = usePointerDrag();
  return {
    onPointerDown: event => {
      const floor = floorUnder(world.current);
      if (event.button !== 0 || !floor) return;
      ui.select(id);
      const grabbed = floor.at(event);
      const placeAt = (where: OnScreen): Point => {
        const [x, y] = floor.at(where);
        return [snapped(at[0] + x - grabbed[0]), snapped(at[1] + y - grabbed[1])];
      };
      const changeTo = (value: Point): DocumentPatch[] => [
        inPlan().put('devices', id, 'place', 'at', value).change,
      ];
      let shown = at;
      const back = (): void => {
        hold(world.current, false);
        store.preview([]);
      };
      begin(event, {
        move: moved => {
          const to = placeAt(moved);
          if (to[0] === shown[0] && to[1] === shown[1]) return;
          shown = to;
          hold(world.current, true);
          store.preview(changeTo(to));
        },
        drop: (dropped, moved) => {
          if (!moved) return;
          const to = placeAt(dropped);
          if (to[0] === at[0] && to[1] === at[1]) return back();
          hold(world.current, false);
          store.commit(`Move ${label}`, changeTo(to));
        },
        cancel: back,
      });
    },
  };
}
