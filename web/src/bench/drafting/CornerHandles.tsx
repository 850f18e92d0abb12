import {
  between,
  cornerAdded,
  cornerMoved,
  cornerRemoved,
  distance,
  partSides,
  px,
  showText,
  snap,
  wallSides,
  type Part,
  type Point,
} from '@idle-satchel/core';
import type { KeyboardEvent, MouseEvent, PointerEvent, RefObject } from 'react';
import { useSteps } from '../use-steps.js';
import { keyName, STEPS } from '../../ui/shortcuts.js';
import { useOpenEvent, useReading } from '../../store/hooks.js';

import { placeWords } from '../place-words.js';
import { usePull, type Pulled } from './use-pull.js';

/** Corners of the one thing that is picked, to be pulled or nudged, and the middles of its sides, to add one. */
export function CornerHandles({ part, world }: { part: Part; world: RefObject<SVGGElement | null> }) {
  const { store } = useOpenEvent();
  const reading = useReading();
  const { near, far } = useSteps();
  const { points, closed, label } = part;
  const edit = (words: string, patch: ReturnType<typeof cornerMoved>, key?: string): void =>
    store.editVenue(`${words} ${label}`, patch, key);

  /** The corners next to one, each with the one beyond it: what makes right angles with it. */
  const joinedTo = (index: number): { end: Point; before: Point | undefined }[] => {
    const at = (i: number): Point | undefined =>
      closed ? points[(i + points.length) % points.length] : points[i];
    return [at(index - 1), at(index + 1)].flatMap((end, i) =>
      end ? [{ end, before: at(index + (i === 0 ? -2 : 2)) }] : [],
    );
  };
  const pullOf = (event: PointerEvent<SVGElement>): Pulled | undefined => {
    const index = Number((event.target as Element).getAttribute('data-corner') ?? NaN);
    const from = points[index];
    if (!from) return undefined;
    const walls = wallSides(store.get().assessment.ground.venue, [part.path]);
    const joined = joinedTo(index);
    const settle = ([dx, dy]: Point, reach: number) =>
      snap([from[0] + dx, from[1] + dy], { walls, joined, grid: near, reach });
    return {
      show: (shift, reach) => {
        const { at, because } = settle(shift, reach);
        const sides = joined.map(({ end }) => showText(distance(end, at), 'm', reading)).join(' and ');
        return {
          shapes: [{ points: points.with(index, at), closed }],
          words: because && because !== 'grid' ? `${sides} · ${because}` : sides,
          at,
        };
      },
      drop: (shift, reach) => edit('Reshape', cornerMoved(part, index, settle(shift, reach).at)),
    };
  };
  const { justPulled: _, ...pulling } = usePull(world, pullOf);

  const onKeyDown = (event: KeyboardEvent, index: number): void => {
    const at = points[index] ?? [0, 0];
    const name = keyName(event.nativeEvent);
    const step = STEPS[name.replace('Shift+', '')];
    if (step) {
      const metres = name.startsWith('Shift+') ? far : near;
      const to: Point = [at[0] + step[0] * metres, at[1] + step[1] * metres];
      edit('Reshape', cornerMoved(part, index, to), `corner ${part.path} ${index}`);
    } else if (name === 'Delete') edit('Take a corner out of', cornerRemoved(part, index));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <g {...pulling} onClick={(event: MouseEvent) => event.stopPropagation()}>
      {partSides(part).map(([a, b], side) => {
        const [x, y] = between(a, b, 0.5);
        return (
          <circle
            key={`side ${side}`}
            className="handle corner-new"
            cx={px(x)}
            cy={px(y)}
            r={4}
            role="button"
            tabIndex={-1}
            aria-label={`Add a corner in side ${side + 1}`}
            onClick={() => edit('Add a corner to', cornerAdded(part, side))}
          />
        );
      })}
      {points.map((at, index) => (
        <rect
          key={index}
          className="handle corner"
          data-corner={index}
          x={px(at[0]) - 4.5}
          y={px(at[1]) - 4.5}
          width={9}
          height={9}
          role="button"
          tabIndex={0}
          aria-label={`Corner ${index + 1} of ${label}, ${placeWords(at, reading)}`}
          onKeyDown={event => onKeyDown(event, index)}
        />
      ))}
    </g>
  );
}
