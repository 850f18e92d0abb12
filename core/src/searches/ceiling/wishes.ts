/** What is wanted of a plan: its outputs, its shots, and that none of them hangs on a single thing. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Importance } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import type { FailsAlone, OnAir } from '../../on-air/index.js';
import { camerasFor } from '../../weighing/index.js';
import type { Wish } from './problem.js';

/** What each thing is worth beside the others. */
export interface CeilingWeights {
  readonly output: number;
  readonly vital: number;
  readonly wanted: number;
  readonly nice: number;
  /** A single failure that does no harm any more. */
  readonly failure: number;
  /** A line of the list that is there as planned; as another kind it is worth half of that. */
  readonly line: number;
  /** A risk that another kind brings, which is taken off. */
  readonly risk: number;
  /** All of the ceiling spent on what the next step wants too. */
  readonly reuse: number;
}

/** An output before shots, a vital shot before nice ones, all of those before spare things. */
export const USUAL_WEIGHTS: CeilingWeights = {
  ...{ output: 100, vital: 40, wanted: 20, nice: 8 },
  ...{ failure: 5, line: 1, risk: 2, reuse: 10 },
};

export const goalOf = { output: (id: string) => `output ${id}`, camera: (id: string) => `camera ${id}` };

/** Every goal that is on air. */
export const goalsOf = ({ outputs, cameras }: OnAir): readonly string[] => [
  ...[...outputs].map(goalOf.output),
  ...[...cameras].map(goalOf.camera),
];

/** `lost`: what each device takes along when it fails alone, as planned. */
export function wishesOf(
  { plan }: Bundle,
  { shots, ground }: Assessment,
  onAir: OnAir,
  lost: ReadonlyMap<string, FailsAlone>,
  weights: CeilingWeights,
): readonly Wish[] {
  const outputs = inOrder(plan.outputs).filter(([id]) => onAir.outputs.has(id));
  const worth = (importance: Importance = 'wanted'): number => weights[importance];
  const one = (
    id: string,
    label: string,
    sort: Wish['sort'],
    weight: number,
    by: readonly string[],
  ): Wish => ({
    ...{ id, label, sort, weight, by, least: 1, with: [] },
  });
  const wished = inOrder(plan.shots).flatMap(([id, { mark, camera, size, importance }]): Wish[] => {
    const able = camerasFor(shots.coverage[mark]?.cameras, camera).filter(each => onAir.cameras.has(each));
    if (able.length === 0) return [];
    const label = `${ground.venue.marks?.[mark]?.label ?? 'a mark'}, ${size}`;
    const by = able.map(goalOf.camera);
    const taken = one(`shot ${id}`, label, 'shot', worth(importance), by);
    if (able.length < 2) return [taken];
    const twice = `${label}, by a second camera`;
    return [taken, { ...one(`twice ${id}`, twice, 'failure', weights.failure, by), least: 2 }];
  });
  return [
    ...outputs.map(([id, { label }]) =>
      one(`output ${id}`, label, 'output', weights.output, [goalOf.output(id)]),
    ),
    ...wished,
    ...outputs.flatMap(([id, { label }]) => backedUp(id, label, outputs, lost, weights)),
  ];
}

/** For an output with others that back it: the things whose failure ends it and not those. */
function backedUp(
  id: string,
  label: string,
  outputs: readonly (readonly [string, { readonly backs?: string }])[],
  lost: ReadonlyMap<string, FailsAlone>,
  { failure }: CeilingWeights,
): readonly Wish[] {
  const backups = outputs.flatMap(([other, { backs }]) => (backs === id ? [other] : []));
  const counts = new Map<string, { readonly by: readonly string[]; count: number }>();
  for (const { outputs: ended } of lost.values()) {
    if (!ended.includes(id)) continue;
    const by = backups.filter(other => !ended.includes(other));
    if (by.length === 0) continue;
    const known = counts.get(by.join(' ')) ?? { by, count: 0 };
    counts.set(by.join(' '), { by, count: known.count + 1 });
  }
  return [...counts].map(([key, { by, count }]) => ({
    ...{ id: `backed ${id} ${key}`, label: `${label}, backed up`, sort: 'failure', weight: failure * count },
    ...{ by: by.map(goalOf.output), least: 1, with: [goalOf.output(id)] },
  }));
}
