import { numberOf, type Rule } from '../../../foundations/index.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** A shot from above that is taken at a slant: what lies on the table is foreshortened. */
export const notStraightDown: Rule<ShotsSeen> = {
  rule: 'shots.not-straight-down',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { viewVerdict, verticalAngle, camera = '' }]) => {
      const slanting = seen.shots?.[id]?.size === 'from above' && viewVerdict.value === 'poor';
      if (!slanting || numberOf(verticalAngle) === undefined) return [];
      const names = namesOf(seen, id);
      return [
        {
          severity: 'risk' as const,
          subjects: [id, camera],
          title: `${names.camera} does not look straight down on ${names.shot}.`,
          because: [`shots.shots.${id}.verticalAngle`, `shots.shots.${id}.viewVerdict`],
          advice: 'Hang it over the middle, within 10° of straight down.',
        },
      ];
    }),
  *fixes(snag, { shots, devices, ground }) {
    const [id = '', camera = ''] = snag.subjects;
    const at = ground.venue.marks?.[shots?.[id]?.mark ?? '']?.at;
    const device = devices?.[camera];
    if (!at || !device?.place) return;
    for (const height of [3, 2.4, device.place.height ?? 2]) {
      yield {
        label: `Put ${device.label} straight above, lens at ${height} m`,
        changes: [
          {
            document: 'plan',
            patch: [
              { op: 'add', path: `/devices/${camera}/place/at`, value: at },
              { op: 'add', path: `/devices/${camera}/place/height`, value: height },
            ],
          },
        ],
      };
    }
  },
};
