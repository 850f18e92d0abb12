import { listed, numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** A day without a break to eat and rest; those under 18 need one sooner. */
export const longStretch = handsRule({
  rule: 'hands.long-stretch',
  reads: ({ own, people }) => ({ stretch: own.stretch, young: own.young, people }),
  *find({ stretch, young, people }) {
    const tooLong = Object.entries(young).filter(([, { stretch: own }]) => severityOf(own) !== undefined);
    const severity = severityOf(stretch) ?? (tooLong[0] && severityOf(tooLong[0][1].stretch));
    if (severity === undefined) return;
    const hours = `${(numberOf(stretch) ?? 0).toFixed(1)} h`;
    const names = listed(tooLong.map(([id]) => people[id]?.name ?? id));
    yield {
      severity,
      subjects: tooLong.map(([id]) => id),
      title: `The running order goes on for ${hours} without a break${names === '' ? '' : `; ${names} under 18 ${tooLong.length === 1 ? 'needs' : 'need'} one sooner`}.`,
      because: [stretch, ...tooLong.map(([, { stretch: own }]) => own)],
      advice:
        'Plan a time of waiting of 20 minutes or more, with something to eat and water; or relieve people in turn.',
    };
  },
});
