import { idFrom, type OfferedFix, type Snag } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { useEvent, useOpenEvent, useStore, useUi } from '../store/hooks.js';
import { useFixes } from '../workers/fixes.js';
import { fetched } from '../ui/fetched.js';
import { SeverityWord, useApplyFix } from './severity.js';
import { STATION_WORDS } from '../ui/station-words.js';

const AcceptDialog = fetched(() => import('./AcceptDialog.js'));

/** Every open snag, the worst first, with its fixes; then those that somebody accepted. */
export default function SnagList() {
  const store = useStore();
  const snags = useEvent(state => state.assessment.snags);
  const accepted = useEvent(state => state.assessment.accepted);
  const checked = useEvent(state => state.checked);
  return (
    <section
      aria-label="Snags"
      className="absolute bottom-full left-0 right-0 max-h-[60vh] overflow-auto bg-paper border-t-2 border-ink px-4 py-3 z-20"
    >
      <ul>
        {snags.map(snag => (
          <SnagItem key={snag.id} snag={snag} />
        ))}
      </ul>
      {accepted.length > 0 && (
        <>
          <h3>Accepted</h3>
          <ul>
            {accepted.map(({ snag, acceptance }) => (
              <li key={snag.id} className="flex gap-3 items-baseline py-1.5 border-b border-rule">
                <SeverityWord severity={snag.severity} />
                <span className="grow">
                  {snag.title}{' '}
                  <span className="text-faint">
                    {acceptance.by}: {acceptance.reason}
                  </span>
                </span>
                <button
                  className="link"
                  onClick={() =>
                    store.editPlan('Open an accepted snag again', plan =>
                      plan.drop('accepted', idFrom(snag.id)),
                    )
                  }
                >
                  Open again
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {snags.length + accepted.length === 0 && <p>{checked ? 'Nothing stands in the way.' : 'checking …'}</p>}
    </section>
  );
}

function SnagItem({ snag }: { snag: Snag }) {
  const { store, ui, go } = useOpenEvent();
  const applyFix = useApplyFix();
  const shown = useUi(state => state.snag) === snag.id;
  const fixes = useFixes(shown ? snag.id : undefined);
  const [accepting, setAccepting] = useState(false);
  return (
    <li className={`py-1.5 border-b border-rule ${shown ? 'bg-shade -mx-4 px-4' : ''}`}>
      <div className="flex gap-3 items-baseline">
        <span className="w-12 shrink-0">
          <SeverityWord severity={snag.severity} />
        </span>
        <span className="w-14 shrink-0 text-faint">{STATION_WORDS[snag.station]}</span>
        <button
          className="link grow"
          aria-expanded={shown}
          onClick={() => {
            ui.set({ snag: snag.id, selected: snag.subjects[0], parts: [] });
            go(snag.station);
          }}
        >
          {snag.title}
        </button>
        {store.of === 'event' && (
          <button className="link" onClick={() => setAccepting(true)}>
            Accept …
          </button>
        )}
      </div>
      {shown && (
        <div className="flex flex-wrap gap-2 pl-32 pt-1.5 pb-1 items-baseline">
          {fixes === undefined && <span className="text-faint">looking for fixes …</span>}
          {fixes?.map(fix => (
            <div key={fix.label} className="flex flex-wrap gap-x-2 items-baseline basis-full">
              <button className="button" onClick={() => applyFix(fix)}>
                {fix.label}
              </button>
              <FixCosts fix={fix} />
            </div>
          ))}
          {snag.advice && <span className="text-faint">{snag.advice}</span>}
        </div>
      )}
      {accepting && (
        <Suspense>
          <AcceptDialog snag={snag} onClose={() => setAccepting(false)} />
        </Suspense>
      )}
    </li>
  );
}

/** What a fix brings besides curing its snag. */
function FixCosts({ fix: { costs, cures, loses } }: { fix: OfferedFix }) {
  const also = cures === 0 ? '' : `cures ${cures} more; `;
  return (
    <span className="text-faint">
      {loses.length > 0 && <span className="text-risk">{loses.join('; ')}. </span>}
      {also}
      {costs.length === 0 ? 'costs nothing elsewhere' : `but then: ${costs.join(' ')}`}
    </span>
  );
}
