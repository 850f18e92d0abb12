import { addDevicePatch, gearOffers, inOrder, newId, type GearOffer } from '@idle-satchel/core';
import { newPlace } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { Offers } from '../../ledger/Offers.js';

/** Puts a rack into the plan: those that the house has and are free stand first. */
export default function AddRack({ open: begun = false }: { open?: boolean }) {
  const { store, ui } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [open, setOpen] = useState(begun);
  const add = ({ kind, of }: GearOffer): void => {
    const { assessment } = store.get();
    const { plan } = bundle;
    const id = newId();
    const racks = inOrder(plan.devices).filter(([, each]) => bundle.kinds.kinds[each.kind]?.rackCase).length;
    const label = racks === 0 ? 'RACK' : `RACK ${racks + 1}`;
    const place = newPlace(bundle, assessment, of);
    store.patchPlan('Add a rack', addDevicePatch(bundle, id, { label, kind, place }));
    setOpen(begun);
    ui.select(id);
  };
  if (!open) {
    return (
      <button className="button" onClick={() => setOpen(true)}>
        Add a rack
      </button>
    );
  }
  return (
    <Offers
      label="Racks to add"
      offers={gearOffers(bundle, ({ rackCase }) => rackCase !== undefined)}
      onAdd={add}
    />
  );
}
