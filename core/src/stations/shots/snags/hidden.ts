import { listed, numberOf, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf } from '../words.js';

/** A wall or pillar between camera and subject. */
export const hidden = shotsRule({
  rule: 'shots.hidden',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { sight, hidden: share, hiddenBy, camera: by = '' }] of Object.entries(results)) {
      const severity = severityOf(sight) ?? severityOf(share);
      if (severity === undefined) continue;
      const { camera, shot } = namesOf(named, id);
      const percent = Math.round(numberOf(share) ?? 0);
      yield {
        severity,
        subjects: [id, by],
        title: `${camera} cannot see all of ${shot}: ${culprits(hiddenBy)} ${percent} % of the frame.`,
        because: [share, sight],
        advice: 'Give this shot to a camera on the other side, or move the mark.',
      };
    }
  },
  fixes: (snag, seen) => movesOf(seen, snag.subjects[1]),
});

/** `pillar N3 hides` or `pillar N3 and a wall hide`. */
function culprits(by: readonly { id: string; label: string }[]): string {
  const names = by.map(each => (each.id === 'walls' ? 'a wall' : `pillar ${each.label}`));
  return names.length < 2 ? `${names[0] ?? 'something'} hides` : `${listed(names)} hide`;
}
