/** Numbers of runs, as they stand on the cut list and on the tape at both ends. */
import type { RunsResult } from './index.js';

/** `R1`, `R2` … across the floor, `P1` … in racks and on tables; by the link of each run. */
export function runNumbers(runs: RunsResult['runs']): ReadonlyMap<string, string> {
  const numbers = new Map<string, string>();
  const counts = { R: 0, P: 0 };
  for (const [id, { crosses }] of Object.entries(runs)) {
    const prefix = crosses ? 'R' : 'P';
    numbers.set(id, `${prefix}${++counts[prefix]}`);
  }
  return numbers;
}
