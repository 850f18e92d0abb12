/** Dragging a device on the plan: a preview at most once a frame, one edit on release. */
import type { Point } from '@idle-satchel/core';
import { useRef, type PointerEvent, type RefObject } from 'react';
import { useOpenEvent } from '../store/hooks.js';
import { floorUnder, hold, type FloorUnder } from './viewport.js';
import { inPlan } from '@idle-satchel/core';

const SNAP = 0.05;
const snapped = (metres: number): number => Math.round(Math.round(metres / SNAP) * SNAP * 100) / 100;

interface Drag {
  readonly floor: FloorUnder;
  readonly from: Point;
  readonly grabbed: Point;
  to: Point;
  frame: number;
  moved: boolean;
}

export interface DragHandlers {
  readonly onPointerDown: (event: PointerEvent) => void;
  readonly onPointerMove: (event: PointerEvent) => void;
  readonly onPointerUp: (event: PointerEvent) => void;
  readonly onPointerCancel: () => void;
}

export function useDrag(
  id: string,
  label: string,
  at: Point,
  world: RefObject<SVGGElement | null>,
): DragHandlers {
  const { store, ui } = useOpenEvent();
  const drag = useRef<Drag>(undefined);
  const changeTo = (value: Point) => [inPlan().put('devices', id, 'place', 'at', value).change];
  return {
    onPointerDown: event => {
      const floor = floorUnder(world.current);
      if (event.button !== 0 || !floor) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      ui.select(id);
      drag.current = { floor, from: at, grabbed: floor.at(event), to: at, frame: 0, moved: false };
    },
    onPointerMove: event => {
      const current = drag.current;
      if (!current) return;
      const [x, y] = current.floor.at(event);
      const to: Point = [
        snapped(current.from[0] + x - current.grabbed[0]),
        snapped(current.from[1] + y - current.grabbed[1]),
      ];
      if (to[0] === current.to[0] && to[1] === current.to[1]) return;
      current.to = to;
      current.moved = true;
      hold(world.current, true);
      current.frame ||= requestAnimationFrame(() => {
        current.frame = 0;
        if (drag.current === current) store.preview(changeTo(current.to));
      });
    },
    onPointerUp: () => {
      const current = drag.current;
      drag.current = undefined;
      hold(world.current, false);
      if (!current?.moved) return;
      cancelAnimationFrame(current.frame);
      store.commit(`Move ${label}`, changeTo(current.to));
    },
    onPointerCancel: () => {
      drag.current = undefined;
      hold(world.current, false);
      store.preview([]);
    },
  };
}
