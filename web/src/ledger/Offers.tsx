import type { GearOffer } from '@idle-satchel/core';

/** Kinds of gear to choose from, each with what the house has of it. */
export function Offers({
  label,
  offers,
  onAdd,
}: {
  label: string;
  offers: readonly GearOffer[];
  onAdd: (offer: GearOffer) => void;
}) {
  return (
    <ul aria-label={label} className="py-2 max-w-xl">
      {offers.map(offer => (
        <li key={offer.kind} className="flex gap-4 py-1 border-b border-rule">
          <button className="link grow text-left" onClick={() => onAdd(offer)}>
            {offer.of.label}
          </button>
          <span className="text-faint">{offer.words}</span>
        </li>
      ))}
    </ul>
  );
}
