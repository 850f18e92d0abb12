/** Event files in and out. */
import { readFileSync, writeFileSync } from 'node:fs';
import { readBundleFile, writeBundleFile, type Bundle, type Fault } from '@idle-satchel/core/documents';
import { Refusal } from './refusal.js';

export function readBundle(path: string): Bundle {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    throw new Refusal(`${path}: cannot be read (${codeOf(error)})`);
  }
  const read = readBundleFile(text);
  if ('bundle' in read) return read.bundle;
  throw new Refusal(faultLines(read.faults));
}

/** Writes an event with the people that it has; a file that is there already is replaced. */
export function writeBundle(path: string, bundle: Bundle): void {
  try {
    writeFileSync(path, writeBundleFile(bundle, true));
  } catch (error) {
    throw new Refusal(`${path}: cannot be written (${codeOf(error)})`);
  }
}

export const faultLines = (faults: readonly Fault[]): string =>
  faults.map(({ path, reason }) => `${path || '/'}: ${reason}`).join('\n');

const codeOf = (error: unknown): string => (error as NodeJS.ErrnoException).code ?? 'error';
