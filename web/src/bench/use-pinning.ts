/** Pulling a lead where it shall go: a preview at most once a frame, one edit on release. */
import {
  pinnedAt,
  pinsPatch,
  type Operation,
  type Point,
  type RunResult,
  type Waypoint,
} from '@idle-satchel/core';
import { useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { STEPS } from '../ui/shortcuts.js';
import { useOpenEvent } from '../store/hooks.js';
import { floorUnder, hold, type FloorUnder } from './viewport.js';

/** A press that moves less than this is a click, px. */
const SLIP = 4;
const NUDGE = 0.1;

interface Pull {
  readonly floor: FloorUnder;
  readonly grabbed: Point;
  readonly pressed: readonly [number, number];
  /** The pins as they will be with the pulled one at a place. */
  readonly pinsWith: (at: Point) => readonly Waypoint[];
  patch: readonly Operation[] | undefined;
  at: Point;
  frame: number;
}

const rounded = ([x, y]: Point): Point => [Math.round(x * 20) / 20, Math.round(y * 20) / 20];

export function usePinning(id: string, run: RunResult, world: RefObject<SVGGElement | null>) {
  const { store } = useOpenEvent();
  const pull = useRef<Pull>(undefined);
  const wayNow = () => store.get().bundle.plan.links?.[id]?.way;
  const begin = (event: PointerEvent, pinsWith: (floorAt: Point) => Pull['pinsWith']): void => {
    const floor = floorUnder(world.current);
    if (event.button !== 0 || !floor) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    const grabbed = floor.at(event);
    pull.current = {
      ...{ floor, grabbed, pressed: [event.clientX, event.clientY] },
      ...{ pinsWith: pinsWith(grabbed), patch: undefined, at: grabbed, frame: 0 },
    };
  };
  const way = wayNow();
  const handlers = {
    onPointerMove: (event: PointerEvent): void => {
      const current = pull.current;
      if (!current) return;
      const [x, y] = current.pressed;
      if (!current.patch && Math.hypot(event.clientX - x, event.clientY - y) < SLIP) return;
      hold(world.current, true);
      current.at = rounded(current.floor.at(event));
      current.patch = pinsPatch(id, way, current.pinsWith(current.at));
      current.frame ||= requestAnimationFrame(() => {
        current.frame = 0;
        if (pull.current === current && current.patch)
          store.preview([{ document: 'plan', patch: [...current.patch] }]);
      });
    },
    onPointerUp: (): void => {
      const current = pull.current;
      pull.current = undefined;
      hold(world.current, false);
      if (!current?.patch) return;
      cancelAnimationFrame(current.frame);
      store.commit(`Lead ${run.label} another way`.slice(0, 120), [
        { document: 'plan', patch: [...current.patch] },
      ]);
    },
    onPointerCancel: (): void => {
      pull.current = undefined;
      hold(world.current, false);
      store.preview([]);
    },
  };
  const pinsNow = (): readonly Waypoint[] => wayNow()?.pins ?? [];
  const change = (label: string, pins: readonly Waypoint[], merge?: string): void =>
    store.patchPlan(label, pinsPatch(id, wayNow(), pins), merge);
  return {
    onLine: {
      ...handlers,
      onPointerDown: (event: PointerEvent): void => {
        const { points } = run;
        begin(event, grabbed => at => pinnedAt(way, points, grabbed, { at }).pins);
      },
    },
    onPin: (index: number) => ({
      ...handlers,
      onPointerDown: (event: PointerEvent): void => {
        const pins = pinsNow();
        begin(event, () => at => pins.map((pin, i) => (i === index ? { ...pin, at } : pin)));
      },
      onKeyDown: (event: KeyboardEvent): void => {
        const step = STEPS[event.key];
        const pins = pinsNow();
        if (event.key === 'Delete' || event.key === 'Backspace') {
          change(
            'Take a pin out of a lead',
            pins.filter((_, i) => i !== index),
          );
        } else if (step) {
          const far = event.shiftKey ? 1 : NUDGE;
          const moved = pins.map((pin, i) =>
            i === index
              ? { ...pin, at: rounded([pin.at[0] + step[0] * far, pin.at[1] + step[1] * far]) }
              : pin,
          );
          change('Move a pin of a lead', moved, `pin ${id} ${index}`);
        } else return;
        event.preventDefault();
        event.stopPropagation();
      },
    }),
  };
}
