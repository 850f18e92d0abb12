import { rackShowing } from '@idle-satchel/core';
import { Suspense } from 'react';
import { useWorkingKey } from '../../ledger/Ledger.js';
import { fetched } from '../../ui/fetched.js';
import { useOpenEvent, useResult, useUi } from '../../store/hooks.js';
import { RackBench } from './RackBench.js';

const AddRack = fetched(() => import('./AddRack.js'));
const RackLedger = fetched(() => import('./RackLedger.js'));
const ThingLedger = fetched(() => import('./ThingLedger.js'));
const Arrange = fetched(() => import('./Arrange.js'));
const BackWays = fetched(() => import('./BackWays.js'));
const InnerWiring = fetched(() => import('./InnerWiring.js'));
const AddToRack = fetched(() => import('./AddToRack.js'));

/** Racks: what is mounted where, to scale, with weight, watts and warmth. */
export default function RacksStation() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const { racks } = useResult('racks');
  const selected = useUi(state => state.selected);
  const [current, rack] = rackShowing(racks, selected) ?? [];
  if (!rack || current === undefined) {
    return (
      <section aria-label="No rack yet" className="p-6 max-w-md">
        <p className="text-faint">
          No rack is in this plan: what is carried loose stands under Pack. Put one in, then choose it as the
          case of what goes into it.
        </p>
        <Suspense>
          <AddRack open />
        </Suspense>
      </section>
    );
  }
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <section aria-label="Elevation" className="p-5 max-md:p-3">
        <div className="flex flex-wrap gap-2 mb-4">
          {Object.entries(racks).map(([id, { label }]) => (
            <button key={id} className="tape" aria-pressed={id === current} onClick={() => ui.select(id)}>
              {label}
            </button>
          ))}
          <Suspense>
            <AddRack />
          </Suspense>
        </div>
        <RackBench key={current} id={current} rack={rack}>
          <Suspense>
            <AddToRack id={current} rack={rack} />
          </Suspense>
        </RackBench>
        <Suspense>
          <Arrange key={current} rack={current} />
          <BackWays key={`back ${current}`} rack={current} />
          <InnerWiring rack={current} />
        </Suspense>
      </section>
      <aside key={current} className="px-4 py-2 border-l border-rule">
        <Suspense>
          {selected !== undefined && selected !== current && rack.items[selected] ? (
            <ThingLedger rackId={current} rack={rack} id={selected} />
          ) : (
            <RackLedger id={current} rack={rack} />
          )}
        </Suspense>
      </aside>
    </div>
  );
}
