import { numberOf, severityOf, worst } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** So much leaks to earth while nothing is wrong that a residual-current device may trip. */
export const leakage = powerRule({
  rule: 'power.leakage',
  reads: ({ own, ground }) => ({ loads: own.residuals, residuals: ground.venue.residuals }),
  *find({ loads, residuals }) {
    for (const [id, { leakage: leaks, share }] of Object.entries(loads)) {
      const severity = severityOf(share);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${residuals?.[id]?.label ?? 'A residual-current device'} may trip by itself: ${(numberOf(leaks) ?? 0).toFixed(1)} mA leak all the time.`,
        because: [leaks, share],
        advice: 'Spread the adapters over circuits behind different devices; never bridge one out.',
      };
    }
  },
  fixes: () => [],
});

/** A generator loaded beyond what it should carry. */
export const generatorOver = powerRule({
  rule: 'power.generator-over',
  reads: ({ own }) => ({ building: own.building }),
  *find({ building: { generator, generatorShare } }) {
    const severity = generatorShare && severityOf(generatorShare);
    if (severity === undefined || !generator || !generatorShare) return;
    yield {
      severity,
      subjects: [],
      title:
        severity === 'stop'
          ? 'The generator is loaded beyond what it gives.'
          : `The generator carries ${Math.round(numberOf(generator) ?? 0)} VA, more than seven tenths of what it gives.`,
      because: [generator, generatorShare],
      advice:
        'Take a larger one, outdoors, its exhaust away from people and inlets, its earthing by a qualified person; never refuel it while it runs.',
    };
  },
  fixes: () => [],
});

/** Switching on together, or even one by one, may trip a breaker. */
export const inrush = powerRule({
  rule: 'power.inrush',
  reads: ({ own, ground }) => ({ starts: own.startUps, circuits: ground.venue.circuits }),
  *find({ starts, circuits }) {
    for (const [id, { together, single, share, singleShare }] of Object.entries(starts)) {
      const alone = severityOf(singleShare);
      const severity = worst([severityOf(share), alone]);
      if (severity === undefined) continue;
      const label = circuits?.[id]?.label ?? 'a circuit';
      yield {
        severity,
        subjects: [id],
        title:
          alone === undefined
            ? `Switched on all at once, what is on ${label} may trip its breaker.`
            : `The largest on ${label} trips its breaker as it is switched on.`,
        because: alone === undefined ? [together, share] : [single, singleShare],
        advice:
          'Switch on one after another, the largest first; if it trips, find the cause before you reset it, once.',
      };
    }
  },
  fixes: () => [],
});
