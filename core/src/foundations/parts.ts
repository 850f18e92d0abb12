/**
 * The parts of a station's result. A part is a function of exactly what it is handed: it is worked out when it is
 * first read, and remembered while all that it reads keeps its identity. A result that equals the one before is
 * given back as the one before, so that what follows sees no change.
 */
import { share } from './share.js';

/** What a part reads, each read when the part is. */
export type Thunks<In extends object> = { readonly [Name in keyof In]: () => In[Name] };
/** The makers of a result, a thunk for each part. */
export type Makers<T extends object> = { readonly [Name in keyof T]: () => T[Name] };

interface Kept {
  readonly input: object;
  readonly value: unknown;
}

export class Parts {
  private readonly kept = new Map<string, Kept>();
  private readonly keptEach = new Map<string, Map<string, Kept>>();
  /** Keys of the parts that were worked out since `worked` was emptied. */
  readonly worked: string[] = [];

  /**
   * A part by its key, which names it for as long as this memory lasts. `compute` stands at the top level of its
   * file, so that it cannot reach what is not handed to it.
   */
  part<In extends object, Out>(key: string, reads: Thunks<In>, compute: (input: In) => Out): () => Out {
    return once(() => {
      const input = {} as In;
      for (const name of Object.keys(reads) as (keyof In)[]) input[name] = reads[name]();
      const kept = this.kept.get(key);
      if (kept && sameEntries(kept.input, input)) return kept.value as Out;
      const value = share(kept?.value, compute(input)) as Out;
      this.worked.push(key);
      this.kept.set(key, { input, value });
      return value;
    });
  }

  /**
   * A map of results, one for each record, each a part of its own. `reads` picks what the part of a record is
   * handed; a record for which it picks nothing has none.
   */
  each<Of, In extends object, Out>(
    key: string,
    records: () => Iterable<readonly [string, Of]>,
    reads: (id: string, record: Of) => In | undefined,
    compute: (id: string, input: In) => Out,
  ): () => Readonly<Record<string, Out>> {
    return once(() => {
      const before = this.keptEach.get(key);
      const now = new Map<string, Kept>();
      const results: Record<string, Out> = {};
      for (const [id, record] of records()) {
        const input = reads(id, record);
        if (input === undefined) continue;
        let kept = before?.get(id);
        if (!kept || !sameEntries(kept.input, input)) {
          kept = { input, value: share(kept?.value, compute(id, input)) };
          this.worked.push(`${key}/${id}`);
        }
        now.set(id, kept);
        results[id] = kept.value as Out;
      }
      this.keptEach.set(key, now);
      // Each result is shared already, so that only the map itself is left to compare.
      const map = this.kept.get(key)?.value as Record<string, Out> | undefined;
      const value = map && sameEntries(map, results) ? map : results;
      this.kept.set(key, { input: {}, value });
      return value;
    });
  }
}

/** An object whose parts are made when they are first read, each at most once; then they are plain properties. */
export function resultOf<T extends object>(makers: Makers<T>): T {
  const parts = {};
  for (const name of Object.keys(makers) as (keyof T)[]) {
    Object.defineProperty(parts, name, {
      get: () => {
        const value = makers[name]();
        Object.defineProperty(parts, name, { value, enumerable: true });
        return value;
      },
      enumerable: true,
      configurable: true,
    });
  }
  return parts as T;
}

function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

function sameEntries(a: object, b: object): boolean {
  const keys = Object.keys(b);
  if (keys.length !== Object.keys(a).length) return false;
  return keys.every(
    key =>
      Object.hasOwn(a, key) &&
      Object.is((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]),
  );
}
