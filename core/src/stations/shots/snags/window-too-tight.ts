import type { Rule } from '../../../foundations/index.js';
import { TIGHT_TO_WIDE } from '../framing.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** A window that is enlarged beyond the pixels of the sensor, or that leaves the picture it is cut from. */
export const windowTooTight: Rule<ShotsSeen> = {
  rule: 'shots.window-too-tight',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { window, camera = '' }]) => {
      if (!window || (window.sharp.value !== false && window.inside.value !== false)) return [];
      const names = namesOf(seen, id);
      const outside = window.inside.value === false;
      return [
        {
          severity: 'risk' as const,
          subjects: [id, camera],
          title: outside
            ? `The window of ${names.camera} for ${names.shot} leaves its picture.`
            : `The window of ${names.camera} for ${names.shot} has fewer pixels than the output: it is soft.`,
          because: ['crop', 'sharp', 'inside'].map(name => `shots.shots.${id}.window.${name}`),
          advice: 'Frame the camera wider, take a wider window, or give the shot to another camera.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    const shot = seen.shots?.[id];
    if (!shot) return;
    for (const size of TIGHT_TO_WIDE.slice(TIGHT_TO_WIDE.indexOf(shot.size) + 1)) {
      yield {
        label: `Make it “${size}”`,
        changes: [{ document: 'plan', patch: [{ op: 'replace', path: `/shots/${id}/size`, value: size }] }],
      };
    }
    yield {
      label: 'Give it a frame of its own',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/shots/${id}/window` }] }],
    };
  },
};
