/** Drawing corner by corner, or putting a thing down, with the pointer, the arrow keys, or typed lengths. */
import {
  added,
  boundsOf,
  cornersNeeded,
  distance,
  FRESH,
  polar,
  snap,
  wallSides,
  type FreshName,
  type Point,
} from '@idle-satchel/core';
import { useSteps } from '../use-steps.js';
import { useEffect, useEffectEvent, type PointerEvent, type RefObject } from 'react';
import { useOpenEvent, useReading, useUi } from '../../store/hooks.js';
import type { Tool } from '../../store/ui-store.js';
import { floorUnder, type OnScreen } from '../viewport.js';
import { useDrawingKeys } from './drawing-keys.js';
import { forgetGhost, lastGhostAt, showGhost, type Ghost } from './ghost.js';
import { lengthWords, placeWords } from '../place-words.js';
import { REACH_PX } from './use-pull.js';
import { usePulledShape } from './use-pulled-shape.js';

export interface Drawing {
  readonly tool: Tool;
  readonly onPointerMove: (event: OnScreen & { readonly buttons: number }) => void;
  /** One pull makes a line from end to end, or a rectangle from corner to corner. */
  readonly onPointerDown: (event: PointerEvent<SVGElement>) => void;
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
  const { near } = useSteps();
  const tool = useUi(state => state.tool);
  const closes = tool?.kind === 'draw' && cornersNeeded(tool.name) === 3;
  const points = tool === undefined ? [] : tool.kind === 'draw' ? tool.corners : tool.ends;
  const last = points.at(-1);

  const ghostAt = (at: Point): Ghost => ({
    shapes: [
      { points: [...points, at], closed: closes && points.length > 1 },
      { points: [at], closed: false },
    ],
    words: last ? lengthWords(last, at, reading) : placeWords(at, reading),
    at,
  });
  const settled = (at: Point, reach: number): Point => {
    const { venue } = store.get().assessment.ground;
    const [first] = points;
    if (closes && first && points.length > 2 && distance(first, at) < reach) return first;
    const joined = [
      { end: last, before: points.at(-2) },
      { end: closes && points.length > 1 ? first : undefined, before: points[1] },
    ].flatMap(({ end, before }) => (end ? [{ end, before }] : []));
    return snap(at, { walls: wallSides(venue), joined, grid: near, reach }).at;
  };
  const settledAt = (event: OnScreen): Point | undefined => {
    const floor = floorUnder(world.current);
    return floor && settled(floor.at(event), floor.perPixel * REACH_PX);
  };
  const show = (at: Point): void => showGhost(ghostAt(at));
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

  const showFirst = useEffectEvent(() => {
    if (!tool) return showGhost(undefined);
    const { min, max } = boundsOf(store.get().assessment.ground.venue.outline);
    show(lastGhostAt() ?? [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2]);
  });
  useEffect(() => showFirst(), [tool]);
  useEffect(() => forgetGhost, []);
  const pull = usePulledShape(world, tool, { settled, make });
  useDrawingKeys(tool, { show, add, finish });
  if (!tool) return undefined;
  return {
    tool,
    finish,
    cancel,
    onPointerDown: pull.onPointerDown,
    onPointerMove: event => {
      if (event.buttons > 0) return;
      const at = settledAt(event);
      if (at) show(at);
    },
    onClick: event => {
      if (pull.justPulled()) return;
      const at = settledAt(event);
      if (at) add(at);
    },
    typed: (metres, degrees) => {
      const from = last ?? lastGhostAt();
      if (!from) return;
      const [x, y] = last ? polar(from, degrees, metres) : from;
      const to: Point = [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000];
      show(to);
      add(to);
    },
  };
}
