import { memo, useMemo, useState } from 'react';
import { unmeasured } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useResult } from '../../store/hooks.js';
import { AskRow } from './AskRow.js';

/** What is listed before somebody asks for all of it. */
const FIRST = 4;

/** What was guessed or never measured, and what cannot be sure because of it. */
const StillUnmeasured = memo(function StillUnmeasured() {
  const { venue } = useResult('ground');
  const [all, setAll] = useState(false);
  const [now] = useState(Date.now);
  const items = useMemo(() => unmeasured(venue, now), [venue, now]);
  if (items.length === 0) return null;
  const shown = all ? items : items.slice(0, FIRST);
  return (
    <>
      <Heading right={<span className="text-[12.5px]">{items.length}</span>}>Still unmeasured</Heading>
      {shown.map(item => (
        <AskRow key={item.id} item={item} />
      ))}
      {items.length > FIRST && (
        <button className="link py-1" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `${items.length - FIRST} more`}
        </button>
      )}
    </>
  );
});

export default StillUnmeasured;
