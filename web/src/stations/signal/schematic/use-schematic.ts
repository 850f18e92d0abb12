/** The schematic of the open event, laid out anew in a worker whenever what is drawn has changed. */
import {
  layOutWithin,
  schematicGraph,
  withClosed,
  withoutFrames,
  withoutOffers,
  type DrawnSchematic,
  type SchematicGraph,
} from '@idle-satchel/core';
import { useEffect, useEffectEvent, useMemo, useState, useSyncExternalStore } from 'react';
import { useEvent } from '../../../store/hooks.js';
import { opened } from './opened.js';
import { layoutEngine } from '../../../workers/layout-engine.js';
import { messageOf } from '../../../api/client.js';

/** A graph and the drawing that was made of it: always of one another. */
interface Laid {
  readonly shape: string;
  /** It says of each box where it is, since frames had no room. */
  readonly bare: boolean;
  readonly graph: SchematicGraph;
  readonly drawn: DrawnSchematic;
}

/** What the layout hangs on: nudges, and whether a lead is bad, do not move anything. */
const shapeOf = ({ groups, boxes, wires }: SchematicGraph): string =>
  JSON.stringify([
    groups,
    boxes.map(({ id, group, pins, width, height }) => [
      id,
      group,
      width,
      height,
      pins.map(({ port, y, side }) => [port, y, side]),
    ]),
    wires.map(({ id, from, to }) => [id, from, to]),
  ]);

/**
 * `room` is how wide the drawing may be, px; house gear that the plan does not use is left out unless it is asked for.
 * Says how many such things there are.
 */
export function useSchematic(
  room: number,
  withOffers: boolean,
): {
  graph: SchematicGraph;
  offers: number;
  drawn: DrawnSchematic | undefined;
  failed: string | undefined;
} {
  const open = useSyncExternalStore(opened.subscribe, opened.get);
  const { bundle, assessment } = useEvent(state => state);
  const all = useMemo(
    () => withClosed(schematicGraph(bundle, assessment), bundle, open),
    [bundle, assessment, open],
  );
  const graph = useMemo(() => (withOffers ? all : withoutOffers(all)), [all, withOffers]);
  const offers = all.boxes.filter(({ offered }) => offered).length;
  const shape = useMemo(() => shapeOf(graph), [graph]);
  const [laid, setLaid] = useState<Laid>();
  const [failed, setFailed] = useState<string>();
  const layNow = useEffectEvent(async (): Promise<Laid> => {
    const before = laid?.drawn;
    const made = await layOutWithin(room, graph, await layoutEngine(), before);
    return { shape, bare: made.graph !== graph, ...made };
  });
  // The graph of one shape is laid out once for a room, however often figures in it change.
  useEffect(() => {
    if (room <= 0) return;
    let wanted = true;
    layNow().then(
      next => {
        if (!wanted) return;
        setFailed(undefined);
        setLaid(next);
      },
      (error: unknown) => {
        if (wanted) setFailed(messageOf(error));
      },
    );
    return () => {
      wanted = false;
    };
  }, [shape, room]);
  const current = useMemo(
    () => (laid?.shape !== shape ? (laid?.graph ?? graph) : laid.bare ? withoutFrames(graph) : graph),
    [laid, shape, graph],
  );
  return { graph: current, offers, drawn: laid?.drawn, failed };
}
