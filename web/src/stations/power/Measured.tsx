import { canBeMeasured, counted, notedOf } from '@idle-satchel/core';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useUi } from '../../store/hooks.js';
import MeasuredDialog from '../../ledger/measured/MeasuredDialog.js';

/** What was measured of the selected thing, where it is one of the shelf. */
export default function Measured() {
  const selected = useUi(state => state.selected) ?? '';
  const item = usePlan(plan => plan.devices?.[selected]?.item);
  const { shelf, kinds } = useEvent(({ bundle }) => bundle);
  const reading = useReading();
  const [open, setOpen] = useState(false);
  const kind = kinds.kinds[shelf.items[item ?? '']?.kind ?? ''];
  if (item === undefined || !canBeMeasured(kind)) return null;
  const noted = notedOf(shelf.items[item]);
  return (
    <section aria-label="Measured">
      <Heading about={shelf.items[item]?.tape}>Measured</Heading>
      <button className="button" onClick={() => setOpen(true)}>
        {noted === 0 ? 'Note what a meter shows' : `${counted(noted, 'reading', 'readings')}: see or add`}
      </button>
      {open && (
        <MeasuredDialog
          {...{ id: item, shelf, kind, reading }}
          onSave={change => call('PATCH /items/:id', { id: item }, change)}
          onClose={() => setOpen(false)}
        />
      )}
    </section>
  );
}
