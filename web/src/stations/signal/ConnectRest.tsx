import type { Bundle } from '@idle-satchel/core';
import { takeProposals, type Proposals } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { useOpenEvent } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** Only what is plugged in matters. */
const connected = ({ plan }: Bundle) => [plan.devices, plan.links];

/** Proposes leads for everything that is plugged into nothing; nothing is done before it is accepted. */
export function ConnectRest() {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('connect', {}, connected);
  /** Proposals that are not to be taken. */
  const [left, setLeft] = useState<ReadonlySet<string>>(() => new Set());
  const accept = (proposals: Proposals['proposals']): void => {
    const taken = proposals.filter(({ id }) => !left.has(id));
    store.patchPlan(`Connect ${taken.length} more`, takeProposals(taken));
    putAway();
  };
  const current = fresh ? found?.answer : undefined;
  const chosen = current ? current.proposals.length - left.size : 0;
  return (
    <section aria-label="Connect the rest" className="py-1">
      <button
        className="button"
        disabled={busy}
        onClick={() => {
          setLeft(new Set());
          look();
        }}
      >
        {busy ? 'Looking …' : 'Connect the rest'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {current && (
        <div className="border-l-3 border-brass bg-shade px-3 py-2 mt-2 text-[13.5px]">
          {current.proposals.length === 0 && <p>Nothing more can be plugged in.</p>}
          {current.proposals.map(({ id, from, to, via, owned }) => (
            <label key={id} className="flex gap-2 py-0.5">
              <input
                type="checkbox"
                checked={!left.has(id)}
                onChange={() => {
                  const next = new Set(left);
                  if (!next.delete(id)) next.add(id);
                  setLeft(next);
                }}
              />
              <span>
                {from} → {to}
                {via && (
                  <span className={owned ? 'text-faint' : 'text-risk'}>
                    {' '}
                    with {via}
                    {owned ? '' : ', not on the shelf'}
                  </span>
                )}
              </span>
            </label>
          ))}
          {current.without.length > 0 && (
            <p className="text-risk">No free port is left for {current.without.join(', ')}.</p>
          )}
          <p className="flex gap-2 pt-1">
            <GuardedButton
              className="button button-main"
              why={chosen === 0 ? 'none is ticked' : undefined}
              onClick={() => accept(current.proposals)}
            >
              Accept {chosen}
            </GuardedButton>
            <button className="button" onClick={putAway}>
              Leave it
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
