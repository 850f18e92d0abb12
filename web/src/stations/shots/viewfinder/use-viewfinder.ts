import {
  inOrder,
  viewfinderOf,
  type Plan,
  type Viewfinder,
  type ViewfinderRequest,
} from '@idle-satchel/core';
import { useMemo } from 'react';
import { useEvent } from '../../../store/hooks.js';

/** What a camera will see, drawn anew at reading pace while something is dragged. */
export function useViewfinder({ camera, shot, posture, by }: ViewfinderRequest): Viewfinder | undefined {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  return useMemo(
    () => viewfinderOf({ bundle, assessment }, { camera, shot, posture, ...(by ? { by } : {}) }),
    [bundle, assessment, camera, shot, posture, by],
  );
}

/** The shot a camera is shown with unless another is asked for. */
export const firstShotOf = (shots: Plan['shots'], camera: string): string | undefined =>
  inOrder(shots).find(([, shot]) => shot.camera === camera)?.[0];
