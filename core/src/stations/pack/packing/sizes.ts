/** How large a line of the checklist is when it is packed, and how it must travel. */
import type { CableMake, Family, Kind, Kinds } from '../../../documents/index.js';
import { numberOf } from '../../../foundations/index.js';
import type { RunResult } from '../../runs/index.js';
import type { PackLine } from '../result.js';

export interface PackedSize {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
  /** Nobody has measured it: the usual size of its family, or a coil of its length. */
  readonly guessed: boolean;
}

/** Usual sizes when packed, m, until somebody measures. House figures. */
const USUAL: Readonly<Partial<Record<Family, readonly [number, number, number]>>> = {
  camera: [0.2, 0.35, 0.2],
  computer: [0.38, 0.27, 0.05],
  switcher: [0.3, 0.2, 0.08],
  screen: [0.6, 0.1, 0.4],
  'audio desk': [0.4, 0.4, 0.12],
  microphone: [0.1, 0.25, 0.08],
  loudspeaker: [0.3, 0.3, 0.45],
  support: [0.22, 0.22, 0.9],
  lens: [0.12, 0.2, 0.12],
  lamp: [0.3, 0.25, 0.2],
  battery: [0.1, 0.07, 0.06],
  strip: [0.45, 0.08, 0.08],
  supply: [0.15, 0.08, 0.06],
  ramp: [0.9, 0.5, 0.06],
  mat: [0.3, 0.9, 0.05],
  tape: [0.13, 0.13, 0.05],
  hook: [0.2, 0.1, 0.05],
  tool: [0.25, 0.2, 0.12],
};
const ELSE = [0.18, 0.13, 0.06] as const;

/** Thickness of cables, m. House figures. */
const THICK: Readonly<Partial<Record<CableMake, number>>> = {
  'mains-1.5': 0.009,
  'mains-2.5': 0.011,
  'coax-thick': 0.01,
  'fibre-single': 0.004,
  fibre: 0.004,
};
const USUAL_THICK = 0.007;
/** A coil: across outside up to so many metres, and the hole in its middle, m; the share of it that is cable. */
const COILS = [
  [2.5, 0.16],
  [12, 0.26],
  [Infinity, 0.36],
] as const;
const HOLE = 0.1;
const FULL = 0.75;
/** Ends of a lead are at least so thick, m. */
const ENDS = 0.025;

/** A cable coiled up: as wide as deep, m. */
export function coilOf(length: number, make: CableMake): readonly [number, number, number] {
  const thick = THICK[make] ?? USUAL_THICK;
  const across = COILS.find(([most]) => length <= most)?.[1] ?? 0.36;
  const ring = (Math.PI / 4) * (across * across - HOLE * HOLE);
  return [across, across, Math.max(ENDS, (length * thick * thick) / (ring * FULL))];
}

/** The size of one line, a cable of `run` where nothing was set aside for that; of several alike it is one on the other. */
export function packedSize(
  { kind: key, count }: Pick<PackLine, 'kind' | 'count'>,
  kinds: Kinds['kinds'],
  run: RunResult | undefined,
): PackedSize {
  const kind = kinds[key ?? ''];
  const [width, depth, height, guessed] = sizeOfOne(kind, run);
  // Things alike lie on each other by their smallest side.
  const least = Math.min(width, depth, height);
  const stacked = (side: number, i: number): number =>
    count > 1 && [width, depth, height].indexOf(least) === i ? side * count : side;
  return { width: stacked(width, 0), depth: stacked(depth, 1), height: stacked(height, 2), guessed };
}

function sizeOfOne(
  kind: Kind | undefined,
  run: RunResult | undefined,
): readonly [number, number, number, boolean] {
  if (kind?.packed) return [kind.packed.width, kind.packed.depth, kind.packed.height, false];
  // A case is as large outside; a stand folds.
  const { width, depth, height } = (kind?.family === 'support' ? undefined : kind?.size) ?? {};
  if (width !== undefined && depth !== undefined && height !== undefined)
    return [width, depth, height, false];
  if (kind?.cable) return [...coilOf(kind.cable.length, kind.cable.make), true];
  if (!kind && run) return [...coilOf(numberOf(run.wanted) ?? numberOf(run.length) ?? 5, run.make), true];
  return [...(USUAL[kind?.family ?? 'tool'] ?? ELSE), true];
}
