/** Lays the ink of a viewfinder picture on a canvas, in the colours of the page. */
import { PICTURE, THIRDS, type Inked, type OnPicture, type Tone } from '@idle-satchel/core';

const VARIABLES: Readonly<Record<Tone, string>> = {
  paper: '--paper',
  shade: '--shade',
  tape: '--tape',
  rule: '--rule',
  ink: '--ink',
  faint: '--faint',
  brass: '--brass',
  slate: '--slate',
  madder: '--madder',
};

function trace(context: CanvasRenderingContext2D, points: readonly OnPicture[]): void {
  points.forEach(([x, y], i) => (i === 0 ? context.moveTo(x, y) : context.lineTo(x, y)));
}

/** Paints a picture over the whole canvas; thin lines stay visible however small it is. */
export function paint(canvas: HTMLCanvasElement, inked: readonly Inked[], guides: boolean): void {
  const context = canvas.getContext('2d');
  if (!context) return;
  const style = getComputedStyle(canvas);
  const colour = (tone: Tone): string => style.getPropertyValue(VARIABLES[tone]);
  const scale = canvas.width / PICTURE.width;
  const thinnest = 0.7 / scale;
  context.setTransform(scale, 0, 0, scale, 0, 0);
  context.fillStyle = colour('paper');
  context.fillRect(0, 0, PICTURE.width, PICTURE.height);
  context.lineJoin = context.lineCap = 'round';
  for (const { fill, stroke, corners, lines } of inked) {
    if (fill) {
      context.beginPath();
      trace(context, corners);
      context.closePath();
      context.fillStyle = context.strokeStyle = colour(fill);
      context.fill();
      // Neighbouring pieces of one surface leave a hair between them.
      context.setLineDash([]);
      context.lineWidth = 0.6;
      context.stroke();
    }
    if (lines.length === 0) continue;
    context.beginPath();
    for (const line of lines) trace(context, line);
    context.setLineDash(stroke.dash ? [...stroke.dash] : []);
    context.strokeStyle = colour(stroke.tone);
    context.lineWidth = Math.max(thinnest, stroke.width);
    context.stroke();
  }
  if (!guides) return;
  context.beginPath();
  for (const line of THIRDS) trace(context, line);
  context.setLineDash([]);
  context.strokeStyle = colour('brass');
  context.globalAlpha = 0.5;
  context.lineWidth = thinnest;
  context.stroke();
  context.globalAlpha = 1;
}
