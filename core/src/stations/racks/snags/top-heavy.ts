import { numberOf, severityOf } from '../../../foundations/index.js';
import { eachRackRule, type RackItem } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** From so much of its height on, %, it is worth saying that the weight could lie lower. House figure. */
const WORTH = 10;

/** A rack that falls over easily, or has its weight high up. */
export const topHeavy = eachRackRule({
  rule: 'racks.top-heavy',
  reads: () => ({}),
  *find(id, { label, balance, items }) {
    const severity = severityOf(balance.tip);
    const degrees = Math.floor(numberOf(balance.tip) ?? 0);
    if (severity !== undefined) {
      yield {
        severity,
        subjects: [id],
        title: `${label} falls over when it leans by ${degrees}°.`,
        because: [balance.tip, balance.centre],
        advice: 'Heavy things low; lay it on its back or brace it; castors locked, nobody leans on it.',
      };
      return;
    }
    const worst = heaviestOver(Object.values(items));
    const sinks = (numberOf(balance.lower) ?? 0) > WORTH;
    if (sinks && severityOf(balance.height) !== undefined) {
      yield {
        severity: 'note',
        subjects: [id],
        title: `${label} has its weight high up${worst ? `: ${worst.label} is over lighter things` : ''}.`,
        because: [balance.height, balance.lower, ...(worst?.over ? [worst.over] : [])],
        advice: 'Heavy things low: it is easier to carry and to tilt.',
      };
    } else if (worst?.over) {
      yield {
        severity: 'note',
        subjects: [id],
        title: `${worst.label} lies over lighter things in ${label}.`,
        because: [worst.over],
        advice: 'Heavy things low: it is easier to carry and to tilt.',
      };
    }
  },
  *fixes(snag, { own }) {
    const [id = ''] = snag.subjects;
    const rack = own.racks[id];
    const units = numberOf(rack?.have) ?? 0;
    const mounted = Object.entries(rack?.items ?? {}).filter(([, item]) => item.unit !== undefined);
    // Two that change places, the heavier one down; then one that moves to a free unit lower down.
    for (const [low, a] of mounted) {
      for (const [high, b] of mounted) {
        const lighter = (numberOf(a.weight) ?? 0) < (numberOf(b.weight) ?? 0);
        if (
          !lighter ||
          a.unit === undefined ||
          b.unit === undefined ||
          a.unit >= b.unit ||
          a.units !== b.units
        )
          continue;
        yield fix(
          `Change places of ${a.label} and ${b.label}`,
          inPlan().put('devices', low, 'place', 'unit', b.unit).put('devices', high, 'place', 'unit', a.unit),
          'change places',
        );
      }
    }
    for (const [device, item] of mounted) {
      for (let unit = 1; unit < (item.unit ?? 0) && unit <= units; unit++)
        yield fix(
          `Mount ${item.label} at unit ${unit}`,
          inPlan().put('devices', device, 'place', 'unit', unit),
          'move',
        );
    }
  },
});

function heaviestOver(items: readonly RackItem[]): RackItem | undefined {
  const over = items.filter(item => item.over && severityOf(item.over) !== undefined);
  return over.reduce<RackItem | undefined>(
    (a, b) => (a && (numberOf(a.over) ?? 0) >= (numberOf(b.over) ?? 0) ? a : b),
    undefined,
  );
}
