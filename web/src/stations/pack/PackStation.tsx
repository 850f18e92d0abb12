import { SHEET_ENDINGS, SHEET_FILES } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { useSearchParams } from 'wouter';
import { addressOf } from '../../api/client.js';
import { FileLink } from '../../ledger/FileLink.js';
import { FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useResult, useStore } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';
import { useMay } from '../../ui/me.js';
import { Checklist } from './Checklist.js';
import { WhereIs } from './WhereIs.js';

const Booking = fetched(() => import('./Booking.js'));
const Cases = fetched(() => import('./Cases.js'));
const Vehicles = fetched(() => import('./Vehicles.js'));
const Carrying = fetched(() => import('./Carrying.js'));
const MoneyAside = fetched(() => import('./money/MoneyAside.js'));
const MoneyView = fetched(() => import('./money/MoneyView.js'));
const Lifting = fetched(() => import('./Lifting.js'));

const VIEWS = { list: 'Checklist', cases: 'Cases', vehicles: 'Vehicles', money: 'Money' } as const;
type View = keyof typeof VIEWS;

/** Pack: the gear checklist, derived from the design, with counts and tape codes. */
export default function PackStation() {
  useWorkingKey();
  const money = useMay('read', 'money');
  const store = useStore();
  const pack = useResult('pack');
  // The code on the card of a case leads to that case.
  const [asked] = useSearchParams();
  const [view, setView] = useState<View>(asked.has('case') ? 'cases' : 'list');
  const { pieces, missing, weight, tapeRolls, rampPieces } = pack;
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <section aria-label={view === 'list' ? 'Gear checklist' : VIEWS[view]} className="px-5 py-3">
        <p className="flex flex-wrap gap-2 mb-3 items-baseline" role="group" aria-label="View">
          {(Object.keys(VIEWS) as View[])
            .filter(name => money || name !== 'money')
            .map(name => (
              <button
                key={name}
                className="button chosen"
                aria-pressed={view === name}
                onClick={() => setView(name)}
              >
                {VIEWS[name]}
              </button>
            ))}
          <WhereIs />
        </p>
        <Suspense>
          {view === 'cases' && <Cases />}
          {view === 'vehicles' && <Vehicles />}
          {view === 'money' && <MoneyView />}
        </Suspense>
        {view === 'list' && <Checklist />}
      </section>
      <aside className="px-4 py-2 border-l border-rule">
        {view === 'money' ? (
          <Suspense>
            <MoneyAside />
          </Suspense>
        ) : (
          <>
            <Heading>Load</Heading>
            <FigureRows of={{ pieces, missing, weight, tapeRolls, rampPieces }} />
            <Suspense>
              <Booking />
              <Carrying />
              <Lifting />
            </Suspense>
          </>
        )}
        <p className="mt-4 flex flex-wrap gap-2">
          {SHEET_ENDINGS.map((ending, i) => (
            <FileLink
              key={ending}
              className="button"
              address={addressOf(`GET /events/:id/pack-list.${ending}`, { id: store.id })}
            >
              {i === 0 ? `Pack list, ${SHEET_FILES[ending].short}` : SHEET_FILES[ending].short}
            </FileLink>
          ))}
          <FileLink className="button" address={addressOf('GET /events/:id/cut-list.pdf', { id: store.id })}>
            Cut list, PDF
          </FileLink>
        </p>
      </aside>
    </div>
  );
}
