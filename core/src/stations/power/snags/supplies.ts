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

/** A fuse that lets more through than its wire carries, or that does not break the volts of its source. */
export const fuseLarge = powerRule({
  rule: 'power.fuse-large',
  reads: ({ own, devices }) => ({ outlets: own.outlets, devices }),
  *find({ outlets, devices }) {
    for (const [id, { wire, breaks }] of Object.entries(outlets)) {
      const arcs = breaks && severityOf(breaks);
      const severity = worst([arcs, wire && severityOf(wire)]);
      const because = arcs ? breaks : wire;
      if (severity === undefined || !because) continue;
      const label = devices?.[id]?.label ?? 'a device';
      yield {
        severity,
        subjects: [id],
        title: arcs
          ? `The fuse before ${label} does not break the volts of its source.`
          : `The fuse before ${label} is larger than its wire carries.`,
        because: [because],
        advice: 'Take a fuse for no more than the wire carries, rated for direct current of these volts.',
      };
    }
  },
  fixes: () => [],
});

const ROUND: Readonly<Record<string, string>> = {
  'another size': 'is of another size than its socket',
  'the wrong way round': 'has plus and minus the wrong way round',
};

/** A round plug that does not fit, or would destroy what it goes into. */
export const dcPlug = powerRule({
  rule: 'power.dc-plug',
  reads: ({ own, devices }) => ({ outlets: own.outlets, devices }),
  *find({ outlets, devices }) {
    for (const [id, { plug }] of Object.entries(outlets)) {
      const severity = plug && severityOf(plug);
      if (severity === undefined || !plug) continue;
      yield {
        severity,
        subjects: [id],
        title: `The round plug for ${devices?.[id]?.label ?? 'a device'} ${ROUND[String(plug.value)] ?? 'does not fit'}.`,
        because: [plug],
        advice: 'Use the lead that belongs to it; measure size and polarity before you plug another in.',
      };
    }
  },
  fixes: () => [],
});

/** A USB outlet and an inlet that know no volts in common. */
export const usbVolts = powerRule({
  rule: 'power.usb-volts',
  reads: ({ own, devices }) => ({ outlets: own.outlets, devices }),
  *find({ outlets, devices }) {
    for (const [id, { usbVolts: volts }] of Object.entries(outlets)) {
      const severity = volts && severityOf(volts);
      if (severity === undefined || !volts) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices?.[id]?.label ?? 'A device'} and its USB outlet know no volts in common.`,
        because: [volts],
        advice: 'Use an outlet that gives the volts it asks for, or a cable that is marked for them.',
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
