/** Families among people, where kin of kin need not be kin. */
import type { Hands } from '../../documents/index.js';
import { isFamily } from '../../stations/ties.js';

/** Largest sets of two or more people of whom all are of one family (maximal cliques, Bron and Kerbosch 1973). */
export function familiesAmong(people: Hands['people'], those: readonly string[]): string[][] {
  const kin = new Map(
    those.map(one => [one, those.filter(other => other !== one && isFamily(people, one, other))]),
  );
  const found: string[][] = [];
  const grow = (family: string[], may: readonly string[], done: readonly string[]): void => {
    if (may.length === 0 && done.length === 0 && family.length > 1) found.push(family);
    let left = [...may];
    const seen = [...done];
    for (const one of may) {
      const of = kin.get(one) ?? [];
      grow(
        [...family, one],
        left.filter(other => of.includes(other)),
        seen.filter(other => of.includes(other)),
      );
      left = left.filter(other => other !== one);
      seen.push(one);
    }
  };
  grow(
    [],
    those.filter(one => (kin.get(one)?.length ?? 0) > 0),
    [],
  );
  return found;
}
