/** How much a JSON value holds, so that what is too large is refused before anything walks it. */
import type { Json } from './patch.js';

/** `nodes`: values of every sort; `depth`: levels below the value; `bytes`: as compact JSON in UTF-8. */
export interface JsonSize {
  readonly nodes: number;
  readonly depth: number;
  readonly bytes: number;
}

/** The most that a document may hold; a plan of 3,000 devices and 6,000 leads has 70,000 values in 1 MB. */
export const DOCUMENT_LIMIT: JsonSize = { nodes: 250_000, depth: 40, bytes: 4_000_000 };
/** The most that a value may hold where any JSON is accepted. */
export const FREE_VALUE_LIMIT: JsonSize = { nodes: 10_000, depth: 12, bytes: 200_000 };

export type Sizer = (value: Json) => JsonSize;

/** The sizes of values that were walked before. Values never change, so that a memory may outlive what asks it. */
export type SizeMemory = WeakMap<object, JsonSize>;

/** What holds less is walked again: that costs no more than looking it up. */
const WORTH_KNOWING = 8;

/**
 * A function that sizes values and remembers those it has seen: what stands in a value several times is walked
 * once but counts each time, as it does when the value is written. Escapes in texts are not counted.
 */
export function createSizer(known: SizeMemory = new WeakMap()): Sizer {
  const of = (value: Json): JsonSize => {
    if (typeof value !== 'object' || value === null) return { nodes: 1, depth: 0, bytes: bytesOf(value) };
    const before = known.get(value);
    if (before) return before;
    let nodes = 1;
    let depth = 0;
    let bytes = 2;
    const count = (child: Json, extra: number): void => {
      const size = of(child);
      nodes += size.nodes;
      depth = Math.max(depth, size.depth + 1);
      bytes += size.bytes + extra;
    };
    // One comma for each; quotes and a colon for each key.
    if (Array.isArray(value)) for (const child of value as readonly Json[]) count(child, 1);
    else
      for (const key of Object.keys(value))
        count((value as Readonly<Record<string, Json>>)[key] as Json, utf8Length(key) + 4);
    const size = { nodes, depth, bytes };
    if (nodes >= WORTH_KNOWING) known.set(value, size);
    return size;
  };
  return of;
}

/** A function that tells in words why a value is beyond a limit, or undefined; values it has seen cost nothing. */
export function refusalBeyond(limit: JsonSize, known?: SizeMemory): (value: Json) => string | undefined {
  const sizeOf = createSizer(known);
  return value => {
    const { nodes, depth, bytes } = sizeOf(value);
    if (depth > limit.depth) return `is nested deeper than ${limit.depth} levels`;
    if (nodes > limit.nodes) return `holds more than ${limit.nodes} values`;
    if (bytes > limit.bytes) return `is longer than ${limit.bytes} bytes`;
    return undefined;
  };
}

const bytesOf = (value: string | number | boolean | null): number =>
  typeof value === 'string' ? utf8Length(value) + 2 : String(value).length;

/** Bytes of a text in UTF-8: each half of a surrogate pair counts two. */
function utf8Length(text: string): number {
  let bytes = text.length;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (code > 0x7f) bytes++;
    if (code > 0x7ff && (code < 0xd800 || code > 0xdfff)) bytes++;
  }
  return bytes;
}
