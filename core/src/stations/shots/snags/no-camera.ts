import { inOrder, type Rule } from '../../../foundations/index.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** A wanted shot that no camera takes. */
export const noCamera: Rule<ShotsSeen> = {
  rule: 'shots.no-camera',
  station: 'shots',
  find: seen =>
    Object.entries(seen.shots ?? {}).flatMap(([id, shot]) =>
      shot.camera !== undefined && seen.own.cameras[shot.camera]
        ? []
        : [
            {
              severity: 'risk',
              subjects: [id],
              title: `No camera takes ${namesOf(seen, id).shot}.`,
              because: [`shots.shots.${id}.frameWanted`],
              advice: 'Add a camera for it, or leave this shot out.',
            },
          ],
    ),
  fixes: (snag, { devices, own }) =>
    inOrder(devices)
      .filter(([id]) => own.cameras[id])
      .map(([id, device]) => ({
        label: `Give it to ${device.label}`,
        changes: [
          {
            document: 'plan',
            patch: [{ op: 'add', path: `/shots/${snag.subjects[0] ?? ''}/camera`, value: id }],
          },
        ],
      })),
};
