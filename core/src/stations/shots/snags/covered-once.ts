import { inOrder, listed, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';

/** Marks that only one of several cameras could show: if that one fails, nothing is left of them. */
export const coveredOnce = shotsRule({
  rule: 'shots.covered-once',
  reads: ({ own, ground }) => ({ cameras: own.cameras, coverage: own.coverage, marks: ground.venue.marks }),
  *find({ cameras, coverage, marks }) {
    if (Object.values(cameras).filter(({ at }) => at).length < 2) return;
    const byCamera = new Map<string, string[]>();
    for (const [mark] of inOrder(marks)) {
      const covered = coverage[mark];
      if (!covered || severityOf(covered.count) === undefined) continue;
      const only = Object.entries(covered.cameras).find(([, { value }]) => value === 'yes')?.[0];
      if (only !== undefined) byCamera.set(only, [...(byCamera.get(only) ?? []), mark]);
    }
    for (const [camera, only] of byCamera) {
      const names = listed(only.map(mark => marks?.[mark]?.label ?? 'a mark'));
      yield {
        severity: 'note',
        subjects: [camera],
        title: `Only ${cameras[camera]?.label ?? 'one camera'} could show ${names}.`,
        because: only.flatMap(mark => coverage[mark]?.count ?? []),
        advice:
          'If that camera fails nothing is left of them: place another so that it sees them too, or accept it.',
      };
    }
  },
});
