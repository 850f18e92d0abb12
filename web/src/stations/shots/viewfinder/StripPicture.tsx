import { Picture } from './Picture.js';
import { useViewfinder } from './use-viewfinder.js';

/** The small picture over a camera's name. */
export default function StripPicture({ camera, shot }: { camera: string; shot: string | undefined }) {
  const viewfinder = useViewfinder({ camera, shot, posture: 'seated' });
  return viewfinder ? <Picture viewfinder={viewfinder} width={124} /> : null;
}
