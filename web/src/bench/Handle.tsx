import { px } from '@idle-satchel/core';
import type { Device, Point } from '@idle-satchel/core';
import type { ReactNode, RefObject } from 'react';
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
  return (
    <g
      className="handle"
      data-device={id}
      role="button"
      tabIndex={lit ? 0 : -1}
      aria-label={`${device.label}, ${at[0].toFixed(1)} m east, ${at[1].toFixed(1)} m south`}
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
