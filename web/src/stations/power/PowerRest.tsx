import { useMemo } from 'react';
import { inOrder, showText, startOrder, type DeviceLoad, type SwitchedOn } from '@idle-satchel/core';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useResult, useUi } from '../../store/hooks.js';

/** What else there is of power: the building, switching on, supplies, network cables, strips, leads and devices. */
export default function PowerRest() {
  const power = useResult('power');
  const runs = useResult('runs').runs;
  const venue = useEvent(state => state.assessment.ground.venue);
  const devices = usePlan(plan => plan.devices);
  const selected = useUi(state => state.selected) ?? '';
  const label = (id: string): string => devices?.[id]?.label ?? id;
  const { phases = {}, ...building } = power.building;
  const end = power.ends[selected];
  const bundle = useEvent(state => state.bundle);
  const ground = useResult('ground');
  const order = useMemo(() => startOrder(bundle, { power, ground }), [bundle, power, ground]);
  return (
    <>
      {end && power.devices[selected] && (
        <section>
          <Heading about={label(selected)}>At the end of its leads</Heading>
          <FigureRows of={{ lost: end.lost, volts: end.volts, spare: end.spare, extension: end.extension }} />
        </section>
      )}
      {Object.keys(phases).length + Object.keys(building).length > 0 && (
        <section>
          <Heading>The building</Heading>
          {Object.entries(phases).map(([phase, figure]) => (
            <FigureRow key={phase} label={`Phase ${phase}, ours and others’`} figure={figure} />
          ))}
          <FigureRows of={building} />
        </section>
      )}
      {inOrder(venue.residuals).map(([id, residual]) => (
        <section key={id}>
          <Heading about={residual.label} right={`${residual.trip} mA`}>
            Residual-current device
          </Heading>
          <FigureRows of={power.residuals[id] ?? {}} />
        </section>
      ))}
      {Object.entries(power.startUps).map(([id, start]) => (
        <section key={id}>
          <Heading about={venue.circuits?.[id]?.label}>Switching on</Heading>
          <FigureRows of={start} />
          <SwitchOn of={order[id] ?? []} />
        </section>
      ))}
      {Object.entries(power.standbys).map(([id, standby]) => (
        <section key={id}>
          <Heading about={label(id)}>When the mains go</Heading>
          <FigureRows of={standby} />
        </section>
      ))}
      {Object.entries(power.supplies).map(([id, supply]) => (
        <section key={id}>
          <Heading about={label(id)}>Supply</Heading>
          <FigureRows of={supply} />
          {power.poeBudgets[id] && <FigureRows of={power.poeBudgets[id]} />}
          {power.standIns[id] && <FigureRows of={power.standIns[id]} />}
        </section>
      ))}
      {Object.entries(power.poe).map(([id, poe]) => (
        <section key={id}>
          <Heading about={label(id)}>Over its network cable</Heading>
          <FigureRows of={poe} />
        </section>
      ))}
      {Object.entries(power.outlets).map(([id, outlet]) =>
        outlet.volts || id === selected ? (
          <section key={id}>
            <Heading about={label(id)}>At its outlet</Heading>
            <FigureRows of={outlet} />
          </section>
        ) : null,
      )}
      {Object.entries(power.inners).map(([id, inner]) =>
        power.feeds[id]?.source === 'battery' || id === selected ? (
          <section key={id}>
            <Heading about={label(id)}>Battery inside</Heading>
            <FigureRows of={inner} />
          </section>
        ) : null,
      )}
      {Object.keys(power.strips).length > 0 && <Heading>Strips</Heading>}
      {Object.entries(power.strips).map(([id, { share }]) => (
        <FigureRow key={id} label={label(id)} figure={share} unit="of its rating" />
      ))}
      {Object.keys(power.drops).length > 0 && <Heading>Voltage lost on leads</Heading>}
      {Object.entries(power.drops).map(([id, { drop }]) => (
        <FigureRow key={id} label={runs[id]?.label ?? id} figure={drop} />
      ))}
      <Heading>Devices</Heading>
      {Object.entries(power.devices).map(([id, { watts, fedBy }]) => (
        <Device key={id} label={label(id)} watts={watts} fedBy={fedBy} />
      ))}
      <FigureRow figure={power.total} />
    </>
  );
}

/** In what order to switch on what hangs on a circuit. */
function SwitchOn({ of }: { of: readonly SwitchedOn[] }) {
  const reading = useReading();
  return (
    <ol aria-label="Switch on in this order" className="list-decimal pl-6 py-1">
      {of.map(({ device, label, inrush }) => (
        <li key={device}>
          {label}{' '}
          <span className="text-faint">
            {inrush === undefined ? 'inrush not known' : `inrush ${showText(inrush, 'A', reading)}`}
          </span>
        </li>
      ))}
    </ol>
  );
}

/** What a device takes, and what feeds it: the line is flagged when nothing does. */
function Device({ label, watts, fedBy }: { label: string } & Pick<DeviceLoad, 'watts' | 'fedBy'>) {
  return (
    <FigureRow label={label} figure={watts} because={fedBy}>
      {fedBy.value === null ? fedBy.why : `from ${String(fedBy.value)}`}
    </FigureRow>
  );
}
