/** Edits that move a device a little way in one of four directions, nearest first. */
import type { Device } from '../../documents/index.js';
import type { Fix, MapOf } from '../../foundations/index.js';

const DISTANCES = [0.5, 1, 1.5, 2, 3, 5];
const DIRECTIONS = [
  [0, -1, 'north'],
  [0, 1, 'south'],
  [-1, 0, 'west'],
  [1, 0, 'east'],
] as const;

export function* movesOf(devices: MapOf<Device> | undefined, id: string): Generator<Fix> {
  const at = devices?.[id]?.place?.at;
  if (!at) return;
  const rounded = (metres: number): number => Math.round(metres * 100) / 100;
  for (const metres of DISTANCES) {
    for (const [dx, dy, word] of DIRECTIONS) {
      const value = [rounded(at[0] + dx * metres), rounded(at[1] + dy * metres)];
      const path = `/devices/${id}/place/at`;
      yield {
        label: `Move it ${metres} m ${word}`,
        changes: [{ document: 'plan', patch: [{ op: 'replace', path, value }] }],
      };
    }
  }
}
