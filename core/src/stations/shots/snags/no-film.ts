import type { Rule } from '../../../foundations/index.js';
import { movesOf, type ShotsSeen } from '../words.js';

/** People who have not consented must not be in frame. */
export const noFilm: Rule<ShotsSeen> = {
  rule: 'shots.no-film',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.cameras).flatMap(([id, camera]) =>
      typeof camera.noFilm.value === 'string' && camera.noFilm.value !== 'none'
        ? [
            {
              severity: 'stop',
              subjects: [id],
              title: `${camera.label} has part of a no-film area in its picture: ${camera.noFilm.value}.`,
              because: [`shots.cameras.${id}.noFilm`],
              advice: 'Move or turn the camera: people there have not agreed to be seen.',
            },
          ]
        : [],
    ),
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    if (seen.devices?.[id]?.place?.facing !== undefined) {
      yield {
        label: 'Turn it back to its first shot',
        changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/devices/${id}/place/facing` }] }],
      };
    }
    yield* movesOf(seen, id);
  },
};
