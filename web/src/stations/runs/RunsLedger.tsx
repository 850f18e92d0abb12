import { showText } from '@idle-satchel/core';
import { Suspense } from 'react';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useOpenEvent, useReading, useResult, useUi } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';
import { SelectedDevice } from '../devices/SelectedDevice.js';
import { CutAll } from './CutAll.js';

const RunLedger = fetched(() => import('./RunLedger.js'));
const Labels = fetched(() => import('./Labels.js'));

/** Runs: each lead – its way, its length, what it carries that far, and the cables for it. */
export default function RunsLedger() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const runs = useResult('runs');
  const areas = useResult('ground').venue.areas;
  const reading = useReading();
  const flag = useFlags();
  const selected = useUi(state => state.selected);
  const crossing = Object.entries(runs.runs).filter(([, run]) => run.crosses);
  const inside = Object.entries(runs.runs).filter(([, run]) => !run.crosses);
  const worst = (id: string): 'stop' | 'risk' | undefined =>
    [runs.runs[id]?.reach, runs.runs[id]?.cable, runs.runs[id]?.onFloor]
      .map(figure => figure && flag(figure))
      .find(each => each !== undefined);
  const first = crossing.find(([id]) => worst(id)) ?? crossing[0];
  const current = selected !== undefined && runs.runs[selected] ? selected : first?.[0];
  const row = ([id, run]: (typeof crossing)[number]) => {
    const bad = worst(id);
    return (
      <button
        key={id}
        className={`row ${id === current ? 'bg-shade' : ''}`}
        aria-pressed={id === current}
        onClick={() => ui.select(id)}
      >
        <span className={bad === 'stop' ? 'text-stop' : bad === 'risk' ? 'text-risk' : ''}>
          <span className="text-faint">{run.number}</span>{' '}
          {bad === 'stop' ? '◆ ' : bad === 'risk' ? '◇ ' : ''}
          {run.label}
        </span>
        <span className="value">{showText(run.length.value, 'm', reading)}</span>
        <span className="text-faint">
          {typeof run.cable.value === 'string' ? run.cable.value : 'no cable'}
        </span>
      </button>
    );
  };
  return (
    <>
      <SelectedDevice />
      {current !== undefined && (
        <Suspense>
          <RunLedger id={current} />
        </Suspense>
      )}
      <Heading>Cables</Heading>
      <CutAll />
      <Heading>Across the floor</Heading>
      {crossing.map(row)}
      {crossing.length === 0 && (
        <p className="text-faint py-1">No lead crosses the floor yet. Plug things together under Signal.</p>
      )}
      {Object.entries(runs.looms).length > 0 && <Heading>Looms</Heading>}
      {Object.entries(runs.looms).map(([id, loom]) => (
        <FigureRow
          key={id}
          label={`${loom.members.map(member => runs.runs[member]?.number).join(', ')} lie together`}
          figure={loom.together}
        >
          {loom.members.map(member => runs.runs[member]?.label).join(' · ')}
          {Number(loom.trunk.value) > 0 &&
            ` · one fibre trunk instead would save ${showText(loom.trunk.value, 'm', reading)} of cable`}
        </FigureRow>
      ))}
      <Heading>On the floor</Heading>
      <FigureRows of={{ total: runs.totalOnFloor, taped: runs.taped, ramped: runs.ramped }} />
      {Number(runs.hooks.value) > 0 && <FigureRow figure={runs.hooks} />}
      {Number(runs.mats.value) > 0 && <FigureRow figure={runs.mats} />}
      {Object.entries(runs.passages).map(([id, { left }]) => (
        <FigureRow key={id} label={`Left to pass in ${areas?.[id]?.label ?? 'the aisle'}`} figure={left} />
      ))}
      {Object.entries(runs.beside).map(([id, { mains, lead }]) => (
        <FigureRow
          key={id}
          label={`${runs.runs[id]?.number ?? ''} beside ${runs.runs[lead]?.number ?? 'mains'}`}
          figure={mains}
        />
      ))}
      <p className="text-faint text-[13px] py-1">
        Tape every lead, ramp every crossing, nothing across an exit: a loose lead where the public walks
        stops the show.
      </p>
      <Heading>Labels and lists</Heading>
      <Suspense>
        <Labels />
      </Suspense>
      <Heading>In racks and on tables</Heading>
      {inside.map(row)}
    </>
  );
}
