import {
  groupSnags,
  idFrom,
  joinedByCause,
  type OfferedFix,
  type Snag,
  type SnagGroup,
} from '@idle-satchel/core';
import { Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { useEvent, useOpenEvent, useStore, useUi } from '../store/hooks.js';
import { useFirstFixes, useFixes } from '../workers/fixes.js';
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
  const list = useRef<HTMLElement>(null);
  // The keys go on in the list, and back to where they were.
  useEffect(() => {
    const before = document.activeElement;
    list.current?.querySelector('button')?.focus({ preventScroll: true });
    return () => (before instanceof HTMLElement ? before.focus({ preventScroll: true }) : undefined);
  }, []);
  const groups = useMemo(() => groupSnags(snags), [snags]);
  const firsts = useFirstFixes(useMemo(() => groups.map(({ snag }) => snag.id), [groups]));
  const lines = useMemo(() => joinedByCause(groups, ({ id }) => causeOf(firsts.get(id))), [groups, firsts]);
  return (
    <section
      id="snags"
      ref={list}
      aria-label="Snags"
      className="absolute bottom-full left-0 right-0 max-h-[60vh] overflow-auto bg-paper border-t-2 border-ink px-4 py-3 z-20"
    >
      <ul>
        {lines.map(group => (
          <SnagLines key={keyOf(group)} group={group} firsts={firsts} />
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
                  className="link shrink-0"
                  aria-label={`Open again: ${snag.title}`}
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

/** Snags that the same edit mends have one cause. */
const causeOf = (fix: OfferedFix | null | undefined): string | undefined =>
  fix ? JSON.stringify(fix.changes) : undefined;

/** A group stays what it is, open or not, when its first snag is cured. */
const keyOf = ({ snag: { id, rule, severity }, alike }: SnagGroup): string =>
  alike.length > 0 ? `${severity} ${rule}` : id;

type Firsts = ReturnType<typeof useFirstFixes>;

/** A snag, and those that are alike where somebody wants to see them. */
function SnagLines({ group, firsts }: { group: SnagGroup; firsts: Firsts }) {
  const { snag, alike, sameCause } = group;
  const more = [...sameCause, ...alike];
  const shown = useUi(state => state.snag);
  const [opened, setOpened] = useState(false);
  const open = opened || more.some(({ id }) => id === shown);
  const words = [
    ...(sameCause.length > 0 ? [`${sameCause.length} more with the same cause`] : []),
    ...(alike.length > 0 ? [`${alike.length} more alike`] : []),
  ].join(', ');
  return (
    <>
      <SnagItem snag={snag} first={firsts.get(snag.id) ?? undefined} />
      {more.length > 0 && !open && (
        <li className="py-1 border-b border-rule pl-32">
          <button
            className="link text-faint"
            aria-label={`And ${words}: ${snag.title}`}
            onClick={() => setOpened(true)}
          >
            and {words}
          </button>
        </li>
      )}
      {open && more.map(each => <SnagItem key={each.id} snag={each} first={undefined} />)}
    </>
  );
}

function SnagItem({ snag, first }: { snag: Snag; first: OfferedFix | undefined }) {
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
          className="link grow text-left"
          aria-expanded={shown}
          onClick={() => {
            ui.showSnag(snag);
            go(snag.station);
          }}
        >
          {snag.title}
        </button>
        {first && !shown && (
          <button
            className="button shrink-0 max-w-[40%] text-left"
            aria-label={`Mend “${snag.title}”: ${first.label}`}
            title={first.costs.join(' ')}
            onClick={() => applyFix(first)}
          >
            {first.label}
          </button>
        )}
        {store.of === 'event' && (
          <button
            className="link shrink-0"
            aria-label={`Accept: ${snag.title}`}
            onClick={() => setAccepting(true)}
          >
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
