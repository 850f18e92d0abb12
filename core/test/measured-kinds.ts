/** Kinds of which people said much of power, for events that tests run over. */
import type { Bundle, Kind } from '../src/documents/index.js';

/** A stand-by supply of 12 V and 9 Ah lead-acid, for 300 VA. */
export const STAND_BY: Kind = {
  label: 'Stand-by supply, 300 VA',
  family: 'battery',
  battery: { volts: 12, ampHours: 9, maxAmps: 30, chemistry: 'lead-acid', voltAmps: 300, charging: 360 },
  supply: { efficiency: 0.8, together: 180 },
  ports: {
    mainsin01: { order: '1', label: 'mains', direction: 'in', connector: 'mains', carries: 'power' },
    outlet001: { order: '2', label: 'outlet 1', direction: 'out', connector: 'mains', carries: 'power' },
    outlet002: { order: '3', label: 'outlet 2', direction: 'out', connector: 'mains', carries: 'power' },
  },
};

/** Kinds whose states somebody measured, and one of which nobody measured anything but read its plate. */
export function measuredKinds(kinds: Bundle['kinds']['kinds']): Bundle['kinds']['kinds'] {
  const { laptopcom, lamppanel, audiodesk } = kinds;
  if (!laptopcom || !lamppanel || !audiodesk) throw new Error('the demo knows laptops, lamps and a desk');
  const order = '001h';
  const barrel = { outer: 5.5, inner: 2.1, centre: 'positive' } as const;
  const direct = { order, connector: 'DC barrel', carries: 'power', barrel } as const;
  const mains = { order, label: 'mains', direction: 'in', connector: 'mains', carries: 'power' } as const;
  return {
    supplyfus: {
      label: 'Supply with a fuse',
      family: 'supply',
      supply: { efficiency: 0.9, together: 60 },
      ports: {
        mainsin01: mains,
        dcout0001: {
          ...{ ...direct, label: '12 V', direction: 'out', watts: 60, fuse: 5, ownLead: 3, section: 0.75 },
          ...{ volts: { low: 12, high: 12 }, ends: 'plug', fuseVolts: 32 },
        },
      },
    },
    audiodesk: { ...audiodesk, ports: { ...audiodesk.ports, mainsin01: mains } },
    standbyla: STAND_BY,
    twelvebox: {
      label: 'Box of 12 V',
      family: 'converter',
      power: { running: 30 },
      ports: { dcin00001: { ...direct, label: '12 V in', direction: 'in', volts: { low: 10, high: 16 } } },
    },
    laptopcom: {
      ...laptopcom,
      power: {
        running: 60,
        standby: 4,
        peak: 90,
        factor: 0.9,
        standbyFactor: 0.4,
        peakFactor: 0.95,
        inrush: 30,
        leakage: 0.7,
      },
    },
    unmeasure: { ...lamppanel, label: 'Lamp that nobody measured', power: { plate: 75, standby: 2 } },
  };
}
