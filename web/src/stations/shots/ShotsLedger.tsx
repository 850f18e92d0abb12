import { inOrder } from '@idle-satchel/core';
import { Suspense, useEffect, useSyncExternalStore } from 'react';
import { fetched } from '../../ui/fetched.js';
import { useWorkingKey } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { positions } from './positions/positions.js';

const CameraLedger = fetched(() => import('./CameraLedger.js'));
const PositionsPanel = fetched(() => import('./positions/PositionsPanel.js'));
const StripPicture = fetched(() => import('./viewfinder/StripPicture.js'));
const LampLedger = fetched(() => import('./LampLedger.js'));
const CoverageTable = fetched(() => import('./CoverageTable.js'));

/** Shots: the selected camera, what it is to show, and whether it can. */
export default function ShotsLedger() {
  const looking = useSyncExternalStore(positions.subscribe, positions.get) !== undefined;
  useEffect(() => () => positions.set(undefined), []);
  return looking ? (
    <Suspense>
      <PositionsPanel />
    </Suspense>
  ) : (
    <Cameras />
  );
}

/** Every camera, and the selected one with all its figures. */
function Cameras() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const { cameras, lamps } = useResult('shots');
  const shots = usePlan(plan => plan.shots);
  const selected = useUi(state => state.selected);
  const first = Object.keys(cameras)[0];
  const camera = [selected, shots?.[selected ?? '']?.camera, first].find(
    id => id !== undefined && cameras[id],
  );
  const lamp = selected !== undefined && lamps[selected] ? selected : undefined;
  if (camera === undefined) {
    return (
      <div className="pt-4 max-w-sm">
        <h2>No camera yet</h2>
        <p className="my-2">
          Add one with the button on the plan, drag it to where it can stand, and give it something to show.
        </p>
      </div>
    );
  }
  return (
    <>
      <div className="flex gap-1.5 flex-wrap pt-1" role="group" aria-label="Cameras">
        {Object.entries(cameras).map(([id, { label }]) => (
          <button
            key={id}
            className="text-left"
            aria-pressed={id === camera && lamp === undefined}
            onClick={() => ui.select(id)}
          >
            <Suspense>
              <StripPicture camera={id} shot={inOrder(shots).find(([, shot]) => shot.camera === id)?.[0]} />
            </Suspense>
            <span className={`tape tape-small ${id === camera && lamp === undefined ? '' : '!text-faint'}`}>
              {id === camera && lamp === undefined ? '▸ ' : ''}
              {label}
            </span>
          </button>
        ))}
      </div>
      <Suspense>
        {lamp === undefined ? <CameraLedger id={camera} /> : <LampLedger id={lamp} />}
        <CoverageTable />
      </Suspense>
    </>
  );
}
