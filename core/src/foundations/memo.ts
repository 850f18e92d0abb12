/** Memory of a station between two assessments: what did not change keeps its identity. */

import { share } from './share.js';

interface Entry {
  deps: readonly unknown[];
  value: unknown;
  pass: number;
}

interface Trace {
  /** What was read, by name, and what it was. */
  reads: Map<PropertyKey, unknown>;
  value: unknown;
  pass: number;
}

/**
 * Remembers results by key and by the identity of what they were computed from. A recomputed result that
 * equals the old one is given back as the old one, so that later stations see no change.
 * Entries not asked for in a pass are dropped at its end.
 */
export class Memo {
  private readonly entries = new Map<string, Entry>();
  private readonly traces = new Map<string, Trace>();
  private pass = 0;

  /** `compute()`, or its last result when every dependency is identical to last time. */
  once<T>(key: string, deps: readonly unknown[], compute: () => T): T {
    const entry = this.entries.get(key);
    if (entry) {
      entry.pass = this.pass;
      if (sameList(entry.deps, deps)) return entry.value as T;
      entry.value = share(entry.value, compute());
      entry.deps = deps;
      return entry.value as T;
    }
    const value = compute();
    this.entries.set(key, { deps, value, pass: this.pass });
    return value;
  }

  /**
   * `compute(input)`, or its last result when every part of `input` that it read then is identical now. A pure
   * function that reads the same takes the same way, so what it did not read cannot matter.
   */
  traced<In extends object, Out>(key: string, input: In, compute: (input: In) => Out): Out {
    const known = this.traces.get(key);
    if (known && [...known.reads].every(([name, value]) => Object.is(Reflect.get(input, name), value))) {
      known.pass = this.pass;
      return known.value as Out;
    }
    const reads = new Map<PropertyKey, unknown>();
    const watched = new Proxy(input, {
      get(target, name) {
        const part: unknown = Reflect.get(target, name);
        reads.set(name, part);
        return part;
      },
    });
    const value = share(known?.value, compute(watched));
    this.traces.set(key, { reads, value, pass: this.pass });
    return value as Out;
  }

  /** A map of results, one per record, each remembered by `deps(record)`; the map itself is shared too. */
  each<In, Out>(
    key: string,
    records: Iterable<readonly [string, In]>,
    deps: (record: In, id: string) => readonly unknown[],
    compute: (record: In, id: string) => Out,
  ): Record<string, Out> {
    const results: Record<string, Out> = {};
    for (const [id, record] of records) {
      results[id] = this.once(`${key}/${id}`, deps(record, id), () => compute(record, id));
    }
    // The results are shared already, so that only the map itself is left to compare.
    const kept = this.entries.get(key)?.value as Record<string, Out> | undefined;
    const map = kept && sameEntries(kept, results) ? kept : results;
    this.entries.set(key, { deps: [], value: map, pass: this.pass });
    return map;
  }

  /** `value`, or the value kept under `key` last time where (and as far as) the two are equal. */
  keep<T>(key: string, value: T): T {
    const entry = this.entries.get(key);
    const kept = entry ? share(entry.value, value) : value;
    this.entries.set(key, { deps: [], value: kept, pass: this.pass });
    return kept as T;
  }

  endPass(): void {
    for (const kept of [this.entries, this.traces])
      for (const [key, { pass }] of kept) if (pass !== this.pass) kept.delete(key);
    this.pass++;
  }
}

function sameList(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((value, i) => Object.is(value, b[i]));
}

function sameEntries(a: Readonly<Record<string, unknown>>, b: Readonly<Record<string, unknown>>): boolean {
  const keys = Object.keys(b);
  return keys.length === Object.keys(a).length && keys.every(key => key in a && Object.is(a[key], b[key]));
}
