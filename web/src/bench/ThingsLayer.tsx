import { inOrder, px, thingName, type Device, type Point } from '@idle-satchel/core';
import { memo, type RefObject } from 'react';
import { useEvent, usePlan, useUi } from '../store/hooks.js';
import { Handle } from './Handle.js';
import { useDrawnVenue } from './use-drawn-venue.js';

/** Everything else that stands in the room: desk rack, screens, lamps. */
export function ThingsLayer({
  world,
  lit,
  lampsLit = lit,
}: {
  world: RefObject<SVGGElement | null>;
  lit: boolean;
  /** Lamps can be taken hold of where light is planned, too. */
  lampsLit?: boolean;
}) {
  const devices = usePlan(plan => plan.devices);
  const cameras = useEvent(state => state.assessment.shots.cameras);
  const lamps = useEvent(state => state.assessment.shots.lamps);
  const places = useEvent(state => state.assessment.ground.places);
  const selected = useUi(state => state.selected);
  const things = (of: 'lamps' | 'others', shown: boolean) => (
    <g data-layer={of} data-lit={shown}>
      {inOrder(devices).map(([id, device]) => {
        const { at, carrier } = places[id] ?? {};
        return at && carrier === id && !cameras[id] && (of === 'lamps') === (lamps[id] !== undefined) ? (
          <Thing key={id} id={id} device={device} at={at} on={id === selected} world={world} lit={shown} />
        ) : null;
      })}
    </g>
  );
  return (
    <>
      {things('others', lit)}
      {things('lamps', lampsLit)}
    </>
  );
}

const Thing = memo(function Thing({
  id,
  device,
  at,
  on,
  world,
  lit,
}: {
  id: string;
  device: Device;
  at: Point;
  on: boolean;
  world: RefObject<SVGGElement | null>;
  lit: boolean;
}) {
  const { outline } = useDrawnVenue();
  const [x, y] = [px(at[0]), px(at[1])];
  return (
    <Handle id={id} device={device} at={at} on={on} lit={lit} world={world} reach={12}>
      <rect
        x={x - 6}
        y={y - 6}
        width={12}
        height={12}
        fill={on ? 'var(--brass)' : 'var(--shade)'}
        stroke="var(--ink)"
        strokeWidth={1.2}
      />
      {(lit || on) && (
        <text
          className="over"
          {...thingName(at, outline, device.resident === true)}
          fontSize={11.5}
          fill="var(--ink)"
        >
          {device.label}
        </text>
      )}
    </Handle>
  );
});
