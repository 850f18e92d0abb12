/** In which order leads are laid, how long each takes, and who lays it. */
import { numberOf } from '../../foundations/index.js';
import type { RunResult, RunsResult } from './index.js';

/** Metres that one person lays and tapes in a minute, and unrolls beside a lead that is taped anyway. */
const TAPED = 4;
const UNROLLED = 12;
/** Minutes for a ramp, and to hook leads up over a door. */
const RAMP = 3;
const DOOR = 3;

export interface LayStep {
  readonly link: string;
  /** Of one person, min. */
  readonly minutes: number;
  /** From 1. */
  readonly person: number;
}

/**
 * Leads across the floor, those over doors first, while ladders are out and the room is empty, then the longest; leads
 * of one loom after each other, the first of them taped. Whoever has least to do takes the next loom or lead.
 */
export function layOrder({ runs, looms }: Pick<RunsResult, 'runs' | 'looms'>, people: number): LayStep[] {
  const inLoom = new Map(
    Object.values(looms).flatMap(({ members }) => members.map(id => [id, members] as const)),
  );
  const groups = new Set<readonly string[]>();
  for (const [id, run] of Object.entries(runs)) if (run.crosses) groups.add(inLoom.get(id) ?? [id]);
  const length = (id: string): number => numberOf(runs[id]?.onFloor) ?? 0;
  const overDoor = (group: readonly string[]): boolean =>
    group.some(id => runs[id]?.crossings.some(({ kind }) => kind === 'door'));
  const sorted = [...groups]
    .map(group => [...group].sort((a, b) => length(b) - length(a)))
    .sort((a, b) => Number(overDoor(b)) - Number(overDoor(a)) || length(b[0] ?? '') - length(a[0] ?? ''));
  const busy = Array.from({ length: Math.max(1, people) }, () => 0);
  return sorted.flatMap(group => {
    const person = busy.indexOf(Math.min(...busy));
    const crossed = new Set<string>();
    return group.map((link, i): LayStep => {
      const minutes = minutesFor(runs[link] as RunResult, i === 0, crossed);
      busy[person] = (busy[person] ?? 0) + minutes;
      return { link, minutes, person: person + 1 };
    });
  });
}

function minutesFor(run: RunResult, taped: boolean, crossed: Set<string>): number {
  const fresh = run.crossings.filter(({ id }) => !crossed.has(id));
  for (const { id } of fresh) crossed.add(id);
  const crossing = fresh.reduce((sum, { kind }) => sum + (kind === 'aisle' ? RAMP : DOOR), 0);
  return (numberOf(run.onFloor) ?? 0) / (taped ? TAPED : UNROLLED) + crossing;
}
