import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { addDevicePatch, gearOffers, newId } from '@idle-satchel/core';
import { newPlace, usualPlacement } from '@idle-satchel/core/searches';
import { useSyncExternalStore } from 'react';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { positions } from './positions/positions.js';
import { closePositions } from './positions/searching.js';

/** Adds a camera or a lamp of a chosen kind, with an item from the shelf where one is free, where new gear stands. */
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
  const add = (kind: string): void => {
    const { bundle, assessment } = store.get();
    const { cameras, lamps } = assessment.shots;
    const place = newPlace(bundle, assessment, bundle.kinds.kinds[kind]);
    const id = newId();
    const own =
      what === 'camera'
        ? {
            label: `C${Object.keys(cameras).length + 1}`,
            worked: 'locked' as const,
            place,
          }
        : { label: `LAMP ${Object.keys(lamps).length + 1}`, place: { ...place, height: 2.2 } };
    store.patchPlan(`Add a ${what}`, addDevicePatch(bundle, id, { ...own, kind }));
    ui.select(id);
  };
  return (
    <Menu>
      <MenuButton className="button bg-paper">Add {what}</MenuButton>
      <MenuItems anchor="bottom end" modal={false} className="bg-paper border border-ink py-1 z-30">
        <Offers what={what} onAdd={add} />
      </MenuItems>
    </Menu>
  );
}

/** What can be added, owned and free first; worked out while the menu is open only, not while something is dragged. */
function Offers({ what, onAdd }: { what: 'camera' | 'lamp'; onAdd: (kind: string) => void }) {
  const bundle = useEvent(state => state.bundle);
  const offers = gearOffers(bundle, kind => (what === 'camera' ? kind.optics : kind.lamp) !== undefined);
  return offers.map(({ kind, of, words }) => (
    <MenuItem key={kind}>
      <button
        className="flex gap-4 w-full text-left px-3 py-1 data-focus:bg-shade"
        onClick={() => onAdd(kind)}
      >
        <span className="grow">{of.label}</span>
        <span className="text-faint">{words}</span>
      </button>
    </MenuItem>
  ));
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
