import { useMemo, useState } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import { unmeasured, type Point } from '@idle-satchel/core';
import { FootTabs } from '../../ui/FootTabs.js';
import { SavingWords, UndoButtons } from '../../ui/EditWords.js';
import { useOpened } from '../../ui/use-opened.js';
import { Uploads } from '../../stations/ground/Uploads.js';
import { ON_THIS_PAGE, SENT_LATER } from '../../store/event-state.js';
import { OpenEventContext, useEvent, useResult } from '../../store/hooks.js';
import { openVenue } from '../../offline/open.js';
import { PinHere } from './PinHere.js';
import { ToMeasure } from './ToMeasure.js';
import { WalkPlan } from './WalkPlan.js';
import { WhereIStand } from './WhereIStand.js';
import { usePageTitle } from '../../ui/page-title.js';

/** Walking round a venue with a phone: what is still unmeasured, notes and photos where one stands, the line. */
export function WalkPage() {
  const { venue = '' } = useParams();
  const [, navigate] = useLocation();
  const open = useOpened(venue, openVenue, () => void navigate(`/venues/${venue}`));
  if (!open) return <p className="p-6 text-faint">Opening the venue …</p>;
  return (
    <OpenEventContext value={open}>
      <Walk venue={venue} />
    </OpenEventContext>
  );
}

const TABS = { measure: 'To measure', pin: 'Pin here', line: 'Line' } as const;
type Tab = keyof typeof TABS;

function Walk({ venue: id }: { venue: string }) {
  const { venue } = useResult('ground');
  usePageTitle(venue.name, 'Walk');
  const [tab, setTab] = useState<Tab>('measure');
  const [here, setHere] = useState<Point>();
  const [now] = useState(Date.now);
  const items = useMemo(() => unmeasured(venue, now), [venue, now]);
  return (
    <div className="walk grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto] min-h-0">
      <div className="px-4 py-1 border-b border-rule">
        <div className="flex items-center gap-3">
          <h1 className="tape truncate">{venue.name}</h1>
          <Link className="link ml-auto" to={`/venues/${id}`}>
            Whole survey
          </Link>
          <UndoButtons />
        </div>
        <Kept />
      </div>
      <main className="overflow-auto px-4 pb-6" aria-label="Walk round">
        <WalkPlan venue={venue} items={items} here={here} onHere={setHere} />
        <WhereIStand venue={venue} here={here} onHere={setHere} />
        {tab === 'measure' && (
          <ToMeasure
            items={items}
            here={here}
            onMeasure={what => setTab(what === 'upload' ? 'line' : 'pin')}
          />
        )}
        {tab === 'pin' && <PinHere venue={venue} here={here} />}
        {tab === 'line' && <Uploads />}
      </main>
      <FootTabs label="Walk round" tabs={TABS} tab={tab} counts={{ measure: items.length }} onTab={setTab} />
    </div>
  );
}

/** How much of what was entered only this phone has, and what was just done. */
function Kept() {
  const saving = useEvent(state => state.saving);
  const waiting = useEvent(state => state.waiting);
  const onDevice = useEvent(state => state.onDevice);
  const message = useEvent(state => state.message);
  if (saving !== 'offline')
    return (
      <p className="flex text-[14px]">
        <SavingWords />
      </p>
    );
  const entries = waiting === 1 ? '1 entry waits' : `${waiting} entries wait`;
  const unkept = onDevice === 'failed' && waiting > 0;
  // That it is sent later, or is on this page only, has been said.
  const more = [SENT_LATER, ON_THIS_PAGE].some(end => message.endsWith(end)) ? '' : message;
  return (
    <p role="status" className={`text-[14px] ${unkept ? 'text-stop' : 'text-risk'}`}>
      {unkept
        ? `◆ No network, and this phone is full: ${entries} on this page only. Leave it open.`
        : `◇ No network. ${onDevice === 'keeping' ? 'What you enter is being kept' : 'What you enter is kept'} on this phone${waiting > 0 ? `; ${entries} to be sent` : ''}.`}
      {more && <span className="text-ink"> {more}</span>}
    </p>
  );
}
