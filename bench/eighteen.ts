/** Each of the eighteen set-ups assessed cold: what opening any of them takes, and which takes the longest. */
import { readFileSync } from 'node:fs';
import { assess } from '@idle-satchel/core';
import type { fridayBundle } from '@idle-satchel/core/demo';
import { calibration, line, ms, quantile, timed } from './measure.js';

type Bundle = ReturnType<typeof fridayBundle>;

/** Reads their bundles from the file that `npm run bench` writes; says so and measures nothing without one. */
export function eighteen(file = process.env.EIGHTEEN): void {
  if (file === undefined) return line('assess, cold, the eighteen set-ups', 'run by `npm run bench`');
  const bundles = JSON.parse(readFileSync(file, 'utf8')) as Bundle[];
  const loop = calibration();
  const times = bundles.map(bundle => ({
    label: bundle.plan.label,
    took: quantile(
      timed(() => assess(bundle).snags, 12, 4),
      0.5,
    ),
  }));
  const whole = times.reduce((sum, { took }) => sum + took, 0);
  const [slowest] = times.toSorted((a, b) => b.took - a.took);
  line('assess, cold, the eighteen set-ups', ms(whole), `${(whole / loop).toFixed(2)} × loop`);
  line('  the slowest of them', ms(slowest?.took ?? NaN), slowest?.label ?? '');
}
