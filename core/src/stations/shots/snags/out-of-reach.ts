import { numberOf, severityOf } from '../../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../framing.js';
import { camerasFor, lensesFor } from '../from-shelf.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A lens that cannot frame the wanted shot from there. */
export const outOfReach = shotsRule({
  rule: 'shots.out-of-reach',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { reached, window, focalNeeded, frameGiven, frameWanted, ...of }] of Object.entries(
      results,
    )) {
      const severity = severityOf(reached);
      if (severity === undefined || window) continue;
      const { camera, shot } = namesOf(named, id);
      const tight = (numberOf(frameGiven) ?? 0) > (numberOf(frameWanted) ?? 0);
      yield {
        severity,
        subjects: [id, of.camera ?? ''],
        title: `${camera} cannot frame ${shot} that ${tight ? 'tight' : 'wide'} from where it is.`,
        because: [focalNeeded, reached, frameGiven],
        advice: 'Use a longer or shorter lens, or ask for another shot.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    const shot = seen.shots?.[id];
    if (!shot) return;
    const wider = TIGHT_TO_WIDE.slice(TIGHT_TO_WIDE.indexOf(shot.size) + 1);
    const narrower = TIGHT_TO_WIDE.slice(0, Math.max(0, TIGHT_TO_WIDE.indexOf(shot.size))).reverse();
    if (seen.devices?.[camera]?.focal !== undefined) {
      yield fix(
        'Cut it as a window from the picture of another shot',
        inPlan().put('shots', id, 'window', true),
      );
      yield fix('Let the focal length follow the shot', inPlan().drop('devices', camera, 'focal'));
    }
    yield* lensesFor(seen, camera);
    yield* camerasFor(seen, camera);
    for (const size of [...wider, ...narrower]) {
      yield fix(`Make it “${size}”`, inPlan().put('shots', id, 'size', size), 'size');
    }
    yield* movesOf(seen, camera);
  },
});
