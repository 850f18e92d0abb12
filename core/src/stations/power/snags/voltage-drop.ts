import { numberOf, severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A mains lead on which more voltage is lost than is recommended. */
export const voltageDrop = powerRule({
  rule: 'power.voltage-drop',
  reads: ({ own, runs }) => ({ drops: own.drops, runs: runs.runs }),
  *find({ drops, runs }) {
    for (const [id, { drop }] of Object.entries(drops)) {
      const severity = severityOf(drop);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${runs[id]?.label ?? 'A mains lead'} loses ${(numberOf(drop) ?? 0).toFixed(1)} % of the voltage.`,
        because: [drop],
        advice: 'Use a nearer socket or a thicker lead; unroll reels fully.',
      };
    }
  },
  fixes: snag => [
    fix('Use a 2.5 mm² lead', inPlan().put('links', snag.subjects[0] ?? '', 'make', 'mains-2.5')),
  ],
});

/** A device at which fewer volts are left than it needs. */
export const voltsLow = powerRule({
  rule: 'power.volts-low',
  reads: ({ own, devices }) => ({ ends: own.ends, loads: own.devices, devices }),
  *find({ ends, loads, devices }) {
    for (const [id, { volts, spare, lost }] of Object.entries(ends)) {
      const severity = severityOf(spare);
      if (severity === undefined || !loads[id]) continue;
      yield {
        severity,
        subjects: [id],
        title: `Only ${Math.floor(numberOf(volts) ?? 0)} V are left at ${devices?.[id]?.label ?? 'a device'}.`,
        because: [lost, volts, spare],
        advice:
          'Use a nearer socket or thicker leads; unroll reels fully; enter the least volts that it works with.',
      };
    }
  },
  fixes: (snag, seen) => {
    const id = snag.subjects[0] ?? '';
    return feedFromOutlets(seen, id, snag.id, seen.own.feeds[id]?.link);
  },
});
