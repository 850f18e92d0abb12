/** The plan to scale as a PNG picture, drawn from its SVG by the browser. */
import { fileOf } from '../api/client.js';
import { saveAddress } from './save-file.js';

/** Dots to a millimetre: 300 to the inch. */
const DOTS = 300 / 25.4;
/** Most dots on a side; beyond that the picture gets coarser. */
const MOST = 8000;

/** Fetches the venue’s SVG, draws it and hands it to the browser to save. Throws when it cannot be drawn. */
export async function savePng(venue: string, name: string): Promise<void> {
  const image = new Image();
  image.src = fileOf(`venues/${venue}`, 'plan.svg');
  await image.decode();
  // A browser gives an SVG’s millimetres as px of 1/96 inch.
  const millimetres = [image.naturalWidth, image.naturalHeight].map(side => (side * 25.4) / 96);
  const dots = Math.min(DOTS, ...millimetres.map(side => MOST / side));
  const canvas = document.createElement('canvas');
  [canvas.width = 0, canvas.height = 0] = millimetres.map(side => Math.round(side * dots));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  saveAddress(canvas.toDataURL('image/png'), name, 'png');
}
