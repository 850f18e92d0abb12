import { px } from '@idle-satchel/core';
import type { Device, Point } from '@idle-satchel/core';
import type { ReactNode, RefObject } from 'react';
import { useReading } from '../store/hooks.js';
import { placeWords } from './place-words.js';
import { useDrag } from './use-drag.js';

/** A device on the plan that can be dragged, focused and selected; its drawing is the children. */
export function Handle({
  id,
  device,
  at,
  on,
  lit,
  world,
  reach,
  children,
}: {
  id: string;
  device: Device;
  at: Point;
  on: boolean;
  lit: boolean;
  world: RefObject<SVGGElement | null>;
  /** Radius within which a pointer catches it, px. */
  reach: number;
  children: ReactNode;
}) {
  const drag = useDrag(id, device.label, at, world);
  const reading = useReading();
  return (
    <g
      className="handle"
      data-device={id}
      role="button"
      tabIndex={lit ? 0 : -1}
      aria-label={`${device.label}, ${placeWords(at, reading)}`}
      aria-pressed={on}
      {...drag}
      onFocus={event =>
        event.currentTarget.dispatchEvent(new CustomEvent('satchel-select', { bubbles: true, detail: id }))
      }
    >
      <circle className="halo" cx={px(at[0])} cy={px(at[1])} r={reach} />
      {children}
    </g>
  );
}
