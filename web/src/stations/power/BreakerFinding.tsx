import { inOrder, isProved, pointerOf } from '@idle-satchel/core';
import { useResult } from '../../store/hooks.js';
import { useVenueField } from './use-venue-field.js';

/** Which socket hangs on which breaker: ticked as each is proved. */
export function BreakerFinding() {
  const { venue } = useResult('ground');
  const set = useVenueField();
  const sockets = inOrder(venue.sockets);
  if (sockets.length === 0) return null;
  const open = sockets.filter(([, socket]) => !isProved(socket)).length;
  return (
    <details className="border-b border-rule">
      <summary className="py-1 cursor-pointer">
        Which breaker is which{' '}
        <span className="text-faint">
          · {open === 0 ? 'all proved' : `${open} of ${sockets.length} to be proved`}
        </span>
      </summary>
      <p className="text-faint text-[13px]">
        A lamp in the socket, and whoever may switches the breaker off and on, with nothing running that
        minds.
      </p>
      <ul>
        {sockets.map(([id, socket]) => {
          const circuit = venue.circuits?.[socket.circuit ?? ''];
          const at = pointerOf('sockets', id, 'proved');
          return (
            <li key={id} className="py-1">
              <label className="flex gap-2 items-baseline">
                <input
                  type="checkbox"
                  aria-label={`Proved: ${socket.label}`}
                  disabled={!circuit}
                  checked={isProved(socket)}
                  onChange={event =>
                    set(
                      at,
                      socket.label,
                      event.target.checked
                        ? { at: new Date().toISOString(), circuit: socket.circuit }
                        : undefined,
                    )
                  }
                />
                <span>
                  {socket.label}{' '}
                  <span className="text-faint text-[13px]">
                    {circuit
                      ? [circuit.label, circuit.board ?? 'where its breaker is: unknown'].join(' · ')
                      : 'on which circuit: unknown, choose it in Ground'}
                  </span>
                </span>
              </label>
            </li>
          );
        })}
      </ul>
    </details>
  );
}
