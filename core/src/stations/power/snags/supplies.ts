import { numberOf, severityOf, worst } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** More hangs on a supply, or on one of its outlets, than that gives. */
export const supplyOver = powerRule({
  rule: 'power.supply-over',
  reads: ({ own, signal }) => ({
    supplies: own.supplies,
    outlets: own.outlets,
    feeds: own.feeds,
    devices: signal.wiring.devices,
  }),
  *find({ supplies, outlets, feeds, devices }) {
    const label = (id: string | undefined): string => devices[id ?? '']?.label ?? 'a supply';
    for (const [id, { watts, share }] of Object.entries(supplies)) {
      const severity = share && severityOf(share);
      if (severity === undefined || !share) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label(id)} must give ${Math.round(numberOf(watts) ?? 0)} W, more than it can.`,
        because: [watts, share],
        advice: 'Take a larger one, or put part of it on another; two independent ones outlive one.',
      };
    }
    for (const [id, { share }] of Object.entries(outlets)) {
      const severity = share && severityOf(share);
      if (severity === undefined || !share) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label(id)} takes more than its outlet of ${label(feeds[id]?.from)} gives.`,
        because: [share],
        advice: 'Use an outlet that gives more.',
      };
    }
  },
  fixes: () => [],
});

/** Volts that fall below what a device works with, or collapse. */
export const railLow = powerRule({
  rule: 'power.rail-low',
  reads: ({ own, devices }) => ({ outlets: own.outlets, devices }),
  *find({ outlets, devices }) {
    for (const [id, { volts, holds, spare }] of Object.entries(outlets)) {
      const collapses = holds && severityOf(holds);
      const severity = worst([collapses, spare && severityOf(spare)]);
      if (severity === undefined || !volts) continue;
      const label = devices?.[id]?.label ?? 'A device';
      yield {
        severity,
        subjects: [id],
        title: collapses
          ? `The volts for ${label} collapse on its lead.`
          : `Only ${(numberOf(volts) ?? 0).toFixed(1)} V arrive at ${label} when its source is at its lowest.`,
        because: [volts, ...(holds ? [holds] : []), ...(spare ? [spare] : [])],
        advice: 'Use a shorter or thicker lead, or higher volts and a converter at the far end.',
      };
    }
  },
  fixes: () => [],
});

/** A fuse that blows, or is too near to that, at the current of the lowest volts. */
export const fuseSmall = powerRule({
  rule: 'power.fuse-small',
  reads: ({ own, devices }) => ({ outlets: own.outlets, devices }),
  *find({ outlets, devices }) {
    for (const [id, { amps, fuse }] of Object.entries(outlets)) {
      const severity = fuse && severityOf(fuse);
      if (severity === undefined || !fuse || !amps) continue;
      yield {
        severity,
        subjects: [id],
        title: `The fuse before ${devices?.[id]?.label ?? 'a device'} is too small for ${(numberOf(amps) ?? 0).toFixed(1)} A.`,
        because: [amps, fuse],
        advice:
          'Fuse at the source for 1.25 × the current, and for no more than the wire carries; of a DC rating that fits.',
      };
    }
  },
  fixes: () => [],
});

/** A device that takes more over its network cable than its class allows. */
export const poeClassOver = powerRule({
  rule: 'power.poe-class',
  reads: ({ own, devices }) => ({ poe: own.poe, devices }),
  *find({ poe, devices }) {
    for (const [id, { poeClass, gets, share }] of Object.entries(poe)) {
      const severity = severityOf(share);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices?.[id]?.label ?? 'A device'} takes more than the ${(numberOf(gets) ?? 0).toFixed(1)} W of its PoE class ${String(poeClass.value)}.`,
        because: [share],
        advice: 'Feed it by its own adapter, or from a port of a higher class if it takes that.',
      };
    }
  },
  fixes: () => [],
});

/** A switch that counts more for what it feeds than its budget holds: the last that are plugged in stay dark. */
export const poeOver = powerRule({
  rule: 'power.poe-over',
  reads: ({ own, signal }) => ({ budgets: own.poeBudgets, devices: signal.wiring.devices }),
  *find({ budgets, devices }) {
    for (const [id, { counted, share }] of Object.entries(budgets)) {
      const severity = severityOf(share);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? 'A switch'} counts ${(numberOf(counted) ?? 0).toFixed(1)} W for what it feeds, more than its budget.`,
        because: [counted, share],
        advice:
          'Some ports may stay dark: feed one by its own adapter, or measure and set the ports by hand.',
      };
    }
  },
  fixes: () => [],
});
