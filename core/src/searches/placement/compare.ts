/** Layouts side by side. */
import type { Layout, Layouts, ServedShot } from './layouts.js';

export interface Compared {
  readonly shot: string;
  readonly label: string;
  /** For each layout who takes it first, and how well; undefined where nobody does. */
  readonly by: readonly (
    (Pick<ServedShot, 'quality' | 'worst'> & { readonly camera: string; readonly twice: boolean }) | undefined
  )[];
}

/** Every shot that some layout serves, with who takes it in each. */
export function compared({ layouts }: Pick<Layouts, 'layouts'>): Compared[] {
  const labels = new Map(
    layouts.flatMap(({ positions }) =>
      positions.flatMap(({ serves }) => serves.map(({ shot, label }) => [shot, label])),
    ),
  );
  return [...labels].map(([shot, label]) => ({
    shot,
    label,
    by: layouts.map(layout => takerOf(layout, shot)),
  }));
}

function takerOf({ positions }: Layout, shot: string): Compared['by'][number] {
  const takers = positions.flatMap(({ label, serves }) =>
    serves.flatMap(each => (each.shot === shot ? [{ ...each, camera: label }] : [])),
  );
  const [first] = takers.filter(({ second }) => !second).sort((a, b) => b.quality - a.quality);
  if (!first) return undefined;
  const { quality, worst, camera } = first;
  return { quality, worst, camera, twice: takers.some(({ second }) => second) };
}

/** Length of all leads, m; undefined while it is not known where they lead to. */
export const cableOf = ({ positions }: Pick<Layout, 'positions'>): number | undefined =>
  positions.reduce<number | undefined>(
    (sum, { cable }) => (sum === undefined || cable === undefined ? undefined : sum + cable),
    0,
  );
