import { inPlan, notOnPlan, type Device, type DocumentPatch } from '@idle-satchel/core';
import { useState, type PointerEvent as Pressed, type RefObject } from 'react';
import { useEvent, useOpenEvent, usePlan } from '../store/hooks.js';
import { usePointerDrag } from '../ui/pointer-drag.js';
import { floorUnder, hold, snapped } from './viewport.js';
import { putDown } from '../store/put-down.js';

/** What is not on the plan yet: pulled onto it, or put where new gear stands with Enter. */
export default function Tray({ world }: { world: RefObject<SVGGElement | null> }) {
  const plan = usePlan(whole => whole);
  const places = useEvent(state => state.assessment.ground.places);
  // What the hand holds stays in the tray until it is let go, though the preview has it on the plan.
  const [held, setHeld] = useState<string>();
  const pull = usePull(world, setHeld);
  const kinds = useEvent(state => state.bundle.kinds);
  const waiting = notOnPlan(plan, places, kinds);
  const kept = plan.devices?.[held ?? ''];
  const shown =
    held === undefined || !kept || waiting.some(([id]) => id === held)
      ? waiting
      : [[held, kept] as const, ...waiting];
  const { store, ui } = useOpenEvent();
  if (shown.length === 0) return null;
  return (
    <section
      aria-label="Not on the plan yet"
      className="absolute left-4 top-2 max-w-[55%] bg-paper border border-rule px-2 py-1 text-[13px]"
    >
      <p className="text-faint">Not on the plan yet: pull it there, or press Enter</p>
      <ul className="flex flex-wrap gap-1.5 py-1 max-h-24 overflow-auto">
        {shown.map(([id, device]) => (
          <li key={id}>
            <button
              className="tape tape-small cursor-grab touch-none"
              onPointerDown={event => pull(event, id, device)}
              onClick={event => {
                // A hand has let go of it by now; this is a key.
                if (event.detail !== 0) return;
                putDown(store, id, device.label);
                ui.select(id);
              }}
            >
              {device.label}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Pulls something out of the tray: a preview while it is held over the plan, one edit when it is let go there. */
function usePull(
  world: RefObject<SVGGElement | null>,
  setHeld: (id: string | undefined) => void,
): (event: Pressed, id: string, device: Device) => void {
  const { store, ui } = useOpenEvent();
  const begin = usePointerDrag();
  return (event, id, { label, place }) => {
    const sheet = event.currentTarget.closest('[aria-label="Plan"]')?.getBoundingClientRect();
    const floor = floorUnder(world.current);
    if (event.button !== 0 || !sheet || !floor) return;
    const changesAt = (where: PointerEvent): DocumentPatch[] | undefined => {
      const { clientX: x, clientY: y } = where;
      if (x < sheet.left || x > sheet.right || y < sheet.top || y > sheet.bottom) return undefined;
      const [east, south] = floor.at(where);
      return [inPlan().put('devices', id, 'place', { ...place, at: [snapped(east), snapped(south)] }).change];
    };
    const end = (): void => {
      hold(world.current, false);
      setHeld(undefined);
    };
    setHeld(id);
    begin(event, {
      move: moved => {
        hold(world.current, true);
        store.preview(changesAt(moved) ?? []);
      },
      drop: (dropped, moved) => {
        const changes = moved ? changesAt(dropped) : undefined;
        if (changes) store.commit(`Put ${label} on the plan`, changes);
        else store.preview([]);
        end();
        if (!moved) putDown(store, id, label);
        if (!moved || changes) ui.select(id);
      },
      cancel: () => {
        store.preview([]);
        end();
      },
    });
  };
}
