import type { RackItem } from '@idle-satchel/core';
import { useOpenEvent } from '../../store/hooks.js';
import type { Grab } from './use-rack-moves.js';

/** What a rack holds off its rails, to be dragged in. */
export function OffRails({
  things,
  selected,
  onGrab,
}: {
  things: readonly (readonly [id: string, item: RackItem])[];
  selected: string | undefined;
  onGrab: Grab;
}) {
  const { ui } = useOpenEvent();
  return (
    <section aria-label="Off the rails" className="mt-2">
      <h3>Off the rails: drag it in, or press ↑</h3>
      <ul className="flex flex-wrap gap-2 py-2">
        {things.map(([id, { label, how }]) => (
          <li key={id}>
            <button
              className="tape tape-small touch-none"
              aria-pressed={id === selected}
              onPointerDown={event => onGrab(id, undefined, event)}
              onClick={() => ui.select(id)}
            >
              {label}
            </button>{' '}
            <span className="text-faint">{HELD[how]}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const HELD = {
  rails: '',
  tray: '',
  within: 'in another',
  fixed: 'fastened inside',
  lid: 'in the lid',
  loose: 'loose',
} as const;
