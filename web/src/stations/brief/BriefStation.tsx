import { PHASE_ORDER, PHASE_WORDS } from '@idle-satchel/core';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { InstantField } from '../../ledger/InstantField.js';
import { TextField } from '../../ledger/TextField.js';
import { usePlan, useResult, useStore } from '../../store/hooks.js';
import { Outputs } from './Outputs.js';
import { RunningOrder } from './RunningOrder.js';

/** Brief: what must come out, when it starts, and the running order with its phases. */
export default function BriefStation() {
  useWorkingKey();
  const store = useStore();
  const brief = useResult('brief');
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const zone = usePlan(plan => plan.zone);
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <div className="px-5 py-3">
        <div className="flex flex-wrap gap-x-6 gap-y-2 items-baseline">
          <label className="grow">
            <span className="text-faint">Event </span>
            <TextField
              label="Event"
              value={label}
              max={80}
              className="w-[min(100%,26rem)] font-semibold"
              onCommit={text => store.editPlan('Rename the event', plan => plan.put('label', text))}
            />
          </label>
          <label>
            <span className="text-faint">Live at </span>
            <InstantField
              label="Live at"
              value={start}
              zone={zone}
              onCommit={value =>
                value !== undefined && store.editPlan('Change the start', plan => plan.put('start', value))
              }
            />{' '}
            <span className="text-faint">{zone}</span>
          </label>
        </div>
        <Outputs />
        <RunningOrder />
      </div>
      <aside className="px-4 py-2 border-l border-rule">
        <Heading>Times</Heading>
        <FigureRows of={{ start: brief.start, end: brief.end, before: brief.before }} />
        <VenueHours />
        <Heading>Phases</Heading>
        {PHASE_ORDER.map(phase => (
          <FigureRow key={phase} label={PHASE_WORDS[phase]} figure={brief.phases[phase]} />
        ))}
        <Heading>Outputs</Heading>
        <FigureRow figure={brief.outputsWanted} />
      </aside>
    </div>
  );
}

const HOURS = [
  ['open', 'Let in from'],
  ['locked', 'Everybody out by'],
  ['quiet', 'Quiet from'],
] as const;

/** When the venue lets people in, wants quiet, and is locked: where it has said so. */
function VenueHours() {
  const store = useStore();
  const brief = useResult('brief');
  const hours = usePlan(plan => plan.hours) ?? {};
  const zone = usePlan(plan => plan.zone);
  return (
    <>
      <Heading>Hours of the venue</Heading>
      {HOURS.map(([name, label]) => (
        <div key={name} className="flex items-baseline gap-x-4 py-1 border-b border-rule">
          <span className="grow">{label}</span>
          <InstantField
            label={label}
            value={hours[name]}
            zone={zone}
            optional
            onCommit={value =>
              store.editPlan(`Say “${label.toLowerCase()}”`, plan =>
                value === undefined ? plan.drop('hours', name) : plan.put('hours', name, value),
              )
            }
          />
        </div>
      ))}
      {brief.pastQuiet && <FigureRow figure={brief.pastQuiet} />}
    </>
  );
}
