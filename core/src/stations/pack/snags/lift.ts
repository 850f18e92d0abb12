import { inWords, inOrder, numberOf, severityOf, type Figure } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import type { CaseResult } from '../lifting/lifts.js';
import { packRule } from '../result.js';

/** The lift of a case that is worst for one person. */
const worstOf = ({ lifts }: CaseResult): Figure =>
  Object.values(lifts)
    .map(({ index }) => index)
    .reduce((a, b) => ((numberOf(b) ?? Infinity) > (numberOf(a) ?? Infinity) ? b : a));

const HOW_MANY: Readonly<Record<number, string>> = { 2: 'two people', 3: 'three people' };

/** A case that one person should not lift, or more than those who are to lift it may. */
export const lift = packRule({
  rule: 'pack.lift',
  reads: ({ own, devices, units }) => ({ cases: own.cases, devices, units }),
  *find({ cases, devices, units }) {
    for (const [id, each] of Object.entries(cases)) {
      const { label, weight, people, left, unweighed } = each;
      const by = devices?.[id]?.lifters;
      const kg = `${(numberOf(unweighed) ?? 0) > 0 ? 'at least ' : ''}${inWords(numberOf(weight) ?? 0, 'kg', units)}`;
      const worst = worstOf(each);
      if (by === 1) {
        const severity = severityOf(worst);
        if (severity === undefined) continue;
        yield {
          severity,
          subjects: [id],
          title: `${label} (${kg}) is ${(numberOf(worst) ?? 0).toFixed(1)} times what one person should lift.`,
          because: [worst, weight],
          advice: 'Two names on this case, or wheels; keep it close, mind the step.',
        };
        continue;
      }
      if (left) {
        if (severityOf(left) === undefined) continue;
        yield {
          severity: 'risk',
          subjects: [id],
          title: `${label} (${kg}) is more than ${by ?? 0} people should lift.`,
          because: [left, weight],
          advice: 'A third person, wheels, or split it.',
        };
        continue;
      }
      const fewest = numberOf(people);
      const unmeasured = numberOf(worst) === undefined;
      if (fewest === 1 || (fewest === undefined && unmeasured)) continue;
      const wheels = each.wheels ? ' It goes on its wheels; a step or a boot needs a ramp.' : '';
      yield {
        severity: fewest === undefined && !each.wheels ? 'risk' : 'note',
        subjects: [id],
        title:
          fewest === undefined
            ? `${label} (${kg}) is more than three people should lift.${wheels}`
            : `${label} (${kg}) needs ${HOW_MANY[fewest] ?? ''} to lift.`,
        because: [people, weight],
        advice:
          fewest === undefined
            ? 'Split it, or let it go on wheels and over a ramp, never up a step.'
            : 'Names on this case; keep it close, mind the step; on stairs only 70 %.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own, devices }) {
    const known = inOrder(devices).some(([each]) => each === id);
    const by = devices?.[id]?.lifters ?? 1;
    const fewest = numberOf(own.cases[id]?.people);
    for (let people = Math.max(2, fewest ?? 2); known && people <= 3; people++)
      if (people > by)
        yield fix(
          `${people === 2 ? 'Two' : 'Three'} people lift it`,
          inPlan().put('devices', id, 'lifters', people),
        );
  },
});
