/** The schematic of the open event, laid out anew in a worker whenever what is drawn has changed. */
import {
  layOut,
  schematicGraph,
  withClosed,
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
  readonly graph: SchematicGraph;
  readonly drawn: DrawnSchematic;
}

/** What the layout hangs on: nudges, and whether a lead is bad, do not move anything. */
const shapeOf = ({ groups, boxes, wires }: SchematicGraph): string =>
  JSON.stringify([
    groups,
    boxes.map(({ id, group, pins, height }) => [
      id,
      group,
      height,
      pins.map(({ port, y, side }) => [port, y, side]),
    ]),
    wires.map(({ id, from, to }) => [id, from, to]),
  ]);

export function useSchematic(): {
  graph: SchematicGraph;
  drawn: DrawnSchematic | undefined;
  failed: string | undefined;
} {
  const open = useSyncExternalStore(opened.subscribe, opened.get);
  const { bundle, assessment } = useEvent(state => state);
  const graph = useMemo(
    () => withClosed(schematicGraph(bundle, assessment), bundle, open),
    [bundle, assessment, open],
  );
  const shape = useMemo(() => shapeOf(graph), [graph]);
  const [laid, setLaid] = useState<Laid>();
  const [failed, setFailed] = useState<string>();
  const layNow = useEffectEvent(async (): Promise<Laid> => {
    const before = laid?.drawn;
    return { shape, graph, drawn: await layOut(graph, await layoutEngine(), before) };
  });
  // The graph of one shape is laid out once, however often figures in it change.
  useEffect(() => {
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
  }, [shape]);
  const current = laid?.shape === shape ? graph : (laid?.graph ?? graph);
  return { graph: current, drawn: laid?.drawn, failed };
}
