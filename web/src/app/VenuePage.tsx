import { lazy, Suspense, useState } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import { addressOf } from '../api/client.js';
import { EventDialogs } from './EventDialogs.js';
import { SavingWords, UndoButtons } from '../ui/EditWords.js';
import { FileMenu } from './FilesMenu.js';
import { SnagLine } from './SnagLine.js';
import { TopLine } from '../ui/top-line.js';
import { useOpened, useOpenShortcuts } from '../ui/use-opened.js';
import { savePng } from '../exchange/save-png.js';
import { PlanPicture } from '../bench/PlanPicture.js';
import GroundLedger from '../stations/ground/GroundLedger.js';
import { OpenEventContext, useEvent, useOpenEvent, useResult } from '../store/hooks.js';
import { openVenue } from '../offline/open.js';
import { usePageTitle } from '../ui/page-title.js';

/** A venue at its own door: the same plan and ledger as Ground, but what is changed here is changed for good. */
export function VenuePage() {
  const { venue = '' } = useParams();
  const [, navigate] = useLocation();
  const open = useOpened(venue, openVenue, () => void navigate(`/venues/${venue}`));
  if (!open) return <p className="p-6 text-faint">Opening the venue …</p>;
  return (
    <OpenEventContext value={open}>
      <Workspace />
    </OpenEventContext>
  );
}

function Workspace() {
  useOpenShortcuts();
  const name = useEvent(({ bundle }) => bundle.venue.name);
  usePageTitle(name, 'Venues');
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] grid-rows-[1fr_auto] min-h-0">
      <VenueTopLine />
      <div className="bench-and-ledger">
        <PlanPicture layer="ground" />
        <div className="relative md:border-l border-rule">
          <main aria-label="venue" className="absolute inset-0 [contain:strict] overflow-auto px-4 pb-6 pt-2">
            <h1 className="sr-only">Venue</h1>
            <GroundLedger />
          </main>
        </div>
      </div>
      <SnagLine />
      <EventDialogs />
    </div>
  );
}

const ImportDialog = lazy(() => import('../doors/ImportDialog.js'));

const FILES = [
  ['sheet.pdf', 'Venue sheet, PDF'],
  ['plan.svg', 'Plan to scale, SVG'],
  ['plan.dxf', 'Drawing, DXF'],
] as const;

function VenueTopLine() {
  const { store, ui } = useOpenEvent();
  const [bringing, setBringing] = useState(false);
  const { name } = useResult('ground').venue;
  const picture = (): void => {
    void store
      .whenSettled()
      .then(settled =>
        settled
          ? savePng(store.id, name).catch(() =>
              store.say('The picture could not be drawn; the SVG holds the same.'),
            )
          : store.say('The plan is drawn by the server, which cannot be reached just now.'),
      );
  };
  return (
    <TopLine>
      <span className="tape md:ml-2 min-w-0 max-w-[34ch] overflow-hidden text-ellipsis whitespace-nowrap">
        {name}
      </span>
      <span className="in-menu text-[13.5px] whitespace-nowrap text-faint">survey, for every event</span>
      <SavingWords />
      <Link className="in-menu text-faint hover:text-ink whitespace-nowrap" to={`/venues/${store.id}/walk`}>
        Walk round
      </Link>
      <button
        className="in-menu text-faint hover:text-ink whitespace-nowrap"
        onClick={() => setBringing(true)}
      >
        Bring in a drawing
      </button>
      <span className="in-menu">
        <FileMenu
          words="Files"
          files={FILES.map(
            ([file, words]) => [addressOf(`GET /venues/:id/${file}`, { id: store.id }), words] as const,
          )}
          made={[['Plan to scale, PNG', picture]]}
        />
      </span>
      <UndoButtons />
      <button className="in-menu text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'history' })}>
        History
      </button>
      {bringing && (
        <Suspense>
          <ImportDialog onClose={() => setBringing(false)} />
        </Suspense>
      )}
    </TopLine>
  );
}
