import {
  inOrder,
  numberOf,
  PLAN_SCALE,
  pointsOf,
  px,
  type CameraResult,
  type Device,
  type MapOf,
  type NameOffset,
  type Point,
  type Shot,
  type ShotResult,
  type Venue,
} from '@idle-satchel/core';
import { memo, type RefObject } from 'react';
import { useEvent, usePlan, useUi } from '../store/hooks.js';
import { Handle } from './Handle.js';
import { coverWords, useNames } from './StandingNames.js';

type World = RefObject<SVGGElement | null>;

/** Cameras with their angle-of-view wedges, and the line of sight of what the selected one is to show. */
export function ShotsLayer({ world, lit, lettering }: { world: World; lit: boolean; lettering: number }) {
  const names = useNames();
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
      {lit && selected !== undefined && <Beam lamp={selected} />}
      {lit && <Covered marks={marks} lettering={lettering} />}
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
            lettering={lettering}
            name={names.get(id)}
          />
        ) : null,
      )}
    </g>
  );
}

const Wedge = memo(function Wedge({ camera, on }: { camera: CameraResult; on: boolean }) {
  return (
    <>
      {camera.moving && (
        <polygon
          points={pointsOf(camera.moving.area)}
          fill="none"
          stroke={on ? 'var(--brass)' : 'var(--slate)'}
          strokeWidth={1.4}
          strokeDasharray="12 4 2 4"
          pointerEvents="none"
        />
      )}
      <polygon
        points={pointsOf(camera.wedge)}
        fill={on ? 'var(--brass)' : 'var(--slate)'}
        fillOpacity={on ? 0.16 : 0.07}
        stroke={on ? 'var(--brass)' : 'var(--slate)'}
        strokeOpacity={on ? 1 : 0.45}
        pointerEvents="none"
      />
    </>
  );
});

/** The floor that a lamp lights. */
function Beam({ lamp }: { lamp: string }) {
  const beam = useEvent(state => state.assessment.shots.lamps[lamp]?.beam);
  return beam && beam.length > 0 ? (
    <polygon
      points={pointsOf(beam)}
      fill="var(--tape)"
      fillOpacity={0.12}
      stroke="var(--brass)"
      strokeDasharray="1 4"
      pointerEvents="none"
    />
  ) : null;
}

/** Beside each mark that is wanted, how many cameras could take its shot; a ring where only one could, or none. */
function Covered({ marks, lettering: k }: { marks: Venue['marks']; lettering: number }) {
  const names = useNames();
  const coverage = useEvent(state => state.assessment.shots.coverage);
  return (
    <g pointerEvents="none">
      {Object.entries(coverage).map(([id, { count }]) => {
        const at = marks?.[id]?.at;
        const able = numberOf(count);
        if (!at || able === undefined) return null;
        const [x, y] = [px(at[0]), px(at[1])];
        const offset = names.get(id);
        const alone = able < 2;
        return (
          <g key={id}>
            {alone && (
              <circle cx={x} cy={y} r={9 * k} fill="none" stroke="var(--madder)" strokeWidth={1.6 * k} />
            )}
            {offset && (
              <text
                className="over"
                x={x + offset[0] * k}
                y={y + (offset[1] + 4) * k}
                textAnchor="middle"
                fontSize={11.5 * k}
                fontWeight={600}
                fill={alone ? 'var(--madder)' : 'var(--faint-word)'}
              >
                {coverWords(able)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

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
          <polyline
            key={shot}
            points={pointsOf([at, mark.at])}
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
  lettering: k,
  name: [right, down] = [0, -20],
}: {
  id: string;
  camera: CameraResult;
  device: Device;
  on: boolean;
  world: World;
  lit: boolean;
  lettering: number;
  /** From it to the middle of its tape, px of the screen. */
  name: NameOffset | undefined;
}) {
  if (!camera.at) return null;
  const [x, y] = [px(camera.at[0]), px(camera.at[1])];
  const width = device.label.length * 7 + 14;
  const [middle, top] = [x + right * k, y + (down - 8.5) * k];
  return (
    <Handle id={id} device={device} on={on} lit={lit} world={world} at={camera.at} reach={14 * k}>
      <polygon
        points={bodyAt(camera.at, numberOf(camera.aim) ?? 0, k)}
        fill={on ? 'var(--brass)' : 'var(--slate)'}
        stroke="var(--paper)"
        strokeWidth={1.2 * k}
      />
      <polygon
        points={tapeAt(middle, top, width, k)}
        fill="var(--tape)"
        stroke={on ? 'var(--brass)' : 'var(--rule)'}
        strokeWidth={(on ? 1.6 : 1) * k}
      />
      <text
        x={middle}
        y={top + 13 * k}
        textAnchor="middle"
        fontSize={13 * k}
        fontWeight={600}
        fill="var(--ink)"
        style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
      >
        {device.label}
      </text>
    </Handle>
  );
});

const BODY: readonly Point[] = [
  [-7, -5],
  [5, -5],
  [9, -3],
  [9, 3],
  [5, 5],
  [-7, 5],
];

/** The camera's body, turned to its aim: points, since a transform would be composited anew at every step. */
function bodyAt([x, y]: Point, aim: number, k: number): string {
  const [cos, sin] = [Math.cos((aim * Math.PI) / 180), Math.sin((aim * Math.PI) / 180)];
  return pointsOf(
    BODY.map(([dx, dy]) => [
      x + ((dx * cos - dy * sin) * k) / PLAN_SCALE,
      y + ((dx * sin + dy * cos) * k) / PLAN_SCALE,
    ]),
  );
}

/** A torn strip of tape around a middle, `k` times as large as its width, px. */
function tapeAt(middle: number, from: number, width: number, k: number): string {
  const [left, right, top] = [-width / 2, width / 2, 0];
  const edge = [
    ...[left + 2, top, right - 2, top, right, top + 4, right - 3, top + 8, right, top + 13],
    ...[right - 2, top + 17, left + 2, top + 17, left, top + 12, left + 3, top + 8, left, top + 3],
  ];
  return edge.map((each, i) => each * k + (i % 2 === 0 ? middle : from)).join(' ');
}
