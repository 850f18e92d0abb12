import { Suspense } from 'react';
import { inOrder } from '@idle-satchel/core';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { ByPhase } from './ByPhase.js';
import { useEvent, useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { withStations } from '../../store/with-stations.js';
import { fetched } from '../../ui/fetched.js';
import { SelectedDevice } from '../devices/SelectedDevice.js';

const ShareOut = fetched(() => import('./ShareOut.js'));
const FedTogether = fetched(() => import('./FedTogether.js'));
const Measured = fetched(() => import('./Measured.js'));
const ChargeCurves = fetched(() => import('./ChargeCurves.js'));
const BatteryCard = fetched(withStations(['power', 'hands'], () => import('./BatteryCard.js')));
const ChargeAfter = fetched(() => import('./ChargeAfter.js'));
const Failures = fetched(withStations(['power', 'stream'], () => import('./Failures.js')));
const SwapPlan = fetched(() => import('./SwapPlan.js'));
const Breakers = fetched(() => import('./Breakers.js'));
const PowerRest = fetched(() => import('./PowerRest.js'));
const DeviceStates = fetched(() => import('./DeviceStates.js'));

/** Power: load on circuits, sockets and strips, voltage lost on leads, and how long batteries last. */
export default function PowerLedger() {
  useWorkingKey();
  const power = useResult('power');
  const venue = useEvent(state => state.assessment.ground.venue);
  const devices = usePlan(plan => plan.devices);
  const selected = useUi(state => state.selected);
  const circuits = inOrder(venue.circuits).toSorted(
    ([a], [b]) => Number(b === selected) - Number(a === selected),
  );
  return (
    <>
      <p className="text-faint text-[13px] pt-2">
        Advice only: electrical work belongs to qualified people under local code. Tested leads, reels fully
        unrolled, no adapter covered.
      </p>
      <TreeOrPlan />
      <SelectedDevice />
      <Suspense>
        <DeviceStates />
        <Measured />
        <FedTogether />
        <ChargeCurves />
      </Suspense>
      {Object.entries(power.batteries).map(([id, life]) => (
        <section key={id}>
          <Heading about={devices?.[id]?.label}>Battery</Heading>
          <FigureRows of={life} />
          <ByPhase of={life.phases} />
        </section>
      ))}
      {Object.keys(power.batteries).length > 0 && (
        <Suspense>
          <SwapPlan />
          <BatteryCard />
          <ChargeAfter />
        </Suspense>
      )}
      {circuits.map(([id, { label, amps }]) => (
        <section key={id} className={id === selected ? 'border-l-3 border-brass pl-3 -ml-[15px]' : ''}>
          <Heading about={label} right={`${amps} A`}>
            Circuit
          </Heading>
          <FigureRows of={power.circuits[id] ?? {}} />
          <ByPhase of={power.circuits[id]?.phases ?? {}} />
          {inOrder(venue.sockets).map(([socket, each]) => {
            const load = power.sockets[socket];
            if (each.circuit !== id || !load) return null;
            return <FigureRow key={socket} label={`Socket ${each.label}`} figure={load.amps} />;
          })}
        </section>
      ))}
      <Suspense>
        <ShareOut />
        <Failures />
      </Suspense>
      <Suspense>
        <Breakers />
        <PowerRest />
      </Suspense>
    </>
  );
}

/** Which of the two stands beside the ledger. */
function TreeOrPlan() {
  const { ui } = useOpenEvent();
  const tree = useUi(state => state.tree);
  return (
    <div role="group" aria-label="Beside it" className="flex gap-1 py-1">
      <button className="button chosen" aria-pressed={!tree} onClick={() => ui.set({ tree: false })}>
        Plan of the room
      </button>
      <button className="button chosen" aria-pressed={tree} onClick={() => ui.set({ tree: true })}>
        Supply tree
      </button>
    </div>
  );
}
