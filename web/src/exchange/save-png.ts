/** Drawings as PNG pictures, drawn from their SVG by the browser. */
import { addressOf } from '../api/client.js';
import { saveAddress } from './save-file.js';

/** Dots to a millimetre: 300 to the inch. */
const DOTS = 300 / 25.4;
/** Most dots on a side; beyond that the picture gets coarser. */
const MOST = 8000;

/**
 * Draws the SVG at an address, as large as `dotsFor` says of its own size in px, and hands the picture to the browser
 * to save. Throws when it cannot be drawn.
 */
async function saveDrawn(
  address: string,
  name: string,
  dotsFor: (width: number, height: number) => readonly [width: number, height: number],
): Promise<void> {
  const image = new Image();
  image.src = address;
  await image.decode();
  const canvas = document.createElement('canvas');
  const [width, height] = dotsFor(image.naturalWidth, image.naturalHeight);
  [canvas.width, canvas.height] = [Math.round(width), Math.round(height)];
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  saveAddress(canvas.toDataURL('image/png'), name, 'png');
}

/** The plan of a venue to scale. */
export const savePng = (venue: string, name: string): Promise<void> =>
  saveDrawn(addressOf('GET /venues/:id/plan.svg', { id: venue }), name, (...px) => {
    // A browser gives an SVG’s millimetres as px of 1/96 inch.
    const [width, height] = px.map(side => (side * 25.4) / 96) as [number, number];
    const dots = Math.min(DOTS, MOST / width, MOST / height);
    return [width * dots, height * dots];
  });

/** Width of a saved viewfinder, dots. */
const WIDE = 1920;

/** A picture given as SVG, as wide as a camera’s. */
export const saveSvgAsPng = (svg: string, name: string): Promise<void> =>
  saveDrawn(`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`, name, (width, height) => [
    WIDE,
    (height / width) * WIDE,
  ]);
