import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { liftLimit } from '../lifting/lifters.js';
import { packRule } from '../result.js';
import { caseInWords, worstOf } from './lift.js';

/** Somebody who is named on a case, and would carry more than they lift. */
export const lifter = packRule({
  rule: 'pack.lifter',
  reads: ({ own, people, units }) => ({ cases: own.cases, people, units }),
  *find({ cases, people, units }) {
    for (const [id, each] of Object.entries(cases)) {
      const by = each.by ?? 0;
      // What one alone should lift, the lifting equation says.
      if (numberOf(each.pieces) === 0 || (by === 1 && severityOf(worstOf(each)))) continue;
      for (const [person, { name, young, left }] of Object.entries(each.lifters)) {
        if (!severityOf(left)) continue;
        const limit = liftLimit(people[person] ?? {});
        const may =
          limit === 0
            ? 'lifts nothing'
            : `lifts ${inWords(limit, 'kg', units)} at most${young ? ', under 18' : ''}`;
        yield {
          severity: 'risk',
          subjects: [id, person],
          title: `${name} ${may}, and is ${by === 1 ? 'alone' : `one of ${by}`} on ${caseInWords(each, units)}.`,
          because: [left, each.weight],
          advice: 'Somebody else on this case; ask people what they lift, and never why.',
        };
      }
    }
  },
  *fixes({ subjects: [id = '', person = ''] }, { own, devices, people }) {
    const names = devices?.[id]?.liftedBy ?? [];
    const share = (numberOf(own.cases[id]?.weight) ?? 0) / Math.max(own.cases[id]?.by ?? 1, 1);
    const able = Object.entries(people)
      .filter(([other, each]) => !names.includes(other) && liftLimit(each) >= share)
      .toSorted(([, a], [, b]) => liftLimit(b) - liftLimit(a));
    for (const [other, { name }] of able)
      yield fix(
        `${name} in their place`,
        inPlan().put(
          'devices',
          id,
          'liftedBy',
          names.map(each => (each === person ? other : each)),
        ),
        'somebody',
      );
  },
});
