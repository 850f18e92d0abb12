import { Suspense, type ReactNode } from 'react';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';
import { ConnectRest } from './ConnectRest.js';
import { HouseGear } from './HouseGear.js';
import { PlugFields } from './PlugFields.js';
import { SignalBench } from './SignalBench.js';

const DeviceSignal = fetched(() => import('./DeviceSignal.js'));
const SignalRest = fetched(() => import('./SignalRest.js'));
const AddGear = fetched(() => import('./AddGear.js'));

/** Signal: every source to an input, every output fed, drawn left to right. */
export default function SignalStation() {
  useWorkingKey();
  const signal = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const outputs = usePlan(plan => plan.outputs);
  return (
    <div className="grid h-full md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-rows-[46vh_auto] max-md:h-auto">
      <SignalBench />
      <aside className="px-4 py-2 md:border-l border-rule overflow-auto">
        <Suspense>
          <DeviceSignal />
        </Suspense>
        <PlugFields />
        <ConnectRest />
        <Suspense>
          <AddGear />
        </Suspense>
        <HouseGear />
        <Heading>Sources</Heading>
        {Object.entries(signal.sources).map(([id, { input }]) => (
          <Traced key={id} id={id} name={devices?.[id]?.label ?? id}>
            <FigureRow label={devices?.[id]?.label ?? id} figure={input} />
          </Traced>
        ))}
        <Heading>Outputs</Heading>
        {Object.entries(signal.outputs).map(([id, { fedBy }]) => (
          <Traced key={id} id={id} name={outputs?.[id]?.label ?? id}>
            <FigureRow label={outputs?.[id]?.label ?? id} figure={fedBy} />
          </Traced>
        ))}
        {Object.keys(signal.loops).length > 0 && <Heading>Loops</Heading>}
        {Object.entries(signal.loops).map(([id, { through, howls }]) => (
          <FigureRows key={id} of={{ through, howls }} />
        ))}
        <Suspense>
          <SignalRest />
        </Suspense>
      </aside>
    </div>
  );
}

/** A line of the ledger with a way to light its chain on the schematic. */
function Traced({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  const { ui } = useOpenEvent();
  const on = useUi(state => state.selected) === id;
  return (
    <div className="flex gap-2 items-baseline">
      <div className="grow">{children}</div>
      <button
        className="link"
        aria-pressed={on}
        aria-label={`Trace ${name}`}
        onClick={() => ui.select(on ? undefined : id)}
      >
        Trace
      </button>
    </div>
  );
}
