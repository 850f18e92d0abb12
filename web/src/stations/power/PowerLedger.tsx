import { inOrder } from '@idle-satchel/core';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, usePlan, useResult, useUi } from '../../store/hooks.js';

/** Power: load on circuits, sockets and strips, voltage lost on leads, and how long batteries last. */
export default function PowerLedger() {
  useWorkingKey();
  const power = useResult('power');
  const runs = useResult('runs').runs;
  const venue = useEvent(state => state.assessment.ground.venue);
  const devices = usePlan(plan => plan.devices);
  const selected = useUi(state => state.selected);
  const flag = useFlags();
  const circuits = inOrder(venue.circuits).toSorted(
    ([a], [b]) => Number(b === selected) - Number(a === selected),
  );
  return (
    <>
      <p className="text-faint text-[13px] pt-2">
        Advice only: electrical work belongs to qualified people under local code. Tested leads, reels fully
        unrolled, no adapter covered.
      </p>
      {Object.entries(power.batteries).map(([id, life]) => (
        <section key={id}>
          <Heading about={devices?.[id]?.label}>Battery</Heading>
          <FigureRow label="Usable" figure={life.usable} path={`power.batteries.${id}.usable`} />
          <FigureRow label="Load" figure={life.load} path={`power.batteries.${id}.load`} />
          <FigureRow label="Lasts" figure={life.minutes} path={`power.batteries.${id}.minutes`} />
          <FigureRow
            label="Empty at"
            figure={life.ends}
            path={`power.batteries.${id}.ends`}
            flag={flag(`power.batteries.${id}.ends`)}
          />
          <FigureRow
            label="Left at the end of the event"
            figure={life.margin}
            path={`power.batteries.${id}.margin`}
            flag={flag(`power.batteries.${id}.margin`)}
          />
        </section>
      ))}
      {circuits.map(([id, { label, amps }]) => {
        const load = power.circuits[id];
        if (!load) return null;
        const path = (name: string): string => `power.circuits.${id}.${name}`;
        return (
          <section key={id} className={id === selected ? 'border-l-3 border-brass pl-3 -ml-[15px]' : ''}>
            <Heading about={label} right={`${amps} A`}>
              Circuit
            </Heading>
            <FigureRow label="Already on it" figure={load.other} path={path('other')} />
            <FigureRow label="Ours" figure={load.ours} path={path('ours')} />
            <FigureRow
              label="Counted by the house rule"
              figure={load.counted}
              path={path('counted')}
              flag={flag(path('counted'))}
            />
            <FigureRow
              label="Of the breaker"
              figure={load.share}
              path={path('share')}
              flag={flag(path('share'))}
            />
            {inOrder(venue.sockets)
              .filter(([, socket]) => socket.circuit === id)
              .map(([socket, each]) => {
                const figure = power.sockets[socket]?.amps;
                return (
                  figure && (
                    <FigureRow
                      key={socket}
                      label={`Socket ${each.label}`}
                      figure={figure}
                      path={`power.sockets.${socket}.amps`}
                      flag={flag(`power.sockets.${socket}.amps`)}
                    />
                  )
                );
              })}
          </section>
        );
      })}
      <Heading>Strips</Heading>
      {Object.entries(power.strips).map(([id, load]) => (
        <FigureRow
          key={id}
          label={devices?.[id]?.label ?? id}
          figure={load.share}
          path={`power.strips.${id}.share`}
          unit="of its rating"
          flag={flag(`power.strips.${id}.share`)}
        />
      ))}
      <Heading>Voltage lost on leads</Heading>
      {Object.entries(power.drops).map(([id, { drop }]) => (
        <FigureRow
          key={id}
          label={runs[id]?.label ?? id}
          figure={drop}
          path={`power.drops.${id}.drop`}
          flag={flag(`power.drops.${id}.drop`)}
        />
      ))}
      <Heading>Devices</Heading>
      {Object.entries(power.devices).map(([id, load]) => (
        <FigureRow
          key={id}
          label={devices?.[id]?.label ?? id}
          figure={load.watts}
          path={`power.devices.${id}.watts`}
          flag={flag(`power.devices.${id}.fedBy`)}
        >
          {load.fedBy.value === null ? load.fedBy.why : `from ${String(load.fedBy.value)}`}
        </FigureRow>
      ))}
      <FigureRow label="All together" figure={power.total} path="power.total" />
    </>
  );
}
