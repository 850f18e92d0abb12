import {
  addDevicePatch,
  freePlace,
  gearOffers,
  newId,
  type GearOffer,
  type RackResult,
} from '@idle-satchel/core';
import { useState } from 'react';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { Offers } from '../../ledger/Offers.js';

/** Puts trays, drawers, panels and fans into a rack, where the first units are free; those of the house first. */
export default function AddToRack({ id: rackId, rack }: { id: string; rack: RackResult }) {
  const { store, ui } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [open, setOpen] = useState(false);
  const add = ({ kind, of }: GearOffer): void => {
    const id = newId();
    const device = { label: nameOf(of.rack?.fitting), kind, place: freePlace(rackId, rack, of) };
    store.patchPlan(`Add ${device.label.toLowerCase()}`, addDevicePatch(bundle, id, device));
    setOpen(false);
    ui.select(id);
  };
  if (!open)
    return (
      <button className="button mt-3" onClick={() => setOpen(true)}>
        Add a tray, panel, drawer or fans
      </button>
    );
  return (
    <Offers
      label="What goes into the rack"
      offers={gearOffers(bundle, ({ rack: size }) => size?.fitting !== undefined)}
      onAdd={add}
    />
  );
}

const nameOf = (fitting: string | undefined): string =>
  fitting === 'fan unit' ? 'FANS' : (fitting ?? 'PART').toUpperCase();
