import { contains, distance, inWords, pillarAt, type Point } from '../../../foundations/index.js';
import { groundRule } from '../result.js';
import { changeForEvent } from '../venue-changes.js';
import { inVenue } from '../../../edits.js';

/** A mark inside a pillar or outside the walls cannot be right. */
export const markInPillar = groundRule({
  rule: 'ground.mark-in-pillar',
  reads: ({ own }) => ({
    venueMarks: own.venue.marks,
    marks: own.marks,
    blockers: own.blockers,
    outline: own.venue.outline,
  }),
  *find({ venueMarks, marks, blockers, outline }) {
    for (const [id, { label, at }] of Object.entries(venueMarks ?? {})) {
      const pillar = pillarAt(blockers, at);
      if (!pillar && contains(outline, at)) continue;
      const figures = marks[id];
      yield {
        severity: 'stop',
        subjects: [id],
        title: `The mark “${label}” is ${pillar ? `inside pillar ${pillar.label}` : 'outside the walls'}.`,
        because: figures ? [figures.elevation] : [],
        advice: 'Measure the mark again and correct it.',
      };
    }
  },
  *fixes(snag, { own: { venue, blockers }, sharedVenue, venueChanges, rules }) {
    const id = snag.subjects[0] ?? '';
    const mark = venue.marks?.[id];
    if (!mark) return;
    const free = nearestFree(mark.at, at => contains(venue.outline, at) && !pillarAt(blockers, at));
    if (!free) return;
    yield {
      label: `Move the mark ${inWords(distance(mark.at, free), 'm', rules.units)} clear`,
      changes: [
        {
          document: 'plan',
          patch: changeForEvent(sharedVenue, venueChanges, inVenue().put('marks', id, 'at', free).patch),
        },
      ],
    };
  },
});

/** The nearest point on rings of 0.1 m steps that is free; undefined within 10 m. */
function nearestFree([x, y]: Point, free: (at: Point) => boolean): Point | undefined {
  for (let ring = 1; ring <= 100; ring++) {
    for (let turn = 0; turn < 16; turn++) {
      const angle = (turn * Math.PI) / 8;
      const at: Point = [
        Math.round((x + (Math.cos(angle) * ring) / 10) * 100) / 100,
        Math.round((y + (Math.sin(angle) * ring) / 10) * 100) / 100,
      ];
      if (free(at)) return at;
    }
  }
  return undefined;
}
