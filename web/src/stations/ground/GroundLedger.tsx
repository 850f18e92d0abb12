import { inOrder, partAt } from '@idle-satchel/core';
import { lazy, memo, Suspense, useState } from 'react';
import { fetched } from '../../ui/fetched.js';
import { usePicked } from '../../bench/drafting/picked.js';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useResult, useStore } from '../../store/hooks.js';
import { SelectedDevice } from '../devices/SelectedDevice.js';
import { DimensionField } from './DimensionField.js';

const PartInspector = fetched(() => import('./PartInspector.js'));
const StillUnmeasured = fetched(() => import('./StillUnmeasured.js'));
const GroundRest = fetched(() => import('./GroundRest.js'));

/**
 * Ground: what is picked on the plan, else the venue as a whole – its measures, marks and supplies, and, in an
 * event, what differs here from the survey.
 */
export default function GroundLedger() {
  useWorkingKey();
  const store = useStore();
  const { venue } = useResult('ground');
  const parts = usePicked().flatMap(path => partAt(venue, path) ?? []);
  const here = store.of === 'event';
  return (
    <>
      {parts.length > 0 ? (
        <Suspense>
          <PartInspector parts={parts} />
        </Suspense>
      ) : (
        <div className="flex items-center gap-3 pt-1">
          <span className="tape">{venue.name}</span>
          {here && <MovePlan />}
        </div>
      )}
      {here && <SelectedDevice />}
      <Measures about={here ? 'for this event only' : ''} />
      <Suspense>
        <StillUnmeasured />
      </Suspense>
      <Light />
      <Aisles />
      <Suspense>
        <GroundRest />
      </Suspense>
    </>
  );
}

const MovePlanDialog = lazy(() => import('./MovePlanDialog.js'));

/** The event is held somewhere else after all. */
function MovePlan() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button className="link ml-auto" onClick={() => setOpen(true)}>
        Move to another venue …
      </button>
      {open && (
        <Suspense>
          <MovePlanDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

/** The parts below read what they show themselves: picking something on the plan draws none of them anew. */
const Measures = memo(function Measures({ about }: { about: string }) {
  const { venue, length, width, floorArea } = useResult('ground');
  return (
    <>
      <Heading right={<span className="text-[12.5px]">{about}</span>}>Measures</Heading>
      {inOrder(venue.dimensions).map(([id, dimension]) => (
        <DimensionField key={id} id={id} dimension={dimension} />
      ))}
      <FigureRows of={{ length, width, floorArea }} />
    </>
  );
});

const Light = memo(function Light() {
  const { venue, marks } = useResult('ground');
  if (inOrder(venue.marks).length === 0) return null;
  return (
    <>
      <Heading>Light at the marks</Heading>
      {inOrder(venue.marks).map(([id, { label }]) => {
        const figure = marks[id]?.light;
        return figure && <FigureRow key={id} label={label} figure={figure} />;
      })}
    </>
  );
});

const Aisles = memo(function Aisles() {
  const { venue, aisles } = useResult('ground');
  return Object.entries(aisles).map(([id, { width, wideEnough }]) => (
    <div key={id}>
      <Heading about={venue.areas?.[id]?.label}>Keep clear</Heading>
      <FigureRow figure={width} />
      <FigureRow figure={wideEnough}>the venue’s fire plan and local code decide</FigureRow>
    </div>
  ));
});
