import { inWords, listed, numberOf, severityOf, type Figure } from '../../../foundations/index.js';
import { racksRule, type RackResult } from '../result.js';

/** What of a rack carries more than it may: the case, its rails, a tray. */
function overLimit({ loadLeft, loads, items, label }: RackResult): { words: string; figure: Figure }[] {
  const over = (words: string, figure: Figure | undefined) =>
    figure && severityOf(figure) !== undefined ? [{ words, figure }] : [];
  return [
    ...over(label, loadLeft),
    ...over(`the front rails of ${label}`, loads.front),
    ...over(`the rear rails of ${label}`, loads.rear),
    ...Object.values(items).flatMap(item => over(`${item.label} in ${label}`, item.carries)),
  ];
}

/** A case, its rails or a tray over its load limit, or a case too heavy for one person. */
export const tooHeavy = racksRule({
  rule: 'racks.too-heavy',
  reads: ({ own, units }) => ({ racks: own.racks, units }),
  *find({ racks, units }) {
    for (const [id, rack] of Object.entries(racks)) {
      const { label, weight } = rack;
      const over = overLimit(rack);
      if (over.length > 0) {
        const words = listed(over.map(each => each.words));
        yield {
          severity: 'stop',
          subjects: [id],
          title: `${words.charAt(0).toUpperCase()}${words.slice(1)} ${over.length > 1 ? 'carry' : 'carries'} more than ${over.length > 1 ? 'their' : 'its'} load limit.`,
          because: over.map(({ figure }) => figure),
          advice: 'Carry part of it in another case.',
        };
        continue;
      }
      const severity = severityOf(weight);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} needs two people to lift: ${inWords(numberOf(weight) ?? 0, 'kg', units)}.`,
        because: [weight],
        advice: 'Two names on this case; use wheels, keep it close, mind the step.',
      };
    }
  },
});
