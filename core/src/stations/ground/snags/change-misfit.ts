import { groundRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** What a path of the venue is about, in words: `one of the house lines`, `the outline`. */
function changedIn(path: string): string {
  const [, map = '', key] = path.split('/');
  const words = map.replace(/[A-Z]/g, letter => ` ${letter.toLowerCase()}`) || 'venue';
  return key === undefined || /^\d+$|^-$/.test(key) ? `the ${words}` : `one of the ${words}`;
}

/** A change made for this event whose place in the venue is gone. */
export const changeMisfit = groundRule({
  rule: 'ground.change-misfit',
  reads: ({ own, venueChanges }) => ({ misfits: own.misfits, venueChanges }),
  *find({ misfits, venueChanges }) {
    for (const id of misfits) {
      yield {
        severity: 'risk',
        subjects: [id],
        title: `This event’s change to ${changedIn(venueChanges?.[id]?.path ?? '')} no longer fits the survey.`,
        because: [],
      };
    }
  },
  fixes: snag => [fix('Drop this change', inPlan().drop('venueChanges', snag.subjects[0] ?? ''))],
});
