import { SHORTEST, showText, stretchVenue, type Dimension } from '@idle-satchel/core';
import { LengthField } from '../../ledger/LengthField.js';
import { useReading, useStore } from '../../store/hooks.js';

/** Longest room that is measured in one length, m. */
const LONGEST = 200;

/** A measured length of the venue; what lies beyond it moves with it. */
export function DimensionField({
  id,
  dimension: { from, to, label: name },
  label = name,
}: {
  id: string;
  dimension: Dimension;
  label?: string;
}) {
  const store = useStore();
  const reading = useReading();
  const stretch = (metres: number): void => {
    const { bundle } = store.get();
    const patch = stretchVenue(bundle.venue, bundle.plan, id, metres);
    if (patch.length > 0) store.patchPlan(`${name} ${showText(metres, 'm', reading)}`, patch);
  };
  return <LengthField label={label} value={to - from} min={SHORTEST} max={LONGEST} onCommit={stretch} />;
}
