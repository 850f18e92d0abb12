import { direction, inOrder, inView, numberOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A locked-off camera turned by hand so far that its shot has left the picture. */
export const aimedAway = shotsRule({
  rule: 'shots.aimed-away',
  reads: seen => ({ ...namedIn(seen), equipment: seen.equipment }),
  *find(named) {
    const { shots, cameras, marks, equipment } = named;
    for (const [id, { camera: by = '', mark: of }] of inOrder(shots)) {
      const [camera, mark] = [cameras[by], marks?.[of]];
      const [aim, spread] = [numberOf(camera?.aim), numberOf(camera?.angleOfView)];
      if (equipment?.[by]?.worked !== 'locked') continue;
      if (!camera?.at || !mark || aim === undefined || spread === undefined) continue;
      if (inView(aim, spread, direction(camera.at, mark.at))) continue;
      yield {
        severity: 'risk',
        subjects: [id, by],
        title: `${camera.label} is locked off and does not point at ${namesOf(named, id).shot}.`,
        because: [camera.aim, camera.angleOfView],
      };
    }
  },
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    if (seen.devices?.[camera]?.place?.facing !== undefined) {
      yield fix('Point it at its first shot', inPlan().drop('devices', camera, 'place', 'facing'));
    }
    for (const worked of ['remote', 'operated'] as const) {
      yield fix(
        worked === 'remote' ? 'Work it by remote control' : 'Put an operator on it',
        inPlan().put('devices', camera, 'worked', worked),
      );
    }
    yield fix('Take this shot off it', inPlan().drop('shots', id, 'camera'));
  },
});
