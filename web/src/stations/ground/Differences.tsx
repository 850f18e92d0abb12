import { memo } from 'react';
import { adoptInVenue, inOrder, valueAt } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useResult, useStore } from '../../store/hooks.js';

/** What this event changed about the venue; each can be dropped. */
export const Differences = memo(function Differences() {
  const store = useStore();
  const changes = usePlan(plan => plan.venueChanges);
  const pinned = usePlan(plan => plan.venue.revision);
  const venueNow = useEvent(state => state.venueNow);
  const seen = useResult('ground').venue;
  const list = inOrder(changes);
  const newest = venueNow === pinned;
  const adopt = (ids: readonly string[]): void => {
    const { plan, venue } = store.get().bundle;
    const patches = adoptInVenue(venue, plan, ids);
    if (patches.length > 0) store.commit('Keep changes in the survey', patches);
  };
  /** `areas · pews north · outline` instead of ids, where the record is still there. */
  const wordsOf = (path: string): string => {
    const [, map = '', id = '', ...rest] = path.split('/');
    const record = valueAt(seen, `/${map}/${id}`) as { label?: string } | undefined;
    return [map, record?.label ?? id, ...rest].filter(Boolean).join(' · ');
  };
  return (
    <>
      <Heading right={<span className="text-[12.5px]">survey {pinned}</span>}>
        Different here from the survey
      </Heading>
      {venueNow > pinned && (
        <p className="py-2">
          The survey was corrected since (now {venueNow}).{' '}
          <button
            className="link"
            onClick={() =>
              store.editPlan('Take over the newer survey', plan => plan.put('venue', 'revision', venueNow))
            }
          >
            Take it over
          </button>
        </p>
      )}
      {list.length === 0 && <p className="text-faint py-1">Nothing: the venue is as it was surveyed.</p>}
      {list.length > 0 && (
        <p className="py-1 flex gap-4">
          {newest && (
            <button className="link" onClick={() => adopt(list.map(([id]) => id))}>
              Keep all {list.length} in the survey
            </button>
          )}
          <button
            className="link"
            onClick={() => store.editPlan('Drop all changes to the venue', plan => plan.drop('venueChanges'))}
          >
            Drop all
          </button>
        </p>
      )}
      {list.map(([id, { path, value }]) => (
        <p key={id} className="flex gap-3 py-0.5 border-b border-rule text-[13px]">
          <span className="grow truncate" title={JSON.stringify(value)}>
            {wordsOf(path)}
            {value === undefined && <span className="text-faint"> · taken out</span>}
          </span>
          {newest && (
            <button className="link" onClick={() => adopt([id])}>
              Keep
            </button>
          )}
          <button
            className="link"
            onClick={() =>
              store.editPlan('Drop a change to the venue', plan => plan.drop('venueChanges', id))
            }
          >
            Drop
          </button>
        </p>
      ))}
    </>
  );
});
