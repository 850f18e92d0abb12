import { lazy, useSyncExternalStore } from 'react';
import { positions } from './positions/positions.js';

const AddDevice = lazy(() => import('./AddDevice.js'));
const PositionsLayer = lazy(() => import('./positions/PositionsLayer.js'));
const TOOLS = <AddDevice />;

/** What Shots adds to the plan: gear to add, and, while places are looked for, those before the cameras as they stand. */
export function useShotsPlan() {
  const looking = useSyncExternalStore(positions.subscribe, positions.get) !== undefined;
  return { over: PositionsLayer, tools: TOOLS, background: looking };
}
