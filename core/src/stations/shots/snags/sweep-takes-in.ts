import { inWords, numberOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A crane that would hit something or swing over people, or a carried camera that comes into a way that must stay clear. */
export const sweepTakesIn = shotsRule({
  rule: 'shots.sweep-takes-in',
  reads: ({ own, equipment }) => ({ cameras: own.cameras, equipment }),
  *find({ cameras, equipment }) {
    for (const [id, { label, moving }] of Object.entries(cameras)) {
      if (!moving || moving.takesIn.value === null || moving.takesIn.value === 'none') continue;
      const crane = equipment?.[id]?.worked === 'crane';
      yield {
        severity: crane ? 'stop' : 'risk',
        subjects: [id],
        title: crane
          ? `The arm of ${label} comes into or over ${moving.takesIn.value}.`
          : `${label} is carried into ${moving.takesIn.value}, which must stay clear.`,
        because: [moving.takesIn, moving.sweep],
        advice: crane
          ? 'Nobody may stand or sit beneath a crane or in its sweep: rope it off, have somebody watch it, and let a competent person rig it.'
          : 'Keep its lead and whoever carries it out of that way, with a helper for the lead.',
      };
    }
  },
  *fixes(snag, seen) {
    const [camera = ''] = snag.subjects;
    const sweep = numberOf(seen.own.cameras[camera]?.moving?.sweep) ?? 0;
    for (let value = Math.ceil(sweep * 2 - 1) / 2; value >= 0.5; value -= 0.5) {
      yield fix(
        `Let ${seen.devices?.[camera]?.label ?? 'it'} move no farther than ${inWords(value, 'm', seen.rules.units)}`,
        inPlan().put('devices', camera, 'sweep', value),
      );
    }
    yield* movesOf(seen, camera);
  },
});
