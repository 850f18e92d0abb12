import { viewfinderOf, type Viewfinder } from '@idle-satchel/core';
import { useEffect, useState } from 'react';
import { useEvent } from '../../../store/hooks.js';
import { inTurn } from './in-turn.js';
import { Picture } from './Picture.js';

/** On the page, px. */
const WIDTH = 124;

/** The small picture over a camera's name: drawn in its turn, since all of them may change at once. */
export default function StripPicture({ camera, shot }: { camera: string; shot: string | undefined }) {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const [viewfinder, show] = useState<Viewfinder>();
  useEffect(
    () => inTurn(() => show(viewfinderOf({ bundle, assessment }, { camera, shot, posture: 'seated' }))),
    [bundle, assessment, camera, shot],
  );
  return viewfinder ? (
    <Picture viewfinder={viewfinder} width={WIDTH} />
  ) : (
    <span className="block border border-faint bg-paper" style={{ width: WIDTH, aspectRatio: '16 / 9' }} />
  );
}
