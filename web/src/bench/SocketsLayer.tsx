import { inOrder, px, showText, signsPath, type Point } from '@idle-satchel/core';
import { useEvent, useOpenEvent, useReading, useUi } from '../store/hooks.js';
import { useNames } from './StandingNames.js';
import { useDrawnVenue } from './use-drawn-venue.js';

/** Mains and network sockets of the venue, named with the load on each where Power is what is looked at. */
export function SocketsLayer({ lit, named, lettering }: { lit: boolean; named: boolean; lettering: number }) {
  const { ui } = useOpenEvent();
  const venue = useDrawnVenue();
  const sockets = useEvent(state => (named ? state.assessment.power.sockets : undefined));
  const selected = useUi(state => state.selected);
  const reading = useReading();
  const names = useNames();
  const nameAt = (id: string, [x, y]: Point) => {
    const [right, down] = names.get(id) ?? [0, -18];
    return {
      className: 'over',
      x: px(x) + right * lettering,
      y: px(y) + (down + 4) * lettering,
      textAnchor: 'middle',
      fontSize: 11.5 * lettering,
      fill: 'var(--ink)',
    } as const;
  };
  return (
    <g data-layer="sockets" data-lit={lit}>
      {inOrder(venue.sockets).map(([id, { at, label, circuit }]) => {
        const amps = sockets?.[id]?.amps;
        return (
          <g key={id} onClick={() => ui.select(circuit ?? id)}>
            <SocketSign
              at={at}
              lettering={lettering}
              on={selected !== undefined && (selected === id || selected === circuit)}
            />
            {named && (
              <text {...nameAt(id, at)}>
                {label}
                {amps ? ` ${showText(amps.value, amps.unit, reading)}` : ''}
              </text>
            )}
          </g>
        );
      })}
      {inOrder(venue.networkSockets).map(([id, { at, label }]) => {
        return (
          <g key={id}>
            <path
              d={signsPath('networkSockets', [at], lettering)}
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth={1.4 * lettering}
            />
            {named && <text {...nameAt(id, at)}>{label}</text>}
          </g>
        );
      })}
    </g>
  );
}

/** A mains socket at a place of the plan. */
export const SocketSign = ({ at, on, lettering }: { at: Point; on: boolean; lettering: number }) => (
  <path
    d={signsPath('sockets', [at], lettering)}
    fill={on ? 'var(--brass)' : 'var(--paper)'}
    stroke="var(--ink)"
    strokeWidth={1.4 * lettering}
  />
);
