import { numberOf, severityOf, worst } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';

/** A strip or reel plugged into another. */
export const stripsInSeries = powerRule({
  rule: 'power.strips-in-series',
  reads: ({ own, signal }) => ({ strips: own.strips, feeds: own.feeds, devices: signal.wiring.devices }),
  *find({ strips, feeds, devices }) {
    for (const [id, { series, direct }] of Object.entries(strips)) {
      const severity = worst([severityOf(series), direct && severityOf(direct)]);
      if (severity === undefined) continue;
      const label = devices[id]?.label ?? 'A strip';
      const into = devices[feeds[id]?.from ?? '']?.label ?? 'another';
      yield {
        severity,
        subjects: [id],
        title:
          (numberOf(series) ?? 0) > 2
            ? `${label} is the third strip in a row.`
            : `${label} is plugged into ${into}.`,
        because: direct ? [series, direct] : [series],
        advice: 'Plug each strip into the wall itself; a longer lead, or one strip with more outlets.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    yield* feedFromOutlets(seen, id, snag.id, seen.own.feeds[id]?.link);
  },
});
