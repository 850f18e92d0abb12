import {
  boundsOf,
  groupOf,
  moveBy,
  moved,
  OUTLINE,
  partAt,
  partsOf,
  pointsOf,
  px,
  snapShift,
  wallSides,
  type Part,
  type Point,
  type Reading,
} from '@idle-satchel/core';
import { useSteps } from '../use-steps.js';
import { memo, useMemo, type MouseEvent, type PointerEvent, type RefObject } from 'react';
import { useOpenEvent, useReading, useUi } from '../../store/hooks.js';
import { useDrawnVenue } from '../use-drawn-venue.js';

import { CornerHandles } from './CornerHandles.js';
import { placeWords, shiftWords } from '../place-words.js';
import { kindWords } from './part-words.js';
import { pickedIn, usePicked } from './picked.js';
import { usePull, type Pulled } from './use-pull.js';

type World = RefObject<SVGGElement | null>;

/** By what the parts are stacked: the largest beneath, so that what lies on it can be caught. */
function spread({ path, points }: Part): number {
  if (path === OUTLINE) return Infinity;
  const { min, max } = boundsOf(points);
  const [across, down] = [max[0] - min[0], max[1] - min[1]];
  return across * down + across + down;
}

const pathUnder = (event: { target: EventTarget }): string | undefined =>
  (event.target as Element).closest('[data-part]')?.getAttribute('data-part') ?? undefined;

/** Everything of the venue that can be picked, moved and reshaped. */
export function PartsLayer({ world }: { world: World }) {
  const { store, ui } = useOpenEvent();
  const venue = useDrawnVenue();
  const reading = useReading();
  const { near } = useSteps();
  const picked = usePicked();
  const parts = useMemo(
    () =>
      partsOf(venue)
        .map(part => ({ part, size: spread(part) }))
        .sort((a, b) => b.size - a.size)
        .map(({ part }) => part),
    [venue],
  );
  // What is faded is out of reach too, or there would be no use in fading it.
  const faint = useUi(state => state.faint);
  const within = parts.filter(part => !faint.has(groupOf(part)));

  const pullOf = (event: PointerEvent<SVGElement>): Pulled | undefined => {
    const path = pathUnder(event);
    const handle = (event.target as Element).closest('.handle');
    if (path === undefined || !handle || event.shiftKey) return undefined;
    const { venue: now } = store.get().assessment.ground;
    const before = pickedIn(now, ui.get());
    const paths = before.includes(path) ? before : [path];
    if (!before.includes(path)) ui.pick(path);
    const moving = paths.flatMap(each => partAt(now, each) ?? []).filter(part => !part.locked);
    if (moving.length === 0) return undefined;
    const points = moving.flatMap(part => part.points);
    const walls = wallSides(now, paths);
    const settle = (shift: Point, reach: number) => snapShift(points, shift, { walls, reach, grid: near });
    const at = points[0] ?? [0, 0];
    return {
      show: (rough, reach) => {
        const { shift, because } = settle(rough, reach);
        const words = shiftWords(shift, reading);
        return {
          shapes: moving,
          shift,
          at,
          words: because === 'wall' || because === 'corner' ? `${words} · at the ${because}` : words,
        };
      },
      drop: (rough, reach) => {
        const { shift } = settle(rough, reach);
        const label = moving.length === 1 ? (moving[0]?.label ?? '') : `${moving.length} things`;
        store.editVenue(`Move ${label}`, moved(now, paths, moveBy(...shift)));
      },
    };
  };
  const { justPulled, ...pulling } = usePull(world, pullOf);
  const onClick = (event: MouseEvent): void => {
    const path = pathUnder(event);
    if (path !== undefined && !justPulled()) ui.pick(path, event.shiftKey);
  };

  const [only] = picked;
  const alone = picked.length === 1 && only !== undefined ? partAt(venue, only) : undefined;
  return (
    <>
      <g
        data-layer="parts"
        data-lit="true"
        {...pulling}
        onClick={onClick}
        onFocus={event => {
          const path = pathUnder(event);
          if (path !== undefined && event.target.matches(':focus-visible')) ui.pick(path);
        }}
      >
        {within.map(part => (
          <PartTarget key={part.path} part={part} on={picked.includes(part.path)} reading={reading} />
        ))}
      </g>
      {alone && alone.points.length > 1 && !alone.locked && <CornerHandles part={alone} world={world} />}
    </>
  );
}

/** What a pointer catches of a part; the drawing itself lies beneath. Shown only when picked or in focus. */
const PartTarget = memo(function PartTarget({
  part,
  on,
  reading,
}: {
  part: Part;
  on: boolean;
  reading: Reading;
}) {
  const { path, points, closed, locked, record } = part;
  const [first = [0, 0]] = points;
  const words = `${part.label}, ${kindWords(part)}, ${placeWords(first, reading)}`;
  const isPoint = points.length === 1;
  // A large area moves only once it is picked: else the paper could not be pulled where seats cover it.
  const pulls = !locked && (isPoint || on);
  return (
    <g
      className={pulls ? 'part handle' : 'part'}
      data-part={path}
      role="button"
      tabIndex={0}
      aria-label={locked ? `${words}, locked` : words}
      aria-pressed={on}
    >
      {isPoint ? (
        <circle
          className="reach"
          cx={px(first[0])}
          cy={px(first[1])}
          r={Math.max(9, px(Number(record.size ?? 0)) * 0.55)}
        />
      ) : closed ? (
        <polygon className={path === OUTLINE ? 'reach reach-line' : 'reach'} points={pointsOf(points)} />
      ) : (
        <polyline className="reach reach-line" points={pointsOf(points)} />
      )}
    </g>
  );
});
