import { listed, severityOf, type Figure } from '../../../foundations/index.js';
import { eachRackRule, type RackResult } from '../result.js';

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

/** A case, its rails or a tray over its load limit. */
export const tooHeavy = eachRackRule({
  rule: 'racks.too-heavy',
  reads: () => ({}),
  *find(id, rack) {
    const over = overLimit(rack);
    if (over.length === 0) return;
    const words = listed(over.map(each => each.words));
    const many = over.length > 1;
    yield {
      severity: 'stop',
      subjects: [id],
      title: `${words.charAt(0).toUpperCase()}${words.slice(1)} ${many ? 'carry more than their' : 'carries more than its'} load limit.`,
      because: over.map(({ figure }) => figure),
      advice: 'Carry part of it in another case.',
    };
  },
});
