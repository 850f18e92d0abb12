import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** People who have not consented must not be in frame. */
export const noFilm = shotsRule({
  rule: 'shots.no-film',
  reads: ({ own }) => ({ cameras: own.cameras }),
  *find({ cameras }) {
    for (const [id, { label, noFilm: seen }] of Object.entries(cameras)) {
      const severity = severityOf(seen);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} has part of a no-film area in its picture: ${String(seen.value)}.`,
        because: [seen],
        advice: 'Move or turn the camera: people there have not agreed to be seen.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    if (seen.devices?.[id]?.place?.facing !== undefined) {
      yield fix('Turn it back to its first shot', inPlan().drop('devices', id, 'place', 'facing'));
    }
    yield* movesOf(seen, id);
  },
});
