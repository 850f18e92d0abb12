import {
  inPlan,
  placeDropped,
  placeStepped,
  placeTurned,
  RACK_VIEWS,
  rackLayout,
  rackPicture,
  sameJson,
  VIEW_WORDS,
  type Place,
  type RackPicture,
  type RackResult,
  type RackViewName,
} from '@idle-satchel/core';
import { useRef, useState, type PointerEvent, type ReactNode } from 'react';
import { useSize } from '../../bench/use-size.js';
import { usePointerDrag } from '../../ui/pointer-drag.js';
import { STEPS, useShortcuts } from '../../ui/shortcuts.js';
import { useOpenEvent, useUi } from '../../store/hooks.js';
import { RackViewDrawn } from './RackViewDrawn.js';

/** Below this width, px, one view is drawn at a time. */
const NARROW = 560;
/** The picture is no higher than this, px. */
const HIGHEST = 500;
const BELOW = 4;

/** What takes hold of a thing, by its id and where its box begins under the pointer, px. */
export type Grab = (
  id: string,
  box: { readonly left: number; readonly top: number },
  event: PointerEvent,
) => void;

/** A rack to scale, with what lies loose in it beneath; things are dragged, or moved with the arrow keys. */
export function RackBench({
  id: rackId,
  rack,
  children,
}: {
  id: string;
  rack: RackResult;
  children?: ReactNode;
}) {
  const { store, ui } = useOpenEvent();
  const selected = useUi(state => state.selected);
  const frame = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const { width } = useSize(frame);
  const [one, setOne] = useState<RackViewName>('front');
  const narrow = width > 0 && width < NARROW;
  const { picture, scale } = narrow
    ? alone(rackPicture(rack, [[one]]), width)
    : rackLayout(rack, { width: Math.max(width, NARROW), height: HIGHEST });
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

  const grab: Grab = (id, { left, top }, event) => {
    const canvas = svg.current;
    const item = rack.items[id];
    if (event.button !== 0 || !canvas || !item) return;
    ui.select(id);
    const grabbed = [event.clientX - left, event.clientY - top] as const;
    const boxWidth = item.box ? (item.box.across[1] - item.box.across[0]) * scale : 0;
    const before = store.get().bundle.plan.devices?.[id]?.place;
    const placeAt = (at: { readonly clientX: number; readonly clientY: number }): Place | undefined => {
      const seen = canvas.getBoundingClientRect();
      return placeDropped(rackId, rack, picture, id, {
        x: (at.clientX - grabbed[0] - seen.left) / scale,
        y: (at.clientY - grabbed[1] - seen.top) / scale,
        width: boxWidth / scale,
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

  const off = Object.entries(rack.items).filter(([, { box }]) => !box);
  return (
    <div ref={frame} className="max-w-[1100px]">
      {narrow && (
        <div className="flex flex-wrap gap-2 mb-2" role="group" aria-label="View">
          {RACK_VIEWS.map(name => (
            <button key={name} className="button" aria-pressed={one === name} onClick={() => setOne(name)}>
              {VIEW_WORDS[name]}
            </button>
          ))}
        </div>
      )}
      {width > 0 && (
        <svg
          ref={svg}
          className="plan block touch-none"
          width={picture.width * scale}
          height={picture.height * scale + BELOW}
          role="group"
          aria-label={`${rack.label}, to scale`}
        >
          {picture.views.map(view => (
            <RackViewDrawn
              key={view.name}
              rack={rack}
              picture={picture}
              view={view}
              scale={scale}
              selected={selected}
              onGrab={grab}
            />
          ))}
        </svg>
      )}
      <p className="text-faint text-[12.5px]">Dotted: plugs and their leads. Dashed: seen from behind.</p>
      {off.length > 0 && (
        <section aria-label="Off the rails" className="mt-2">
          <h3>Off the rails: drag it in, or press ↑</h3>
          <ul className="flex flex-wrap gap-2 py-2">
            {off.map(([id, item]) => (
              <li key={id}>
                <button
                  className="tape tape-small touch-none"
                  aria-pressed={id === selected}
                  onPointerDown={event => {
                    const { left, top } = event.currentTarget.getBoundingClientRect();
                    grab(id, { left, top }, event);
                  }}
                  onClick={() => ui.select(id)}
                >
                  {item.label}
                </button>{' '}
                <span className="text-faint">{HELD[item.how]}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {children}
    </div>
  );
}

const alone = (picture: RackPicture, width: number) => ({
  picture,
  scale: Math.min(width / picture.width, HIGHEST / picture.height) || 1,
});

const HELD = {
  rails: '',
  tray: '',
  within: 'in another',
  fixed: 'fastened inside',
  lid: 'in the lid',
  loose: 'loose',
} as const;
