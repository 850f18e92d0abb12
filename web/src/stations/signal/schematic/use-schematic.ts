/** The schematic of the open event, laid out anew in a worker whenever what is drawn has changed. */
import {
  layOut,
  schematicGraph,
  withClosed,
  type DrawnSchematic,
  type SchematicGraph,
} from '@idle-satchel/core';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useStore, useEvent, usePlan, useResult } from '../../../store/hooks.js';
import { opened } from './opened.js';
import { layoutEngine } from '../../../workers/layout-engine.js';

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
  const store = useStore();
  const devices = usePlan(plan => plan.devices);
  const links = usePlan(plan => plan.links);
  const kinds = useEvent(state => state.bundle.kinds);
  const areas = useEvent(({ assessment }) => assessment.ground.venue.areas);
  const signal = useResult('signal');
  const { runs } = useResult('runs');
  const open = useSyncExternalStore(opened.subscribe, opened.get);
  const graph = useMemo(() => {
    const { bundle, assessment } = store.calm.get();
    return withClosed(schematicGraph(bundle, assessment), bundle, open);
  }, [store, devices, links, kinds, areas, signal, runs, open]);
  const shape = useMemo(() => shapeOf(graph), [graph]);
  const [laid, setLaid] = useState<Laid>();
  const [failed, setFailed] = useState<string>();
  useEffect(() => {
    let wanted = true;
    layoutEngine()
      .then(engine => layOut(graph, engine, laid?.drawn))
      .then(drawn => {
        if (!wanted) return;
        setFailed(undefined);
        setLaid({ shape, graph, drawn });
      })
      .catch((error: unknown) => {
        if (wanted) setFailed(error instanceof Error ? error.message : String(error));
      });
    return () => {
      wanted = false;
    };
    // The graph of one shape is laid out once, however often figures in it change.
  }, [shape]);
  const current = laid?.shape === shape ? graph : (laid?.graph ?? graph);
  return { graph: current, drawn: laid?.drawn, failed };
}
