import { memo } from 'react';
import { inOrder } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useResult, useStore } from '../../store/hooks.js';

/** What the survey guessed: measured by typing the length above, or said to be right as it is. */
export const Guesses = memo(function Guesses() {
  const store = useStore();
  const { guesses } = useResult('ground').venue;
  const list = inOrder(guesses);
  if (list.length === 0) return null;
  return (
    <>
      <Heading>Guessed, not measured</Heading>
      {list.map(([id, { label }]) => (
        <p key={id} className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">{label}</span>
          <button
            className="link"
            aria-label={`${label} is right`}
            onClick={() => store.editVenue(`Confirm ${label}`, [{ op: 'remove', path: `/guesses/${id}` }])}
          >
            It is right
          </button>
        </p>
      ))}
    </>
  );
});
