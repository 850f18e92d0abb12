/** Numbers between two bounds, the same for the same seed (mulberry32). */
export function drawn(seed: number): (from: number, to: number) => number {
  let state = seed;
  return (from, to) => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return from + (((t ^ (t >>> 14)) >>> 0) / 4294967296) * (to - from);
  };
}
