/** Moving the things of a rack in its picture: dragged with a preview and one edit on release, or stepped by keys. */
import {
  inPlan,
  placeDropped,
  placeStepped,
  placeTurned,
  sameJson,
  type Place,
  type RackPicture,
  type RackResult,
} from '@idle-satchel/core';
import type { PointerEvent, RefObject } from 'react';
import type { OnScreen } from '../../bench/viewport.js';
import { useOpenEvent } from '../../store/hooks.js';
import { usePointerDrag } from '../../ui/pointer-drag.js';
import { STEPS, useShortcuts } from '../../ui/shortcuts.js';

/** What takes hold of a thing, where its box is drawn, m; undefined where it is not in the picture. */
export type Grab = (
  id: string,
  box: { readonly x: number; readonly y: number; readonly width: number } | undefined,
  event: PointerEvent,
) => void;

/** Arrow keys and `r` move what is selected; what is returned takes hold of a thing with the pointer. */
export function useRackMoves({
  rackId,
  rack,
  picture,
  scale,
  svg,
}: {
  rackId: string;
  rack: RackResult;
  picture: RackPicture;
  /** px for each m. */
  scale: number;
  svg: RefObject<SVGSVGElement | null>;
}): Grab {
  const { store, ui } = useOpenEvent();
  const begin = usePointerDrag();
  const move = (id: string, place: Place | undefined, key?: string): boolean => {
    const label = rack.items[id]?.label;
    if (!place || label === undefined) return false;
    store.editPlan(`Move ${label}`, plan => plan.put('devices', id, 'place', place), key);
    return true;
  };
  const own = (): string | undefined => {
    const { selected: id = '' } = ui.get();
    return rack.items[id] ? id : undefined;
  };
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).map(([key, step]) => [
        key,
        () => {
          const id = own();
          return id !== undefined && move(id, placeStepped(rackId, rack, id, step), `move ${id}`);
        },
      ]),
    ),
    r: () => {
      const id = own();
      return id !== undefined && move(id, placeTurned(rackId, rack, id));
    },
  });

  return (id, box, event) => {
    const canvas = svg.current;
    const item = rack.items[id];
    if (event.button !== 0 || !canvas || !item) return;
    ui.select(id);
    const before = store.get().bundle.plan.devices?.[id]?.place;
    const pointAt = ({ clientX, clientY }: OnScreen): readonly [number, number] => {
      const seen = canvas.getBoundingClientRect();
      return [(clientX - seen.left) / scale, (clientY - seen.top) / scale];
    };
    const grabbed = pointAt(event);
    // What comes from outside hangs by the middle of its top.
    const held = box ? [grabbed[0] - box.x, grabbed[1] - box.y] : [0, 0];
    const placeAt = (where: OnScreen): Place | undefined => {
      const [x, y] = pointAt(where);
      return placeDropped(rackId, rack, picture, id, {
        x: x - (held[0] ?? 0),
        y: y - (held[1] ?? 0),
        width: box?.width ?? 0,
      });
    };
    let shown = before;
    begin(event, {
      holder: canvas,
      move: moved => {
        const place = placeAt(moved);
        if (!place || sameJson(place, shown)) return;
        shown = place;
        store.preview([inPlan().put('devices', id, 'place', place).change]);
      },
      drop: (dropped, moved) => {
        const place = moved ? placeAt(dropped) : undefined;
        if (!place || sameJson(place, before)) return store.preview([]);
        store.commit(`Move ${item.label}`, [inPlan().put('devices', id, 'place', place).change]);
      },
      cancel: () => store.preview([]),
    });
  };
}
