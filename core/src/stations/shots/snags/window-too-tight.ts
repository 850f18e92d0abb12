import { severityOf } from '../../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../framing.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A window that is enlarged beyond the pixels of the sensor, or that leaves the picture it is cut from. */
export const windowTooTight = shotsRule({
  rule: 'shots.window-too-tight',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { window, camera = '' }] of Object.entries(results)) {
      if (!window) continue;
      const [outside, soft] = [severityOf(window.inside), severityOf(window.sharp)];
      const severity = outside ?? soft;
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title:
          outside === undefined
            ? `The window of ${names.camera} for ${names.shot} has fewer pixels than the output: it is soft.`
            : `The window of ${names.camera} for ${names.shot} leaves its picture.`,
        because: [window.crop, window.sharp, window.inside],
        advice: 'Frame the camera wider, take a wider window, or give the shot to another camera.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    const shot = seen.shots?.[id];
    if (!shot) return;
    for (const size of TIGHT_TO_WIDE.slice(TIGHT_TO_WIDE.indexOf(shot.size) + 1)) {
      yield fix(`Make it “${size}”`, inPlan().put('shots', id, 'size', size));
    }
    yield fix('Give it a frame of its own', inPlan().drop('shots', id, 'window'));
  },
});
