import { sameJson, type Plan } from '@idle-satchel/core';
import { takeProposals, type Proposals } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { connectRest } from '../../workers/connect.js';

interface Found {
  /** The plan that it was found for. */
  readonly of: Plan;
  readonly found: Proposals;
  readonly left: ReadonlySet<string>;
}

/** Proposes leads for everything that is plugged into nothing; nothing is done before it is accepted. */
export function ConnectRest() {
  const { store } = useOpenEvent();
  const plan = useEvent(({ bundle }) => bundle.plan);
  const [state, setState] = useState<Found>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const look = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    const { bundle } = store.get();
    try {
      setState({ of: bundle.plan, found: await connectRest(bundle), left: new Set() });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  const accept = (): void => {
    if (!state) return;
    const taken = state.found.proposals.filter(({ id }) => !state.left.has(id));
    store.patchPlan(`Connect ${taken.length} more`, takeProposals(taken, store.get().bundle.plan));
    setState(undefined);
  };
  // Saving gives the same plan anew; only what is plugged in matters here.
  const fresh =
    state !== undefined && sameJson(state.of.devices, plan.devices) && sameJson(state.of.links, plan.links);
  const current = fresh ? state : undefined;
  const chosen = current ? current.found.proposals.length - current.left.size : 0;
  return (
    <section aria-label="Connect the rest" className="py-1">
      <button className="button" disabled={busy} onClick={() => void look()}>
        {busy ? 'Looking …' : 'Connect the rest'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {state && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {current && (
        <div className="border-l-3 border-brass bg-shade px-3 py-2 mt-2 text-[13.5px]">
          {current.found.proposals.length === 0 && <p>Nothing more can be plugged in.</p>}
          {current.found.proposals.map(({ id, from, to, via, owned }) => (
            <label key={id} className="flex gap-2 py-0.5">
              <input
                type="checkbox"
                checked={!current.left.has(id)}
                onChange={() => {
                  const left = new Set(current.left);
                  if (!left.delete(id)) left.add(id);
                  setState({ ...current, left });
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
          {current.found.without.length > 0 && (
            <p className="text-risk">No free port is left for {current.found.without.join(', ')}.</p>
          )}
          <p className="flex gap-2 pt-1">
            <button className="button button-main" disabled={chosen === 0} onClick={accept}>
              Accept {chosen}
            </button>
            <button className="button" onClick={() => setState(undefined)}>
              Leave it
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
