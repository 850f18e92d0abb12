import { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS, numberOf, showText } from '@idle-satchel/core';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useFlags } from '../../ledger/flags.js';
import { useOpenEvent, usePlan, useReading, useResult, useStore, useUi } from '../../store/hooks.js';

/** Runs: each lead that crosses the floor – its length, what it carries that far, and the cable for it. */
export default function RunsLedger() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const runs = useResult('runs');
  const reading = useReading();
  const flag = useFlags();
  const selected = useUi(state => state.selected);
  const crossing = Object.entries(runs.runs).filter(([, run]) => run.crosses);
  const inside = Object.entries(runs.runs).filter(([, run]) => !run.crosses);
  const worst = (id: string): 'stop' | 'risk' | undefined =>
    flag(`runs.runs.${id}.reach`) ?? flag(`runs.runs.${id}.cable`) ?? flag(`runs.runs.${id}.onFloor`);
  const first = crossing.find(([id]) => worst(id)) ?? crossing[0];
  const current = selected !== undefined && runs.runs[selected] ? selected : first?.[0];
  return (
    <>
      {current !== undefined && <RunLedger id={current} />}
      <Heading>Across the floor</Heading>
      {crossing.map(([id, run]) => {
        const bad = worst(id);
        return (
          <button
            key={id}
            className={`row ${id === current ? 'bg-shade' : ''}`}
            aria-pressed={id === current}
            onClick={() => ui.select(id)}
          >
            <span className={bad === 'stop' ? 'text-stop' : bad === 'risk' ? 'text-risk' : ''}>
              {bad === 'stop' ? '◆ ' : bad === 'risk' ? '◇ ' : ''}
              {run.label}
            </span>
            <span className="value">{showText(run.length.value, 'm', reading)}</span>
            <span className="text-faint">
              {typeof run.cable.value === 'string' ? run.cable.value : 'no cable'}
            </span>
          </button>
        );
      })}
      {crossing.length === 0 && (
        <p className="text-faint py-1">No lead crosses the floor yet. Plug things together under Signal.</p>
      )}
      <FigureRow label="Taped on the floor" figure={runs.totalOnFloor} path="runs.totalOnFloor" />
      <FigureRow label="Ramps over" figure={runs.ramped} path="runs.ramped" />
      <p className="text-faint text-[13px] py-1">
        Tape every lead, ramp every crossing, nothing across an exit: a loose lead where the public walks
        stops the show.
      </p>
      <Heading>In racks and on tables</Heading>
      {inside.map(([id, run]) => (
        <p key={id} className="flex gap-2 py-1 border-b border-rule text-[13.5px]">
          <span className="grow">{run.label}</span>
          <span className="text-faint">
            {typeof run.cable.value === 'string' ? run.cable.value : 'no cable'}
          </span>
        </p>
      ))}
    </>
  );
}

function RunLedger({ id }: { id: string }) {
  const store = useStore();
  const run = useResult('runs').runs[id];
  const link = usePlan(plan => plan.links?.[id]);
  const flag = useFlags();
  if (!run) return null;
  const path = (name: string): string => `runs.runs.${id}.${name}`;
  const makes = CABLE_MAKES_BY_CONNECTOR[run.connector] ?? [];
  const ramps = run.crossings.filter(zone => zone.kind === 'aisle').map(zone => zone.label);
  const doors = run.crossings.filter(zone => zone.kind === 'door').map(zone => zone.label);
  return (
    <section aria-label={run.label}>
      <Heading
        about={run.label}
        right={
          makes.length > 1 && (
            <select
              className="field text-ink"
              aria-label="Make of cable"
              value={run.make}
              onChange={event =>
                store.patchPlan('Choose a make of cable', [
                  { op: 'add', path: `/links/${id}/make`, value: event.target.value },
                ])
              }
            >
              {makes.map(make => (
                <option key={make} value={make}>
                  {MAKE_WORDS[make]}
                </option>
              ))}
            </select>
          )
        }
      >
        Lead
      </Heading>
      {link?.make && <p className="text-faint text-[13px]">make chosen for this event</p>}
      <FigureRow
        label="On the floor"
        figure={run.onFloor}
        path={path('onFloor')}
        flag={flag(path('onFloor'))}
      >
        {[...ramps.map(each => `ramp over ${each}`), ...doors.map(each => `overhead at ${each}`)].join(', ')}
      </FigureRow>
      <FigureRow label="Rises at both ends" figure={run.rises} path={path('rises')} />
      <FigureRow label="Tails" figure={run.tails} path={path('tails')} />
      {(numberOf(run.overhead) ?? 0) > 0 && (
        <FigureRow label="Up and over doors" figure={run.overhead} path={path('overhead')} />
      )}
      <FigureRow
        label="Length with slack"
        figure={run.length}
        path={path('length')}
        flag={flag(path('length'))}
      />
      <FigureRow
        label="Carries by the house rule"
        figure={run.limit}
        path={path('limit')}
        flag={flag(path('limit'))}
      />
      <FigureRow label="Cable" figure={run.cable} path={path('cable')} flag={flag(path('cable'))} />
      <FigureRow
        label="Its length"
        figure={run.cableLength}
        path={path('cableLength')}
        flag={flag(path('cableLength'))}
      />
      <FigureRow label="Left over" figure={run.excess} path={path('excess')} />
      <FigureRow label="Reach" figure={run.reach} path={path('reach')} flag={flag(path('reach'))} />
    </section>
  );
}
