/** Edits of a document, typed by its shape: what is put where, and what is taken out. */
import { pointerOf, type Json, type Operation } from './patch.js';
import type { DocumentPatch } from './snag.js';

type At<T, K extends keyof T> = NonNullable<T[K]>;

/**
 * An edit of a document that grows step by step. A map or a record of options that is not there yet is opened on the
 * way; what is put into a record that is gone does not fit when the edit is applied, and is told there.
 */
export class Edit<T extends object> {
  private readonly operations: Operation[] = [];
  private readonly opened = new Set<string>();

  /** `known` is the document, or the parts of it that may be missing: what it does not name is taken to be there. */
  constructor(
    readonly document: DocumentPatch['document'],
    private readonly known: object,
    private readonly whole: boolean,
  ) {}

  /** Puts a value at a place: the keys that lead there, then the value. */
  put<A extends keyof T>(a: A, value: At<T, A>): this;
  put<A extends keyof T, B extends keyof At<T, A>>(a: A, b: B, value: At<At<T, A>, B>): this;
  put<A extends keyof T, B extends keyof At<T, A>, C extends keyof At<At<T, A>, B>>(
    ...args: [a: A, b: B, c: C, value: At<At<At<T, A>, B>, C>]
  ): this;
  put<
    A extends keyof T,
    B extends keyof At<T, A>,
    C extends keyof At<At<T, A>, B>,
    D extends keyof At<At<At<T, A>, B>, C>,
  >(...args: [a: A, b: B, c: C, d: D, value: At<At<At<At<T, A>, B>, C>, D>]): this;
  put(...args: unknown[]): this {
    const keys = args.slice(0, -1).map(String);
    this.open(keys);
    this.operations.push({ op: 'add', path: pointerOf(...keys), value: args.at(-1) as Json });
    return this;
  }

  /** Takes out what is at a place. */
  drop<A extends keyof T>(a: A): this;
  drop<A extends keyof T, B extends keyof At<T, A>>(a: A, b: B): this;
  drop<A extends keyof T, B extends keyof At<T, A>, C extends keyof At<At<T, A>, B>>(a: A, b: B, c: C): this;
  drop<
    A extends keyof T,
    B extends keyof At<T, A>,
    C extends keyof At<At<T, A>, B>,
    D extends keyof At<At<At<T, A>, B>, C>,
  >(a: A, b: B, c: C, d: D): this;
  drop(...args: unknown[]): this {
    this.operations.push({ op: 'remove', path: pointerOf(...args.map(String)) });
    return this;
  }

  /** Puts a value at a place, or takes out what is there where there is none. */
  set<A extends keyof T, B extends keyof At<T, A>>(a: A, b: B, value: At<At<T, A>, B> | undefined): this;
  set<A extends keyof T, B extends keyof At<T, A>, C extends keyof At<At<T, A>, B>>(
    ...args: [a: A, b: B, c: C, value: At<At<At<T, A>, B>, C> | undefined]
  ): this;
  set<
    A extends keyof T,
    B extends keyof At<T, A>,
    C extends keyof At<At<T, A>, B>,
    D extends keyof At<At<At<T, A>, B>, C>,
  >(...args: [a: A, b: B, c: C, d: D, value: At<At<At<At<T, A>, B>, C>, D> | undefined]): this;
  set(...args: unknown[]): this {
    const to = args as Parameters<typeof this.put>;
    return args.at(-1) === undefined ? this.drop(...(args.slice(0, -1) as [keyof T])) : this.put(...to);
  }

  /** Further steps for each of some. */
  each<Of>(list: Iterable<Of>, step: (edit: this, of: Of) => unknown): this {
    for (const of of list) step(this, of);
    return this;
  }

  /** What another edit of the same document does. */
  and({ operations }: Edit<T>): this {
    this.operations.push(...operations);
    return this;
  }

  get patch(): Operation[] {
    return [...this.operations];
  }

  /** As a change of its document: plain, so that it can be handed to a worker. */
  get change(): DocumentPatch {
    return { document: this.document, patch: this.patch };
  }

  /** Opens the map or the record of options on the way that is missing; never the record of a map. */
  private open(keys: readonly string[]): void {
    let node: unknown = this.known;
    for (let depth = 0; depth < keys.length - 1; depth++) {
      const key = keys[depth] ?? '';
      const named = typeof node === 'object' && node !== null && Object.hasOwn(node, key);
      if (depth === 0 && !named && !this.whole) return;
      node = named ? (node as Record<string, unknown>)[key] : undefined;
      if (node !== undefined) continue;
      const path = pointerOf(...keys.slice(0, depth + 1));
      // The second key names a record: where that is gone, nothing is made in its place.
      if (depth !== 1 && !this.opened.has(path)) this.operations.push({ op: 'add', path, value: {} });
      this.opened.add(path);
      return;
    }
  }
}
