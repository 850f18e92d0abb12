/** The keys that move what is selected on the plan; quick nudges become one edit. */
import type { Point } from '@idle-satchel/core';
import { STEPS, useShortcuts } from '../ui/shortcuts.js';
import { useOpenEvent } from '../store/hooks.js';
import { useSteps } from './use-steps.js';

const TURN = 5;

/** What the keys do; each says whether it did something. */
export interface Nudges {
  readonly move: (dx: number, dy: number) => boolean;
  readonly turn: (degrees: number) => boolean;
  readonly remove: () => boolean;
}

/** Arrow keys move, `r` turns and Delete takes out, while nothing is being drawn. */
export function useNudges(nudges: Nudges): void {
  const { ui } = useOpenEvent();
  const { near, far } = useSteps();
  const unlessDrawing = (act: () => boolean) => (): boolean => ui.get().tool === undefined && act();
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, [dx, dy]]) => [
        [key, unlessDrawing(() => nudges.move(dx * near, dy * near))],
        [`Shift+${key}`, unlessDrawing(() => nudges.move(dx * far, dy * far))],
      ]),
    ),
    r: unlessDrawing(() => nudges.turn(TURN)),
    'Shift+r': unlessDrawing(() => nudges.turn(-TURN)),
    Delete: unlessDrawing(nudges.remove),
  });
}

/** The keys move and turn the selected device; on Ground, where a hand goes for the walls, they do not. */
export function useDeviceNudging(active: boolean): void {
  const { move, turn, remove } = useDeviceNudges();
  useNudges({ move: (...by) => active && move(...by), turn: by => active && turn(by), remove });
}

function useDeviceNudges(): Nudges {
  const { store, ui } = useOpenEvent();
  return {
    move: (dx, dy) => {
      const id = ui.get().selected ?? '';
      const device = store.get().bundle.plan.devices?.[id];
      const at = device?.place?.at;
      if (!device || !at) return false;
      const value: Point = [Math.round((at[0] + dx) * 1000) / 1000, Math.round((at[1] + dy) * 1000) / 1000];
      store.editPlan(
        `Move ${device.label}`,
        plan => plan.put('devices', id, 'place', 'at', value),
        `move ${id}`,
      );
      return true;
    },
    turn: degrees => {
      const id = ui.get().selected ?? '';
      const device = store.get().bundle.plan.devices?.[id];
      const aim = store.get().assessment.shots.cameras[id]?.aim.value;
      if (!device?.place || typeof aim !== 'number') return false;
      const value = Math.round(((((aim + degrees) % 360) + 540) % 360) - 180);
      store.editPlan(
        `Turn ${device.label}`,
        plan => plan.put('devices', id, 'place', 'facing', value),
        `turn ${id}`,
      );
      return true;
    },
    remove: () => false,
  };
}
