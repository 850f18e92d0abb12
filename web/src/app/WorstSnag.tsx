import { Suspense, useEffect } from 'react';
import { fetched } from '../ui/fetched.js';
import { useEvent, useOpenEvent, useUi } from '../store/hooks.js';
import { firstHarmless, useFirstFixes, useFixes } from '../workers/fixes.js';
import { useShortcuts } from '../ui/shortcuts.js';
import { SeverityWord, useApplyFix } from './severity.js';

const fetchList = () => import('./SnagList.js');
const SnagList = fetched(fetchList);

/** The worst snag in one line, its first fix, and how many more; it pulls up into the full list. */
export default function WorstSnag() {
  const { ui, go } = useOpenEvent();
  const snags = useEvent(state => state.assessment.snags);
  const checked = useEvent(state => state.checked);
  const shownId = useUi(state => state.snag);
  const open = useUi(state => state.snagsOpen);
  const mending = useUi(state => state.mending);
  const firsts = useFirstFixes(mending ? snags.map(({ id }) => id) : [], true);
  const snag =
    snags.find(each => each.id === shownId) ??
    (mending ? snags.find(({ id }) => firsts.get(id)) : undefined) ??
    snags[0];
  const fixes = useFixes(snag?.id);
  const applyFix = useApplyFix();
  const first = fixes && firstHarmless(fixes);
  // Nobody waits for it: what is first seen goes first.
  useEffect(() => void fetchList().catch(() => undefined), []);
  useShortcuts({ f: () => (first ? applyFix(first) : false) });

  const show = (): void => {
    if (!snag) return;
    ui.showSnag(snag);
    go(snag.station);
  };
  return (
    <footer className="relative border-t-2 border-ink bg-shade">
      {open && (
        <Suspense>
          <SnagList />
        </Suspense>
      )}
      <div className="flex max-md:flex-wrap items-center gap-x-3.5 gap-y-1 px-4 py-1 min-h-10">
        {snag ? (
          <>
            <SeverityWord severity={snag.severity} />
            <button className="link min-w-0 text-left max-md:basis-3/4" onClick={show}>
              {snag.title}
            </button>
            {first ? (
              <>
                <button className="button shrink-0" onClick={() => applyFix(first)}>
                  {first.label}
                </button>
                <kbd className="max-md:hidden">f</kbd>
                {first.costs.length > 0 && (
                  <span className="text-faint whitespace-nowrap" title={first.costs.join(' ')}>
                    brings {first.costs.length === 1 ? 'a new snag' : `${first.costs.length} new snags`}
                  </span>
                )}
              </>
            ) : (
              <span className="text-faint min-w-0">
                {fixes === undefined
                  ? 'looking for a fix …'
                  : (snag.advice ?? (fixes.length > 0 && 'what could be given up for it stands in the list'))}
              </span>
            )}
          </>
        ) : (
          <span className={checked ? 'text-done' : 'text-faint'}>
            {checked ? 'No snags are open.' : 'checking …'}
          </span>
        )}
        <button
          className="ml-auto whitespace-nowrap text-faint hover:text-ink"
          aria-expanded={open}
          onClick={() => ui.set({ snagsOpen: !open })}
        >
          {open ? 'close the list' : snags.length > 1 ? `${snags.length - 1} more` : 'list'} · <kbd>s</kbd>
        </button>
      </div>
    </footer>
  );
}
