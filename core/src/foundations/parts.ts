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

  /** `worked` is told the key of every part that is worked out. */
  constructor(private readonly worked?: (key: string) => void) {}

  /**
   * A part by its key, which names it for as long as this memory lasts. `compute` stands at the top level of its
   * file, so that it cannot reach what is not handed to it.
   */
  part<In extends object, Out>(key: string, reads: Thunks<In>, compute: (input: In) => Out): () => Out {
    return once(() => {
      const input = {} as In;
      for (const name in reads) input[name] = reads[name]();
      return this.remembered(key, input, compute);
    });
  }

  /** The value of a part for what it is handed: the one before, where that is what it was handed then. */
  remembered<In extends object, Out>(key: string, input: In, compute: (input: In) => Out): Out {
    const kept = this.kept.get(key);
    if (kept && sameEntries(kept.input, input)) return kept.value as Out;
    const value = share(kept?.value, compute(input)) as Out;
    this.worked?.(key);
    this.kept.set(key, { input, value });
    return value;
  }

  /** What was made of the same input before, as it is; else made anew. For what is itself made of parts. */
  madeOf<In extends object, Out>(key: string, input: In, make: (input: In) => Out): Out {
    const kept = this.kept.get(key);
    if (kept && sameEntries(kept.input, input)) return kept.value as Out;
    const value = make(input);
    this.kept.set(key, { input, value });
    return value;
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
      const known = this.keptEach.get(key) ?? new Map<string, Kept>();
      this.keptEach.set(key, known);
      const results: Record<string, Out> = {};
      let count = 0;
      for (const [id, record] of records()) {
        const input = reads(id, record);
        if (input === undefined) continue;
        let kept = known.get(id);
        if (!kept || !sameEntries(kept.input, input)) {
          kept = { input, value: share(kept?.value, compute(id, input)) };
          known.set(id, kept);
          this.worked?.(`${key}/${id}`);
        }
        results[id] = kept.value as Out;
        count++;
      }
      if (known.size > count)
        for (const id of known.keys()) if (!Object.hasOwn(results, id)) known.delete(id);
      // Each result is shared already, so that only the map itself is left to compare.
      const map = this.kept.get(key)?.value as Record<string, Out> | undefined;
      const value = map && sameEntries(map, results) ? map : results;
      this.kept.set(key, { input: {}, value });
      return value;
    });
  }
}

/** An object whose parts are made when they are first read, each at most once. */
export function resultOf<T extends object>(makers: Makers<T>): T {
  const parts = {};
  for (const name in makers)
    Object.defineProperty(parts, name, { get: once(makers[name]), enumerable: true });
  return parts as T;
}

const UNMADE: unique symbol = Symbol('not made yet');

function once<T>(make: () => T): () => T {
  let made: T | typeof UNMADE = UNMADE;
  return () => (made === UNMADE ? (made = make()) : made);
}

/** Whether two records have the same entries. */
function sameEntries(a: object, b: object): boolean {
  let more = 0;
  for (const key in b) {
    if (!Object.is((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key])) return false;
    more++;
  }
  for (const _ in a) more--;
  return more === 0;
}

/** A record that is remembered for what it holds. */
export const asItIs = <T>(_: string, record: T): T => record;

/** The records of some ids, as far as there are any. */
export const pick = <T>(
  all: Readonly<Record<string, T>>,
  ids: readonly string[],
): Readonly<Record<string, T>> =>
  Object.fromEntries(ids.flatMap(id => (Object.hasOwn(all, id) ? [[id, all[id] as T]] : [])));
