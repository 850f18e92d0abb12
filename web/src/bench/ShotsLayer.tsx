import {
  inOrder,
  numberOf,
  type CameraResult,
  type Device,
  type MapOf,
  type ShotResult,
  type Shot,
  type Venue,
} from '@idle-satchel/core';
import { memo, type RefObject } from 'react';
import { useEvent, usePlan, useUi } from '../store/hooks.js';
import { Handle } from './Handle.js';
import { pathOf, px } from './viewport.js';

type World = RefObject<SVGGElement | null>;

/** Cameras with their angle-of-view wedges, and the line of sight of what the selected one is to show. */
export function ShotsLayer({ world, lit }: { world: World; lit: boolean }) {
  const cameras = useEvent(state => state.assessment.shots.cameras);
  const results = useEvent(state => state.assessment.shots.shots);
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const shots = usePlan(plan => plan.shots);
  const devices = usePlan(plan => plan.devices);
  const selected = useUi(state => state.selected);
  const entries = Object.entries(cameras);
  return (
    <g data-layer="shots" data-lit={lit}>
      {entries.map(([id, camera]) => (
        <Wedge key={id} camera={camera} on={lit && id === selected} />
      ))}
      {lit && selected !== undefined && cameras[selected] && (
        <Sights camera={cameras[selected]} id={selected} shots={shots} results={results} marks={marks} />
      )}
      {entries.map(([id, camera]) =>
        devices?.[id] ? (
          <Camera
            key={id}
            id={id}
            camera={camera}
            device={devices[id]}
            on={id === selected}
            world={world}
            lit={lit}
          />
        ) : null,
      )}
    </g>
  );
}

const Wedge = memo(function Wedge({ camera, on }: { camera: CameraResult; on: boolean }) {
  return (
    <path
      d={pathOf(camera.wedge, true)}
      fill={on ? 'var(--brass)' : 'var(--slate)'}
      fillOpacity={on ? 0.16 : 0.07}
      stroke={on ? 'var(--brass)' : 'var(--slate)'}
      strokeOpacity={on ? 1 : 0.45}
      pointerEvents="none"
    />
  );
});

function Sights({
  camera,
  id,
  shots,
  results,
  marks,
}: {
  camera: CameraResult;
  id: string;
  shots: MapOf<Shot> | undefined;
  results: Readonly<Record<string, ShotResult>>;
  marks: Venue['marks'];
}) {
  const { at } = camera;
  if (!at) return null;
  return (
    <g>
      {inOrder(shots).map(([shot, { camera: taker, mark: markId }]) => {
        const mark = marks?.[markId];
        if (taker !== id || !mark) return null;
        const sight = results[shot]?.sight.value;
        const broken = sight === 'blocked' || sight === 'part';
        return (
          <path
            key={shot}
            d={pathOf([at, mark.at])}
            stroke={broken ? 'var(--madder)' : 'var(--brass)'}
            strokeWidth={1.4}
            strokeDasharray={broken ? '7 3 2 3' : '2 3'}
          />
        );
      })}
    </g>
  );
}

const Camera = memo(function Camera({
  id,
  camera,
  device,
  on,
  world,
  lit,
}: {
  id: string;
  camera: CameraResult;
  device: Device;
  on: boolean;
  world: World;
  lit: boolean;
}) {
  if (!camera.at) return null;
  const [x, y] = [px(camera.at[0]), px(camera.at[1])];
  const width = device.label.length * 7 + 14;
  return (
    <Handle {...{ id, device, on, lit, world }} at={camera.at} reach={14}>
      <g transform={`translate(${x} ${y}) rotate(${numberOf(camera.aim) ?? 0})`}>
        <path
          d="M-7,-5H5L9,-3V3L5,5H-7Z"
          fill={on ? 'var(--brass)' : 'var(--slate)'}
          stroke="var(--paper)"
          strokeWidth={1.2}
        />
      </g>
      <g transform={`translate(${x - width / 2} ${y - 28})`}>
        <path
          d={`M2,0H${width - 2}L${width},4L${width - 3},8L${width},13L${width - 2},17H2L0,12L3,8L0,3Z`}
          fill="var(--tape)"
          stroke={on ? 'var(--brass)' : 'var(--rule)'}
          strokeWidth={on ? 1.6 : 1}
        />
        <text
          x={width / 2}
          y={13}
          textAnchor="middle"
          fontSize={13}
          fontWeight={600}
          fill="var(--ink)"
          style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
        >
          {device.label}
        </text>
      </g>
    </Handle>
  );
});
