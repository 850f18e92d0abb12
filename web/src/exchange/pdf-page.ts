/** A page of a PDF drawn as a picture. What is read of the file is read in a worker that can be ended. */
import { MOST_PIXELS } from '@idle-satchel/core';
import { getDocument, PDFWorker, type RenderTask } from 'pdfjs-dist';
import workerAddress from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import { Refusal } from './refusal.js';

/** How long a page may take, ms. */
const LONGEST = 12_000;

export interface PdfPage {
  readonly canvas: HTMLCanvasElement;
  /** How many pages the file has. */
  readonly pages: number;
}

/**
 * Draws one page, counted from 1, `side` px long on its longer side. Scripts and forms in the file are not run. Throws
 * `Refusal` for a file that is broken, locked, without that page, or that takes too long.
 */
export async function pdfPage(bytes: ArrayBuffer, number: number, side: number): Promise<PdfPage> {
  // A worker of our own: one that is kept busy by what it reads does not answer, but can be ended.
  const port = new Worker(workerAddress, { type: 'module' });
  const reading = getDocument({
    data: bytes,
    worker: PDFWorker.fromPort({ port }) as PDFWorker,
    isEvalSupported: false,
    enableXfa: false,
    useSystemFonts: true,
    maxImageSize: MOST_PIXELS,
    verbosity: 0,
  });
  let drawing: RenderTask | undefined;
  let late: ReturnType<typeof setTimeout> | undefined;
  const deadline = new Promise<never>((_, refuse) => {
    late = setTimeout(
      () => refuse(new Refusal('This page takes too long to draw; save it as a picture.')),
      LONGEST,
    );
  });
  const draw = async (): Promise<PdfPage> => {
    const file = await reading.promise;
    if (!(number >= 1 && number <= file.numPages)) {
      throw new Refusal(`This PDF has ${file.numPages} ${file.numPages === 1 ? 'page' : 'pages'}.`);
    }
    const page = await file.getPage(number);
    const { width, height } = page.getViewport({ scale: 1 });
    const viewport = page.getViewport({ scale: side / Math.max(width, height) });
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.ceil(viewport.width), Math.ceil(viewport.height)];
    const canvasContext = canvas.getContext('2d');
    if (!canvasContext) throw new Refusal('This browser cannot draw pictures.');
    drawing = page.render({ canvasContext, viewport, background: 'white' });
    await drawing.promise;
    return { canvas, pages: file.numPages };
  };
  try {
    return await Promise.race([draw(), deadline]);
  } catch (error) {
    if (error instanceof Refusal) throw error;
    const locked = error instanceof Error && error.name === 'PasswordException';
    throw new Refusal(locked ? 'This PDF is locked with a password.' : 'This PDF is broken or cut off.');
  } finally {
    clearTimeout(late);
    drawing?.cancel();
    port.terminate();
  }
}
