import { addDevicePatch, gearOffers, newId, type GearOffer, type Kind } from '@idle-satchel/core';
import { useState } from 'react';
import { Offers } from '../../ledger/Offers.js';
import { useEvent, useOpenEvent } from '../../store/hooks.js';

/** Puts something that carries the rest into the plan: what the house has and is free stands first. */
export function AddGear({
  words,
  label,
  wanted,
  nameOf,
}: {
  words: string;
  label: string;
  wanted: (kind: Kind) => boolean;
  nameOf: (kind: Kind) => string;
}) {
  const { store } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [open, setOpen] = useState(false);
  const add = ({ kind, of }: GearOffer): void => {
    store.patchPlan(words, addDevicePatch(bundle, newId(), { label: nameOf(of), kind }));
    setOpen(false);
  };
  if (!open)
    return (
      <button className="button" onClick={() => setOpen(true)}>
        {words}
      </button>
    );
  return <Offers label={label} offers={gearOffers(bundle, wanted)} onAdd={add} />;
}
