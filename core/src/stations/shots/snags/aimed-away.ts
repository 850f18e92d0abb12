import { direction, inView, inOrder, numberOf, type Rule } from '../../../foundations/index.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** A locked-off camera turned by hand so far that its shot has left the picture. */
export const aimedAway: Rule<ShotsSeen> = {
  rule: 'shots.aimed-away',
  station: 'shots',
  find: seen =>
    inOrder(seen.shots).flatMap(([id, shot]) => {
      const camera = seen.own.cameras[shot.camera ?? ''];
      const device = seen.devices?.[shot.camera ?? ''];
      const mark = seen.ground.venue.marks?.[shot.mark];
      const [aim, spread] = [numberOf(camera?.aim), numberOf(camera?.angleOfView)];
      if (!camera?.at || !mark || device?.worked !== 'locked' || aim === undefined || spread === undefined)
        return [];
      if (inView(aim, spread, direction(camera.at, mark.at))) return [];
      return [
        {
          severity: 'risk',
          subjects: [id, shot.camera ?? ''],
          title: `${camera.label} is locked off and does not point at ${namesOf(seen, id).shot}.`,
          because: [
            `shots.cameras.${shot.camera ?? ''}.aim`,
            `shots.cameras.${shot.camera ?? ''}.angleOfView`,
          ],
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    if (seen.devices?.[camera]?.place?.facing !== undefined) {
      yield {
        label: 'Point it at its first shot',
        changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/devices/${camera}/place/facing` }] }],
      };
    }
    for (const worked of ['remote', 'operated'] as const) {
      yield {
        label: worked === 'remote' ? 'Work it by remote control' : 'Put an operator on it',
        changes: [
          { document: 'plan', patch: [{ op: 'add', path: `/devices/${camera}/worked`, value: worked }] },
        ],
      };
    }
    yield {
      label: 'Take this shot off it',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/shots/${id}/camera` }] }],
    };
  },
};
