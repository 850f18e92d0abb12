import { Suspense } from 'react';
import { Link } from 'wouter';
import { useEvent, useOpenEvent, usePlan } from '../store/hooks.js';
import { daysTo } from '../ui/days.js';
import { SavingWords, UndoButtons } from '../ui/EditWords.js';
import { fetched } from '../ui/fetched.js';
import { useMay } from '../ui/me.js';
import { TopLine } from '../ui/top-line.js';

const EventFiles = fetched(() => import('./EventFiles.js'));

/** The event's part of the top line: its label, countdown, what is being saved, undo, rules, sheets. */
export function EventTopLine() {
  const { store, ui } = useOpenEvent();
  const { id } = store;
  const plans = useMay('change', 'events');
  const changes = useMay('change', 'event');
  const prints = useMay('read', 'sheets');
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const own = usePlan(plan => plan.rules);
  const venue = useEvent(({ bundle }) => bundle.venue.name);
  const at = usePlan(plan => plan.venue.id);
  return (
    <TopLine>
      <span className="tape md:ml-2 min-w-0 max-w-[30ch] overflow-hidden text-ellipsis whitespace-nowrap">
        {label}
      </span>
      <span className="in-menu text-[13.5px] whitespace-nowrap">{daysTo(start)}</span>
      {plans ? (
        <Link
          className="link text-faint text-[13.5px] min-w-0 max-w-[24ch] truncate max-md:hidden"
          title={venue}
          to={`/venues/${at}`}
        >
          {venue}
        </Link>
      ) : (
        <span className="text-faint text-[13.5px] min-w-0 max-w-[24ch] truncate max-md:hidden">{venue}</span>
      )}
      <SavingWords />
      {plans && (
        <button
          className="whitespace-nowrap in-menu text-faint hover:text-ink"
          onClick={() => ui.set({ dialog: 'rules' })}
        >
          Rules: {own && Object.keys(own).length > 0 ? 'own' : 'house'}
        </button>
      )}
      {changes && <UndoButtons />}
      {plans && (
        <button className="in-menu text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'history' })}>
          History
        </button>
      )}
      {prints && (
        <span className="in-menu">
          <Suspense fallback={<span className="text-faint">Sheets</span>}>
            <EventFiles id={id} />
          </Suspense>
        </span>
      )}
    </TopLine>
  );
}
