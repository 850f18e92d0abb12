/** Drawing corner by corner, or putting a thing down, with the pointer, the arrow keys, or typed lengths. */
import {
  added,
  boundsOf,
  cornersNeeded,
  distance,
  FRESH,
  GRID,
  polar,
  showText,
  snap,
  wallSides,
  type FreshName,
  type Point,
} from '@idle-satchel/core';
import { useEffect, useRef, type RefObject } from 'react';
import { STEPS, useShortcuts } from '../../ui/shortcuts.js';
import { useOpenEvent, useReading, useUi } from '../../store/hooks.js';
import type { Tool } from '../../store/ui-store.js';
import { floorUnder, type OnScreen } from '../viewport.js';
import { showGhost, type Ghost } from './ghost.js';
import { placeWords } from './part-words.js';
import { REACH_PX } from './use-pull.js';

export interface Drawing {
  readonly tool: Tool;
  readonly onPointerMove: (event: OnScreen) => void;
  readonly onClick: (event: OnScreen) => void;
  /** Adds a corner so far from the last one, in a direction. */
  readonly typed: (metres: number, degrees: number) => void;
  readonly finish: () => void;
  readonly cancel: () => void;
}

/** The tool in hand, or undefined. */
export function useDrawing(world: RefObject<SVGGElement | null>): Drawing | undefined {
  const { store, ui } = useOpenEvent();
  const reading = useReading();
  const tool = useUi(state => state.tool);
  const cursor = useRef<Point>(undefined);
  const closes = tool?.kind === 'draw' && cornersNeeded(tool.name) === 3;
  const points = tool === undefined ? [] : tool.kind === 'draw' ? tool.corners : tool.ends;
  const last = points.at(-1);

  const ghostAt = (at: Point): Ghost => ({
    shapes: [
      { points: [...points, at], closed: closes && points.length > 1 },
      { points: [at], closed: false },
    ],
    words: last ? measured(last, at) : placeWords(at, reading),
    at,
  });
  const measured = (from: Point, to: Point): string => {
    const [east, south] = [to[0] - from[0], to[1] - from[1]];
    const sides = [east, south].map(each => showText(Math.abs(each), 'm', reading));
    return `${showText(distance(from, to), 'm', reading)} (${sides.join(' × ')})`;
  };
  const settled = (at: Point, reach: number): Point => {
    const { venue } = store.get().assessment.ground;
    const [first] = points;
    if (closes && first && points.length > 2 && distance(first, at) < reach) return first;
    const joined = [
      { end: last, before: points.at(-2) },
      { end: closes && points.length > 1 ? first : undefined, before: points[1] },
    ].flatMap(({ end, before }) => (end ? [{ end, before }] : []));
    return snap(at, { walls: wallSides(venue), joined, grid: GRID, reach }).at;
  };
  const settledAt = (event: OnScreen): Point | undefined => {
    const floor = floorUnder(world.current);
    return floor && settled(floor.at(event), floor.perPixel * REACH_PX);
  };
  const show = (at: Point): void => {
    cursor.current = at;
    showGhost(ghostAt(at));
  };
  const cancel = (): void => ui.set({ tool: undefined });
  const make = (name: FreshName, where: Point | readonly Point[]): void => {
    const { venue } = store.get().assessment.ground;
    const { path, patch } = added(venue, name, where);
    cancel();
    store.editVenue(`Draw ${FRESH[name].words}`, patch);
    ui.set({ selected: undefined, parts: [path] });
  };
  const finish = (): void => {
    if (tool?.kind === 'draw' && points.length >= cornersNeeded(tool.name)) make(tool.name, points);
    else cancel();
  };
  const add = (at: Point): void => {
    if (!tool) return;
    if (tool.kind === 'measure') {
      ui.set({ tool: { ...tool, ends: tool.ends.length === 2 ? [at] : [...tool.ends, at] } });
    } else if (cornersNeeded(tool.name) === 0) make(tool.name, at);
    else if (closes && points.length > 2 && points[0] && distance(points[0], at) < 1e-6) finish();
    else if (!last || distance(last, at) > 1e-6) ui.set({ tool: { ...tool, corners: [...points, at] } });
  };

  useEffect(() => {
    if (!tool) return showGhost(undefined);
    const { min, max } = boundsOf(store.get().assessment.ground.venue.outline);
    show(cursor.current ?? [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2]);
  }, [tool]);
  const when = (act: () => void) => (): boolean => {
    if (tool) act();
    return tool !== undefined;
  };
  const nudge = ([dx, dy]: readonly [number, number], metres: number): void => {
    const [x, y] = cursor.current ?? [0, 0];
    const exact = (value: number): number => Math.round(value * 1000) / 1000;
    show([exact(x + dx * metres), exact(y + dy * metres)]);
  };
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, step]) => [
        [key, when(() => nudge(step, GRID))],
        [`Shift+${key}`, when(() => nudge(step, 1))],
      ]),
    ),
    ' ': when(() => cursor.current && add(cursor.current)),
    Enter: when(() =>
      tool?.kind === 'draw' && cornersNeeded(tool.name) === 0
        ? cursor.current && add(cursor.current)
        : finish(),
    ),
    Backspace: when(() => {
      if (tool?.kind === 'draw') ui.set({ tool: { ...tool, corners: tool.corners.slice(0, -1) } });
    }),
  });
  if (!tool) return undefined;
  return {
    ...{ tool, finish, cancel },
    onPointerMove: event => {
      const at = settledAt(event);
      if (at) show(at);
    },
    onClick: event => {
      const at = settledAt(event);
      if (at) add(at);
    },
    typed: (metres, degrees) => {
      const from = last ?? cursor.current;
      if (!from) return;
      const [x, y] = last ? polar(from, degrees, metres) : from;
      const to: Point = [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000];
      cursor.current = to;
      add(to);
    },
  };
}
