/** A straight scale from one range of numbers to another; a scale of a library would bring its colours along. */
export const linear =
  ([from, to]: readonly [number, number], [low, high]: readonly [number, number]) =>
  (value: number): number =>
    low + ((value - from) / (to - from)) * (high - low);
