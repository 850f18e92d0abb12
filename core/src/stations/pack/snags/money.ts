/** Money that does not suffice, and what comes too late. */
import { counted, severityOf, showCalendarDay, showMoney } from '../../../foundations/index.js';
import { packRule } from '../result.js';

/** What must be come by costs more than may be spent. */
export const overCeiling = packRule({
  rule: 'pack.over-ceiling',
  reads: ({ own, currency, dates }) => ({
    left: own.money.left,
    total: own.money.total,
    unpriced: own.money.unpriced,
    currency,
    dates,
  }),
  *find({ left, total, unpriced, currency, dates }) {
    if (typeof left?.value !== 'number' || severityOf(left) !== 'risk') return;
    const more = Number(unpriced.value);
    yield {
      severity: 'risk',
      subjects: ['money'],
      title: `Gear to come by costs ${showMoney(-left.value, currency, dates)} more than the ceiling${more > 0 ? `, without ${counted(more, 'line', 'lines')} of which no price is known` : ''}.`,
      because: [left, total],
      advice: 'Drop, borrow, hire or replace something: “What fits” tries every way and says what is lost.',
    };
  },
});

/** A ceiling cannot be judged while prices are not known. */
export const unpricedNeeds = packRule({
  rule: 'pack.unpriced',
  reads: ({ own }) => ({ left: own.money.left, needs: own.money.needs, unpriced: own.money.unpriced }),
  *find({ left, needs, unpriced }) {
    const without = Object.entries(needs).filter(([, { cost }]) => cost.value === null);
    if (!left || without.length === 0) return;
    yield {
      severity: 'note',
      subjects: without.map(([id]) => id),
      title: `No price is known for ${counted(without.length, 'line', 'lines')} that must be come by, so what is left of the ceiling is less than it says.`,
      because: [left, unpriced],
      advice: 'Enter a price with its source and day under Money in Pack.',
    };
  },
});

/** Something that is delivered after the event, or so shortly before it that nothing may go wrong. */
export const deliveryLate = packRule({
  rule: 'pack.delivery-late',
  reads: ({ own, dates }) => ({ needs: own.money.needs, dates }),
  *find({ needs, dates }) {
    for (const [id, { label, purpose, delivery, before, spare }] of Object.entries(needs)) {
      if (delivery === undefined || !before || !spare) continue;
      const day = showCalendarDay(delivery, dates);
      const severity = severityOf(before) ?? severityOf(spare);
      if (severity === undefined) continue;
      const what = purpose === '' ? label : `${label} for ${purpose}`;
      yield {
        severity,
        subjects: [id],
        title:
          severity === 'stop'
            ? `${what} comes on ${day}, which is after the event.`
            : `${what} comes on ${day}, ${counted(Number(before.value), 'day', 'days')} before the event: if it is late, it is not there.`,
        because: [before, spare],
        advice: 'Ask for an earlier day, borrow or hire one for this event, or plan without it.',
      };
    }
  },
});
