/** Pulling a lead where it shall go: a preview at most once a frame, one edit on release. */
import {
  pinnedAt,
  pinsPatch,
  type DocumentPatch,
  type Point,
  type RunResult,
  type Waypoint,
} from '@idle-satchel/core';
import type { KeyboardEvent, PointerEvent, RefObject } from 'react';
import { usePointerDrag } from '../ui/pointer-drag.js';
import { STEPS } from '../ui/shortcuts.js';
import { useOpenEvent } from '../store/hooks.js';
import { useSteps } from './use-steps.js';
import { floorUnder, hold, type OnScreen } from './viewport.js';

/** To the millimetre. */
const exact = ([x, y]: Point): Point => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000];
/** What a hand means: to 5 cm. */
const rounded = ([x, y]: Point): Point => [Math.round(x * 20) / 20, Math.round(y * 20) / 20];

export function usePinning(id: string, run: RunResult, world: RefObject<SVGGElement | null>) {
  const { store } = useOpenEvent();
  const drag = usePointerDrag();
  const { near, far } = useSteps();
  const wayNow = () => store.get().bundle.plan.links?.[id]?.way;
  const way = wayNow();
  /** `pinsWith`: the pins as they will be with the pulled one at a place. */
  const begin = (event: PointerEvent, pinsWith: (grabbed: Point) => (at: Point) => readonly Waypoint[]) => {
    const floor = floorUnder(world.current);
    if (event.button !== 0 || !floor) return;
    event.stopPropagation();
    const pinsAt = pinsWith(floor.at(event));
    const changeAt = (where: OnScreen): DocumentPatch => ({
      document: 'plan',
      patch: pinsPatch(id, way, pinsAt(rounded(floor.at(where)))),
    });
    drag(event, {
      move: moved => {
        hold(world.current, true);
        store.preview([changeAt(moved)]);
      },
      drop: (dropped, moved) => {
        hold(world.current, false);
        if (moved) store.commit(`Lead ${run.label} another way`.slice(0, 120), [changeAt(dropped)]);
      },
      cancel: () => {
        hold(world.current, false);
        store.preview([]);
      },
    });
  };
  const pinsNow = (): readonly Waypoint[] => wayNow()?.pins ?? [];
  const change = (label: string, pins: readonly Waypoint[], merge?: string): void =>
    store.patchPlan(label, pinsPatch(id, wayNow(), pins), merge);
  return {
    onLine: {
      onPointerDown: (event: PointerEvent): void => {
        const { points } = run;
        begin(event, grabbed => at => pinnedAt(way, points, grabbed, { at }).pins);
      },
    },
    onPin: (index: number) => ({
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
          const metres = event.shiftKey ? far : near;
          const moved = pins.map((pin, i) =>
            i === index
              ? { ...pin, at: exact([pin.at[0] + step[0] * metres, pin.at[1] + step[1] * metres]) }
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
