import { boundsOf, inOrder, px, showText, type Point } from '@idle-satchel/core';
import { useEvent, useOpenEvent, useReading, useUi } from '../store/hooks.js';

/** Inside the room, beside the socket; below the wall where it is the south wall. */
function labelAt(
  outline: readonly Point[],
  x: number,
  y: number,
): { x: number; y: number; textAnchor: 'start' | 'middle' | 'end' } {
  const { max } = boundsOf(outline);
  if (x < px(1)) return { x: x + 10, y: y + 4, textAnchor: 'start' };
  if (y > px(max[1] - 1)) return { x, y: y + 20, textAnchor: 'middle' };
  return y < px(1) ? { x, y: y + 22, textAnchor: 'middle' } : { x: x - 10, y: y + 4, textAnchor: 'end' };
}

/** Mains and network sockets of the venue, named with the load on each where Power is what is looked at. */
export function SocketsLayer({ lit, named }: { lit: boolean; named: boolean }) {
  const { ui } = useOpenEvent();
  const venue = useEvent(state => state.assessment.ground.venue);
  const sockets = useEvent(state => (named ? state.assessment.power.sockets : undefined));
  const selected = useUi(state => state.selected);
  const reading = useReading();
  return (
    <g data-layer="sockets" data-lit={lit}>
      {inOrder(venue.sockets).map(([id, { at, label, circuit }]) => {
        const [x, y] = [px(at[0]), px(at[1])];
        const amps = sockets?.[id]?.amps;
        return (
          <g key={id} onClick={() => ui.select(circuit ?? id)}>
            <SocketSign
              x={x}
              y={y}
              on={selected !== undefined && (selected === id || selected === circuit)}
            />
            {named && (
              <text className="over" {...labelAt(venue.outline, x, y)} fontSize={11.5} fill="var(--ink)">
                {label}
                {amps ? ` ${showText(amps.value, amps.unit, reading)}` : ''}
              </text>
            )}
          </g>
        );
      })}
      {inOrder(venue.networkSockets).map(([id, { at, label }]) => {
        const [x, y] = [px(at[0]), px(at[1])];
        return (
          <g key={id}>
            <rect
              x={x - 5}
              y={y - 5}
              width={10}
              height={10}
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth={1.4}
            />
            <path d={`M${x - 2.5},${y + 2}h5v-3h-5z`} fill="var(--ink)" />
            {named && (
              <text className="over" x={x - 9} y={y + 4} textAnchor="end" fontSize={11.5} fill="var(--ink)">
                {label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** A mains socket at a place of the plan, px. */
export const SocketSign = ({ x, y, on }: { x: number; y: number; on: boolean }) => (
  <>
    <circle
      cx={x}
      cy={y}
      r={6}
      fill={on ? 'var(--brass)' : 'var(--paper)'}
      stroke="var(--ink)"
      strokeWidth={1.4}
    />
    <path d={`M${x - 2.5},${y - 1.5}v3m5,-3v3`} stroke="var(--ink)" strokeWidth={1.4} />
  </>
);
