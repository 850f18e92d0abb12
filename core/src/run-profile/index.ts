/** A lead unrolled: how high it is after so many metres, with its joints, ramps and doors, and where its reach ends. */
import type { Kinds, Shelf, Venue } from '../documents/index.js';
import { distance, numberOf, type Point } from '../foundations/index.js';
import { crossingMarks } from '../stations/runs/crossing-marks.js';
import type { RunResult } from '../stations/runs/index.js';

export interface RunProfile {
  /** Metres of lead against metres above the zero level. */
  readonly line: readonly Point[];
  readonly marks: readonly {
    readonly along: number;
    readonly kind: 'joint' | 'ramp' | 'door' | 'gallery';
    readonly label: string;
  }[];
  /** What is wanted, what the cable has, and how far it carries, m; undefined where not known. */
  readonly wanted: number;
  readonly cable: number | undefined;
  readonly limit: number | undefined;
  readonly highest: number;
}

/** Undefined while the lead has no way. */
export function runProfile(
  run: RunResult,
  ends: readonly [number, number],
  { venue, shelf, kinds }: { readonly venue: Venue; readonly shelf: Shelf; readonly kinds: Kinds },
): RunProfile | undefined {
  const wanted = numberOf(run.length);
  if (wanted === undefined || run.points.length < 2) return undefined;
  const marks: RunProfile['marks'][number][] = [];
  const crossing = crossingMarks(run, venue);
  const line: Point[] = [];
  let [metres, flat] = [0, 0];
  const to = (height: number, length: number): void => {
    metres += length;
    line.push([metres, height]);
  };
  const [first, last] = [run.floors[0] ?? 0, run.floors.at(-1) ?? 0];
  to(ends[0], 0);
  to(first, Math.abs(ends[0] - first));
  for (let i = 1; i < run.points.length; i++) {
    const [a, b] = [run.points[i - 1] as Point, run.points[i] as Point];
    const height = run.floors[i] ?? 0;
    const step = Math.abs(height - (run.floors[i - 1] ?? 0));
    const length = distance(a, b);
    if (run.aloft.has(i - 1)) {
      marks.push({ along: metres, kind: 'gallery', label: 'down or up' });
      to(height, Math.max(step, Math.hypot(length, step)));
    } else {
      const start = metres;
      let added = 0;
      for (const { zone, along } of crossing) {
        if (along < flat || along >= flat + length) continue;
        const here = start + along - flat + added;
        marks.push({ along: here, kind: zone.kind === 'aisle' ? 'ramp' : 'door', label: zone.label });
        if (zone.kind !== 'door') continue;
        // Up one side of the frame, across, and down the other.
        line.push(
          [here, height],
          [here + zone.added / 2, height + zone.added / 2],
          [here + zone.added, height],
        );
        added += zone.added;
      }
      metres = start + added;
      to(height, length + step);
    }
    flat += length;
  }
  to(ends[1], Math.abs(ends[1] - last));
  // Tails and slack lie at both ends; what is left goes to the last.
  to(ends[1], Math.max(0, wanted - metres));
  let joined = 0;
  for (const item of run.items.slice(0, -1)) {
    joined += kinds.kinds[shelf.items[item]?.kind ?? '']?.cable?.length ?? 0;
    marks.push({ along: joined, kind: 'joint', label: `joint after ${shelf.items[item]?.tape ?? ''}` });
  }
  return {
    line,
    marks,
    wanted,
    cable: numberOf(run.cableLength),
    limit: numberOf(run.limit),
    highest: Math.max(...line.map(([, height]) => height), 1),
  };
}
