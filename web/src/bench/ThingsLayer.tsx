import { inOrder, px, type Device, type NameOffset, type Point } from '@idle-satchel/core';
import { memo, type RefObject } from 'react';
import { useEvent, usePlan, useUi } from '../store/hooks.js';
import { Handle } from './Handle.js';
import { useNames } from './StandingNames.js';

/** Everything else that stands in the room: desk rack, screens, lamps. */
export function ThingsLayer({
  world,
  lit,
  lampsLit = lit,
  lettering,
}: {
  world: RefObject<SVGGElement | null>;
  lit: boolean;
  /** Lamps can be taken hold of where light is planned, too. */
  lampsLit?: boolean;
  lettering: number;
}) {
  const names = useNames();
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
          <Thing
            key={id}
            id={id}
            device={device}
            at={at}
            on={id === selected}
            world={world}
            lit={shown}
            lettering={lettering}
            name={names.get(id)}
          />
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
  lettering: k,
  name: [right, down] = [0, -18],
}: {
  id: string;
  device: Device;
  at: Point;
  on: boolean;
  world: RefObject<SVGGElement | null>;
  lit: boolean;
  lettering: number;
  /** From it to the middle of its name, px of the screen. */
  name: NameOffset | undefined;
}) {
  const [x, y] = [px(at[0]), px(at[1])];
  return (
    <Handle id={id} device={device} at={at} on={on} lit={lit} world={world} reach={12 * k}>
      <rect
        x={x - 6 * k}
        y={y - 6 * k}
        width={12 * k}
        height={12 * k}
        fill={on ? 'var(--brass)' : 'var(--shade)'}
        stroke="var(--ink)"
        strokeWidth={1.2 * k}
      />
      {(lit || on) && (
        <text
          className="over"
          x={x + right * k}
          y={y + (down + 4) * k}
          textAnchor="middle"
          fontSize={11.5 * k}
          fill="var(--ink)"
        >
          {device.label}
        </text>
      )}
    </Handle>
  );
});
