/** Reading a drawing that somebody chose, in a worker that is ended when it takes too long. */
import type { DrawingReading } from './drawing.worker.js';
import type { ReadDrawing } from './read-dxf.js';
import { remoteWorker } from '../workers/remote.js';
import { LARGEST_DRAWING, Refusal } from './refusal.js';

/** Longest that a file may take, ms. */
const LONGEST_MS = 15_000;
const MEGABYTE = 1024 * 1024;

/** Throws `Refusal` for a file that is too large, of another kind, broken, hostile, or takes too long. */
export async function readDrawing(file: File): Promise<ReadDrawing> {
  if (file.size > LARGEST_DRAWING) {
    throw new Refusal(
      `This file has ${Math.round(file.size / MEGABYTE)} MB; a plan of a room needs less than ${LARGEST_DRAWING / MEGABYTE} MB. Save only the plan.`,
    );
  }
  const kind = /\.svg$/i.test(file.name) ? 'svg' : /\.dxf$/i.test(file.name) ? 'dxf' : undefined;
  if (!kind) throw new Refusal('A drawing is a .dxf or .svg file; a picture can be traced instead.');
  const text = await file.text();
  const { worker, ask } = remoteWorker<DrawingReading>(
    new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module' }),
  );
  let timer: ReturnType<typeof setTimeout> | undefined;
  try {
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(
        () => reject(new Refusal('This file took too long to read; it may be broken. Save only the plan.')),
        LONGEST_MS,
      );
    });
    const answer = await Promise.race([
      ask<ReadDrawing | { readonly refused: string }>(each => each.read(kind, text)),
      late,
    ]);
    if ('refused' in answer) throw new Refusal(answer.refused);
    return answer;
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
