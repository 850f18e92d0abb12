import type { Rule } from '../../../foundations/index.js';
import type { ShotsSeen } from '../words.js';

/** Two shots of one mark so alike that a cut between them looks like a mistake. */
export const poorCut: Rule<ShotsSeen> = {
  rule: 'shots.poor-cut',
  station: 'shots',
  find: ({ own, ground, shots }) =>
    Object.entries(own.cuts).flatMap(([id, { mark, shots: both, angle, good }]) => {
      if (good.value !== false) return [];
      const names = both.map(each => own.cameras[shots?.[each]?.camera ?? '']?.label ?? 'a camera');
      return [
        {
          severity: 'note',
          subjects: [...both],
          title: `${names.join(' and ')} show ${ground.venue.marks?.[mark]?.label ?? 'a mark'} too much alike to cut between: ${Math.round(Number(angle.value))}° apart and the same size.`,
          because: [`shots.cuts.${id}.angle`, `shots.cuts.${id}.good`],
          advice: 'Make one of them a size wider or tighter, or put 30° between the cameras.',
        },
      ];
    }),
  *fixes(snag, { shots }) {
    for (const id of snag.subjects) {
      const size = shots?.[id]?.size;
      if (size !== 'waist up' && size !== 'chest up' && size !== 'head and shoulders') continue;
      const other = size === 'waist up' ? 'head and shoulders' : 'knees up';
      yield {
        label: `Make the ${id === snag.subjects[0] ? 'first' : 'second'} “${other}”`,
        changes: [{ document: 'plan', patch: [{ op: 'replace', path: `/shots/${id}/size`, value: other }] }],
      };
    }
  },
};
