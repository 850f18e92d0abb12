/** The keys that move what is selected on the plan; quick nudges become one edit. */
import { GRID, middleOf, moveBy, moved, partAt, removed, turnAbout, type Motion } from '@idle-satchel/core';
import { STEPS, useShortcuts } from '../app/shortcuts.js';
import { useOpenEvent } from '../store/hooks.js';
import { pickedIn } from './drafting/picked.js';
import type { Layer } from './PlanPicture.js';

const TURN = 5;

/** Arrow keys move the selected device or what is picked on the ground, `r` turns it, Delete takes it out. */
export function useNudging(layer: Layer): void {
  const device = useDeviceNudges();
  const parts = usePartNudges();
  const nudges = layer === 'ground' ? parts : device;
  const { ui } = useOpenEvent();
  const unlessDrawing = (act: () => boolean) => (): boolean => ui.get().tool === undefined && act();
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, [dx, dy]]) => [
        [key, unlessDrawing(() => nudges.move(dx * GRID, dy * GRID))],
        [`Shift+${key}`, unlessDrawing(() => nudges.move(dx, dy))],
      ]),
    ),
    r: unlessDrawing(() => nudges.turn(TURN)),
    'Shift+r': unlessDrawing(() => nudges.turn(-TURN)),
    Delete: unlessDrawing(nudges.remove),
  });
}

interface Nudges {
  readonly move: (dx: number, dy: number) => boolean;
  readonly turn: (degrees: number) => boolean;
  readonly remove: () => boolean;
}

function useDeviceNudges(): Nudges {
  const { store, ui } = useOpenEvent();
  return {
    move: (dx, dy) => {
      const id = ui.get().selected ?? '';
      const device = store.get().bundle.plan.devices?.[id];
      const at = device?.place?.at;
      if (!device || !at) return false;
      const value = [Math.round((at[0] + dx) * 100) / 100, Math.round((at[1] + dy) * 100) / 100];
      store.patchPlan(
        `Move ${device.label}`,
        [{ op: 'replace', path: `/devices/${id}/place/at`, value }],
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
      store.patchPlan(
        `Turn ${device.label}`,
        [{ op: 'add', path: `/devices/${id}/place/facing`, value }],
        `turn ${id}`,
      );
      return true;
    },
    remove: () => false,
  };
}

function usePartNudges(): Nudges {
  const { store, ui } = useOpenEvent();
  const move = (verb: string, motionOf: (paths: readonly string[]) => Motion | undefined): boolean => {
    const { venue } = store.get().assessment.ground;
    const paths = pickedIn(venue, ui.get());
    const motion = motionOf(paths);
    if (paths.length === 0 || !motion) return false;
    const [only] = paths;
    const words = paths.length === 1 ? partAt(venue, only ?? '')?.label : `${paths.length} things`;
    store.editVenue(`${verb} ${words}`, moved(venue, paths, motion), `${verb} ${paths.join(' ')}`);
    return true;
  };
  return {
    move: (dx, dy) => move('Move', () => moveBy(dx, dy)),
    turn: degrees =>
      move('Turn', paths => {
        const middle = middleOf(store.get().assessment.ground.venue, paths);
        return middle && turnAbout(middle, degrees);
      }),
    remove: () => {
      const { venue } = store.get().assessment.ground;
      const patch = removed(venue, pickedIn(venue, ui.get()));
      if (patch.length === 0) return false;
      store.editVenue(patch.length === 1 ? 'Take a thing out' : `Take ${patch.length} things out`, patch);
      ui.select(undefined);
      return true;
    },
  };
}
