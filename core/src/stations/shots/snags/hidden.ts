import { listed, numberOf, type Rule } from '../../../foundations/index.js';
import { HIDDEN_BEARABLE } from '../sight.js';
import { movesOf, namesOf, type ShotsSeen } from '../words.js';

/** A wall or pillar between camera and subject. */
export const hidden: Rule<ShotsSeen> = {
  rule: 'shots.hidden',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, shot]) => {
      const share = numberOf(shot.hidden) ?? 0;
      if (shot.sight.value !== 'blocked' && share <= HIDDEN_BEARABLE) return [];
      const { camera, shot: name } = namesOf(seen, id);
      return [
        {
          severity: shot.sight.value === 'blocked' ? 'stop' : 'risk',
          subjects: [id, shot.camera ?? ''],
          title: `${camera} cannot see all of ${name}: ${culprits(shot.hiddenBy)} ${Math.round(share)} % of the frame.`,
          because: [`shots.shots.${id}.hidden`, `shots.shots.${id}.sight`],
          advice: 'Give this shot to a camera on the other side, or move the mark.',
        },
      ];
    }),
  fixes: (snag, seen) => movesOf(seen, snag.subjects[1]),
};

/** `pillar N3 hides` or `pillar N3 and a wall hide`. */
function culprits(by: readonly { id: string; label: string }[]): string {
  const names = by.map(each => (each.id === 'walls' ? 'a wall' : `pillar ${each.label}`));
  return names.length < 2 ? `${names[0] ?? 'something'} hides` : `${listed(names)} hide`;
}
