/** A picture that somebody chose, drawn anew at a sensible size: nothing of the file but its pixels is sent. */
import { MOST_PIXELS, pictureHeader } from '@idle-satchel/core';
import { Refusal } from './refusal.js';

const LARGEST = 40 * 1024 * 1024;
/** Longest side that is kept, px: a wall of 20 m is then drawn to the centimetre. */
const LONGEST_SIDE = 2400;
const HEADER = 256 * 1024;

export interface Picture {
  readonly bytes: Blob;
  readonly width: number;
  readonly height: number;
  /** How many pages the file has that it is from. */
  readonly pages: number;
}

/**
 * A PNG, JPEG, SVG or page of a PDF, counted from 1. Throws `Refusal` for a file that is none, too large, broken, or
 * an SVG that is more than a picture.
 */
export async function pictureFrom(file: File, page = 1): Promise<Picture> {
  if (file.size > LARGEST) throw new Refusal('This picture has more than 40 MB; save it smaller.');
  const { image, pages } = await imageOf(file, page);
  const { width, height } = image;
  const share = Math.min(1, LONGEST_SIDE / Math.max(width, height));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [
    Math.max(1, Math.round(width * share)),
    Math.max(1, Math.round(height * share)),
  ];
  const pen = canvas.getContext('2d');
  if (!pen) throw new Refusal('This browser cannot draw pictures.');
  pen.fillStyle = 'white';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  const bytes = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg', 0.85));
  if (!bytes) throw new Refusal('This picture could not be drawn.');
  return { bytes, width: canvas.width, height: canvas.height, pages };
}

type Drawable = ImageBitmap | HTMLImageElement | HTMLCanvasElement;

async function imageOf(file: File, page: number): Promise<{ image: Drawable; pages: number }> {
  if (/\.pdf$/i.test(file.name)) {
    const { pdfPage } = await import('./pdf-page.js');
    const { canvas, pages } = await pdfPage(await file.arrayBuffer(), page, LONGEST_SIDE);
    return { image: canvas, pages };
  }
  return { image: /\.svg$/i.test(file.name) ? await svgImage(file) : await bitmap(file), pages: 1 };
}

async function bitmap(file: File): Promise<ImageBitmap> {
  const header = pictureHeader(new Uint8Array(await file.slice(0, HEADER).arrayBuffer()));
  if (!header) throw new Refusal('This is not a PNG, JPEG or SVG picture, nor a PDF.');
  if (header.width * header.height > MOST_PIXELS) {
    throw new Refusal(`This picture has ${header.width} × ${header.height} pixels; save it smaller.`);
  }
  try {
    return await createImageBitmap(file);
  } catch {
    throw new Refusal('This picture is broken or cut off.');
  }
}

/** Size at which an SVG is drawn, px on its longer side. */
const SVG_SIDE = 2000;

async function svgImage(file: File): Promise<HTMLImageElement> {
  const text = await file.text();
  // Read once as a drawing: what has scripts or entities of its own is refused there.
  (await import('./read-svg.js')).readSvg(text);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  try {
    await image.decode();
  } catch {
    throw new Refusal('This SVG could not be drawn.');
  }
  const [width, height] = [image.naturalWidth || SVG_SIDE, image.naturalHeight || SVG_SIDE];
  const share = SVG_SIDE / Math.max(width, height);
  [image.width, image.height] = [width * share, height * share];
  return image;
}
