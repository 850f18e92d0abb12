import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { addDevicePatch, boundsOf, inOrder, LENS_HEIGHT, newId } from '@idle-satchel/core';
import { usualPlacement } from '@idle-satchel/core/searches';
import { useSyncExternalStore } from 'react';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { positions } from './positions/positions.js';
import { closePositions } from './positions/searching.js';

/** Adds a camera or a lamp of a chosen kind, with an item from the shelf where one is free, in the middle of the floor. */
export default function AddDevice() {
  return (
    <>
      <FindPositions />
      <Add what="lamp" />
      <Add what="camera" />
    </>
  );
}

function Add({ what }: { what: 'camera' | 'lamp' }) {
  const { store, ui } = useOpenEvent();
  const kinds = useEvent(state => state.bundle.kinds);
  const add = (kind: string): void => {
    const { bundle, assessment } = store.get();
    const { cameras, lamps } = assessment.shots;
    const { min, max } = boundsOf(assessment.ground.venue.outline);
    const at = [round((min[0] + max[0]) / 2), round((min[1] * 3 + max[1]) / 4)] as const;
    const id = newId();
    const own =
      what === 'camera'
        ? {
            label: `C${Object.keys(cameras).length + 1}`,
            worked: 'locked' as const,
            place: { at, height: LENS_HEIGHT },
          }
        : { label: `LAMP ${Object.keys(lamps).length + 1}`, place: { at, height: 2.2 } };
    store.patchPlan(`Add a ${what}`, addDevicePatch(bundle, id, { ...own, kind }));
    ui.select(id);
  };
  return (
    <Menu>
      <MenuButton className="button bg-paper">Add {what}</MenuButton>
      <MenuItems anchor="bottom end" modal={false} className="bg-paper border border-ink py-1 z-30">
        {inOrder(kinds.kinds)
          .filter(([, kind]) => (what === 'camera' ? kind.family === 'camera' : kind.lamp))
          .map(([id, kind]) => (
            <MenuItem key={id}>
              <button
                className="block w-full text-left px-3 py-1 data-focus:bg-shade"
                onClick={() => add(id)}
              >
                {kind.label}
              </button>
            </MenuItem>
          ))}
      </MenuItems>
    </Menu>
  );
}

/** Opens the search for positions, for all cameras of the plan and as they are worked. */
function FindPositions() {
  const { store } = useOpenEvent();
  const open = useSyncExternalStore(positions.subscribe, positions.get) !== undefined;
  const begin = (): void => {
    const cameras = Object.keys(store.get().assessment.shots.cameras);
    positions.set({
      options: usualPlacement(cameras),
      progress: undefined,
      found: undefined,
      of: undefined,
      chosen: 0,
      asked: undefined,
      failed: undefined,
    });
  };
  return (
    <button className="button bg-paper" aria-pressed={open} onClick={open ? closePositions : begin}>
      Find positions
    </button>
  );
}

const round = (metres: number): number => Math.round(metres * 10) / 10;
