import { inOrder, listed, type Rule } from '../../../foundations/index.js';
import type { ShotsSeen } from '../words.js';

/** Marks that only one of several cameras could show: if that one fails, nothing is left of them. */
export const coveredOnce: Rule<ShotsSeen> = {
  rule: 'shots.covered-once',
  station: 'shots',
  find: ({ own, ground }) => {
    if (Object.values(own.cameras).filter(({ at }) => at).length < 2) return [];
    const byCamera = new Map<string, string[]>();
    for (const [mark] of inOrder(ground.venue.marks)) {
      const able = Object.entries(own.coverage[mark]?.cameras ?? {}).filter(
        ([, { value }]) => value === 'yes',
      );
      const [only] = able;
      if (!only || able.length > 1) continue;
      byCamera.set(only[0], [...(byCamera.get(only[0]) ?? []), mark]);
    }
    return [...byCamera].map(([camera, marks]) => ({
      severity: 'note' as const,
      subjects: [camera],
      title: `Only ${own.cameras[camera]?.label ?? 'one camera'} could show ${listed(marks.map(mark => ground.venue.marks?.[mark]?.label ?? 'a mark'))}.`,
      because: marks.map(mark => `shots.coverage.${mark}.count`),
      advice:
        'If that camera fails nothing is left of them: place another so that it sees them too, or accept it.',
    }));
  },
};
