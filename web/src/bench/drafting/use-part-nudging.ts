import { middleOf, moveBy, moved, partAt, removed, turnAbout, type Motion } from '@idle-satchel/core';
import { useOpenEvent } from '../../store/hooks.js';
import { useNudges } from '../use-nudging.js';
import { pickedIn } from './picked.js';

/** The keys move, turn and take out what is picked on the ground. */
export function usePartNudging(): void {
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
  useNudges({
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
  });
}
