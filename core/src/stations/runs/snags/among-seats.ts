import { inWords, listed, numberOf, severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { alternativesOf } from '../alternatives.js';
import { runsRule } from '../result.js';

/** A lead that people step over as they find their seats. */
export const amongSeats = runsRule({
  rule: 'runs.among-seats',
  reads: ({ own, ground, rules }) => ({
    runs: own.runs,
    seats: own.amongSeats,
    areas: ground.venue.areas,
    units: rules.units,
  }),
  *find({ runs, seats, areas, units }) {
    for (const [id, { metres, blocks }] of Object.entries(seats)) {
      const severity = severityOf(metres);
      if (severity === undefined) continue;
      const names = listed(blocks.map(block => `“${areas?.[block]?.label ?? block}”`));
      yield {
        severity,
        subjects: [id],
        title: `${runs[id]?.label ?? id}: ${inWords(Number(metres.value), 'm', units)} of it lies among ${names}.`,
        because: [metres],
        advice: 'People trip over it as they find their seats: lead it round them, or tape all of it down.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    const now = numberOf(seen.own.amongSeats[id]?.metres) ?? 0;
    for (const { name, way, longer, seats } of alternativesOf(id, seen)) {
      if (!way || seats > now / 2) continue;
      const more = longer > 0 ? `, ${inWords(longer, 'm', seen.rules.units)} more` : '';
      yield fix(`Lead it ${name}${more}`, inPlan().put('links', id, 'way', way));
    }
  },
});
