import { houseOffers, newId, takeHousePatch, type HouseOffer } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan, useUi } from '../../store/hooks.js';

/** Lines and gear of the house that the plan does not use yet. */
export function HouseGear() {
  const { store, ui } = useOpenEvent();
  const venue = useEvent(({ assessment }) => assessment.ground.venue);
  const units = useEvent(({ assessment }) => assessment.rules.units);
  const devices = usePlan(plan => plan.devices);
  const kinds = useEvent(({ bundle }) => bundle.kinds);
  const selected = useUi(state => state.selected);
  const offers = houseOffers(venue, { devices, kinds, units });
  if (offers.length === 0) return null;
  const take = (offer: HouseOffer): void => {
    const { plan, kinds } = store.get().bundle;
    const id = newId();
    store.commit(`Use ${offer.label} of the house`.slice(0, 120), takeHousePatch(id, offer, plan, kinds));
    ui.select(id);
  };
  return (
    <section aria-label="Of the house">
      <Heading>Of the house</Heading>
      {offers.map(offer => (
        <p
          key={offer.id}
          className={`flex gap-2 py-1 border-b border-rule ${offer.id === selected ? 'bg-shade' : ''}`}
        >
          <span className="grow">
            {offer.label} <span className="text-faint">{offer.about}</span>
          </span>
          <button className="link" aria-label={`Use ${offer.label}`} onClick={() => take(offer)}>
            Use it
          </button>
        </p>
      ))}
    </section>
  );
}
