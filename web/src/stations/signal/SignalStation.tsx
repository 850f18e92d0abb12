import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useFlags } from '../../ledger/flags.js';
import { usePlan, useResult } from '../../store/hooks.js';
import { AddGear } from './AddGear.js';
import { ConnectRest } from './ConnectRest.js';
import { Countables } from './Countables.js';
import { DeviceSignal } from './DeviceSignal.js';
import { Formats } from './Formats.js';
import { HouseGear } from './HouseGear.js';
import { Links } from './Links.js';
import { LipSync } from './LipSync.js';
import { PlugFields } from './PlugFields.js';
import { SignalBench } from './SignalBench.js';
import { Views } from './Views.js';

/** Signal: every source to an input, every output fed, drawn left to right. */
export default function SignalStation() {
  useWorkingKey();
  const signal = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const outputs = usePlan(plan => plan.outputs);
  const flag = useFlags();
  return (
    <div className="grid h-full md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-rows-[46vh_auto] max-md:h-auto">
      <SignalBench />
      <aside className="px-4 py-2 md:border-l border-rule overflow-auto">
        <DeviceSignal />
        <PlugFields />
        <ConnectRest />
        <AddGear />
        <HouseGear />
        <Heading>Sources</Heading>
        {Object.entries(signal.sources).map(([id, { input }]) => (
          <FigureRow
            key={id}
            label={devices?.[id]?.label ?? id}
            figure={input}
            path={`signal.sources.${id}.input`}
            flag={flag(`signal.sources.${id}.input`)}
          />
        ))}
        <Heading>Outputs</Heading>
        {Object.entries(signal.outputs).map(([id, { fedBy }]) => (
          <FigureRow
            key={id}
            label={outputs?.[id]?.label ?? id}
            figure={fedBy}
            path={`signal.outputs.${id}.fedBy`}
            flag={flag(`signal.outputs.${id}.fedBy`)}
          />
        ))}
        {Object.keys(signal.loops).length > 0 && <Heading>Loops</Heading>}
        {Object.entries(signal.loops).map(([id, { through, howls }]) => (
          <div key={id}>
            <FigureRow
              label="Comes back into"
              figure={through}
              path={`signal.loops.${id}.through`}
              flag={flag(`signal.loops.${id}.through`)}
            />
            <FigureRow label="Talkback runs round in it" figure={howls} path={`signal.loops.${id}.howls`} />
          </div>
        ))}
        <Countables />
        <Views />
        <Formats />
        <LipSync />
        <Links />
      </aside>
    </div>
  );
}
