/** Measuring: medians of many runs, beside a fixed loop that tells how fast this machine is today. */

const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b);
export const quantile = (values: readonly number[], q: number): number => {
  const list = sorted(values);
  return list[Math.min(list.length - 1, Math.floor(list.length * q))] ?? NaN;
};

/** Milliseconds of each of `runs` runs, after `warmUp` unmeasured ones. */
export function timed(run: (i: number) => unknown, runs: number, warmUp = 0): number[] {
  for (let i = 0; i < warmUp; i++) run(i);
  return Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    run(i);
    return performance.now() - start;
  });
}

/** A fixed amount of arithmetic (10 million steps of a linear congruence), median of 9, in ms. */
export function calibration(): number {
  const loop = (seed: number): number => {
    let x = seed;
    for (let i = 0; i < 10_000_000; i++) x = (Math.imul(x, 1664525) + 1013904223) | 0;
    return x;
  };
  return quantile(timed(loop, 9, 2), 0.5);
}

export const line = (name: string, ...values: string[]): void =>
  void process.stdout.write(`${name.padEnd(46)} ${values.join('   ')}\n`);
export const ms = (value: number): string => `${value.toFixed(2)} ms`;
