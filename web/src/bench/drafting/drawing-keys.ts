/** Drawing without a pointer: arrows move the loose end, Space adds a corner, Enter ends, Backspace takes one back. */
import { cornersNeeded, type Point } from '@idle-satchel/core';
import { useOpenEvent } from '../../store/hooks.js';
import type { Tool } from '../../store/ui-store.js';
import { STEPS, useShortcuts } from '../../ui/shortcuts.js';
import { useSteps } from '../use-steps.js';
import { lastGhostAt } from './ghost.js';

/** What keys do to the drawing that is begun. */
interface Acts {
  readonly show: (at: Point) => void;
  readonly add: (at: Point) => void;
  readonly finish: () => void;
}

const exact = (value: number): number => Math.round(value * 1000) / 1000;

export function useDrawingKeys(tool: Tool | undefined, { show, add, finish }: Acts): void {
  const { ui } = useOpenEvent();
  const { near, far } = useSteps();
  const when = (act: () => void) => (): boolean => {
    if (tool) act();
    return tool !== undefined;
  };
  const addHere = (): void => {
    const at = lastGhostAt();
    if (at) add(at);
  };
  const nudge = ([dx, dy]: readonly [number, number], metres: number): void => {
    const [x, y] = lastGhostAt() ?? [0, 0];
    show([exact(x + dx * metres), exact(y + dy * metres)]);
  };
  const isSpot = tool?.kind === 'draw' && cornersNeeded(tool.name) === 0;
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, step]) => [
        [key, when(() => nudge(step, near))],
        [`Shift+${key}`, when(() => nudge(step, far))],
      ]),
    ),
    ' ': when(addHere),
    Enter: when(isSpot ? addHere : finish),
    Backspace: when(() => {
      if (tool?.kind === 'draw') ui.set({ tool: { ...tool, corners: tool.corners.slice(0, -1) } });
    }),
  });
}
