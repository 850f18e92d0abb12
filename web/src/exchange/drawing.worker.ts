import { expose } from 'comlink';
import { readDxf } from './read-dxf.js';
import { readSvg } from './read-svg.js';

/** Reading a drawing away from the page's own thread; a refusal comes back as words. */
const reading = {
  read(kind: 'dxf' | 'svg', text: string): ReturnType<typeof readDxf> | { readonly refused: string } {
    try {
      return kind === 'dxf' ? readDxf(text) : readSvg(text);
    } catch (error) {
      return { refused: error instanceof Error ? error.message : String(error) };
    }
  },
};

export type DrawingReading = typeof reading;

expose(reading);
