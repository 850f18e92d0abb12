import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { coolerFixes } from './cooler.js';
import { eachRackRule, type RackItem } from '../result.js';

/** The thing that the warmest air reaches, by what it may take. */
const worstOf = (items: Readonly<Record<string, RackItem>>): [string, RackItem] | undefined =>
  Object.entries(items)
    .filter(([, { margin }]) => margin && severityOf(margin) !== undefined)
    .sort(([, a], [, b]) => (numberOf(a.margin) ?? 0) - (numberOf(b.margin) ?? 0))[0];

/** Air that is too warm for what it reaches, or warms more on its way through a rack than is usual. */
export const tooHot = eachRackRule({
  rule: 'racks.too-hot',
  reads: ({ units }) => ({ units }),
  *find(id, { label, heat, items, air }, { units }) {
    const worst = worstOf(items);
    if (worst) {
      const [item, { label: name, warm, margin }] = worst;
      const got = numberOf(warm) ?? 0;
      yield {
        severity: 'stop',
        subjects: [item, id],
        title: `${name} in ${label} gets air of ${inWords(got, '°C', units)}, and may take ${inWords(got + (numberOf(margin) ?? 0), '°C', units)}.`,
        because: [...(margin && warm ? [margin, warm] : []), air.rise],
        advice: 'Lids off, a fan or free units; never covered, never in the sun.',
      };
      return;
    }
    if (severityOf(air.rise) === undefined) return;
    yield {
      severity: 'risk',
      subjects: [id],
      title: `${label} gets warm: its air leaves ${Math.round(numberOf(air.rise) ?? 0)} K warmer than it comes in.`,
      because: [air.rise, heat, air.leaves],
      advice: 'Run it with both lids off and a fan, never closed, never covered.',
    };
  },
  fixes: ({ subjects }, seen) => coolerFixes(subjects.at(-1) ?? '', seen),
});
